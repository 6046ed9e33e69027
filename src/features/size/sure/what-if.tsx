'use client';

import { useMemo, useState } from 'react';
import { bearsDoubt, doubtInputs, spreadAt } from '@/core/doubt';
import { fieldRuleAt, getAt, isMeasure, type Measure, type Project } from '@/core/model';
import { bareUnit, explainParseError, formatQuantity, parseQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Notice } from '@/ui/notice';
import { TextLine } from '@/ui/text-line';
import { doubtfulText } from '@/words';
import styles from './sure.module.css';
import { useJob } from '../use-job';
import { SweptAnswer } from './swept';
import { drawnAlike } from './use-doubt';

/** Figures that builders ask about beside those that may be off: what they wish. */
const wishes = ['demands.rapid', 'demands.feed', 'demands.acceleration', 'demands.travel'];

function optionsOf(project: Project): (readonly [string, string])[] {
  const asked = project.axes.flatMap((_, i) => wishes.map((w) => `axes.${i}.${w}`));
  const paths = [...asked, ...doubtInputs(project).map((i) => i.path)];
  return paths
    .filter((path) => isMeasure(getAt(project, path)) && fieldRuleAt(path))
    .map((path) => {
      const { name, of } = doubtfulText(project, path);
      return [path, `${of}: ${name}`] as const;
    })
    .sort((a, b) => a[1].localeCompare(b[1]));
}

/** From half of what stands there to twice it. */
const usualEnds = ({ si }: Measure): readonly [number, number] => (si === 0 ? [0, 1] : [si / 2, si * 2]);

/** One figure swept: what every check says at a hundred values, and where each turns. */
export function WhatIf() {
  const { project, system } = useMachine();
  const options = useMemo(() => optionsOf(project), [project]);
  const [path, setPath] = useState('axes.0.demands.rapid');
  const [ends, setEnds] = useState<readonly [number, number] | null>(null);
  const { state, start, stop } = useJob('sweep');
  const [of, setOf] = useState<Project | null>(null);
  const at = getAt(project, path);
  const rule = fieldRuleAt(path);
  if (!options.length || !isMeasure(at) || !rule)
    return options.length ? (
      <Choice label="Figure" value="" options={[['', 'choose a figure'], ...options]} onPick={setPath} />
    ) : (
      <p className={styles.hint}>No figure is given yet.</p>
    );
  const [from, to] = ends ?? usualEnds(at);
  const unit = bareUnit(rule.kind, system);
  const read = (text: string, set: (si: number) => void) => {
    const parsed = parseQuantity(rule.kind, text, unit);
    if (!parsed.ok) return explainParseError(rule.kind, parsed.error);
    set(parsed.si);
    return undefined;
  };
  const swept = state.output?.path === path && of && drawnAlike(of, project) ? state.output : null;
  return (
    <div className={styles.whatIf}>
      <div className={styles.asked}>
        <Choice
          label="Figure"
          value={path}
          options={options}
          onPick={(next) => {
            setPath(next);
            setEnds(null);
          }}
        />
        <label>
          <span>From</span>
          <TextLine
            label="From"
            value={formatQuantity(rule.kind, from, system, 4).text}
            maxLength={40}
            onText={(text) => read(text, (si) => setEnds([si, to]))}
          />
        </label>
        <label>
          <span>To</span>
          <TextLine
            label="To"
            value={formatQuantity(rule.kind, to, system, 4).text}
            maxLength={40}
            onText={(text) => read(text, (si) => setEnds([from, si]))}
          />
        </label>
        {state.step ? (
          <Action onAct={stop}>Stop</Action>
        ) : (
          <Action
            onAct={() => {
              setOf(project);
              start({ project: { ...project, revisions: [], log: [] }, path, from, to });
            }}
          >
            Sweep
          </Action>
        )}
        <span role="status">{state.step ? 'working…' : ''}</span>
      </div>
      {state.failed !== null && <Notice kind="error">The sweep failed: {state.failed}</Notice>}
      {swept ? (
        <SweptAnswer swept={swept} project={project} half={bearsDoubt(path) ? spreadAt(path, at) : 0} />
      ) : (
        <p className={styles.hint}>
          Every check is judged at a hundred values of one figure, all others as they stand. Where a check
          turns is named to three digits.
        </p>
      )}
    </div>
  );
}
