import { estimate, type Measure, type Section } from '@/core/model';
import type { ExtrusionSize, TubeSize } from './structural';

type Tube = Extract<Section, { kind: 'rect-tube' }>;
type Extrusion = Extract<Section, { kind: 'extrusion' }>;

/** Millimetres as a list of sections states them. */
export const sectionInMm = ({ si }: Measure<'length'>): number => Math.round(si * 1e4) / 10;

/** A size off the list, as a measure of a standard. */
const ofStandard = (mm: number) => ({ ...estimate('length', `${mm} mm`), basis: 'standard' as const });

/** A hollow section off the list. */
export const tubeSection = ({ height, width, wall, making }: TubeSize): Tube => ({
  kind: 'rect-tube',
  height: ofStandard(height),
  width: ofStandard(width),
  wall: ofStandard(wall),
  making,
});

/** A slotted extrusion off the list. */
export function extrusionSection(size: ExtrusionSize): Extrusion {
  const moment = (v: number) => estimate('secondMoment', `${v} cm⁴`);
  return {
    kind: 'extrusion',
    height: estimate('length', `${size.height} mm`),
    width: estimate('length', `${size.width} mm`),
    area: estimate('area', `${size.area} cm²`),
    secondMomentV: moment(size.secondMomentV),
    secondMomentL: moment(size.secondMomentL),
    torsion: moment(size.torsion),
  };
}
