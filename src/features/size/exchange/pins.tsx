'use client';

import Dialog from '@mui/material/Dialog';
import { useState } from 'react';
import { compareReports } from '@/core/choose';
import { type AxisReport, axisReport, effectiveAxis } from '@/core/machine';
import type { Axis, Pin, Project } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { CompareTable } from './compare-table';
import styles from './exchange.module.css';

interface PinsProps {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly project: Project;
  readonly pins: readonly Pin[];
  readonly system: UnitSystem;
  readonly onPin: (name: string) => void;
  readonly onTake: (pin: Pin) => void;
  readonly onDrop: (pin: Pin) => void;
}

/** As many as the model keeps for a machine. */
const MOST = 24;

/** Variants that were put by: hold the present axis against one of them, take it back, or drop it. */
export function Pins({ axis, report, project, pins, system, onPin, onTake, onDrop }: PinsProps) {
  const mine = pins.filter((p) => p.axisId === axis.id);
  const [open, setOpen] = useState<string | null>(null);
  const pin = mine.find((p) => p.id === open) ?? (open ? mine[0] : undefined);
  const comparison = pin
    ? compareReports(
        axisReport(effectiveAxis(project, { ...pin.axis, id: axis.id, carriedBy: axis.carriedBy }), {
          remedies: false,
        }),
        report,
      )
    : null;
  return (
    <span className={styles.pins}>
      <button
        type="button"
        disabled={pins.length >= MOST}
        onClick={() => onPin(`Variant ${mine.length + 1}`)}
        title="Put the axis by as it is now, to hold others against it"
      >
        Pin
      </button>
      {mine.length > 0 && (
        <button type="button" onClick={() => setOpen(mine[mine.length - 1]!.id)}>
          Compare {mine.length}
        </button>
      )}
      {pin && comparison && (
        <Dialog
          open
          onClose={() => setOpen(null)}
          fullWidth
          maxWidth="md"
          aria-labelledby="pins-title"
          slotProps={{ paper: { className: styles.paper ?? '' } }}
        >
          <header className={styles.head}>
            <h2 id="pins-title">{axis.name}: pinned against present</h2>
            <div className={styles.families} role="group" aria-label="Pinned variants">
              {mine.map((p) => (
                <button key={p.id} type="button" aria-pressed={p.id === pin.id} onClick={() => setOpen(p.id)}>
                  {p.name}
                </button>
              ))}
            </div>
          </header>
          <div className={styles.single}>
            <CompareTable comparison={comparison} names={[pin.name, 'now']} system={system} />
          </div>
          <footer className={styles.foot}>
            <button type="button" onClick={() => onDrop(pin)}>
              Drop this pin
            </button>
            <span className={styles.grow} />
            <button
              type="button"
              onClick={() => {
                onTake(pin);
                setOpen(null);
              }}
            >
              Put it back on the axis
            </button>
            <button type="button" className={styles.main} onClick={() => setOpen(null)}>
              Close
            </button>
          </footer>
        </Dialog>
      )}
    </span>
  );
}
