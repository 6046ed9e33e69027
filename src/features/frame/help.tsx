'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { useState } from 'react';
import { SheetDialog } from '@/ui/sheet-dialog';
import { TermList } from '@/ui/term-list';
import { useShortcuts } from '@/ui/use-shortcuts';
import { type Term, termsIn } from '@/words';
import styles from './frame.module.css';

const keys: readonly (readonly [string, string])[] = [
  ['Ctrl Z', 'take the last step back'],
  ['Ctrl Shift Z, Ctrl Y', 'do it again'],
  ['Alt ← →', 'axis before, axis after'],
  ['Enter', 'leave a field'],
  ['Esc', 'drop a text that was refused; close what is open'],
  ['?', 'this help'],
];

/** Where the sheet begins that the words are looked for on. */
const SHEET = 'sheet';

/** Words of the trade and of ours that stand on the page as it is now. */
function wordsHere(): readonly Term[] {
  const sheet = document.getElementById(SHEET);
  if (!sheet) return [];
  const walk = document.createTreeWalker(sheet, NodeFilter.SHOW_TEXT);
  const texts = new Set<string>();
  while (walk.nextNode()) texts.add(walk.currentNode.textContent?.trim() ?? '');
  return termsIn([...texts]);
}

function Words({ words }: { words: readonly Term[] }) {
  if (!words.length) return null;
  return (
    <section aria-labelledby="help-words">
      <h3 id="help-words">Words on this page</h3>
      <TermList terms={words} className={styles.helpWords} />
    </section>
  );
}

/** What the words of a page mean, which keys there are, what a field takes. */
export function Help() {
  const [words, setWords] = useState<readonly Term[] | null>(null);
  const open = () => setWords(wordsHere());
  const close = () => setWords(null);
  useShortcuts([{ key: '?', act: open }]);
  return (
    <>
      <Button size="small" onClick={open} title="Words on this page, and keys (?)">
        Help
      </Button>
      <SheetDialog
        title="Help"
        open={words !== null}
        onClose={close}
        foot={<Button onClick={close}>Close</Button>}
      >
        <Words words={words ?? []} />
        <section aria-labelledby="help-keys">
          <h3 id="help-keys">Keys</h3>
          <dl className={styles.keys}>
            {keys.map(([key, what]) => (
              <div key={key}>
                <dt>
                  <kbd>{key}</kbd>
                </dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
        </section>
        <p>
          Fields take what you type: <b>62 in</b>, <b>3/8 in</b>, <b>425 oz-in</b>, <b>15 m/min</b>,{' '}
          <b>1,5 m</b>. A number without a unit is taken in the unit of the sheet.
        </p>
        <p>
          <Link href="/handbook">Handbook</Link>: formulas, how things are done, all words.
        </p>
      </SheetDialog>
    </>
  );
}
