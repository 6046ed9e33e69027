import { atLeast, comfort, exactly, NEVER_ENDS, unlessMissing } from '@/core/findings';
import { followTravel, reachOf } from '../../axis';
import { at, machineCheck, named, offer } from './check';

const areaShort = machineCheck({
  code: 'area-short',
  judge: ({ project: { axes, brief } }) => {
    const { length, width, height } = brief.area;
    const want = {
      bed: ['length', length],
      table: ['length', length],
      gantry: ['width', width],
      plunge: ['height', height],
    } as const;
    return axes.flatMap((axis, i) => {
      const [field, asked] = want[axis.role];
      if (!asked) return [];
      const found = atLeast({
        code: 'area-short',
        path: `axes.${i}.demands.travel`,
        kind: 'length',
        have: axis.demands.travel.si,
        need: asked.si,
        about: axis.id,
        params: { ...named(axis), field },
      });
      return [exactly(found)];
    });
  },
  candidates: ({ project }, found) => {
    const to = found.limit;
    const i = project.axes.findIndex((a) => a.id === found.params.axisId);
    const follow = followTravel(project.axes[i]!, to).map((e) => ({ ...e, path: `axes.${i}.${e.path}` }));
    const smaller = [at(`brief.area.${found.params.field}`, found.value)];
    return [
      offer('longer-travel', [at(found.path, to), ...follow], { to, follow: follow.length }),
      // A smaller job always mends it, so it stands last.
      { ...offer('smaller-area', smaller, { to: found.value }), resigned: true },
    ];
  },
});

/** The stretch of the table that the tool reaches between the soft limits, against the work area. */
const reachShort = machineCheck({
  code: 'reach-short',
  judge: ({ project: { axes, brief }, reports }) =>
    axes.flatMap((axis, i) => {
      const asked = { bed: brief.area.length, gantry: brief.area.width, table: null, plunge: null }[
        axis.role
      ];
      const reach = reachOf(axis, reports[i]!.chain);
      if (!asked || !reach) return [];
      const found = atLeast({
        code: 'reach-short',
        path: `axes.${i}.fit.reach.start`,
        kind: 'length',
        have: reach.common,
        need: asked.si,
        about: axis.id,
        params: { ...named(axis), before: reach.before, beyond: reach.beyond, missing: reach.missing },
      });
      return [unlessMissing(exactly(found), reach.missing)];
    }),
  candidates: ({ project, reports }, found) => {
    const i = project.axes.findIndex((a) => a.id === found.params.axisId);
    const reach = reachOf(project.axes[i]!, reports[i]!.chain);
    const start = project.axes[i]!.fit.reach.start;
    if (!reach || !start) return [];
    // The table in the middle of what the tool travels over.
    const to = start.si + (reach.beyond - reach.before) / 2;
    return [offer('table-at', [at(found.path, to)], { to, axis: found.params.axis! })];
  },
});

/** A table that travels hangs over its bed at both ends where the bed is shorter than both together. */
const tableBed = machineCheck({
  code: 'table-bed',
  judge: ({ project: { axes, brief, structure } }) => {
    const i = axes.findIndex((a) => a.role === 'table');
    const axis = axes[i];
    const table = axis?.fit.reach.length ?? brief.area.length;
    if (!axis || !table || !structure) return undefined;
    const need = table.si + axis.demands.travel.si;
    const found = atLeast({
      code: 'table-bed',
      path: 'structure.bed.length',
      kind: 'length',
      have: structure.bed.length.si,
      need,
      params: { over: (need - structure.bed.length.si) / 2, table: table.si },
    });
    return comfort(found, NEVER_ENDS);
  },
  candidates: (_, found) => [
    offer('longer-bed', [at('structure.bed.length', found.limit)], { to: found.limit }),
  ],
});

/** Whether the axes reach the work. */
export const areaChecks = [areaShort, reachShort, tableBed] as const;
