'use client';

import InputBase from '@mui/material/InputBase';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import { handbookExamples } from '@/core/handbook';
import {
  displayUnit,
  explainParseError,
  hasOtherSystem,
  type Kind,
  parseQuantity,
  type UnitSystem,
  workedQuantity,
} from '@/core/units';
import { evaluateWith, type Formula, texWithNumbers } from '@/core/worksheet';
import { Action } from '@/ui/action';
import { Tex, TexSymbol } from '@/ui/tex';
import styles from './handbook.module.css';

const shownAs = (kind: Kind, si: number, system: UnitSystem) =>
  Number.isFinite(si) ? workedQuantity(kind, si, system, 5).text : 'no limit';

const other = (system: UnitSystem): UnitSystem => (system === 'metric' ? 'imperial' : 'metric');

/** The figures of an example: what stands, what is being typed, and what of that cannot be read. */
interface Figures {
  readonly inputs: Readonly<Record<string, number>>;
  readonly drafts: Readonly<Record<string, string>>;
  readonly errors: Readonly<Record<string, string>>;
}

function useFigures(formula: Formula, system: UnitSystem) {
  const [start] = useState(() => handbookExamples()(formula));
  const begun: Figures = { inputs: start, drafts: {}, errors: {} };
  const [figures, setFigures] = useState(begun);
  const type = (name: string, kind: Kind, text: string) =>
    setFigures(({ inputs, drafts, errors }) => {
      const read = parseQuantity(kind, text, displayUnit(kind, system).symbol);
      return {
        inputs: read.ok ? { ...inputs, [name]: read.si } : inputs,
        drafts: { ...drafts, [name]: text },
        errors: { ...errors, [name]: read.ok ? '' : explainParseError(kind, read.error) },
      };
    });
  /** What was read is shown as it is written; what could not be read stays to be mended. */
  const leave = (name: string) =>
    setFigures((f) =>
      f.errors[name]
        ? f
        : { ...f, drafts: Object.fromEntries(Object.entries(f.drafts).filter(([n]) => n !== name)) },
    );
  return { figures, type, leave, again: () => setFigures(begun) };
}

interface FigureProps {
  readonly name: string;
  readonly meaning: string;
  readonly value: string;
  readonly error: string | undefined;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
}

function Figure({ name, meaning, value, error, onType, onLeave }: FigureProps) {
  const described = error ? `${name}-error` : undefined;
  return (
    <>
      <InputBase
        fullWidth
        value={value}
        error={Boolean(error)}
        slotProps={{ input: { 'aria-label': meaning, 'aria-describedby': described } }}
        autoComplete="off"
        onChange={(e) => onType(e.target.value)}
        onBlur={onLeave}
      />
      {error && (
        <p role="alert" id={described}>
          {error}
        </p>
      )}
    </>
  );
}

function Answer({ formula, value, system }: { formula: Formula; value: number; system: UnitSystem }) {
  const { kind } = formula.result;
  if (!Number.isFinite(value)) return <>With these figures the formula gives no finite number.</>;
  return (
    <>
      <b>{shownAs(kind, value, system)}</b>
      {hasOtherSystem(kind) ? ` or ${shownAs(kind, value, other(system))}` : ''}
    </>
  );
}

/** An example of a formula whose figures can be typed over. */
export function Example({ formula }: { formula: Formula }) {
  const [system, setSystem] = useState<UnitSystem>('metric');
  const { figures, type, leave, again } = useFigures(formula, system);
  const { inputs, drafts, errors } = figures;
  const value = evaluateWith(formula, inputs);
  const line = { key: formula.id, formula, inputs, sources: {}, value };
  return (
    <section aria-labelledby="example-title">
      <h2 id="example-title">
        Example <small>invented figures; type over them</small>
      </h2>
      <Table className={styles.symbols ?? ''}>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Symbol</TableCell>
            <TableCell scope="col">Meaning</TableCell>
            <TableCell scope="col">Value</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {Object.entries(formula.symbols).map(([name, { kind, tex, meaning }]) => (
            <TableRow key={name}>
              <TableCell>
                <TexSymbol tex={tex} />
              </TableCell>
              <TableCell>{meaning}</TableCell>
              <TableCell>
                <Figure
                  name={name}
                  meaning={meaning}
                  value={drafts[name] ?? shownAs(kind, inputs[name] ?? NaN, system)}
                  error={errors[name]}
                  onType={(text) => type(name, kind, text)}
                  onLeave={() => leave(name)}
                />
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
      <Tex
        className={styles.tex}
        label="Formula with the figures of the example"
        tex={texWithNumbers(line, system)}
      />
      <p className={styles.answer} role="status">
        <Answer formula={formula} value={value} system={system} />
      </p>
      <p className={styles.tools}>
        <Action onAct={() => setSystem(other(system))}>{system === 'metric' ? 'mm → in' : 'in → mm'}</Action>
        <Action onAct={again}>Start figures again</Action>
      </p>
    </section>
  );
}
