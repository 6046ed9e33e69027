'use client';

import { useState } from 'react';
import { fileName } from '@/core/formats';
import { labelsFile } from '@/drawings';
import { machineHref, useMachine, useWriting } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import { SheetDialog } from '@/ui/sheet-dialog';
import type { PartRow } from './rows';

type SheetId = 'a4-24' | 'letter-30';
const sheets = [
  ['a4-24', 'A4, 24 labels of 70 × 37 mm'],
  ['letter-30', 'Letter, 30 labels of 2.63 × 1 in'],
] as const;
const MOST_SKIP = { 'a4-24': 23, 'letter-30': 29 } as const;

/** Labels for boxes and bags of what is shown, each with a code that leads back to its line. */
export function LabelsButton({ rows }: { readonly rows: readonly PartRow[] }) {
  const { project } = useMachine();
  const [open, setOpen] = useState(false);
  const [sheet, setSheet] = useState<SheetId>(project.units === 'metric' ? 'a4-24' : 'letter-30');
  const [skip, setSkip] = useState(0);
  const file = useWriting();
  const write = () =>
    file.write(async () => {
      const data = await labelsFile(
        project,
        rows.map((r) => r.line),
        sheet,
        {
          skip: Math.min(skip, MOST_SKIP[sheet]),
          made: new Date(),
          addressOf: (key) =>
            `${window.location.origin}${machineHref('build', project.id)}&part=${encodeURIComponent(key)}`,
        },
      );
      setOpen(false);
      return { name: fileName(`${project.name} labels`, 'pdf'), data, type: 'application/pdf' };
    });
  return (
    <>
      <Action onAct={() => setOpen(true)}>Labels</Action>
      {open && (
        <SheetDialog
          title="Labels for boxes and bags"
          onClose={() => setOpen(false)}
          foot={
            <>
              <Action onAct={() => setOpen(false)}>Close</Action>
              <Action variant="contained" disabled={!rows.length} onAct={() => void write()}>
                Write the PDF
              </Action>
            </>
          }
        >
          <p>
            One for each of the {rows.length} lines that are shown, with a code that opens the part here.
            Print it in true size, without scaling.
          </p>
          <Choice label="Sheet" value={sheet} options={sheets} onPick={setSheet} />
          <p>Labels of the first sheet that are used up:</p>
          <NumberLine
            label="Labels used up"
            value={skip}
            most={MOST_SKIP[sheet]}
            whole
            onNumber={(v) => setSkip(v ?? 0)}
          />
          {file.notice}
        </SheetDialog>
      )}
    </>
  );
}
