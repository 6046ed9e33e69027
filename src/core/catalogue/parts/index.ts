import type { OwnPart } from '@/core/model';
import { guideFamilies } from './guides';
import { motorFamilies } from './motors';
import type { Family, Part, PartLink } from './part';
import { screwFamilies } from './screws';
import { wheelFamilies } from './wheels';

export { motorKindsOf } from './motors';
export { withThread } from './screws';
export { presentFamily } from './present';
export { isOrder, type PartOrder, searchParts, sortedParts } from './search';
export { choicesAt, columnsOf, type PartFault, partFault, partFaults, type TypedPart } from './own';
export { type Column, type Family, type Part, type PartLink, partValue, swapEdits } from './part';

/** Every family of the catalogue, in the order of the drive train. */
export const families: readonly Family[] = [
  ...motorFamilies,
  ...wheelFamilies,
  ...screwFamilies,
  ...guideFamilies,
];

const byId = new Map(families.map((f) => [f.id, f]));
export const familyById = (id: string): Family | undefined => byId.get(id);
export const familiesOf = (link: PartLink): readonly Family[] => families.filter((f) => f.link === link);

/** A part of the builder's own, as a part of the catalogue. */
export const partOfOwn = ({ id, name, values, price, note }: OwnPart): Part => ({
  id,
  name,
  values,
  price,
  source: note ? `own part: ${note}` : 'own part',
});

/** The parts of a family, the builder's own first. */
export const partsIn = (family: Family, own: readonly OwnPart[]): readonly Part[] => [
  ...own.filter((p) => p.family === family.id).map(partOfOwn),
  ...family.parts,
];
