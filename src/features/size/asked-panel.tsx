'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import EditIcon from '@mui/icons-material/EditOutlined';
import Link from 'next/link';
import type { ReactNode } from 'react';
import { worstCut } from '@/core/machine';
import {
  type Axis,
  type AxisFieldPath,
  type Body,
  capsAt,
  isCranked,
  MOST_NAME,
  putInAxis,
  startingBody,
} from '@/core/model';
import { formatQuantity } from '@/core/units';
import { machineHref, useKnown, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { Fold } from '@/ui/fold';
import { QuantityField } from '@/ui/quantity-field';
import { TextLine } from '@/ui/text-line';
import { newNames } from '@/words';
import { useAxis } from './axis-context';
import { AxisField } from './axis-field';
import { Balance, balanceText, isBalanced } from './balance';
import styles from './panels.module.css';

const first = [
  'demands.travel',
  'demands.rapid',
  'demands.feed',
  'demands.acceleration',
] as const satisfies readonly AxisFieldPath[];
const further = [
  'demands.inclination',
  'demands.jerk',
  'demands.lostMotion',
  'loads.otherDrag',
] as const satisfies readonly AxisFieldPath[];

/** What a crank makes of its speed is not asked for; a hand takes its time. */
const follows = (axis: Axis, path: AxisFieldPath): boolean =>
  (axis.drive.kind === 'crank' || isCranked(axis)) &&
  (path === 'demands.acceleration' || path === 'demands.jerk');

const Line = ({ name, value, other }: { name: string; value: string; other: string }) => (
  <span className={styles.foldLine}>
    <span>{name}</span>
    <b>{value}</b>
    <small>{other}</small>
  </span>
);

const LineFold = ({ line, children }: { line: ReactNode; children: ReactNode }) => (
  <Fold lazy level="div" className={styles.fold} summary={line}>
    {children}
  </Fold>
);

/** What is asked of the axis, and what it moves. */
export function AskedPanel() {
  const { system, project } = useMachine();
  const { stored, report } = useAxis();
  const say = (units: typeof system, digits: number) =>
    formatQuantity('mass', report.mass, units, digits).text;
  const other = say(system === 'metric' ? 'imperial' : 'metric', 3);
  return (
    <section aria-labelledby="asked-title">
      <h2 className={styles.heading} id="asked-title">
        Asked of this axis
      </h2>
      {first
        .filter((path) => !follows(stored, path))
        .map((path) => (
          <AxisField key={path} path={path} />
        ))}
      {stored.demands.cuttingFrom === 'cuts' && project.brief.cuts.length ? (
        <FromCuts />
      ) : (
        <AxisField path="demands.cuttingForce" />
      )}
      <AxisField path="loads.guideDrag" />
      <LineFold line={<Line name="Moving mass" value={say(system, 3)} other={other} />}>
        <Masses />
      </LineFold>
      {isBalanced(stored) && (
        <LineFold line={<Line name="Balanced by" value={balanceText(stored)} other="" />}>
          <Balance />
        </LineFold>
      )}
      <LineFold line={<Line name="Further" value={stored.demands.inclination.typed} other="" />}>
        {further
          .filter((path) => !follows(stored, path))
          .map((path) => (
            <AxisField key={path} path={path} />
          ))}
      </LineFold>
    </section>
  );
}

/** The cutting force that the brief's cuts give, and a way to type it instead. */
function FromCuts() {
  const { project, system } = useMachine();
  const { axis, editor } = useAxis();
  const { cuts: loads } = useKnown();
  const { cuts } = project.brief;
  const worst = cuts.find((c) => c.id === worstCut(axis, loads).cutId);
  return (
    <div className={styles.given}>
      <span>Cutting force</span>
      <b>{formatQuantity('force', axis.demands.cuttingForce.si, system, 3).text}</b>
      <small>
        <Link href={machineHref('brief', project.id)} title={worst ? `Worst: ${worst.name}` : undefined}>
          {cuts.length === 1 ? 'one cut' : `of ${cuts.length} cuts`}
        </Link>
      </small>
      <IconAction
        label="Type the cutting force instead"
        title="Type the force instead"
        onAct={() => editor.apply([putInAxis('demands.cuttingFrom', 'typed')], 'Cutting force typed')}
      >
        <EditIcon fontSize="inherit" />
      </IconAction>
    </div>
  );
}

/** Bodies of other axes and of the structure that ride along. */
function RidingAlong({ bodies }: { bodies: readonly Body[] }) {
  const { system } = useMachine();
  if (!bodies.length) return null;
  const mass = bodies.reduce((sum, b) => sum + b.mass.si, 0);
  return (
    <p className={styles.hint}>
      {bodies.length} more ride along ({formatQuantity('mass', mass, system, 3).text}):{' '}
      {bodies.map((b) => b.name.toLowerCase()).join(', ')}.
    </p>
  );
}

function Masses() {
  const { project, system } = useMachine();
  const { index, stored, axis, editor } = useAxis();
  const { masses } = stored.loads;
  const riding = axis.loads.masses;
  const only = masses.length === 1 && riding.length === 1;
  const setAll = (next: typeof masses, label: string) =>
    editor.apply([putInAxis('loads.masses', next)], label);
  const most = capsAt(`axes.${index}.loads.masses`)!.max;
  return (
    <div className={styles.inset}>
      {masses.map((body, i) => (
        <div key={body.id} className={styles.body}>
          <TextLine
            label="Name of the body"
            value={body.name}
            maxLength={MOST_NAME}
            onText={(name) => editor.apply([putInAxis(`loads.masses.${i}.name`, name)], 'Name of a body')}
          />
          <IconAction
            label={`Remove ${body.name}`}
            disabled={only}
            title={only ? 'Something must move' : 'Remove'}
            onAct={() =>
              setAll(
                masses.filter((b) => b.id !== body.id),
                `Removed ${body.name}`,
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconAction>
          {body.shape ? (
            <p className={styles.hint}>
              {formatQuantity('mass', riding.find((b) => b.id === body.id)!.mass.si, system, 4).text} out of
              its shape, see <Link href={machineHref('brief', project.id)}>Brief</Link>.
            </p>
          ) : (
            <QuantityField
              label="Mass"
              kind="mass"
              value={body.mass}
              system={system}
              onText={(text, visit) => editor.type(`loads.masses.${i}.mass`, text, visit)}
              onBasis={(basis) => editor.setBasis(`loads.masses.${i}.mass`, basis)}
            />
          )}
        </div>
      ))}
      <RidingAlong bodies={riding.slice(masses.length)} />
      <Action
        disabled={masses.length >= most}
        icon={<AddIcon fontSize="inherit" />}
        onAct={() => setAll([...masses, startingBody(freshId(), newNames.body)], 'Added a body')}
      >
        Add a body
      </Action>
    </div>
  );
}
