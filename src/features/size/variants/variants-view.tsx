'use client';

import { useState } from 'react';
import { VARIANTS } from '@/features/frame';
import { Toggle } from '@/ui/toggle';
import { BenchHead } from '../bench-head';
import { AllTable } from './all-table';
import { Pair, type Picked } from './pair';
import { Schools } from './schools';
import { Shelf } from './shelf';
import { Together } from './together';
import { NOW, useFigures, useSides } from './use-sides';
import styles from './variants.module.css';

type View = 'pair' | 'all' | 'parts' | 'schools';
const views = [
  ['pair', 'Two, part by part'],
  ['all', 'All side by side'],
  ['parts', 'Parts for all axes'],
  ['schools', 'The schools'],
] as const;

const NothingYet = () => (
  <div className={styles.lead}>
    <p>
      Nothing is held beside the present plan yet. Put it by under a name, change what you like on the other
      sheets, and come back: both stand here side by side, with what is gained, given up and paid.
    </p>
    <p>
      Plans of the guided start come here by themselves; one is opened, the others are held beside it. Under
      The schools each side of a quarrel of the trade can be held here, too.
    </p>
  </div>
);

/**
 * Whole machines beside the plan: what each comes to, what tells two apart, and parts of one taken into
 * another.
 */
export function VariantsView() {
  const sides = useSides();
  const known = useFigures(sides);
  const [view, setView] = useState<View>('pair');
  const [picked, setPicked] = useState<Picked | null>(null);
  const there = (id: string | undefined) => sides.some((s) => s.id === id);
  const other = picked && there(picked.other) ? picked.other : (sides[1]?.id ?? NOW);
  const into = picked && there(picked.into) ? picked.into : NOW;
  return (
    <div className={styles.variants}>
      <div className={styles.headBox}>
        <BenchHead current={VARIANTS} />
      </div>
      <aside className={styles.side} aria-label="Variants">
        <Shelf
          sides={sides}
          known={known}
          here={other}
          onPick={(id) => setPicked({ into: id === into ? NOW : into, other: id })}
        />
      </aside>
      <div className={styles.main}>
        <Toggle label="View of the variants" options={views} value={view} onPick={setView} />
        {view === 'schools' && <Schools />}
        {view === 'parts' && <Together />}
        {(view === 'pair' || view === 'all') && sides.length < 2 && <NothingYet />}
        {view === 'all' && sides.length > 1 && <AllTable sides={sides} known={known} />}
        {view === 'pair' && sides.length > 1 && (
          <Pair sides={sides} known={known} picked={{ into, other }} onPick={setPicked} />
        )}
      </div>
    </div>
  );
}
