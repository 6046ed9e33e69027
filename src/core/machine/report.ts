import { byWeight, type Finding, type Remedy, type Verdict, verdictOf, worstVerdict } from '@/core/findings';
import { applyEdits, type Axis, axisIssues, type Project } from '@/core/model';
import { moveTime, peakPower, reducerPlay, resolution, shuttleTorque, signedTorque } from '@/core/motion';
import { type Kind, quantity } from '@/core/units';
import { type Line, recordingWorksheet, silentWorksheet, type Worksheet } from '@/core/worksheet';
import { accelerationsOf, analyse, type Analysis, type CaseId, gearSources, type RungId } from './analysis';
import { torqueBand, type TorqueBand } from './band';
import { type Checked, runCheck, runChecks } from './checks';
import { type Candidate, candidatesFor } from './remedies';

/** A rung with its verdict; speeds in m/s. */
export interface Rung {
  readonly id: RungId;
  readonly limit: number;
  readonly wish: 'rapid' | 'feed';
  readonly asked: number;
  readonly verdict: Verdict;
  readonly line: string;
  /** Free length that decides it, where one does; m. */
  readonly over?: number;
}

export interface AccelerationStep {
  readonly id: 'at-rapid' | 'under-cut';
  readonly limit: number;
  readonly asked: number;
  readonly verdict: Verdict;
  readonly line: string;
}

/** A figure worth knowing that is no check. */
export interface Figure {
  readonly id: string;
  readonly kind: Kind;
  readonly value: number;
  readonly line: string;
}

/** The answer for one axis. Plain data, SI units. */
export interface AxisReport {
  readonly axisId: string;
  readonly verdict: Verdict;
  readonly mass: number;
  /** Highest rapid at which nothing gives out, and the rung that governs it. */
  readonly speed: number;
  readonly governing: RungId;
  /** Highest feed under cut at which nothing gives out. */
  readonly feed: number;
  readonly ladder: readonly Rung[];
  readonly accelerations: readonly AccelerationStep[];
  readonly cases: Readonly<Record<CaseId, { readonly speed: number; readonly force: number; readonly torque: number; readonly usable: number; readonly verdict: Verdict; readonly line: string }>>;
  readonly band: TorqueBand;
  readonly findings: readonly Finding[];
  readonly figures: readonly Figure[];
  /** Inputs that are not given, and what therefore stays unknown. */
  readonly unknowns: readonly { readonly path: string; readonly effect: string }[];
  /** The working, only where it was asked for. */
  readonly working?: readonly Line[];
}

export interface MachineReport {
  readonly id: string;
  readonly name: string;
  readonly verdict: Verdict;
  readonly axes: readonly AxisReport[];
}

/** Highest rapid that no rung forbids. */
const axisSpeed = (analysis: Analysis): number => Math.min(...analysis.rungs.filter((r) => r.wish === 'rapid').map((r) => r.limit));

const axisVerdict = (checked: readonly Checked[]): Verdict => worstVerdict(checked.map((c) => c.verdict));

const badness: Record<Verdict, number> = { holds: 0, 'not-known': 1, thin: 2, 'gives-out': 3 };

/** Most remedies shown for one finding. */
const OFFERED = 5;

/** Puts a candidate through the model; undefined where it breaks a rule or does not help. */
function evaluate(candidate: Candidate, analysis: Analysis, found: Checked, before: readonly Checked[]): Remedy | undefined {
  const axis = applyEdits(analysis.axis, candidate.edits);
  if (axisIssues(axis).length) return undefined;
  const then = analyse(axis, silentWorksheet);
  const again = runCheck(found.code, then, silentWorksheet);
  const verdict = again?.verdict ?? 'holds';
  const margin = again?.margin ?? Infinity;
  if (margin <= found.margin + 0.02 * Math.abs(found.margin) || badness[verdict] > badness[found.verdict]) return undefined;
  const checked = runChecks(then, silentWorksheet);
  const after = axisVerdict(checked);
  if (badness[after] > badness[axisVerdict(before)]) return undefined;
  const breaks = checked.filter((c) => c.verdict === 'gives-out' && !before.some((b) => b.code === c.code && b.verdict === 'gives-out')).map((c) => c.code);
  return { code: candidate.code, params: candidate.params, edits: candidate.edits, becomes: again?.value ?? null, verdict, axisVerdict: after, breaks, axisSpeed: axisSpeed(then) };
}

/**
 * The best remedies for a finding: mended before helped, without breaking another check, whole axis before
 * the one check, what the axis then reaches, fewest changes. One of each kind, so that the builder sees different ways out.
 */
function remediesFor(analysis: Analysis, found: Checked, before: readonly Checked[]): Remedy[] {
  const asked = analysis.axis.demands.rapid.si;
  const tried = candidatesFor(analysis, found).flatMap((c) => evaluate(c, analysis, found, before) ?? []);
  // To wish for less always mends the check, so it would always come first: it stands last instead.
  const resigned = (r: Remedy) => (r.code === 'ask-less' ? 1 : 0);
  tried.sort((a, b) => resigned(a) - resigned(b) || badness[a.verdict] - badness[b.verdict] || a.breaks.length - b.breaks.length || badness[a.axisVerdict] - badness[b.axisVerdict]
    || Math.min(b.axisSpeed, asked) - Math.min(a.axisSpeed, asked) || a.edits.length - b.edits.length);
  const offered: Remedy[] = [];
  for (const remedy of tried)
    if (offered.length < OFFERED && !offered.some((o) => o.code === remedy.code)) offered.push(remedy);
  return offered;
}

function figuresOf(analysis: Analysis, checked: readonly Checked[], sheet: Worksheet): Figure[] {
  const { demands, reducer } = analysis.axis;
  const { drive, cases, share, mass, gravity, motorInertia, gear } = analysis;
  const guideDrag = analysis.axis.loads.guideDrag.si;
  const train = { motorInertia, driveInertia: drive.inertia, ratio: gear.ratio, reducerEfficiency: gear.reducerEfficiency, k: drive.k, efficiency: drive.efficiency, backEfficiency: drive.backEfficiency, drag: drive.drag };
  const trainSources = { ...gearSources(analysis.axis), motorInertia: '#motor.turning', driveInertia: drive.inertiaSource, k: '#drive.k', backEfficiency: '#drive.backEfficiency', drag: '#drive.drag' };
  // Braking on the way down, where the weight pushes on; on a level axis the way does not matter.
  const braking = quantity('acceleration', -demands.acceleration.si);
  const brakingForce = quantity('force', share * (mass * braking + guideDrag - Math.abs(gravity)));
  const move = { travel: demands.travel.si, rapid: demands.rapid.si, acceleration: demands.acceleration.si, jerk: demands.jerk?.si ?? quantity('jerk', Infinity) };
  const moveSources = { travel: 'demands.travel', rapid: 'demands.rapid', acceleration: 'demands.acceleration', jerk: demands.jerk ? 'demands.jerk' : undefined };
  const ratio = checked.find((c) => c.code === 'inertia-ratio');
  const ring = checked.find((c) => c.code === 'ramp-rings');
  const kinds: Record<string, Kind> = { efficiency: 'ratio', 'back-efficiency': 'ratio', 'heat-growth': 'length', 'lead-error': 'length', life: 'length', turns: 'revolutions' };
  return [
    { id: 'pulses-per-length', kind: 'pulsesPerLength', value: analysis.pulsesPerLength, line: 'pulsesPerLength' },
    { id: 'resolution', kind: 'length', value: sheet.apply(resolution, { perLength: analysis.pulsesPerLength }, 'resolution', { perLength: '#pulsesPerLength' }), line: 'resolution' },
    ...(ratio ? [{ id: 'inertia-ratio', kind: 'ratio' as const, value: ratio.value, line: ratio.line! }] : []),
    { id: drive.stiffness.missing.length ? 'stiffness-at-most' : 'stiffness', kind: 'stiffness', value: drive.stiffness.value, line: drive.stiffness.line },
    ...(ring ? [{ id: drive.stiffness.missing.length ? 'frequency-at-most' : 'frequency', kind: 'frequency' as const, value: Number(ring.params.frequency), line: 'natural-frequency' }] : []),
    ...drive.figures(sheet).map((f) => ({ ...f, kind: kinds[f.id] ?? ('ratio' as const) })),
    { id: 'move-time', kind: 'time', value: sheet.apply(moveTime, move, 'move-time', moveSources), line: 'move-time' },
    ...(reducer ? [{ id: 'reducer-play', kind: 'length' as const, value: sheet.apply(reducerPlay, { backlash: reducer.backlash.si, k: drive.k }, 'reducer-play', { backlash: 'reducer.backlash', k: '#drive.k' }), line: 'reducer-play' }] : []),
    { id: 'brake-torque', kind: 'torque', value: sheet.apply(signedTorque, { ...train, acceleration: braking, force: brakingForce }, 'torque.brake', { ...trainSources, acceleration: 'demands.acceleration' }), line: 'torque.brake' },
    { id: 'shuttle-torque', kind: 'torque', value: sheet.apply(shuttleTorque, { ...move, ...train, share, mass, guideDrag, gravity }, 'shuttle-torque', { ...moveSources, ...trainSources, mass: 'loads.masses', guideDrag: 'loads.guideDrag', gravity: '#gravity' }), line: 'shuttle-torque' },
    { id: 'peak-power', kind: 'power', value: sheet.apply(peakPower, { torque: cases['speed-up'].torque, speed: demands.rapid.si, k: gear.kMotor }, 'peak-power', { torque: '#torque.speed-up', speed: 'demands.rapid', k: gear.kSource }), line: 'peak-power' },
  ];
}

function unknownsOf({ axis: { drive, driver, guide, reducer }, drive: resolved }: Analysis): { path: string; effect: string }[] {
  return [
    ...(drive.nutOffset ? [] : [{ path: 'drive.nutOffset', effect: 'whip' }]),
    ...resolved.stiffness.missing.map((path) => ({ path, effect: 'stiffness' })),
    ...(drive.thread.kind === 'ball' && !drive.thread.dynamicLoad ? [{ path: 'drive.thread.dynamicLoad', effect: 'life' }] : []),
    ...(drive.thread.kind === 'ball' && !drive.thread.speedLimit ? [{ path: 'drive.thread.speedLimit', effect: 'dn' }] : []),
    ...(guide.railLength ? [] : [{ path: 'guide.railLength', effect: 'travel-chain' }]),
    ...(guide.carriageSpan ? [] : [{ path: 'guide.carriageSpan', effect: 'travel-chain' }]),
    ...(reducer && !reducer.inputSpeed && reducer.kind === 'planetary' ? [{ path: 'reducer.inputSpeed', effect: 'reducer' }] : []),
    ...(driver.maxVoltage ? [] : [{ path: 'driver.maxVoltage', effect: 'supply' }]),
    ...(driver.maxCrestCurrent ? [] : [{ path: 'driver.maxCrestCurrent', effect: 'crest' }]),
  ];
}

export interface ReportOptions {
  /** Keep the lines of the working. */
  readonly working?: boolean;
}

/**
 * The report of one axis.
 * @param axis a validated axis. @returns plain data; with `working` the lines as well.
 */
export function axisReport(axis: Axis, options: ReportOptions = {}): AxisReport {
  const sheet = options.working ? recordingWorksheet() : silentWorksheet;
  const analysis = analyse(axis, sheet);
  const checked = runChecks(analysis, sheet);
  const verdict = axisVerdict(checked);
  const ladder = analysis.rungs.map((r) => ({ ...r, verdict: verdictOf(r.limit, r.asked) })).sort((a, b) => b.limit - a.limit);
  const rapidRungs = ladder.filter((r) => r.wish === 'rapid');
  const governing = rapidRungs[rapidRungs.length - 1]!;
  const findings = checked
    .filter((c) => c.verdict !== 'holds')
    .sort((a, b) => byWeight(a.verdict, b.verdict) || a.margin - b.margin)
    .map(({ margin: _margin, ...c }): Finding => ({ ...c, remedies: remediesFor(analysis, { ...c, margin: _margin }, checked) }));
  const caseReport = (id: CaseId) => {
    const { speed, force, torque, line } = analysis.cases[id];
    const usable = analysis.motor.usableAt(quantity('angularSpeed', speed / analysis.gear.kMotor), `usable.case.${id}`, sheet);
    return { speed, force, torque, usable, verdict: verdictOf(usable, torque), line };
  };
  const report: AxisReport = {
    axisId: axis.id, verdict, mass: analysis.mass, speed: governing.limit, governing: governing.id, feed: ladder[ladder.length - 1]!.limit, ladder,
    accelerations: accelerationsOf(analysis, sheet).map((a) => ({ ...a, asked: axis.demands.acceleration.si, verdict: verdictOf(a.limit, axis.demands.acceleration.si) })),
    cases: { rapid: caseReport('rapid'), 'speed-up': caseReport('speed-up'), cut: caseReport('cut') },
    band: torqueBand(analysis),
    findings,
    figures: figuresOf(analysis, checked, sheet),
    unknowns: unknownsOf(analysis),
  };
  return options.working ? { ...report, working: sheet.lines } : report;
}

/** The report of a whole machine: every axis, and the worst verdict among them. */
export function machineReport(project: Project, options: ReportOptions = {}): MachineReport {
  const axes = project.axes.map((axis) => axisReport(axis, options));
  return { id: project.id, name: project.name, verdict: worstVerdict(axes.map((a) => a.verdict)), axes };
}
