import { screwSizes } from '@/core/catalogue';
import { type Axis, type AxisFieldPath, getAt, type Measure, putInAxis, startingThread } from '@/core/model';
import { ample, type Candidate, offer, set, steps } from './edits';
import { bothSides } from './line';
import { forgetScrew, screwOf, screws } from './screw';

/** Longest nut over the nominal diameter; more thread does not share the load. Common practice, no source. */
const LONGEST_NUT = 2.5;
/** Lengths of nuts that are offered, m: whole steps. */
const LENGTH_STEP = 5e-3;

/** Ball screws of about the diameter that is there, in place of a sliding one, with every lead. */
export function ballScrews(axis: Axis): Candidate[] {
  const drive = screwOf(axis);
  if (!drive || drive.thread.kind === 'ball') return [];
  const off = (nominal: number) => Math.abs(nominal - drive.nominalDiameter.si);
  const balls = screwSizes.filter((s) => s.thread === 'ball');
  const nearest = Math.min(...balls.map((s) => off(s.nominal)));
  return balls
    .filter((s) => off(s.nominal) <= nearest)
    .flatMap(({ nominal, root, leads }) =>
      leads.map((lead) =>
        offer(
          'to-ball',
          [
            putInAxis('drive.thread', startingThread('ball', nominal, drive.thread)),
            set('drive.nominalDiameter', nominal, 'standard'),
            set('drive.rootDiameter', root),
            set('drive.lead', lead, 'standard'),
            set('drive.starts', 1, 'standard'),
            ...forgetScrew({ ...drive, thread: startingThread('ball', nominal) }),
          ],
          { nominal, lead },
        ),
      ),
    );
}

/** More flank for a sliding nut that is pressed or heated too much, or a better material. */
export function moreNut(axis: Axis, { value, limit }: { value: number; limit: number }): Candidate[] {
  const drive = screwOf(axis);
  if (!drive || drive.thread.kind !== 'sliding') return [];
  const { nutLength, nutMaterial } = drive.thread;
  const wanted = Math.ceil(ample(nutLength.si * (limit / value)) / LENGTH_STEP) * LENGTH_STEP;
  const fits = wanted <= LONGEST_NUT * drive.nominalDiameter.si;
  const thicker = (nominal: number) => nominal > drive.nominalDiameter.si;
  return [
    ...(fits ? steps('longer-nut', 'drive.thread.nutLength', [wanted]) : []),
    ...(nutMaterial === 'bronze'
      ? []
      : [offer('bronze-nut', [putInAxis('drive.thread.nutMaterial', 'bronze')])]),
    ...ballScrews(axis),
    ...screws(axis, (nominal, lead, now) => thicker(nominal) && lead >= now.lead.si),
    ...bothSides(axis),
  ];
}

/**
 * The same part with a higher rating, at the field of the finding. @param power of the rating with which goes
 * what is judged.
 */
export function higherRating(
  code: 'nut-rating' | 'bearing-rating',
  axis: Axis,
  { path, value, limit }: { path: string; value: number; limit: number },
  power = 1,
): Candidate[] {
  const now = getAt(axis, path) as Measure | null;
  return now ? steps(code, path as AxisFieldPath, [ample(now.si * (limit / value) ** (1 / power))]) : [];
}
