import type { Doc } from '../slice';

const estimate = (typed: string, si: number) => ({ typed, si, basis: 'estimate' });

/**
 * An axis from version 1 to 2: drives, motors and guides of every kind. What version 1 knew keeps its
 * meaning; what it did not ask is left empty, or is an estimate that changes no answer. The values are
 * written out here, so that this step does the same for ever, whatever new axes start from later.
 */
export function axisFromVersion1(old: Doc): Doc {
  const demands = old.demands as Doc;
  const loads = old.loads as Doc;
  const drive = old.drive as Doc;
  const thread = drive.thread as Doc;
  const reducer = old.reducer as Doc | null;
  const { crestCurrent, maxCrestCurrent, ...driver } = old.driver as Doc;
  const none = estimate('0 mm', 0);
  return {
    ...old,
    demands: { ...demands, lostMotion: null },
    loads: { ...loads, otherDrag: estimate('0 N', 0) },
    guide: {
      kind: 'profile',
      mounting: 'flat',
      rails: estimate('2', 2),
      perRail: estimate('2', 2),
      spacing: null,
      ...(old.guide as Doc),
      carriageLength: null,
      raceSpacing: estimate('15 mm', 0.015),
      size: null,
      dynamicLoad: null,
      ratingBasis: 50,
      staticLoad: null,
      verticalStiffness: estimate('200 N/µm', 2e8),
      lateralStiffness: estimate('140 N/µm', 1.4e8),
      preload: 'light',
      friction: estimate('0.004', 0.004),
      seal: estimate('3 N', 3),
      shock: estimate('1.5', 1.5),
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
    },
    drive: {
      ...drive,
      play: null,
      bearingPlay: null,
      thread: thread.kind === 'sliding' ? { ...thread, nut: 'plain' } : thread,
    },
    reducer: reducer && { ...reducer, torqueLimit: null, stiffness: null, pulleys: null },
    coupling: {
      kind: 'beam',
      ...(old.coupling as Doc),
      stiffness: null,
      backlash: estimate('0°', 0),
      torqueLimit: null,
      runout: null,
    },
    motor: { ...(old.motor as Doc), loop: 'open', brakeTorque: estimate('0 N·m', 0), curve: null },
    driver: { ...driver, marking: 'crest', setCurrent: crestCurrent, maxCurrent: maxCrestCurrent },
    supply: {
      ...(old.supply as Doc),
      power: null,
      others: estimate('0 W', 0),
      capacitance: null,
      brakeResistor: 'none',
    },
    duty: [],
    parts: {},
  };
}
