import { belt, chain, line, pitchLeft, rack, screw } from '@/core/drives';
import { fastener, fit } from '@/core/fit';
import { guide } from '@/core/guides';
import { bodies, loads } from '@/core/loads';
import {
  doubtFormulas,
  drivetrainFormulas,
  planeFormulas,
  positioningFormulas,
  squareFormulas,
  straightFormulas,
  tramFormulas,
  updateFormulas,
} from '@/core/metrology';
import * as motion from '@/core/motion';
import { curve, stepper } from '@/core/motors';
import { sections } from '@/core/sections';
import type { Formula } from '@/core/worksheet';

const isFormula = (value: unknown): value is Formula =>
  typeof value === 'object' && value !== null && 'evaluate' in value && 'citation' in value;

/**
 * Every formula that the application computes with, by room and then in the order in which the room lists
 * them.
 */
export const formulas: readonly Formula[] = [
  screw,
  rack,
  belt,
  chain,
  line,
  { pitchLeft },
  motion,
  stepper,
  curve,
  guide,
  loads,
  bodies,
  sections,
  fit,
  fastener,
  doubtFormulas,
  straightFormulas,
  squareFormulas,
  planeFormulas,
  tramFormulas,
  drivetrainFormulas,
  positioningFormulas,
  updateFormulas,
].flatMap((room) => Object.values(room as object).filter(isFormula));

const byId = new Map(formulas.map((f) => [f.id, f]));

export const formulaById = (id: string): Formula | undefined => byId.get(id);

/** Chapters by the first part of a formula's id. */
const titles: Record<string, string> = {
  screw: 'Screws',
  rack: 'Rack and pinion',
  belt: 'Toothed belts',
  chain: 'Roller chains',
  line: 'What rack, belt and chain share',
  drive: 'What all drives share',
  motion: 'Motion of an axis',
  stepper: 'Steppers',
  curve: 'Motors by their torque curve',
  servo: 'Servos',
  guide: 'Guides',
  loads: 'Loads and masses',
  section: 'Sections',
  fit: 'Fit',
  fastener: 'Screws that fasten',
  metrology: 'Measuring and truing up',
};

const roomOf = (formula: Formula) => formula.id.split('/')[0]!;

/** The chapters that have formulas, in their order. */
export const chapters: readonly {
  readonly id: string;
  readonly title: string;
  readonly formulas: readonly Formula[];
}[] = [...new Set(formulas.map(roomOf))].map((id) => ({
  id,
  title: titles[id] ?? id,
  formulas: formulas.filter((f) => roomOf(f) === id),
}));

/**
 * Formulas in which every word of a search is found: in title, symbols, meaning, source or range. An empty
 * search finds all.
 */
export function searchFormulas(search: string): readonly Formula[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return formulas.filter((f) => {
    const text = [
      f.title,
      f.id,
      f.result.meaning,
      f.citation.text,
      f.range,
      ...Object.values(f.symbols).map((s) => s.meaning),
    ]
      .join(' ')
      .toLowerCase();
    return words.every((w) => text.includes(w));
  });
}
