import { screwSizes, screwSteel } from '@/core/catalogue';
import type { Edit } from '@/core/findings';
import type { Axis, ScrewDrive } from '@/core/model';
import { type Candidate, same, set } from './edits';

const screwOf = ({ drive }: Axis): ScrewDrive | undefined => (drive.kind === 'screw' ? drive : undefined);

/** The catalogue's sizes of the thread that the axis has. */
function sizesOf({ thread }: ScrewDrive) {
  // No standard lists square threads, so none are offered.
  if (thread.kind === 'sliding' && thread.form === 'square') return [];
  const wanted = thread.kind === 'ball' ? 'ball' : thread.form === 'acme' ? 'acme' : 'trapezoidal';
  return screwSizes.filter((s) => s.thread === wanted);
}

const pitchStarts = (lead: number, drive: ScrewDrive) =>
  Math.max(1, Math.round(lead / (drive.lead.si / drive.starts.si)));

/**
 * Starts follow the lead on sliding screws, where the pitch belongs to the diameter; ball screws have one.
 */
const startsEdit = (lead: number, drive: ScrewDrive): Edit[] =>
  drive.thread.kind === 'ball' ? [] : [set('drive.starts', pitchStarts(lead, drive), 'standard')];

/** Another lead means another nut: what the datasheet said of the old one no longer holds. */
const forgetNut = ({ thread }: ScrewDrive): Edit[] => [
  { path: 'drive.thread.nutStiffness', value: null },
  ...(thread.kind === 'ball'
    ? [
        { path: 'drive.thread.dynamicLoad', value: null },
        { path: 'drive.thread.speedLimit', value: null },
      ]
    : []),
];

/** Another screw: its inertia is no longer the typed one either, but follows from the thread profile. */
const forgetScrew = (drive: ScrewDrive): Edit[] => [
  { path: 'drive.screwInertia', value: null },
  ...forgetNut(drive),
];

/**
 * Other leads of the same screw; none where the drive is no screw. @param which by the lead and the present
 * one, m.
 */
export function leads(axis: Axis, which: (lead: number, now: number) => boolean): Candidate[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  const size = sizesOf(drive).find((s) => same(s.nominal, drive.nominalDiameter.si));
  return (size?.leads ?? [])
    .filter((lead) => !same(lead, drive.lead.si) && which(lead, drive.lead.si))
    .map((lead) => ({
      code: 'lead',
      params: { to: lead, from: drive.lead.si },
      edits: [set('drive.lead', lead, 'standard'), ...startsEdit(lead, drive), ...forgetNut(drive)],
    }));
}

/** Other screws of the same thread. @param which by nominal diameter and lead, m. */
export function screws(
  axis: Axis,
  which: (nominal: number, lead: number, drive: ScrewDrive) => boolean,
): (Candidate & { readonly root: number })[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  return sizesOf(drive)
    .filter((s) => !same(s.nominal, drive.nominalDiameter.si))
    .flatMap((s) =>
      s.leads
        .filter((lead) => which(s.nominal, lead, drive))
        .map((lead) => ({
          code: 'screw',
          params: { nominal: s.nominal, lead },
          root: s.root,
          edits: [
            set('drive.nominalDiameter', s.nominal, 'standard'),
            set('drive.rootDiameter', s.root),
            set('drive.lead', lead, 'standard'),
            ...(drive.thread.kind === 'ball'
              ? []
              : [set('drive.starts', Math.max(1, Math.round(lead / s.leads[0]!)), 'standard')]),
            ...forgetScrew(drive),
          ],
        })),
    );
}

/**
 * Tension that keeps a screw of a root diameter straight between fixed ends when it warms, N, rounded up to
 * 100.
 */
function stretchOf(root: number, rise: number): number {
  return (
    Math.ceil((screwSteel.modulus * (Math.PI / 4) * root ** 2 * screwSteel.expansion * rise) / 100) * 100
  );
}

const fixedBoth = (root: number, rise: number): Edit[] => [
  { path: 'drive.motorEnd', value: 'fixed' },
  { path: 'drive.farEnd', value: 'fixed' },
  set('drive.stretch', stretchOf(root, rise)),
];

/** Firmer ends; two fixed ends are offered only together with the stretch that the heat asks for. */
export function fixings(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  const [root, rise] = [drive.rootDiameter.si, drive.temperatureRise.si];
  const both: Candidate = {
    code: 'fix-both-stretched',
    params: { stretch: stretchOf(root, rise), rise },
    edits: fixedBoth(root, rise),
  };
  const support: Candidate = {
    code: 'support-far-end',
    params: {},
    edits: [{ path: 'drive.farEnd', value: 'supported' }],
  };
  const fix: Candidate = {
    code: 'fix-motor-end',
    params: {},
    edits: [{ path: 'drive.motorEnd', value: 'fixed' }],
  };
  return [
    ...(drive.farEnd === 'free' ? [support] : []),
    ...(drive.motorEnd === 'supported' ? [fix] : []),
    both,
  ];
}

/**
 * The nut turns on a standing screw. Its motor then rides along: a body is added for it, of the usual weight
 * of a motor of that torque with a belt (0.5 kg and 0.45 kg for each N·m, memory).
 */
export function turningNut(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive || drive.turning === 'nut') return [];
  const { motor } = axis;
  const torque =
    motor.kind === 'stepper'
      ? motor.holdingTorque.si
      : motor.kind === 'servo'
        ? motor.peakTorque.si
        : motor.stallTorque.si;
  const mass = drive.sets * (0.5 + 0.45 * torque);
  const body = {
    id: 'riding-motor',
    name: 'Motor and belt that ride with the nut',
    mass: set('loads.masses.0.mass', mass).value,
    shape: null,
  };
  return [
    {
      code: 'turn-nut',
      params: { mass },
      edits: [
        { path: 'drive.turning', value: 'nut' },
        { path: 'loads.masses', value: [...axis.loads.masses.filter((b) => b.id !== body.id), body] },
      ],
    },
  ];
}

/** Whip: longer leads, thicker screws with the present or their longest lead, firmer ends, a turning nut. */
export function againstWhip(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  // Of each thicker screw the longest lead, which whips last, and the present one, which costs no torque.
  const longest = new Map(sizesOf(drive).map((s) => [s.nominal, Math.max(...s.leads)]));
  const d = drive.nominalDiameter.si;
  const larger = screws(
    axis,
    (nominal, l) =>
      nominal > d &&
      nominal < 2.2 * d &&
      (same(l, drive.lead.si) || (l > drive.lead.si && l === longest.get(nominal))),
  );
  const rise = drive.temperatureRise.si;
  const fixed = larger.map((c) => ({
    code: 'screw-fixed',
    params: { ...c.params, stretch: stretchOf(c.root, rise), rise },
    edits: [...c.edits, ...fixedBoth(c.root, rise)],
  }));
  return [...leads(axis, (l, now) => l > now), ...larger, ...turningNut(axis), ...fixings(axis), ...fixed];
}
