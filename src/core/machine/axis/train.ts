import { line, type PlayLink, type StiffnessLink } from '@/core/drives';
import { couplingPlay, elasticLoss, lostMotion, naturalFrequency, reducerPlay } from '@/core/motion';
import { type Quantity, quantity } from '@/core/units';
import type { Worksheet } from '@/core/worksheet';
import { screw } from '@/core/drives';
import type { Analysis } from './analysis';

/** Stiffness in line from the motor shaft to the carriage. */
export interface TrainStiffness {
  readonly value: Quantity<'stiffness'>;
  readonly line: string;
  /** Inputs that are missing: while there are any, `value` is an upper bound. */
  readonly missing: readonly string[];
  readonly links: readonly StiffnessLink[];
}

/** Travel per radian of the shaft on which the coupling sits, and where it comes from. */
function couplingTravel({ axis: { coupling, reducer }, drive, gear }: Analysis) {
  const behind = reducer !== null && coupling.place === 'drive';
  return behind ? { k: drive.k, kSource: '#drive.k' } : { k: gear.kMotor, kSource: gear.kSource };
}

/** The drive's own stiffness in series with coupling and reducer, as far as theirs is given. */
export function trainStiffness(analysis: Analysis, sheet: Worksheet): TrainStiffness {
  const { axis, drive } = analysis;
  const { coupling, reducer } = axis;
  const at = couplingTravel(analysis);
  const missing = [...drive.stiffness.missing];
  const links = [...drive.stiffness.links];
  let value = drive.stiffness.value;
  let source = drive.stiffness.line;
  const add = (
    id: 'coupling' | 'reducer',
    torsional: Quantity<'torsionalStiffness'>,
    k: Quantity<'travelPerRadian'>,
    kSource: string,
  ) => {
    const link = sheet.apply(line.turningStiffness, { torsional, k }, `stiffness.${id}`, {
      torsional: `${id}.stiffness`,
      k: kSource,
    });
    links.push({ id, value: link, source: `#stiffness.${id}` });
    value = sheet.apply(screw.inSeries, { first: value, second: link }, `stiffness.with-${id}`, {
      first: `#${source}`,
      second: `#stiffness.${id}`,
    });
    source = `stiffness.with-${id}`;
  };
  if (coupling.stiffness) add('coupling', coupling.stiffness.si, at.k, at.kSource);
  else if (coupling.kind !== 'rigid') missing.push('coupling.stiffness');
  if (reducer?.stiffness) add('reducer', reducer.stiffness.si, drive.k, '#drive.k');
  else if (reducer) missing.push('reducer.stiffness');
  return { value, line: source, missing, links };
}

/** What is lost at a reversal, link by link from the motor to the carriage. */
export interface LostMotion {
  readonly links: readonly PlayLink[];
  /** Sum of the known links. */
  readonly value: Quantity<'length'>;
  readonly line: string;
  /** Inputs of links that are not known: while there are any, the sum is a lower bound. */
  readonly missing: readonly string[];
}

/** The budget of lost motion. @param stiffness in line. */
export function lostMotionOf(analysis: Analysis, stiffness: TrainStiffness, sheet: Worksheet): LostMotion {
  const { axis, drive, share, drag } = analysis;
  const { coupling, reducer } = axis;
  const coupled = couplingTravel(analysis);
  const links: PlayLink[] = [
    {
      id: 'coupling',
      value: sheet.apply(
        couplingPlay,
        { backlash: coupling.backlash.si, kMotor: coupled.k },
        'play.coupling',
        { backlash: 'coupling.backlash', kMotor: coupled.kSource },
      ),
      source: '#play.coupling',
    },
  ];
  if (reducer)
    links.push({
      id: 'reducer',
      value: sheet.apply(reducerPlay, { backlash: reducer.backlash.si, k: drive.k }, 'reducer-play', {
        backlash: 'reducer.backlash',
        k: '#drive.k',
      }),
      source: '#reducer-play',
    });
  links.push(...drive.play(sheet));
  links.push({
    id: 'elastic',
    value: sheet.apply(elasticLoss, { share, drag, stiffness: stiffness.value }, 'play.elastic', {
      drag: '#drag',
      stiffness: `#${stiffness.line}`,
    }),
    source: '#play.elastic',
  });
  let value = quantity('length', 0);
  let before: string | undefined;
  let at = '';
  for (const { id, value: one, source } of links) {
    if (one === null) continue;
    at = `play.sum.${id}`;
    value = sheet.apply(lostMotion, { before: value, link: one }, at, {
      before,
      link: source,
    });
    before = `#${at}`;
  }
  return { links, value, line: at, missing: links.filter((l) => l.value === null).map((l) => l.source) };
}

/** First natural frequency of the axis on its drive. @param stiffness in line. */
export const frequencyOf = (
  { share, mass, massSource }: Analysis,
  stiffness: TrainStiffness,
  sheet: Worksheet,
): Quantity<'frequency'> =>
  sheet.apply(naturalFrequency, { stiffness: stiffness.value, share, mass }, 'natural-frequency', {
    stiffness: `#${stiffness.line}`,
    mass: massSource,
  });
