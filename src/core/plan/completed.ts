import { endBlockFor, familyById, swapEdits } from '@/core/catalogue';
import { applyEdits, type Axis, type Drive, guess, mostTorqueOf } from '@/core/model';
import { ours } from './ours';

/**
 * Single tooth stiffness of steel gears, N/m for each metre of face: 14 N/(mm·µm) after ISO 6336-1, from
 * memory; a hobby rack bears on half of its face.
 */
const MESH = 14e9 / 2;
/** Play of a rolled ball nut, and of a plain bronze nut; m, from memory. */
const PLAY = { ball: '0.02 mm', sliding: '0.08 mm' } as const;
/** Of a double ball nut, where play is not to be had; from memory. */
const PRELOAD = '250 N';
/** A plain bronze nut in its housing, N/m for each metre of diameter; from memory, ± 50 %. */
const NUT = 4e9;
/** A toothed belt over the short span of a stage, N/m; 15 mm wide, from memory. */
const STAGE = 2.3e6;

/** The end bearings for a screw: a block of angular-contact bearings of its bore, or the next smaller. */
function borne(axis: Axis): Axis {
  if (axis.drive.kind !== 'screw') return axis;
  const nominal = axis.drive.nominalDiameter.si;
  const wanted = endBlockFor(nominal)?.fixedBore ?? nominal * 0.75;
  const family = familyById('end-bearing')!;
  const bores = family.parts.filter((p) => p.id.startsWith('fixed-block-'));
  const bore = (id: string) => Number(id.split('-').at(-1)) / 1e3;
  const part = bores.filter((p) => bore(p.id) <= wanted + 1e-6).at(-1) ?? bores[0]!;
  return applyEdits(axis, swapEdits(axis, family, part));
}

/**
 * How much warmer than its frame a screw runs: about as many kelvin as its rapid is m/min; memory, ± 50 %.
 */
const warmth = (rapid: number) => ours('temperatureRise', Math.min(10, Math.max(2, rapid * 60)), 'K');

/** What a drive's rows leave open, out of memory: without it nothing could be said of play or stiffness. */
function driveKnown({ drive, demands }: Axis, fine: boolean): Drive {
  if (drive.kind === 'screw') {
    const { thread } = drive;
    const tight = fine && thread.kind === 'ball';
    const nut = thread.nutStiffness ?? ours('stiffness', (NUT * drive.nominalDiameter.si) / 1e6, 'N/µm');
    return {
      ...drive,
      play: tight ? guess('length', '0 mm') : (drive.play ?? guess('length', PLAY[thread.kind])),
      temperatureRise: warmth(demands.rapid.si),
      thread: { ...thread, nutStiffness: nut, ...(tight ? { preload: guess('force', PRELOAD) } : {}) },
    } as Drive;
  }
  if (drive.kind === 'rack')
    return {
      ...drive,
      meshStiffness: drive.meshStiffness ?? ours('stiffness', (MESH * drive.faceWidth.si) / 1e6, 'N/µm'),
    };
  return { ...drive, play: drive.play ?? guess('length', drive.kind === 'belt' ? '0.05 mm' : '0.2 mm') };
}

/** A belt stage as stiff as its belt, seen from the shaft of the drive. */
function reducerKnown({ reducer }: Axis): Axis['reducer'] {
  if (!reducer || reducer.stiffness || !reducer.pulleys) return reducer;
  const radius = (reducer.pulleys.driveTeeth.si * reducer.pulleys.pitch.si) / (2 * Math.PI);
  return { ...reducer, stiffness: ours('torsionalStiffness', STAGE * radius * radius, 'N·m/rad') };
}

/** The cheapest coupling, beams left out, that takes half as much again as the motor gives. */
function coupled(axis: Axis): Axis {
  const { motor, reducer, drive } = axis;
  if (drive.kind !== 'screw' || reducer) return axis;
  const most = mostTorqueOf(motor);
  const family = familyById('coupling')!;
  const takes = (typed: string | undefined) => Number.parseFloat(typed ?? '0');
  const fit = family.parts
    .filter((p) => takes(p.values['coupling.torqueLimit']) >= 1.5 * most && !p.id.startsWith('beam'))
    .sort((a, b) => (a.price ?? 0) - (b.price ?? 0));
  const part = fit[0] ?? family.parts.at(-1)!;
  return applyEdits(axis, swapEdits(axis, family, part));
}

/** Without a coupling: a wheel sits on the shaft, and where a screw wants one it comes with the motor. */
export function uncoupled(axis: Axis): Axis {
  const { coupling: _old, ...others } = axis.parts;
  const coupling: Axis['coupling'] = {
    kind: 'rigid',
    place: 'motor',
    inertia: guess('inertia', '0.02 kg·cm²'),
    stiffness: null,
    backlash: guess('angle', '0°'),
    torqueLimit: null,
    runout: null,
  };
  return { ...axis, parts: others, coupling };
}

/**
 * A drive train with everything that its rows leave open; figures of ours.
 * @param fine ball screws have preloaded nuts.
 */
export function completed(axis: Axis, fine: boolean): Axis {
  const whole = coupled(borne(axis));
  return { ...whole, drive: driveKnown(whole, fine), reducer: reducerKnown(whole) };
}
