'use client';

import { type ReactNode, useMemo } from 'react';
import { outcomeKey, restsOf } from '@/core/choose';
import type { WorkFinding } from '@/core/prove';
import { type AnyFinding, type MachineContext, oursOfCheck, originsOf } from '@/core/machine';
import { type Edit, getAt, isMeasure, type Project } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { BasisShape } from '@/ui/basis-mark';
import { Fold } from '@/ui/fold';
import { inputLabel, placeOfInput } from '@/words';
import styles from './findings.module.css';

/**
 * Numbers of ours on which each of some findings rests, from the root: a hundred models for an axis, so they
 * are looked for once for all its findings.
 * @param context of the machine, once the verdicts are painted.
 */
export function useRests(
  context: MachineContext,
  findings: readonly (AnyFinding | WorkFinding)[],
): (finding: AnyFinding | WorkFinding) => readonly string[] {
  const axes = [...new Set(findings.map((f) => f.axisId))].join(' ');
  return useMemo(() => {
    const { project, loaded } = context;
    const wanted = new Set(axes.split(' '));
    const rests = new Map(
      loaded.flatMap(({ loaded: axis }) => (wanted.has(axis.id) ? [[axis.id, restsOf(axis)] as const] : [])),
    );
    return ({ axisId, code, about }) => {
      if (axisId === null) return oursOfCheck(context, code);
      const index = project.axes.findIndex((a) => a.id === axisId);
      const inside = rests.get(axisId)?.get(outcomeKey({ code, ...(about === undefined ? {} : { about }) }));
      return inside?.length ? originsOf(project, index, loaded[index]!.loaded, inside) : [];
    };
  }, [context, axes]);
}

/** The edits that make numbers of ours somebody's: as they stand, as estimates. */
const saidSo = (project: Project, paths: readonly string[]): Edit[] =>
  paths.flatMap((path): Edit[] => {
    const measure = getAt(project, path);
    return isMeasure(measure) ? [{ path, value: { ...measure, basis: 'estimate' } }] : [];
  });

interface OursProps {
  /** Paths from the root. */
  readonly paths: readonly string[];
  readonly title: string;
}

/** Numbers that nobody has said, each to be confirmed or typed over where it is named. */
export const Ours = ({ paths, title }: OursProps) => (
  <Fold lazy sign={false} level="div" className={styles.ours} summary={<BesideMark>{title}</BesideMark>}>
    <OursRows paths={paths} />
  </Fold>
);

const BesideMark = ({ children }: { children: ReactNode }) => (
  <span className={styles.oursTitle}>
    <BasisShape basis="ours" /> {children}
  </span>
);

/** Paths by the place that they belong to, in their order. */
function byPlace(project: Project, paths: readonly string[]): [place: string, paths: string[]][] {
  const places = new Map<string, string[]>();
  for (const path of paths) {
    const place = placeOfInput(project, path);
    places.set(place, [...(places.get(place) ?? []), path]);
  }
  return [...places];
}

function OursRows({ paths }: Pick<OursProps, 'paths'>) {
  const { project, editor } = useMachine();
  const confirm = (some: readonly string[], label: string) => editor.apply(saidSo(project, some), label);
  return (
    <>
      <p>
        We put these there so that there is something to begin with. Type what is true of your machine, or say
        that it is so; either way it counts as an estimate of yours.
      </p>
      {byPlace(project, paths).map(([place, inside]) => (
        <section key={place} aria-label={place}>
          <h4>{place}</h4>
          {inside.map((path) => (
            <div key={path} className={styles.ourRow}>
              <MachineField path={path} />
              <Action
                label={`It is so: ${inputLabel(path)}`}
                onAct={() => confirm([path], `It is so: ${inputLabel(path).toLowerCase()}`)}
              >
                it is so
              </Action>
            </div>
          ))}
          {inside.length > 1 && (
            <Action
              label={`All ${inside.length} are so: ${place}`}
              onAct={() => confirm(inside, `All are so: ${place}`)}
            >
              All {inside.length} are so
            </Action>
          )}
        </section>
      ))}
    </>
  );
}
