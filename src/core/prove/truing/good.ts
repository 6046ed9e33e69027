import type { Axis, Project } from '@/core/model';
import type { Good } from './sheet';

/**
 * Share of the wanted accuracy that one thing to true may take: some nine of them add as squares to half of
 * it, the other half is left to drives, heat and bending. Common practice, no source.
 */
export const TRUING_SHARE = 1 / 6;

const unknown: Good = { value: null, from: 'unknown' };

/** A length that is good enough, out of the wanted accuracy. */
export function goodLength({ brief }: Project): Good {
  const asked = brief.accuracy?.si;
  return asked === undefined ? unknown : { value: asked * TRUING_SHARE, from: 'brief' };
}

/** A slope that is good enough: that length over a reach. */
export function goodSlope(project: Project, reach: number): Good {
  const { value } = goodLength(project);
  return value === null || !(reach > 0) ? unknown : { value: value / reach, from: 'brief' };
}

/** The lesser of what the work wants and what else limits it. */
export function atMostGood(good: Good, limit: number | null, from: Good['from']): Good {
  if (limit === null) return good;
  return good.value === null || limit < good.value ? { value: limit, from } : good;
}

/** Squareness of the long way to the cross way: as the brief asks it, else out of the accuracy. */
export function goodSquare(project: Project, cross: Axis | undefined): Good {
  const said = project.brief.squareness?.si;
  const own = goodSlope(project, cross?.demands.travel.si ?? 0);
  return said === undefined ? own : atMostGood(own, said, 'said');
}

/** Whole swing of a shaft behind a coupling; common practice, no source. */
export const GOOD_RUNOUT: Good = { value: 0.05e-3, from: 'practice' };
/** Least and greatest play of a rack’s mesh where it is tightest, m; common practice, no source. */
export const MESH_PLAY = { least: 0.02e-3, most: 0.05e-3 } as const;
/** A screw off its rail’s line over the travel; common practice, no source. */
export const GOOD_SCREW: Good = { value: 0.05e-3, from: 'practice' };
/** A belt’s pull beside the one that the plan reckons with; common practice, no source. */
export const BELT_SHARE = 0.15;
/** Sag of a chain by its span; common practice, no source. */
export const CHAIN_SAG = { least: 0.01, most: 0.02 } as const;
