import { buildGuides } from './build';
import { fitGuides } from './fit';
import type { Guide } from './guide';
import { trialGuides } from './trials';
import { trueUpGuides } from './true-up';

export { type Guide, type GuideChapter, guideChapters } from './guide';

/** How things are done at the stations after Size, in the order of the work. */
export const guides: readonly Guide[] = [...fitGuides, ...buildGuides, ...trueUpGuides, ...trialGuides];

const byId = new Map(guides.map((g) => [g.id, g]));

export const guideById = (id: string): Guide | undefined => byId.get(id);

/** Guides in which every word of a search is found. An empty search finds all. */
export function searchGuides(search: string): readonly Guide[] {
  const wanted = search.toLowerCase().split(/\s+/).filter(Boolean);
  return guides.filter(({ title, answers, how, source, limits }) => {
    const text = [title, answers, ...how, source, limits].join(' ').toLowerCase();
    return wanted.every((w) => text.includes(w));
  });
}
