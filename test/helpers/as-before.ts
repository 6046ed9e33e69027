import { expect } from 'vitest';
import {
  type Axis,
  type Project,
  startingFit,
  startingBuild,
  startingProve,
  startingPassing,
  startingShims,
  startingWishes,
} from '@/core/model';

/** A screw without what came with version 5: nobody had said its ratings. */
function unrated(drive: Axis['drive']): object {
  if (drive.kind !== 'screw' || drive.thread.kind !== 'ball') return drive;
  const { bearingDynamicLoad, bearingStaticLoad, thread, ...rest } = drive;
  const { staticLoad, ...ball } = thread;
  expect([bearingDynamicLoad, bearingStaticLoad, staticLoad]).toEqual([null, null, null]);
  return { ...rest, thread: ball };
}

/** An axis without what came with version 6: nobody had said how it goes together. */
function unfitted({ fit, ...axis }: Axis) {
  expect(fit).toEqual(startingFit());
  return axis;
}

/** A machine without what came with version 20: rapids of its jobs were straight. */
export function asBefore20(project: Project): Project {
  const jobs = project.jobs.map(({ takes: { rapid, ...takes }, ...job }) => {
    expect(rapid).toBe('straight');
    return { ...job, takes };
  });
  return { ...project, jobs } as unknown as Project;
}

/** A machine without what came with version 19: it had no jobs. */
export function asBefore19(project: Project): Project {
  const { jobs, ...rest } = asBefore20(project);
  expect(jobs).toEqual([]);
  return rest as Project;
}

/** A machine without what came with version 18: nothing balances it but a force, its spindle has no belt. */
export function asBefore18(project: Project): Project {
  const { brief, axes, pins, ...rest } = asBefore19(project);
  const bare = (axis: Axis): Axis => {
    const { balance, ...loads } = axis.loads;
    expect(balance).toEqual([]);
    return { ...axis, loads: loads as Axis['loads'] };
  };
  const unbelted = (spindle: NonNullable<Project['brief']['spindle']>) => {
    const { belt, ...said } = spindle;
    expect(belt).toBeNull();
    return said;
  };
  return {
    ...rest,
    brief: { ...brief, spindle: brief.spindle && unbelted(brief.spindle) },
    axes: axes.map(bare),
    pins: pins.map((pin) => ({ ...pin, axis: bare(pin.axis) })),
  } as Project;
}

/** A machine without what came with version 17: nothing was asked at its start. */
export function asBefore17(project: Project): Project {
  const { brief, ...rest } = asBefore18(project);
  const { wishes, ...said } = brief;
  expect(wishes).toEqual({ ...startingWishes(), arrange: 'said' });
  return { ...rest, brief: said } as unknown as Project;
}

/** A machine without what came with version 16: no upgrade was thought of, every plan was kept by hand. */
export function asBefore16(project: Project): Project {
  const { upgrades, revisions, ...rest } = asBefore17(project);
  expect(upgrades).toEqual([]);
  const old = revisions.map(({ by, ...said }) => {
    expect(by).toBe('hand');
    return said;
  });
  return { ...rest, revisions: old } as unknown as Project;
}

/** A machine without what came with version 15: nobody had written a log, or kept a plan. */
export function asBefore15(project: Project): Project {
  const { log, revisions, ...rest } = asBefore16(project);
  expect([log, revisions]).toEqual([[], []]);
  return rest as Project;
}

/** A machine without what came with version 14: nobody had kept what a practice round hides. */
export function asBefore14(project: Project): Project {
  const { practice, ...rest } = asBefore15(project);
  if (!practice) return { ...rest, practice } as Project;
  const { hidden, ...said } = practice;
  expect(hidden).toEqual([]);
  return { ...rest, practice: said } as Project;
}

/** A machine without what came with version 13: it is a real one, and nobody kept how bolts were moved. */
export function asBefore13(project: Project): Project {
  const { practice, ...rest } = asBefore14(project);
  expect(practice).toBeNull();
  const rounds = rest.rounds.map((r) => ({
    ...r,
    moved: r.moved.map(({ kind, ...m }) => {
      expect(kind).toBe('');
      return m;
    }),
  }));
  return { ...rest, rounds } as unknown as Project;
}

/** A machine without what came with version 12: nothing was tried on it. */
export function asBefore12(project: Project): Project {
  const { trials, posting, ...rest } = asBefore13(project);
  expect(startingProve()).toMatchObject({ trials, posting });
  return rest as Project;
}

/** A machine without what came with version 11: nothing was read on it. */
export function asBefore11(project: Project): Project {
  const { sheets, rounds, happenings, symptoms, ...rest } = asBefore12(project);
  expect(startingProve()).toMatchObject({ sheets, rounds, happenings, symptoms });
  return rest as Project;
}

/** A machine without what came with version 9: nothing was got or sawn. */
export function asBefore9(machine: Project): Project {
  const project = asBefore11(machine);
  const { remnants, ...fresh } = startingBuild();
  expect(project).toMatchObject(fresh);
  expect(project.remnants.keep.si).toBe(remnants.keep.si);
  const kept = Object.entries(project).filter(
    ([field]) => field !== 'remnants' && !Object.hasOwn(fresh, field),
  );
  return Object.fromEntries(kept) as Project;
}

/** A machine without what came with version 6: nobody had said what it stands on, nor how it fits. */
export function asBefore6(project: Project) {
  const { axes, pins, structure, shims, passing, ...rest } = asBefore9(project);
  expect(passing).toEqual(startingPassing());
  expect(shims.map((s) => s.thickness.typed)).toEqual(startingShims().map((s) => s.thickness.typed));
  const { feet, ...frame } = structure ?? { feet: null };
  if (structure) expect(feet).toEqual({ held: 'free', along: null, across: null, height: null });
  return {
    ...rest,
    axes: axes.map(unfitted),
    pins: pins.map((pin) => ({ ...pin, axis: unfitted(pin.axis) })),
    structure: structure && frame,
  };
}

type Unfitted = ReturnType<typeof unfitted>;

/** A machine without what came with version 5; the place of a coupling was always the motor. */
export function asBefore5(project: Project) {
  const { axes, pins, structure, ...rest } = asBefore6(project);
  const { crossbar, ...frame } = (structure ?? { crossbar: null }) as NonNullable<Project['structure']>;
  expect(crossbar).toBeNull();
  const bare = ({ coupling: { place, ...coupling }, controller, drive, guide, ...axis }: Unfitted) => {
    const { calibration, ...pulses } = controller;
    const { grip, offPlane, plate, ...rails } = guide;
    expect([place, calibration, grip, offPlane, plate]).toEqual(['motor', 'none', 'unknown', null, null]);
    return { ...axis, controller: pulses, coupling, drive: unrated(drive), guide: rails };
  };
  return {
    ...rest,
    structure: structure && frame,
    axes: axes.map(bare),
    pins: pins.map((pin) => ({ ...pin, axis: bare(pin.axis) })),
  };
}
