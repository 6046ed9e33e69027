import type { DriveStiffness, Flex, FrameInputs, FrameKnown, FrameTrial, TrialStep } from '@/core/machine';
import type {
  BuildFinding,
  FreeWay,
  Geometry,
  MoneyReport,
  Need,
  SectionPlan,
  Stands,
  Wall,
  WorkContext,
  workOf,
} from '@/core/build';
import type { HeldRow } from '@/core/prove';
import type { Proposal, ProposalStep, Turned } from '@/core/upgrade';
import type {
  SearchAnswer,
  SearchLimits,
  SearchStep,
  TogetherAnswer,
  TogetherLimits,
  TogetherStep,
  WhyNot,
  WhyNotAsked,
  WhyNotStep,
} from '@/core/choose';
import type { DoubtAsked, DoubtOutput, DoubtPart, DoubtStep, SweepAsked, Swept } from '@/core/doubt';
import type { JobFound, JobRun, JobStep, SlowerProgram } from '@/core/job';
import type { Axis, JobSaid, OwnPart, Project } from '@/core/model';
import type { Asked, PlanAnswer, PlanPart, PlanStep } from '@/core/plan';
import type { NotConcerned, SchoolAnswer, SchoolId, SchoolStep, VariantFigures } from '@/core/variants';

/** Every job by its name: what goes in, what is told on the way, what comes out. Plain data, SI units. */
export interface Jobs {
  /** The frame of a machine over its work area. */
  frame: { readonly input: FrameInputs; readonly step: never; readonly output: Flex };
  /** Changes to the frame, each solved. */
  trials: {
    readonly input: { readonly project: Project; readonly drives: DriveStiffness };
    readonly step: TrialStep;
    readonly output: readonly FrameTrial[];
  };
  /** How a machine is got and sawn: cuts, money, and what is found wrong with them. */
  build: {
    readonly input: { readonly project: Project; readonly needs: readonly Need[]; readonly today: string };
    readonly step: never;
    readonly output: BuildAnswer;
  };
  /** Where every part and screw of a machine is, and what hides it. */
  geometry: {
    readonly input: { readonly project: Project };
    readonly step: never;
    readonly output: Geometry;
  };
  /** Order and dates of very many steps. */
  work: {
    readonly input: {
      readonly context: Parameters<typeof workOf>[0];
      readonly now: Wall;
      readonly geometry: Geometry;
    };
    readonly step: never;
    readonly output: WorkContext;
  };
  /** Changes that free the hidden screws of a joint, each tried in the model. */
  free: {
    readonly input: {
      readonly project: Project;
      readonly geometry: Geometry;
      readonly joint: string;
      /** Of a group of access holes. */
      readonly name: string;
    };
    readonly step: never;
    readonly output: readonly FreeWay[];
  };
  /** Changes that would better a machine, each worked out with the whole of it. */
  upgrades: {
    readonly input: { readonly project: Project; readonly known: FrameKnown };
    readonly step: ProposalStep;
    readonly output: readonly Proposal[];
  };
  /** Where a machine stands, in a line. */
  stands: {
    readonly input: { readonly project: Project; readonly today: string };
    readonly step: never;
    readonly output: Stands;
  };
  /** What a change did to the answers of a machine. */
  turned: {
    readonly input: { readonly before: Project; readonly after: Project };
    readonly step: never;
    readonly output: Turned;
  };
  /** Drive trains for several axes together. */
  together: {
    readonly input: { readonly project: Project; readonly limits: TogetherLimits };
    readonly step: TogetherStep;
    readonly output: TogetherAnswer;
  };
  /** Drive trains for one axis: one share of a search over every combination. */
  search: {
    readonly input: {
      readonly axis: Axis;
      readonly own: readonly OwnPart[];
      readonly limits: SearchLimits;
    };
    readonly step: SearchStep;
    readonly output: SearchAnswer;
  };
  /** Why a part is not in an axis, and what would have to change. */
  whyNot: {
    readonly input: WhyNotAsked;
    readonly step: WhyNotStep;
    /** Null where the part is gone. */
    readonly output: WhyNot | null;
  };
  /** Whole machines for a brief: one part of the work. */
  plan: {
    readonly input: { readonly asked: Asked; readonly work: PlanPart };
    readonly step: PlanStep;
    readonly output: PlanAnswer;
  };
  /** How sure the answers of a machine are: one part of the work. */
  doubt: {
    readonly input: { readonly asked: DoubtAsked; readonly work: DoubtPart };
    readonly step: DoubtStep;
    readonly output: DoubtOutput;
  };
  /** One input of a machine swept from one value to another. */
  sweep: {
    readonly input: SweepAsked;
    readonly step: DoubtStep;
    /** Undefined where nothing is measured at the path. */
    readonly output: Swept | undefined;
  };
  /** What a variant of a machine comes to. */
  variant: {
    readonly input: { readonly project: Project };
    readonly step: never;
    readonly output: VariantFigures;
  };
  /** Both sides of a quarrel of the trade with the numbers of a machine. */
  school: {
    readonly input: { readonly project: Project; readonly school: SchoolId };
    readonly step: SchoolStep;
    readonly output: SchoolAnswer | NotConcerned;
  };
  /** A G-code program run through a machine. */
  job: {
    readonly input: { readonly project: Project; readonly job: JobSaid; readonly bytes: Uint8Array };
    readonly step: JobStep;
    readonly output: JobRun;
  };
  /** The same program with the feeds at which its lines hold. */
  jobSlower: {
    readonly input: { readonly project: Project; readonly job: JobSaid; readonly bytes: Uint8Array };
    readonly step: JobStep;
    readonly output: SlowerProgram;
  };
  /** All jobs of a machine, one after the other: what is found of them. */
  jobsFound: {
    readonly input: { readonly project: Project; readonly programs: ReadonlyMap<string, Uint8Array> };
    readonly step: null;
    readonly output: readonly JobFound[];
  };
  /** Every answer of the plan beside what was measured of it. */
  held: {
    readonly input: { readonly project: Project };
    readonly step: never;
    readonly output: readonly HeldRow[];
  };
}

/** What a page does not work out by itself. */
export interface BuildAnswer {
  readonly plans: readonly SectionPlan[];
  readonly money: MoneyReport;
  readonly findings: readonly BuildFinding[];
}

export type JobName = keyof Jobs;

/** How a job ended. Errors cross as data. */
export type JobResult<N extends JobName> =
  | { readonly ok: true; readonly output: Jobs[N]['output'] }
  | { readonly ok: false; readonly reason: 'cancelled' }
  | { readonly ok: false; readonly reason: 'failed'; readonly message: string };

/** The worker's side: one service for all jobs, which can also be called directly. */
export interface JobService {
  /** Answers as soon as the worker has started. */
  ping(): Promise<true>;
  /** Runs a job under a number of the caller's; `onStep` is told on the way. */
  run<N extends JobName>(
    id: number,
    name: N,
    input: Jobs[N]['input'],
    onStep: (step: Jobs[N]['step']) => void,
  ): Promise<JobResult<N>>;
  /** Ends a job between two of its steps. */
  cancel(id: number): Promise<void>;
}
