import { type Axis, type GuideKind, guideOfKind } from '@/core/model';
import {
  miniatureRails,
  profileRails,
  roundRods,
  supportedRails,
  tubeBearings,
  wheels,
} from '../tables/guides';
import type { Family, Part } from './part';

const baseOf = (kind: GuideKind) => (axis: Axis) =>
  axis.guide.kind === kind ? axis.guide : guideOfKind(kind, axis.guide);

const shown = [
  { path: 'guide.size', title: 'Size' },
  { path: 'guide.staticLoad', title: 'Rating C0' },
  { path: 'guide.dynamicLoad', title: 'Rating C' },
  { path: 'guide.carriageLength', title: 'Carriage' },
] as const;
const family = (id: string, name: string, kind: GuideKind, parts: readonly Part[]): Family => ({
  id,
  name,
  link: 'guide',
  root: 'guide',
  base: baseOf(kind),
  columns:
    kind === 'v-wheel' || kind === 'tube-bearing'
      ? shown.filter((c) => c.path !== 'guide.dynamicLoad')
      : shown,
  standard: ['guide.size'],
  forget: () => [],
  parts,
});

export const guideFamilies: readonly Family[] = [
  family('profile-rail', 'Profile rails', 'profile', profileRails),
  family('miniature-rail', 'Miniature rails', 'miniature', miniatureRails),
  family('supported-rail', 'Supported round rails', 'supported-round', supportedRails),
  family('round-rod', 'Round rods', 'round-rod', roundRods),
  family('wheel', 'V-wheels', 'v-wheel', wheels),
  family('tube-bearing', 'Bearings on tube', 'tube-bearing', tubeBearings),
];
