'use client';

import { useMemo } from 'react';
import { proposedTargets, outlooks, sceneOf } from '@/core/machine';
import {
  arrangements,
  type Arrangement,
  getAt,
  guess,
  type Measure,
  type Project,
  works,
} from '@/core/model';
import { formatQuantity } from '@/core/units';
import { MachineChoice, type MachineEditor, MachineField } from '@/features/frame';
import { PlainDrawing, restingPositions } from '@/features/picture';
import { arrangementText, inputLabel, workNames } from '@/features/words';
import styles from './brief.module.css';

interface Props {
  readonly project: Project;
  readonly editor: MachineEditor;
}

/** What is asked of the machine, where it stands, what there is. */
export function JobFields({ project, editor }: Props) {
  const { brief } = project;
  const field = (path: string) => (
    <MachineField key={path} project={project} path={`brief.${path}`} editor={editor} />
  );
  const shelf = project.ownParts.filter((p) => p.onHand > 0);
  return (
    <>
      <section aria-labelledby="must-title">
        <h2 id="must-title">What it must do</h2>
        <MachineChoice
          label="Work"
          value={brief.work}
          options={works.map((w) => [w, workNames[w].toLowerCase()] as const)}
          onPick={(work) => editor.apply([{ path: 'brief.work', value: work }], 'Kind of work')}
        />
        {[
          'area.length',
          'area.width',
          'area.height',
          'accuracy',
          'stock.length',
          'stock.width',
          'stock.thickness',
        ].map(field)}
      </section>
      <section aria-labelledby="place-title">
        <h2 id="place-title">Where it stands</h2>
        {[
          'place.length',
          'place.width',
          'place.bench',
          'place.door',
          'place.floorLoad',
          'power',
          'squareness',
        ].map(field)}
      </section>
      <section aria-labelledby="means-title">
        <h2 id="means-title">What there is</h2>
        <label className={styles.money}>
          <span>Budget</span>
          <input
            inputMode="decimal"
            defaultValue={brief.budget ?? ''}
            key={brief.budget ?? 'none'}
            placeholder="not given"
            aria-describedby="money-note"
            onBlur={(e) => setBudget(e.currentTarget, brief.budget, editor)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') e.currentTarget.blur();
            }}
          />
        </label>
        <p className={styles.hint} id="money-note">
          In the money of the parts’ example prices.
        </p>
        {brief.spindle ? (
          <>
            {['spindle.power', 'spindle.efficiency', 'spindle.ratedSpeed'].map(field)}
            <button
              type="button"
              className={styles.word}
              onClick={() => editor.apply([{ path: 'brief.spindle', value: null }], 'No spindle')}
            >
              No spindle
            </button>
          </>
        ) : (
          <button
            type="button"
            className={styles.word}
            onClick={() =>
              editor.apply(
                [
                  {
                    path: 'brief.spindle',
                    value: {
                      power: guess('power', '1.5 kW'),
                      efficiency: guess('ratio', '0.8'),
                      ratedSpeed: guess('angularSpeed', '24000 rpm'),
                    } as never,
                  },
                ],
                'Spindle',
              )
            }
          >
            Give it a spindle
          </button>
        )}
        <p className={styles.hint}>
          {shelf.length
            ? `On the shelf: ${shelf.map((p) => `${p.onHand} × ${p.name}`).join(', ')}.`
            : 'Nothing is on the shelf yet. Parts on hand are added where a link is exchanged, on the ' +
              'Size station.'}
        </p>
      </section>
    </>
  );
}

function setBudget(input: HTMLInputElement, now: number | null, editor: MachineEditor) {
  const typed = input.value.trim().replace(',', '.');
  const value = typed === '' ? null : Number(typed);
  if (value !== null && !(value >= 0 && value <= 1e7)) {
    input.setCustomValidity(
      `Budget: read “${typed.slice(0, 20)}”; wanted a number from 0 to 10000000, or nothing.`,
    );
    input.reportValidity();
    input.value = now === null ? '' : String(now);
    input.setCustomValidity('');
    return;
  }
  if (value !== now) editor.apply([{ path: 'brief.budget', value }], 'Budget');
}

/** The six arrangements, each drawn from this machine's own sizes, with what it would mean for this brief. */
export function ArrangementChoice({ project, editor }: Props) {
  const system = project.units;
  const all = useMemo(() => outlooks(project), [project]);
  const scenes = useMemo(
    () =>
      Object.fromEntries(
        arrangements.map((id) => [id, sceneOf({ ...project, brief: { ...project.brief, arrangement: id } })]),
      ) as Record<Arrangement, ReturnType<typeof sceneOf>>,
    [project],
  );
  const say = (m: number) => formatQuantity('length', m, system, 3).text;
  return (
    <section aria-labelledby="arrange-title">
      <h2 id="arrange-title">Arrangement</h2>
      <div className={styles.cards} role="radiogroup" aria-labelledby="arrange-title">
        {all.map((o) => {
          const text = arrangementText[o.id];
          const here = o.id === project.brief.arrangement;
          return (
            <button
              key={o.id}
              type="button"
              role="radio"
              aria-checked={here}
              className={styles.card}
              onClick={() => {
                if (!here) editor.apply([{ path: 'brief.arrangement', value: o.id }], text.name);
              }}
            >
              <PlainDrawing
                scene={scenes[o.id]}
                positions={restingPositions(scenes[o.id])}
                view="orbit"
                system={system}
                label=""
                height={92}
                bare
              />
              <b>{text.name}</b>
              <span>
                {text.good} <em>{text.bad}</em>
              </span>
              <small>
                {o.length !== null && o.width !== null ? (
                  <>
                    About {say(o.length)} x {say(o.width)}
                    {o.fits === false ? ', not in this room' : ''}.{' '}
                  </>
                ) : (
                  'Room it takes: say the work area. '
                )}
                {o.moving !== null && (
                  <>
                    Moves about {formatQuantity('mass', o.moving, system, 2).text}
                    {o.guessed ? ' (table by its area, from memory)' : ''}.{' '}
                  </>
                )}
                Limit: {text.limit}.
              </small>
            </button>
          );
        })}
      </div>
    </section>
  );
}

/** Targets of every axis beside what the work proposes. */
export function Targets({ project, editor }: Props) {
  return (
    <section aria-labelledby="targets-title">
      <h2 id="targets-title">Targets by axis</h2>
      <table className={styles.targets}>
        <thead>
          <tr>
            <th scope="col">Axis</th>
            <th scope="col">Cutting feed</th>
            <th scope="col">Rapid</th>
            <th scope="col">Acceleration</th>
            <th scope="col">Lost motion</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {project.axes.map((axis, i) => {
            const list = proposedTargets(project, axis);
            const other = list.filter((t) => {
              const now = getAt(axis, t.path) as Measure | null;
              return !now || Math.abs(now.si - t.value.si) > 1e-9;
            });
            return (
              <tr key={axis.id}>
                <th scope="row">
                  {axis.letter} {axis.name}
                </th>
                {list.map((t) => {
                  const now = getAt(axis, t.path) as Measure | null;
                  return (
                    <td key={t.path}>
                      <b>{now?.typed ?? 'not given'}</b>
                      <small title={t.reason}>proposed {t.value.typed}</small>
                    </td>
                  );
                })}
                <td>
                  {other.length > 0 && (
                    <button
                      type="button"
                      className={styles.word}
                      aria-label={`Take the proposal for the ${axis.name}`}
                      title={list[0]!.reason}
                      onClick={() =>
                        editor.apply(
                          other.map((t) => ({ path: `axes.${i}.${t.path}`, value: t.value as never })),
                          `Targets of the ${axis.name.toLowerCase()}`,
                        )
                      }
                    >
                      take
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className={styles.hint}>
        Proposed from the kind of work ({inputLabel('brief.accuracy').toLowerCase()} counts too):{' '}
        {project.axes[0] ? proposedTargets(project, project.axes[0])[0]!.reason : ''}. Common practice; your
        own figures stand until you take them.
      </p>
    </section>
  );
}
