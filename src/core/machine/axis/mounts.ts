import {
  type CarriageMount,
  carriageMounts,
  type CarriageRow,
  type EndBlock,
  endBlockFor,
  faceOfMotor,
  type MotorFace,
  type NutFlange,
  nutFlangeFor,
  type NutHousing,
  nutHousingFor,
  type RackBody,
  rackBodyFor,
  rowByLength,
} from '@/core/catalogue';
import type { Axis, PartDimension } from '@/core/model';

/** The parts of an axis as they are mounted; null where the tables do not know them, or nobody said which. */
export interface Mounts {
  readonly carriage: CarriageMount | null;
  /** Short or long carriage, as it was said, and as its length says. */
  readonly row: CarriageRow | null;
  readonly rowByLength: CarriageRow | null;
  readonly block: EndBlock | null;
  readonly nut: NutFlange | null;
  readonly housing: NutHousing | null;
  readonly face: MotorFace | null;
  readonly rack: RackBody | null;
}

const motorFamilies = ['stepper', 'closed-loop-stepper', 'servo'] as const;

function carriageOf({ guide, fit: { mount } }: Axis): CarriageMount | null {
  const forms = guide.size ? carriageMounts(guide.kind, guide.size.si) : [];
  // A size that is made in one form needs no choice.
  return forms.find((f) => f.form === mount.carriage) ?? (forms.length === 1 ? forms[0]! : null);
}

/** The rail of an axis: where a size is made in several forms their rails are alike. */
export function railOf(axis: Axis): Pick<CarriageMount, 'rail' | 'source'> | null {
  const { kind, size } = axis.guide;
  const chosen = carriageOf(axis);
  if (chosen) return chosen;
  const [first, ...others] = size ? carriageMounts(kind, size.si) : [];
  const alike = (a: CarriageMount['rail'], b: CarriageMount['rail']) =>
    a.pitch === b.pitch && a.hole === b.hole && a.bore === b.bore && a.height === b.height;
  return first && others.every((o) => alike(o.rail, first.rail)) ? first : null;
}

/** Which of the usual parts stand on an axis. */
export function mountsOf(axis: Axis): Mounts {
  const { guide, drive, fit: said, parts } = axis;
  const carriage = carriageOf(axis);
  const length = guide.carriageLength?.si;
  const byLength = carriage && length !== undefined ? rowByLength(carriage, length) : null;
  const screw = drive.kind === 'screw' ? drive.nominalDiameter.si : null;
  const motor = motorFamilies.map((f) => parts[f]).find((id) => id !== undefined);
  return {
    carriage,
    row: said.mount.row ?? byLength,
    rowByLength: byLength,
    block: screw === null ? null : endBlockFor(screw),
    nut: screw === null ? null : nutFlangeFor(screw),
    housing: screw === null || said.mount.nut === 'flange' ? null : nutHousingFor(screw),
    face: faceOfMotor(motor),
    rack: drive.kind === 'rack' ? rackBodyFor(drive.module.si) : null,
  };
}

/** A dimension of a part as it is published: its figure, half its tolerance, where both come from. */
export interface PublishedDimension {
  readonly value: number;
  readonly tolerance: number;
  readonly source: string;
}

/** How far such parts are off, half of the tolerance, m; all from memory, normal class. */
const OFF: Record<PartDimension, number> = {
  'carriage-height': 1e-4,
  'rail-height': 1e-4,
  'carriage-half': 1e-4,
  'block-height': 5e-5,
  'block-half': 1e-4,
  'nut-face': 5e-5,
  'nut-half': 1e-4,
  plate: 3e-4,
  'motor-height': 2e-4,
  'rack-pitch-line': 5e-5,
  'pinion-radius': 3e-5,
  'rail-spacing': 1e-4,
};

/** What the chosen parts of an axis are known for, by dimension; what is not known is left out. */
export function publishedOf(axis: Axis): Partial<Record<PartDimension, PublishedDimension>> {
  const { guide, drive } = axis;
  const { carriage, block, housing, face, rack } = mountsOf(axis);
  const found: Partial<Record<PartDimension, PublishedDimension>> = {};
  const say = (dimension: PartDimension, value: number | undefined, source: string) => {
    if (value !== undefined) found[dimension] = { value, tolerance: OFF[dimension], source };
  };
  if (carriage) {
    say('carriage-height', carriage.height, carriage.source);
    say('rail-height', carriage.rail.height, carriage.source);
    say('carriage-half', carriage.width / 2, carriage.source);
  }
  if (block) {
    say('block-height', block.centre, block.source);
    say('block-half', block.width / 2, block.source);
  }
  if (housing) {
    say('nut-face', housing.centre, housing.source);
    say('nut-half', housing.width / 2, housing.source);
  }
  if (face) say('motor-height', face.frame / 2, face.source);
  if (rack) say('rack-pitch-line', rack.line, rack.source);
  if (drive.kind === 'rack') {
    // Reference radius of a helical pinion with its shift: z m / (2 cos beta) + x m.
    const { module: m, teeth, helixAngle, profileShift } = drive;
    const radius = (teeth.si * m.si) / (2 * Math.cos(helixAngle.si)) + profileShift.si * m.si;
    say('pinion-radius', radius, 'typed at the drive');
  }
  say('plate', guide.plate?.thickness.si, 'typed at the guide');
  say('rail-spacing', guide.spacing?.si, 'typed at the guide');
  return found;
}
