import type { Axis, ChoiceCode, LogChoice, Project } from '@/core/model';

/** A choice of a plan with the axis that it was made for; empty: the machine. */
export interface Choice extends LogChoice {
  readonly axis: string;
}

type Said = readonly [ChoiceCode, string];

/** Whole millimetres and tenths, as sizes are called. */
const mm = (si: number) => String(Math.round(si * 1e4) / 10);

function driveChoices({ drive }: Axis): readonly Said[] {
  switch (drive.kind) {
    case 'screw': {
      const { thread } = drive;
      const made = thread.kind === 'ball' ? `ball ${thread.making}` : thread.form;
      return [
        ['thread', made],
        ...(thread.kind === 'ball'
          ? []
          : ([['nut', `${thread.nut} ${thread.nutMaterial}`]] satisfies Said[])),
        ['far-end', drive.farEnd],
        ['thrust-bearing', drive.thrustBearing],
        ['screw-size', `${mm(drive.nominalDiameter.si)} x ${mm(drive.lead.si)} mm`],
      ];
    }
    case 'rack':
      return [['mesh', drive.mesh]];
    case 'belt':
      return [['belt', drive.arrangement]];
    case 'chain':
    case 'crank':
      return [];
  }
}

function motorChoice({ motor }: Axis): string {
  if (motor.kind === 'stepper') return `stepper ${motor.loop}`;
  return motor.kind === 'geared' ? `geared ${motor.gear}` : motor.kind;
}

const ofAxis = (axis: Axis): readonly Said[] => [
  ['drive', axis.drive.kind],
  ...driveChoices(axis),
  ['motor', motorChoice(axis)],
  ['reducer', axis.reducer?.kind ?? 'none'],
  ...(axis.coupling ? ([['coupling', axis.coupling.kind]] satisfies Said[]) : []),
  ['guide', axis.guide.kind],
  ['preload', axis.guide.preload],
];

/** Every choice of a machine that somebody may come to regret, or to make again. */
export const choicesOf = ({ axes, brief }: Pick<Project, 'axes' | 'brief'>): readonly Choice[] => [
  { axis: '', code: 'arrangement', value: brief.arrangement },
  ...axes.flatMap((axis) => ofAxis(axis).map(([code, value]) => ({ axis: axis.id, code, value }))),
];
