import { guess, type Project, type SawInput } from '@/core/model';
import type { NeedSection } from '../needs';

/**
 * How a section is usually sawn: hardened steel by an abrasive wheel, all else by a blade; a raw end
 * squared by half a centimetre, a stub in the clamp. Common practice, no source.
 */
export const startingSaw = (id: string, { key, form }: NeedSection): SawInput => ({
  id,
  section: key,
  kerf: guess('length', form.kind === 'toothed' ? '2 mm' : '2.5 mm'),
  // The ends of rails and racks are good as they come.
  squared: guess('length', form.kind === 'holed' || form.kind === 'toothed' ? '0 mm' : '5 mm'),
  stub: guess('length', '50 mm'),
  ends: 'equal',
});

/** How a section is sawn: as it was said, or as is usual. */
export const sawOf = ({ saws }: Pick<Project, 'saws'>, section: NeedSection): SawInput =>
  saws.find((s) => s.section === section.key) ?? startingSaw('', section);

/** Lengths in which bars are usually sold, m; from memory. */
export const usualBars = (section: NeedSection): readonly number[] => {
  switch (section.kind) {
    case 'rail':
      return [1, 2, 3, 4];
    case 'rack':
      return section.form.kind === 'toothed' ? [0.5, 1, 2].map((m) => wholeTeeth(m, section)) : [];
    case 'ball-screw':
    case 'sliding-screw':
    case 'rod':
    case 'round-rail':
    case 'cross-shaft':
      return [1, 2, 3];
    default:
      return [3, 6];
  }
};

const wholeTeeth = (m: number, { form }: NeedSection) =>
  form.kind === 'toothed' ? Math.floor(m / form.pitch + 1e-6) * form.pitch : m;
