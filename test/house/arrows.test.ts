import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

// The linter is asked about files that do not exist: what would it say if somebody wrote this there?
const eslint = new ESLint({ cwd: process.cwd() });
const complaints = async (filePath: string, code: string) => {
  const [result] = await eslint.lintText(code, { filePath });
  return result!.messages.map((m) => m.ruleId);
};

describe('the arrows between rooms are kept by the linter', () => {
  it.each([
    [
      'src/core/units/kinds.ts',
      "import { axisReport } from '@/core/machine';\nexport const x = axisReport;\n",
    ],
    ['src/core/units/kinds.ts', "import { axisReport } from '../machine';\nexport const x = axisReport;\n"],
    ['src/core/motion/torque.ts', "import { screw } from '@/core/drives';\nexport const x = screw;\n"],
    ['src/core/catalogue/screws.ts', "import { screw } from '@/core/drives';\nexport const x = screw;\n"],
    ['src/core/model/rule.ts', "import { issueText } from '@/words';\nexport const x = issueText;\n"],
    ['src/core/machine/axis/report.ts', "import { sceneOf } from '../whole';\nexport const x = sceneOf;\n"],
    [
      'src/core/choose/doubt.ts',
      "import { analyse } from '@/core/machine/axis';\nexport const x = analyse;\n",
    ],
    ['src/words/rules.ts', "import { Fold } from '@/ui/fold';\nexport const x = Fold;\n"],
    ['src/storage/machines.ts', "import { Session } from '@/session';\nexport const x = Session;\n"],
    [
      'src/features/frame/export.ts',
      "import { MendSheet } from '@/features/mend';\nexport const x = MendSheet;\n",
    ],
    [
      'src/features/brief/bodies.tsx',
      "import { SizeStation } from '@/features/size';\nexport const x = SizeStation;\n",
    ],
    ['src/ui/theme.ts', "import { axisReport } from '@/core/machine';\nexport const x = axisReport;\n"],
    ['src/cli/report.ts', "import { useMachine } from '@/session';\nexport const x = useMachine;\n"],
  ])(
    '%s may not say: %s',
    async (file, code) => {
      expect(await complaints(file, code)).toContain('boundaries/dependencies');
    },
    60_000,
  );

  it('a proper import is left alone', async () => {
    expect(
      await complaints(
        'src/core/machine/axis/report.ts',
        "import { screw } from '@/core/drives';\nexport const x = screw;\n",
      ),
    ).toEqual([]);
  }, 60_000);

  it.each([
    ["import { useState } from 'react';\nexport const x = useState;\n", 'no-restricted-imports'],
    ['export const x = Math.random();\n', 'no-restricted-properties'],
    ['export const x = new Date();\n', 'no-restricted-syntax'],
    ['export const x = window.name;\n', 'no-restricted-globals'],
  ])(
    'the core may not say: %s',
    async (code, rule) => {
      expect(await complaints('src/core/motion/torque.ts', code)).toContain(rule);
    },
    60_000,
  );
});
