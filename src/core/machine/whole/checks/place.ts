import { rounded } from '../../axis';
import type { MachineContext } from '../context';
import { doorWanted, footprint, TO_PASS } from '../layout';
import { suppliesOf } from '../supplies';
import { at, figureCheck, level, machineCheck, offer } from './check';
import { ballast } from './tips';
import { materials } from '@/core/catalogue';
import { atLeast, atMost, comfort, exactly, type Verdict } from '@/core/findings';

/**
 * Moving over standing mass above which the stand rocks at rapid accelerations. Common practice, no source.
 */
const ROCKS = 0.5;
/** Above so much of the budget little is left. */
const NEARLY_SPENT = 0.9;
/** A circuit is planned with so much to spare; common practice, no source. */
const POWER_TO_SPARE = 1.15;

/** Length and width of the machine where both are known, the shorter side first. */
function sides({ project }: MachineContext) {
  const { length, width } = footprint(project);
  if (!length || !width) return undefined;
  return { length, width, short: Math.min(length, width), long: Math.max(length, width) };
}

const room = machineCheck({
  code: 'room',
  judge: (context) => {
    const { place } = context.project.brief;
    const machine = sides(context);
    if (!machine || !place.length || !place.width) return undefined;
    const [a, b] = [place.length.si, place.width.si];
    const [long, short] = [Math.max(a, b), Math.min(a, b)];
    // The tighter of the two ways, with room to pass on one side.
    const [needLong, needShort] = [machine.long + TO_PASS, machine.short + TO_PASS];
    const [have, need] = long / needLong < short / needShort ? [long, needLong] : [short, needShort];
    const verdict: Verdict = have >= need ? 'holds' : have >= need - TO_PASS ? 'thin' : 'gives-out';
    const params = { length: machine.length, width: machine.width };
    const path = 'brief.place.length';
    return { ...atLeast({ code: 'room', path, kind: 'length', have, need, params }), verdict };
  },
});

const door = machineCheck({
  code: 'door',
  judge: (context) => {
    const have = context.project.brief.place.door?.si;
    const need = doorWanted(context.project);
    if (need === null || have === undefined) return undefined;
    const path = 'brief.place.door';
    // It can be planned in pieces that bolt together.
    return exactly(atLeast({ code: 'door', path, kind: 'length', have, need }), 'thin');
  },
});

const bench = machineCheck({
  code: 'bench',
  judge: (context) => {
    const have = context.project.brief.place.bench?.si;
    const machine = sides(context);
    if (!machine || have === undefined) return undefined;
    return exactly(
      atLeast({ code: 'bench', path: 'brief.place.bench', kind: 'length', have, need: machine.short }),
    );
  },
});

const floor = figureCheck({
  code: 'floor',
  judge: ({ project, masses }) => {
    const have = project.brief.place.floorLoad?.si;
    const need = masses.moving + masses.standing;
    if (have === undefined || !(need > 0)) return undefined;
    return atLeast({ code: 'floor', path: 'brief.place.floorLoad', kind: 'mass', have, need });
  },
});

const powerShort = figureCheck({
  code: 'power-short',
  judge: ({ project, reports }) => {
    const { power, spindle } = project.brief;
    if (!power) return undefined;
    const axes = suppliesOf(project.axes, reports).reduce((s, g) => s + g.drawn, 0);
    const cutting = spindle ? spindle.power.si / spindle.efficiency.si : 0;
    return atLeast({
      code: 'power-short',
      path: 'brief.power',
      kind: 'power',
      have: power.si,
      need: axes + cutting,
      params: { axes, spindle: cutting },
    });
  },
  candidates: (_, found) => {
    const to = rounded(found.limit * POWER_TO_SPARE, 'up');
    return [offer('more-power', [at('brief.power', to)], { to })];
  },
});

function budgetVerdict(known: number, budget: number, unpicked: number): Verdict {
  if (known > budget) return 'gives-out';
  if (unpicked > 0) return 'not-known';
  return known > NEARLY_SPENT * budget ? 'thin' : 'holds';
}

const overBudget = machineCheck({
  code: 'over-budget',
  judge: ({ project, cost }) => {
    const { budget } = project.brief;
    if (budget === null) return undefined;
    const unpicked = cost.unpicked.length;
    const found = atLeast({
      code: 'over-budget',
      path: 'brief.budget',
      kind: 'count',
      have: budget,
      need: cost.known,
      params: { unpicked },
    });
    return { ...found, verdict: budgetVerdict(cost.known, budget, unpicked) };
  },
});

const rocks = figureCheck({
  code: 'rocks',
  judge: ({ project, masses }) => {
    const moved = masses.axes.filter((_, i) => level(project.axes[i]!)).map((a) => a.total);
    const moving = Math.max(0, ...moved);
    const { standing } = masses;
    if (!(standing > 0 && moving > 0)) return undefined;
    return comfort(
      atMost({
        code: 'rocks',
        path: 'stand',
        kind: 'ratio',
        have: moving / standing,
        need: ROCKS,
        params: { moving, standing },
      }),
    );
  },
  candidates: ({ project }, found) =>
    ballast(project, Number(found.params.moving) / found.limit - Number(found.params.standing)),
});

const creeps = machineCheck({
  code: 'creeps',
  judge: ({ project: { structure } }) => {
    if (!structure) return undefined;
    return (['beam', 'column'] as const)
      .filter((member) => member === 'beam' || structure.column.height.si > 0)
      .filter((member) => materials[structure[member].material].creeps)
      .map((member) => ({
        code: 'creeps',
        verdict: 'thin',
        path: `structure.${member}.material`,
        kind: 'count',
        value: 0,
        limit: 1,
        margin: 0.5,
        params: { member },
        about: member,
      }));
  },
  candidates: (_, { path, params: { member } }) => [
    offer('birch-member', [{ path, value: 'birch-plywood' }], { member: member! }),
    offer('aluminium-member', [{ path, value: 'aluminium' }], { member: member! }),
  ],
});

/** Floor, power and stand. */
export const placeFigures = [floor, powerShort, rocks] as const;

/** Room, floor, power, money and stand. */
export const placeChecks = [room, door, bench, floor, powerShort, overBudget, rocks, creeps] as const;
