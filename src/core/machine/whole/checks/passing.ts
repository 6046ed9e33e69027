import { atLeast, type Checked, exactly, unlessMissing } from '@/core/findings';
import { passingOf } from '../passing';
import { at, machineCheck, offer } from './check';

/** What passes between the columns against the widest stock. */
const passesBetween = machineCheck({
  code: 'passes-between',
  judge: ({ project }) => {
    const { between, cut } = passingOf(project);
    const { stock, area } = project.brief;
    const need = Math.max(stock.width?.si ?? 0, area.width?.si ?? 0);
    if (between === null || !need) return undefined;
    return exactly(
      atLeast({
        code: 'passes-between',
        path: 'passing.between',
        kind: 'length',
        have: between,
        need,
        params: { cut: cut ?? -1, area: area.width?.si ?? -1, stock: stock.width?.si ?? -1 },
      }),
    );
  },
  candidates: ({ project: { brief } }, found) => {
    const wider = (path: string, said: { readonly si: number } | null) =>
      said && said.si > found.value ? [at(path, found.value)] : [];
    const edits = [
      ...wider('brief.stock.width', brief.stock.width),
      ...wider('brief.area.width', brief.area.width),
    ];
    return [
      offer('columns-apart', [at('passing.between', found.limit)], { to: found.limit }),
      { ...offer('smaller-stock', edits, { to: found.value }), resigned: true },
    ];
  },
});

/** What passes under the beam and the tool against the thickest stock. */
const passesUnder = machineCheck({
  code: 'passes-under',
  judge: ({ project }) => {
    const { thickest, missing } = passingOf(project);
    const need = project.brief.stock.thickness?.si;
    if (!thickest || !need) return undefined;
    const found = exactly(
      atLeast({
        code: 'passes-under',
        path: `passing.${thickest.by}`,
        kind: 'length',
        have: thickest.value,
        need,
        params: { by: thickest.by, missing: missing.length, first: missing[0] ?? '' },
      }),
    );
    return unlessMissing(found, missing.length);
  },
  candidates: ({ project }, found) => {
    const by = found.limit - found.value;
    // Beam and all that hangs on it come up together, the lowest reach of the tip with them.
    const raised = (['under', 'lowest', 'tipUp', 'tipDown'] as const).flatMap((field) => {
      const said = project.passing[field];
      return said ? [at(`passing.${field}`, said.si + by)] : [];
    });
    return [offer('raise-gantry', raised, { by })];
  },
});

/** The tip must go through the stock. */
const cutsThrough = machineCheck({
  code: 'cuts-through',
  judge: ({ project }) => {
    const { below, through } = passingOf(project);
    if (below === null) return undefined;
    const lacking = through - below;
    const found: Checked<'cuts-through'> = {
      ...atLeast({
        code: 'cuts-through',
        path: 'passing.tipDown',
        kind: 'length',
        have: below,
        need: through,
      }),
      // Both may be 0 or less: what counts is how far apart they are.
      margin: 1 - lacking * 100,
    };
    return exactly(found);
  },
});

/** Out of its holder the tool must be longer than the cut is deep, or the holder rubs. */
const sticksOut = machineCheck({
  code: 'sticks-out',
  judge: ({ project: { passing, brief } }) => {
    const depths = brief.cuts.flatMap((c) => (c.kind === 'mill' ? [c.depth.si] : []));
    if (!passing.stickOut || !depths.length) return undefined;
    const need = Math.max(...depths);
    return exactly(
      atLeast({
        code: 'sticks-out',
        path: 'passing.stickOut',
        kind: 'length',
        have: passing.stickOut.si,
        need,
      }),
    );
  },
});

/** Of two tools side by side both must reach the work. */
const bothReach = machineCheck({
  code: 'both-reach',
  judge: ({ project }) => {
    const { common } = passingOf(project);
    const need = project.brief.area.width?.si;
    if (common === null || !need) return undefined;
    return exactly(
      atLeast({ code: 'both-reach', path: 'passing.second', kind: 'length', have: common, need }),
    );
  },
});

/** What passes through the machine, and what its tools reach. */
export const passingChecks = [passesBetween, passesUnder, cutsThrough, sticksOut, bothReach] as const;
