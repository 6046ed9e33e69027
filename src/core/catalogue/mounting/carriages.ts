import type { Guide } from '@/core/model';
import type { Row } from '../table';
import { miniatureMounts, profileMounts, supportedMounts } from '../tables/mounting';

const tables: Partial<Record<Guide['kind'], readonly Row[]>> = {
  profile: profileMounts,
  miniature: miniatureMounts,
  'supported-round': supportedMounts,
};

export type CarriageForm = 'narrow' | 'low' | 'flange';
export type CarriageRow = 'short' | 'long';

/** How a carriage and its rail are mounted, m. */
export interface CarriageMount {
  readonly form: CarriageForm;
  /** From the seat of the rail to the face of the carriage, and the width of the carriage. */
  readonly height: number;
  readonly width: number;
  /** Thread of its holes, `M5`, and how deep it is. */
  readonly thread: string;
  readonly depth: number;
  /** Distance of its holes across the rail and, by its length, along it; null: ask for it. */
  readonly across: number;
  readonly along: Readonly<Record<CarriageRow, number | null>>;
  readonly length: Readonly<Record<CarriageRow, number | null>>;
  readonly rail: {
    readonly width: number;
    readonly height: number;
    readonly pitch: number;
    readonly hole: number;
    /** Of the counterbore; null: none, the foot of the rail is drilled through. */
    readonly bore: number | null;
  };
  readonly source: string;
}

const mm = (cell: string | undefined): number => Number(cell) / 1000;
const maybeMm = (cell: string | undefined) => (cell ? mm(cell) : null);

function mountOf(row: Row): CarriageMount {
  return {
    form: row.form as CarriageForm,
    height: mm(row.H),
    width: mm(row.W),
    thread: row.thread!,
    depth: mm(row.depth),
    across: mm(row.B),
    along: { short: maybeMm(row.short), long: maybeMm(row.long) },
    length: { short: maybeMm(row.Lshort), long: maybeMm(row.Llong) },
    rail: {
      width: mm(row.railWidth),
      height: mm(row.railHeight),
      pitch: mm(row.pitch),
      hole: mm(row.hole),
      bore: maybeMm(row.bore),
    },
    source: row.basis!,
  };
}

/** The forms in which a size is made; none where the size or kind is not in the tables. @param size m. */
export function carriageMounts(kind: Guide['kind'], size: number): readonly CarriageMount[] {
  const rows = tables[kind] ?? [];
  return rows.filter((r) => Math.abs(mm(r.size) - size) < 1e-6).map(mountOf);
}

/** How near a carriage must be to a listed length to be that one, m. */
const LIKE = 0.004;

/** Short or long by the length of a carriage; null where it is like neither. */
export function rowByLength({ length }: CarriageMount, measured: number): CarriageRow | null {
  const off = (row: CarriageRow) => Math.abs((length[row] ?? Infinity) - measured);
  const nearest = off('short') <= off('long') ? 'short' : 'long';
  return off(nearest) <= LIKE ? nearest : null;
}
