'use client';

import type { Service, WorkContext } from '@/core/build';
import { type AssemblyNames, workTime } from '@/words';
import page from '../build.module.css';
import styles from './assembly.module.css';

interface ServicesProps {
  readonly work: WorkContext;
  readonly names: AssemblyNames;
  readonly picked: string | null;
  readonly onPick: (part: string) => void;
}

const depthText = ({ reach, off, unknown, usual }: Service): string => {
  if (!reach) return 'never';
  const count = Math.max(reach.off.length, off ? off.off.length : 0);
  const doubt = unknown.length || usual ? '≥ ' : '';
  return count ? `${doubt}${count} off` : unknown.length ? 'not known' : 'free';
};

/** Everything that wears or is set anew, the hardest to reach first. */
export function Services({ work, names, picked, onPick }: ServicesProps) {
  return (
    <>
      <h2 className={`${page.heading} ${page.part}`}>
        Hardest to reach <small>each time</small>
      </h2>
      <ul className={styles.services}>
        {work.assembly.services.map((s) => (
          <li key={s.part}>
            <button type="button" aria-pressed={s.part === picked} onClick={() => onPick(s.part)}>
              <span>{names.part(s.part)}</span>
              <span>{depthText(s)}</span>
              <span>{workTime(s.minutes)}</span>
            </button>
          </li>
        ))}
      </ul>
    </>
  );
}
