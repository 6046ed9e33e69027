import { defineFormula } from '@/core/worksheet';

const H = { kind: 'length', tex: 'H', meaning: 'height, in the plane of bending' } as const;
const B = { kind: 'length', tex: 'B', meaning: 'width, across the plane of bending' } as const;
const T = { kind: 'length', tex: 'T', meaning: 'wall' } as const;
const Ro = { kind: 'length', tex: 'R_o', meaning: 'outer corner radius' } as const;
const Ri = { kind: 'length', tex: 'R_i', meaning: 'inner corner radius' } as const;
const tube = { height: H, width: B, wall: T, outer: Ro, inner: Ri } as const;
const EN = { basis: 'standard', text: 'EN 10210-2 and EN 10219-2, annex B' } as const;

/** Share of a corner that a quarter circle leaves out, and where its middle lies. */
const SPANDREL = 1 - Math.PI / 4;
const SPANDREL_ARM = (10 - 3 * Math.PI) / (12 - 3 * Math.PI);
const SPANDREL_MOMENT = 1 / 3 - Math.PI / 16 - 1 / (3 * (12 - 3 * Math.PI));

export const tubeArea = defineFormula({
  id: 'section/tube-area',
  title: 'Area of a rectangular hollow section',
  symbols: tube,
  result: { kind: 'area', tex: 'A', meaning: 'area of the wall' },
  tex: '2\\,<wall>\\,(<width>+<height>-2\\,<wall>) - (4-\\pi)(<outer>^2-<inner>^2)',
  citation: EN,
  range:
    'Even wall. Corner radii: cold formed 2 T outside up to 6 mm, 2.5 T up to 10 mm, 3 T above; hot ' +
    'finished 1.5 T; 0 for a box of plates.',
  evaluate: ({ height, width, wall, outer, inner }) =>
    2 * wall * (width + height - 2 * wall) - (4 - Math.PI) * (outer ** 2 - inner ** 2),
});

export const tubeSecondMoment = defineFormula({
  id: 'section/tube-second-moment',
  title: 'Second moment of a rectangular hollow section',
  symbols: tube,
  result: {
    kind: 'secondMoment',
    tex: 'I',
    meaning: 'second moment of area for bending in the plane of the height',
  },
  tex:
    '\\frac{<width>\\,<height>^3-(<width>-2<wall>)(<height>-2<wall>)^3}{12} - 4\\,(I_g + A_g ' +
    'h_g^2)\\big|_{<outer>} + 4\\,(I_\\xi + A_\\xi h_\\xi^2)\\big|_{<inner>}',
  citation: EN,
  range:
    'As the area. The corners are taken off by their exact spandrels: area (1 - π/4) R², second ' +
    'moment (1/3 - π/16 - 1/(3(12 - 3π))) R⁴.',
  evaluate: ({ height: h, width: b, wall: t, outer, inner }) => {
    const corner = (r: number, half: number) =>
      SPANDREL_MOMENT * r ** 4 + SPANDREL * r * r * (half - SPANDREL_ARM * r) ** 2;
    return (
      (b * h ** 3 - (b - 2 * t) * (h - 2 * t) ** 3) / 12 -
      4 * corner(outer, h / 2) +
      4 * corner(inner, h / 2 - t)
    );
  },
});

export const tubeTorsion = defineFormula({
  id: 'section/tube-torsion',
  title: 'Torsion constant of a rectangular hollow section',
  symbols: tube,
  result: { kind: 'secondMoment', tex: 'I_t', meaning: 'torsion constant' },
  tex:
    '\\frac{<wall>^3 h}{3} + \\frac{4 A_h^2 <wall>}{h},\\quad h = 2(<width>+<height>-2<wall>) - ' +
    '2R_c(4-\\pi),\\; A_h = (<width>-<wall>)(<height>-<wall>) - R_c^2(4-\\pi),\\; R_c = ' +
    '\\tfrac12(<outer>+<inner>)',
  citation: EN,
  range:
    'Closed and thin walled (Bredt), with the small part of the open wall added. An open slot loses ' +
    'nearly all of it.',
  evaluate: ({ height, width, wall, outer, inner }) => {
    const rc = (outer + inner) / 2;
    const mean = 2 * (width + height - 2 * wall) - 2 * rc * (4 - Math.PI);
    const enclosed = (width - wall) * (height - wall) - rc * rc * (4 - Math.PI);
    return (wall ** 3 * mean) / 3 + (4 * enclosed ** 2 * wall) / mean;
  },
});

const D = { kind: 'length', tex: 'D', meaning: 'outer diameter' } as const;
const d = { kind: 'length', tex: 'd', meaning: 'inner diameter; 0 for a solid round' } as const;

export const roundArea = defineFormula({
  id: 'section/round-area',
  title: 'Area of a round section',
  symbols: { outer: D, inner: d },
  result: { kind: 'area', tex: 'A', meaning: 'area' },
  tex: '\\frac{\\pi}{4}(<outer>^2-<inner>^2)',
  citation: { basis: 'textbook', text: 'Geometry of the circle' },
  range: 'Concentric.',
  evaluate: ({ outer, inner }) => (Math.PI / 4) * (outer ** 2 - inner ** 2),
});

export const roundSecondMoment = defineFormula({
  id: 'section/round-second-moment',
  title: 'Second moment of a round section',
  symbols: { outer: D, inner: d },
  result: {
    kind: 'secondMoment',
    tex: 'I',
    meaning: 'second moment of area; the torsion constant is twice as much',
  },
  tex: '\\frac{\\pi}{64}(<outer>^4-<inner>^4)',
  citation: { basis: 'textbook', text: 'Geometry of the circle' },
  range: 'Concentric.',
  evaluate: ({ outer, inner }) => (Math.PI / 64) * (outer ** 4 - inner ** 4),
});

export const barSecondMoment = defineFormula({
  id: 'section/bar-second-moment',
  title: 'Second moment of a bar',
  symbols: { height: H, width: B },
  result: {
    kind: 'secondMoment',
    tex: 'I',
    meaning: 'second moment of area for bending in the plane of the height',
  },
  tex: '\\frac{<width>\\,<height>^3}{12}',
  citation: { basis: 'textbook', text: 'Geometry of the rectangle' },
  range: 'Solid rectangle.',
  evaluate: ({ height, width }) => (width * height ** 3) / 12,
});

export const barTorsion = defineFormula({
  id: 'section/bar-torsion',
  title: 'Torsion constant of a bar',
  symbols: {
    long: { kind: 'length', tex: 'a', meaning: 'longer side' },
    short: { kind: 'length', tex: 'b', meaning: 'shorter side' },
  },
  result: { kind: 'secondMoment', tex: 'I_t', meaning: 'torsion constant' },
  tex:
    '<long>\\,<short>^3\\left[\\frac13 - ' +
    '0.21\\,\\frac{<short>}{<long>}\\left(1-\\frac{<short>^4}{12\\,<long>^4}\\right)\\right]',
  citation: {
    basis: 'textbook',
    text: 'Roark, Formulas for Stress and Strain: approximation of the series of Saint-Venant, within 0.5 %',
  },
  range: 'Solid rectangle, warping free.',
  evaluate: ({ long: a, short: b }) => a * b ** 3 * (1 / 3 - 0.21 * (b / a) * (1 - b ** 4 / (12 * a ** 4))),
});

export const boxTorsion = defineFormula({
  id: 'section/box-torsion',
  title: 'Torsion constant of a box of plates',
  symbols: {
    height: H,
    width: B,
    flange: { kind: 'length', tex: 't_f', meaning: 'thickness of the two flanges' },
    web: { kind: 'length', tex: 't_w', meaning: 'thickness of the two webs' },
  },
  result: { kind: 'secondMoment', tex: 'I_t', meaning: 'torsion constant' },
  tex:
    '\\frac{4\\,[(<width>-<web>)(<height>-<flange>)]^2}{2\\frac{<width>-<web>}{<flange>} + ' +
    '2\\frac{<height>-<flange>}{<web>}}',
  citation: { basis: 'textbook', text: 'Bredt: closed thin wall, 4 A² over the ring of ds/t' },
  range: 'Closed all along: welded or glued, not only spot bolted.',
  evaluate: ({ height, width, flange, web }) => {
    const [b, h] = [width - web, height - flange];
    return (4 * (b * h) ** 2) / ((2 * b) / flange + (2 * h) / web);
  },
});

export const openTorsion = defineFormula({
  id: 'section/open-torsion',
  title: 'Torsion constant of an angle',
  symbols: { height: H, width: B, thickness: { kind: 'length', tex: 't', meaning: 'thickness of the legs' } },
  result: { kind: 'secondMoment', tex: 'I_t', meaning: 'torsion constant' },
  tex: '\\frac{(<height>+<width>-<thickness>)\\,<thickness>^3}{3}',
  citation: { basis: 'textbook', text: 'Thin open section: sum of b t³/3' },
  range:
    'Open: tens to hundreds of times softer in twist than a closed tube of the same weight. Why ' +
    'plates want to become a box.',
  evaluate: ({ height, width, thickness }) => ((height + width - thickness) * thickness ** 3) / 3,
});

export const parallelAxis = defineFormula({
  id: 'section/parallel-axis',
  title: 'Bending stiffness of parts bolted together',
  symbols: {
    own: { kind: 'bendingStiffness', tex: 'EI_1', meaning: 'of the first part about its own middle' },
    ownAxial: { kind: 'force', tex: 'EA_1', meaning: 'modulus times area of the first part' },
    added: { kind: 'bendingStiffness', tex: 'EI_2', meaning: 'of the second part about its own middle' },
    addedAxial: { kind: 'force', tex: 'EA_2', meaning: 'modulus times area of the second part' },
    offset: { kind: 'length', tex: 'e', meaning: 'between the two middles, in the plane of bending' },
  },
  result: { kind: 'bendingStiffness', tex: 'EI', meaning: 'of both together' },
  tex: '<own> + <added> + \\frac{<ownAxial>\\,<addedAxial>}{<ownAxial>+<addedAxial>}\\,<offset>^2',
  citation: {
    basis: 'textbook',
    text: 'Transformed section and parallel axes (Gere and Goodno, Mechanics of Materials, composite beams)',
  },
  range:
    'No slip in the joint: bolts close together and tight. A joint that slips gives only the sum of the two.',
  evaluate: ({ own, ownAxial, added, addedAxial, offset }) =>
    own + added + ((ownAxial * addedAxial) / (ownAxial + addedAxial)) * offset ** 2,
});

export const boxShearArea = defineFormula({
  id: 'section/box-shear-area',
  title: 'Area of a box that carries shear along its webs',
  symbols: {
    height: { kind: 'length', tex: 'h', meaning: 'along the shear, between the middles of the flanges' },
    width: { kind: 'length', tex: 'b', meaning: 'across it, between the middles of the webs' },
    flange: { kind: 'length', tex: 't_f', meaning: 'wall across the shear' },
    web: { kind: 'length', tex: 't_w', meaning: 'wall along the shear' },
  },
  result: { kind: 'area', tex: 'A_s', meaning: 'area that gives as much under an even shear' },
  tex:
    '\\frac{I^2}{\\oint Q^2/t\\,ds},\\quad I=\\frac{<width><flange><height>^2}{2}' +
    '+\\frac{<web><height>^3}{6}',
  citation: {
    basis: 'textbook',
    text: 'Shear flow of a closed thin-walled section and its energy (Timoshenko, Strength of Materials)',
  },
  range: 'Thin walls; corners sharp.',
  evaluate({ height: h, width: b, flange: tf, web: tw }) {
    const I = (b * tf * h * h) / 2 + (tw * h ** 3) / 6;
    // First moment of a flange's half, where it meets the web.
    const corner = (tf * h * b) / 4;
    const flanges = (tf * h * h * b ** 3) / 24;
    const webs = (2 / tw) * (corner ** 2 * h + (corner * tw * h ** 3) / 6 + (tw * tw * h ** 5) / 120);
    return I ** 2 / (flanges + webs);
  },
});
