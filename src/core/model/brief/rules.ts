import { type Broken, SLACK, type SliceRules } from '../rule';

export type BriefRuleCode = 'wider-than-cutter';

/** Rules of the brief. */
export const briefRules: SliceRules<BriefRuleCode> = ({ brief }, touched) =>
  brief.cuts.flatMap((cut, i): Broken<BriefRuleCode>[] => {
    // A full slot is as wide as the cutter; wider pockets are several passes.
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
