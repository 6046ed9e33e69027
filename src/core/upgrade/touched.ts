import type { PartKind } from '@/core/build';
import type { FrameRemedyCode } from '@/core/machine';
import type { Axis, Edit, Project } from '@/core/model';

const driveParts: Readonly<Record<Axis['drive']['kind'], readonly PartKind[]>> = {
  screw: ['screw', 'nut'],
  rack: ['rack', 'pinion'],
  belt: ['belt', 'wheels'],
  chain: ['belt', 'wheels'],
  crank: ['crank'],
};

const ofDrive = ({ drive }: Axis): readonly PartKind[] => driveParts[drive.kind];
/** Play is that of the nut where there is one, else that of the line. */
const ofPlay = ({ drive }: Axis): readonly PartKind[] =>
  drive.kind === 'screw' ? ['nut'] : driveParts[drive.kind];

/** Parts of an axis by what of it is changed, the first that fits. */
export const partsByPath: readonly (readonly [RegExp, (axis: Axis) => readonly PartKind[]])[] = [
  // A drive on the other side is added; how the load is shared is a figure, and so is how warm it gets.
  [/^drive\.(sets|worstShare|temperatureRise)$/, () => []],
  [/^drive\.play$/, ofPlay],
  [/^drive\.(thread\.nut|nut)/, () => ['nut']],
  [/^drive\.(thrustBearing|motorEnd|bearing)/, () => ['block-fixed']],
  [/^drive\.(farEnd|stretch)/, () => ['block-float']],
  [/^drive\.(meshGap|spring)/, () => ['pinion']],
  [/^drive/, ofDrive],
  [/^coupling/, () => ['coupling']],
  [/^reducer/, () => ['motor']],
  [/^motor\.usableShare$/, () => []],
  [/^motor/, () => ['motor']],
  [/^guide\.(heightError|parallelError)$/, () => ['rail-a', 'rail-b']],
  [/^guide/, () => ['carriages']],
];

/** Parts of the machine by what of its structure is changed. */
const inStructure: Readonly<Record<string, PartKind>> = {
  beam: 'beam',
  column: 'columns',
  corner: 'columns',
  bed: 'bed',
  feet: 'bed',
  prop: 'bed',
  crossbar: 'crossbar',
  tool: 'spindle',
};

/** Changes that add something to what stays where it is. */
const added: ReadonlySet<string> = new Set<FrameRemedyCode>([
  'prop',
  'more-supports',
  'gusset',
  'second-beam',
  'crossbar',
  'fill-beam',
]);

/**
 * Parts that a change takes in hand, by their ids: `gantry/nut`, `beam`. Settings and the cabinet are none,
 * nor is what something is only added to.
 * @param code of the change; empty: a part in the place of another.
 */
export function touchedParts(
  { axes }: Pick<Project, 'axes'>,
  edits: readonly Edit[],
  code = '',
): readonly string[] {
  if (added.has(code)) return [];
  const found = new Set<string>();
  for (const { path } of edits) {
    const [slice, at = '', ...rest] = path.split('.');
    if (slice === 'structure' && inStructure[at]) found.add(inStructure[at]);
    const axis = slice === 'axes' ? axes[Number(at)] : undefined;
    const kinds = axis && partsByPath.find(([p]) => p.test(rest.join('.')))?.[1](axis);
    for (const kind of kinds ?? []) found.add(`${axis!.id}/${kind}`);
  }
  return [...found];
}
