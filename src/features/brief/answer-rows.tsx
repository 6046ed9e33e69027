'use client';

import { Action } from '@/ui/action';

/** An answer; with a line it opens its working. */
export interface AnswerRow {
  readonly name: string;
  readonly value: string;
  readonly line?: string;
}

interface Props {
  readonly rows: readonly AnswerRow[];
  readonly onWorking: (line: string) => void;
}

/** Answers below one another, each of which opens how it is worked out. */
export function AnswerRows({ rows, onWorking }: Props) {
  return (
    <dl>
      {rows.map(({ name, value, line }) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>
            {line ? (
              <Action label={`${name}: ${value}. Show the working`} onAct={() => onWorking(line)}>
                {value}
              </Action>
            ) : (
              value
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}
