import { screwSizes, screwSteel } from '@/core/catalogue';
import type { Edit, EditValue } from '@/core/findings';
import { type Axis, fieldRuleAt, startingReducer } from '@/core/model';
import { formatIn, units } from '@/core/units';
import type { Analysis } from './analysis';
import type { CheckCode, Checked } from './checks';

/** A change worth putting through the model; it is offered only if it helps. */
export interface Candidate {
  readonly code: string;
  readonly params: Readonly<Record<string, number | string>>;
  readonly edits: readonly Edit[];
}

type Basis = 'standard' | 'estimate';

/** A measured input set to an SI value, typed in the metric unit of its field. */
function set(path: string, si: number, basis: Basis = 'estimate') {
  const rule = fieldRuleAt(path);
  if (!rule) throw new RangeError(`no measured input at ${path}`);
  const unit = units[rule.kind][0]!;
  // Read back from the text, so that what is typed and the SI value agree to the last digit.
  const shown = formatIn(unit, si, 6);
  return { path, value: { typed: shown.text, si: unit.toSi(Number(shown.number)), basis } } as const;
}

const same = (a: number, b: number) => Math.abs(a - b) < 1e-6 * Math.max(a, b);

/** The catalogue's sizes of the thread that the axis has. */
function sizesOf({ drive }: Axis) {
  // No standard lists square threads, so none are offered.
  if (drive.thread.kind === 'sliding' && drive.thread.form === 'square') return [];
  const thread = drive.thread.kind === 'ball' ? 'ball' : drive.thread.form === 'acme' ? 'acme' : 'trapezoidal';
  return screwSizes.filter((s) => s.thread === thread);
}

const pitchStarts = (lead: number, axis: Axis) => Math.max(1, Math.round(lead / (axis.drive.lead.si / axis.drive.starts.si)));

/** Starts follow the lead on sliding screws, where the pitch belongs to the diameter; ball screws have one. */
const startsEdit = (lead: number, axis: Axis): Edit[] => (axis.drive.thread.kind === 'ball' ? [] : [set('drive.starts', pitchStarts(lead, axis), 'standard')]);

/** Another lead means another nut: what the datasheet said of the old one no longer holds. */
const forgetNut = ({ drive }: Axis): Edit[] => [
  { path: 'drive.thread.nutStiffness', value: null },
  ...(drive.thread.kind === 'ball' ? [{ path: 'drive.thread.dynamicLoad', value: null }, { path: 'drive.thread.speedLimit', value: null }] : []),
];

/** Another screw: its inertia is no longer the typed one either, but follows from the thread profile. */
const forgetScrew = (axis: Axis): Edit[] => [{ path: 'drive.screwInertia', value: null }, ...forgetNut(axis)];

const leads = (axis: Axis, which: (lead: number) => boolean): Candidate[] => {
  const { drive } = axis;
  const size = sizesOf(axis).find((s) => same(s.nominal, drive.nominalDiameter.si));
  return (size?.leads ?? []).filter((lead) => !same(lead, drive.lead.si) && which(lead)).map((lead) => ({
    code: 'lead', params: { to: lead, from: drive.lead.si }, edits: [set('drive.lead', lead, 'standard'), ...startsEdit(lead, axis), ...forgetNut(axis)],
  }));
};

const screws = (axis: Axis, which: (nominal: number, lead: number) => boolean): (Candidate & { readonly root: number })[] =>
  sizesOf(axis).filter((s) => !same(s.nominal, axis.drive.nominalDiameter.si)).flatMap((s) => s.leads.filter((lead) => which(s.nominal, lead)).map((lead) => ({
    code: 'screw', params: { nominal: s.nominal, lead }, root: s.root,
    edits: [set('drive.nominalDiameter', s.nominal, 'standard'), set('drive.rootDiameter', s.root), set('drive.lead', lead, 'standard'), ...(axis.drive.thread.kind === 'ball' ? [] : [set('drive.starts', Math.max(1, Math.round(lead / s.leads[0]!)), 'standard')]), ...forgetScrew(axis)],
  })));

/** Tension that keeps a screw of a root diameter straight between fixed ends when it warms, N, rounded up to 100. */
function stretchOf(root: number, rise: number): number {
  return Math.ceil((screwSteel.modulus * (Math.PI / 4) * root ** 2 * screwSteel.expansion * rise) / 100) * 100;
}

const fixedBoth = (root: number, rise: number): Edit[] => [{ path: 'drive.motorEnd', value: 'fixed' }, { path: 'drive.farEnd', value: 'fixed' }, set('drive.stretch', stretchOf(root, rise))];

/** Firmer ends; two fixed ends are offered only together with the stretch that the heat asks for. */
function fixings({ drive }: Axis): Candidate[] {
  const [root, rise] = [drive.rootDiameter.si, drive.temperatureRise.si];
  const both: Candidate = { code: 'fix-both-stretched', params: { stretch: stretchOf(root, rise), rise }, edits: fixedBoth(root, rise) };
  const support: Candidate = { code: 'support-far-end', params: {}, edits: [{ path: 'drive.farEnd', value: 'supported' }] };
  const fix: Candidate = { code: 'fix-motor-end', params: {}, edits: [{ path: 'drive.motorEnd', value: 'fixed' }] };
  return [...(drive.farEnd === 'free' ? [support] : []), ...(drive.motorEnd === 'supported' ? [fix] : []), both];
}

/**
 * The nut turns on a standing screw. Its motor then rides along: a body is added for it, of the usual weight
 * of a stepper of that torque with a belt (0.5 kg and 0.45 kg for each N·m, memory).
 */
function turningNut(axis: Axis): Candidate[] {
  if (axis.drive.turning === 'nut') return [];
  const mass = axis.drive.sets * (0.5 + 0.45 * axis.motor.holdingTorque.si);
  const body = { id: 'riding-motor', name: 'Motor and belt that ride with the nut', mass: set('loads.masses.0.mass', mass).value };
  return [{ code: 'turn-nut', params: { mass }, edits: [{ path: 'drive.turning', value: 'nut' }, { path: 'loads.masses', value: [...axis.loads.masses.filter((b) => b.id !== body.id), body] }] }];
}

/** Rounds down to two digits, the way people ask for a speed. */
function roundDown(value: number): number {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return Math.floor(value / step + 1e-9) * step;
}

/** Lowers a wish to what the check still holds with its margin. */
function askLess(path: 'demands.rapid' | 'demands.feed', limit: number, axis: Axis): Candidate[] {
  const perMinute = roundDown((limit / 1.15) * 60) / 60;
  if (!(perMinute > 0.001)) return [];
  const edits = [set(path, perMinute)];
  if (path === 'demands.rapid' && axis.demands.feed.si > perMinute) edits.push(set('demands.feed', perMinute));
  return [{ code: 'ask-less', params: { to: perMinute, wish: path === 'demands.rapid' ? 'rapid' : 'feed' }, edits }];
}

const voltages = [24, 36, 48, 60, 70, 80];

function moreTorque(axis: Axis): Candidate[] {
  const { driver, supply, motor, demands } = axis;
  const full = Math.SQRT2 * motor.ratedCurrent.si;
  const crest = Math.min(full, driver.maxCrestCurrent?.si ?? full);
  const steps = voltages.filter((v) => v > supply.voltage.si && v <= (driver.maxVoltage?.si ?? 0));
  const highest = steps[steps.length - 1];
  const both = crest > driver.crestCurrent.si && highest !== undefined;
  return [
    ...(crest > driver.crestCurrent.si * 1.02 ? [{ code: 'crest', params: { to: crest }, edits: [set('driver.crestCurrent', Math.floor(crest * 100) / 100)] }] : []),
    ...steps.map((v) => ({ code: 'supply', params: { to: v }, edits: [set('supply.voltage', v, 'standard')] })),
    ...(both ? [{ code: 'crest-and-supply', params: { crest, voltage: highest }, edits: [set('driver.crestCurrent', Math.floor(crest * 100) / 100), set('supply.voltage', highest, 'standard')] }] : []),
    ...leads(axis, () => true),
    // A belt stage: more torque at less speed; the model says which of the two was short.
    ...(axis.reducer ? [] : [1.5, 2, 3].map((ratio) => ({ code: 'belt-stage', params: { ratio }, edits: [{ path: 'reducer', value: startingReducer('belt', ratio) as unknown as EditValue }] }))),
    ...[0.5, 0.25].map((f) => ({ code: 'acceleration', params: { to: demands.acceleration.si * f }, edits: [set('demands.acceleration', demands.acceleration.si * f)] })),
  ];
}

const pulseRates = [100e3, 200e3, 400e3, 1e6];

const candidates: Record<CheckCode, (axis: Axis, found: Checked, analysis: Analysis) => Candidate[]> = {
  whip: (axis, found) => {
    const { nominalDiameter: d, lead } = axis.drive;
    // Of each thicker screw the longest lead, which whips last, and the present one, which costs no torque.
    const longest = new Map(sizesOf(axis).map((s) => [s.nominal, Math.max(...s.leads)]));
    const larger = screws(axis, (nominal, l) => nominal > d.si && nominal < 2.2 * d.si && (same(l, lead.si) || (l > lead.si && l === longest.get(nominal))));
    const rise = axis.drive.temperatureRise.si;
    const fixed = larger.map((c) => ({ code: 'screw-fixed', params: { ...c.params, stretch: stretchOf(c.root, rise), rise }, edits: [...c.edits, ...fixedBoth(c.root, rise)] }));
    return [...leads(axis, (l) => l > lead.si), ...larger, ...turningNut(axis), ...fixings(axis), ...fixed, ...askLess('demands.rapid', found.value, axis)];
  },
  dn: (axis, found) => [...leads(axis, (l) => l > axis.drive.lead.si), ...screws(axis, (nominal, l) => nominal < axis.drive.nominalDiameter.si && l >= axis.drive.lead.si), ...askLess('demands.rapid', found.value, axis)],
  'torque-rapid': (axis, found) => [...moreTorque(axis), ...askLess('demands.rapid', found.value, axis)],
  'torque-cut': (axis, found) => [...moreTorque(axis), ...askLess('demands.feed', found.value, axis)],
  reducer: (axis, found) => [
    ...[5, 4, 3, 2].filter((r) => axis.reducer && r < axis.reducer.ratio.si).map((r) => ({ code: 'ratio', params: { to: r }, edits: [set('reducer.ratio', r)] })),
    ...leads(axis, (l) => l > axis.drive.lead.si),
    ...askLess('demands.rapid', found.value, axis),
  ],
  pulses: (axis, found) => [
    ...[16, 10, 8, 4].filter((m) => m < axis.driver.microsteps.si).map((m) => ({ code: 'microsteps', params: { to: m }, edits: [set('driver.microsteps', m)] })),
    ...pulseRates.filter((f) => f > axis.controller.pulseLimit.si).map((f) => ({ code: 'controller', params: { to: f }, edits: [set('controller.pulseLimit', f)] })),
    ...leads(axis, (l) => l > axis.drive.lead.si),
    ...askLess('demands.rapid', found.value, axis),
  ],
  column: (axis) => [...screws(axis, (nominal, lead) => nominal > axis.drive.nominalDiameter.si && same(lead, axis.drive.lead.si)), ...fixings(axis)],
  drops: (axis, _found, { gravity }) => [
    ...(gravity > 0 ? [{ code: 'counterbalance', params: { to: gravity + axis.loads.counterbalance.si }, edits: [set('loads.counterbalance', Math.round(gravity + axis.loads.counterbalance.si))] }] : []),
    ...leads(axis, (l) => l < axis.drive.lead.si),
  ],
  'thin-self-lock': (axis) => leads(axis, (l) => l < axis.drive.lead.si),
  'crest-high': (_axis, found) => [{ code: 'crest', params: { to: found.limit }, edits: [set('driver.crestCurrent', Math.floor(found.limit * 100) / 100)] }],
  'crest-low': (axis) => moreTorque(axis).filter((c) => c.code === 'crest'),
  'supply-low': (axis) => moreTorque(axis).filter((c) => c.code === 'supply'),
  'inertia-ratio': (axis) => leads(axis, (l) => l !== axis.drive.lead.si),
  'rail-short': (axis, found) => [
    { code: 'rail', params: { to: axis.demands.travel.si + Number(found.params.span) }, edits: [set('guide.railLength', Math.ceil((axis.demands.travel.si + Number(found.params.span)) * 100) / 100)] },
    ...(found.value > 0 ? [{ code: 'travel', params: { to: found.value }, edits: [set('demands.travel', Math.floor(found.value * 1000) / 1000)] }] : []),
  ],
  'deep-groove': () => [{ code: 'angular-contact', params: {}, edits: [{ path: 'drive.thrustBearing', value: 'angular-contact' }] }],
  'never-reached': (axis, found) => [{ code: 'acceleration', params: { to: axis.demands.acceleration.si * 2 }, edits: [set('demands.acceleration', axis.demands.acceleration.si * 2)] }, ...askLess('demands.rapid', found.value * 1.15, axis)],
  'ramp-rings': (axis) => [0.5, 0.25].map((f) => ({ code: 'acceleration', params: { to: axis.demands.acceleration.si * f }, edits: [set('demands.acceleration', axis.demands.acceleration.si * f)] })),
};

/** Everything worth trying against a finding. */
export const candidatesFor = (analysis: Analysis, found: Checked): Candidate[] => candidates[found.code](analysis.axis, found, analysis);
