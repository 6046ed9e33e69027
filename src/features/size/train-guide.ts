import { materials } from '@/core/catalogue';
import { type Guide, type GuideKind, materialIds } from '@/core/model';
import { type LinkChoice, type LinkSpec, q } from './link';

export const guideNames: Record<GuideKind, string> = {
  profile: 'profile rail',
  miniature: 'miniature rail',
  'supported-round': 'supported round rail',
  'round-rod': 'round rods held at the ends',
  'v-wheel': 'V-wheels on extrusion',
  'tube-bearing': 'bearings on tube',
};

/** What the carriages are bolted to; the thickness follows as a field. */
const plateChoice = ({ plate }: Guide): LinkChoice => ({
  path: 'guide.plate',
  label: 'Plate of',
  options: [
    ['none', 'not given'],
    ...materialIds.map((id) => [id, materials[id].name.toLowerCase()] as const),
  ],
  now: plate?.material ?? 'none',
});

/** Whether what rolls can be pulled off. */
const grip: LinkChoice = {
  path: 'guide.grip',
  label: 'Hold their rail',
  options: [
    ['unknown', 'not said'],
    ['one-side', 'from one side'],
    ['both-sides', 'from both sides'],
  ],
};

/** Rails and carriages. */
export const guideLink: LinkSpec = {
  id: 'guide',
  title: () => 'Guide',
  summary: (a, s) =>
    `${guideNames[a.guide.kind]}${a.guide.size ? ` ${q(a, 'guide.size', 'length', s)}` : ''}, ` +
    `${a.guide.rails.si} × ${a.guide.perRail.si}`,
  choices: ({ guide }) => [
    { path: 'guide.kind', label: 'Kind', options: Object.entries(guideNames) },
    {
      path: 'guide.mounting',
      label: 'Rails stand',
      options: [
        ['flat', 'level, carriages on top'],
        ['wall', 'on the face of a beam'],
        ['under', 'overhead, plate hangs'],
      ],
    },
    plateChoice(guide),
    ...(guide.kind === 'v-wheel' || guide.kind === 'tube-bearing' ? [grip] : []),
    {
      path: 'guide.preload',
      label: 'Preload',
      options: [
        ['clearance', 'clearance'],
        ['light', 'light'],
        ['medium', 'medium'],
      ],
    },
    {
      path: 'guide.ratingBasis',
      label: 'C is for',
      options: [
        [50, '50 km'],
        [100, '100 km'],
      ],
    },
  ],
  groups: ({ guide }) => [
    {
      paths: [
        'guide.size',
        'guide.rails',
        'guide.perRail',
        'guide.railLength',
        'guide.carriageSpan',
        'guide.carriageLength',
        'guide.spacing',
        ...(guide.plate ? (['guide.plate.thickness'] as const) : []),
        ...(guide.kind === 'round-rod' && guide.rails.si === 3 ? (['guide.offPlane'] as const) : []),
        'guide.overhang',
        'loads.guideDrag',
        'loads.otherDrag',
      ],
    },
    {
      title: 'Carriage',
      paths: [
        'guide.staticLoad',
        'guide.dynamicLoad',
        'guide.shock',
        'guide.friction',
        'guide.seal',
        'guide.raceSpacing',
        'guide.verticalStiffness',
        'guide.lateralStiffness',
      ],
    },
    {
      title: 'Where things act',
      paths: [
        'guide.massX',
        'guide.massY',
        'guide.massZ',
        'guide.toolX',
        'guide.toolY',
        'guide.toolZ',
        'guide.driveY',
        'guide.driveZ',
        'guide.sideForce',
        'guide.normalForce',
      ],
    },
    { title: 'Seats, measured', paths: ['guide.heightError', 'guide.parallelError'] },
  ],
};
