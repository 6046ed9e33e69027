import { type AxisReport, pickedPart, suppliesOf } from '@/core/machine';
import { type Axis, isCranked, type Project } from '@/core/model';
import { type Need, need } from './need';

/** For a plug at either end of a cable, m; and what is added for bends, m and as a share. Common practice. */
const PLUG = 0.15;
const SLACK = 0.5;
const SLACK_SHARE = 0.1;

/** Axes on which an axis rides, one after another; the rules refuse rings. */
function carriersOf({ axes }: Project, axis: Axis): Axis[] {
  const under = axes.find((a) => a.id === axis.carriedBy);
  return under ? [under, ...carriersOf({ axes } as Project, under)] : [];
}

/** Whether the motor travels on its own axis: on the carriage, with the pinion. */
const ridesAlong = ({ drive }: Axis): boolean =>
  drive.kind === 'rack' || (drive.kind === 'belt' && drive.arrangement === 'open');

/** A cable out of what it passes; null with what is not said. */
export interface CableLength {
  readonly length: number | null;
  /** Paths of what is not said. */
  readonly open: readonly string[];
}

/**
 * From the cabinet over its run, every cable chain that it passes, and the drop to its plug; both plugs,
 * and the larger of a tenth and half a metre for bends.
 * @param chains length of the cable chain of each axis, by id; null: not known.
 */
export function cableLength(
  project: Project,
  axis: Axis,
  rides: boolean,
  chains: ReadonlyMap<string, number | null>,
): CableLength {
  const said = project.cabling.find((c) => c.axis === axis.id);
  const passed = rides ? [axis, ...carriersOf(project, axis)] : carriersOf(project, axis);
  const lacking = passed.filter((a) => (chains.get(a.id) ?? null) === null);
  const open = [
    ...(said?.run ? [] : [`cabling.${axis.id}.run`]),
    ...(said?.drop ? [] : [`cabling.${axis.id}.drop`]),
    ...lacking.map((a) => `axes.${project.axes.indexOf(a)}.fit.cable`),
  ];
  if (open.length) return { length: null, open };
  const plain = passed.reduce((s, a) => s + chains.get(a.id)!, said!.run!.si + said!.drop!.si) + 2 * PLUG;
  return { length: plain + Math.max(SLACK, SLACK_SHARE * plain), open };
}

/** Axes with a motor: what a hand cranks wants neither cable nor controller. */
const powered = ({ axes }: Project) => axes.filter((a) => !isCranked(a));

function cableNeeds(project: Project, reports: readonly AxisReport[]): Need[] {
  const chains = new Map(
    project.axes.map((a, i) => [a.id, reports[i]!.chain.lengths.cable?.length ?? null] as const),
  );
  return powered(project).flatMap((axis) => {
    const owner = axis.id;
    const motor = cableLength(project, axis, ridesAlong(axis), chains);
    const count = axis.drive.sets;
    const { ends } = axis.fit;
    const switches = [ends.near, ends.far].filter((e) => e.switch !== 'none').length;
    const still = switches ? cableLength(project, axis, false, chains) : null;
    const metres = (of: { length: number | null }, n: number) => (of.length === null ? null : of.length * n);
    return [
      need({
        kind: 'motor-cable',
        owner,
        quantity: metres(motor, count),
        by: 'metre',
        params: { count, each: motor.length ?? -1 },
        open: motor.open,
      }),
      ...(still
        ? [
            need({
              kind: 'switch-cable',
              owner,
              quantity: metres(still, switches),
              by: 'metre',
              params: { count: switches, each: still.length ?? -1 },
              open: still.open,
            }),
          ]
        : []),
      need({ kind: 'connector', owner, quantity: 2 * (count + switches), origin: 'usual' }),
    ];
  });
}

/** Controllers and supplies, each once for all the axes that hang on it. */
function sharedNeeds(project: Project, reports: readonly AxisReport[]): Need[] {
  const axes = powered(project);
  const controllers = axes.filter(
    (a, i) => axes.findIndex((b) => b.parts.controller === a.parts.controller) === i,
  );
  const supplies = suppliesOf(axes, reports);
  return [
    ...controllers.map((axis, i) => {
      const part = pickedPart(project, axis, 'controller');
      return need(
        {
          kind: 'controller',
          params: { name: part?.name ?? '', axes: axes.length },
          price: part?.price ?? null,
          onHand: part?.onHand ?? 0,
        },
        String(i + 1),
      );
    }),
    ...supplies.map(({ axes: [first], drawn }, i) => {
      const part = pickedPart(project, first!, 'supply');
      const power = first!.supply.power?.si;
      return need(
        {
          kind: 'supply',
          quantity: power ? Math.max(1, Math.ceil(drawn / power)) : 1,
          params: { name: part?.name ?? '', voltage: first!.supply.voltage.si, power: power ?? -1 },
          price: part?.price ?? null,
          onHand: part?.onHand ?? 0,
        },
        String(i + 1),
      );
    }),
  ];
}

/** Controller, supplies, cables, and what stops it all. */
export const controlNeeds = (project: Project, reports: readonly AxisReport[]): Need[] => [
  ...sharedNeeds(project, reports),
  ...cableNeeds(project, reports),
  need({ kind: 'emergency-stop', origin: 'usual' }),
  need({ kind: 'contactor', origin: 'usual' }),
  need({ kind: 'grease', origin: 'usual' }),
  need({ kind: 'thread-lock', origin: 'usual' }),
];
