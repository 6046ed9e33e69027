'use client';

import { useCallback } from 'react';
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
  const onText = useCallback(
    (typed: string, visit: string) => editor.type(path, typed, visit),
    [editor, path],
  );
  const onBasis = useCallback((basis: Measure['basis']) => editor.setBasis(path, basis), [editor, path]);
  return (
    <QuantityField
      label={text.label}
      help={text.help}
      kind={rule.kind}
      value={(getAt(stored, path) ?? null) as Measure | null}
      system={system}
      optional={rule.optional ?? false}
      onText={onText}
      onBasis={onBasis}
    />
  );
}
