import { type Face, type Footprint, type PlateHole, widthAtFace } from './hole';
import type { Place } from './pattern';

/** A side of an outline without arcs, or a piece of one with them. */
export type Polygon = readonly Place[];

/** How far a place lies from a side. */
function toSide({ x, y }: Place, a: Place, b: Place): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const long = dx * dx + dy * dy;
  const t = long > 0 ? Math.max(0, Math.min(1, ((x - a.x) * dx + (y - a.y) * dy) / long)) : 0;
  return Math.hypot(x - a.x - t * dx, y - a.y - t * dy);
}

/** Whether a place lies inside an outline, by even and odd. */
export function insideOutline(place: Place, outline: Polygon): boolean {
  let inside = false;
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    if (a.y > place.y === b.y > place.y) return;
    if (place.x < a.x + ((place.y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside;
  });
  return inside;
}

/** How far a place lies inside an outline, m; negative outside. */
export function depthInside(place: Place, outline: Polygon): number {
  const least = outline.reduce(
    (d, a, i) => Math.min(d, toSide(place, a, outline[(i + 1) % outline.length]!)),
    Infinity,
  );
  return insideOutline(place, outline) ? least : -least;
}

/** What is found of one hole, and by how much: what there is against what is wanted, m. */
export interface HoleFault {
  readonly hole: string;
  readonly other?: string;
  readonly have: number;
  readonly need: number;
}

/** From the middle of a hole to the edge: 1.5 of its diameter, 2 in aluminium; common practice, no source. */
const EDGE = { usual: 1.5, aluminium: 2 } as const;
/** Wall between two holes over the smaller one's diameter; common practice, no source. */
const WALL = 1;
/** What is left under a counterbore, over the diameter of the hole; common practice, no source. */
const FLOOR = 0.5;
const ROUNDING = 1e-9;

/** Holes too near the edge, or outside. */
export const edgeFaults = (
  holes: readonly PlateHole[],
  outline: Polygon,
  aluminium: boolean,
): readonly HoleFault[] =>
  holes.flatMap((hole) => {
    const have = depthInside(hole, outline);
    const need = (aluminium ? EDGE.aluminium : EDGE.usual) * hole.diameter;
    return have < need - ROUNDING ? [{ hole: hole.label, have, need }] : [];
  });

/** Holes with too little wall between them; negative: they run into one another. */
export function wallFaults(holes: readonly PlateHole[]): readonly HoleFault[] {
  const found: HoleFault[] = [];
  holes.forEach((a, i) => {
    for (let j = i + 1; j < holes.length; j++) {
      const b = holes[j]!;
      const have = Math.hypot(a.x - b.x, a.y - b.y) - (a.diameter + b.diameter) / 2;
      const need = WALL * Math.min(a.diameter, b.diameter);
      if (have < need - ROUNDING) found.push({ hole: a.label, other: b.label, have, need });
    }
  });
  return found;
}

/** Counterbores that leave too little under the head. */
export const floorFaults = (holes: readonly PlateHole[], thickness: number): readonly HoleFault[] =>
  holes.flatMap(({ bore, diameter, label }) => {
    if (!bore) return [];
    const have = thickness - bore.depth;
    const need = FLOOR * diameter;
    return have < need - ROUNDING ? [{ hole: label, have, need }] : [];
  });

/** How far a circle reaches into a rectangle about its middle; 0 or less: not at all. */
function reachInto(place: Place, radius: number, { middle, along, across }: Footprint): number {
  const dx = Math.max(0, Math.abs(place.x - middle.x) - along / 2);
  const dy = Math.max(0, Math.abs(place.y - middle.y) - across / 2);
  return radius - Math.hypot(dx, dy);
}

/** Heads that lie under a part on the same face, so that no key reaches them; each with the part's group. */
export const hiddenHeads = (
  holes: readonly PlateHole[],
  parts: readonly Footprint[],
): readonly { readonly hole: string; readonly under: string; readonly by: number }[] =>
  holes.flatMap((hole) => {
    const under = parts.find(
      (p) =>
        p.group !== hole.group && p.face === hole.face && reachInto(hole, widthAtFace(hole) / 2, p) > 5e-4,
    );
    return under
      ? [{ hole: hole.label, under: under.group, by: reachInto(hole, widthAtFace(hole) / 2, under) }]
      : [];
  });

/** How plates are cut, and the least hole over the thickness that each way makes; common practice. */
export const leastHole = { drill: 0, mill: 0, water: 0.5, laser: 1, plasma: 2 } as const;
export type Making = keyof typeof leastHole;

/** Holes that a way of cutting does not make: too small for the thickness, or reamed. */
export const makingFaults = (
  holes: readonly PlateHole[],
  thickness: number,
  made: Making,
): readonly HoleFault[] => {
  const need = leastHole[made] * thickness;
  return need > 0
    ? holes.flatMap((h) =>
        h.diameter < need - ROUNDING || h.reamed ? [{ hole: h.label, have: h.diameter, need }] : [],
      )
    : [];
};

export type { Face };
