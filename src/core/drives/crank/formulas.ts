import { defineFormula } from '@/core/worksheet';
import { leverAt, longestAt, overTurn, thrustAt } from './turn';

const radius = { kind: 'length', tex: 'r', meaning: 'from the shaft to the pin' } as const;
const link = { kind: 'length', tex: 'l', meaning: 'between the pins of the link' } as const;
const speed = { kind: 'speed', tex: 'v', meaning: 'fastest on the stroke' } as const;
const k = { kind: 'travelPerRadian', tex: 'k', meaning: 'longest lever' } as const;
const steady = { kind: 'force', tex: 'F', meaning: 'drag, weight and cut along the axis' } as const;
const mass = { kind: 'mass', tex: 'm', meaning: 'moving mass' } as const;

export const crankLever = defineFormula({
  id: 'crank/lever',
  title: 'Longest lever of a crank with a link',
  symbols: { radius, link },
  result: { kind: 'travelPerRadian', tex: 'k', meaning: 'most travel per radian, between the dead centres' },
  tex:
    '\\max_\\theta\\left(<radius>\\sin\\theta + ' +
    '\\frac{<radius>^2\\sin\\theta\\cos\\theta}{\\sqrt{<link>^2-<radius>^2\\sin^2\\theta}}\\right)',
  citation: { basis: 'textbook', text: 'Slider-crank in line with its shaft; by search over the angle' },
  range: 'A link longer than the crank. At the dead centres the lever is nought: force has no limit there.',
  evaluate: ({ radius: r, link: l }) => {
    const shape = { radius: r, link: l };
    return leverAt(shape, longestAt(shape));
  },
});

export const crankStroke = defineFormula({
  id: 'crank/stroke',
  title: 'Stroke of a crank',
  symbols: { radius },
  result: { kind: 'length', tex: 's', meaning: 'between the dead centres' },
  tex: '2\\,<radius>',
  citation: { basis: 'textbook', text: 'In line with its shaft' },
  range: 'Always the same, whatever is asked.',
  evaluate: ({ radius: r }) => 2 * r,
});

export const crankAcceleration = defineFormula({
  id: 'crank/acceleration',
  title: 'Acceleration at the dead centre where the link is stretched out',
  symbols: { radius, link, speed, k },
  result: { kind: 'acceleration', tex: 'a', meaning: 'the most on the stroke' },
  tex: '<radius>\\left(\\frac{<speed>}{<k>}\\right)^2\\left(1+\\frac{<radius>}{<link>}\\right)',
  citation: { basis: 'textbook', text: 'Slider-crank that turns evenly' },
  range: 'It follows from the speed; at the other dead centre it is less by the same share.',
  evaluate: ({ radius: r, link: l, speed: v, k: lever }) => r * (v / lever) ** 2 * (1 + r / l),
});

export const crankThrust = defineFormula({
  id: 'crank/thrust',
  title: 'Thrust that asks as much at the longest lever as the worst angle of the turn',
  symbols: { steady, mass, speed, radius, link, k },
  result: { kind: 'force', tex: 'F_k', meaning: 'times the longest lever: the torque of the worst angle' },
  tex:
    "\\frac{1}{<k>}\\max_\\theta\\left(<steady> + <mass>\\,|x''(\\theta)|" +
    "\\left(\\frac{<speed>}{<k>}\\right)^2\\right)|x'(\\theta)|,\\quad x=<radius>\\cos\\theta+" +
    '\\sqrt{<link>^2-<radius>^2\\sin^2\\theta}',
  citation: { basis: 'textbook', text: 'Newton along the stroke, virtual work at the crank' },
  range: 'A crank that turns evenly; the most over 720 angles.',
  evaluate: ({ steady: f, mass: m, speed: v, radius: r, link: l, k: lever }) => {
    const shape = { radius: r, link: l };
    const load = { steady: f, mass: m, omega: v / lever };
    let most = 0;
    overTurn((angle) => {
      most = Math.max(most, thrustAt(shape, load, angle) * Math.abs(leverAt(shape, angle)));
    });
    return most / lever;
  },
});

export const crankRms = defineFormula({
  id: 'crank/rms-thrust',
  title: 'Thrust at the longest lever that heats as much as a whole turn',
  symbols: { steady, mass, speed, radius, link, k },
  result: { kind: 'force', tex: 'F_q', meaning: 'root of the mean square over the turn' },
  tex:
    "\\frac{1}{<k>}\\sqrt{\\frac{1}{2\\pi}\\oint\\left(\\left(<steady> \\pm <mass>\\,x''(\\theta)" +
    "\\left(\\frac{<speed>}{<k>}\\right)^2\\right)x'(\\theta)\\right)^2 d\\theta},\\quad <link>,<radius>",
  citation: { basis: 'textbook', text: 'Heat of a motor goes with the square of its torque' },
  range: 'Turning on and on; what the mass gives back on the way counts as if it were asked.',
  evaluate: ({ steady: f, mass: m, speed: v, radius: r, link: l, k: lever }) => {
    const shape = { radius: r, link: l };
    const load = { steady: f, mass: m, omega: v / lever };
    let [sum, count] = [0, 0];
    overTurn((angle) => {
      sum += (thrustAt(shape, load, angle) * leverAt(shape, angle)) ** 2;
      count++;
    });
    return Math.sqrt(sum / count) / lever;
  },
});

export const crankTime = defineFormula({
  id: 'crank/stroke-time',
  title: 'Time of one stroke',
  symbols: { speed, k },
  result: { kind: 'time', tex: 't', meaning: 'half a turn' },
  tex: '\\frac{\\pi\\,<k>}{<speed>}',
  citation: { basis: 'textbook', text: 'Half a turn at the speed of the crank' },
  range: 'Turning evenly.',
  evaluate: ({ speed: v, k: lever }) => (Math.PI * lever) / v,
});

export const crankMeanSpeed = defineFormula({
  id: 'crank/mean-speed',
  title: 'Mean speed over the stroke',
  symbols: { radius, speed, k },
  result: { kind: 'speed', tex: 'v_m', meaning: 'stroke over its time' },
  tex: '\\frac{2\\,<radius>\\,<speed>}{\\pi\\,<k>}',
  citation: { basis: 'textbook', text: 'Four radii a turn' },
  range: 'Turning evenly.',
  evaluate: ({ radius: r, speed: v, k: lever }) => (2 * r * v) / (Math.PI * lever),
});

export const crankSideThrust = defineFormula({
  id: 'crank/side-thrust',
  title: 'Push of the link across the axis',
  symbols: { force: { kind: 'force', tex: 'F', meaning: 'thrust along the axis' }, radius, link },
  result: { kind: 'force', tex: 'F_q', meaning: 'what the guides hold where the crank stands across' },
  tex: '<force>\\tan\\arcsin\\frac{<radius>}{<link>}',
  citation: { basis: 'textbook', text: 'The link pulls along itself' },
  range: 'A quarter of the thrust at a link of four radii.',
  evaluate: ({ force, radius: r, link: l }) => force * Math.tan(Math.asin(Math.min(1, r / l))),
});

export const crankPin = defineFormula({
  id: 'crank/pin-load',
  title: 'Thrust that the pins of a link take',
  symbols: { limit: { kind: 'force', tex: 'F_P', meaning: 'along the link' }, radius, link },
  result: { kind: 'force', tex: 'F', meaning: 'along the axis, where the link stands most aslant' },
  tex: '<limit>\\cos\\arcsin\\frac{<radius>}{<link>}',
  citation: { basis: 'textbook', text: 'Component of a force along the link' },
  range: 'Pins and bearings by their datasheet.',
  evaluate: ({ limit, radius: r, link: l }) => limit * Math.cos(Math.asin(Math.min(1, r / l))),
});
