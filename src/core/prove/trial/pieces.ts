import { isPositioned, type Project } from '@/core/model';
import type { Ground } from './ground';
import { looks, repeats, row, type TrialCaution, type TrialPlan, trialOf, type WholeProof } from './trial';

/** Sizes of test pieces, m; common practice, no source. */
export const PIECE = {
  square: 0.2,
  plasmaSquare: 0.1,
  disc: 0.1,
  pocket: 0.05,
  lap: 0.03,
  wall: 0.002,
  bore: 0.03,
} as const;

/** Places of a traced circle, each sense; ISO 230-4 wants a trace, a hand can take as many. */
export const CIRCLE_PLACES = 36;
/** Diameters of a disc that part squareness from scale. */
export const DISC = [0, 45, 90, 135] as const;

const CUTTING: readonly TrialCaution[] = ['cutting', 'reach'];
const READ = { instrument: 'caliper', others: ['dial'] } as const;
const at = (value: number) => ({ kind: 'length', value }) as const;
const angle = (degrees: number) => ({ kind: 'angle', value: (degrees * Math.PI) / 180 }) as const;

/** Specific cutting force from which a material is a metal, Pa; wood and plastic stay below (memory). */
const METAL = 3e8;

/** What the machine is for: by its cuts. */
function worksOf({ brief }: Project) {
  const has = (kind: string) => brief.cuts.some((c) => c.kind === kind);
  const mills = has('mill') || !brief.cuts.length;
  const metal = brief.cuts.some((c) => c.kind === 'mill' && c.kc11.si > METAL);
  return { mills, plasma: has('plasma'), knife: has('knife'), metal };
}

/** The radius that a circle may have: as large as the standard’s smallest travel allows. */
export function circleRadius(across: readonly Ground[]): number {
  const least = Math.min(...across.map((g) => g.travel));
  return Math.min(0.15, Math.floor((least / 2 - 0.01) * 100) / 100);
}

/** The two axes that move the tool over the work. */
export const acrossOf = ({ axes }: Pick<Project, 'axes'>, grounds: readonly Ground[]): readonly Ground[] => {
  const long = axes.findIndex((a) => a.role === 'bed' || a.role === 'table');
  const cross = axes.findIndex((a) => a.role === 'gantry');
  return long < 0 || cross < 0 ? [] : [grounds[long]!, grounds[cross]!];
};

type Make = (project: Project, across: readonly Ground[]) => TrialPlan | null;

const disc = (kind: 'disc', said: Partial<TrialPlan> = {}) =>
  trialOf(kind, null, {
    fields: [row('asked', 'length')],
    rows: DISC.map((d) => row(`turn-${d}`, 'length', angle(d))),
    columns: ['across'],
    ...READ,
    cautions: CUTTING,
    program: true,
    minutes: 20,
    again: 12,
    ...said,
  });

const makes: Readonly<Record<WholeProof, Make>> = {
  circle: (_, across) =>
    across.length === 2 && circleRadius(across) >= 0.05
      ? trialOf('circle', null, {
          fields: [row('radius', 'length', at(circleRadius(across)))],
          rows: Array.from({ length: CIRCLE_PLACES }, (_c, i) =>
            row(`turn-${i + 1}`, 'length', angle((360 / CIRCLE_PLACES) * i)),
          ),
          columns: ['ccw', 'cw'],
          instrument: 'lever-dial',
          others: ['dial'],
          cautions: ['no-cutter', 'reach'],
          program: true,
          minutes: 40,
          again: 12,
        })
      : null,
  disc: (_, across) => (across.length === 2 ? disc('disc') : null),
  'first-cuts': () =>
    trialOf('first-cuts', null, {
      fields: looks('in-air', 'from-nought', 'half-depth', 'held'),
      cautions: [...CUTTING, 'stop-first'],
      minutes: 20,
    }),
  'ply-square': (project, across) =>
    worksOf(project).mills && across.length === 2
      ? trialOf('ply-square', null, {
          fields: ['near', 'right', 'far', 'left', 'rising', 'falling'].map((id) => row(id, 'length')),
          ...READ,
          cautions: CUTTING,
          program: true,
          minutes: 25,
          again: 12,
        })
      : null,
  'half-lap': (project) =>
    worksOf(project).mills
      ? trialOf('half-lap', null, {
          fields: [row('slot', 'length'), row('tongue', 'length')],
          ...READ,
          cautions: CUTTING,
          program: true,
          minutes: 25,
        })
      : null,
  pocket: (project) =>
    worksOf(project).mills
      ? trialOf('pocket', null, {
          fields: [row('wide-x', 'length'), row('wide-y', 'length'), row('boss-x', 'length', null, true)],
          ...READ,
          cautions: CUTTING,
          program: true,
          minutes: 25,
        })
      : null,
  face: (project) =>
    worksOf(project).metal && worksOf(project).mills
      ? trialOf('face', null, {
          fields: [row('ridge-x', 'length'), row('ridge-y', 'length')],
          instrument: 'lever-dial',
          others: ['dial'],
          cautions: CUTTING,
          minutes: 30,
          again: 12,
        })
      : null,
  'wall-bore': (project) =>
    worksOf(project).metal && worksOf(project).mills
      ? trialOf('wall-bore', null, {
          fields: [
            ...['wall-low', 'wall-middle', 'wall-high'].map((id) => row(id, 'length', at(PIECE.wall))),
            ...DISC.map((d) => row(`bore-${d}`, 'length', angle(d))),
          ],
          ...READ,
          cautions: CUTTING,
          minutes: 30,
        })
      : null,
  'disc-sense': (project) =>
    worksOf(project).mills
      ? trialOf('disc-sense', null, {
          fields: [row('climb', 'length'), row('conventional', 'length')],
          ...READ,
          cautions: CUTTING,
          minutes: 20,
        })
      : null,
  'knife-fan': (project) =>
    worksOf(project).knife
      ? trialOf('knife-fan', null, {
          fields: [...looks('corners-close', 'no-tails'), row('offset', 'length', null, true)],
          ...READ,
          cautions: CUTTING,
          minutes: 15,
        })
      : null,
  'plasma-square': (project) =>
    worksOf(project).plasma
      ? trialOf('plasma-square', null, {
          fields: ['hole-x', 'drop-x', 'hole-y', 'drop-y'].map((id) => row(id, 'length')),
          ...READ,
          cautions: ['arc', 'reach', 'hot'],
          program: true,
          minutes: 20,
          again: 12,
        })
      : null,
  'touch-off': (project) =>
    worksOf(project).plasma
      ? trialOf('touch-off', null, {
          fields: [row('give', 'length', null, true)],
          rows: repeats('length', 10),
          columns: ['height'],
          instrument: 'dial',
          cautions: ['power-off', 'reach'],
          minutes: 15,
          again: 6,
        })
      : null,
  spindle: (project) =>
    worksOf(project).mills
      ? trialOf('spindle', null, {
          fields: [
            row('near', 'length'),
            row('further', 'length'),
            row('grown', 'length', null, true),
            ...looks('sounds-even'),
            row('warmer', 'temperatureRise', null, true),
          ],
          instrument: 'lever-dial',
          others: ['dial'],
          cautions: ['power-off', 'hot'],
          minutes: 40,
          again: 12,
        })
      : null,
};

/** Proofs of the whole machine; they wait until every axis has come through first motion. */
export function wholePlans(
  project: Project,
  grounds: readonly Ground[],
  first: readonly TrialPlan[],
): readonly TrialPlan[] {
  const across = acrossOf(project, grounds);
  const waits = first.map((f) => f.key);
  // A program moves both axes of the work, or it is none.
  const byHand = across.some((g) => !isPositioned(g.axis));
  return Object.values(makes).flatMap((make) => {
    const plan = make(project, across);
    return plan && !(byHand && plan.program)
      ? [{ ...plan, after: plan.kind === 'spindle' ? [] : waits }]
      : [];
  });
}
