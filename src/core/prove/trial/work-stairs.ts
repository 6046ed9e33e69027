import { column, lossLimit, placeOf, type TrialRead } from './reading';
import { trialFigure, type TrialFigure, type TrialNote } from './result';
import { checksOf, type Work, type Worked } from './work-first';

/** What of the last good speed is kept for daily use; common practice, no source. */
export const KEEP = 0.7;
/** A two-phase stepper that stalls slips by whole groups of so many full steps. */
export const SLIP_STEPS = 4;

/** The last step that lost nothing, and the first above it that did. */
export function stairsRead(read: TrialRead) {
  const limit = lossLimit(read);
  const steps = column(read, 'shift')
    .map(({ row, value }) => ({ at: placeOf(row), shift: value, lost: Math.abs(value) > limit }))
    .sort((a, b) => a.at - b.at);
  const bad = steps.find((s) => s.lost);
  // A step that lost nothing above one that did proves nothing.
  const good = steps.filter((s) => !s.lost && (!bad || s.at < bad.at)).at(-1);
  return { steps, good, bad };
}

/** Whether a shift is whole groups of full steps, or something that slips or a pulse that was lost. */
function slipNote(shift: number, fullStep: number | null): TrialNote[] {
  if (!fullStep) return [];
  const groups = Math.abs(shift) / (SLIP_STEPS * fullStep);
  const whole = Math.round(groups) >= 1 && Math.abs(groups - Math.round(groups)) < 0.2;
  return [
    {
      code: 'whole-steps',
      values: { whole: whole ? 1 : 0, groups: Math.round(groups), of: Math.abs(shift) },
    },
  ];
}

const stairsWork =
  (speed: boolean): Work =>
  (read): Worked => {
    const { steps, good, bad } = stairsRead(read);
    const { ground } = read;
    if (!steps.length || !ground) return {};
    const of = speed ? ('speed' as const) : ('acceleration' as const);
    const asked = speed ? ground.rapid : ground.axis.demands.acceleration.si;
    const points = steps.map((s) => ({ x: s.at, y: s.shift }));
    const series = [{ name: 'shift', points }];
    if (!good)
      return {
        series,
        notes: bad
          ? [
              { code: 'lost-at-first', values: { of, at: bad.at, asked } },
              ...slipNote(bad.shift, ground.fullStep),
            ]
          : [],
      };
    const kept = KEEP * good.at;
    const figures: TrialFigure[] = [];
    const notes: TrialNote[] = [{ code: 'keep-speed', values: { of, kept, asked, share: KEEP } }];
    if (bad) {
      const middle = (good.at + bad.at) / 2;
      figures.push(
        trialFigure({
          id: speed ? 'top-speed' : 'top-acceleration',
          of,
          value: middle,
          // Anywhere between the two steps.
          expanded: (bad.at - good.at) / 2,
          checks: checksOf(read, speed ? 'top-speed' : 'top-acceleration'),
        }),
      );
      notes.push(...slipNote(bad.shift, ground.fullStep));
    } else notes.push({ code: 'no-loss-yet', values: { of, at: good.at } });
    // What is asked, as a share of what may be kept: at most the whole.
    figures.push(trialFigure({ id: 'asked-share', of: 'ratio', value: asked / kept, expanded: 0, good: 1 }));
    return { figures, notes, series };
  };

export const workStairsSpeed = stairsWork(true);
export const workStairsAcceleration = stairsWork(false);
