import { atLeast, exactly } from '@/core/findings';
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
  candidates: (_, found) => [
    offer('longer-travel', [at(found.path, found.limit)], { to: found.limit }),
    offer('smaller-area', [at(`brief.area.${found.params.field}`, found.value)], { to: found.value }),
  ],
});

/** Whether the axes reach the work. */
export const areaChecks = [areaShort] as const;
