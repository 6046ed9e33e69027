import {
  edgeFaults,
  floorFaults,
  hiddenHeads,
  type HoleFault,
  leastHole,
  makingFaults,
  wallFaults,
} from '@/core/fit';
import { atLeast, atMost, type Checked, exactly, type Verdict } from '@/core/findings';
import { type Candidate, measured, offer } from '../candidates';
import type { PlateReport } from '../plates';
import { type AxisSubject, axisCheck } from './subject';

type Of<Code extends string> = Checked<Code>;

/** Where a plate stands in the axis. */
export const placeOf = ({ plates }: AxisSubject, about: string | undefined) => {
  const [plate, group] = String(about).split(' ');
  const at = plates.findIndex((p) => p.input.id === plate);
  const inside = plates[at]?.groups.findIndex((g) => g.input.id === group) ?? -1;
  return { at, plate: plates[at], group: plates[at]?.groups[inside], inside };
};

/** The worst of the holes of a plate, as one outcome; nothing where all hold. */
function worstHole<Code extends string>(
  code: Code,
  plate: PlateReport,
  faults: readonly HoleFault[],
  missed: Verdict = 'gives-out',
): Of<Code>[] {
  if (!faults.length) return [];
  const worst = faults.reduce((a, b) => (b.have / b.need < a.have / a.need ? b : a));
  const found = atLeast({
    code,
    about: plate.input.id,
    path: 'fit.plates',
    kind: 'length',
    have: worst.have,
    need: worst.need,
    params: {
      plate: plate.input.name,
      hole: worst.hole,
      other: worst.other ?? '',
      count: faults.length,
      made: plate.input.made,
    },
  });
  // Nothing is left at all: it runs out of the plate, or into the next hole.
  return [exactly(found, worst.have < 0 ? 'gives-out' : missed)];
}

const isAluminium = ({ input }: PlateReport) => input.material === 'aluminium';

/** Plates grown so far that the worst hole keeps its edge, along or across. */
function larger(subject: AxisSubject, found: Checked): Candidate[] {
  const { at, plate } = placeOf(subject, found.about);
  // What was drawn elsewhere is changed there.
  if (!plate || plate.input.outline.length) return [];
  const by = 2 * (found.limit - found.value);
  const grown = (side: 'along' | 'across') => {
    const to = Math.ceil((plate[side] + by) * 1000) / 1000;
    const path = `fit.plates.${at}.${side}`;
    return offer('larger-plate', [{ path, value: measured(path, to) }], {
      side,
      to,
      plate: plate.input.name,
    });
  };
  return plate.input.groups.some((g) => g.at.length) ? [] : [grown('along'), grown('across')];
}

const plateEdge = axisCheck({
  code: 'plate-edge',
  judge: ({ plates }) =>
    plates.flatMap((p) => worstHole('plate-edge', p, edgeFaults(p.holes, p.outline, isAluminium(p)), 'thin')),
  candidates: larger,
});

const plateWall = axisCheck({
  code: 'plate-wall',
  judge: ({ plates }) => plates.flatMap((p) => worstHole('plate-wall', p, wallFaults(p.holes), 'thin')),
});

const plateFloor = axisCheck({
  code: 'plate-floor',
  judge: ({ plates }) =>
    plates.flatMap((p) =>
      p.thickness === null ? [] : worstHole('plate-floor', p, floorFaults(p.holes, p.thickness)),
    ),
});

const plateMade = axisCheck({
  code: 'plate-made',
  judge: ({ plates }) =>
    plates.flatMap((p) =>
      p.thickness === null
        ? []
        : worstHole('plate-made', p, makingFaults(p.holes, p.thickness, p.input.made)),
    ),
  candidates: (subject, found) => {
    const { at, plate } = placeOf(subject, found.about);
    if (!plate) return [];
    return (['laser', 'water', 'drill'] as const)
      .filter((made) => leastHole[made] < leastHole[plate.input.made])
      .map((made) =>
        offer('made-by', [{ path: `fit.plates.${at}.made`, value: made }], { made, plate: plate.input.name }),
      );
  },
});

/** Heads that no key reaches once the other part is on. */
const plateHead = axisCheck({
  code: 'plate-head',
  judge: ({ plates }) =>
    plates.flatMap((plate): Of<'plate-head'>[] => {
      const hidden = hiddenHeads(plate.holes, plate.parts);
      const [first] = hidden;
      if (!first) return [];
      const under = plate.groups.find((g) => g.letter === first.under);
      return [
        {
          ...atMost({
            code: 'plate-head',
            about: plate.input.id,
            path: 'fit.plates',
            kind: 'length',
            have: first.by,
            need: 0,
            params: {
              plate: plate.input.name,
              hole: first.hole,
              under: under?.input.name ?? '',
              count: hidden.length,
            },
          }),
          margin: 0,
          verdict: 'thin',
        },
      ];
    }),
});

/** Whether every hole of a plate can be made and reached. */
export const plateChecks = [plateEdge, plateWall, plateFloor, plateMade, plateHead] as const;
