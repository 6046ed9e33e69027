'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import { materials } from '@/core/catalogue';
import { guess, type MaterialId, type Project, type Structure } from '@/core/model';
import { MachineChoice, type MachineEditor, MachineField, SectionFields } from '@/features/frame';
import { freshId } from '@/session';
import styles from './whole.module.css';

interface PartProps {
  readonly project: Project;
  readonly editor: MachineEditor;
}

const fillOptions = [
  ['none', 'nothing'],
  ['polymer-concrete', 'polymer concrete'],
  ['birch-plywood', 'wood'],
] as const;

function Beam({ project, editor, beam }: PartProps & { beam: Structure['beam'] }) {
  const hollow =
    beam.section.kind === 'rect-tube' ||
    beam.section.kind === 'round-tube' ||
    beam.section.kind === 'plate-box';
  const setStrips = (strips: Structure['beam']['strips'], label: string) =>
    editor.apply([{ path: 'structure.beam.strips', value: strips as never }], label);
  const length = (text: string) => guess('length', text);
  return (
    <details open>
      <summary>Beam</summary>
      <MachineField project={project} path="structure.beam.length" editor={editor} />
      <SectionFields project={project} root="structure.beam" editor={editor} name="Beam" />
      {hollow && (
        <MachineChoice
          label="Filled with"
          value={beam.fill ?? 'none'}
          options={fillOptions as readonly (readonly [MaterialId | 'none', string])[]}
          onPick={(fill) =>
            editor.apply(
              [{ path: 'structure.beam.fill', value: fill === 'none' ? null : fill }],
              'Filling of the beam',
            )
          }
        />
      )}
      <MachineField project={project} path="structure.beam.spacing" editor={editor} />
      {beam.strips.map((strip, i) => (
        <div key={strip.id} className={styles.strip}>
          <b>{strip.name}</b>
          <IconButton
            size="small"
            aria-label={`Remove ${strip.name}`}
            onClick={() =>
              setStrips(
                beam.strips.filter((s) => s.id !== strip.id),
                `Removed ${strip.name}`,
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconButton>
          <div>
            {(['width', 'height', 'up', 'out'] as const).map((key) => (
              <MachineField
                key={key}
                project={project}
                path={`structure.beam.strips.${i}.${key}`}
                editor={editor}
              />
            ))}
            <MachineChoice
              label="Material"
              value={strip.material}
              options={(Object.keys(materials) as MaterialId[]).map(
                (m) => [m, materials[m].name.toLowerCase()] as const,
              )}
              onPick={(material) =>
                editor.apply(
                  [{ path: `structure.beam.strips.${i}.material`, value: material }],
                  `${strip.name}: material`,
                )
              }
            />
          </div>
        </div>
      ))}
      {beam.strips.length < 8 && (
        <button
          type="button"
          className={styles.add}
          onClick={() =>
            setStrips(
              [
                ...beam.strips,
                {
                  id: freshId(),
                  name: `Rail ${beam.strips.length + 1}`,
                  material: 'steel',
                  width: length('15 mm'),
                  height: length('13 mm'),
                  up: length('0 mm'),
                  out: length('40 mm'),
                },
              ],
              'Rail on the beam',
            )
          }
        >
          <AddIcon fontSize="inherit" /> Rail bolted on all along
        </button>
      )}
    </details>
  );
}

/** Beam, columns, bed and tool as they are planned. */
export function StructurePanel({ project, editor }: PartProps) {
  const structure = project.structure!;
  const { arrangement } = project.brief;
  const arm = arrangement === 'cantilever';
  const field = (path: string) => (
    <MachineField key={path} project={project} path={`structure.${path}`} editor={editor} />
  );
  return (
    <section aria-labelledby="structure-title" className={styles.structure}>
      <h2 id="structure-title">Structure</h2>
      <Beam project={project} editor={editor} beam={structure.beam} />
      <details>
        <summary>{arm ? 'Block under the arm' : 'Columns'}</summary>
        {field('column.height')}
        <SectionFields project={project} root="structure.column" editor={editor} name="Columns" />
        {field('corner')}
      </details>
      <details>
        <summary>Bed</summary>
        {field('bed.length')}
        <SectionFields project={project} root="structure.bed" editor={editor} name="Bed" />
        {field('bed.supports')}
        {field('bed.supportStiffness')}
      </details>
      {arm && (
        <details>
          <summary>Prop</summary>
          {structure.prop ? (
            <>
              {field('prop.at')}
              {field('prop.stiffness')}
              <button
                type="button"
                className={styles.add}
                onClick={() => editor.apply([{ path: 'structure.prop', value: null }], 'Prop taken away')}
              >
                Take the prop away
              </button>
            </>
          ) : (
            <button
              type="button"
              className={styles.add}
              onClick={() =>
                editor.apply(
                  [
                    {
                      path: 'structure.prop',
                      value: { at: structure.beam.length, stiffness: guess('stiffness', '20 N/µm') } as never,
                    },
                  ],
                  'Prop under the tip',
                )
              }
            >
              <AddIcon fontSize="inherit" /> A rail under the tip
            </button>
          )}
        </details>
      )}
      <details open>
        <summary>Tool</summary>
        {field('tool.reach')}
        {field('tool.drop')}
        {field('tool.lever')}
        {field('tool.plungeStiffness')}
        {field('tool.mountStiffness')}
      </details>
    </section>
  );
}
