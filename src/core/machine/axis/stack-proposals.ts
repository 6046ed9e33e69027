import type { Axis, PartDimension, StackGapInput, StackLinkInput } from '@/core/model';
import { estimate, guess } from '@/core/model';
import { mountsOf } from './mounts';

/** Stack-ups that the chosen parts ask for. */
export const stackProposals = [
  'nut',
  'motor',
  'mesh',
  'mesh-line',
  'seats',
  'sides',
  'belt-line',
  'spindle',
] as const;
export type StackProposalId = (typeof stackProposals)[number];

/** A link before it has a name; words come from above. */
export type LinkSeed = Omit<StackLinkInput, 'name'>;
export type GapSeed = Omit<StackGapInput, 'name'>;

export interface StackProposal {
  readonly id: StackProposalId;
  readonly links: readonly LinkSeed[];
  readonly gap: GapSeed;
}

/** A link of a part, from plane to plane. Its id is that of the place, so that two chains share it. */
const link = (id: string, from: string, to: string, says: PartDimension | null = null): LinkSeed => ({
  id,
  from,
  to,
  says,
  part: '',
  published: null,
  drawn: null,
  measured: null,
  doubt: null,
  plus: null,
  minus: null,
  shape: 'unknown',
  lot: '',
});

/** A step that is none until somebody draws one. */
const level = (id: string, from: string, to: string): LinkSeed => ({
  ...link(id, from, to),
  drawn: guess('length', '0 mm'),
  plus: guess('length', '0.05 mm'),
  minus: guess('length', '0.05 mm'),
});

/** A gap and its window, mm; usual windows are ours until somebody confirms them. */
function gap(
  id: string,
  [from, to]: readonly [string, string],
  mend: GapSeed['mend'],
  [least, most, target]: readonly [string | null, string | null, string | null],
): GapSeed {
  const mm = (text: string | null) => (text === null ? null : guess('length', `${text} mm`));
  return {
    id,
    from,
    to,
    least: mm(least),
    most: mm(most),
    target: mm(target),
    mend,
    body: { width: null, length: null },
    side: mend === 'slot' ? estimate('length', '1 mm') : null,
    runs: 'with',
  };
}

const carriage = link('carriage', 'rail-seat', 'plate-face', 'carriage-height');
const block = link('block', 'block-base', 'screw-axis', 'block-height');
const blockStep = level('block-step', 'rail-seat', 'block-base');

/** Plate that a slot leaves under it at least, m; common practice, no source. */
const FLOOR = 0.004;

/**
 * The gap between nut housing and plate: a shim closes it; where the housing stands higher than the carriages
 * and the plate is thick enough, a slot takes it up.
 */
function nutGap(axis: Axis): GapSeed {
  const { carriage: mount, block: foot, housing } = mountsOf(axis);
  const plate = axis.guide.plate?.thickness.si;
  const over = mount && foot && housing ? foot.centre + housing.centre - mount.height : 0;
  const slotted = housing && plate !== undefined && over > 0 && plate - over >= FLOOR;
  if (!slotted) return gap('nut', ['nut-face', 'plate-face'], 'shim', ['0', '0.05', '0.02']);
  const mm = (m: number) => estimate('length', `${Number((m * 1000).toFixed(2))} mm`);
  return {
    ...gap('nut', ['nut-face', 'plate-face'], 'slot', ['0.5', '3', '1']),
    body: { width: mm(housing.width), length: mm(housing.length) },
  };
}

/** All stack-ups that an axis asks for by its drive and guide. Windows are common practice, no source. */
function asked(axis: Axis): StackProposal[] {
  const { drive, guide, role } = axis;
  const found: StackProposal[] = [];
  if (drive.kind === 'screw') {
    found.push({
      id: 'nut',
      links: [carriage, blockStep, block, link('nut-face', 'screw-axis', 'nut-face', 'nut-face')],
      gap: nutGap(axis),
    });
    found.push({
      id: 'motor',
      links: [
        level('block-on-base', 'motor-base', 'block-base'),
        block,
        link('motor', 'motor-base', 'motor-axis', 'motor-height'),
      ],
      gap: gap('motor', ['motor-axis', 'screw-axis'], 'shim', ['-0.05', '0.05', '0']),
    });
    found.push({
      id: 'sides',
      links: [
        link('carriage-half', 'carriage-side', 'rail-line', 'carriage-half'),
        link('rail-to-screw', 'rail-line', 'screw-line'),
        link('nut-half', 'nut-side', 'screw-line', 'nut-half'),
      ],
      gap: gap('sides', ['carriage-side', 'nut-side'], 'adjust', ['1', null, '2']),
    });
  }
  if (drive.kind === 'rack')
    found.push({
      id: 'mesh',
      links: [
        carriage,
        link('pinion-drop', 'plate-face', 'pinion-axis'),
        level('rack-step', 'rail-seat', 'rack-seat'),
        link('rack', 'rack-seat', 'pitch-line', 'rack-pitch-line'),
        link('pinion', 'pinion-tip', 'pinion-axis', 'pinion-radius'),
      ],
      gap: gap('mesh', ['pitch-line', 'pinion-tip'], 'shim', ['0.02', '0.05', '0.03']),
    });
  if (drive.kind === 'rack')
    // Hung from the plate the pinion drops by what plate, motor face and its seat on the shaft say.
    found.push({
      id: 'mesh-line',
      links: [
        carriage,
        link('motor-plate', 'plate-face', 'motor-face', 'plate'),
        link('pinion-on-shaft', 'pinion-middle', 'motor-face'),
        level('rack-foot', 'rail-seat', 'rack-foot'),
        link('rack-half', 'rack-foot', 'rack-middle'),
      ],
      gap: gap('mesh-line', ['rack-middle', 'pinion-middle'], 'shim', ['-2', '2', '0']),
    });
  if (role === 'plunge')
    found.push({
      id: 'spindle',
      links: [
        carriage,
        link('plunge-plate', 'plate-face', 'plate-front', 'plate'),
        link('clamp', 'plate-front', 'spindle-axis'),
        link('tool-line', 'rail-seat', 'tool-line'),
      ],
      gap: gap('spindle', ['spindle-axis', 'tool-line'], 'shim', ['-1', '1', '0']),
    });
  if (drive.kind === 'belt' || drive.kind === 'chain')
    found.push({
      id: 'belt-line',
      links: [link('motor-line', 'frame-face', 'motor-line'), link('idler-line', 'frame-face', 'idler-line')],
      gap: gap('belt-line', ['motor-line', 'idler-line'], 'shim', ['-0.5', '0.5', '0']),
    });
  if (guide.rails.si > 1)
    found.push({
      id: 'seats',
      links: [level('seat-a', 'frame-datum', 'seat-a'), level('seat-b', 'frame-datum', 'seat-b')],
      gap: gap('seats', ['seat-a', 'seat-b'], 'shim', ['-0.05', '0.05', '0']),
    });
  return found;
}

/** Stack-ups that the parts ask for and that are not there yet; of their links only those that are new. */
export function proposedStacks(axis: Axis): readonly StackProposal[] {
  const { links, gaps } = axis.fit.stack;
  const taken = new Set([...links.map((l) => l.id), ...gaps.map((g) => g.id)]);
  return asked(axis)
    .filter((p) => !taken.has(p.gap.id))
    .map((p) => ({ ...p, links: p.links.filter((l) => !taken.has(l.id)) }));
}
