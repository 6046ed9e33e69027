'use client';

import { useMemo } from 'react';
import { type Family, type Part, partFault, swapEdits } from '@/core/catalogue';
import { type AxisReport, axisReport } from '@/core/machine';
import { applyEdits, type Axis, axisIssues, getAt, isMeasure, type OwnPart } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { VerdictMark, verdictWords } from '@/ui/verdict-mark';
import { labelOf } from '../labels';
import styles from './exchange.module.css';

/** A part with what the axis becomes with it; without a report where a rule refuses it. */
export interface TriedPart {
  readonly part: Part;
  readonly axis: Axis;
  readonly report: AxisReport | null;
  readonly refused: string | null;
}

/** Puts every part of a family through the model. A third of a millisecond each. */
export function tryParts(axis: Axis, family: Family, parts: readonly Part[]): TriedPart[] {
  return parts.map((part) => {
    // The builder's own parts come out of a file as texts: one that does not read is refused here, not
    // thrown.
    const fault = partFault(family, { name: part.name, values: part.values, price: '', onHand: '0' });
    if (fault)
      return {
        part,
        axis,
        report: null,
        refused: `${labelOf(fault.field)}: read “${fault.read}”; wanted ${fault.wanted}.`,
      };
    const changed = applyEdits(axis, swapEdits(axis, family, part));
    const [issue] = axisIssues(changed);
    return {
      part,
      axis: changed,
      report: issue ? null : axisReport(changed, { remedies: false }),
      refused: issue
        ? `${issue.read ?? ''}: wanted ${issue.wanted}${issue.why ? `; ${issue.why}` : ''}.`
        : null,
    };
  });
}

/** Whether the axis still has what the part states: fields may have been typed over since it was taken. */
const isFitted = (axis: Axis, part: Part) =>
  Object.entries(part.values).every(([path, typed]) => {
    const now = getAt(axis, path);
    return isMeasure(now) ? now.typed === typed : String(now) === typed;
  });

interface PartListProps {
  readonly axis: Axis;
  readonly family: Family;
  readonly tried: readonly TriedPart[];
  readonly own: readonly OwnPart[];
  readonly filter: string;
  readonly current: string | undefined;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
  readonly system: UnitSystem;
}

/** The parts of a family as a list, each with what the axis would be good for. */
export function PartList({
  axis,
  family,
  tried,
  own,
  filter,
  current,
  picked,
  onPick,
  system,
}: PartListProps) {
  const words = filter.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = useMemo(
    () =>
      tried.filter(({ part }) =>
        words.every((w) => `${part.name} ${Object.values(part.values).join(' ')}`.toLowerCase().includes(w)),
      ),
    [tried, words],
  );
  if (!shown.length)
    return <p className={styles.empty}>No part of this family has “{filter}” in its name or figures.</p>;
  return (
    <table className={styles.parts}>
      <thead>
        <tr>
          <th scope="col">Part</th>
          {family.columns.map((c) => (
            <th key={c.path} scope="col">
              {c.title}
            </th>
          ))}
          <th scope="col">Axis good for</th>
          <th scope="col">Price, example</th>
        </tr>
      </thead>
      <tbody>
        {shown.map(({ part, report, refused }) => {
          const mine = own.find((o) => o.id === part.id);
          return (
            <tr key={part.id} data-picked={part.id === picked || undefined} onClick={() => onPick(part.id)}>
              <th scope="row">
                <button
                  type="button"
                  aria-pressed={part.id === picked}
                  onClick={(e) => {
                    e.stopPropagation();
                    onPick(part.id);
                  }}
                >
                  {part.name}
                </button>
                {part.id === current && isFitted(axis, part) && <small> fitted now</small>}
                {mine && <small> own{mine.onHand ? `, ${mine.onHand} on hand` : ''}</small>}
              </th>
              {family.columns.map((c) => (
                <td key={c.path}>{part.values[c.path] ?? ''}</td>
              ))}
              <td className={styles.good}>
                {report ? (
                  <>
                    <VerdictMark verdict={report.verdict} size={15} />{' '}
                    {formatQuantity('speed', report.speed, system, 2).text}
                    <span className={styles.hidden}> {verdictWords[report.verdict]}</span>
                  </>
                ) : (
                  <span title={refused ?? ''}>does not fit</span>
                )}
              </td>
              <td>{part.price === null ? '–' : `≈ ${Math.round(part.price)} €`}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
