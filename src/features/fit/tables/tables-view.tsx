'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { rackBodies, railSeats, screwEnds, woodInserts } from '@/core/catalogue';
import { boreDepth, threads } from '@/core/fit';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import { Fold } from '@/ui/fold';
import styles from '../fit.module.css';
import type { FitPage } from '../page';

/**
 * A table of the bench: its name, where its figures come from, its columns and its rows, the first one's
 * head.
 */
interface BenchTable {
  readonly title: string;
  readonly basis: string;
  readonly columns: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

type Say = (m: number) => string;

const screwTable = (system: 'metric' | 'inch'): BenchTable => {
  const say: Say = (m) =>
    (system === 'metric'
      ? formatQuantity('length', m, 'metric', 3)
      : formatQuantity('length', m, 'imperial', 4)
    ).text;
  return {
    title: system === 'metric' ? 'Metric screws: holes and heads' : 'Inch screws: holes and heads',
    basis:
      system === 'metric'
        ? 'ISO 273, ISO 2306, ISO 4762, DIN 974-1, ISO 10642, ISO 7089; typed from memory of them.'
        : 'ASME B1.1, B18.2.8, B18.3; counterbore, washer, countersink and tap drill from memory.',
    columns: [
      'Screw',
      'Close',
      'Usual',
      'Wide',
      'Tap drill',
      'Counterbore',
      'Deep',
      'Countersink',
      'Washer',
      'Key',
    ],
    // A screw is read in the units that it is made in, whatever the sheet is in.
    rows: threads
      .filter((t) => t.system === system)
      .map((t) => [
        t.name,
        say(t.clearance.fine),
        say(t.clearance.medium),
        say(t.clearance.coarse),
        say(t.tapDrill),
        say(t.bore),
        say(boreDepth(t)),
        say(t.sunk),
        `${say(t.washer.diameter)} × ${say(t.washer.thickness)}`,
        say(t.key),
      ]),
  };
};

const tablesOf = (say: Say): readonly BenchTable[] => [
  screwTable('metric'),
  screwTable('inch'),
  {
    title: 'Ends of a screw for foot end blocks',
    basis:
      'Seats from memory, grooves DIN 471. Lengths differ by make: measure the block before you turn them.',
    columns: ['Screw', 'Fixed seat', 'Lock nut', 'Shank', 'Floating seat', 'Ring groove'],
    rows: screwEnds.map((e) => [
      say(e.screw),
      say(e.seat),
      e.lockNut,
      say(e.shank),
      say(e.far),
      `${say(e.groove.diameter)}, ${say(e.groove.width)} wide`,
    ]),
  },
  {
    title: 'Seats of profile rails and carriages',
    basis: 'From memory. A shoulder that is higher or a corner that is rounder holds the part off its seat.',
    columns: ['Rail', 'Shoulder at the rail', 'Corner', 'Shoulder at the carriage', 'Corner there'],
    rows: railSeats.map((s) => [
      say(s.size),
      `≤ ${say(s.railShoulder)}`,
      `≤ ${say(s.railCorner)}`,
      `≤ ${say(s.shoulder)}`,
      `≤ ${say(s.corner)}`,
    ]),
  },
  {
    title: 'Racks',
    basis: 'From memory. Holes of racks follow no standard: measure them, or drill through.',
    columns: ['Module', 'Wide', 'High', 'Pitch line over the back'],
    rows: rackBodies.map((r) => [
      String(Number((r.module * 1000).toFixed(2))),
      say(r.width),
      say(r.height),
      say(r.line),
    ]),
  },
  {
    title: 'Screw-in inserts for wood',
    basis: 'From memory; they differ by make: try one in an offcut.',
    columns: ['Thread', 'Outside', 'Hole in softwood', 'Hole in hardwood', 'Long'],
    rows: woodInserts.map((i) => [i.thread, say(i.outside), say(i.hole.soft), say(i.hole.hard), say(i.long)]),
  },
];

const askFor = [
  'Bellows: closed length by make; a tenth to a fifth of what they cover is usual (memory). Type ' +
    'it at the travel chain.',
  'Spindle clamps of 65, 80 and 100 follow no standard: measure holes and height of the axis.',
  'The reference edge of a carriage is ground or marked with an arrow; all carriages of a rail ' +
    'look the same way.',
  'Holes of a flanged nut are turned differently by make: take the angle from the nut.',
] as const;

/** Figures that are looked up at the bench, with where they come from. */
export function TablesView({ views }: FitPage) {
  const { system } = useMachine();
  const say: Say = (m) => formatQuantity('length', m, system, 4).text;
  return (
    <>
      <div className={styles.left}>
        <h2 className={styles.heading}>What to ask or measure</h2>
        <ul className={styles.asks}>
          {askFor.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      </div>
      <section aria-labelledby="tables-title" className={`${styles.middle} ${styles.wide}`}>
        {views}
        <h2 className={styles.heading} id="tables-title">
          Tables for the bench <small>a drawing beats a table, a calliper beats a drawing</small>
        </h2>
        {tablesOf(say).map((table, i) => (
          <Fold key={table.title} open={i < 2} className={styles.part} summary={table.title}>
            <p className={styles.missing}>{table.basis}</p>
            <CardTable titles={table.columns} label={table.title}>
              {table.rows.map(([head, ...cells]) => (
                <TableRow key={head}>
                  <TableCell component="th" scope="row">
                    {head}
                  </TableCell>
                  {cells.map((cell, n) => (
                    <TableCell key={n} data-title={table.columns[n + 1]}>
                      {cell}
                    </TableCell>
                  ))}
                </TableRow>
              ))}
            </CardTable>
          </Fold>
        ))}
      </section>
    </>
  );
}
