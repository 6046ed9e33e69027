import { type MoveGroup, moveGroups, type SheetMove } from '@/core/prove';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { micro } from './teller';

/** From least to greatest, where they differ. */
const span = (low: number, high: number, system: UnitSystem) => {
  const say = (v: number) => micro(Number(v.toPrecision(2)), system);
  const [a, b] = [say(Math.min(Math.abs(low), Math.abs(high))), say(Math.max(Math.abs(low), Math.abs(high)))];
  return a === b ? a : `${a} to ${b}`;
};

/** What is moved, one and many. */
const moved: Partial<Record<SheetMove['kind'], readonly [one: string, many: string]>> = {
  raise: ['corner', 'corners'],
  'top-along': ['post', 'posts'],
  'top-across': ['post', 'posts'],
  'turn-screw': ['screw', 'screws'],
  hang: ['span', 'spans'],
  tone: ['belt', 'belts'],
};

/** Moves of bolts side by side in words; they are counted from one. */
function groupText({ kind, first, last, low, high }: MoveGroup, system: UnitSystem): string {
  const [one, many] = moved[kind] ?? ['bolt', 'bolts'];
  const which = first === last ? `${one} ${first + 1}` : `${many} ${first + 1} to ${last + 1}`;
  const how = span(low, high, system);
  const to = low < 0 ? '−' : '+';
  switch (kind) {
    case 'raise':
    case 'turn-screw':
      return `${which} up ${how}`;
    case 'shim':
      return `${which}: shim ${how}`;
    case 'top-along':
    case 'top-across':
      return `${which}: top ${how} ${kind === 'top-along' ? 'along the bed' : 'across'}, to ${to}`;
    case 'tap':
      return first === last
        ? `${first === 0 ? 'by the coupling' : 'further out'}: high side in by ${how}`
        : `high side in by ${how}, by the coupling and further out`;
    case 'hang':
      return `${which}: until it gives ${how}`;
    case 'tone':
      return `${which}: until it sounds ${formatQuantity('frequency', low, system, 3).text}`;
    default:
      return `${which}: ${how} to ${to}`;
  }
}

/** A move of what is no bolt. */
function soloText({ kind, by }: SheetMove, system: UnitSystem): string {
  const how = micro(Math.abs(by), system);
  switch (kind) {
    case 'home':
      return `pull-off of the gantry’s right end: ${by < 0 ? '−' : '+'}${how}`;
    case 'end':
      return `loosen the feet: right end ${how} ${by < 0 ? 'back' : 'on'} along the bed`;
    case 'far-up':
      return `far bearing ${how} ${by < 0 ? 'down' : 'up'}`;
    case 'far-side':
      return `far bearing ${how} to ${by < 0 ? '−' : '+'}`;
    case 'skim':
      return `skim ${how} off, below the lowest place`;
    case 'top-shim':
      return `shim ${how} behind the top of the plate`;
    case 'bottom-shim':
      return `shim ${how} behind the bottom of the plate`;
    case 'turn-left':
      return `turn the top ${how} to the left`;
    case 'turn-right':
      return `turn the top ${how} to the right`;
    default:
      return `${by < 0 ? 'closer' : 'away'} by ${how}`;
  }
}

/** All moves of a sheet in words, bolts side by side together. */
export const moveTexts = (moves: readonly SheetMove[], system: UnitSystem): readonly string[] => [
  ...moveGroups(moves).map((g) => groupText(g, system)),
  ...moves.filter((m) => m.bolt === null).map((m) => soloText(m, system)),
];
