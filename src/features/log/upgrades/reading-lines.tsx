'use client';

import type { HeldRow } from '@/core/prove';
import type { Upgrade, UpgradeReading } from '@/core/model';
import { displayUnit, explainParseError, formatQuantity, parseQuantity, type UnitSystem } from '@/core/units';
import { Action } from '@/ui/action';
import type { Refused } from '@/ui/refusal';
import { TextLine } from '@/ui/text-line';
import styles from './upgrades.module.css';

interface ReadingProps {
  readonly upgrade: Upgrade;
  readonly which: 'before' | 'after';
  readonly system: UnitSystem;
  /** What Prove has measured of the same figure. */
  readonly held: HeldRow | undefined;
  readonly onRead: (reading: UpgradeReading | null) => Refused;
}

/** Readings that were taken on the right side of the work. */
function fits({ doneAt }: Upgrade, which: 'before' | 'after', at: string): boolean {
  if (!doneAt) return which === 'before';
  return which === 'before' ? at <= doneAt : at > doneAt;
}

/** What was read before or after: typed with its doubt, or taken from a proof. */
export function ReadingLines({ upgrade, which, system, held, onRead }: ReadingProps) {
  const { measure } = upgrade;
  if (!measure) return null;
  const { kind } = measure;
  const reading = upgrade[which];
  const say = (si: number) => formatQuantity(kind, si, system, 4).text;
  const read = (text: string, name: string): number | string => {
    const got = parseQuantity(kind, text, displayUnit(kind, system).symbol);
    if (!got.ok) return `${name}: ${explainParseError(kind, got.error)}`;
    return got.si;
  };
  const now = new Date().toISOString();
  const value = (text: string): Refused => {
    if (!text) return onRead(null);
    const got = read(text, `Read ${which}`);
    if (typeof got === 'string') return got;
    return onRead({ value: got, half: reading?.half ?? 0, at: reading?.at ?? now, record: '' });
  };
  const doubt = (text: string): Refused => {
    const got = text ? read(text, 'Doubt') : 0;
    if (typeof got === 'string') return got;
    if (got < 0) return 'Doubt: wanted half of an interval, nought or more.';
    return reading ? onRead({ ...reading, half: got, record: '' }) : 'Type what was read first.';
  };
  const measured = held?.measured;
  const offered = measured && fits(upgrade, which, measured.at) && measured.record !== reading?.record;
  return (
    <div className={styles.reading}>
      <span>{which === 'before' ? 'Read before' : 'Read after'}</span>
      <TextLine
        label={`Read ${which}`}
        value={reading ? say(reading.value) : ''}
        placeholder={displayUnit(kind, system).symbol}
        maxLength={30}
        optional
        onText={value}
      />
      <span>±</span>
      <TextLine
        label={`Doubt of what was read ${which}`}
        value={reading ? say(reading.half) : ''}
        placeholder="95 %"
        maxLength={30}
        optional
        onText={doubt}
      />
      {offered && (
        <Action
          onAct={() =>
            onRead({
              value: measured.value,
              half: measured.expanded,
              at: measured.at,
              record: measured.record,
            })
          }
        >
          {`Take ${say(measured.value)} ± ${say(measured.expanded)} from Prove`}
        </Action>
      )}
    </div>
  );
}
