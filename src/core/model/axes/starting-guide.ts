import { guess as m } from '../guess';
import type { Axis, Guide, GuideKind } from './schema';

/**
 * Usual friction, seals and stiffness of a carriage, out of memory: a rough start that asks for the
 * datasheet.
 */
const guideUsual: Record<
  GuideKind,
  readonly [friction: string, seal: string, vertical: string, lateral: string, races: string]
> = {
  profile: ['0.004', '3 N', '200 N/µm', '140 N/µm', '15 mm'],
  miniature: ['0.005', '1 N', '60 N/µm', '45 N/µm', '8 mm'],
  'supported-round': ['0.004', '3 N', '60 N/µm', '40 N/µm', '0 mm'],
  'round-rod': ['0.004', '2 N', '40 N/µm', '40 N/µm', '0 mm'],
  'v-wheel': ['0.03', '0 N', '5 N/µm', '5 N/µm', '0 mm'],
  'tube-bearing': ['0.01', '0 N', '8 N/µm', '8 N/µm', '0 mm'],
};

const usualSize: Record<GuideKind, string> = {
  profile: '20 mm',
  miniature: '12 mm',
  'supported-round': '20 mm',
  'round-rod': '20 mm',
  'v-wheel': '20 mm',
  'tube-bearing': '30 mm',
};

/** A guide of a kind: what is particular to it starts anew, where things stand on the axis is kept. */
export function guideOfKind(kind: GuideKind, kept: Guide): Guide {
  const [friction, seal, vertical, lateral, races] = guideUsual[kind];
  return {
    ...kept,
    kind,
    friction: m('ratio', friction),
    seal: m('force', seal),
    verticalStiffness: m('stiffness', vertical),
    lateralStiffness: m('stiffness', lateral),
    raceSpacing: m('length', races),
    size: m('length', usualSize[kind]),
    dynamicLoad: null,
    staticLoad: null,
    grip: 'unknown',
  };
}

export function startingGuide(): Guide {
  const none = m('length', '0 mm');
  return {
    kind: 'profile',
    mounting: 'flat',
    rails: m('count', '2'),
    perRail: m('count', '2'),
    spacing: null,
    offPlane: null,
    railLength: null,
    carriageSpan: null,
    carriageLength: null,
    plate: null,
    raceSpacing: m('length', '15 mm'),
    size: null,
    dynamicLoad: null,
    ratingBasis: 50,
    staticLoad: null,
    verticalStiffness: m('stiffness', '200 N/µm'),
    lateralStiffness: m('stiffness', '140 N/µm'),
    preload: 'light',
    grip: 'unknown',
    friction: m('ratio', '0.004'),
    seal: m('force', '3 N'),
    shock: m('ratio', '1.5'),
    overhang: none,
    heightError: null,
    parallelError: null,
    massX: none,
    massY: none,
    massZ: none,
    toolX: none,
    toolY: none,
    toolZ: none,
    driveY: none,
    driveZ: none,
    sideForce: null,
    normalForce: null,
  };
}

export const startingCoupling = (): Axis['coupling'] => ({
  kind: 'beam',
  place: 'motor',
  inertia: m('inertia', '0.1 kg·cm²'),
  stiffness: null,
  backlash: m('angle', '0°'),
  torqueLimit: null,
  runout: null,
});
