'use client';

import useEventCallback from '@mui/utils/useEventCallback';
import { fieldRuleAt, getAt, type Measure } from '@/core/model';
import { useMachine } from '@/features/frame';
import type { BasisName } from '@/ui/basis-mark';
import { QuantityField } from '@/ui/quantity-field';
import { formatQuantity } from '@/core/units';
import { inputText } from '@/words';

interface MachineFieldProps {
  readonly path: string;
  readonly label?: string;
  /** What is taken as long as nothing is typed, SI; left out: nothing is. */
  readonly proposed?: number | undefined;
}

/** One measured input of the open machine, by its path from the root. */
export function MachineField({ path, label, proposed }: MachineFieldProps) {
  const { project, editor, system } = useMachine();
  const text = inputText(path);
  // The same whatever the machine has become: a keystroke in one field draws no other.
  const onText = useEventCallback((typed: string, visit: string) => editor.type(path, typed, visit));
  const onBasis = useEventCallback((basis: BasisName) => editor.setBasis(path, basis));
  const rule = fieldRuleAt(path.replace(/^axes\.\d+\./, ''));
  if (!rule) throw new RangeError(`no measured input at ${path}`);
  return (
    <QuantityField
      label={label ?? text.label}
      help={text.help}
      kind={rule.kind}
      value={(getAt(project, path) ?? null) as Measure | null}
      system={system}
      optional={rule.optional ?? false}
      proposed={proposed === undefined ? undefined : formatQuantity(rule.kind, proposed, system, 4).text}
      onText={onText}
      onBasis={onBasis}
    />
  );
}
