import { GRAVITY } from '@/core/units';
import { defineFormula } from '@/core/worksheet';

export const steadiness = defineFormula({
  id: 'loads/steadiness',
  title: 'Steadiness on free feet',
  symbols: {
    all: { kind: 'mass', tex: 'M', meaning: 'mass of the whole machine' },
    half: {
      kind: 'length',
      tex: 'b',
      meaning: 'from the middle between the feet to those over which it tips',
    },
    centre: {
      kind: 'length',
      tex: 'x',
      meaning: 'common centre of mass, from that middle towards those feet',
    },
    moving: { kind: 'mass', tex: 'm', meaning: 'mass that is sped up or slowed' },
    acceleration: { kind: 'acceleration', tex: 'a', meaning: 'its acceleration' },
    height: { kind: 'length', tex: 'h', meaning: 'height of its centre of mass above the feet' },
  },
  result: { kind: 'ratio', tex: '\\sigma', meaning: 'moment of the weight over that of the inertia' },
  tex: '\\frac{<all>\\,g\\,(<half>-<centre>)}{<moving>\\,<acceleration>\\,<height>}',
  citation: {
    basis: 'textbook',
    text: 'Statics: moments about the line of the feet (Meriam and Kraige, Dynamics: a crate on a truck)',
  },
  range:
    'A stiff machine on level ground, feet that only press. At 1 a foot lifts; 1.5 is common practice, no ' +
    'source. Forces of the cut stay inside, for the work lies on the machine.',
  evaluate: ({ all, half, centre, moving, acceleration, height }) =>
    (all * GRAVITY * (half - centre)) / (moving * acceleration * height),
});
