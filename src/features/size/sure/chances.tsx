'use client';

import type { Cause, DoubtedCheck } from '@/core/doubt';
import type { Verdict } from '@/core/findings';
import type { Project } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Fold } from '@/ui/fold';
import { VerdictMark } from '@/ui/verdict-mark';
import { chanceText, doubtedText, doubtfulText } from '@/words';
import styles from './sure.module.css';
import type { Doubt } from './use-doubt';

/** What a check comes to with its doubt: what holds in the middle and not over the doubt is thin. */
function verdictOf({ thin, found, inMiddle }: DoubtedCheck): Verdict {
  if (thin) return 'thin';
  return inMiddle ? found.verdict : 'holds';
}

/** What is there over what is needed; a motor that cannot even start has nothing. */
function margin(value: number): string {
  if (!Number.isFinite(value)) return 'no limit';
  return value > 0 ? formatNumber(value, 3) : 'nothing';
}

/** Both ends of a margin; one figure where they read alike. */
function bandText({ low, high }: DoubtedCheck['margin']): string {
  const [from, to] = [margin(low), margin(high)];
  return from === to ? from : `${from} to ${to}`;
}

/** Chances of all checks, the least sure first; what is in no doubt is told in numbers. */
export function Chances({
  doubt,
  stale,
  guessed,
}: {
  readonly doubt: Doubt;
  readonly stale: boolean;
  readonly guessed: boolean;
}) {
  const { answer, told, of } = doubt;
  const open = answer.checks.filter((c) => c.open);
  const lost = answer.checks.filter((c) => !c.open && c.chance.share < 0.5);
  const sure = answer.checks.filter((c) => !c.open && c.chance.share >= 0.5);
  return (
    <div data-old={stale || undefined} className={styles.chances}>
      {open.length === 0 && <p className={styles.hint}>No check is in doubt.</p>}
      <ul className={styles.checks} aria-label="Checks in doubt">
        {open.map((check) => (
          <li key={check.key}>
            <CheckRow
              check={check}
              causes={told.causes.get(check.key) ?? []}
              project={of}
              guessed={guessed}
            />
          </li>
        ))}
      </ul>
      <Plain title={`Missed in every draw: ${lost.length}`} checks={lost} project={of} open />
      <Plain
        title={`Kept in every draw, and far from their limit: ${sure.length}`}
        checks={sure}
        project={of}
      />
    </div>
  );
}

interface RowProps {
  readonly check: DoubtedCheck;
  readonly causes: readonly Cause[];
  readonly project: Project;
  readonly guessed: boolean;
}

function CheckRow({ check, causes, project, guessed }: RowProps) {
  const { system } = useMachine();
  const { name, of } = doubtedText(project, check);
  const { chance } = check;
  return (
    <Fold
      lazy
      className={styles.fold}
      level="div"
      summary={
        <span className={styles.row}>
          <VerdictMark verdict={verdictOf(check)} guessed={guessed} labelled />
          <span className={styles.name}>
            <b>{name}</b> <small>{of}</small>
          </span>
          <ChanceBar low={chance.low} share={chance.share} high={chance.high} />
          <b className={styles.figure}>{chanceText(chance.share, chance.draws)}</b>
        </span>
      }
    >
      <Detail check={check} causes={causes} project={project} system={system} />
    </Fold>
  );
}

/** A chance as a bar, with how sure it is. */
function ChanceBar({
  low,
  share,
  high,
}: {
  readonly low: number;
  readonly share: number;
  readonly high: number;
}) {
  return (
    <svg className={styles.bar} viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden>
      <rect x="0" y="2" width="100" height="8" fill="var(--rc-panel)" stroke="var(--rc-rule)" />
      <rect x="0" y="2" width={100 * share} height="8" fill="var(--rc-blue)" />
      <rect x={100 * low} y="0" width={Math.max(0.6, 100 * (high - low))} height="12" fill="var(--rc-ink)" />
    </svg>
  );
}

/** What a check says in the middle and over its doubt, and what makes the doubt. */
function Detail({
  check,
  causes,
  project,
  system,
}: Omit<RowProps, 'guessed'> & { readonly system: UnitSystem }) {
  const { found, chance, margin: band, inMiddle } = check;
  const say = (v: number) =>
    Number.isFinite(v) ? formatQuantity(found.kind, v, system, 3).text : 'no limit';
  const where = inMiddle ? 'In the middle' : 'The middle does not show it; in the worst of the first draws';
  return (
    <div className={styles.detail}>
      <p>
        {where} {say(found.value)} against {say(found.limit)}. What is there over what is needed:{' '}
        {margin(band.low)} to {margin(band.high)} in 95 % of draws, half of them above {margin(band.middle)}.
        Chance {chanceText(chance.share, chance.draws)} ({formatNumber(100 * chance.low, 3)} to{' '}
        {formatNumber(100 * chance.high, 3)} %).
      </p>
      {causes.length > 0 ? (
        <ul className={styles.causes} aria-label="What makes the doubt">
          {causes.slice(0, 6).map((cause) => {
            const { name, of } = doubtfulText(project, cause.path);
            return (
              <li key={cause.path}>
                <span>
                  {name} <small>{cause.of > 1 ? `${of}, and ${cause.of - 1} alike` : of}</small>
                </span>
                <i style={{ width: `${Math.min(100, 100 * cause.share)}%` }} />
                <b>{(100 * cause.share).toFixed(0)} %</b>
              </li>
            );
          })}
        </ul>
      ) : (
        <p className={styles.hint}>No single figure makes this doubt: it takes several at once.</p>
      )}
    </div>
  );
}

/** Checks that nothing has to be said of but that they are in no doubt. */
function Plain({
  title,
  checks,
  project,
  open = false,
}: {
  readonly title: string;
  readonly checks: readonly DoubtedCheck[];
  readonly project: Project;
  readonly open?: boolean;
}) {
  if (!checks.length) return null;
  return (
    <Fold summary={title} lazy open={open} className={styles.fold} level="h2">
      <ul className={styles.plain}>
        {checks.map((check) => {
          const { name, of } = doubtedText(project, check);
          return (
            <li key={check.key}>
              <span>
                {name} <small>{of}</small>
              </span>
              <span>{bandText(check.margin)} × needed</span>
            </li>
          );
        })}
      </ul>
    </Fold>
  );
}
