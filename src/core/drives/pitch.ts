import { type Quantity, quantity } from '@/core/units';
import { defineFormula, type Worksheet } from '@/core/worksheet';
import type { DriveFigure } from './resolved';

export const pitchLeft = defineFormula({
  id: 'drive/pitch-left',
  title: 'Pitch error that steps per unit do not take out',
  symbols: {
    error: { kind: 'length', tex: 'e', meaning: 'pitch error over the travel' },
    uneven: { kind: 'ratio', tex: 'u', meaning: 'share of it that does not grow evenly with the travel' },
  },
  result: { kind: 'length', tex: 'e_u', meaning: 'error left when steps per unit are set by measuring' },
  tex: '<uneven>\\,<error>',
  citation: {
    basis: 'derived',
    text: 'A straight line through the error takes out what grows evenly; shares by drive: see the drive',
  },
  range: 'Steps per unit set over the whole travel, at the temperature of work.',
  evaluate: ({ error, uneven }) => uneven * error,
});

/**
 * The pitch error over the travel, and what of it calibration leaves.
 * @param error line `lead-error`. @param uneven share that does not grow evenly, 0 to 1.
 */
export function pitchFigures(error: Quantity<'length'>, uneven: number, sheet: Worksheet): DriveFigure[] {
  const given = { error, uneven: quantity('ratio', Math.min(1, uneven)) };
  const left = sheet.apply(pitchLeft, given, 'lead-left', { error: '#lead-error' });
  return [
    { id: 'lead-error', value: error, line: 'lead-error' },
    { id: 'lead-left', value: left, line: 'lead-left' },
  ];
}
