'use client';

import Link from 'next/link';
import { useMemo } from 'react';
import { type HeldRow, type ProveFinding, takeEdits, takeOf, type Trials, untakeEdits } from '@/core/prove';
import type { UnitSystem } from '@/core/units';
import { FindingList } from '@/features/findings';
import { type HeldState, machineHref, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { TitleBlock } from '@/ui/title-block';
import { foretoldNames, labelOf, trialPair, trialText, trialTitle } from '@/words';
import page from '../prove.module.css';
import { Settings } from './settings';
import styles from './held.module.css';

/** Of the bar, from a half to the double of what is foretold; logarithmic. */
const WIDE = 160;
const place = (ratio: number) => WIDE * Math.min(1, Math.max(0, 0.5 + Math.log2(ratio) / 2));

/** Plan and reading on one scale: open bar the plan with its doubt, solid line the reading with its own. */
function Bar({ row }: { readonly row: HeldRow }) {
  const { foretold, doubt, measured, verdict } = row;
  if (foretold === null || !(foretold > 0)) return null;
  const share = doubt / foretold;
  const [low, high] = [place(Math.max(0.01, 1 - share)), place(1 + share)];
  const ratio = measured && measured.value / foretold;
  const part = measured ? measured.expanded / foretold : 0;
  const ink = verdict === 'apart' ? 'var(--rc-red)' : 'var(--rc-ink)';
  return (
    <svg viewBox={`0 0 ${WIDE} 20`} width={WIDE} height="20" aria-hidden>
      <line x1={WIDE / 2} x2={WIDE / 2} y1="0" y2="20" stroke="var(--rc-ink)" strokeDasharray="3 2" />
      <rect
        x={low}
        y="4"
        width={Math.max(1, high - low)}
        height="12"
        fill="none"
        stroke="var(--rc-soft)"
        strokeDasharray={row.side === 'both' ? '' : '3 2'}
      />
      {ratio !== null && ratio > 0 && (
        <>
          <line
            x1={place(Math.max(0.01, ratio - part))}
            x2={place(ratio + part)}
            y1="10"
            y2="10"
            stroke={ink}
            strokeWidth="3"
          />
          <path
            d="M-5 0 0 -5 5 0 0 5Z"
            transform={`translate(${Math.min(WIDE - 6, Math.max(6, place(ratio)))} 10)`}
            fill={ink}
          />
        </>
      )}
    </svg>
  );
}

const sides = { both: '', 'at-most': 'at most ', 'at-least': 'at least ' } as const;

function foretoldText({ foretold, doubt, kind, side }: HeldRow, system: UnitSystem): string {
  if (foretold === null) return 'not said';
  const sure = !(doubt > 0) || side !== 'both';
  return sides[side] + (sure ? trialText(kind, foretold, system) : trialPair(kind, foretold, doubt, system));
}

function measuredText({ measured, kind }: HeldRow, system: UnitSystem): string {
  if (!measured) return 'not measured';
  return trialPair(kind, measured.value, measured.expanded, system);
}

/** What the reading would make of the plan, and the act. */
function TakeCell({ row }: { readonly row: HeldRow }) {
  const { project, editor, system } = useMachine();
  const wrong = row.verdict === 'apart';
  const take = useMemo(() => takeOf(project, row, wrong), [project, row, wrong]);
  const name = `${row.axisName}, ${foretoldNames[row.id]}`;
  if (row.taken)
    return (
      <span>
        taken{' '}
        <Action
          label={`Take ${name} back out of the plan`}
          onAct={() => editor.apply(untakeEdits(project, row), `Back out of the plan: ${name}`)}
        >
          take it back
        </Action>
      </span>
    );
  if (!take) return <span>{row.measured ? 'speaks of no one input' : ''}</span>;
  const input = take.inputs[0]!;
  const figure = input.figure;
  const torque = /^motor\.(curve|peakTorque|stallTorque)/.test(input.path);
  const words = figure
    ? (torque ? 'torque × ' : '') + trialPair(figure.kind, figure.value, figure.expanded, system)
    : 'steps per unit are set by measuring';
  return (
    <span>
      <Action
        label={`Take ${name} into the plan: ${words}`}
        onAct={() => editor.apply(takeEdits(project, row, take), `Into the plan: ${name}`)}
      >
        {wrong ? 'the plan was wrong: take it' : 'take it'}
      </Action>
      <small>{figure ? `${torque ? '' : `${labelOf(input.path)} `}${words}` : words}</small>
    </span>
  );
}

function Row({ row }: { readonly row: HeldRow }) {
  const { project, system } = useMachine();
  const { measured } = row;
  return (
    <tr data-verdict={row.verdict}>
      <th scope="row">
        {row.axisName}, {foretoldNames[row.id]}
        {measured && (
          <small>
            <Link
              href={`${machineHref('prove', project.id)}&v=proof&trial=${encodeURIComponent(measured.trial)}`}
              replace
            >
              {trialTitle(measured.trial, row.axisName)}
            </Link>
            {measured.of > 1 && `, the surest of ${measured.of}`}
          </small>
        )}
      </th>
      <td data-title="foretold">{foretoldText(row, system)}</td>
      <td data-title="measured">{measuredText(row, system)}</td>
      <td className={styles.bar}>
        <Bar row={row} />
      </td>
      <td data-title="into the plan">
        <TakeCell row={row} />
      </td>
    </tr>
  );
}

function Table({ rows, label }: { readonly rows: readonly HeldRow[]; readonly label: string }) {
  return (
    <table className={styles.table} aria-label={label}>
      <thead>
        <tr>
          <th scope="col">Answer</th>
          <th scope="col">foretold</th>
          <th scope="col">measured</th>
          <th scope="col">half · as planned · double</th>
          <th scope="col">into the plan</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Row key={`${row.axis} ${row.id}`} row={row} />
        ))}
      </tbody>
    </table>
  );
}

interface ViewProps {
  readonly held: HeldState;
  readonly trials: Trials;
  readonly findings: readonly ProveFinding[];
}

const rank = { apart: 0, agree: 1, 'not-foretold': 1, 'not-measured': 2 } as const;

/** Every answer of the plan beside what was measured of it. */
export function HeldView({ held, trials, findings }: ViewProps) {
  const { project } = useMachine();
  const rows = held.rows?.toSorted((a, b) => rank[a.verdict] - rank[b.verdict]) ?? [];
  const measured = rows.filter((r) => r.measured);
  const apart = rows.filter((r) => r.verdict === 'apart' && !r.taken);
  const agree = measured.filter((r) => r.verdict === 'agree');
  const shown = findings.filter((f) => f.code === 'proof-apart');
  return (
    <>
      <div className={`${page.middle} ${page.scrolls} ${styles.wide}`}>
        <h2 className={page.heading}>
          Foretold against measured{' '}
          <small>open bar: the plan and its doubt; solid: the reading and its own</small>
        </h2>
        {held.failed && <p role="alert">It could not be worked out: {held.failed}</p>}
        {!held.rows && !held.failed && <p role="status">Moving every input of the plan both ways …</p>}
        {held.rows && measured.length === 0 && (
          <p>
            Nothing of the plan has been measured yet. Steps per unit, pull, push and staircase tell most;
            they stand under <Link href={`${machineHref('prove', project.id)}&v=proof`}>Proof</Link>.
          </p>
        )}
        {measured.length > 0 && <Table rows={measured} label="Foretold against measured" />}
        {rows.length > measured.length && (
          <Fold summary={`${rows.length - measured.length} answers that were not measured`}>
            <Table rows={rows.filter((r) => !r.measured)} label="Answers that were not measured" />
          </Fold>
        )}
        <Settings trials={trials} />
      </div>
      <section aria-label="Where plan and proof part" className={page.right}>
        <h2 className={page.heading}>Where plan and proof part</h2>
        <FindingList findings={shown} calm="" ours={0} />
        {!shown.length && measured.length > 0 && (
          <p>Nowhere: all that was measured agrees within both doubts.</p>
        )}
        {agree.length > 0 && (
          <p>
            {agree.length} {agree.length === 1 ? 'answer agrees' : 'answers agree'} within both doubts.
          </p>
        )}
        {apart.length > 0 && (
          <p>
            What contradicts the plan is not taken in by itself: measure again, look for the{' '}
            <Link href={`${machineHref('prove', project.id)}&v=causes&axis=${apart[0]!.axis}`}>cause</Link>,
            or say that the plan was wrong.
          </p>
        )}
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Foretold' },
            { label: 'Measured', value: `${measured.length} of ${rows.length}` },
            { label: 'Apart', value: String(apart.length) },
            { label: 'Agree', value: String(agree.length) },
            { label: 'Taken', value: String(rows.filter((r) => r.taken).length) },
            { label: 'Not said', value: String(rows.filter((r) => r.foretold === null).length) },
          ]}
        />
      </section>
    </>
  );
}
