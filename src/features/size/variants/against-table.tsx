'use client';

import { type Against, type AgainstRow, type Sureness, type VariantFinding } from '@/core/variants';
import type { UnitSystem } from '@/core/units';
import { useState } from 'react';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { ChangeMark } from '@/ui/change-mark';
import { CardTable } from '@/ui/card-table';
import { answerName, answerText, checkNameOf, verdictWords } from '@/words';
import styles from './variants.module.css';

interface Names {
  readonly names: readonly [before: string, after: string];
}

const sureWords: Readonly<Record<Sureness, string>> = {
  same: '',
  likely: 'likely',
  sure: '',
};

function changeOf({ better, before, after }: AgainstRow) {
  if (better === null) return before === null || after === null ? 'other' : 'same';
  return better === 'after' ? 'better' : 'worse';
}

/** By how much the second differs, with the doubt of the difference. */
function byText(row: AgainstRow, system: UnitSystem): string {
  const { before, after, half } = row;
  if (before === null || after === null) return '–';
  if (after === before) return 'none';
  const by = answerText(row, Math.abs(after - before), system, 2);
  const sign = after < before ? '−' : '+';
  return `${sign}${by}${half === null ? '' : ` ± ${answerText(row, half, system, 2)}`}`;
}

function Row({ row, names }: Names & { readonly row: AgainstRow }) {
  const { project, system } = useMachine();
  const say = (value: number | null) => (value === null ? '–' : answerText(row, value, system));
  return (
    <tr>
      <th scope="row">
        {answerName(row, project)}
        {row.missing && <small>, as far as it is known</small>}
      </th>
      <td data-title={names[0]}>{say(row.before)}</td>
      <td data-title={names[1]}>{say(row.after)}</td>
      <td data-title="Difference">{byText(row, system)}</td>
      <td data-title="Better">
        <span className={styles.sureness}>
          {row.id !== 'stands' && <ChangeMark change={changeOf(row)} />}
          {row.better !== null && sureWords[row.sure]}
        </span>
      </td>
    </tr>
  );
}

/** The answers of two variants side by side, and which is better as far as that is known. */
export function AgainstTable({ rows, names }: Names & { readonly rows: readonly AgainstRow[] }) {
  const [all, setAll] = useState(false);
  const differ = rows.filter((r) => r.sure !== 'same' || r.before === null || r.after === null);
  const same = rows.length - differ.length;
  const shown = all ? rows : differ;
  return (
    <>
      {shown.length > 0 && (
        <CardTable
          titles={['Answer', ...names, 'Difference', 'Better']}
          label="Answers of both"
          className={styles.answers}
        >
          {shown.map((row) => (
            <Row key={row.key} row={row} names={names} />
          ))}
        </CardTable>
      )}
      {same > 0 && (
        <Action onAct={() => setAll(!all)}>
          {all
            ? 'Only what differs'
            : `${same} ${same === 1 ? 'answer' : 'answers'} the same, as far as is known`}
        </Action>
      )}
    </>
  );
}

/** Checks that turn between the two. */
export function Turned({ gone, come }: Pick<Against, 'gone' | 'come'>) {
  const { project } = useMachine();
  const said = (list: readonly VariantFinding[]) =>
    list
      .map(({ code, axisId, verdict }) => {
        const axis = project.axes.find((a) => a.id === axisId)?.name;
        return `${checkNameOf(code)}${axis ? ` (${axis})` : ''}: ${verdictWords[verdict]}`;
      })
      .join('; ');
  if (!gone.length && !come.length) return null;
  return (
    <ul className={styles.turned}>
      {gone.length > 0 && (
        <li>
          <ChangeMark change="better" /> No finding any more, or a lighter one: {said(gone)}
        </li>
      )}
      {come.length > 0 && (
        <li>
          <ChangeMark change="worse" /> New finding, or a heavier one: {said(come)}
        </li>
      )}
    </ul>
  );
}
