import { goodLength } from './good';
import type { Parts } from './plan-parts';
import { methodsOf, type SheetPlan } from './sheet';

const plain = { usualBolts: false, cautions: ['prop', 'lift'] } as const;

/** How far what is lifted goes up and down, m. */
const liftOf = ({ plunge }: Parts): number => Math.max(0.05, plunge?.demands.travel.si ?? 0.5);

const posts = (count: number) => Array.from({ length: count }, (_, i) => i);

/** Posts upright in both planes, then equally far apart at their foot, middle and top. */
export function postSheets(parts: Parts, count: 2 | 4): SheetPlan[] {
  const { project, plunge, long } = parts;
  const lift = liftOf(parts);
  const own = { ...plain, axis: plunge?.id ?? null, good: goodLength(project) };
  return [
    {
      ...own,
      key: 'posts/upright',
      kind: 'upright',
      methods: methodsOf.upright,
      // A place is a post, and the plane in which it is read.
      places: posts(count).flatMap((x) => [0, 1].map((y) => ({ x, y }))),
      bolts: posts(count).map((x) => ({ x, y: 0 })),
      reference: 'frame',
      sizes: { lift },
    },
    {
      ...own,
      key: 'posts/apart',
      kind: 'parallel',
      methods: methodsOf.parallel.filter((m) => m.id !== 'bridge'),
      places: [0, lift / 2, lift].map((x) => ({ x, y: 0 })),
      bolts: [0, lift].map((x) => ({ x, y: 0 })),
      reference: 'posts/upright',
      sizes: { length: lift, span: long?.guide.spacing?.si ?? 1 },
    },
  ];
}

/** Screws in step: every end of what is lifted, low, then high after the same turns of each. */
export function stepSheet(parts: Parts, count: 2 | 4): SheetPlan {
  const { project, plunge } = parts;
  const ends = posts(count);
  return {
    ...plain,
    key: 'posts/step',
    kind: 'in-step',
    axis: plunge?.id ?? null,
    methods: methodsOf['in-step'],
    places: [0, 1].flatMap((y) => ends.map((x) => ({ x, y }))),
    bolts: ends.map((x) => ({ x, y: 0 })),
    reference: 'posts/apart',
    good: goodLength(project),
    sizes: { lift: liftOf(parts) },
  };
}
