'use client';

import {
  getAt,
  guess,
  type MaterialId,
  type Project,
  type Section,
  type SectionKind,
  sectionKinds,
  sectionRules,
  startingSection,
  tubeMakings,
} from '@/core/model';
import { extrusionSizes, materials, tubeSizes } from '@/core/catalogue';
import { MachineChoice, MachineField } from './machine-field';
import type { MachineEditor } from './use-machine-editor';

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
const materialOptions = (Object.keys(materials) as MaterialId[]).map(
  (id) => [id, materials[id].name.toLowerCase()] as const,
);

/**
 * What a member is made of: kind, size off the list or typed, material. @param root path of the object that
 * holds `section` and `material`.
 */
export function SectionFields({
  project,
  root,
  editor,
  name,
}: {
  project: Project;
  root: string;
  editor: MachineEditor;
  name: string;
}) {
  const section = getAt(project, `${root}.section`) as Section;
  const material = getAt(project, `${root}.material`) as MaterialId;
  const set = (value: Section, label: string) =>
    editor.apply([{ path: `${root}.section`, value: value as never }], label);
  const listed =
    section.kind === 'rect-tube'
      ? tubeSizes.find(
          (t) =>
            t.making === section.making &&
            t.height === Math.round(section.height.si * 1e4) / 10 &&
            t.width === Math.round(section.width.si * 1e4) / 10 &&
            t.wall === Math.round(section.wall.si * 1e4) / 10,
        )
      : undefined;
  const pick = (id: string) => {
    const size = tubeSizes.find((t) => t.id === id);
    const mm = (v: number) => ({ ...guess('length', `${v} mm`), basis: 'standard' as const });
    if (size)
      set(
        {
          kind: 'rect-tube',
          height: mm(size.height),
          width: mm(size.width),
          wall: mm(size.wall),
          making: size.making,
        },
        `${name}: ${size.height} x ${size.width} x ${size.wall}`,
      );
  };
  const pickExtrusion = (id: string) => {
    const size = extrusionSizes.find((e) => e.id === id);
    if (!size) return;
    const [mm, cm4] = [
      (v: number) => guess('length', `${v} mm`),
      (v: number) => guess('secondMoment', `${v} cm⁴`),
    ];
    set(
      {
        kind: 'extrusion',
        height: mm(size.height),
        width: mm(size.width),
        area: guess('area', `${size.area} cm²`),
        secondMomentV: cm4(size.secondMomentV),
        secondMomentL: cm4(size.secondMomentL),
        torsion: cm4(size.torsion),
      },
      `${name}: extrusion ${size.height} x ${size.width}`,
    );
  };
  return (
    <>
      <MachineChoice
        label="Section"
        value={section.kind}
        options={sectionKinds.map((k) => [k, kindNames[k]] as const)}
        onPick={(kind) => set(startingSection(kind), `${name}: ${kindNames[kind]}`)}
      />
      {section.kind === 'rect-tube' && (
        <>
          <MachineChoice
            label="Made"
            value={section.making}
            options={tubeMakings.map((m) => [m, makingNames[m]] as const)}
            onPick={(making) => set({ ...section, making }, `${name}: ${makingNames[making]}`)}
          />
          <MachineChoice
            label="Off the list"
            value={listed?.id ?? ''}
            options={[
              ['', 'typed size'] as const,
              ...tubeSizes
                .filter((t) => section.making === 'sharp' || t.making === section.making)
                .map((t) => [t.id, `${t.height} x ${t.width} x ${t.wall}`] as const),
            ]}
            onPick={pick}
          />
        </>
      )}
      {section.kind === 'extrusion' && (
        <MachineChoice
          label="Off the list"
          value=""
          options={[
            ['', 'typical, from memory'] as const,
            ...extrusionSizes.map((e) => [e.id, `${e.height} x ${e.width}`] as const),
          ]}
          onPick={pickExtrusion}
        />
      )}
      {Object.keys(section)
        .filter((k) => k in sectionRules)
        .map((k) => (
          <MachineField key={k} project={project} path={`${root}.section.${k}`} editor={editor} />
        ))}
      <MachineChoice
        label="Material"
        value={material}
        options={materialOptions}
        onPick={(next) =>
          editor.apply(
            [{ path: `${root}.material`, value: next }],
            `${name}: ${materials[next].name.toLowerCase()}`,
          )
        }
      />
    </>
  );
}
