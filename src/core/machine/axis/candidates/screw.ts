import { screwSizes, screwSteel } from '@/core/catalogue';
import { type Axis, type Edit, mostTorqueOf, putInAxis, type ScrewDrive } from '@/core/model';
import { type Candidate, measured, offer, same, set } from './edits';

export const screwOf = ({ drive }: Axis): ScrewDrive | undefined =>
  drive.kind === 'screw' ? drive : undefined;

/** The catalogue's sizes of the thread that the axis has. */
function sizesOf({ thread }: ScrewDrive) {
  // No standard lists square threads, so none are offered.
  if (thread.kind === 'sliding' && thread.form === 'square') return [];
  const wanted = thread.kind === 'ball' ? 'ball' : thread.form;
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
        { path: 'drive.thread.staticLoad', value: null },
        { path: 'drive.thread.speedLimit', value: null },
      ]
    : []),
];

/** Another screw: its inertia is no longer the typed one either, but follows from the thread profile. */
export const forgetScrew = (drive: ScrewDrive): Edit[] => [
  { path: 'drive.screwInertia', value: null },
  ...forgetNut(drive),
];

/** A root that lies lower by more than this share of the diameter belongs to another groove. */
const OTHER_GROOVE = 0.02;

/**
 * Other leads of the same screw; none where the drive is no screw. @param which by the lead and the present
 * one, m.
 */
export function leads(axis: Axis, which: (lead: number, now: number) => boolean): Candidate[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  return sizesOf(drive)
    .filter((s) => same(s.nominal, drive.nominalDiameter.si))
    .flatMap(({ root, leads: all, nominal }) =>
      all
        .filter((lead) => !same(lead, drive.lead.si) && which(lead, drive.lead.si))
        .map((lead) => {
          // Larger balls run in deeper grooves: that is another screw of the same diameter.
          const deeper = root < drive.rootDiameter.si - OTHER_GROOVE * nominal;
          const edits = [
            set('drive.lead', lead, 'standard'),
            ...startsEdit(lead, drive),
            ...(deeper ? [set('drive.rootDiameter', root), ...forgetScrew(drive)] : forgetNut(drive)),
          ];
          return offer('lead', edits, { to: lead, from: drive.lead.si });
        }),
    );
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
          code: 'screw' as const,
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
  const area = (Math.PI / 4) * root ** 2;
  return Math.ceil((screwSteel.modulus * area * screwSteel.expansion * rise) / 100) * 100;
}

const fixedBoth = (root: number, rise: number): Edit[] => [
  putInAxis('drive.motorEnd', 'fixed'),
  putInAxis('drive.farEnd', 'fixed'),
  set('drive.stretch', stretchOf(root, rise)),
];

/** Firmer ends; two fixed ends are offered only together with the stretch that the heat asks for. */
export function fixings(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  const [root, rise] = [drive.rootDiameter.si, drive.temperatureRise.si];
  const both = offer('fix-both-stretched', fixedBoth(root, rise), { stretch: stretchOf(root, rise), rise });
  const support = offer('support-far-end', [putInAxis('drive.farEnd', 'supported')]);
  const fix = offer('fix-motor-end', [putInAxis('drive.motorEnd', 'fixed')]);
  return [
    ...(drive.farEnd === 'free' ? [support] : []),
    ...(drive.motorEnd === 'supported' ? [fix] : []),
    both,
  ];
}

/** Weight of a motor that rides with its nut, and its belt: kg, and kg for each N·m; memory. */
const RIDING = { each: 0.5, perTorque: 0.45 } as const;

/**
 * The nut turns on a standing screw. Its motor then rides along: a body is added for it, of the usual weight
 * of a motor of that torque with a belt.
 */
export function turningNut(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive || drive.turning === 'nut') return [];
  const mass = drive.sets * (RIDING.each + RIDING.perTorque * mostTorqueOf(axis.motor));
  const body = {
    id: 'riding-motor',
    name: 'Motor and belt that ride with the nut',
    mass: measured('loads.masses.0.mass', mass),
    shape: null,
  };
  const masses = [...axis.loads.masses.filter((b) => b.id !== body.id), body];
  const edits: Edit[] = [putInAxis('drive.turning', 'nut'), { path: 'loads.masses', value: masses }];
  return [offer('turn-nut', edits, { mass })];
}

/** A screw more than so much thicker is another machine. */
const THICKEST = 2.2;

/** Whip: longer leads, thicker screws with the present or their longest lead, firmer ends, a turning nut. */
export function againstWhip(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive) return [];
  // Of each thicker screw the longest lead, which whips last, and the present one, which costs no torque.
  const longest = new Map<number, number>();
  for (const { nominal, leads: all } of sizesOf(drive))
    longest.set(nominal, Math.max(longest.get(nominal) ?? 0, ...all));
  const d = drive.nominalDiameter.si;
  const larger = screws(
    axis,
    (nominal, l) =>
      nominal > d &&
      nominal < THICKEST * d &&
      (same(l, drive.lead.si) || (l > drive.lead.si && l === longest.get(nominal))),
  );
  const rise = drive.temperatureRise.si;
  const fixed = larger.map((c) =>
    offer('screw-fixed', [...c.edits, ...fixedBoth(c.root, rise)], {
      ...c.params,
      stretch: stretchOf(c.root, rise),
      rise,
    }),
  );
  return [...leads(axis, (l, now) => l > now), ...larger, ...turningNut(axis), ...fixings(axis), ...fixed];
}
