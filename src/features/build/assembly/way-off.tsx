'use client';

import { useMemo, useState } from 'react';
import type { FreeWay, Geometry, Service, WorkContext } from '@/core/build';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { wayOffDrawing } from '@/drawings';
import { Action } from '@/ui/action';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { type AssemblyNames, freeNames, workTime } from '@/words';
import { useJob } from '@/workers';
import page from '../build.module.css';
import styles from './assembly.module.css';
import { Covers } from './covers';
import { useSteps } from './use-steps';

interface WayProps {
  readonly service: Service;
  readonly work: WorkContext;
  readonly geometry: Geometry;
  readonly names: AssemblyNames;
}

const partCount = (n: number) => (n === 1 ? '1 part' : `${n} parts`);

/** What a change that frees the screws does, in words. */
function effectText({ reach, holes, diameter }: FreeWay, say: (m: number) => string): string {
  const drilled = holes ? `${holes} × ${say(diameter)}; ` : '';
  if (!reach) return `${drilled}not reached all the same`;
  return `${drilled}${reach.off.length ? `${partCount(reach.off.length)} off` : 'nothing off'}`;
}

/** Changes that free hidden screws, each tried in the model. */
function Ways({ service, geometry, names }: Omit<WayProps, 'work'>) {
  const { project, system, editor } = useMachine();
  const { free } = useSteps();
  const [asked, setAsked] = useState(0);
  const input = useMemo(
    () => (asked ? { project, geometry, joint: service.part, name: 'Access holes' } : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- tried for the geometry that is shown
    [asked, geometry, service.part],
  );
  const key = `${asked} ${service.part}`;
  const { output, busy, failed } = useJob('free', { input, key, pause: 0, lane: 'free' });
  const say = (m: number) => formatQuantity('length', m, system, 3).text;
  if (!asked) return <Action onAct={() => setAsked(asked + 1)}>What would free them?</Action>;
  if (busy || (!output && !failed)) return <p role="status">Trying holes and the other side …</p>;
  if (failed) return <p>It could not be tried: {failed}</p>;
  if (!output?.length)
    return (
      <p>
        No change of a planned plate frees them. Plates that Fit does not know yet cannot be changed: plan the
        plate there.
      </p>
    );
  const take = (way: FreeWay) => {
    if (way.edits.length) return editor.apply(way.edits, freeNames[way.kind]);
    // What Fit cannot say is said by hand: what is in the way now and would not be then.
    const still = new Set(way.reach?.off);
    const freed = (service.reach?.off ?? []).filter((p) => !still.has(p));
    return free(way.joint, freed, `${freeNames[way.kind]}: ${names.part(way.joint)}`);
  };
  return (
    <ul className={styles.ways}>
      {output.map((way) => (
        <li key={way.kind}>
          <b>{freeNames[way.kind]}</b>
          <span>{effectText(way, say)}</span>
          <Action label={`Take: ${freeNames[way.kind]}`} onAct={() => take(way)}>
            take
          </Action>
        </li>
      ))}
    </ul>
  );
}

interface ApartProps extends WayProps {
  /** What comes off, the part itself included. */
  readonly all: readonly string[];
}

/** The part with what comes off, spread along the way that it comes off; taken off one by one. */
function Apart({ service, work, geometry, names, all }: ApartProps) {
  const { assembly } = work;
  const joint = assembly.joints.find((j) => j.id === service.part);
  const [taken, setTaken] = useState(0);
  const apart = all.filter((p) => p !== service.part);
  const drawing = useMemo(
    () =>
      wayOffDrawing({
        scene: geometry.scene,
        axes: work.project.axes,
        parts: assembly.parts,
        target: service.part,
        off: apart.slice(taken),
        joint,
        nameOf: names.part,
      }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it is drawn of
    [geometry, assembly, service, taken],
  );
  const name = names.part(service.part);
  return (
    <>
      {drawing && (
        <div className={page.paper}>
          <DrawingView
            drawing={drawing}
            label={`${name} with what comes off: ${all.map(names.part).join(', ') || 'nothing'}`}
            className={styles.way}
          />
        </div>
      )}
      {drawing && apart.length > 0 && (
        <div className={page.files}>
          <Action disabled={taken >= apart.length} onAct={() => setTaken(taken + 1)}>
            {taken < apart.length ? `Take off: ${names.part(apart[taken]!)}` : 'All off'}
          </Action>
          <Action disabled={taken === 0} onAct={() => setTaken(taken - 1)}>
            Put on again
          </Action>
        </div>
      )}
    </>
  );
}

/** What must come off to reach a part, drawn apart, in a table, with what would free it. */
export function WayOff({ service, work, geometry, names }: WayProps) {
  const { assembly } = work;
  const off = service.reach?.off ?? [];
  const all = [...new Set([...off, ...(service.off?.off ?? [])])];
  const joint = assembly.joints.find((j) => j.id === service.part);
  const name = names.part(service.part);
  return (
    <section aria-labelledby="build-way" className={styles.panel}>
      <h2 className={page.heading} id="build-way">
        To reach: {name}{' '}
        <small>
          {service.what === 'set' ? 'is set anew' : service.what === 'wears' ? 'wears' : 'wears, and is set'}
        </small>
      </h2>
      <Apart {...{ service, work, geometry, names, all }} />
      <ol className={styles.off}>
        {all.map((p) => (
          <li key={p}>
            {names.part(p)}
            {assembly.joints.find((j) => j.id === p)?.count
              ? `, ${assembly.joints.find((j) => j.id === p)!.count} screws`
              : ''}
          </li>
        ))}
      </ol>
      <p>
        {service.reach
          ? off.length
            ? `${partCount(off.length)} off before its screws can be turned. `
            : 'Its screws can be turned with everything on. '
          : 'Nothing reaches its screws, whatever comes off. '}
        {service.off && `To take it out, ${partCount(service.off.off.length)} with itself. `}
        {workTime(service.minutes)} each time, on again and set anew.
      </p>
      {service.again.length > 0 && <p>True again: {service.again.map(names.step).join(', ')}.</p>}
      {service.usual && (
        <p className={styles.caution}>
          It rests on sizes or places that such parts usually have. Look at your parts and say what is so.
        </p>
      )}
      {off.length > 0 && <Ways key={service.part} {...{ service, geometry, names }} />}
      {joint && <Covers joint={joint.id} work={work} names={names} />}
      {service.unknown.length > 0 && (
        <p>
          Of {[...new Set(service.unknown)].map(names.part).join(', ')} the model knows no screws: what hides
          them is for you to say.
        </p>
      )}
    </section>
  );
}
