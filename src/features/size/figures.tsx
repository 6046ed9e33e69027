'use client';

import { memo } from 'react';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Explained } from '@/ui/explained';
import { useAfterPaint } from '@/ui/use-after-paint';
import { figureName, showFigure } from '@/words';
import { useAxis } from './axis-context';
import styles from './sheet.module.css';

interface FigureCellProps {
  readonly name: string;
  readonly text: string;
  readonly line: string;
  readonly onWorking: (line: string) => void;
}

/** A figure with its name, drawn anew only where it reads otherwise. */
const FigureCell = memo(function FigureCell({ name, text, line, onWorking }: FigureCellProps) {
  return (
    <div>
      <dt>
        <Explained>{name}</Explained>
      </dt>
      <dd>
        <Action onAct={() => onWorking(line)} label={`${name}: ${text}. Show the working`}>
          {text}
        </Action>
      </dd>
    </div>
  );
});

/** Figures that are no check but that a builder wants to know; each opens its working. */
export function Figures({ onWorking }: { onWorking: (line: string) => void }) {
  const { system } = useMachine();
  // The verdict is painted first: each figure is a button of the library, and dear to draw.
  const report = useAfterPaint(useAxis().report);
  return (
    <section aria-labelledby="figures-title">
      <h2 className={styles.heading} id="figures-title">
        What it comes to
      </h2>
      <dl className={styles.figures}>
        {report.figures.map((f) => (
          <FigureCell
            key={f.id}
            name={figureName[f.id] ?? f.id}
            text={showFigure(f.id, f.kind, f.value, system)}
            line={f.line}
            onWorking={onWorking}
          />
        ))}
      </dl>
    </section>
  );
}
