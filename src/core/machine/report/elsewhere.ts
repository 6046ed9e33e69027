import type { Finding, Remedy } from '@/core/checks';
import type { Verdict } from '@/core/findings';
import type { Edit } from '@/core/model';
import type { AnyFinding } from '../whole';

/** One change made on several axes at once. */
export interface Elsewhere {
  /** The other axes, and what the change makes of the same finding there. */
  readonly axes: readonly { readonly axisId: string; readonly verdict: Verdict }[];
  /** The change on all of them, the first axis included; paths lead from the root. */
  readonly edits: readonly Edit[];
}

/** What a change does inside its axis, whichever that is. */
const inside = ({ code, edits }: Remedy) =>
  JSON.stringify([code, edits.map(({ path, value }) => [path.replace(/^axes\.\d+\./, ''), value])]);

/**
 * The same change on the other axes of which the same is found and to which the same is offered, so that who
 * buys a part for one may ask for all.
 * @param all findings of the axes. @returns undefined where no other axis is so.
 */
export function elsewhere(
  finding: Finding,
  remedy: Remedy,
  all: readonly AnyFinding[],
): Elsewhere | undefined {
  if (finding.axisId === null) return undefined;
  const wanted = inside(remedy);
  const found = all
    .filter(({ code, axisId }) => code === finding.code && axisId !== null && axisId !== finding.axisId)
    .flatMap(({ axisId, remedies }) => {
      const same = remedies.find((r) => inside(r) === wanted);
      return same ? [{ axisId: axisId!, verdict: same.verdict, edits: same.edits }] : [];
    });
  if (!found.length) return undefined;
  return {
    axes: found.map(({ axisId, verdict }) => ({ axisId, verdict })),
    edits: [...remedy.edits, ...found.flatMap((f) => f.edits)],
  };
}
