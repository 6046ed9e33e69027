'use client';

import { useId, useState } from 'react';
import { columnsOf, type Family, type Part, partFault } from '@/core/catalogue';
import { type Axis, getAt, isMeasure, type OwnPart } from '@/core/model';
import { freshId } from '@/session';
import { labelOf } from '../labels';
import styles from './exchange.module.css';

interface FormProps {
  readonly axis: Axis;
  readonly family: Family;
  readonly like: Part | undefined;
  readonly onAdd: (part: OwnPart) => void;
  readonly onCancel: () => void;
}

/** Fields of the form that are no column of a family. */
const formNames: Record<string, string> = { name: 'Name', price: 'Price', onHand: 'On hand' };

/** What the axis has now at a path, as a text. */
function nowAt(axis: Axis, path: string): string {
  const value = getAt(axis, path);
  return isMeasure(value)
    ? value.typed
    : typeof value === 'string' || typeof value === 'number'
      ? String(value)
      : '';
}

/**
 * A part of the builder's own: the columns of its family, started from the picked part or from what is
 * fitted.
 */
export function OwnPartForm({ axis, family, like, onAdd, onCancel }: FormProps) {
  const id = useId();
  const paths = columnsOf(family);
  const [name, setName] = useState(like ? `${like.name} (own)` : `Own ${family.name.toLowerCase()}`);
  const [values, setValues] = useState<Record<string, string>>(() =>
    Object.fromEntries(paths.map((p) => [p, like?.values[p] ?? nowAt(axis, p)])),
  );
  const [price, setPrice] = useState('');
  const [onHand, setOnHand] = useState('0');
  const [note, setNote] = useState('');
  const [fault, setFault] = useState<string | undefined>();
  const add = () => {
    const read = partFault(family, { name, values, price, onHand });
    if (read)
      return setFault(
        `${formNames[read.field] ?? labelOf(read.field)}: read “${read.read}”; wanted ${read.wanted}.`,
      );
    onAdd({
      id: freshId(),
      family: family.id,
      name: name.trim(),
      values: Object.fromEntries(
        Object.entries(values)
          .filter(([, v]) => v.trim() !== '')
          .map(([k, v]) => [k, v.trim()]),
      ),
      price: price.trim() === '' ? null : Number(price.replace(',', '.')),
      onHand: Number(onHand),
      note: note.trim(),
    });
  };
  const row = (key: string, label: string, value: string, set: (v: string) => void) => (
    <div key={key} className={styles.formRow}>
      <label htmlFor={`${id}-${key}`}>{label}</label>
      <input
        id={`${id}-${key}`}
        value={value}
        maxLength={key === 'note' ? 500 : 80}
        autoComplete="off"
        onChange={(e) => set(e.target.value)}
      />
    </div>
  );
  return (
    <form
      className={styles.form}
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
      aria-label={`Own part: ${family.name}`}
    >
      {row('name', 'Name', name, setName)}
      {paths.map((path) =>
        row(path, labelOf(path) === path ? path.split('.').pop()! : labelOf(path), values[path] ?? '', (v) =>
          setValues({ ...values, [path]: v }),
        ),
      )}
      {row('price', 'Price in €', price, setPrice)}
      {row('onHand', 'On hand', onHand, setOnHand)}
      {row('note', 'Where its figures come from', note, setNote)}
      {fault && (
        <p role="alert" className={styles.error}>
          {fault}
        </p>
      )}
      <div className={styles.formFoot}>
        <button type="button" onClick={onCancel}>
          Back to the list
        </button>
        <button type="submit" className={styles.main}>
          Keep this part
        </button>
      </div>
    </form>
  );
}
