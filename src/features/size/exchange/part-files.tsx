'use client';

import { useState } from 'react';
import type { Family } from '@/core/catalogue';
import { readPartsCsv, writePartsCsv } from '@/core/formats';
import { downloadText } from '@/features/frame';
import { freshId } from '@/session';
import { Action } from '@/ui/action';
import { FilePicker, type FileRead, readText } from '@/ui/file-picker';
import { wantedWords } from '@/words';
import styles from './exchange.module.css';
import { MOST_OWN, useOwnParts } from './use-own-parts';

const MOST_BYTES = 1_000_000;
const csv = { 'text/csv': ['.csv'] };

type Said = { readonly text: string; readonly bad: boolean };

/** Parts of a family in and out as CSV; what cannot be read changes nothing. */
export function PartFiles({ family }: { family: Family }) {
  const { own, setOwn } = useOwnParts();
  const [said, setSaid] = useState<Said | null>(null);
  const take = (file: FileRead): Said => {
    const bad = (text: string): Said => ({ bad: true, text });
    if (!file.ok) return bad(file.reason);
    const { name } = file;
    const result = readPartsCsv(family, file.text);
    if (!result.ok) {
      const { line, field, read, wanted } = result;
      return bad(
        `${name}, line ${line}, ${field}: read “${read}”; wanted ${wantedWords(wanted)}. Nothing was taken.`,
      );
    }
    const count = result.parts.length;
    if (own.length + count > MOST_OWN) {
      const wanted = `at most ${MOST_OWN - own.length} more`;
      return bad(`${name}: read ${count} parts; wanted ${wanted}. Nothing was taken.`);
    }
    const parts = [...own, ...result.parts.map((p) => ({ ...p, id: freshId() }))];
    const refused = setOwn(parts, `Parts from ${name}`);
    return refused ? bad(refused) : { bad: false, text: `${count} parts taken from ${name}.` };
  };
  const read = async ([one]: readonly File[]) => {
    if (one) setSaid(take(await readText(one, MOST_BYTES)));
  };
  return (
    <>
      <FilePicker label="Parts as CSV" accept={csv} onFiles={(files) => void read(files)}>
        Read a CSV…
      </FilePicker>
      <Action onAct={() => downloadText(`${family.id}.csv`, writePartsCsv(family, own))}>Write a CSV</Action>
      {said && (
        <p role={said.bad ? 'alert' : 'status'} className={said.bad ? styles.error : undefined}>
          {said.text}
        </p>
      )}
    </>
  );
}
