import { cutLoads } from '@/core/machine';
import {
  type Brief,
  type Job,
  type Measure,
  type OwnPart,
  type Project,
  type Wishes,
  type AxisNames,
  type Role,
} from '@/core/model';
import { type JobProfile, jobOf, jobProfiles, USUAL_CUT } from './jobs';
import { mm, ours } from './ours';
import { type Stock, stockOf } from './stock';

/** Things of a plan that need a name; words come from above. */
export const namedBodies = [
  'head',
  'plunge-plate',
  'plunge-rails',
  'saddle',
  'saddle-carriages',
  'plunge-drive',
  'gantry-rails',
  'gantry-drive',
  'gantry-motor',
  'ends',
  'bed-carriages',
  'bed-motors',
  'bed-drive',
  'bed-rails',
  'hose',
  'table',
  'table-carriages',
  'stock',
  'stand',
  'under',
  'cabinet',
  'ballast',
] as const;
export type NamedBody = (typeof namedBodies)[number];

/** What the parts of a plan are called: plain data, for it crosses to a worker. */
export interface PlanNames {
  readonly axis: Readonly<Record<Role, AxisNames>>;
  /** On an arm. */
  readonly armAxis: Readonly<Record<Role, AxisNames>>;
  readonly body: Readonly<Record<NamedBody, string>>;
  readonly cut: Readonly<Record<Job, string>>;
}

/** What a plan is made for: the answers, whatever was left open among them. */
export interface Asked {
  readonly project: Project;
  readonly names: PlanNames;
}

/** The answers with what nobody said filled in by what is usual; every such figure is ours. */
export interface Filled {
  readonly brief: Brief & {
    readonly area: { readonly [K in keyof Brief['area']]: NonNullable<Brief['area'][K]> };
  };
  readonly accuracy: number;
  /** Largest force of the cuts across the machine, N. */
  readonly peak: number;
  readonly job: Job;
  readonly profile: JobProfile;
  readonly wishes: Wishes;
  readonly own: readonly OwnPart[];
  /** Bars that lie there. */
  readonly stock: readonly Stock[];
}

/** A work area: what was said, the stock, or what is usual. */
const areaOf = (
  { area, stock }: Brief,
  [length, width, height]: JobProfile['area'],
): Filled['brief']['area'] => ({
  length: area.length ?? (stock.length && mm(stock.length.si)) ?? mm(length),
  width: area.width ?? (stock.width && mm(stock.width.si)) ?? mm(width),
  height: area.height ?? mm(Math.max(height, (stock.thickness?.si ?? 0) + height / 2)),
});

/** Two long axes are trued square to so much a metre; a third of the accuracy over the width at the most. */
function squared({ accuracy, area }: Brief, profile: JobProfile) {
  const allowed = accuracy?.si ?? profile.accuracy;
  const width = area.width?.si ?? profile.area[1];
  return ours('slope', Math.min(0.2, Math.max(0.03, (300 * allowed) / width)), 'mm/m');
}

/** Largest force of the cuts across the machine, N. */
const peakOf = (of: Pick<Brief, 'cuts' | 'spindle'>): number =>
  Math.max(0, ...cutLoads(of).map((c) => Math.max(c.along, c.across)));

/**
 * What somebody said of a brief. What stands in it as ours came with an earlier plan: it is proposed anew,
 * for the answers may be others now.
 */
function saidIn({ area, stock, accuracy, squareness, spindle, cuts, ...rest }: Brief): Brief {
  const said = <T extends Measure | null>(m: T): T | null => (m && m.basis !== 'ours' ? m : null);
  return {
    ...rest,
    stock,
    area: { length: said(area.length), width: said(area.width), height: said(area.height) },
    accuracy: said(accuracy),
    squareness: said(squareness),
    spindle: spindle && said(spindle.power) ? spindle : null,
    cuts: cuts.filter((c) => c.id !== USUAL_CUT || c.feed.basis !== 'ours'),
  };
}

/** Fills a brief: what was said stays as it is, the rest is proposed. */
export function filled({ project, names }: Asked): Filled {
  const { ownParts } = project;
  const brief = saidIn(project.brief);
  const { wishes } = brief;
  const job = wishes.job ?? jobOf(brief);
  const profile = jobProfiles[job];
  const cuts = brief.cuts.length ? brief.cuts : [{ ...profile.cut(), name: names.cut[job] }];
  const { power, rpm } = profile.head;
  const milling = cuts.some((c) => c.kind === 'mill');
  const spindle =
    brief.spindle ??
    (milling && power !== null
      ? {
          power: ours('power', power, 'W'),
          efficiency: ours('ratio', 0.8, ''),
          ratedSpeed: ours('angularSpeed', rpm, 'rpm'),
          belt: null,
        }
      : null);
  const squareness = brief.squareness ?? squared(brief, profile);
  const accuracy = brief.accuracy ?? ours('length', profile.accuracy * 1e3, 'mm');
  return {
    brief: {
      ...brief,
      work: profile.work,
      cuts,
      spindle,
      accuracy,
      squareness,
      area: areaOf(brief, profile.area),
    },
    accuracy: accuracy.si,
    peak: peakOf({ cuts, spindle }),
    job,
    profile,
    wishes,
    own: ownParts,
    stock: stockOf(project),
  };
}
