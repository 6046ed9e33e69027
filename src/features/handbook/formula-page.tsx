'use client';

import InputBase from '@mui/material/InputBase';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { useState } from 'react';
import { chapters, exampleOf, formulaById } from '@/core/handbook';
import {
  displayUnit,
  explainParseError,
  formatQuantity,
  hasOtherSystem,
  type Kind,
  parseQuantity,
  type UnitSystem,
} from '@/core/units';
import { evaluateWith, type Formula, texOf, texWithNumbers } from '@/core/worksheet';
import { Action } from '@/ui/action';
import { citationWords } from '@/ui/citation';
import { Tex, TexSymbol } from '@/ui/tex';
import styles from './handbook.module.css';

const shownAs = (kind: Kind, si: number, system: UnitSystem) =>
  Number.isFinite(si) ? formatQuantity(kind, si, system, 5).text : 'no limit';

/** One formula: expression, symbols, source, range, and an example whose figures can be typed over. */
export function FormulaPage({ id }: { id: string }) {
  const formula = formulaById(id);
  if (!formula)
    return (
      <main className={styles.page}>
        <h1>No such formula</h1>
        <p>
          <Link href="/handbook">To the handbook</Link>
        </p>
      </main>
    );
  const chapter = chapters.find((c) => c.formulas.includes(formula))!;
  const at = chapter.formulas.indexOf(formula);
  const [before, after] = [chapter.formulas[at - 1], chapter.formulas[at + 1]];
  return (
    <main className={styles.page}>
      <header className={styles.head}>
        <p className={styles.crumb}>
          <Link href="/handbook">Handbook</Link> · {chapter.title}
        </p>
        <h1>{formula.title}</h1>
      </header>
      <Tex className={styles.tex} label="Formula" tex={texOf(formula)} />
      <Example key={id} formula={formula} />
      <dl className={styles.notes}>
        <dt>Gives</dt>
        <dd>{formula.result.meaning}</dd>
        <dt>Source</dt>
        <dd>
          {citationWords[formula.citation.basis]}. {formula.citation.text}.
        </dd>
        <dt>Range of use</dt>
        <dd>{formula.range}</dd>
      </dl>
      <nav className={styles.turn} aria-label="Beside it in the chapter">
        {before && (
          <Link href={`/handbook/${before.id}`} prefetch={false}>
            ← {before.title}
          </Link>
        )}
        {after && (
          <Link href={`/handbook/${after.id}`} prefetch={false}>
            {after.title} →
          </Link>
        )}
      </nav>
    </main>
  );
}

function Example({ formula }: { formula: Formula }) {
  const start = exampleOf(formula);
  const [system, setSystem] = useState<UnitSystem>('metric');
  const [inputs, setInputs] = useState(start);
  const [drafts, setDrafts] = useState<Readonly<Record<string, string>>>({});
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const value = evaluateWith(formula, inputs);
  const type = (name: string, kind: Kind, text: string) => {
    setDrafts({ ...drafts, [name]: text });
    const read = parseQuantity(kind, text, displayUnit(kind, system).symbol);
    setErrors({ ...errors, [name]: read.ok ? '' : explainParseError(kind, read.error) });
    if (read.ok) setInputs({ ...inputs, [name]: read.si });
  };
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
          {Object.entries(formula.symbols).map(([name, s]) => (
            <TableRow key={name}>
              <TableCell>
                <TexSymbol tex={s.tex} />
              </TableCell>
              <TableCell>{s.meaning}</TableCell>
              <TableCell>
                <InputBase
                  fullWidth
                  value={drafts[name] ?? shownAs(s.kind, inputs[name] ?? NaN, system)}
                  error={Boolean(errors[name])}
                  slotProps={{
                    input: {
                      'aria-label': s.meaning,
                      'aria-describedby': errors[name] ? `${name}-error` : undefined,
                    },
                  }}
                  autoComplete="off"
                  onChange={(e) => type(name, s.kind, e.target.value)}
                  onBlur={() => {
                    if (!errors[name])
                      setDrafts(Object.fromEntries(Object.entries(drafts).filter(([n]) => n !== name)));
                  }}
                />
                {errors[name] && (
                  <p role="alert" id={`${name}-error`}>
                    {errors[name]}
                  </p>
                )}
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
        {Number.isFinite(value) ? (
          <>
            <b>{shownAs(formula.result.kind, value, system)}</b>
            {hasOtherSystem(formula.result.kind)
              ? ` or ${shownAs(formula.result.kind, value, system === 'metric' ? 'imperial' : 'metric')}`
              : ''}
          </>
        ) : (
          'With these figures the formula gives no finite number.'
        )}
      </p>
      <p className={styles.tools}>
        <Action onAct={() => setSystem(system === 'metric' ? 'imperial' : 'metric')}>
          {system === 'metric' ? 'mm → in' : 'in → mm'}
        </Action>
        <Action
          onAct={() => {
            setInputs(start);
            setDrafts({});
            setErrors({});
          }}
        >
          Start figures again
        </Action>
      </p>
    </section>
  );
}
