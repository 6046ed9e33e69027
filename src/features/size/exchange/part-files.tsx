'use client';

import { useRef, useState } from 'react';
import type { Family } from '@/core/catalogue';
import { readPartsCsv, writePartsCsv } from '@/core/formats';
import type { OwnPart } from '@/core/model';
import { downloadText } from '@/features/frame';
import { freshId } from '@/session';
import styles from './exchange.module.css';

const MOST_BYTES = 1_000_000;
/** As many own parts as a project file keeps. */
export const MOST_OWN = 2000;

/** Parts of a family in and out as CSV; what cannot be read changes nothing. */
export function PartFiles({
  family,
  own,
  onOwn,
}: {
  family: Family;
  own: readonly OwnPart[];
  onOwn: (parts: readonly OwnPart[], label: string) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<{ text: string; bad: boolean } | null>(null);
  const read = async (list: FileList | null) => {
    const [one] = list ?? [];
    if (!one) return;
    if (one.size > MOST_BYTES)
      return setSaid({
        bad: true,
        text: `${one.name}: read ${one.size} bytes; wanted at most ${MOST_BYTES}.`,
      });
    const result = readPartsCsv(family, await one.text());
    if (!result.ok)
      return setSaid({
        bad: true,
        text:
          `${one.name}, line ${result.line}, ${result.field}: read “${result.read}”; wanted ` +
          `${result.wanted}. Nothing was taken.`,
      });
    if (own.length + result.parts.length > MOST_OWN)
      return setSaid({
        bad: true,
        text:
          `${one.name}: read ${result.parts.length} parts; wanted at most ${MOST_OWN - own.length} ` +
          `more. Nothing was taken.`,
      });
    onOwn([...own, ...result.parts.map((p) => ({ ...p, id: freshId() }))], `Parts from ${one.name}`);
    setSaid({ bad: false, text: `${result.parts.length} parts taken from ${one.name}.` });
  };
  return (
    <>
      <button type="button" onClick={() => file.current?.click()}>
        Read a CSV…
      </button>
      <input
        ref={file}
        type="file"
        accept=".csv,text/csv"
        hidden
        aria-label="Parts as CSV"
        onChange={(e) => {
          void read(e.target.files);
          e.target.value = '';
        }}
      />
      <button type="button" onClick={() => downloadText(`${family.id}.csv`, writePartsCsv(family, own))}>
        Write a CSV
      </button>
      {said && (
        <p role={said.bad ? 'alert' : 'status'} className={said.bad ? styles.error : undefined}>
          {said.text}
        </p>
      )}
    </>
  );
}
