import { materials } from '@/core/catalogue';
import type { MaterialId, Section } from '@/core/model';
import { type Quantity, quantity } from '@/core/units';
import {
  barSecondMoment,
  barTorsion,
  boxShearArea,
  boxTorsion,
  openTorsion,
  parallelAxis,
  roundArea,
  roundSecondMoment,
  tubeArea,
  tubeSecondMoment,
  tubeTorsion,
} from './formulas';

/** What a cross-section is worth; SI. V: bent up and down (height), L: bent sideways (width). */
export interface Properties {
  readonly area: number;
  readonly secondMomentV: number;
  readonly secondMomentL: number;
  readonly torsion: number;
  /** Areas that carry shear in the two directions. */
  readonly shearV: number;
  readonly shearL: number;
  readonly height: number;
  readonly width: number;
}

const len = (si: number): Quantity<'length'> => quantity('length', si);

/**
 * Corner radii of a hollow section, m. EN 10219-2: outside 2 T up to 6 mm wall, 2.5 T up to 10 mm, 3 T above,
 * inside one wall less; EN 10210-2: 1.5 T and 1.0 T. @param wall m.
 */
export function cornerRadii(
  making: 'cold' | 'hot' | 'sharp',
  wall: number,
): { outer: number; inner: number } {
  if (making === 'sharp') return { outer: 0, inner: 0 };
  if (making === 'hot') return { outer: 1.5 * wall, inner: wall };
  const factor = wall <= 6.0001e-3 ? 2 : wall <= 10.0001e-3 ? 2.5 : 3;
  return { outer: factor * wall, inner: (factor - 1) * wall };
}

/** Areas of a closed box that carry shear upright and sideways, m². */
const boxShear = (height: number, width: number, flange: number, web: number) => {
  const [h, b] = [len(height - flange), len(width - web)];
  return {
    shearV: boxShearArea.evaluate({ height: h, width: b, flange: len(flange), web: len(web) }) as number,
    shearL: boxShearArea.evaluate({ height: b, width: h, flange: len(web), web: len(flange) }) as number,
  };
};

/**
 * Shear areas: by the shear flow of a box, 5/6 of a solid rectangle, 0.9 of a solid and half of a hollow
 * round (Cowper, rounded), a third of an extrusion (practice, no source).
 */
function rectTube(height: number, width: number, wall: number, making: 'cold' | 'hot' | 'sharp'): Properties {
  const { outer, inner } = cornerRadii(making, wall);
  const radii = { wall: len(wall), outer: len(outer), inner: len(inner) };
  const upright = { height: len(height), width: len(width), ...radii };
  const area = tubeArea.evaluate(upright);
  return {
    area,
    secondMomentV: tubeSecondMoment.evaluate(upright),
    secondMomentL: tubeSecondMoment.evaluate({ height: len(width), width: len(height), ...radii }),
    torsion: tubeTorsion.evaluate(upright),
    ...boxShear(height, width, wall, wall),
    height,
    width,
  };
}

function round(outer: number, inner: number): Properties {
  const both = { outer: len(outer), inner: len(inner) };
  const area = roundArea.evaluate(both);
  const moment = roundSecondMoment.evaluate(both);
  const shear = area * (inner > 0 ? 0.5 : 0.9);
  return {
    area,
    secondMomentV: moment,
    secondMomentL: moment,
    torsion: 2 * moment,
    shearV: shear,
    shearL: shear,
    height: outer,
    width: outer,
  };
}

function bar(height: number, width: number): Properties {
  const area = height * width;
  return {
    area,
    secondMomentV: barSecondMoment.evaluate({ height: len(height), width: len(width) }),
    secondMomentL: barSecondMoment.evaluate({ height: len(width), width: len(height) }),
    torsion: barTorsion.evaluate({ long: len(Math.max(height, width)), short: len(Math.min(height, width)) }),
    shearV: (5 / 6) * area,
    shearL: (5 / 6) * area,
    height,
    width,
  };
}

function angle(height: number, width: number, t: number): Properties {
  // Two legs that share the corner; bending about axes parallel to the legs, the legs held so that it does
  // not bend askew.
  const legs = [
    { b: t, h: height, y: t / 2, z: height / 2 },
    { b: width - t, h: t, y: t + (width - t) / 2, z: t / 2 },
  ];
  const area = legs.reduce((s, l) => s + l.b * l.h, 0);
  const [yc, zc] = [
    legs.reduce((s, l) => s + l.b * l.h * l.y, 0) / area,
    legs.reduce((s, l) => s + l.b * l.h * l.z, 0) / area,
  ];
  return {
    area,
    secondMomentV: legs.reduce((s, l) => s + (l.b * l.h ** 3) / 12 + l.b * l.h * (l.z - zc) ** 2, 0),
    secondMomentL: legs.reduce((s, l) => s + (l.h * l.b ** 3) / 12 + l.b * l.h * (l.y - yc) ** 2, 0),
    torsion: openTorsion.evaluate({ height: len(height), width: len(width), thickness: len(t) }),
    shearV: (5 / 6) * height * t,
    shearL: (5 / 6) * width * t,
    height,
    width,
  };
}

function plateBox(height: number, width: number, flange: number, web: number): Properties {
  const [hi, wi] = [height - 2 * flange, width - 2 * web];
  return {
    area: height * width - hi * wi,
    secondMomentV: (width * height ** 3 - wi * hi ** 3) / 12,
    secondMomentL: (height * width ** 3 - hi * wi ** 3) / 12,
    torsion: boxTorsion.evaluate({
      height: len(height),
      width: len(width),
      flange: len(flange),
      web: len(web),
    }),
    ...boxShear(height, width, flange, web),
    height,
    width,
  };
}

/** The figures of a cross-section. */
export function propertiesOf(section: Section): Properties {
  switch (section.kind) {
    case 'rect-tube':
      return rectTube(section.height.si, section.width.si, section.wall.si, section.making);
    case 'round-tube':
      return round(section.diameter.si, section.diameter.si - 2 * section.wall.si);
    case 'bar':
      return bar(section.height.si, section.width.si);
    case 'round':
      return round(section.diameter.si, 0);
    case 'angle':
      return angle(section.height.si, section.width.si, section.thickness.si);
    case 'plate-box':
      return plateBox(section.height.si, section.width.si, section.flange.si, section.web.si);
    case 'extrusion':
      return {
        area: section.area.si,
        secondMomentV: section.secondMomentV.si,
        secondMomentL: section.secondMomentL.si,
        torsion: section.torsion.si,
        shearV: section.area.si / 3,
        shearL: section.area.si / 3,
        height: section.height.si,
        width: section.width.si,
      };
  }
}

/** Stiffness and mass per metre of a member: N, N·m², kg/m. */
export interface MemberProperties {
  readonly EA: number;
  readonly EIv: number;
  readonly EIl: number;
  readonly GJ: number;
  readonly GAv: number;
  readonly GAl: number;
  /** kg/m. */
  readonly mass: number;
  /** kg·m²/m about its own axis. */
  readonly turning: number;
}

/**
 * A bar that is bolted on all along, such as a hardened rail. Offsets from the middle of the section to its
 * own middle.
 */
export interface Strip {
  readonly width: number;
  readonly height: number;
  readonly up: number;
  readonly out: number;
  readonly material: MaterialId;
}

/**
 * A section of a material, with what is bolted on counted in and with what it is filled with.
 * @param fill material inside a hollow section; none for a solid one. It adds bending stiffness only if it
 * bonds, so half
 *   of its modulus is counted (practice, no source), and no twist.
 * @param stiffer its own material over what the table says of it.
 */
export function memberOf(
  section: Section,
  material: MaterialId,
  strips: readonly Strip[] = [],
  fill?: MaterialId,
  stiffer = 1,
): MemberProperties {
  const p = propertiesOf(section);
  const { density, ...m } = materials[material];
  const [E, G] = [stiffer * m.modulus, stiffer * m.shearModulus];
  let [EA, EIv, EIl] = [E * p.area, E * p.secondMomentV, E * p.secondMomentL];
  let [mass, turning, GJ] = [density * p.area, density * (p.secondMomentV + p.secondMomentL), G * p.torsion];
  // The middle of what is joined so far.
  let [up, out] = [0, 0];
  const join = (
    E: number,
    area: number,
    iv: number,
    il: number,
    density: number,
    at: readonly [number, number],
  ) => {
    const added = E * area;
    const grow = (own: number, moment: number, offset: number) =>
      parallelAxis.evaluate({
        own: quantity('bendingStiffness', own),
        ownAxial: quantity('force', EA),
        added: quantity('bendingStiffness', E * moment),
        addedAxial: quantity('force', added),
        offset: quantity('length', offset),
      });
    EIv = grow(EIv, iv, at[0] - up);
    EIl = grow(EIl, il, at[1] - out);
    [up, out] = [up + ((at[0] - up) * added) / (EA + added), out + ((at[1] - out) * added) / (EA + added)];
    EA += added;
    mass += density * area;
    turning += density * (iv + il + area * (at[0] ** 2 + at[1] ** 2));
  };
  for (const s of strips) {
    const b = bar(s.height, s.width);
    const sm = materials[s.material];
    join(sm.modulus, b.area, b.secondMomentV, b.secondMomentL, sm.density, [s.up, s.out]);
    GJ += sm.shearModulus * b.torsion;
  }
  const hollow = fill ? innerOf(section) : undefined;
  if (hollow) {
    const fm = materials[fill!];
    join(fm.modulus / 2, hollow.area, hollow.secondMomentV, hollow.secondMomentL, 0, [0, 0]);
    mass += fm.density * hollow.area;
    turning += fm.density * (hollow.secondMomentV + hollow.secondMomentL);
  }
  return { EA, EIv, EIl, GJ, GAv: G * p.shearV, GAl: G * p.shearL, mass, turning };
}

/** The room inside a closed section; undefined where there is none. */
export function innerOf(section: Section): Properties | undefined {
  switch (section.kind) {
    case 'rect-tube':
      return bar(section.height.si - 2 * section.wall.si, section.width.si - 2 * section.wall.si);
    case 'plate-box':
      return bar(section.height.si - 2 * section.flange.si, section.width.si - 2 * section.web.si);
    case 'round-tube':
      return round(section.diameter.si - 2 * section.wall.si, 0);
    default:
      return undefined;
  }
}
