import type { Edit } from '@/core/findings';
import { type Project, startingBody } from '@/core/model';
import { set } from '../remedies/edits';
import type { CutLoad } from './cuts';
import type { MachineChecked, MachineCode, MachineContext } from './checks';

/** A change to the machine worth trying; edits lead from its root. */
export interface MachineCandidate {
  readonly code: string;
  readonly params: Readonly<Record<string, number | string>>;
  readonly edits: readonly Edit[];
}

const one = (
  code: string,
  edits: readonly Edit[],
  params: MachineCandidate['params'] = {},
): MachineCandidate => ({ code, params, edits });
/** A measured input at a path of the machine, by the rule of the same input inside an axis or the machine. */
const at = (path: string, si: number): Edit => ({ ...set(path.replace(/^axes\.\d+\./, ''), si), path });
/** Two digits, up or down. */
const rounded = (value: number, up: boolean) => {
  const step = 10 ** (Math.floor(Math.log10(value)) - 1);
  return (up ? Math.ceil(value / step - 1e-9) : Math.floor(value / step + 1e-9)) * step;
};

const cutOf = (found: MachineChecked, { cuts }: MachineContext): { index: number; load: CutLoad } => {
  const index = Number(found.params.cutIndex);
  return { index, load: cuts[index]! };
};

/** A cut that asks for less: thinner, slower, narrower. */
function easier(project: Project, index: number, factor: number): MachineCandidate[] {
  const cut = project.brief.cuts[index]!;
  if (cut.kind !== 'mill') return [];
  const field = (name: 'depth' | 'width' | 'feed') => {
    const to =
      rounded(cut[name].si * factor * (name === 'feed' ? 60 : 1000), false) / (name === 'feed' ? 60 : 1000);
    return one(`less-${name}`, [at(`brief.cuts.${index}.${name}`, to)], { to, cut: cut.name });
  };
  return factor < 1 ? [field('depth'), field('width'), field('feed')] : [];
}

const table: {
  readonly [C in MachineCode]?: (found: MachineChecked, context: MachineContext) => MachineCandidate[];
} = {
  'area-short': (found) => [
    one('longer-travel', [at(found.path, found.limit)], { to: found.limit }),
    one('smaller-area', [at(`brief.area.${found.params.field}`, found.value)], { to: found.value }),
  ],
  'plasma-slow': (found, context) => [
    one('cut-faster', [at(`brief.cuts.${cutOf(found, context).index}.feed`, found.limit * 1.2)], {
      to: found.limit * 1.2,
    }),
  ],
  'cut-faster': (found, { project }) => {
    const i = Number(found.path.split('.')[1]);
    const axis = project.axes[i]!;
    return [
      one(
        'ask-feed',
        [
          at(found.path, found.limit),
          ...(axis.demands.rapid.si < found.limit ? [at(`axes.${i}.demands.rapid`, found.limit)] : []),
        ],
        { to: found.limit },
      ),
    ];
  },
  'corner-slow': (found) => {
    const to = rounded(found.limit, true);
    return [one('ask-acceleration', [at(found.path, to)], { to })];
  },
  'spindle-short': (found, context) =>
    easier(context.project, cutOf(found, context).index, (found.value / found.limit) * 0.85),
  'chip-rubs': (found, context) => {
    const { index } = cutOf(found, context);
    const cut = context.project.brief.cuts[index]!;
    if (cut.kind !== 'mill') return [];
    const factor = (found.limit / found.value) * 1.2;
    return [
      ...(cut.flutes.si > 1
        ? [
            one(
              'fewer-flutes',
              [at(`brief.cuts.${index}.flutes`, Math.max(1, Math.floor(cut.flutes.si / factor)))],
              { to: Math.max(1, Math.floor(cut.flutes.si / factor)), cut: cut.name },
            ),
          ]
        : []),
      one('slower-spindle', [at(`brief.cuts.${index}.spindle`, cut.spindle.si / factor)], {
        to: cut.spindle.si / factor,
        cut: cut.name,
      }),
      one('more-feed', [at(`brief.cuts.${index}.feed`, cut.feed.si * factor)], {
        to: cut.feed.si * factor,
        cut: cut.name,
      }),
    ];
  },
  'chip-thick': (found, context) => {
    const { index } = cutOf(found, context);
    return easier(context.project, index, (found.limit / found.value) * 0.95).filter(
      (c) => c.code === 'less-feed',
    );
  },
  'climb-play': (found, context) => [
    one('conventional', [{ path: `brief.cuts.${cutOf(found, context).index}.way`, value: 'conventional' }], {
      cut: String(found.params.cut),
    }),
  ],
  rocks: (found, { project }) => {
    const need =
      Math.ceil((Number(found.params.moving) / found.limit - Number(found.params.standing)) / 5) * 5;
    const ballast = {
      ...startingBody('ballast'),
      name: 'Ballast in the stand',
      mass: set('loads.masses.0.mass', need).value,
    };
    return need > 0
      ? [
          one(
            'ballast',
            [{ path: 'stand', value: [...project.stand.filter((b) => b.id !== 'ballast'), ballast] }],
            { to: need },
          ),
        ]
      : [];
  },
  'power-short': (found) => [
    one('more-power', [at('brief.power', rounded(found.limit * 1.15, true))], {
      to: rounded(found.limit * 1.15, true),
    }),
  ],
  'frame-rings': (found, { project }) => {
    const i = Number(found.path.split('.')[1]);
    const to = rounded(project.axes[i]!.demands.acceleration.si * (found.value / found.limit), false);
    return [one('softer-ramp', [at(found.path, to)], { to })];
  },
  creeps: () => [
    one('birch-beam', [{ path: 'structure.beam.material', value: 'birch-plywood' }]),
    one('aluminium-beam', [{ path: 'structure.beam.material', value: 'aluminium' }]),
  ],
};

export const machineCandidates = (found: MachineChecked, context: MachineContext): MachineCandidate[] =>
  table[found.code]?.(found, context) ?? [];
