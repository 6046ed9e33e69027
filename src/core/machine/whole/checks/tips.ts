import { atLeast, comfort, unlessMissing } from '@/core/findings';
import { type Project, put, startingBody } from '@/core/model';
import { GRAVITY } from '@/core/units';
import { measured, rounded } from '../../axis';
import { type Tipping, tippingOf } from '../tipping';
import { at, type Candidate, figureCheck, named, offer } from './check';

/** Weight over inertia, as moments about the feet, that is wanted; common practice, no source. */
const STEADY = 1.5;
/** Ballast is weighed out in steps of so much, kg; feet are set in steps of so much, m. */
const STEP = { ballast: 5, feet: 0.01 } as const;

const upTo = (value: number, step: number) => Number((Math.ceil(value / step) * step).toFixed(6));

/** More ballast in the stand, beside what lies there. @param more kg */
export function ballast({ stand }: Project, more: number): Candidate[] {
  const before = stand.find((b) => b.id === 'ballast')?.mass.si ?? 0;
  const to = upTo(before + more, STEP.ballast);
  if (!(more > 0)) return [];
  const body = { ...startingBody('ballast', 'Ballast in the stand'), mass: measured('stand.0.mass', to) };
  const rest = stand.filter((b) => b.id !== body.id);
  return [offer('ballast', [{ path: 'stand', value: [...rest, body] }], { to })];
}

/** What would just be wanted: feet so far apart, so much more weight between them, so soft a ramp. */
function steadier(t: Tipping, project: Project): Candidate[] {
  const inertia = t.moving * t.acceleration * t.height;
  if (t.base === null || !(inertia > 0)) return [];
  const half = t.centre + (STEADY * inertia) / (t.all * GRAVITY);
  const feet = upTo(2 * half, STEP.feet);
  const lacking = STEADY * inertia - t.all * GRAVITY * (t.base / 2 - t.centre);
  const path = `axes.${t.axisIndex}.demands.acceleration`;
  const ramp = t.steady! > 0 ? rounded((t.acceleration * t.steady!) / STEADY, 'down') : 0;
  return [
    offer('wider-feet', [at(`structure.feet.${t.way}`, feet)], { to: feet, way: t.way }),
    ...ballast(project, lacking / (GRAVITY * (t.base / 2))),
    ...(ramp > 0 ? [offer('softer-ramp', [at(path, ramp)], { to: ramp })] : []),
  ];
}

const tips = figureCheck({
  code: 'tips',
  judge: (context) =>
    tippingOf(context).flatMap((t) => {
      const axis = context.project.axes[t.axisIndex]!;
      const [first] = t.missing;
      if (t.steady === null && !first) return [];
      const found = atLeast({
        code: 'tips',
        path: first ?? `structure.feet.${t.way}`,
        kind: 'ratio',
        // Without a figure there is only the wish: the verdict says that nothing is known.
        have: t.steady ?? STEADY,
        need: STEADY,
        about: axis.id,
        params: {
          ...named(axis),
          way: t.way,
          base: t.base ?? 0,
          based: t.base === null ? 0 : 1,
          acceleration: t.acceleration,
          outside: t.base !== null && t.centre > t.base / 2 ? 1 : 0,
          missing: t.missing.length,
        },
      });
      return [unlessMissing(comfort(found, STEADY), t.missing.length)];
    }),
  candidates: (context, { about }) => {
    const { project } = context;
    const t = tippingOf(context).find(({ axisIndex }) => project.axes[axisIndex]!.id === about);
    const bolted = offer('bolt-feet', [put('structure.feet.held', 'bolted')]);
    return t ? [...steadier(t, project), bolted] : [];
  },
});

/** Whether the machine tips on its feet. */
export const standChecks = [tips] as const;
