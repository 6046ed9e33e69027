import { describe, expect, it } from 'vitest';
import { combinationsText, killedText, scaleText } from '.';

const figures = {
  speed: 1.234,
  torque: Infinity,
  stiffness: 2.5e7,
  lost: 1.27e-5,
  error: 8.4e-5,
  effort: 17.25,
  unknown: { stiffness: 1, lost: 0, error: 2 },
};

describe('words of a search', () => {
  it('say a figure in the units of the sheet, and what is not all known as a bound', () => {
    expect(scaleText(figures, 'speed', 'metric')).toBe('1.23 × asked');
    expect(scaleText(figures, 'torque', 'metric')).toBe('nothing asked');
    expect(scaleText(figures, 'stiffness', 'metric')).toBe('≤ 25 N/µm');
    expect(scaleText(figures, 'lost', 'metric')).toBe('13 µm');
    expect(scaleText(figures, 'error', 'metric')).toBe('≥ 84 µm');
    expect(scaleText(figures, 'effort', 'metric')).toBe('17 h');
    expect(scaleText(figures, 'lost', 'imperial')).toBe('0.5 thou');
    expect(scaleText(figures, 'stiffness', 'imperial')).toBe('≤ 143000 lbf/in');
  });
  it('say what most combinations went by', () => {
    const killed = { whip: 1_468_792, money: 12, drops: 0, 'lost-motion': 7_242_664, pulses: 60_640 };
    expect(killedText(killed, 3)).toEqual([
      '7.24 million by lost motion',
      '1.47 million by a screw that whips',
      '61 thousand by pulses of the controller',
    ]);
    expect(killedText(killed)).toHaveLength(4);
    expect(combinationsText(14_763_892)).toBe('14.8 million combinations');
    expect(combinationsText(1)).toBe('one combination');
  });
});
