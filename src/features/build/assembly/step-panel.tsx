'use client';

import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import {
  type Joint,
  linesFor,
  type ListLine,
  OWN_STEP,
  type ToolKind,
  toolsFor,
  type WorkContext,
  type WorkStep,
} from '@/core/build';
import { formatNumber, formatQuantity, type UnitSystem } from '@/core/units';
import { machineHref, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { BasisShape } from '@/ui/basis-mark';
import { CardTable } from '@/ui/card-table';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import {
  type AssemblyNames,
  keyText,
  lineName,
  locateTexts,
  screwName,
  stateWords,
  stepCautionTexts,
  stepTexts,
  toolNames,
} from '@/words';
import page from '../build.module.css';
import { Photos } from '../photos';
import styles from './assembly.module.css';
import { Readings } from './readings';
import { StepOrder } from './step-order';
import { useSteps } from './use-steps';

interface PanelProps {
  readonly step: WorkStep;
  readonly work: WorkContext;
  readonly lines: readonly ListLine[];
  readonly names: AssemblyNames;
}

/** Screws of a joint in words: how many, of what, how long. */
function screwsText({ count, thread, length }: Joint): string {
  if (!count) return 'not known to the model';
  return `${count} ${thread ? screwName(thread, length) : 'screws'}`;
}

function torqueText({ torque }: Joint, system: UnitSystem): string {
  if (!torque) return 'not known';
  const say = (v: number) => formatQuantity('torque', v, system, 2).text;
  return `${say(torque.class88)} (8.8), ${say(torque.class129)} (12.9)`;
}

/** Tools that reach the screws of a joint: how long they are, and how far they swing. */
function toolText({ thread, length }: Joint, kinds: readonly ToolKind[], system: UnitSystem): string {
  const say = (m: number) => formatQuantity('length', m, system, 3).text;
  return toolsFor(thread, length)
    .filter((t) => kinds.includes(t.kind))
    .map((t) => {
      const swing = t.arm ? `, arm ${say(t.arm)} by ${formatNumber((t.swing * 180) / Math.PI, 2)}°` : '';
      // So held it gives no more than a part of the torque.
      const weak = t.torque < 1 ? `, ${formatNumber(t.torque * 100, 2)} % of the torque or so` : '';
      return `${toolNames[t.kind]} ${keyText(t.size)}: ${say(t.shaft)} deep${swing}${weak}`;
    })
    .join('; ');
}

/** Joints of a step: screws, tool, torque, and how tight they are left. */
function Joints({ step, work, names }: Omit<PanelProps, 'lines'>) {
  const { system } = useMachine();
  const rows = step.sets.flatMap(({ joint, state }) => {
    const found = work.assembly.joints.find((j) => j.id === joint);
    const access = work.assembly.access.find((a) => a.joint === joint);
    return found ? [{ found, access, state }] : [];
  });
  if (!rows.length) return null;
  const torques = rows.some((r) => r.found.torque);
  return (
    <>
      <CardTable
        titles={['Joint', 'Screws', 'Tool', 'Torque up to', 'Left']}
        label="Joints of this step"
        className={styles.joints}
      >
        {rows.map(({ found, access, state }) => (
          <MuiRow key={found.id}>
            <TableCell component="th" scope="row">
              {names.part(found.id)}
            </TableCell>
            <TableCell data-title="Screws">
              {screwsText(found)}
              {found.usual && (
                <>
                  {' '}
                  <BasisShape basis="ours" /> usual places
                </>
              )}
            </TableCell>
            <TableCell data-title="Tool">{toolText(found, access?.tools ?? [], system) || '–'}</TableCell>
            <TableCell data-title="Torque up to">{torqueText(found, system)}</TableCell>
            <TableCell data-title="Left">{stateWords[state]}</TableCell>
          </MuiRow>
        ))}
      </CardTable>
      {torques && <p>Torques by thread and class (ISO 898-1), friction 0.12 lightly oiled (VDI 2230).</p>}
    </>
  );
}

/** Parts of a step, as the list has them. */
function PartsOf({ step, work, lines }: Omit<PanelProps, 'names'>) {
  const { system } = useMachine();
  const missing = new Map(work.plan.missing.filter((m) => m.step === step.id).map((m) => [m.key, m]));
  const own = linesFor(step, lines);
  if (!own.length) return null;
  return (
    <ul className={styles.parts} aria-label="Parts of this step">
      {own.map((l) => {
        const lacks = missing.get(l.key);
        return (
          <li key={l.key}>
            {lineName(l, system)} <small>{lacks ? lackText(lacks) : 'here'}</small>
          </li>
        );
      })}
    </ul>
  );
}

const lackText = ({ why, due, ordered }: { why: string; due: string | null; ordered: boolean }) => {
  if (why === 'uncut') return 'not cut yet';
  if (ordered) return due ? `comes on ${due}` : 'ordered, no day said';
  const soonest = due ? `, here on ${due} at the earliest` : '';
  return `${why === 'refused' ? 'refused, ' : ''}to be bought${soonest}`;
};

/** How long it takes, by whom; notes. */
function Figures({ step, name }: { readonly step: WorkStep; readonly name: string }) {
  const { say } = useSteps();
  const own = step.id.startsWith(OWN_STEP);
  return (
    <div className={styles.figures}>
      <label>
        <span>Work, min {step.guessed && <BasisShape basis="ours" />}</span>
        <NumberLine
          label={`Work of ${name}, minutes`}
          value={step.said?.minutes ?? null}
          placeholder={String(step.work)}
          most={100000}
          optional
          onNumber={(minutes) => say(step.id, { minutes }, `Work: ${name}`)}
        />
      </label>
      <label>
        <span>Wait after it, h</span>
        <NumberLine
          label={`Wait after ${name}, hours`}
          value={step.said?.wait ?? null}
          placeholder={String(step.wait)}
          most={10000}
          optional
          onNumber={(wait) => say(step.id, { wait }, `Wait: ${name}`)}
        />
      </label>
      <label>
        <span>People</span>
        <NumberLine
          label={`People for ${name}`}
          value={step.said?.people ?? null}
          placeholder={String(step.people)}
          least={1}
          most={10}
          whole
          optional
          onNumber={(people) => say(step.id, { people }, `People: ${name}`)}
        />
      </label>
      <label className={styles.wide}>
        <span>Note</span>
        <TextLine
          label={`Note to ${name}`}
          value={step.said?.note ?? ''}
          maxLength={1000}
          optional
          onText={(note) => say(step.id, { note }, `Note: ${name}`)}
        />
      </label>
      {own && (
        <label className={styles.wide}>
          <span>Name</span>
          <TextLine
            label="Name of the step"
            value={step.name}
            maxLength={120}
            onText={(text) => say(step.id, { name: text }, `Name: ${text}`)}
          />
        </label>
      )}
    </div>
  );
}

/** A step: what is done, with what, what to look out for, what is read. */
export function StepPanel({ step, work, lines, names }: PanelProps) {
  const { project } = useMachine();
  const { say, drop, done } = useSteps();
  const name = names.step(step.id);
  const own = step.id.startsWith(OWN_STEP);
  return (
    <section aria-labelledby="build-step" className={styles.panel}>
      <h2 className={page.heading} id="build-step">
        {name} <small>{step.place === 'bench' ? 'on the bench' : ''}</small>
      </h2>
      {stepTexts[step.kind].how && <p>{stepTexts[step.kind].how}</p>}
      {step.people > 1 && <p>It takes {step.people} people.</p>}
      {step.cautions.map((c) => (
        <p key={c} className={styles.caution}>
          <b>Caution.</b> {stepCautionTexts[c]}
        </p>
      ))}
      <Joints {...{ step, work, names }} />
      <PartsOf {...{ step, work, lines }} />
      {step.readings.length > 0 && <Readings {...{ step, name }} />}
      <Photos step={step.id} name={name} />
      <Figures {...{ step, name }} />
      {step.locate.length > 0 && (
        <Fold summary="Ways to find the place">
          <ul>
            {step.locate.map((l) => (
              <li key={l}>{locateTexts[l]}</li>
            ))}
          </ul>
        </Fold>
      )}
      <StepOrder {...{ step, work, names }} />
      <div className={styles.acts}>
        <a href={`${machineHref('build', project.id)}&v=shop&step=${encodeURIComponent(step.id)}`}>
          In the shop
        </a>
        <Action variant="outlined" onAct={() => done(step.id, step.state !== 'done', name)}>
          {step.state === 'done' ? 'Not done after all' : 'Done'}
        </Action>
        {own ? (
          <Action onAct={() => drop(step.id, name)}>Delete step</Action>
        ) : (
          <Action onAct={() => say(step.id, { left: true }, `Left out: ${name}`)}>Leave out</Action>
        )}
      </div>
    </section>
  );
}
