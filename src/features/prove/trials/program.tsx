'use client';

import { useMemo, useState } from 'react';
import { controllerClasses, put } from '@/core/model';
import { dialectOf, type ProgramFault, programFaults, writeProgram } from '@/core/program';
import { trialProgram, type Trials, type TrialState, type Waits } from '@/core/prove';
import { downloadText, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { controllerNames, trialTitle } from '@/words';
import { RunProgram } from '../line/run-program';
import styles from './trials.module.css';

interface ProgramProps {
  readonly trials: Trials;
  readonly state: TrialState;
}

/** So much of a program is shown; the file holds all. */
const SHOWN = 40;

const fileOf = (name: string) => `${name.replace(/[^\w.-]+/g, '-').toLowerCase()}.nc`;

interface ChoicesProps {
  readonly waits: Waits;
  readonly onWaits: (waits: Waits) => void;
}

/** The controller, and what it takes differently from its class. */
function Choices({ waits, onWaits }: ChoicesProps) {
  const { project, editor } = useMachine();
  const { wiring, posting } = project;
  return (
    <div className={styles.choices}>
      <Choice
        label="Controller"
        value={wiring.controller}
        options={(['', ...controllerClasses] as const).map((c) => [c, controllerNames[c]] as const)}
        onPick={(controller) => editor.apply([put('wiring', { ...wiring, controller })], 'Controller')}
      />
      <Choice
        label="Waits for readings"
        value={waits}
        options={[
          ['press', 'until start is pressed'],
          ['dwell', 'three seconds'],
        ]}
        onPick={onWaits}
      />
      <Choice
        label="Pause counted in"
        value={posting.dwell}
        options={[
          ['', 'as usual for its class'],
          ['seconds', 'seconds'],
          ['milliseconds', 'milliseconds'],
        ]}
        onPick={(dwell) => editor.apply([put('posting', { ...posting, dwell })], 'Pause')}
      />
      <Choice
        label="Remarks"
        value={posting.remarks}
        options={[
          ['', 'as usual for its class'],
          ['brackets', 'in brackets'],
          ['semicolon', 'behind a semicolon'],
        ]}
        onPick={(remarks) => editor.apply([put('posting', { ...posting, remarks })], 'Remarks')}
      />
    </div>
  );
}

/** Why there is none: what would go beyond a limit is not written. */
function NoProgram({ fault }: { readonly fault: ProgramFault | undefined }) {
  const why = fault ? `axis ${fault.letter} would have to go where it cannot, or faster than it may` : '';
  return (
    <p className={styles.caution}>
      <b>No program.</b> This trial does not fit between the soft limits of this machine{why && `: ${why}`}.
      Move by hand instead, and write down what you read.
    </p>
  );
}

/** The program of a trial in the language of the builder’s controller, and how it waits for readings. */
export function ProgramPart({ trials, state }: ProgramProps) {
  const { project, system } = useMachine();
  const { plan, waits: before, axisName } = state;
  const [waits, setWaits] = useState<Waits>('press');
  const { wiring, posting } = project;
  const program = useMemo(
    () => trialProgram(plan, project, trials.grounds, waits),
    [plan, project, trials.grounds, waits],
  );
  const fault = useMemo(() => (program ? programFaults(program)[0] : undefined), [program]);
  const text = useMemo(() => {
    if (!program || fault) return '';
    const { dwell, remarks } = posting;
    const said = { ...(dwell && { dwell }), ...(remarks && { remarks }) };
    return writeProgram(
      program,
      dialectOf(wiring.controller, { ...said, units: system === 'metric' ? 'mm' : 'inch' }),
    );
  }, [program, fault, posting, wiring.controller, system]);
  if (fault || !program) return <NoProgram fault={fault} />;
  const lines = text.split('\n');
  const held = before.length > 0;
  const name = fileOf(`${project.name} ${trialTitle(plan.key, axisName)}`);
  return (
    <section aria-label="Program" className={styles.program}>
      <h3>Program</h3>
      <Choices waits={waits} onWaits={setWaits} />
      {held ? (
        <p className={styles.caution}>
          <b>Held back.</b> {before.length} {before.length === 1 ? 'step' : 'steps'} of first motion must pass
          before this axis runs a program.
        </p>
      ) : (
        <div className={styles.acts}>
          <Action variant="outlined" onAct={() => downloadText(name, text, 'text/plain')}>
            Write the program
          </Action>
          <span>
            {lines.length - 1} lines; it never goes beyond the soft limits that it names. Run it in air first.
          </span>
        </div>
      )}
      <Fold summary="How it reads">
        <pre className={styles.code} tabIndex={0} aria-label="Program text">
          {lines.slice(0, SHOWN).join('\n')}
          {lines.length > SHOWN ? `\n… ${lines.length - SHOWN} more lines` : ''}
        </pre>
      </Fold>
      {!held && <RunProgram program={program} text={text} />}
    </section>
  );
}
