import { atLeast, exactly } from '@/core/findings';
import { followTravel } from '../../axis';
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

/** Whether the axes reach the work. */
export const areaChecks = [areaShort] as const;
