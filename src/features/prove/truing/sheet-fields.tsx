'use client';

import { useState } from 'react';
import { cellsOf, isLine, partOf, type SheetState } from '@/core/prove';
import { type HappeningKind, happenings } from '@/core/model';
import { displayUnit, explainParseError, formatIn, type Kind, parseQuantity, smallUnit } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { Fold } from '@/ui/fold';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { happeningWords, instrumentNames, methodNames, sheetTitle } from '@/words';
import styles from './truing.module.css';
import type { SheetActs } from './use-sheet';

interface FieldsProps {
  readonly state: SheetState;
  readonly acts: SheetActs;
}

/** What the limit of a sheet is: a length, a slope, a force. */
const goodKind = ({ plan: { kind } }: SheetState): Kind => {
  if (kind === 'belt') return 'force';
  return ['square', 'lean', 'tram'].includes(kind) ? 'slope' : 'length';
};

/** Figures of the builder’s own instrument over those that are usual. */
function OwnInstrument({ state, acts }: FieldsProps) {
  const { method, said } = state;
  const figure = (value: number) => `${formatIn(acts.unit, value, 3).number} ${acts.unit.symbol}`;
  const own = (text: string, key: 'digit' | 'limit', label: string) => {
    if (!text.trim()) return acts.say({ [key]: null }, label);
    const read = parseQuantity(method.reads, text, acts.unit.symbol);
    if (!read.ok) return `${label}: ${explainParseError(method.reads, read.error)}`;
    if (read.si < 0 || read.si > 1)
      return `${label}: read “${text}”; wanted 0 or more, and less than ${figure(1)}.`;
    return acts.say({ [key]: read.si }, label);
  };
  return (
    <>
      <label>
        <span>Reads to</span>
        <TextLine
          label="Step that the instrument reads"
          value={said?.digit == null ? '' : figure(said.digit)}
          placeholder={figure(state.digit)}
          maxLength={20}
          optional
          onText={(text) => own(text, 'digit', 'Reads to')}
        />
      </label>
      <label>
        <span>Errs at most</span>
        <TextLine
          label="Error of the instrument at most"
          value={said?.limit == null ? '' : figure(said.limit)}
          placeholder={`${figure(state.limit)} (memory)`}
          maxLength={20}
          optional
          onText={(text) => own(text, 'limit', 'Errs at most')}
        />
      </label>
    </>
  );
}

/** How it is read: method, instrument and its figures, how many places, what is good enough, temperature. */
export function SheetFields({ state, acts }: FieldsProps) {
  const { system } = useMachine();
  const { plan, method, instrument, said } = state;
  const kind = goodKind(state);
  const small = kind === 'length' ? smallUnit(system) : displayUnit(kind, system);
  const good = (text: string) => {
    if (!text.trim()) return acts.say({ good: null, typed: '' }, 'Good enough');
    const read = parseQuantity(kind, text, small.symbol);
    if (!read.ok) return `Good enough: ${explainParseError(kind, read.error)}`;
    if (!(read.si > 0)) return `Good enough: read “${text}”; wanted more than 0.`;
    return acts.say({ good: read.si, typed: text.slice(0, 40) }, 'Good enough');
  };
  return (
    <div className={styles.fields}>
      <Choice
        label="Method"
        value={method.id}
        options={plan.methods.map((m) => [m.id, methodNames[m.id] ?? m.id] as const)}
        onPick={(id) => acts.say({ method: id }, 'Method')}
      />
      <Choice
        label="Instrument"
        value={instrument}
        options={[...new Set([method.instrument, ...method.others])].map(
          (k) => [k, instrumentNames[k]] as const,
        )}
        onPick={(k) => acts.say({ instrument: k, digit: null, limit: null }, 'Instrument')}
      />
      <OwnInstrument {...{ state, acts }} />
      {isLine(plan) && (
        <label>
          <span>Places</span>
          <NumberLine
            label="Places along the length"
            value={said?.places ?? null}
            placeholder={String(cellsOf(plan, method).length / method.runs)}
            least={3}
            most={50}
            whole
            optional
            onNumber={(places) => acts.say({ places }, 'Places')}
          />
        </label>
      )}
      <label>
        <span>Good enough</span>
        <TextLine
          label="Good enough"
          value={said?.typed ?? ''}
          placeholder={plan.good.value === null ? 'not known' : formatIn(small, plan.good.value, 3).text}
          maxLength={40}
          optional
          onText={good}
        />
      </label>
      <label>
        <span>Shop, °C</span>
        <NumberLine
          label="Temperature of the shop, °C"
          value={acts.shop}
          placeholder="not read"
          least={-40}
          most={80}
          optional
          onNumber={acts.setShop}
        />
      </label>
    </div>
  );
}

/** What happened to it: whatever stands on it goes stale. */
export function Happenings({ state, acts }: FieldsProps) {
  const { project } = useMachine();
  const { plan, axisName } = state;
  const [what, setWhat] = useState<HappeningKind>('loosened');
  const [whole, setWhole] = useState(false);
  const part = partOf(plan.key);
  const node = whole ? part : plan.key;
  const own = project.happenings.filter((h) => h.node === plan.key || h.node === part);
  return (
    <Fold summary={`It was loosened, machined, moved, replaced or hit (${own.length})`}>
      <div className={styles.fields}>
        <Choice
          label="What happened"
          value={what}
          options={happenings.map((h) => [h, happeningWords[h]] as const)}
          onPick={(h) => {
            setWhat(h);
            return undefined;
          }}
        />
        {part !== plan.key && (
          <Choice
            label="To what"
            value={whole ? 'whole' : 'this'}
            options={[
              ['this', sheetTitle(plan.key, axisName)],
              ['whole', `${sheetTitle(part, axisName)}, all of it`],
            ]}
            onPick={(v) => {
              setWhole(v === 'whole');
              return undefined;
            }}
          />
        )}
        <Action onAct={() => acts.happened(node, what, '')}>Say so: what stands on it goes stale</Action>
      </div>
      {own.length > 0 && (
        <ul>
          {own.map((h) => (
            <li key={h.id}>
              {new Date(h.at).toLocaleString()}: {happeningWords[h.what]}
            </li>
          ))}
        </ul>
      )}
    </Fold>
  );
}
