'use client';

import {
  extrusionSection,
  extrusionSizes,
  sectionInMm,
  tubeSection,
  tubeSizes,
  type WoodSize,
  woodSizes,
} from '@/core/catalogue';
import {
  getAt,
  estimate,
  type Section,
  type SectionKind,
  sectionKinds,
  startingSection,
  tubeMakings,
} from '@/core/model';
import { useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { MachineField } from './machine-field';
import { MaterialChoice } from './material-choice';

type Tube = Extract<Section, { kind: 'rect-tube' }>;

const kindNames: Record<SectionKind, string> = {
  'rect-tube': 'rectangular tube',
  'round-tube': 'round tube',
  bar: 'bar or plate',
  round: 'solid round',
  angle: 'angle',
  'plate-box': 'box of plates',
  extrusion: 'slotted extrusion',
};
const makingNames = {
  cold: 'cold formed (EN 10219)',
  hot: 'hot finished (EN 10210)',
  sharp: 'sharp corners',
} as const;

const listedSize = ({ making, ...section }: Tube) =>
  tubeSizes.find(
    (t) =>
      t.making === making &&
      t.height === sectionInMm(section.height) &&
      t.width === sectionInMm(section.width) &&
      t.wall === sectionInMm(section.wall),
  );

function tubeOff(id: string): Tube | undefined {
  const size = tubeSizes.find((t) => t.id === id);
  return size && tubeSection(size);
}

function extrusionOff(id: string): Section | undefined {
  const size = extrusionSizes.find((e) => e.id === id);
  return size && extrusionSection(size);
}

/** A wooden member off the list: what it is cut and glued to is as exact as its builder. */
function woodOff({ height, width, flange, web }: WoodSize): Section {
  const mm = (v: number) => estimate('length', `${v} mm`);
  const sides = { height: mm(height), width: mm(width) };
  return flange === null || web === null
    ? { kind: 'bar', ...sides }
    : { kind: 'plate-box', ...sides, flange: mm(flange), web: mm(web) };
}

/**
 * What a member is made of: kind, size off the list or typed, material. @param root path of the object that
 * holds both.
 */
export function SectionFields({ root, name }: { root: string; name: string }) {
  const { project, editor } = useMachine();
  const section = getAt(project, `${root}.section`) as Section;
  const set = (value: Section | undefined, what: string) =>
    value && editor.apply([{ path: `${root}.section`, value }], `${name}: ${what}`);
  return (
    <>
      <Choice
        label="Section"
        value={section.kind}
        options={sectionKinds.map((k) => [k, kindNames[k]] as const)}
        onPick={(kind) => set(startingSection(kind), kindNames[kind])}
      />
      {section.kind === 'rect-tube' && <TubeChoices section={section} onSet={set} />}
      {section.kind === 'extrusion' && (
        <Choice
          label="Off the list"
          value=""
          options={[
            ['', 'from memory'] as const,
            ...extrusionSizes.map((e) => [e.id, `${e.height} x ${e.width}`] as const),
          ]}
          onPick={(id) => set(extrusionOff(id), `extrusion ${id}`)}
        />
      )}
      {(section.kind === 'bar' || section.kind === 'plate-box') && (
        <Choice
          label="Of wood"
          value=""
          options={[
            ['', 'off the list'] as const,
            ...woodSizes
              .filter((w) => (w.flange === null) === (section.kind === 'bar'))
              .map((w) => [w.id, w.name] as const),
          ]}
          onPick={(id) => {
            const wood = woodSizes.find((w) => w.id === id);
            if (!wood) return undefined;
            const edits = [
              { path: `${root}.section`, value: woodOff(wood) },
              { path: `${root}.material`, value: wood.material },
            ];
            return editor.apply(edits, `${name}: ${wood.name}`);
          }}
        />
      )}
      {Object.keys(section)
        .filter((key) => key !== 'kind' && key !== 'making')
        .map((key) => (
          <MachineField key={key} path={`${root}.section.${key}`} />
        ))}
      <MaterialChoice path={`${root}.material`} of={name} />
    </>
  );
}

function TubeChoices({
  section,
  onSet,
}: {
  section: Tube;
  onSet: (value: Section | undefined, what: string) => string | undefined;
}) {
  const listed = tubeSizes.filter((t) => section.making === 'sharp' || t.making === section.making);
  return (
    <>
      <Choice
        label="Made"
        value={section.making}
        options={tubeMakings.map((m) => [m, makingNames[m]] as const)}
        onPick={(making) => onSet({ ...section, making }, makingNames[making])}
      />
      <Choice
        label="Off the list"
        value={listedSize(section)?.id ?? ''}
        options={[
          ['', 'typed size'] as const,
          ...listed.map((t) => [t.id, `${t.height} x ${t.width} x ${t.wall}`] as const),
        ]}
        onPick={(id) => onSet(tubeOff(id), `tube ${id}`)}
      />
    </>
  );
}
