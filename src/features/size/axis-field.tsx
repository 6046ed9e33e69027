'use client';

import { type Axis, fieldRuleAt, getAt, type Measure } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { QuantityField } from '@/ui/quantity-field';
import { fieldText } from './labels';
import type { AxisFieldPath } from '@/core/model';
import type { AxisEditor } from './use-axis-editor';

const optionalPaths = new Set<string>(['reducer.inputSpeed', 'demands.jerk', 'guide.railLength', 'guide.carriageSpan', 'drive.nutOffset', 'drive.screwInertia', 'drive.bearingStiffness', 'drive.thread.dynamicLoad', 'drive.thread.nutStiffness', 'drive.thread.speedLimit', 'driver.maxVoltage', 'driver.maxCrestCurrent']);

/** One measured input of an axis. */
export function AxisField({ axis, path, editor, system }: { axis: Axis; path: AxisFieldPath; editor: AxisEditor; system: UnitSystem }) {
  const value = (getAt(axis, path) ?? null) as Measure | null;
  const text = fieldText[path];
  return (
    <QuantityField
      label={text.label} help={text.help} kind={fieldRuleAt(path)!.kind} value={value} system={system} optional={optionalPaths.has(path)}
      onText={(typed, visit) => editor.type(path, typed, visit)} onBasis={(basis) => editor.setBasis(path, basis)}
    />
  );
}
