import type { SawnByGuess, SectionPlan } from '@/core/build';
import { formatQuantity, type UnitSystem } from '@/core/units';

/** What is said at the saw, beside what hurts. Common practice; the maker's book and local rules go first. */
export const sawingCautions = (hard: boolean): readonly string[] => [
  'Clamp short pieces, on both sides of the cut where that is possible. Eye and ear protection, no ' +
    'gloves at a turning blade. What the maker of the saw and the rules where you are ask goes first.',
  ...(hard
    ? [
        'Hardened rails, rods and screws are cut with an abrasive wheel: sparks, hot ends, fine dust that ' +
          'must not be breathed. Carriages and nuts come off first and are bagged on a dummy rail; tape ' +
          'the rail and clean it before anything runs on it. Deburr with a stone. No torch: heat takes ' +
          'the hardness.',
        'No aluminium on a wheel that is meant for steel: it clogs, and the wheel may burst.',
      ]
    : []),
  'Measure the first piece before you cut the rest; a piece cut too short is spoilt, one too long is not.',
];

/** What the marks of a plan rest on and nobody has said: it is to be known before the first cut. */
export function guessedAtSaw({ ours, saw, section }: SectionPlan, system: UnitSystem): readonly string[] {
  const say = (m: number) => formatQuantity('length', m, system, 4).text;
  const half = section.form.kind === 'holed' ? section.form.pitch / 2 : 0;
  const words: Record<SawnByGuess, string> = {
    saw:
      `Kerf ${say(saw.kerf.si)}, raw ends squared by ${say(saw.squared.si)} and a stub of ` +
      `${say(saw.stub.si)} are usual; nobody has said them. Measure a trial cut.`,
    'first-hole':
      `The first hole of a bar is taken to lie ${say(half)} from its end. Measure it before you saw: every ` +
      'mark moves with it.',
    lengths: 'Lengths rest on numbers that nobody has said yet. Do not saw by them.',
  };
  return ours.map((o) => words[o]);
}
