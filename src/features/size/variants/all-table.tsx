'use client';

import type { ReactNode } from 'react';
import type { Verdict } from '@/core/findings';
import { answersOf, bestOf, type VariantFigures } from '@/core/variants';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import { Progress } from '@/ui/progress';
import { VerdictMark } from '@/ui/verdict-mark';
import { answerName, answerText, sumText, verdictText } from '@/words';
import type { Side, SideState } from './use-sides';
import styles from './variants.module.css';

interface Column {
  readonly side: Side;
  /** Null while it is worked out. */
  readonly figures: VariantFigures | null;
  readonly failed: string | null;
}

interface LineProps {
  readonly title: string;
  readonly columns: readonly Column[];
  readonly say: (figures: VariantFigures, place: number) => ReactNode;
}

/** One line of the table, a cell for every side. */
function Line({ title, columns, say }: LineProps) {
  return (
    <tr>
      <th scope="row">{title}</th>
      {columns.map(({ side, figures, failed }, i) => (
        <td key={side.id} data-title={side.name}>
          {figures ? say(figures, i) : failed !== null || !side.plan ? 'cannot be worked out' : '…'}
        </td>
      ))}
    </tr>
  );
}

const moneyText = ({ money }: VariantFigures): string =>
  `${sumText(money.known, money.off)}${money.unpicked ? `, ${money.unpicked} without a part` : ''}`;

/** How many checks say so. */
const countText = ({ findings }: VariantFigures): string => {
  const count = (verdict: Verdict) => findings.filter((f) => f.verdict === verdict).length;
  const said = [
    [count('gives-out'), 'gives out'],
    [count('thin'), 'thin'],
    [count('not-known'), 'not known'],
  ] as const;
  const parts = said.filter(([n]) => n > 0).map(([n, word]) => `${n} ${word}`);
  return parts.length ? parts.join(', ') : 'none';
};

/** Every answer that some side has, in their order, with what each side says of it. */
function rowsOf(columns: readonly Column[]) {
  const said = columns.map(({ figures }) => new Map(figures && answersOf(figures).map((a) => [a.key, a])));
  const all = new Map(said.flatMap((answers) => [...answers]));
  return [...all.values()].map((answer) => {
    const own = said.map((answers) => answers.get(answer.key));
    const values = own.map((a) => a?.value ?? null);
    // What stands still may be heavy: none is best for that.
    const best = answer.id === 'stands' ? new Set<number>() : bestOf(values, answer.more);
    return { answer, own, best };
  });
}

/** All variants and the present plan side by side. */
export function AllTable(props: {
  readonly sides: readonly Side[];
  readonly known: ReadonlyMap<string, SideState>;
}) {
  const { project, system } = useMachine();
  const columns = props.sides.map((side): Column => {
    const state = props.known.get(side.id);
    return { side, figures: state?.figures ?? null, failed: state?.failed ?? null };
  });
  const there = columns.filter((c) => c.figures !== null || c.failed !== null || !c.side.plan).length;
  return (
    <>
      {there < columns.length && <Progress label="Variants worked out" done={there} of={columns.length} />}
      <div className={styles.scrolls}>
        <CardTable
          titles={['Answer', ...columns.map(({ side }) => side.name)]}
          label="All variants"
          className={styles.answers}
        >
          <Line
            title="Verdict"
            columns={columns}
            say={({ verdict, ours }) => (
              <>
                <VerdictMark verdict={verdict} guessed={ours > 0} /> {verdictText(verdict, ours > 0)}
              </>
            )}
          />
          <Line title="Findings" columns={columns} say={countText} />
          <Line title="Money, example prices" columns={columns} say={moneyText} />
          {rowsOf(columns).map(({ answer, own, best }) => (
            <Line
              key={answer.key}
              title={answerName(answer, project)}
              columns={columns}
              say={(_, i) => {
                const mine = own[i];
                if (!mine) return '–';
                const text = `${answerText(mine, mine.value, system)}${mine.missing ? ', at best' : ''}`;
                return best.has(i) ? <b>{text}</b> : text;
              }}
            />
          ))}
        </CardTable>
      </div>
      <p className={styles.hint}>In bold what is best of all, by more than half a per cent.</p>
    </>
  );
}
