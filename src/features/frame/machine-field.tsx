'use client';

import { fieldRuleAt, getAt, type Measure, type Project } from '@/core/model';
import { inputText } from '@/features/words';
import { QuantityField } from '@/ui/quantity-field';
import styles from './machine-field.module.css';
import type { MachineEditor } from './use-machine-editor';

/** One measured input of a machine, by its path from the root. */
export function MachineField({
  project,
  path,
  editor,
  label,
}: {
  project: Project;
  path: string;
  editor: MachineEditor;
  label?: string;
}) {
  const rule = fieldRuleAt(path.replace(/^axes\.\d+\./, ''));
  if (!rule) throw new RangeError(`no measured input at ${path}`);
  const text = inputText(path);
  return (
    <QuantityField
      label={label ?? text.label}
      help={text.help}
      kind={rule.kind}
      value={(getAt(project, path) ?? null) as Measure | null}
      system={project.units}
      optional={rule.optional ?? false}
      onText={(typed, visit) => editor.type(path, typed, visit)}
      onBasis={(basis) => editor.setBasis(path, basis)}
    />
  );
}

/** A choice among words, with the reason where a rule forbids it. */
export function MachineChoice<T extends string>({
  label,
  value,
  options,
  onPick,
}: {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onPick: (value: T) => void;
}) {
  return (
    <label className={styles.choice}>
      <span>{label}</span>
      <select value={value} onChange={(e) => onPick(e.target.value as T)}>
        {options.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}
