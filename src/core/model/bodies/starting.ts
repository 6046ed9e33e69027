import { guess as m } from '../guess';
import type { Body, Shape } from './body';
import type { Section, SectionKind } from './section';

/** A section of a kind to start from. */
export function startingSection(kind: SectionKind): Section {
  const size = (text: string) => m('length', text);
  switch (kind) {
    case 'rect-tube':
      return { kind, height: size('100 mm'), width: size('100 mm'), wall: size('4 mm'), making: 'cold' };
    case 'round-tube':
      return { kind, diameter: size('60 mm'), wall: size('3 mm') };
    case 'bar':
      return { kind, height: size('50 mm'), width: size('20 mm') };
    case 'round':
      return { kind, diameter: size('20 mm') };
    case 'angle':
      return { kind, height: size('60 mm'), width: size('60 mm'), thickness: size('6 mm') };
    case 'plate-box':
      return {
        kind,
        height: size('160 mm'),
        width: size('120 mm'),
        flange: size('12 mm'),
        web: size('12 mm'),
      };
    // A common slotted 80 x 40: figures typical, from memory; the datasheet rules.
    case 'extrusion':
      return {
        kind,
        height: size('80 mm'),
        width: size('40 mm'),
        area: m('area', '1200 mm²'),
        secondMomentV: m('secondMoment', '70 cm⁴'),
        secondMomentL: m('secondMoment', '18 cm⁴'),
        torsion: m('secondMoment', '10 cm⁴'),
      };
  }
}

/** A shape of a kind to start from. */
export function startingShape(kind: Shape['kind']): Shape {
  const one = m('count', '1');
  switch (kind) {
    case 'member':
      return {
        kind,
        section: startingSection('rect-tube'),
        material: 'steel',
        length: m('length', '1000 mm'),
        count: one,
      };
    case 'plate':
      return {
        kind,
        material: 'aluminium',
        length: m('length', '300 mm'),
        width: m('length', '200 mm'),
        thickness: m('length', '12 mm'),
        count: one,
      };
    case 'motor':
      return { kind, flange: m('length', '57 mm'), length: m('length', '76 mm'), count: one };
    case 'spindle':
      return { kind, diameter: m('length', '80 mm'), length: m('length', '210 mm') };
    case 'cable-chain':
      return { kind, lineMass: m('linearDensity', '1.2 kg/m'), length: m('length', '2000 mm') };
  }
}

/** A body to start from. */
export const startingBody = (id: string, name: string, shape: Shape | null = null): Body => ({
  id,
  name,
  mass: m('mass', '1 kg'),
  shape,
});
