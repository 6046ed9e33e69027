import { type BegunBar, oursIn, type Project, type SawInput } from '@/core/model';
import { type Bar, type CutPlan, type Job, planCuts, type Saw } from '../cutting';
import type { Need, NeedSection } from '../needs';
import { sawOf } from './saws';
import { goodPieces, type WantedPiece, wantedSections } from './wanted';

/** What may be taken for granted at a saw. */
export type SawnByGuess = 'saw' | 'first-hole' | 'lengths';

/** How one section is sawn: what is wanted, what lies there, and what is planned for the rest. */
export interface SectionPlan {
  readonly section: NeedSection;
  readonly saw: SawInput;
  readonly pieces: readonly WantedPiece[];
  /** Pieces that lie here; or that were cut to what is no longer wanted. */
  readonly cut: ReadonlyMap<string, 'good' | 'other-length'>;
  readonly begun: readonly BegunBar[];
  /** Of the pieces that are not cut yet; null where nobody has said what bars there are. */
  readonly plan: CutPlan | null;
  /** Rails: the same with ends that may differ, or that are alike, whichever was not asked for. */
  readonly other: CutPlan | null;
  /** What the marks rest on and nobody has said: the saw, the place of the first hole, the lengths. */
  readonly ours: readonly SawnByGuess[];
  /** New bars of each kind that are wanted for the plan, by the id of the bar. */
  readonly fresh: ReadonlyMap<string, number>;
}

const plainSaw = ({ kerf, squared, stub }: SawInput): Saw => ({
  kerf: kerf.si,
  squared: squared.si,
  stub: stub.si,
});

/** Key of the bars that a section comes out of: mitred pieces come out of the same. */
export const barsKey = ({ key }: Pick<NeedSection, 'key'>): string => key.split(' | ')[0]!;

/** What the rest of a begun bar is called in a plan: no bar that can be bought is called so. */
export const begunId = (id: string): string => `begun:${id}`;

/** Where the first hole of a rail lies that nobody has measured: half a pitch from its end. */
const halfPitch = ({ form }: NeedSection) => (form.kind === 'holed' ? form.pitch / 2 : 0);

/** What a bar that lies here is worth where nobody has said it: as a remnant of the cheapest that is sold. */
function worthOf(length: number, job: Pick<Job, 'remnants'>, perMetre: number | null): number | null {
  if (perMetre === null) return null;
  return length >= job.remnants.keep ? job.remnants.worth * perMetre * length : 0;
}

/** Bars of a section: what is sold, what lies here, and what is left of those that were begun. */
function barsOf(
  { bars, begunBars }: Pick<Project, 'bars' | 'begunBars'>,
  section: NeedSection,
  saw: Saw,
  remnants: Job['remnants'],
): Bar[] {
  const key = barsKey(section);
  const own = bars.filter((b) => b.section === key);
  const sold = own.filter((b) => b.count === null);
  const rates = sold.flatMap((b) => (b.price === null ? [] : [b.price / b.length.si]));
  const perMetre = rates.length === sold.length && rates.length > 0 ? Math.min(...rates) : null;
  const whole = own.map((b): Bar => ({
    id: b.id,
    length: b.length.si,
    price: b.count === null ? b.price : (b.price ?? worthOf(b.length.si, { remnants }, perMetre)),
    count: b.count,
    sawn: null,
    firstHole: b.firstHole?.si ?? halfPitch(section),
  }));
  const rests = begunBars.flatMap((b): Bar[] => {
    const sawn = b.cuts.at(-1)?.end ?? 0;
    const left = b.length - sawn - saw.kerf;
    if (b.section !== key || left <= 0) return [];
    return [
      {
        id: begunId(b.id),
        length: b.length,
        price: worthOf(left, { remnants }, perMetre),
        count: 1,
        sawn,
        firstHole: b.firstHole,
      },
    ];
  });
  return [...rests, ...whole];
}

/** Which ends rails get. */
const withEnds = (pieces: readonly WantedPiece[], ends: SawInput['ends']) =>
  pieces.map(
    ({ id, length, first }) => ({ id, length, first: first ?? (ends === 'free' ? 'free' : null) }) as const,
  );

function sectionPlan(
  project: Project,
  section: NeedSection,
  pieces: readonly WantedPiece[],
  taken: Map<string, number>,
): SectionPlan {
  const saw = sawOf(project, section);
  const key = barsKey(section);
  const begun = project.begunBars.filter((b) => b.section === key);
  const cut = goodPieces(begun, pieces);
  const remnants = { keep: project.remnants.keep.si, worth: project.remnants.worth.si };
  const bars = barsOf(project, section, plainSaw(saw), remnants).flatMap((bar): Bar[] => {
    // What another set of pieces out of the same bars has taken is gone.
    const count = bar.count === null ? null : bar.count - (taken.get(bar.id) ?? 0);
    return count === 0 ? [] : [{ ...bar, count }];
  });
  const left = pieces.filter((p) => cut.get(p.id) !== 'good');
  const job = (ends: SawInput['ends']): Job => ({
    form: section.form,
    saw: plainSaw(saw),
    bars,
    pieces: withEnds(left, ends),
    remnants,
  });
  const plan = bars.length ? planCuts(job(saw.ends)) : null;
  const holed = section.form.kind === 'holed' && plan !== null && left.length > 0;
  const fresh = new Map<string, number>();
  for (const { bar } of plan?.bars ?? []) {
    taken.set(bar.id, (taken.get(bar.id) ?? 0) + 1);
    if (bar.count === null) fresh.set(bar.id, (fresh.get(bar.id) ?? 0) + 1);
  }
  const unmeasured = holed && project.bars.some((b) => b.section === key && b.firstHole === null);
  const ours: SawnByGuess[] = [
    ...(oursIn(saw).length ? (['saw'] as const) : []),
    ...(unmeasured ? (['first-hole'] as const) : []),
    ...(left.some((p) => p.guessed) ? (['lengths'] as const) : []),
  ];
  const other = holed ? planCuts(job(saw.ends === 'free' ? 'equal' : 'free')) : null;
  return { section, saw, pieces, cut, begun, plan, other, ours, fresh };
}

/** Spoilt pieces that are still wanted: one that was cut again since is spoilt no more for anybody. */
export const openSpoilt = ({ begun, pieces, cut }: SectionPlan): readonly BegunBar['cuts'][number][] =>
  begun
    .flatMap((b) => b.cuts.filter((c) => c.state === 'spoilt'))
    .filter((c) => pieces.some((p) => p.id === c.piece) && cut.get(c.piece) !== 'good');

/** How everything is sawn, section by section. Depends on what is sawn and what bars there are only. */
export function sawingPlan(project: Project, needs: readonly Need[]): readonly SectionPlan[] {
  const taken = new Map<string, number>();
  return wantedSections(project, needs).map(({ section, pieces }) =>
    sectionPlan(project, section, pieces, taken),
  );
}
