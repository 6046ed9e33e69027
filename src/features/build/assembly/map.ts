import type { WorkContext } from '@/core/build';
import type { MapStep, OrderMapShown } from '@/drawings';
import type { AssemblyNames } from '@/words';

/** Of the map, paper units: as wide as the page has room. */
const WIDTH = 850;

/** What is lit on the map: a step, or a part that is to be reached. */
export type Lit = { readonly kind: 'step' | 'part'; readonly id: string } | null;

/** The work as a map: lanes by axis, with what hides the lit part marked. */
export function mapOf(work: WorkContext, names: AssemblyNames, lit: Lit): OrderMapShown {
  const { assembly, tonight, project } = work;
  const { steps, ordering, parts, services } = assembly;
  const order = ordering.turns.flatMap((t) => (t.kind === 'do' ? [t.id] : []));
  const place = new Map((order.length ? order : steps.map((s) => s.id)).map((id, i) => [id, i + 1]));
  const can = new Set(tonight.doable.map((d) => d.step));
  const by = new Map([...steps].reverse().flatMap((s) => s.brings.map((p) => [p, s.id] as const)));
  const laneOf = (s: (typeof steps)[number]) => {
    const on = parts.find((p) => p.id === (s.brings[0] ?? s.sets[0]?.joint))?.on[0];
    return s.owner || parts.find((p) => p.id === on)?.owner || '';
  };
  const service = services.find((s) => lit?.kind === 'part' && s.part === lit.id);
  const off = new Map(
    (service?.reach?.off ?? []).flatMap((p, i) => (by.has(p) ? [[by.get(p)!, i + 1] as const] : [])),
  );
  // The step that tightens what is to be reached stands for it.
  const setting = service && steps.filter((s) => s.sets.some((x) => x.joint === service.part)).at(-1);
  return {
    lanes: [{ id: '', title: 'Machine' }, ...project.axes.map((a) => ({ id: a.id, title: a.name }))],
    steps: steps.map((s): MapStep => ({
      id: s.id,
      number: place.get(s.id) ?? 0,
      lane: laneOf(s),
      title: names.step(s.id),
      needs: s.needs,
      state: s.state === 'done' ? 'done' : can.has(s.id) ? 'next' : 'open',
      off: off.get(s.id) ?? null,
    })),
    picked: lit?.kind === 'step' ? lit.id : (setting?.id ?? null),
    width: WIDTH,
  };
}
