'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { ReactNode } from 'react';
import type { Pair, Substitution } from '@/core/choose';
import { formatNumber, formatQuantity, type Kind } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import {
  changeText,
  clashText,
  dimensionText,
  fineLength,
  micro,
  rungName,
  screwText,
  stiffnessText,
} from '@/words';
import styles from '../fit.module.css';

const titles = ['What', 'Now', 'With it'] as const;

function Row({ name, before, after }: { name: string; before: ReactNode; after: ReactNode }) {
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        {name}
      </TableCell>
      <TableCell data-title="Now">{before}</TableCell>
      <TableCell data-title="With it">{after}</TableCell>
    </TableRow>
  );
}

interface DifferencesProps {
  readonly change: Substitution;
  /** Its frame is being solved: sag is not known yet. */
  readonly solving: boolean;
}

/** Everything that another part changes, in figures: what stays the same is left away. */
export function Differences({ change, solving }: DifferencesProps) {
  return (
    <>
      <Figures change={change} solving={solving} />
      <Meets change={change} />
      <Holes change={change} />
    </>
  );
}

const same = ({ before, after }: Pair, show: (v: number) => string) =>
  before !== null && after !== null && show(before) === show(after);

/** Mass, speed, sag, money. */
function Figures({ change, solving }: DifferencesProps) {
  const { system } = useMachine();
  const { axis, moving, soft, money, sag, stiffness } = change;
  const q =
    (kind: Kind, digits = 3) =>
    (v: number) =>
      Number.isFinite(v) ? formatQuantity(kind, v, system, digits).text : 'no limit';
  const of = (id: string) => axis.rows.find((r) => r.group === 'answer' && r.id === id) ?? NOTHING;
  const rows: readonly (readonly [string, Pair, (v: number) => string])[] = [
    ['Good for', of('speed'), q('speed')],
    ['Under cut', of('feed'), q('speed')],
    ['This axis moves', of('mass'), q('mass')],
    ['The machine moves', moving, q('mass')],
    ['Between soft limits', soft, q('length', 4)],
    ['Sag over the area', sag, (v) => micro(v, system)],
    ['Softest at the tool', stiffness, (v) => stiffnessText(v, system)],
    ['Parts, as far as known', money, (v) => `${formatNumber(v, 4)} €`],
  ];
  const shown = rows.filter(
    ([, pair, show]) => !(pair.before === null && pair.after === null) && !same(pair, show),
  );
  const say = (v: number | null, show: (v: number) => string, after: boolean) =>
    v === null ? (after && solving ? 'solving…' : 'not known') : show(v);
  const { governing } = axis;
  const turned = governing.before !== governing.after;
  if (!shown.length && !turned) return <p className={styles.missing}>No figure changes.</p>;
  return (
    <CardTable titles={titles} className={styles.table} label="What changes in figures">
      {shown.map(([name, pair, show]) => (
        <Row
          key={name}
          name={name}
          before={say(pair.before, show, false)}
          after={say(pair.after, show, true)}
        />
      ))}
      {turned && (
        <Row
          name="Limited by"
          before={rungName[governing.before as keyof typeof rungName]}
          after={rungName[governing.after as keyof typeof rungName]}
        />
      )}
    </CardTable>
  );
}

const NOTHING: Pair = { before: null, after: null };

/** Heights and widths by which it meets other parts, and the gaps that they leave. */
function Meets({ change: { sizes, gaps } }: { change: Substitution }) {
  const { system } = useMachine();
  if (!sizes.length && !gaps.length) return null;
  const say = (m: number | null) => (m === null ? 'not known' : fineLength(m, system));
  const advice = (a: Substitution['gaps'][number]['advice']['after']) => {
    if (!a) return '';
    const text =
      'by' in a
        ? changeText(a.does, fineLength(a.by, system))
        : a.does === 'leave'
          ? 'leave it'
          : 'measure first';
    return text ? ` (${text})` : '';
  };
  return (
    <CardTable titles={['Meets', 'Now', 'With it']} className={styles.table} label="Heights and gaps">
      {sizes.map((s) => (
        <Row
          key={s.dimension}
          name={dimensionText[s.dimension]}
          before={say(s.before)}
          after={say(s.after)}
        />
      ))}
      {gaps.map((g) => (
        <Row
          key={g.id}
          name={g.name}
          before={say(g.before) + advice(g.advice.before)}
          after={say(g.after) + advice(g.advice.after)}
        />
      ))}
    </CardTable>
  );
}

/** Holes that are others, and screws. */
function Holes({ change: { holes } }: { change: Substitution }) {
  const { system } = useMachine();
  if (!holes.length) return null;
  return (
    <CardTable
      titles={['Holes', 'Screw now', 'Screw with it', 'What becomes of the holes']}
      className={`${styles.table} ${styles.wraps}`}
      label="Holes and screws"
    >
      {holes.map((h) => (
        <TableRow key={`${h.plate} ${h.letter}`}>
          <TableCell component="th" scope="row">
            {h.plate}, {h.group}
          </TableCell>
          <TableCell data-title="Screw now">
            {h.screw.before ? screwText(h.screw.before, system) : 'none'}
          </TableCell>
          <TableCell data-title="Screw with it">{screwText(h.screw.after, system)}</TableCell>
          <TableCell data-title="What becomes of the holes">{clashText(h.clash, h.count, h.stay)}</TableCell>
        </TableRow>
      ))}
    </CardTable>
  );
}
