'use client';

import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import { useMemo } from 'react';
import {
  buildPlace,
  dateOfWall,
  type Dated,
  type ListLine,
  timeOfWall,
  type Wall,
  type WorkContext,
} from '@/core/build';
import { fileName } from '@/core/formats';
import { FindingList } from '@/features/findings';
import { type BuildState, machineHref, useMachine, useWriting, type WorkState } from '@/features/frame';
import { daysDrawing } from '@/drawings';
import { Action } from '@/ui/action';
import { BasisShape } from '@/ui/basis-mark';
import { CardTable } from '@/ui/card-table';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { TitleBlock } from '@/ui/title-block';
import { lineName, workTime } from '@/words';
import { assemblyNames, type AssemblyNames } from '@/words';
import { localZone } from '@/workers';
import page from '../build.module.css';
import { Waiting } from '../waiting';
import { Slip } from './slip';
import { TimeFields } from './time-fields';
import { useCalendar } from './use-calendar';

interface ViewProps {
  readonly build: BuildState;
  readonly state: WorkState;
}

const when = (at: Wall) => `${dateOfWall(at)} ${timeOfWall(at)}`;

/** What can be done in the next stretch of time with what is here. */
function TonightList({ work, names, lines }: { work: WorkContext; names: AssemblyNames; lines: LineNames }) {
  const { tonight, assembly, project } = work;
  const { span, doable, waiting } = tonight;
  const byId = new Map(assembly.steps.map((s) => [s.id, s]));
  if (!span) return <p>No time is left in sight: say when you work.</p>;
  const when = tonight.today ? 'Today' : `Next: ${dateOfWall(span.from)}`;
  return (
    <section aria-labelledby="build-tonight">
      <h2 className={page.heading} id="build-tonight">
        {when}, with what is here{' '}
        <small>
          {timeOfWall(span.from)} to {timeOfWall(span.to)}
        </small>
      </h2>
      {!doable.length && <p>Nothing: {waiting.length ? 'what is next waits for parts.' : 'all is done.'}</p>}
      <ul className={page.rows}>
        {doable.map((d) => (
          <li key={d.step} className={d.critical ? page.critical : undefined}>
            <a href={`${machineHref('build', project.id)}&v=assembly&step=${encodeURIComponent(d.step)}`}>
              {names.step(d.step)}
            </a>
            <span>{workTime(byId.get(d.step)?.work ?? 0)}</span>
            <small>
              {[
                d.startsWait && 'starts a wait',
                d.offFirst.length > 0 && `off first: ${d.offFirst.map(names.step).join(', ')}`,
                d.critical && 'no time to spare',
                !d.fits && 'can be begun',
                (byId.get(d.step)?.people ?? 1) > 1 && `${byId.get(d.step)!.people} people`,
              ]
                .filter(Boolean)
                .join(', ')}
            </small>
          </li>
        ))}
        {waiting.map((w) => (
          <li key={w.step} className={page.waiting}>
            <span>{names.step(w.step)}</span>
            <small>
              waits for {w.missing.map((m) => `${lines(m.key)}${m.due ? `, ${m.due}` : ''}`).join('; ')}
            </small>
          </li>
        ))}
      </ul>
    </section>
  );
}

type LineNames = (key: string) => string;

/** How much of the work is our figure: the dates rest on it. */
function Guessed({ work }: { readonly work: WorkContext }) {
  const open = work.assembly.steps.filter((s) => s.state !== 'done');
  const ours = open.filter((s) => s.guessed).length;
  if (!ours) return null;
  return (
    <p>
      <BasisShape basis="ours" /> How long {ours} of {open.length} steps take is our figure, from memory,
      until you type yours at the step.
    </p>
  );
}

/** Every piece of work with its dates. */
function Dates({ dated, names }: { readonly dated: readonly Dated[]; readonly names: AssemblyNames }) {
  return (
    <CardTable titles={['Work', 'From', 'To', 'Can wait']} label="Dates of the work">
      {[...dated]
        .sort((a, b) => a.from - b.from)
        .map((d) => (
          <MuiRow key={d.id}>
            <TableCell component="th" scope="row">
              {names.step(d.id)}
            </TableCell>
            <TableCell data-title="From">{when(d.from)}</TableCell>
            <TableCell data-title="To">{when(d.to)}</TableCell>
            <TableCell data-title="Can wait">{d.critical ? <b>not at all</b> : workTime(d.float)}</TableCell>
          </MuiRow>
        ))}
    </CardTable>
  );
}

/** The calendar for other programs. */
function CalendarFile({ work, lines }: { work: WorkContext; lines: BuildState['lines'] }) {
  const { handOut } = useCalendar();
  const { project, plan } = work;
  const file = useWriting();
  const write = () =>
    file.write(async () => {
      // The library for calendars is seldom wanted.
      const { datesIcs } = await import('@/drawings');
      const { entries, keep } = handOut(plan);
      const data = datesIcs({ work, lines }, entries, { zone: localZone, made: Date.now() });
      const refused = keep();
      if (refused) throw new Error(refused);
      return { name: fileName(`${project.name} build`, 'ics'), data, type: 'text/calendar' };
    });
  if (!plan.schedule.dated.length) return null;
  return (
    <div className={page.files}>
      <Action onAct={() => void write()}>Calendar file (ics)</Action>
      {file.notice}
    </div>
  );
}

/** What is wrong with the dates, and when the builder works. */
function Side({ build, state: { work, findings } }: ViewProps) {
  const own = findings.filter((f) => buildPlace(f.code) === 'calendar');
  const end = work?.plan.schedule.end;
  const first = work?.plan.firstMotion;
  // At the earliest, where days of deliveries are not known; the year has no room then.
  const date = (at: Wall) => (work?.plan.undue ? `≥ ${dateOfWall(at).slice(5)}` : dateOfWall(at));
  return (
    <section aria-labelledby="build-dates" className={page.right}>
      <h2 className={page.heading} id="build-dates">
        What is wrong with the dates
      </h2>
      {own.length ? <FindingList findings={own} calm="" ours={0} /> : <p>Nothing is found.</p>}
      <h2 className={`${page.heading} ${page.part}`}>Your time</h2>
      <TimeFields />
      <TitleBlock
        cells={[
          { label: 'Sheet', value: 'Calendar' },
          { label: 'Left', value: work ? workTime(work.plan.left) : '–' },
          { label: 'First motion', value: first === undefined ? '–' : date(first) },
          { label: 'End', value: end === undefined ? '–' : date(end) },
          { label: 'Waiting', value: `${new Set(work?.plan.missing.map((m) => m.key)).size} lines` },
          { label: 'Today', value: build.today },
        ]}
      />
    </section>
  );
}

/** Work, waits and deliveries in the builder's own time. */
export function CalendarView({ build, state }: ViewProps) {
  const { project, system } = useMachine();
  const { work, now } = state;
  const names = useMemo(
    () => assemblyNames(project, work?.assembly ?? { steps: [], parts: [] }),
    [project, work?.assembly],
  );
  const lines = useMemo((): LineNames => {
    const byKey = new Map(build.lines.map((l): [string, ListLine] => [l.key, l]));
    return (key) => {
      const line = byKey.get(key);
      return line ? lineName(line, system) : key;
    };
  }, [build.lines, system]);
  const dated = work?.plan.schedule.dated ?? [];
  const undated = work?.plan.schedule.undated ?? [];
  const { workTimes, otherDays } = project;
  const drawing = useMemo(
    () =>
      work &&
      daysDrawing({
        now,
        week: workTimes,
        others: otherDays,
        dated: work.plan.schedule.dated,
        nameOf: names.step,
        due: work.plan.missing.flatMap((m) =>
          m.due && m.ordered ? [{ day: m.due, name: lines(m.key) }] : [],
        ),
        count: 21,
        width: 850,
      }),
    [work, now, workTimes, otherDays, names, lines],
  );
  return (
    <>
      <div className={`${page.middle} ${page.scrolls}`}>
        <Waiting build={build} state={state} />
        {work && <TonightList {...{ work, names, lines }} />}
        {work && work.plan.undue > 0 && (
          <p>
            Of {work.plan.undue === 1 ? '1 line' : `${work.plan.undue} lines`} nobody has said when they are
            here: the dates below are the earliest, as if they came in time. Order them and say when they
            come.
          </p>
        )}
        {work && <Guessed work={work} />}
        {drawing && (
          <>
            <h2 className={page.heading}>
              The next three weeks{' '}
              <small>grey: your time · filled blue: no time to spare · triangle: a delivery</small>
            </h2>
            <div className={page.paper} role="group" aria-label="Three weeks" tabIndex={0}>
              <DrawingView drawing={drawing} label="Work in the next three weeks" className={page.strip} />
            </div>
          </>
        )}
        {work && <Slip {...{ work, build, lines, names, now }} />}
        {work && <CalendarFile work={work} lines={build.lines} />}
        {dated.length > 0 && <Dates dated={dated} names={names} />}
        {undated.length > 0 && (
          <Fold summary={`${undated.length} steps without a date`}>
            <ul>
              {undated.map((u) => (
                <li key={u.id}>{names.step(u.id)}</li>
              ))}
            </ul>
          </Fold>
        )}
      </div>
      <Side build={build} state={state} />
    </>
  );
}
