import { type Broken, SLACK, type SliceRules } from '../rule';

export type StructureRuleCode = 'prop-beyond-beam';

/** Rules of the structure. */
export const structureRules: SliceRules<StructureRuleCode> = ({ structure }): Broken<StructureRuleCode>[] => {
  if (!structure?.prop || structure.prop.at.si <= structure.beam.length.si + SLACK) return [];
  return [
    {
      code: 'prop-beyond-beam',
      path: 'structure.prop.at',
      params: { at: structure.prop.at.si, length: structure.beam.length.si },
      among: ['structure.prop.at', 'structure.beam.length'],
    },
  ];
};
