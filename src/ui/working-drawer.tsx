'use client';

import CloseIcon from '@mui/icons-material/Close';
import Drawer from '@mui/material/Drawer';
import IconButton from '@mui/material/IconButton';
import Link from 'next/link';
import { useMemo } from 'react';
import { formatQuantity, hasOtherSystem, type UnitSystem } from '@/core/units';
import { type Line, texOf, texWithNumbers } from '@/core/worksheet';
import { type BasisName, BasisShape } from './basis-mark';
import { citationWords } from './citation';
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
export function WorkingDrawer({ lines, trail, onTrail, system, source }: WorkingDrawerProps) {
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
          {trail.length > 1 && (
            <nav aria-label="Way here" className={styles.trail}>
              {trail.slice(0, -1).map((key, i) => (
                <button type="button" key={key} onClick={() => onTrail(trail.slice(0, i + 1))}>
                  {byKey.get(key)?.formula.title}
                </button>
              ))}
            </nav>
          )}
          <h3>{line.formula.title}</h3>
          <Tex className={styles.tex} label="Formula" tex={texOf(line.formula)} />
          <p className={styles.caption}>with your numbers</p>
          <Tex className={styles.tex} label="Formula with your numbers" tex={texWithNumbers(line, system)} />
          <table className={styles.table}>
            <thead>
              <tr>
                <th scope="col">Symbol</th>
                <th scope="col">Meaning</th>
                <th scope="col">Value</th>
              </tr>
            </thead>
            <tbody>
              {Object.entries(line.formula.symbols).map(([name, symbol]) => {
                const si = line.inputs[name] ?? NaN;
                const from = line.sources[name];
                const below = from?.startsWith('#') ? byKey.get(from.slice(1)) : undefined;
                const input = from && !from.startsWith('#') ? source(from) : undefined;
                const other = hasOtherSystem(symbol.kind)
                  ? formatQuantity(symbol.kind, si, system === 'metric' ? 'imperial' : 'metric', 3).text
                  : undefined;
                return (
                  <tr key={name}>
                    <td>
                      <TexSymbol tex={symbol.tex} />
                    </td>
                    <td>
                      {symbol.meaning}
                      {below && (
                        <button
                          type="button"
                          className={styles.follow}
                          onClick={() => onTrail([...trail, below.key])}
                        >
                          how it comes about
                        </button>
                      )}
                      {input && (
                        <span className={styles.input}>
                          {input.basis && <BasisShape basis={input.basis} />} {input.label}
                          {input.typed ? `: ${input.typed}` : ''}
                          {input.basis ? ` (${input.basis})` : ''}
                        </span>
                      )}
                    </td>
                    <td className={styles.value}>
                      {formatQuantity(symbol.kind, si, system).text}
                      {other && <small>{other}</small>}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          <dl className={styles.notes}>
            <dt>Source</dt>
            <dd>
              {citationWords[line.formula.citation.basis]}. {line.formula.citation.text}.
            </dd>
            <dt>Range of use</dt>
            <dd>{line.formula.range}</dd>
          </dl>
          <p>
            <Link href={`/handbook/${line.formula.id}`}>Its page in the handbook</Link>
          </p>
        </article>
      )}
    </Drawer>
  );
}
