'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import IconButton from '@mui/material/IconButton';
import type { MassReport, WeighedBody } from '@/core/machine';
import { materials } from '@/core/catalogue';
import {
  type Body,
  type MaterialId,
  type Project,
  type Shape,
  startingBody,
  startingShape,
} from '@/core/model';
import { formatQuantity } from '@/core/units';
import { MachineChoice, type MachineEditor, MachineField, SectionFields } from '@/features/frame';
import { freshId } from '@/session';
import styles from './brief.module.css';

type Kind = Shape['kind'] | 'weighed';
const kindNames: Record<Kind, string> = {
  weighed: 'weighed or guessed',
  member: 'tube, bar, extrusion',
  plate: 'plate',
  motor: 'motor by size',
  spindle: 'spindle by size',
  'cable-chain': 'cable chain',
};
const sizes: Record<Shape['kind'], readonly string[]> = {
  member: ['length', 'count'],
  plate: ['length', 'width', 'thickness', 'count'],
  motor: ['flange', 'length', 'count'],
  spindle: ['diameter', 'length'],
  'cable-chain': ['lineMass', 'length'],
};

interface ListProps {
  readonly project: Project;
  readonly editor: MachineEditor;
  readonly path: string;
  readonly bodies: readonly Body[];
  readonly weighed: readonly WeighedBody[];
  readonly least: number;
}

/** One list of bodies, each weighed or out of its shape. */
function Bodies({ project, editor, path, bodies, weighed, least }: ListProps) {
  const setAll = (next: readonly Body[], label: string) =>
    editor.apply([{ path, value: next as never }], label);
  const say = (kg: number) => formatQuantity('mass', kg, project.units, 4).text;
  return (
    <>
      {bodies.map((body, i) => {
        const at = `${path}.${i}`;
        const mine = weighed.find((w) => w.id === body.id && w.from === 'own');
        return (
          <details key={body.id} className={styles.body}>
            <summary>
              <span>{body.name}</span>
              <b>{say(mine?.mass ?? body.mass.si)}</b>
            </summary>
            <div>
              <label className={styles.money}>
                <span>Name</span>
                <input
                  key={body.name}
                  defaultValue={body.name}
                  maxLength={120}
                  onBlur={(e) => {
                    const name = e.target.value.trim();
                    if (name && name !== body.name)
                      editor.apply([{ path: `${at}.name`, value: name }], 'Name of a body');
                    else e.target.value = body.name;
                  }}
                />
              </label>
              <MachineChoice
                label="Mass by"
                value={(body.shape?.kind ?? 'weighed') as Kind}
                options={(Object.keys(kindNames) as Kind[]).map((k) => [k, kindNames[k]] as const)}
                onPick={(kind) =>
                  editor.apply(
                    [
                      {
                        path: `${at}.shape`,
                        value: kind === 'weighed' ? null : (startingShape(kind) as never),
                      },
                    ],
                    `${body.name}: ${kindNames[kind]}`,
                  )
                }
              />
              {!body.shape && <MachineField project={project} path={`${at}.mass`} editor={editor} />}
              {body.shape?.kind === 'member' && (
                <SectionFields project={project} root={`${at}.shape`} editor={editor} name={body.name} />
              )}
              {body.shape?.kind === 'plate' && (
                <MachineChoice
                  label="Material"
                  value={body.shape.material}
                  options={(Object.keys(materials) as MaterialId[]).map(
                    (m) => [m, materials[m].name.toLowerCase()] as const,
                  )}
                  onPick={(m) =>
                    editor.apply([{ path: `${at}.shape.material`, value: m }], `${body.name}: material`)
                  }
                />
              )}
              {body.shape &&
                sizes[body.shape.kind].map((key) => (
                  <MachineField key={key} project={project} path={`${at}.shape.${key}`} editor={editor} />
                ))}
              <IconButton
                size="small"
                aria-label={`Remove ${body.name}`}
                disabled={bodies.length <= least}
                onClick={() =>
                  setAll(
                    bodies.filter((b) => b.id !== body.id),
                    `Removed ${body.name}`,
                  )
                }
              >
                <DeleteIcon fontSize="inherit" />
              </IconButton>
            </div>
          </details>
        );
      })}
      {weighed
        .filter((w) => w.from === 'structure')
        .map((w) => (
          <p key={w.id} className={styles.derived}>
            <span>{w.name}, of the structure</span>
            <b>{say(w.mass)}</b>
          </p>
        ))}
      {bodies.length < 200 && (
        <button
          type="button"
          className={styles.word}
          onClick={() => setAll([...bodies, startingBody(freshId())], 'Added a body')}
        >
          <AddIcon fontSize="inherit" /> Add a body
        </button>
      )}
    </>
  );
}

/** Who carries whom, and what everything weighs. */
export function MassesView({
  project,
  editor,
  masses,
}: {
  project: Project;
  editor: MachineEditor;
  masses: MassReport;
}) {
  const say = (kg: number) => formatQuantity('mass', kg, project.units, 4).text;
  return (
    <div className={styles.columns}>
      {project.axes.map((axis, i) => {
        const mine = masses.axes.find((a) => a.axisId === axis.id)!;
        const riders = mine.bodies.filter((b) => b.from === 'carried');
        return (
          <section key={axis.id} aria-label={axis.name} className={styles.axisMass}>
            <h2>
              {axis.letter} {axis.name}
            </h2>
            <p className={styles.sum}>
              <b>{say(mine.total)}</b> move
              {riders.length ? `, ${say(mine.total - mine.own)} of it for others` : ''}
            </p>
            <MachineChoice
              label="Rides on"
              value={axis.carriedBy ?? ''}
              options={[
                ['', 'the stand'] as const,
                ...project.axes
                  .filter((a) => a.id !== axis.id)
                  .map((a) => [a.id, a.name.toLowerCase()] as const),
              ]}
              onPick={(id) =>
                editor.apply(
                  [{ path: `axes.${i}.carriedBy`, value: id === '' ? null : id }],
                  `${axis.name} rides`,
                )
              }
            />
            <Bodies
              project={project}
              editor={editor}
              path={`axes.${i}.loads.masses`}
              bodies={axis.loads.masses}
              weighed={mine.bodies}
              least={riders.length ? 0 : 1}
            />
            {riders.length > 0 && (
              <details className={styles.body}>
                <summary>
                  <span>Rides along</span>
                  <b>{say(riders.reduce((s, b) => s + b.mass, 0))}</b>
                </summary>
                <div>
                  {riders.map((b) => (
                    <p key={`${b.axisId}-${b.id}`} className={styles.derived}>
                      <span>{b.name}</span>
                      <b>{say(b.mass)}</b>
                    </p>
                  ))}
                </div>
              </details>
            )}
          </section>
        );
      })}
      <section aria-label="The stand" className={styles.axisMass}>
        <h2>The stand</h2>
        <p className={styles.sum}>
          <b>{say(masses.standing)}</b> stand
        </p>
        <Bodies
          project={project}
          editor={editor}
          path="stand"
          bodies={project.stand}
          weighed={masses.standBodies}
          least={0}
        />
      </section>
    </div>
  );
}
