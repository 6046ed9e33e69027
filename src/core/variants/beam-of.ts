import { materials } from '@/core/catalogue';
import { guess, type MaterialId, type Section, type Structure } from '@/core/model';
import { propertiesOf } from '@/core/sections';

/** A length as one would type it, to a hundredth of a millimetre. */
const millimetres = (si: number) => guess('length', `${(si * 1e3).toFixed(2)} mm`);

/** Height and width over all, m. */
function outsideOf(section: Section): readonly [height: number, width: number] {
  if ('diameter' in section) return [section.diameter.si, section.diameter.si];
  return [section.height.si, section.width.si];
}

/** A wall may take so much of half the smaller side; beyond it the bar is solid. */
const HOLLOW = 0.95;

/**
 * A rectangular tube of these outer sizes and this area, its corners sharp; solid where no wall is enough.
 */
function tubeOf(height: number, width: number, area: number): Section {
  // 2 t (w + h) − 4 t² = A
  const half = (height + width) / 2;
  const root = half * half - area;
  const wall = root > 0 ? (half - Math.sqrt(root)) / 2 : Infinity;
  const [h, w] = [millimetres(height), millimetres(width)];
  if (wall >= (HOLLOW * Math.min(height, width)) / 2) return { kind: 'bar', height: h, width: w };
  return { kind: 'rect-tube', height: h, width: w, wall: millimetres(wall), making: 'sharp' };
}

/**
 * A beam of another material with the outside and the mass of the present one: what is lighter has thicker
 * walls. So the schools are compared at the same weight, as they argue.
 */
export function beamOf(beam: Structure['beam'], material: MaterialId): Structure['beam'] {
  const [height, width] = outsideOf(beam.section);
  const area =
    (propertiesOf(beam.section).area * materials[beam.material].density) / materials[material].density;
  return { ...beam, material, section: tubeOf(height, width, area) };
}
