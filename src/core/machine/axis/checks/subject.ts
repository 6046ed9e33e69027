import { type Check, defineCheck } from '@/core/checks';
import type { Checked } from '@/core/findings';
import type { DriveConcern } from '@/core/drives';
import type { GuideConcern } from '@/core/guides';
import { type Axis, isCranked } from '@/core/model';
import type { MotorConcern } from '@/core/motors';
import type { Worksheet } from '@/core/worksheet';
import type { Analysis } from '../analysis';
import type { AxisRemedyCode, Candidate } from '../candidates';
import { type DutyTorque, dutyTorque } from '../duty';
import { type PlateReport, platesOf } from '../plates';
import { endsOf, type EndsReport } from '../stopping';
import { type StacksReport, stacksOf } from '../stacks';
import { type TrainStiffness, trainStiffness } from '../train';

/** What drive, motor and guide may find about themselves. */
export type Concern = DriveConcern | MotorConcern | GuideConcern;

/**
 * An analysed axis as its checks see it: what several of them need is worked out once, when it is first asked
 * for.
 */
export interface AxisSubject {
  readonly analysis: Analysis;
  readonly sheet: Worksheet;
  readonly stiffness: TrainStiffness;
  readonly concerns: readonly Checked<Concern>[];
  readonly duty: DutyTorque;
  readonly stacks: StacksReport;
  readonly ends: EndsReport;
  readonly plates: readonly PlateReport[];
  /** Axes whose parts lie on plates of this one. */
  readonly others: readonly Axis[];
}

/** A class, for its getters: in an object of thousands they would cost more than what they spare. */
class Subject implements AxisSubject {
  private trainGives?: TrainStiffness;
  private found?: Checked<Concern>[];
  private over?: DutyTorque;
  private piled?: StacksReport;
  private stops?: EndsReport;
  private plated?: readonly PlateReport[];
  constructor(
    readonly analysis: Analysis,
    readonly sheet: Worksheet,
    readonly others: readonly Axis[],
  ) {}
  get stiffness() {
    return (this.trainGives ??= trainStiffness(this.analysis, this.sheet));
  }
  get duty() {
    return (this.over ??= dutyTorque(this.analysis, this.sheet));
  }
  get stacks() {
    return (this.piled ??= stacksOf(this.analysis.axis, this.sheet));
  }
  get ends() {
    return (this.stops ??= endsOf(this.analysis, this.sheet));
  }
  get plates() {
    return (this.plated ??= platesOf(this.analysis.axis, this.others));
  }
  get concerns() {
    const { drive, motor, guide } = this.analysis;
    return (this.found ??= [
      ...drive.concerns(this.sheet),
      ...motor.concerns(this.sheet),
      ...guide.concerns(this.stiffness.value, this.sheet),
    ]);
  }
}

/**
 * @param sheet where the lines of the working go. @param others axes whose parts lie on plates of this one.
 */
export const subjectOf = (analysis: Analysis, sheet: Worksheet, others: readonly Axis[] = []): AxisSubject =>
  new Subject(analysis, sheet, others);

/** A check of one axis; paths lead from inside it. */
export const axisCheck = <const Code extends string>(
  check: Omit<Check<Code, AxisSubject, AxisRemedyCode>, 'scope'>,
): Check<Code, AxisSubject, AxisRemedyCode> => defineCheck({ scope: 'axis', ...check });

/** A check that only a motor can fail: a hand knows when it stands, and no power drives it into its stops. */
export const poweredCheck = <const Code extends string>(
  check: Omit<Check<Code, AxisSubject, AxisRemedyCode>, 'scope'>,
): Check<Code, AxisSubject, AxisRemedyCode> =>
  axisCheck<Code>({
    ...check,
    judge: (subject) => (isCranked(subject.analysis.axis) ? undefined : check.judge(subject)),
  });

/** What a part finds about itself, with what may be tried against it. */
export const concern = <const Code extends Concern>(
  code: Code,
  candidates: (subject: AxisSubject, found: Checked<Code>) => readonly Candidate[],
): Check<Code, AxisSubject, AxisRemedyCode> =>
  axisCheck({
    code,
    judge: ({ concerns }) => concerns.filter((c): c is Checked<Code> => c.code === code),
    candidates,
  });
