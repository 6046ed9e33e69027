'use client';

import { fieldRuleAt, getAt, type Measure } from '@/core/model';
import { useMachine } from '@/features/frame';
import { QuantityField } from '@/ui/quantity-field';
import { inputText } from '@/words';

/** One measured input of the open machine, by its path from the root. */
export function MachineField({ path, label }: { path: string; label?: string }) {
  const { project, editor, system } = useMachine();
  const rule = fieldRuleAt(path.replace(/^axes\.\d+\./, ''));
  if (!rule) throw new RangeError(`no measured input at ${path}`);
  const text = inputText(path);
  return (
    <QuantityField
      label={label ?? text.label}
      help={text.help}
      kind={rule.kind}
      value={(getAt(project, path) ?? null) as Measure | null}
      system={system}
      optional={rule.optional ?? false}
      onText={(typed, visit) => editor.type(path, typed, visit)}
      onBasis={(basis) => editor.setBasis(path, basis)}
    />
  );
}
