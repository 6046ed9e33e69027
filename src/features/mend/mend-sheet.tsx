'use client';

import { fieldRuleAt, getAt, type Issue, mendOf, projectIssues } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useExport, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { inputText, issueText } from '@/words';
import styles from './mend.module.css';

/** Inputs whose rule an issue speaks of, as far as they can be typed. */
const fieldsOf = (issue: Issue, project: unknown): string[] =>
  [...new Set([...(issue.among ?? []), issue.path.join('.')])].filter((path) => {
    const rule = fieldRuleAt(path.replace(/^(axes|pins)\.\d+\.(axis\.)?/, ''));
    return rule !== undefined && getAt(project, path) !== undefined && !path.startsWith('pins.');
  });

/** Where an issue lies, in words. */
function placeOf({ path }: Issue, project: { readonly axes: readonly { readonly name: string }[] }): string {
  const [slice, index] = path;
  if (slice === 'axes' && typeof index === 'number') return project.axes[index]?.name ?? 'An axis';
  if (slice === 'pins') return 'A variant of an axis';
  return 'The machine';
}

/**
 * A machine that breaks rules between its inputs: what is wrong, with the inputs beside it. Nothing is
 * computed of it until it is mended, for its answers would mean nothing; it can be exported as it is.
 */
export function MendSheet() {
  const { project, editor, system } = useMachine();
  const exportMachine = useExport();
  const issues = projectIssues(project);
  return (
    <div className={styles.mend}>
      <h1>{project.name}</h1>
      <p>
        {issues.length === 1 ? 'One thing is' : `${issues.length} things are`} at odds in this machine, so
        nothing is computed of it yet. Mend it here; every step can be taken back.
      </p>
      <ul>
        {issues.map((issue) => {
          const { read, wanted, why } = issueText(issue, system);
          const mend = mendOf(project, issue);
          const label = inputText(issue.path.join('.')).label;
          return (
            <li key={`${issue.code} ${issue.path.join('.')}`}>
              <h2>
                {placeOf(issue, project)}: {label.toLowerCase()}
              </h2>
              <p>
                Read {read}; wanted {wanted}
                {why ? ` (${why})` : ''}.
              </p>
              {fieldsOf(issue, project).map((path) => (
                <MachineField key={path} path={path} />
              ))}
              {mend && (
                <Action variant="outlined" onAct={() => editor.apply(mend, `Mended: ${label.toLowerCase()}`)}>
                  Mend it
                </Action>
              )}
              {issue.path[0] === 'pins' && (
                <Action
                  variant="outlined"
                  onAct={() =>
                    editor.apply(
                      [{ path: 'pins', value: project.pins.filter((_, i) => i !== issue.path[1]) }],
                      'Dropped a pin',
                    )
                  }
                >
                  Drop this variant
                </Action>
              )}
            </li>
          );
        })}
      </ul>
      <p>
        <Action onAct={() => exportMachine(project)}>Export it as it is</Action>
      </p>
    </div>
  );
}
