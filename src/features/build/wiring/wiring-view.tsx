'use client';

import TableCell from '@mui/material/TableCell';
import MuiRow from '@mui/material/TableRow';
import { useMemo } from 'react';
import { type Cable, CLASS_LIMITS, type Wire, wiringSheet } from '@/core/build';
import { fileName } from '@/core/formats';
import { controllerClasses, put, signalWays, type WirePin, type WiringSaid } from '@/core/model';
import { formatNumber } from '@/core/units';
import { type BuildState, downloadText, useMachine, usePainted, useWriting } from '@/features/frame';
import {
  cableName,
  cableNotes,
  hasTorch,
  stopCircuit,
  wiringCsv,
  wiringPdf,
  type WiringShown,
} from '@/drawings';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { Choice } from '@/ui/choice';
import { DrawingView } from '@/ui/drawing/drawing-view';
import { Fold } from '@/ui/fold';
import { Notice } from '@/ui/notice';
import { TextLine } from '@/ui/text-line';
import { TitleBlock } from '@/ui/title-block';
import {
  controllerNames,
  lanePrinciples,
  sectionText,
  signalNames,
  spindlePrinciples,
  stopPrinciples,
  torchPrinciples,
  wireNames,
  wiringCaution,
} from '@/words';
import page from '../build.module.css';

/** The sheet on paper and as a table. */
function Files({ shown }: { readonly shown: WiringShown }) {
  const { name, units } = shown.project;
  const file = useWriting();
  const pdf = () =>
    file.write(async () => {
      // Paper is dear to load and seldom wanted.
      const { papers } = await import('@/core/print');
      const paper = units === 'metric' ? papers.a4 : papers.letter;
      const data = await wiringPdf(shown, { paper, made: new Date() });
      return { name: fileName(`${name} wiring`, 'pdf'), data, type: 'application/pdf' };
    });
  return (
    <div className={page.files}>
      <Action onAct={() => void pdf()}>Wiring sheet as PDF</Action>
      <Action onAct={() => downloadText(fileName(`${name} wiring`, 'csv'), wiringCsv(shown), 'text/csv')}>
        As CSV
      </Action>
      {file.notice}
    </div>
  );
}

/** What the builder says of one wire. */
function useWires() {
  const { project, editor } = useMachine();
  return (wire: Wire, change: Partial<Pick<WirePin, 'pin' | 'colour' | 'to'>>) => {
    const had = project.wirePins.find((p) => p.wire === wire.id);
    const next = { ...(had ?? { id: freshId(), wire: wire.id, pin: '', colour: '', to: '' }), ...change };
    const others = project.wirePins.filter((p) => p !== had);
    const empty = !next.pin && !next.colour && !next.to;
    const rows = empty
      ? others
      : had
        ? project.wirePins.map((p) => (p === had ? next : p))
        : [...others, next];
    return editor.apply([put('wirePins', rows)], `Wire ${wire.id}`);
  };
}

function PinRow({ wire }: { readonly wire: Wire }) {
  const say = useWires();
  const name = wireNames[wire.signal];
  const line = (field: 'pin' | 'colour' | 'to', label: string, most: number, otherwise = '') => (
    <TextLine
      label={`${label} of ${wire.id}`}
      value={wire.said?.[field] ?? ''}
      placeholder={otherwise}
      maxLength={most}
      optional
      onText={(text) => say(wire, { [field]: text })}
    />
  );
  return (
    <MuiRow>
      <TableCell component="th" scope="row">
        {name}
      </TableCell>
      <TableCell data-title="Pin">{line('pin', 'Pin', 20, wire.pin)}</TableCell>
      <TableCell data-title="Colour">{line('colour', 'Colour', 40)}</TableCell>
      <TableCell data-title="To">{line('to', 'Where it goes', 80)}</TableCell>
    </MuiRow>
  );
}

/** Where a cable comes apart: both schools, and what each is good for. */
const plugText: Record<Exclude<WiringSaid['plug'], ''>, string> = {
  motor: 'Plug at the motor: a motor is changed in a minute; the plug moves with it and wants a lock.',
  cabinet: 'Plug at the cabinet: nothing to come loose on what moves; a motor takes its cable along.',
  both: 'Plugs at both ends: a cable is changed by itself; twice as many contacts.',
};

function CableBlock({ cable, shown }: { readonly cable: Cable; readonly shown: WiringShown }) {
  return (
    <Fold
      summary={
        <>
          {cableName(shown, cable)} <small>{cableNotes(shown, cable).join(' ')}</small>
        </>
      }
      lazy
    >
      <CardTable titles={['Signal', 'Pin', 'Colour', 'To']} label={`Wires of ${cableName(shown, cable)}`}>
        {cable.wires.map((w) => (
          <PinRow key={w.id} wire={w} />
        ))}
      </CardTable>
    </Fold>
  );
}

const Sentences = ({ title, list }: { readonly title: string; readonly list: readonly string[] }) => (
  <>
    <h2 className={`${page.heading} ${page.part}`}>{title}</h2>
    <ul>
      {list.map((text) => (
        <li key={text}>{text}</li>
      ))}
    </ul>
  </>
);

/** What is chosen for all of it. */
function Choices({ shown }: { readonly shown: WiringShown }) {
  const { project, editor } = useMachine();
  const { wiring } = project;
  const { ports } = shown.sheet;
  const set = (change: Partial<WiringSaid>, label: string) =>
    editor.apply([put('wiring', { ...wiring, ...change })], label);
  const limits = wiring.controller === '' ? null : CLASS_LIMITS[wiring.controller];
  return (
    <>
      <Choice
        label="Controller"
        value={wiring.controller}
        options={(['', ...controllerClasses] as const).map((c) => [c, controllerNames[c]] as const)}
        onPick={(controller) => set({ controller }, 'Controller')}
      />
      <Choice
        label="Signals"
        value={wiring.signals}
        options={(['', ...signalWays] as const).map((c) => [c, signalNames[c]] as const)}
        onPick={(signals) => set({ signals }, 'Signals')}
      />
      <Choice
        label="Logic"
        value={wiring.logic}
        options={[
          [0, 'not said'],
          [5, '5 V'],
          [24, '24 V'],
        ]}
        onPick={(logic) => set({ logic }, 'Logic')}
      />
      <Choice
        label="Plugs"
        value={wiring.plug}
        options={[
          ['', 'not said'],
          ['motor', 'at the motor'],
          ['cabinet', 'at the cabinet'],
          ['both', 'at both ends'],
        ]}
        onPick={(plug) => set({ plug }, 'Plugs')}
      />
      <Choice
        label="Mains"
        value={wiring.mains}
        options={[
          [0, 'not said'],
          [230, '230 V'],
          [120, '120 V'],
        ]}
        onPick={(mains) => set({ mains }, 'Mains')}
      />
      {wiring.plug === '' ? (
        Object.values(plugText).map((text) => <p key={text}>{text}</p>)
      ) : (
        <p>{plugText[wiring.plug]}</p>
      )}
      {wiring.logic === 24 && (
        <p>Inputs made for 5 V want a series resistor at 24 V: the driver’s manual says which.</p>
      )}
      <p>
        Motors {ports.motors}, outputs {ports.outputs}, inputs {ports.inputs} are wanted
        {limits ? '' : '; nobody has said which controller'}.
      </p>
      {ports.short.length > 0 && (
        <Notice kind="error">
          Such a controller usually has too few {ports.short.join(' and ')}. Its manual says how many it has.
        </Notice>
      )}
    </>
  );
}

/** What is wired with what, and what to keep to. */
export function WiringView({ build }: { readonly build: BuildState }) {
  const { project, system } = useMachine();
  const { reports } = usePainted();
  const ready = reports.length === project.axes.length;
  const shown = useMemo(
    (): WiringShown | null => (ready ? { project, sheet: wiringSheet(project, reports, build.needs) } : null),
    [ready, project, reports, build.needs],
  );
  const torch = hasTorch(project);
  const stop = useMemo(
    () => stopCircuit(torch ? 'Torch' : 'Spindle inverter', project.wiring.mains),
    [torch, project.wiring.mains],
  );
  const longest = Math.max(0, ...(shown?.sheet.cables.map((c) => c.length ?? 0) ?? []));
  return (
    <>
      <div className={`${page.middle} ${page.scrolls}`}>
        <Notice kind="warning">{wiringCaution}</Notice>
        <h2 className={page.heading}>
          Emergency stop, as a principle <small>dashed: what the button holds</small>
        </h2>
        <div className={page.paper} role="group" aria-label="Emergency stop" tabIndex={0}>
          <DrawingView
            drawing={stop}
            label="The button drops the contactor, the contactor the power of drives and tool; logic stays on"
            className={page.strip}
          />
        </div>
        {shown && <Files shown={shown} />}
        <h2 className={page.heading}>Supplies</h2>
        <ul className={page.rows}>
          {shown?.sheet.supplies.map((s) => (
            <li key={s.axes.join()}>
              <span>{s.axes.map((id) => project.axes.find((a) => a.id === id)?.name).join(', ')}</span>
              <span>{formatNumber(s.voltage, 3)} V</span>
              <small>
                {formatNumber(s.drawn, 2)} A drawn, {formatNumber(s.thumb, 2)} A by the rule of thumb for
                steppers; {sectionText(s.advice.section, system)}
                {s.advice.fuse === null ? '' : `, fuse ${formatNumber(s.advice.fuse, 3)} A`}
              </small>
            </li>
          ))}
        </ul>
        <h2 className={page.heading}>Cables and pins</h2>
        {shown?.sheet.cables.map((c) => (
          <CableBlock key={c.id} cable={c} shown={shown} />
        ))}
      </div>
      <section aria-label="What is kept to" className={page.right}>
        <h2 className={page.heading}>Classes and schools</h2>
        {shown && <Choices shown={shown} />}
        <Sentences title="Emergency stop" list={stopPrinciples} />
        <Sentences title="Lanes, shields, earth" list={lanePrinciples} />
        <Sentences title={torch ? 'Torch' : 'Spindle'} list={torch ? torchPrinciples : spindlePrinciples} />
        <TitleBlock
          cells={[
            { label: 'Sheet', value: 'Wiring' },
            { label: 'Motors', value: String(shown?.sheet.ports.motors ?? '–') },
            { label: 'Cables', value: String(shown?.sheet.cables.length ?? '–') },
            { label: 'Longest', value: longest ? `${formatNumber(longest, 3)} m` : 'not known' },
            { label: 'Logic', value: project.wiring.logic ? `${project.wiring.logic} V` : 'not said' },
            { label: 'Today', value: build.today },
          ]}
        />
      </section>
    </>
  );
}
