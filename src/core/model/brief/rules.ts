import type { Project } from '../document';
import { type Broken, SLACK, type SliceRules } from '../rule';

export type BriefRuleCode = 'wider-than-cutter' | 'spindle-pulleys-overlap';

/** Shafts of a spindle's belt stand farther apart than both pulleys are wide. */
function pulleysOverlap({ brief: { spindle } }: Project, touched?: string): Broken<BriefRuleCode>[] {
  if (!spindle?.belt) return [];
  const { motorPulley, spindlePulley, centre } = spindle.belt;
  const least = (motorPulley.si + spindlePulley.si) / 2;
  if (centre.si > least) return [];
  const among = ['centre', 'motorPulley', 'spindlePulley'].map((f) => `brief.spindle.belt.${f}`);
  return [
    {
      code: 'spindle-pulleys-overlap',
      path: touched !== undefined && among.includes(touched) ? touched : among[0]!,
      params: { centre: centre.si, least },
      among,
    },
  ];
}

/** A full slot is as wide as the cutter; wider pockets are several passes. */
const widerCuts: SliceRules<BriefRuleCode> = ({ brief }, touched) =>
  brief.cuts.flatMap((cut, i): Broken<BriefRuleCode>[] => {
    if (cut.kind !== 'mill' || cut.width.si <= cut.diameter.si + SLACK) return [];
    const [width, diameter] = [`brief.cuts.${i}.width`, `brief.cuts.${i}.diameter`];
    return [
      {
        code: 'wider-than-cutter',
        path: touched === diameter ? diameter : width,
        params: { width: cut.width.si, diameter: cut.diameter.si },
        among: [width, diameter],
      },
    ];
  });

/** Rules of the brief. */
export const briefRules: SliceRules<BriefRuleCode> = (project, touched) => [
  ...pulleysOverlap(project, touched),
  ...widerCuts(project, touched),
];
