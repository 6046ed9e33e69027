'use client';

import { type Axis, fieldRuleAt, getAt, type Measure } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { QuantityField } from '@/ui/quantity-field';
import { type FieldText, fieldText } from './labels';
import type { AxisFieldPath } from '@/core/model';
import type { AxisEditor } from './use-axis-editor';

/** One measured input of an axis. */
export function AxisField({
  axis,
  path,
  editor,
  system,
}: {
  axis: Axis;
  path: AxisFieldPath;
  editor: AxisEditor;
  system: UnitSystem;
}) {
  const value = (getAt(axis, path) ?? null) as Measure | null;
  const text: FieldText = fieldText[path];
  const rule = fieldRuleAt(path)!;
  return (
    <QuantityField
      label={text.label}
      help={text.help}
      kind={rule.kind}
      value={value}
      system={system}
      optional={rule.optional ?? false}
      onText={(typed, visit) => editor.type(path, typed, visit)}
      onBasis={(basis) => editor.setBasis(path, basis)}
    />
  );
}
