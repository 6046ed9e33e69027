'use client';

import Button from '@mui/material/Button';
import { memo, type ReactNode, useMemo } from 'react';
import type { Remedy } from '@/core/checks';
import { isWorkCode, type WorkFinding } from '@/core/prove';
import { type AnyFinding, costOfChange, elsewhere, type Known } from '@/core/machine';
import type { UnitSystem } from '@/core/units';
import { useMachine, usePainted, useTrial } from '@/features/frame';
import { Action } from '@/ui/action';
import { Explained } from '@/ui/explained';
import { Fold } from '@/ui/fold';
import { Hint } from '@/ui/hint';
import { Notice } from '@/ui/notice';
import { useRefusal } from '@/ui/refusal';
import { useAfterPaint } from '@/ui/use-after-paint';
import { VerdictMark, verdictColour } from '@/ui/verdict-mark';
import {
  costText,
  findingText,
  noNumberText,
  oursText,
  remedyEffect,
  remedyText,
  verdictMeans,
  verdictText,
  verdictWords,
} from '@/words';
import styles from './findings.module.css';
import { Ours, useRests } from './ours';

/** Of the plan, of Fit, or of the work. */
type Shown = AnyFinding | WorkFinding;

interface ListProps {
  readonly findings: readonly Shown[];
  /** Said where there are none. */
  readonly calm: string;
  /** How many numbers of ours all of it rests on. */
  readonly ours: number;
  /** How far the axis reaches now, m/s; left out: the machine as a whole. */
  readonly reach?: number;
  readonly onWorking?: (line: string) => void;
}

const keyOf = ({ code, about, axisId }: Shown) => [code, about, axisId].join(' ');

/** What came to no number, where anything did: said before all findings. @param codes of it. */
export const NoNumber = ({ codes }: { readonly codes: readonly string[] }) =>
  codes.length ? <Notice kind="error">{noNumberText(codes)}</Notice> : null;

/** Findings of any scope, the worst open, each with what can be tried. */
export function FindingList({ findings, calm, ours, reach, onWorking }: ListProps) {
  const context = usePainted();
  const rests = useRests(context, findings);
  if (!findings.length)
    return (
      <p className={styles.calm}>
        <VerdictMark verdict="holds" guessed={ours > 0} /> {calm}
        {ours > 0 && ` It is guessed: ${oursText(ours)}.`}
      </p>
    );
  const { loaded } = context;
  return (
    <>
      {findings.map((f, i) => (
        <FindingCard
          key={keyOf(f)}
          finding={f}
          ours={rests(f)}
          open={i === 0}
          {...{ loaded, reach, onWorking }}
        />
      ))}
    </>
  );
}

interface CardProps {
  readonly finding: Shown;
  /** The axes, by which other axes it may be mended too. */
  readonly loaded: Known['loaded'];
  /** Numbers of ours on which it rests, from the root. */
  readonly ours: readonly string[];
  readonly open: boolean;
  readonly reach: number | undefined;
  readonly onWorking: ListProps['onWorking'];
}

function FindingCard({ finding, loaded, ours, open, reach, onWorking }: CardProps) {
  const { system } = useMachine();
  const text = findingText(finding, system);
  const { line, verdict } = finding;
  // The verdict is painted first, its ways out a frame later.
  const later = useAfterPaint(finding);
  const colour = { color: verdictColour[verdict] };
  const guessed = ours.length > 0;
  return (
    <Fold
      open={open}
      sign={false}
      level="div"
      className={styles.card}
      summary={
        <span className={styles.summary}>
          <VerdictMark verdict={verdict} guessed={guessed} />
          <span role="heading" aria-level={3} className={styles.title} style={colour}>
            {text.title}
          </span>{' '}
          {text.big && (
            <b className={styles.big} style={colour}>
              {text.big}
            </b>
          )}
          <Hint text={verdictMeans(verdict, guessed)} tap>
            <span className={styles.word}>{verdictText(verdict, guessed)}</span>
          </Hint>
        </span>
      }
    >
      {text.lines.map((l) => (
        <p key={l}>
          <Explained>{l}</Explained>
        </p>
      ))}
      {line && onWorking && (
        <Action className={styles.working} onAct={() => onWorking(line)}>
          Working
        </Action>
      )}
      {guessed && <Ours paths={ours} title={`Of what this rests on, ${oursText(ours.length)}`} />}
      <WaysOut finding={later} loaded={loaded} guessed={guessed} reach={reach ?? 0} system={system} />
    </Fold>
  );
}

interface WaysOutProps {
  readonly finding: Shown;
  readonly loaded: Known['loaded'];
  /** Whether the finding, and so what is tried against it, rests on numbers of ours. */
  readonly guessed: boolean;
  readonly reach: number;
  readonly system: UnitSystem;
}

/** What a change costs by the prices that are known. */
function useMoney(): (edits: Remedy['edits']) => number | null {
  const { project, reports, cost } = usePainted();
  return (edits) => costOfChange(project, reports, cost, edits);
}

/** What can be tried against a finding. Trying them out takes longer than all the rest of a keystroke. */
const WaysOut = memo(function WaysOut(props: WaysOutProps) {
  const { finding, loaded, guessed, reach, system } = props;
  const { remedies, verdict } = finding;
  const money = useMoney();
  if (!remedies.length)
    return verdict === 'gives-out' && !isWorkCode(finding.code) ? (
      <p className={styles.none}>No single change that is known here helps.</p>
    ) : null;
  return (
    <ul className={styles.remedies}>
      {remedies.map((r) => {
        const name = remedyText(r, system);
        const effect = [remedyEffect(finding, r, reach, system), costText(money(r.edits))]
          .filter(Boolean)
          .join('; ');
        return <RemedyRow key={`${r.code} ${name}`} {...{ remedy: r, name, effect, guessed }} />;
      })}
      {finding.axisId !== null && <OnOtherAxes {...{ finding, loaded, guessed }} />}
    </ul>
  );
});

type OtherAxesProps = Pick<WaysOutProps, 'finding' | 'loaded' | 'guessed'>;

/** The first way out of a finding that other axes are offered too. */
function sharedWay(finding: Shown, loaded: Known['loaded']) {
  const all = loaded.flatMap(({ report }) => report.findings);
  for (const remedy of finding.remedies) {
    const there = elsewhere(finding, remedy, all);
    if (there) return { ...there, remedy };
  }
  return undefined;
}

/** The first way out that other axes are offered too, on all of them at once; nothing where there is none. */
function OnOtherAxes({ finding, loaded, guessed }: OtherAxesProps) {
  const { system, project } = useMachine();
  const found = useMemo(() => sharedWay(finding, loaded), [finding, loaded]);
  if (!found) return null;
  const { axes, edits, remedy } = found;
  const effects = axes.map(({ axisId, verdict }) => {
    const axis = project.axes.find((a) => a.id === axisId);
    return `${axis?.name ?? axisId}: ${verdictWords[verdict]}`;
  });
  const others = axes.length === 1 ? 'on one more axis' : 'on the other axes';
  const name = `${remedyText(remedy, system)}, the same ${others}`;
  return <RemedyRow remedy={{ edits }} name={name} effect={effects.join(', ')} guessed={guessed} />;
}

interface RowProps {
  readonly remedy: Pick<Remedy, 'edits'> & Partial<Pick<Remedy, 'verdict'>>;
  readonly name: string;
  readonly effect: string;
  readonly guessed?: boolean;
  /** Stands first in the place of the verdict. */
  readonly lead?: ReactNode;
}

/** One change to try; where it is refused the reason stands below it. */
export function RemedyRow({ remedy, name, effect, guessed = false, lead }: RowProps) {
  const { tryOut } = useTrial();
  const refusal = useRefusal();
  return (
    <li>
      <Button
        className={styles.remedy ?? ''}
        aria-label={`Try: ${name}`}
        aria-describedby={refusal.id}
        onClick={() => refusal.attempt(() => tryOut(remedy.edits, name))}
      >
        {lead ?? (remedy.verdict && <VerdictMark verdict={remedy.verdict} guessed={guessed} labelled />)}
        <b>{name}</b>
        <span>{effect}</span>
        <i aria-hidden="true">try</i>
      </Button>
      {refusal.note}
    </li>
  );
}

/** What is being tried, with the two ways on; nothing while nothing is tried. */
export function TrialBar() {
  const { name, takeBack, keep } = useTrial();
  if (!name) return null;
  return (
    <div className={styles.tried} role="status">
      <span>Trying: {name}</span>
      <Button size="small" variant="outlined" onClick={keep}>
        Keep
      </Button>
      <Button size="small" variant="outlined" onClick={takeBack}>
        Take back
      </Button>
    </div>
  );
}

/** The first line of a finding with its best way out, for a page that has room for no more. */
export function matterOf(f: Shown, system: UnitSystem) {
  const { title, big, lines } = findingText(f, system);
  const [best] = f.remedies;
  return { title, big, line: lines[0], remedy: best && remedyText(best, system) };
}
