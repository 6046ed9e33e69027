'use client';

import InputBase from '@mui/material/InputBase';
import { useId, useState } from 'react';
import { columnsOf, type Family, type Part, partFault } from '@/core/catalogue';
import { type Axis, getAt, isMeasure, type OwnPart } from '@/core/model';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { type Refused, useRefusal } from '@/ui/refusal';
import { labelOf, wantedWords } from '@/words';
import styles from './own-part-form.module.css';

interface FormProps {
  readonly family: Family;
  readonly like: Part | undefined;
  /** What is fitted now, where something is: what the picked part does not state begins with it. */
  readonly fitted?: Axis | undefined;
  /** How many lie there to begin with. */
  readonly onHand?: number;
  /** Takes the part; gives the reason where it was refused. */
  readonly onAdd: (part: OwnPart) => Refused;
  readonly onCancel: () => void;
}

/** Fields of the form that are no column of a family. */
const formNames: Record<string, string> = {
  name: 'Name',
  price: 'Price in €',
  onHand: 'On hand',
  note: 'Where its figures come from',
};

/** What an axis has at a path, as a text. */
function nowAt(axis: Axis | undefined, path: string): string {
  const value = axis && getAt(axis, path);
  if (isMeasure(value)) return value.typed;
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}

const nameOf = (field: string) =>
  formNames[field] ?? (labelOf(field) === field ? field.split('.').pop()! : labelOf(field));

interface Draft {
  readonly name: string;
  readonly values: Readonly<Record<string, string>>;
  readonly price: string;
  readonly onHand: string;
  readonly note: string;
}

const partOf = (family: Family, draft: Draft): OwnPart => ({
  id: freshId(),
  family: family.id,
  name: draft.name.trim(),
  values: Object.fromEntries(
    Object.entries(draft.values)
      .map(([path, typed]) => [path, typed.trim()] as const)
      .filter(([, typed]) => typed !== ''),
  ),
  price: draft.price.trim() === '' ? null : Number(draft.price.replace(',', '.')),
  onHand: Number(draft.onHand),
  note: draft.note.trim(),
});

/**
 * A part of the builder's own: the columns of its family, started from the picked part or from what is
 * fitted.
 */
export function OwnPartForm({ family, like, fitted, onHand = 0, onAdd, onCancel }: FormProps) {
  const paths = columnsOf(family);
  const refusal = useRefusal();
  const [draft, setDraft] = useState<Draft>(() => ({
    name: like ? `${like.name} (own)` : `Own ${family.name.toLowerCase()}`,
    values: Object.fromEntries(paths.map((p) => [p, like?.values[p] ?? nowAt(fitted, p)])),
    price: '',
    onHand: String(onHand),
    note: '',
  }));
  const add = () => {
    const fault = partFault(family, draft);
    if (!fault) return onAdd(partOf(family, draft));
    return `${nameOf(fault.field)}: read “${fault.read}”; wanted ${wantedWords(fault.wanted)}.`;
  };
  const own = (field: 'name' | 'price' | 'onHand' | 'note') => (
    <Row
      label={nameOf(field)}
      value={draft[field]}
      most={field === 'note' ? 500 : 80}
      onText={(text) => setDraft({ ...draft, [field]: text })}
    />
  );
  return (
    <form
      aria-label={`Own part: ${family.name}`}
      onSubmit={(e) => {
        e.preventDefault();
        refusal.attempt(add);
      }}
    >
      {own('name')}
      {paths.map((path) => (
        <Row
          key={path}
          label={nameOf(path)}
          value={draft.values[path] ?? ''}
          most={80}
          onText={(text) => setDraft({ ...draft, values: { ...draft.values, [path]: text } })}
        />
      ))}
      {own('price')}
      {own('onHand')}
      {own('note')}
      {refusal.note}
      <div className={styles.formFoot}>
        <Action onAct={onCancel}>Back to the list</Action>
        <Action variant="contained" submit>
          Keep this part
        </Action>
      </div>
    </form>
  );
}

interface RowProps {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onText: (text: string) => void;
}

function Row({ label, value, most, onText }: RowProps) {
  const id = useId();
  return (
    <div className={styles.formRow}>
      <label htmlFor={id}>{label}</label>
      <InputBase
        id={id}
        value={value}
        autoComplete="off"
        slotProps={{ input: { maxLength: most } }}
        onChange={(e) => onText(e.target.value)}
      />
    </div>
  );
}
