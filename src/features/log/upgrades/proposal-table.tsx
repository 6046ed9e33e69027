'use client';

import type { Apart } from '@/core/build';
import { type Proposal, rankedBy } from '@/core/upgrade';
import { pickedPart } from '@/core/machine';
import { formatNumber, formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { assemblyNames, upgradeText, effectName, timesText } from '@/words';
import styles from './upgrades.module.css';
import type { ApartKnown } from './use-proposals';
import { codeOf, type UpgradeActs } from './use-upgrades';

/** As many as are worth reading. */
const SHOWN = 8;

const hours = (minutes: number): string =>
  minutes < 90 ? `${Math.max(5, Math.round(minutes / 5) * 5)} min` : `${formatNumber(minutes / 60, 2)} h`;

/** Old parts that are left over when another takes their place. */
function leftOver(
  project: Parameters<typeof pickedPart>[0],
  proposal: Proposal,
  axes: ApartKnown['project']['axes'],
) {
  const axis = axes.find((a) => a.id === proposal.axis);
  if (proposal.change.is !== 'part' || !axis) return '';
  const link = proposal.touches.some((t) => t.endsWith('/motor')) ? 'motor' : 'drive';
  return pickedPart(project, axis, link)?.name ?? '';
}

/** What comes off, what goes back on, what is left over. */
function ApartCell({
  proposal,
  apart,
  known,
}: {
  proposal: Proposal;
  apart: Apart | undefined;
  known: ApartKnown;
}) {
  const { project, assembly } = known;
  const names = assemblyNames(project, assembly);
  const over = leftOver(project, proposal, project.axes);
  if (!proposal.touches.length) return <>nothing comes off</>;
  if (!apart) return <>most of the machine: it stands on this</>;
  const again = apart.off.filter((id) => !proposal.touches.includes(id));
  const list = (ids: readonly string[]) => ids.map(names.part).join(', ').toLowerCase();
  return (
    <>
      about {hours(apart.minutes)}
      {again.length > 0 && <>; off and on again: {list(again)}</>}
      {apart.again.length > 0 && <>; set anew: {apart.again.map(names.step).join(', ').toLowerCase()}</>}
      {over && <>; left over: {over}</>}
      {apart.unknown.length > 0 && <>; screws not known of {list(apart.unknown)}: it may be worse</>}
    </>
  );
}

interface TableProps {
  readonly proposals: readonly Proposal[];
  /** Figure that is to be bettered. */
  readonly goal: string;
  readonly apart: ApartKnown | null;
  readonly acts: UpgradeActs;
  readonly onNoted: (id: string) => void;
}

type RowProps = ReturnType<typeof rankedBy>[number] & Omit<TableProps, 'proposals'>;

/** What one change gives, and what it makes worse. */
function Gives({ proposal, effect, times }: Pick<RowProps, 'proposal' | 'effect' | 'times'>) {
  const { project, system } = useMachine();
  const say = (kind: typeof effect.kind, si: number) => formatQuantity(kind, si, system, 3).text;
  const worse = proposal.changes.filter((c) =>
    c.better === 'less' ? c.after > 1.05 * c.before : c.after < 0.95 * c.before,
  );
  return (
    <>
      <b>{timesText(times)}</b> {say(effect.kind, effect.before)} → {say(effect.kind, effect.after)}
      {worse.map((c) => (
        <small key={c.key} className={styles.worse}>
          worse: {effectName(c, project)} {say(c.kind, c.before)} → {say(c.kind, c.after)}
        </small>
      ))}
      {proposal.worsens.length > 0 && (
        <small className={styles.worse}>
          then {proposal.worsens.map((id) => axisOf(project, id)).join(', ')} stands worse
        </small>
      )}
    </>
  );
}

const axisOf = ({ axes }: ApartKnown['project'], id: string) =>
  axes.find((a) => a.id === id)?.name ?? 'Machine';

function moneyText(money: number | null): string {
  if (money === null) return 'no price';
  return money === 0 ? 'nothing to buy' : formatNumber(money, 3);
}

function ProposalRow({ proposal, effect, times, goal, apart, acts, onNoted }: RowProps) {
  const { project, system, editor } = useMachine();
  const off = apart?.of(proposal.touches);
  const name = upgradeText(proposal.change, system);
  const noted = acts.upgrades.some((u) => u.code === codeOf(proposal) && u.axis === proposal.axis);
  const note = () => {
    const made = acts.note(proposal, goal, off ? off.minutes : null);
    if ('refused' in made) return made.refused;
    onNoted(made.id);
    return undefined;
  };
  return (
    <tr>
      <th scope="row">
        {name} <small>{axisOf(project, proposal.axis)}</small>
      </th>
      <td data-label="gives">
        <Gives {...{ proposal, effect, times }} />
      </td>
      <td data-label="costs">{moneyText(proposal.money)}</td>
      <td data-label="apart">
        {apart ? <ApartCell proposal={proposal} apart={off} known={apart} /> : 'looking…'}
      </td>
      <td>
        <div className={styles.pair}>
          {noted ? (
            'written down'
          ) : (
            <Action label={`Write down: ${name}`} onAct={note}>
              Write down
            </Action>
          )}
          <Action
            label={`Into the plan: ${name}`}
            title="Changes the plan; undo takes it back"
            onAct={() => editor.apply(proposal.edits, name)}
          >
            Into the plan
          </Action>
        </div>
      </td>
    </tr>
  );
}

/** Changes that better one figure, the most first: what each gives, costs and takes apart. */
export function ProposalTable({ proposals, goal, apart, acts, onNoted }: TableProps) {
  const ranked = rankedBy(proposals, goal).slice(0, SHOWN);
  if (!ranked.length) return <p>Nothing that we know betters it by two per cent.</p>;
  return (
    <table className={styles.table} aria-label="Proposals">
      <thead>
        <tr>
          <th>Change</th>
          <th>Gives</th>
          <th>Costs</th>
          <th>Must come apart</th>
          <th>
            <span className={styles.unseen}>Do</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {ranked.map((row) => (
          <ProposalRow key={row.proposal.id} {...row} {...{ goal, apart, acts, onNoted }} />
        ))}
      </tbody>
    </table>
  );
}
