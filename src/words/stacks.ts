import type { StackProposalId } from '@/core/machine';
import type { PartDimension } from '@/core/model';

/** Planes that our own links meet at. */
const planes: Readonly<Record<string, string>> = {
  'rail-seat': 'seat of the rail',
  'plate-face': 'face of the plate',
  'block-base': 'foot of the end blocks',
  'screw-axis': 'axis of the screw',
  'nut-face': 'face of the nut housing',
  'motor-base': 'seat of the motor',
  'motor-axis': 'axis of the motor',
  'carriage-side': 'inner side of the carriage',
  'rail-line': 'middle of the rail',
  'screw-line': 'middle of the screw, from above',
  'nut-side': 'side of the nut housing',
  'pinion-axis': 'axis of the pinion',
  'pinion-tip': 'pitch line of the pinion',
  'rack-seat': 'seat of the rack',
  'pitch-line': 'pitch line of the rack',
  'motor-face': 'face of the motor',
  'pinion-middle': 'middle of the pinion’s teeth',
  'rack-foot': 'edge on which the rack lies',
  'rack-middle': 'middle of the rack’s teeth',
  'plate-front': 'front of the plate',
  'spindle-axis': 'axis of the spindle',
  'tool-line': 'line of the tool in the frame',
  'frame-face': 'face of the frame',
  'motor-line': 'middle of the driving pulley',
  'idler-line': 'middle of the other pulley',
  'frame-datum': 'face to count from',
  'seat-a': 'seat of rail A',
  'seat-b': 'seat of rail B',
};

/** A plane as it is read: one of ours in words, any other as it was typed. */
export function planeText(plane: string): string {
  const [base, side] = plane.split(':');
  const text = planes[base!] ?? base!;
  if (side === 'shim') return `top of the shim on the ${text}`;
  return side === 'floor' ? `floor of the recess in the ${text}` : text;
}

/** Planes that a link may be put between, ours first. */
export const knownPlanes: readonly string[] = Object.keys(planes);

/** What a dimension of a part measures. */
export const dimensionText: Record<PartDimension, string> = {
  'carriage-height': 'Carriage over the seat of its rail',
  'rail-height': 'Rail over its seat',
  'carriage-half': 'Half of the carriage’s width',
  'block-height': 'Screw over the foot of its block',
  'block-half': 'Half of the block’s width',
  'nut-face': 'Nut housing from the screw’s axis',
  'nut-half': 'Half of the housing’s width',
  plate: 'Plate',
  'motor-height': 'Shaft over the seat of the motor',
  'rack-pitch-line': 'Pitch line over the back of the rack',
  'pinion-radius': 'Pitch radius of the pinion',
  'rail-spacing': 'Middle to middle of the rails',
};

/** Stack-ups that the parts ask for: what each asks, and what its gap is called. */
export const stackProposalText: Record<StackProposalId, { readonly title: string; readonly gap: string }> = {
  nut: { title: 'Nut housing under the plate', gap: 'Nut under the plate' },
  motor: { title: 'Motor shaft against the screw', gap: 'Shaft against screw' },
  mesh: { title: 'Pinion over the rack', gap: 'Play of the mesh' },
  seats: { title: 'Seats of the two rails', gap: 'Rail B over rail A' },
  sides: { title: 'Nut housing between the carriages', gap: 'Housing beside the carriage' },
  'belt-line': { title: 'Line of the belt', gap: 'Pulleys in line' },
  'mesh-line': { title: 'Pinion beside the rack', gap: 'Pinion on the teeth' },
  spindle: { title: 'Spindle over its plate', gap: 'Spindle where the frame has its tool' },
};

/** Names of links that stand for no dimension of a part. */
export const linkText: Readonly<Record<string, string>> = {
  'block-step': 'Step under the end blocks',
  'block-on-base': 'Step under the end blocks',
  'rail-to-screw': 'Rail to screw, across',
  'pinion-drop': 'Plate down to the pinion',
  'rack-step': 'Step under the rack',
  'pinion-on-shaft': 'Motor’s face down to the pinion',
  'rack-foot': 'Step beside the rack',
  'rack-half': 'Half of the rack’s width',
  clamp: 'Plate to the spindle’s axis',
  'tool-line': 'Seat of the rail to the tool’s line',
  'motor-line': 'Driving pulley off the face',
  'idler-line': 'Other pulley off the face',
  'seat-a': 'Seat A',
  'seat-b': 'Seat B',
};
