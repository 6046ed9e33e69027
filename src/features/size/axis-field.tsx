'use client';

import { type AxisFieldPath, fieldRuleAt, getAt, type Measure } from '@/core/model';
import { useMachine } from '@/features/frame';
import { QuantityField } from '@/ui/quantity-field';
import { type FieldText, fieldText } from '@/words';
import { useAxis } from './axis-context';

/** One measured input of the axis on the bench. */
export function AxisField({ path }: { path: AxisFieldPath }) {
  const { system } = useMachine();
  const { stored, editor } = useAxis();
  const text: FieldText = fieldText[path];
  const rule = fieldRuleAt(path)!;
  return (
    <QuantityField
      label={text.label}
      help={text.help}
      kind={rule.kind}
      value={(getAt(stored, path) ?? null) as Measure | null}
      system={system}
      optional={rule.optional ?? false}
      onText={(typed, visit) => editor.type(path, typed, visit)}
      onBasis={(basis) => editor.setBasis(path, basis)}
    />
  );
}
