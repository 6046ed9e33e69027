import fc from 'fast-check';
import { all, create } from 'mathjs';
import { describe, expect, it } from 'vitest';
import {
  bareUnit,
  displayUnit,
  explainParseError,
  formatIn,
  formatNumber,
  formatQuantity,
  kinds,
  kindWords,
  parseQuantity,
  readNumber,
  spelled,
  units,
  workedQuantity,
} from '.';

const si = (kind: Parameters<typeof parseQuantity>[0], text: string, bare?: string): number => {
  const read = parseQuantity(kind, text, bare);
  if (!read.ok) throw new Error(explainParseError(kind, read.error));
  return read.si;
};

describe('what builders type', () => {
  it.each([
    ['length', '54 in', 1.3716],
    ['length', '3/8 in', 0.009525],
    ['length', '1-1/2"', 0.0381],
    ['length', '1 1/4 in', 0.03175],
    ['length', '5 thou', 127e-6],
    ['length', '10 µm', 10e-6],
    ['length', '10 μm', 10e-6],
    ['length', '1,5 m', 1.5],
    ['length', `4' 6"`, 1.3716],
    ['length', '4 ft 6 1/2 in', 1.3843],
    ['length', '1 250 mm', 1.25],
    ['length', '1,250.5 mm', 1.2505],
    ['length', '1.250,5 mm', 1.2505],
    ['length', '0,125 in', 0.003175],
    ['speed', '15 m/min', 0.25],
    ['speed', '100 ipm', 2.54 / 60],
    ['mass', '26 lb', 26 * 0.45359237],
    ['power', '2.2 kW', 2200],
    ['force', '75 kgf', 735.49875],
    ['inductance', '3.2 mH', 3.2e-3],
    ['resistance', '0.9 ohm', 0.9],
    ['resistance', '0.9 Ω', 0.9],
    ['angle', '90 deg', Math.PI / 2],
    ['angle', '8 arcmin', (8 / 60) * (Math.PI / 180)],
    ['ratio', '92 %', 0.92],
    ['ratio', '0,92', 0.92],
    ['rotorTeeth', '50', 50],
    ['rotorTeeth', '1.8 deg', 50],
    ['rotorTeeth', '0.9°', 100],
    ['rotorTeeth', '200 steps', 50],
    ['acceleration', '0.1 g', 0.980665],
    ['pulseRate', '100 kHz', 1e5],
    ['linearPerTurn', '0.2 in', 0.00508],
    ['stiffness', '90 N/um', 9e7],
  ] as const)('%s: %s', (kind, text, expected) => {
    expect(si(kind, text)).toBeCloseTo(expected, 12);
  });

  it('torque of 428 and 1200 oz-in (common practice, no source: 3.022 and 8.474 N·m)', () => {
    expect(si('torque', '428 oz-in')).toBeCloseTo(3.022, 3);
    expect(si('torque', '1200 oz-in')).toBeCloseTo(8.474, 3);
  });

  it('takes the unit beside the field for a bare number, and refuses one without', () => {
    expect(si('length', '2540', 'mm')).toBeCloseTo(2.54, 12);
    expect(si('length', '100', 'in')).toBeCloseTo(2.54, 12);
    expect(parseQuantity('length', '2540')).toMatchObject({ ok: false, error: { code: 'no-unit' } });
  });

  it('tells case where case decides', () => {
    expect(si('pulseRate', '1 MHz')).toBe(1e6);
    expect(si('torque', '3 mN·m')).toBeCloseTo(0.003, 12);
    expect(si('torque', '3 NM')).toBe(3);
  });
});

describe('what is refused, in words', () => {
  it.each([
    ['torque', '54 in', /is a length; a torque is wanted, such as/],
    ['force', '75 kg', /is a mass; a force is wanted.*kgf/],
    ['speed', '300 rpm', /is a speed of rotation; a speed is wanted/],
    ['length', '12 parsnips', /“parsnips” is not a unit I know; a length is wanted/],
    ['length', 'twelve', /not a number/],
    ['length', '', /Nothing typed/],
    ['length', '3/0 in', /not a number/],
    ['length', '1.2.3 mm', /not a number/],
    ['length', '1,250 mm', /can be read as 1250 or as 1\.25/],
  ] as const)('%s: %s', (kind, text, message) => {
    const read = parseQuantity(kind, text);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(explainParseError(kind, read.error)).toMatch(message);
  });

  it('never throws and never lets a number through that is none', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...kinds), (text, kind) => {
        const read = parseQuantity(kind, text, units[kind][0]!.symbol);
        if (read.ok) expect(Number.isFinite(read.si)).toBe(true);
        else expect(explainParseError(kind, read.error).length).toBeGreaterThan(10);
      }),
      { numRuns: 2000 },
    );
  });
});

describe('referee: a general units library', () => {
  const math = create(all!);
  // Our symbol -> theirs. Only units that both know.
  const theirs: Record<string, string> = {
    'length/in': 'in',
    'length/ft': 'ft',
    'length/thou': 'mil',
    'mass/lb': 'lbm',
    'mass/oz': 'oz',
    'force/lbf': 'lbf',
    'force/kgf': 'kgf',
    'torque/oz-in': 'lbf in/16',
    'torque/lbf-in': 'lbf in',
    'torque/lbf-ft': 'lbf ft',
    'speed/in/min': 'in/minute',
    'speed/m/min': 'm/minute',
    'speed/ft/min': 'ft/minute',
    'acceleration/in/s²': 'in/s^2',
    'power/hp': 'hp',
    'inertia/oz-in²': 'oz in^2',
    'inertia/lb-in²': 'lbm in^2',
    'stiffness/lbf/in': 'lbf/in',
    'angle/arcmin': 'arcmin',
    'angle/°': 'deg',
    'area/in²': 'in^2',
    'angularSpeed/rpm': 'cycle/minute',
  };
  const base: Record<string, string> = {
    length: 'm',
    mass: 'kg',
    force: 'N',
    torque: 'N m',
    speed: 'm/s',
    acceleration: 'm/s^2',
    power: 'W',
    inertia: 'kg m^2',
    stiffness: 'N/m',
    angle: 'rad',
    area: 'm^2',
    angularSpeed: 'rad/s',
  };
  it.each(Object.entries(theirs))('%s', (ours, their) => {
    const [kind, ...symbol] = ours.split('/') as [keyof typeof units, ...string[]];
    const unit = units[kind].find((u) => u.symbol === symbol.join('/'))!;
    // kgf is not in the library: standard gravity by NIST SP 811 instead.
    const expected =
      their === 'kgf'
        ? 9.80665
        : math.unit(1, their === 'lbf in/16' ? 'lbf in' : their).toNumber(base[kind]!) /
          (their === 'lbf in/16' ? 16 : 1);
    expect(unit.toSi(1) / expected).toBeCloseTo(1, 7);
  });
});

describe('parse and format', () => {
  it('are inverse of each other for every unit of every kind', () => {
    const every = kinds.flatMap((kind) => units[kind].map((unit) => ({ kind, unit })));
    fc.assert(
      fc.property(
        fc.constantFrom(...every),
        fc.double({ min: 1e-6, max: 1e9, noNaN: true }),
        ({ kind, unit }, value) => {
          const shown = formatIn(unit, unit.toSi(value), 12);
          const read = parseQuantity(kind, shown.text, unit.symbol);
          expect(read.ok).toBe(true);
          if (read.ok) expect(read.si / unit.toSi(value)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 2000 },
    );
  });

  it('keeps toSi and fromSi inverse', () => {
    for (const kind of kinds)
      for (const unit of units[kind]) expect(unit.fromSi(unit.toSi(7.25))).toBeCloseTo(7.25, 9);
  });

  it('writes numbers as people do', () => {
    expect(
      [2540, 0.8, 12.345678, 0, 1e-7, 123456789, Infinity, NaN, -3.1].map((v) => formatNumber(v)),
    ).toEqual(['2540', '0.8', '12.35', '0', '1e-7', '1.235e8', 'no limit', 'not a number', '-3.1']);
  });

  it('shows imperial where the trade has a habit, and the example of every kind can be typed', () => {
    expect(displayUnit('torque', 'imperial').symbol).toBe('oz-in');
    expect(displayUnit('voltage', 'imperial').symbol).toBe('V');
    for (const kind of kinds)
      expect(parseQuantity(kind, kindWords[kind].example.split(' or ')[0]!, '').ok, kind).toBe(true);
  });

  it('reads mixed numbers', () => {
    expect(readNumber('-1-1/2 in')).toEqual({ ok: true, value: -1.5, rest: 'in' });
    expect(readNumber('1e-3mm')).toEqual({ ok: true, value: 0.001, rest: 'mm' });
  });
});

describe('lengths as they can be read', () => {
  const say = (mm: number, system: 'metric' | 'imperial' = 'metric', digits = 4) =>
    formatQuantity('length', mm / 1000, system, digits).text;
  it('end at a micrometre, and at a tenth of a thou', () => {
    expect(say(0.00265)).toBe('0.003 mm');
    expect(say(0.0826)).toBe('0.083 mm');
    expect(say(12.3456)).toBe('12.35 mm');
    expect(say(1371.6)).toBe('1372 mm');
    expect(say(0.125, 'imperial')).toBe('0.0049 in');
    expect(say(18, 'imperial', 3)).toBe('0.709 in');
  });
  it('never read as none where there is something', () => {
    expect(say(0.0002)).toBe('0.0002 mm');
    expect(say(-0.0004)).toBe('-0.0004 mm');
    expect(say(0)).toBe('0 mm');
    expect(say(0.001, 'imperial')).toBe('4e-5 in');
  });
  it('keep their digits where the unit is chosen, and so does all that is no length', () => {
    expect(formatIn(units.length[0]!, 2.65e-6, 3).text).toBe('0.00265 mm');
    expect(workedQuantity('length', 2.65e-6, 'metric').text).toBe('0.00265 mm');
    expect(formatQuantity('linearPerTurn', 3.14159e-3, 'metric').text).toBe('3.142 mm');
    expect(formatQuantity('mass', 5.3571, 'metric', 3).text).toBe('5.36 kg');
  });
});

describe('a bare number', () => {
  it('is in the unit of the sheet, and a step angle in degrees', () => {
    expect(bareUnit('length', 'metric')).toBe('mm');
    expect(bareUnit('length', 'imperial')).toBe('in');
    expect(bareUnit('rotorTeeth', 'imperial')).toBe('°');
    expect(spelled('length', ' 60 ', 'imperial')).toBe('60 in');
    expect(spelled('length', '60 cm', 'imperial')).toBe('60 cm');
    expect(spelled('rotorTeeth', '1.8', 'metric')).toBe('1.8 °');
    expect(spelled('rotorTeeth', '50 teeth', 'metric')).toBe('50 teeth');
    expect(spelled('length', 'long', 'metric')).toBe('long');
  });
  it('means the same once it has its unit, wherever it is read again', () => {
    const systems = ['metric', 'imperial'] as const;
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.constantFrom(...systems),
        fc.constantFrom(...systems),
        fc.double({ min: 0.01, max: 1000, noNaN: true }),
        (kind, own, other, value) => {
          const text = formatNumber(value, 5);
          const written = spelled(kind, text, own);
          expect(si(kind, written)).toBe(si(kind, text, bareUnit(kind, own)));
          expect(spelled(kind, written, other)).toBe(written);
        },
      ),
    );
  });
});
