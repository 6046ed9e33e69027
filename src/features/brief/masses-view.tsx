'use client';

import type { AxisMasses } from '@/core/machine';
import type { Axis } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { useKnown, useMachine } from '@/features/frame';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { bodyName } from '@/words';
import { Bodies } from './bodies';
import styles from './brief.module.css';

function useMass() {
  const { system } = useMachine();
  return (kg: number) => formatQuantity('mass', kg, system, 3).text;
}

/** Who carries whom, and what everything weighs. */
export function MassesView() {
  const { project } = useMachine();
  const { masses } = useKnown();
  const say = useMass();
  return (
    <div className={styles.columns}>
      {project.axes.map((axis, i) => {
        const mine = masses.axes.find((a) => a.axisId === axis.id);
        return mine && <AxisMass key={axis.id} index={i} axis={axis} mine={mine} />;
      })}
      <section aria-label="The stand" className={styles.axisMass}>
        <h2>The stand</h2>
        <p className={styles.sum}>
          <b>{say(masses.standing)}</b> stand
        </p>
        <Bodies path="stand" bodies={project.stand} weighed={masses.standBodies} least={0} />
      </section>
    </div>
  );
}

interface AxisMassProps {
  readonly index: number;
  readonly axis: Axis;
  readonly mine: AxisMasses;
}

function AxisMass({ index, axis, mine }: AxisMassProps) {
  const { project, editor } = useMachine();
  const say = useMass();
  const riders = mine.bodies.filter((b) => b.from === 'carried');
  const others = project.axes.filter((a) => a.id !== axis.id);
  const path = `axes.${index}.loads.masses`;
  const ride = (id: string) =>
    editor.apply(
      [{ path: `axes.${index}.carriedBy`, value: id === '' ? null : id }],
      `${axis.name} rides`,
      `axes.${index}.carriedBy`,
    );
  return (
    <section aria-label={axis.name} className={styles.axisMass}>
      <h2>
        {axis.letter} {axis.name}
      </h2>
      <p className={styles.sum}>
        <b>{say(mine.total)}</b> move
        {riders.length ? `, ${say(mine.total - mine.own)} of it for others` : ''}
      </p>
      <Choice
        label="Rides on"
        value={axis.carriedBy ?? ''}
        options={[['', 'the stand'] as const, ...others.map((a) => [a.id, a.name.toLowerCase()] as const)]}
        onPick={ride}
      />
      <Bodies path={path} bodies={axis.loads.masses} weighed={mine.bodies} least={riders.length ? 0 : 1} />
      {riders.length > 0 && (
        <Fold
          sign={false}
          level="div"
          className={styles.body}
          summary={
            <span className={styles.line}>
              <span>Rides along</span>
              <b>{say(riders.reduce((s, b) => s + b.mass, 0))}</b>
            </span>
          }
        >
          {riders.map((b) => (
            <p key={`${b.axisId}-${b.id}`} className={styles.derived}>
              <span>{bodyName(b, project.brief.arrangement)}</span>
              <b>{say(b.mass)}</b>
            </p>
          ))}
        </Fold>
      )}
    </section>
  );
}
