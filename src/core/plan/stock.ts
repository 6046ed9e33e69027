import { extrusionSection, extrusionSizes } from '@/core/catalogue';
import { memberSection } from '@/core/build';
import {
  type BarInput,
  type FrameKind,
  guess,
  type MaterialId,
  materialIds,
  type Project,
  type Section,
} from '@/core/model';
import { type Profile, profileOf } from './sections';

/** What lies there of one section. */
export interface Stock {
  readonly kind: FrameKind;
  readonly profile: Profile;
  /** Of each piece, m. */
  readonly lengths: readonly number[];
}

const kinds: Readonly<Partial<Record<MaterialId, FrameKind>>> = {
  steel: 'steel',
  aluminium: 'aluminium',
  'birch-plywood': 'wood',
  maple: 'wood',
};

/** No bar that somebody keeps is wider, mm. */
const WIDEST = 1000;

const mm = (value: string) => guess('length', `${value} mm`);

/** Slotted extrusions by the key under which they are sawn. */
const extrusions = () =>
  new Map(
    extrusionSizes.map((size) => {
      const section = extrusionSection(size);
      return [memberSection(section, 'aluminium').key, section] as const;
    }),
  );
let slotted: ReturnType<typeof extrusions> | undefined;

/**
 * The section that bars are sawn under, out of its key: square tube and flats by their sizes, slotted
 * extrusion off the list. Undefined where nobody knows how stiff such a bar is.
 */
export function sectionOf(
  key: string,
): { readonly section: Section; readonly material: MaterialId } | undefined {
  const [, kind, sizes, word] =
    /^(rect-tube|bar|extrusion) ([\d.]+(?:x[\d.]+)*) ([a-z0-9-]+)$/.exec(key) ?? [];
  const material = materialIds.find((m) => m === word);
  if (!kind || !sizes || !material) return undefined;
  const [height, width, wall] = sizes.split('x');
  if (kind === 'extrusion') {
    const section = (slotted ??= extrusions()).get(key);
    return section && { section, material };
  }
  if (!height || !width) return undefined;
  // Bars may be typed by hand: what is no section is known to nobody.
  const sides = [Number(height), Number(width)];
  if (!sides.every((v) => v > 0 && v <= WIDEST)) return undefined;
  if (wall !== undefined && !(Number(wall) > 0 && 2 * Number(wall) < Math.min(...sides))) return undefined;
  const outside = { height: mm(height), width: mm(width) };
  if (kind === 'bar') return wall === undefined ? { section: { kind, ...outside }, material } : undefined;
  return wall === undefined
    ? undefined
    : { section: { kind: 'rect-tube', ...outside, wall: mm(wall), making: 'cold' }, material };
}

const piecesOf = ({ length, count }: BarInput): number[] =>
  Array.from({ length: count ?? 0 }, () => length.si);

/** Bars that lie there and may become members of a frame, the lightest section first. */
export function stockOf({ bars }: Pick<Project, 'bars'>): readonly Stock[] {
  const found = new Map<string, Stock>();
  for (const bar of bars) {
    const lengths = piecesOf(bar);
    const read = lengths.length ? sectionOf(bar.section) : undefined;
    const kind = read && kinds[read.material];
    if (!kind) continue;
    const before = found.get(bar.section)?.lengths ?? [];
    const profile = profileOf(kind, read.section, read.material);
    found.set(bar.section, { kind, profile, lengths: [...before, ...lengths] });
  }
  return [...found.values()].sort((a, b) => a.profile.mass - b.profile.mass);
}

/** Kerf and the squaring of an end, for each piece that is sawn off, m. */
const LOST = 0.005;

/** A piece of a member. */
export interface Piece {
  readonly profile: Profile;
  readonly length: number;
}

export const keyOf = ({ section, material }: Profile): string => memberSection(section, material).key;

/**
 * Which pieces come out of bars that lie there: the longest first, each out of the shortest bar that it fits.
 * @returns of each piece, whether it does.
 */
export function outOfStock(pieces: readonly Piece[], stock: readonly Stock[]): readonly boolean[] {
  const left = new Map(stock.map(({ profile, lengths }) => [keyOf(profile), [...lengths]]));
  const covered = pieces.map(() => false);
  const order = pieces.map((_, i) => i).sort((a, b) => pieces[b]!.length - pieces[a]!.length);
  for (const i of order) {
    const { profile, length } = pieces[i]!;
    const bars = left.get(keyOf(profile)) ?? [];
    const fits = bars.filter((b) => b >= length + LOST);
    if (!fits.length) continue;
    const shortest = Math.min(...fits);
    bars[bars.indexOf(shortest)] = shortest - length - LOST;
    covered[i] = true;
  }
  return covered;
}
