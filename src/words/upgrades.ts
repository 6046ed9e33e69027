import type { Effect } from '@/core/machine';
import type { Change, Limit, UpgradeVerdict } from '@/core/upgrade';
import type { Project, Upgrade, UpgradeState } from '@/core/model';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { remedyText } from './remedies';
import { foretoldNames } from './trial-figures';

const wayNames: Readonly<Record<string, string>> = {
  x: 'along the bed',
  y: 'along the beam',
  z: 'up and down',
};

type Axes = Pick<Project, 'axes'>;

const axisName = ({ axes }: Axes, id: string): string =>
  axes.find((a) => a.id === id)?.name ?? 'an axis that is gone';

/** A figure that is bettered, as it is called in a list. */
export function effectName({ id, at }: Pick<Effect, 'id' | 'at'>, project: Axes): string {
  switch (id) {
    case 'error':
      return `Error ${wayNames[at] ?? at}`;
    case 'stiffness':
      return `Stiffness at the tool, ${wayNames[at] ?? at}`;
    case 'sag':
      return 'Sag over the work area';
    case 'lost-motion':
      return `Lost motion, ${axisName(project, at)}`;
    case 'top-speed':
      return `Top speed, ${axisName(project, at)}`;
  }
}

/** What is read of an upgrade, by its key: `lost-motion:bed`, `stiffness:x`. */
export function readableName(what: string, project: Axes): string {
  const [id = '', at = ''] = what.split(':');
  if (what === '') return 'A figure of your own';
  if ((id === 'stiffness' && wayNames[at]) || id === 'sag') return effectName({ id, at } as Effect, project);
  const name = foretoldNames[id as keyof typeof foretoldNames];
  return name ? `${name}, ${axisName(project, at)}` : what;
}

/** A change, in a few words. */
export const upgradeText = (change: Change, system: UnitSystem): string =>
  change.is === 'part' ? change.name : remedyText(change, system);

/** How many times better, as it is read: ×1.4. */
export const timesText = (times: number): string => `×${formatNumber(times, 3)}`;

const percent = (share: number): string => `${formatNumber(100 * share, 2)} %`;

/** What it means for a figure that the next change does or does not pay, with its numbers. */
export function limitText(limit: Limit, system: UnitSystem): { title: string; text: string } {
  const { title, text } = limitWords(limit, system);
  if (!limit.guessed) return { title, text };
  return {
    // What is there is there only as far as our numbers are so.
    title: limit.verdict === 'reached' ? `${title}, guessed` : title,
    text: `${text} Numbers of ours stand behind it.`,
  };
}

function limitWords(limit: Limit, system: UnitSystem): { title: string; text: string } {
  const { effect, verdict, best, gives, costs, machine, frame } = limit;
  const say = (si: number) => formatQuantity(effect.kind, si, system, 3).text;
  const has = `${effect.missing ? 'At best, for something is not known, ' : ''}${say(effect.value)}`;
  const asked = effect.wanted === null ? '' : `, asked for are ${say(effect.wanted)}`;
  const next = best ? upgradeText(best.proposal.change, system) : '';
  const gain =
    effect.better === 'less'
      ? `take away ${percent(gives ?? 0)} of it`
      : `make it ${timesText(best?.times ?? 1)}, a gain of ${percent(gives ?? 0)} of what it then is,`;
  const share = best ? `${next} would ${gain}` : '';
  switch (verdict) {
    case 'reached':
      return {
        title: 'It does what was asked for',
        text: `${has}${asked}. What follows would be more than you asked for.`,
      };
    case 'room':
      return {
        title: 'There is room',
        text:
          costs === 0
            ? `${has}${asked}. ${share} and nothing is bought for it.`
            : `${has}${asked}. ${share} for ${percent(costs ?? 0)} of what the machine costs as far as ` +
              'its parts have prices.',
      };
    case 'unpriced':
      return {
        title: 'Worth a look; nobody says what it costs',
        text: `${has}${asked}. ${share}. Write down what it would cost you, and it is weighed.`,
      };
    case 'costs-more':
      return {
        title: 'At its limit: the next step costs more than it gives',
        text:
          `${has}${asked}. ${share} for ${percent(costs ?? 0)} of what the machine costs ` +
          `(${formatNumber(machine, 3)} as far as its parts have prices), and no other pays either.`,
      };
    case 'frame-decides':
      return {
        title: 'At its limit: the frame decides',
        text:
          `${has}${asked}. The frame makes ${percent(frame ?? 0)} of it (in squares), and no change of it ` +
          'helps that leaves the axes as they stand.',
      };
    case 'nothing':
      return { title: 'Nothing that we know betters it', text: `${has}${asked}.` };
  }
}

/** What another machine would have to be; empty: nothing is said. */
export function anotherText({ another, effect }: Limit, system: UnitSystem): string {
  if (!another) return '';
  const rigid = formatQuantity('length', another.rigid, system, 3).text;
  if (another.stiffer === null || another.span === null)
    return `Even with a rigid frame ${rigid} would be left: drives and screws decide as well.`;
  const wanted = effect.wanted === null ? '' : formatQuantity('length', effect.wanted, system, 3).text;
  return (
    `For ${wanted} another machine would need a frame ${formatNumber(another.stiffer, 2)} times as stiff: ` +
    `that second moment of area times ${formatNumber(another.stiffer, 2)} in all that bends, ` +
    `or ${percent(another.span)} of the span with the same sections.`
  );
}

/** What would help more but makes an axis worse; empty: nothing. */
export function barredText({ barred }: Limit, project: Axes, system: UnitSystem): string {
  if (!barred) return '';
  const axes = barred.proposal.worsens.map((id) => axisName(project, id)).join(', ');
  return (
    `${upgradeText(barred.proposal.change, system)} would better it ${timesText(barred.times)}, ` +
    `and then ${axes} would stand worse: mend that first.`
  );
}

export const upgradeStateNames: Readonly<Record<UpgradeState, string>> = {
  planned: 'planned',
  done: 'done',
  left: 'left',
};

const verdictTexts: Readonly<Record<UpgradeVerdict['verdict'], string>> = {
  better: 'Better than before',
  worse: 'Worse than before',
  'cannot-say': 'No difference that both readings can tell',
  'not-read': 'Not read before and after yet',
  'no-doubt': 'Nobody said how sure the readings are, so whether it is better is not told',
};

const foretoldTexts: Readonly<Record<NonNullable<UpgradeVerdict['foretold']>, string>> = {
  'as-foretold': 'as foretold',
  less: 'less than foretold',
  more: 'more than foretold',
};

/** What an upgrade did, with its numbers. */
export function upgradeVerdictText(told: UpgradeVerdict, { measure }: Upgrade, system: UnitSystem): string {
  const { verdict, gained, foretold } = told;
  if (!gained || !measure) return `${verdictTexts[verdict]}.`;
  const say = (si: number, digits = 3) => formatQuantity(measure.kind, si, system, digits).text;
  if (verdict === 'no-doubt') return `${verdictTexts[verdict]}: ${say(gained.value)} by the figures alone.`;
  const beside = foretold ? `, ${foretoldTexts[foretold]}` : '';
  return `${verdictTexts[verdict]}: ${say(gained.value)} ± ${say(gained.half, 2)} gained${beside}.`;
}
