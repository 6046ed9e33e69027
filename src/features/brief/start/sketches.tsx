import type { Job } from '@/core/model';
import styles from './start.module.css';

/** What each job looks like at the tool: strokes in a box of 48 by 36. */
const strokes: Readonly<Record<Job, readonly string[]>> = {
  board: ['M4 26h40v6H4z', 'M20 4h8v8h-8z', 'M21 12v12M27 12v12M21 15l6 3M21 19l6 3'],
  slab: ['M3 24c8-3 14 2 21 0s14-3 21 0v8H3z', 'M22 4h4v9h-4z', 'M14 13h20v5H14z'],
  plastic: ['M4 27h40v3H4z', 'M21 4h6v8h-6z', 'M22 12v14h4V12M10 27l-4-5M38 27l4-5'],
  aluminium: ['M6 24h36v8H6z', 'M20 4h8v8h-8z', 'M22 12v10h4V12M6 28h36'],
  steel: ['M8 22h32v10H8z', 'M18 3h12v9H18z', 'M22 12v9h4v-9M8 25h32M8 29h32'],
  plasma: ['M4 24h40v3H4z', 'M20 4h8l-2 12h-4z', 'M24 16v8M24 27l-4 6M24 27l4 6M24 27v7'],
  foam: ['M6 14h36v18H6z', 'M24 3v31', 'M21 3h6'],
  knife: ['M4 28h40', 'M21 4h6v8l-2 3v9l-2 4v-13l-2-3z', 'M4 28c6-3 10 3 16 0'],
  pen: ['M4 30h40', 'M30 4l5 4-12 17-6 4 1-7z', 'M7 30c5-6 8 2 12-3'],
};

/** A job as a small drawing. */
export function JobSketch({ job }: { readonly job: Job }) {
  return (
    <svg viewBox="0 0 48 36" width={48} height={36} aria-hidden className={styles.line}>
      {strokes[job].map((d) => (
        <path key={d} d={d} />
      ))}
    </svg>
  );
}

/** A grown person, m. */
const PERSON = 1.75;

/** A piece beside a person, both to one scale. @param length, width m @param ours nobody said them. */
export function PieceSketch({ length, width, label }: { length: number; width: number; label: string }) {
  const scale = Math.min(150 / length, 78 / Math.max(width, PERSON * 0.6));
  const [w, h, man] = [length * scale, width * scale, PERSON * scale];
  const x = w + 16;
  return (
    <svg viewBox={`0 0 ${Math.max(176, x + 24)} ${Math.max(h, man) + 6}`} role="img" aria-label={label}>
      <rect x={1} y={1} width={w} height={h} className={styles.wash} />
      <g className={styles.line} transform={`translate(${x + 8} 1)`}>
        <circle cx={0} cy={man * 0.07} r={man * 0.07} />
        <path d={`M0 ${man * 0.14}v${man * 0.4}M${-man * 0.12} ${man * 0.26}h${man * 0.24}`} />
        <path d={`M0 ${man * 0.54}l${-man * 0.1} ${man * 0.44}M0 ${man * 0.54}l${man * 0.1} ${man * 0.44}`} />
      </g>
    </svg>
  );
}

/** Beam, tool and work from the front. @param height of the work, stock thickness; m */
export function HeightSketch({ height, stock, label }: { height: number; stock: number; label: string }) {
  const scale = 64 / (height * 1.25 + 0.05);
  const [free, thick] = [height * scale, Math.max(2, Math.min(height, stock) * scale)];
  const base = 78;
  return (
    <svg viewBox="0 0 176 90" role="img" aria-label={label}>
      <g className={styles.line}>
        <rect x={4} y={base - free - 14} width={150} height={10} />
        <path d={`M70 ${base - free - 4}v${free * 0.25}h14v${-free * 0.25}`} />
        <path d={`M77 ${base - free * 0.75 - 4}v8`} />
        <path d={`M164 ${base}v${-free}M160 ${base}h8M160 ${base - free}h8`} />
      </g>
      <rect x={24} y={base - thick} width={110} height={thick} className={styles.wash} />
      <rect x={4} y={base} width={150} height={7} className={styles.steel} />
    </svg>
  );
}

/** The room with the machine in it, and where one stands; m. */
export function RoomSketch(props: {
  readonly room: readonly [length: number, width: number];
  readonly machine: readonly [length: number, width: number] | null;
  readonly label: string;
}) {
  const { room, machine, label } = props;
  const scale = Math.min(168 / room[0], 78 / room[1]);
  const [w, h] = [room[0] * scale, room[1] * scale];
  const turned = machine && machine[0] > room[0] && machine[1] <= room[0];
  const [l, b] = machine ? (turned ? [machine[1], machine[0]] : machine) : [0, 0];
  return (
    <svg viewBox={`0 0 ${w + 4} ${h + 4}`} role="img" aria-label={label}>
      <rect x={2} y={2} width={w} height={h} className={styles.wall} />
      {machine && <rect x={6} y={6} width={l * scale} height={b * scale} className={styles.wash} />}
    </svg>
  );
}
