import { extrusionSection, extrusionSizes, tubeSection, tubeSizes, woodSizes } from '@/core/catalogue';
import { type FrameKind, guess, type MaterialId, type Section } from '@/core/model';
import { memberOf } from '@/core/sections';

/** A section that members are cut from, with what it weighs and costs. */
export interface Profile {
  readonly section: Section;
  readonly material: MaterialId;
  /** kg/m. */
  readonly mass: number;
  /** Example price, euros a metre, cut to length. */
  readonly price: number;
}

/**
 * Example prices, euros a kilogram: tube and plate out of the rack, slotted extrusion, glued plywood with its
 * offcuts. Common practice, no source.
 */
const perKilogram: Readonly<Record<FrameKind, number>> = { steel: 2.4, aluminium: 8, wood: 4.5 };

/** A section with its mass and its example price. */
export const profileOf = (kind: FrameKind, section: Section, material: MaterialId): Profile => {
  const { mass } = memberOf(section, material);
  return { section, material, mass, price: mass * perKilogram[kind] };
};

const mm = (value: number) => guess('length', `${value} mm`);

const tubes = () =>
  tubeSizes.filter((t) => t.making === 'cold').map((t) => profileOf('steel', tubeSection(t), 'steel'));

const extrusions = () =>
  extrusionSizes
    .filter((e) => e.height >= 60)
    .map((e) => profileOf('aluminium', extrusionSection(e), 'aluminium'));

const woods = () =>
  woodSizes.map(({ height, width, flange, web, material }) => {
    const size = { height: mm(height), width: mm(width) };
    const section: Section =
      flange && web
        ? { kind: 'plate-box', ...size, flange: mm(flange), web: mm(web) }
        : { kind: 'bar', ...size };
    return profileOf('wood', section, material);
  });

/** Plates on edge for columns of aluminium: their height lies along the bed. */
const plates = () =>
  (
    [
      [120, 15],
      [160, 15],
      [160, 20],
      [200, 20],
      [250, 20],
      [250, 25],
      [300, 30],
    ] as const
  ).map(([height, width]) =>
    profileOf('aluminium', { kind: 'bar', height: mm(height), width: mm(width) }, 'aluminium'),
  );

/** How a beam of a length gives at a tool on an arm: m/N, up and down, and to and fro with its twist. */
export function beamGives({ section, material }: Profile, length: number, arm: number) {
  const { EIv, EIl, GJ } = memberOf(section, material);
  return {
    up: length ** 3 / (48 * EIv),
    fore: length ** 3 / (48 * EIl) + (arm * arm * length) / (4 * GJ),
  };
}

/** A beam on which the two directions are weighed against one another, m. */
const USUAL = { length: 1.5, arm: 0.2 };

/** By mass, without such as are no stiffer than a lighter one. */
function ranked(profiles: readonly Profile[]): readonly Profile[] {
  const gives = (p: Profile) => {
    const { up, fore } = beamGives(p, USUAL.length, USUAL.arm);
    return Math.max(up, fore);
  };
  let least = Infinity;
  return [...profiles]
    .sort((a, b) => a.mass - b.mass)
    .filter((p) => {
      const better = gives(p) < least;
      if (better) least = gives(p);
      return better;
    });
}

/** Families of members by what the frame is made of, the lightest first. */
export interface MemberFamilies {
  readonly beam: readonly Profile[];
  readonly column: readonly Profile[];
  readonly bed: readonly Profile[];
}

const families = (): Readonly<Record<FrameKind, MemberFamilies>> => {
  const [steel, aluminium, wood] = [ranked(tubes()), ranked(extrusions()), ranked(woods())];
  return {
    steel: { beam: steel, column: steel, bed: steel },
    aluminium: { beam: aluminium, column: plates(), bed: aluminium },
    wood: { beam: wood, column: wood, bed: wood },
  };
};

let known: ReturnType<typeof families> | undefined;

/** What lies there goes before what is bought, and what is bought must be heavier than all of it. */
function withStock(bought: readonly Profile[], stock: readonly Profile[]): readonly Profile[] {
  const heaviest = stock.at(-1)?.mass ?? 0;
  return [...stock, ...bought.filter((p) => p.mass > heaviest)];
}

/**
 * The families of a frame, the lightest first.
 * @param stock sections that lie there and go before what is bought, the lightest first.
 */
export function membersFor(kind: FrameKind, stock: readonly Profile[] = []): MemberFamilies {
  const { beam, column, bed } = (known ??= families())[kind];
  if (!stock.length) return { beam, column, bed };
  // A flat is no beam: on edge it is a column.
  const stiff = stock.filter((p) => kind === 'wood' || p.section.kind !== 'bar');
  return { beam: withStock(beam, stiff), column: withStock(column, stock), bed: withStock(bed, stiff) };
}

/** Outside of a section: away from the rails or upright, and across; m. */
export function outside(section: Section): { readonly height: number; readonly width: number } {
  if ('diameter' in section) return { height: section.diameter.si, width: section.diameter.si };
  return { height: section.height.si, width: section.width.si };
}

/**
 * Turning stiffness of the corner between a column and its beam, N·m/rad: a bolted plate or weld gives about
 * as much as half a metre of the column itself. Common practice, no source.
 */
export function cornerStiffness({ section, material }: Profile): number {
  return memberOf(section, material).EIv / 0.5;
}
