'use client';

import { useMemo } from 'react';
import type { Plan } from '@/core/changes';
import {
  contextOf,
  cutLoads,
  driveStiffnessOf,
  frameInputs,
  frameKey,
  loadedReports,
  type MachineContext,
  massReport,
  summaryOf,
} from '@/core/machine';
import type { Project } from '@/core/model';
import { formatQuantity, type UnitSystem } from '@/core/units';
import { type ComparedEffect, comparedEffects } from '@/core/upgrade';
import { useMachine } from '@/features/frame';
import { ChangeMark } from '@/ui/change-mark';
import { CardTable } from '@/ui/card-table';
import { Fold } from '@/ui/fold';
import { useJob } from '@/workers';
import { effectName } from '@/words';

/** Everything of a plan but its frame, and what the frame depends on. */
function stepsOf(project: Project) {
  const cuts = cutLoads(project.brief);
  const masses = massReport(project);
  const loaded = loadedReports(project, cuts, masses, { remedies: false });
  const drives = driveStiffnessOf(
    project.axes,
    loaded.map((l) => l.report),
  );
  const inputs = frameInputs(project, drives, masses);
  return { project, known: { cuts, masses, loaded }, inputs, key: frameKey(inputs) };
}

interface Solved {
  /** Null while its frame is being solved. */
  readonly context: MachineContext | null;
  readonly failed: string | null;
}

/** A plan as a machine with its frame solved beside the page. @param lane keeps two plans apart. */
function useSolved(plan: Plan, lane: 'plan before' | 'plan after'): Solved {
  const { project } = useMachine();
  const steps = useMemo(() => stepsOf({ ...project, ...plan }), [project, plan]);
  const { inputs, key } = steps;
  const { output, busy, failed } = useJob('frame', { input: inputs, key, pause: 0, lane });
  const context = useMemo(() => {
    if (!output || busy) return null;
    const frame = output.ok ? summaryOf(output.report) : null;
    return contextOf(steps.project, steps.known, { frame });
  }, [output, busy, steps]);
  return { context, failed };
}

const titles = ['Answer', 'before', 'after', 'Change'];

function Row({ row, system }: { readonly row: ComparedEffect; readonly system: UnitSystem }) {
  const { project } = useMachine();
  const say = (value: number | null) =>
    value === null ? '–' : formatQuantity(row.kind, value, system, 3).text;
  return (
    <tr>
      <th scope="row">
        {effectName(row, project)}
        {row.missing && ', as far as it is known'}
      </th>
      <td data-title={titles[1]}>{say(row.before)}</td>
      <td data-title={titles[2]}>{say(row.after)}</td>
      <td data-title={titles[3]}>
        <ChangeMark change={row.change} />
      </td>
    </tr>
  );
}

/** What two plans come to as whole machines: errors, stiffness at the tool, sag, with both frames solved. */
export function WholeAnswers({ before, after }: { readonly before: Plan; readonly after: Plan }) {
  const { system } = useMachine();
  const was = useSolved(before, 'plan before');
  const is = useSolved(after, 'plan after');
  const failed = was.failed ?? is.failed;
  const rows = useMemo(
    () => (was.context && is.context ? comparedEffects(was.context, is.context) : null),
    [was.context, is.context],
  );
  if (failed) return <p role="alert">The frames could not be solved: {failed}.</p>;
  if (!rows) return <p role="status">Both frames are being solved…</p>;
  const changed = rows.filter((r) => r.change !== 'same');
  const count = changed.length === 1 ? '1 answer differs' : `${changed.length} answers differ`;
  return (
    <Fold open summary={`The machine as a whole: ${changed.length ? count : 'answers as before'}`}>
      <CardTable titles={titles} label="Answers of the whole machine">
        {(changed.length ? changed : rows).map((row) => (
          <Row key={row.key} row={row} system={system} />
        ))}
      </CardTable>
    </Fold>
  );
}
