'use client';

import CloseIcon from '@mui/icons-material/Close';
import Drawer from '@mui/material/Drawer';
import IconButton from '@mui/material/IconButton';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import Link from 'next/link';
import { useMemo } from 'react';
import { hasOtherSystem, type Kind, type UnitSystem, workedQuantity } from '@/core/units';
import { type Line, texOf, texWithNumbers } from '@/core/worksheet';
import { Action } from './action';
import { type BasisName, BasisShape } from './basis-mark';
import { citationWords } from './citation';
import { formulaHref } from './formula-href';
import { Tex, TexSymbol } from './tex';
import styles from './working-drawer.module.css';

/** What is known about a typed input that a formula used. */
export interface SourceInfo {
  readonly label: string;
  readonly typed?: string;
  readonly basis?: BasisName;
}

export interface WorkingDrawerProps {
  readonly lines: readonly Line[];
  /** The trail of keys, the one shown last; empty: closed. */
  readonly trail: readonly string[];
  readonly onTrail: (trail: readonly string[]) => void;
  readonly system: UnitSystem;
  readonly source: (path: string) => SourceInfo | undefined;
}

/**
 * The working of a number, opened from the right: formula, the user's own numbers in it, source, range of
 * use.
 */
export function WorkingDrawer(props: WorkingDrawerProps) {
  const { lines, trail, onTrail } = props;
  const byKey = useMemo(() => new Map(lines.map((l) => [l.key, l])), [lines]);
  const line = byKey.get(trail[trail.length - 1] ?? '');
  return (
    <Drawer
      anchor="right"
      open={line !== undefined}
      onClose={() => onTrail([])}
      slotProps={{ paper: { className: styles.paper ?? '', 'aria-label': 'Working' } }}
    >
      {line && (
        <article className={styles.body}>
          <header className={styles.head}>
            <h2>Working</h2>
            <IconButton aria-label="Close the working" onClick={() => onTrail([])}>
              <CloseIcon fontSize="small" />
            </IconButton>
          </header>
          <WayHere {...props} byKey={byKey} />
          <Shown {...props} line={line} byKey={byKey} />
        </article>
      )}
    </Drawer>
  );
}

type Within = WorkingDrawerProps & { readonly byKey: ReadonlyMap<string, Line> };

function WayHere({ trail, onTrail, byKey }: Within) {
  if (trail.length < 2) return null;
  return (
    <nav aria-label="Way here" className={styles.trail}>
      {trail.slice(0, -1).map((key, i) => (
        <Action key={key} onAct={() => onTrail(trail.slice(0, i + 1))}>
          {byKey.get(key)?.formula.title}
        </Action>
      ))}
    </nav>
  );
}

function Shown(props: Within & { readonly line: Line }) {
  const { line, system } = props;
  const { formula } = line;
  return (
    <>
      <h3>{formula.title}</h3>
      <Tex className={styles.tex} label="Formula" tex={texOf(formula)} />
      <p className={styles.caption}>with your numbers</p>
      <Tex className={styles.tex} label="Formula with your numbers" tex={texWithNumbers(line, system)} />
      <Table className={styles.table ?? ''}>
        <TableHead>
          <TableRow>
            <TableCell scope="col">Symbol</TableCell>
            <TableCell scope="col">Meaning</TableCell>
            <TableCell scope="col">Value</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {Object.keys(formula.symbols).map((name) => (
            <SymbolRow key={name} {...props} name={name} />
          ))}
        </TableBody>
      </Table>
      <dl className={styles.notes}>
        <dt>Source</dt>
        <dd>
          {citationWords[formula.citation.basis]}. {formula.citation.text}.
        </dd>
        <dt>Range of use</dt>
        <dd>{formula.range}</dd>
      </dl>
      <p>
        <Link href={formulaHref(formula.id)}>Its page in the handbook</Link>
      </p>
    </>
  );
}

function SymbolRow({ line, name, ...props }: Within & { readonly line: Line; readonly name: string }) {
  const { trail, onTrail, byKey, source, system } = props;
  const symbol = line.formula.symbols[name]!;
  const si = line.inputs[name] ?? NaN;
  const from = line.sources[name];
  const below = from?.startsWith('#') ? byKey.get(from.slice(1)) : undefined;
  const input = from && !from.startsWith('#') ? source(from) : undefined;
  return (
    <TableRow>
      <TableCell>
        <TexSymbol tex={symbol.tex} />
      </TableCell>
      <TableCell>
        {symbol.meaning}
        {below && (
          <Action className={styles.follow} onAct={() => onTrail([...trail, below.key])}>
            how it comes about
          </Action>
        )}
        {input && <Input {...input} />}
      </TableCell>
      <TableCell className={styles.value ?? ''}>
        <Value kind={symbol.kind} si={si} system={system} />
      </TableCell>
    </TableRow>
  );
}

const Input = ({ label, typed, basis }: SourceInfo) => (
  <span className={styles.input}>
    {basis && <BasisShape basis={basis} />} {label}
    {typed ? `: ${typed}` : ''}
    {basis ? ` (${basis})` : ''}
  </span>
);

function Value({ kind, si, system }: { kind: Kind; si: number; system: UnitSystem }) {
  const other = system === 'metric' ? 'imperial' : 'metric';
  return (
    <>
      {workedQuantity(kind, si, system).text}
      {hasOtherSystem(kind) && <small>{workedQuantity(kind, si, other, 3).text}</small>}
    </>
  );
}
