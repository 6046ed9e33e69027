'use client';

import InputBase from '@mui/material/InputBase';
import { useId, useState } from 'react';
import {
  choicesAt,
  columnsOf,
  type Family,
  type Part,
  type PartFault,
  partFaults,
  type TypedPart,
} from '@/core/catalogue';
import { type Axis, fieldRuleAt, getAt, isMeasure, type OwnPart } from '@/core/model';
import { spelled, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
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

interface Draft extends TypedPart {
  readonly note: string;
}

/** What is typed as it means the same in a file, whatever the sheet is in. */
const completed = (draft: Draft, system: UnitSystem): Draft => ({
  ...draft,
  values: Object.fromEntries(
    Object.entries(draft.values).map(([path, text]) => {
      const rule = fieldRuleAt(path);
      return [path, rule ? spelled(rule.kind, text, system) : text.trim()];
    }),
  ),
});

const partOf = (family: Family, draft: Draft): OwnPart => ({
  id: freshId(),
  family: family.id,
  name: draft.name.trim(),
  values: Object.fromEntries(Object.entries(draft.values).filter(([, typed]) => typed !== '')),
  price: draft.price.trim() === '' ? null : Number(draft.price.replace(',', '.')),
  onHand: Number(draft.onHand),
  note: draft.note.trim(),
});

const faultText = ({ field, read, wanted }: PartFault): string =>
  `${nameOf(field)}: read “${read}”; wanted ${wantedWords(wanted)}.`;

/** What is typed of a part, and what is wrong with it once somebody has asked for it to be kept. */
function useDraft({ family, like, fitted, onHand = 0 }: FormProps) {
  const { system } = useMachine();
  const paths = columnsOf(family);
  const [draft, setDraft] = useState<Draft>(() => ({
    name: like ? `${like.name} (own)` : `Own ${family.name.toLowerCase()}`,
    values: Object.fromEntries(paths.map((p) => [p, like?.values[p] ?? nowAt(fitted, p)])),
    price: '',
    onHand: String(onHand),
    note: '',
  }));
  const [asked, setAsked] = useState(false);
  const full = completed(draft, system);
  const faults = partFaults(family, full);
  return {
    paths,
    draft,
    full,
    faults,
    shown: asked ? faults : [],
    ask: () => setAsked(true),
    set: (field: 'name' | 'price' | 'onHand' | 'note', text: string) => setDraft({ ...draft, [field]: text }),
    setValue: (path: string, text: string) =>
      setDraft({ ...draft, values: { ...draft.values, [path]: text } }),
  };
}

/**
 * A part of the builder's own: the columns of its family, started from the picked part or from what is
 * fitted. All that is wrong is said at once, and its fields are marked.
 */
export function OwnPartForm(props: FormProps) {
  const { family, onAdd, onCancel } = props;
  const { paths, draft, full, faults, shown, ask, set, setValue } = useDraft(props);
  const refusal = useRefusal();
  const wrong = (field: string) => shown.some((f) => f.field === field);
  const keep = () => {
    ask();
    if (!faults.length) return onAdd(partOf(family, full));
    return faults.map(faultText).join(' ');
  };
  const own = (field: 'name' | 'price' | 'onHand' | 'note') => (
    <Row
      label={nameOf(field)}
      value={draft[field]}
      wrong={wrong(field)}
      most={field === 'note' ? 500 : 80}
      onText={(text) => set(field, text)}
    />
  );
  return (
    <form
      aria-label={`Own part: ${family.name}`}
      onSubmit={(e) => {
        e.preventDefault();
        refusal.attempt(keep);
      }}
    >
      {own('name')}
      {paths.map((path) => (
        <Row
          key={path}
          label={nameOf(path)}
          value={draft.values[path] ?? ''}
          choices={choicesAt(family, path)}
          wrong={wrong(path)}
          most={80}
          onText={(text) => setValue(path, text)}
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
  /** What is chosen among; none: it is typed. */
  readonly choices?: readonly string[];
  /** What is typed there was refused, or would be. */
  readonly wrong: boolean;
  readonly onText: (text: string) => void;
}

function Row({ label, value, most, choices = [], wrong, onText }: RowProps) {
  const id = useId();
  if (choices.length) {
    const options = [['', 'not stated'] as const, ...choices.map((word) => [word, word] as const)];
    return <Choice label={label} value={value} options={options} onPick={onText} />;
  }
  return (
    <div className={styles.formRow} data-wrong={wrong || undefined}>
      <label htmlFor={id}>{label}</label>
      <InputBase
        id={id}
        value={value}
        autoComplete="off"
        error={wrong}
        slotProps={{ input: { maxLength: most } }}
        onChange={(e) => onText(e.target.value)}
      />
    </div>
  );
}
