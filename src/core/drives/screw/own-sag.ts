import { screwSteel } from '@/core/catalogue';
import type { ScrewDrive } from '@/core/model';
import { GRAVITY, quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import { holdOf, type ScrewBending } from './whip';
import { profileMeans } from './thread-profile';

/** Deflection of a uniform beam under its weight over w L⁴/EI, by how its ends are held (beam tables). */
const sagFactor: Readonly<Record<string, number>> = {
  'fixed-free': 1 / 8,
  'hinge-hinge': 5 / 384,
  'fixed-hinge': 0.005416,
  'fixed-fixed': 1 / 384,
};

export const screwSag = defineFormula({
  id: 'screw/own-sag',
  title: 'Sag of a level screw under its own weight',
  symbols: {
    factor: {
      kind: 'ratio',
      tex: 'c',
      meaning: 'by its ends: fixed-free 1/8, hinged both 5/384, fixed and hinged 1/185, fixed both 1/384',
    },
    weight: { kind: 'linearDensity', tex: 'w', meaning: 'mass per length' },
    level: {
      kind: 'ratio',
      tex: '\\cos\\theta',
      meaning: 'share of the weight that bends it: 1 where it lies',
    },
    length: { kind: 'length', tex: 'L', meaning: 'between the bearings' },
    modulus: { kind: 'modulus', tex: 'E', meaning: 'modulus of elasticity' },
    secondMoment: { kind: 'secondMoment', tex: 'I', meaning: 'second moment of area on the root' },
  },
  result: { kind: 'length', tex: '\\delta', meaning: 'sag, the nut at one end' },
  tex: '<factor>\\,\\frac{<weight>\\,g\\,<level>\\,<length>^4}{<modulus>\\,<secondMoment>}',
  citation: { basis: 'textbook', text: 'Beam tables (Roark): uniform load' },
  range: 'Standing or turning slowly; the nut holds it up where it stands, and so it sags less near the nut.',
  evaluate: ({ factor, weight, level, length, modulus, secondMoment }) =>
    (factor * weight * GRAVITY * level * length ** 4) / (modulus * secondMoment),
});

/** How far the screw of an axis sags by itself. @param level cosine of the inclination of the axis. */
export function ownSagOf(drive: ScrewDrive, level: number, bending: ScrewBending, sheet: Worksheet) {
  const [a, b] = [holdOf(drive.motorEnd), holdOf(drive.farEnd)];
  const area = (Math.PI / 4) * profileMeans(drive).square;
  return sheet.apply(
    screwSag,
    {
      factor: quantity('ratio', sagFactor[`${a}-${b}`] ?? sagFactor[`${b}-${a}`]!),
      weight: quantity('linearDensity', screwSteel.density * area),
      level: quantity('ratio', level),
      length: drive.betweenBearings.si,
      modulus: screwSteel.modulus,
      secondMoment: bending.secondMoment,
    },
    'screw-sag',
    {
      level: 'demands.inclination',
      length: 'drive.betweenBearings',
      secondMoment: '#screw.secondMoment',
    },
  );
}
