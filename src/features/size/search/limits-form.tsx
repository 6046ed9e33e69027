'use client';

import { familyById } from '@/core/catalogue';
import { driveFamilies, type SearchLimits, searchLinks } from '@/core/choose';
import { CheckBox } from '@/ui/check-box';
import { NumberLine } from '@/ui/number-line';
import { searchLinkNames } from '@/words';
import styles from './search.module.css';

/** Most money that can be typed. */
const MOST = 1e6;

interface FormProps {
  readonly limits: SearchLimits;
  readonly onLimits: (limits: SearchLimits) => void;
}

/** What a search may change, and what is not wanted. */
export function LimitsForm({ limits, onLimits }: FormProps) {
  const { vary, refused } = limits;
  const set = (change: Partial<SearchLimits>) => onLimits({ ...limits, ...change });
  const toggled = <T,>(list: readonly T[], item: T, on: boolean) =>
    on ? [...list, item] : list.filter((i) => i !== item);
  return (
    <>
      <fieldset className={styles.choices}>
        <legend>May change</legend>
        {searchLinks.map((link) => (
          <CheckBox
            key={link}
            label={searchLinkNames[link]}
            checked={vary.includes(link)}
            onCheck={(on) => set({ vary: searchLinks.filter((l) => toggled(vary, link, on).includes(l)) })}
          />
        ))}
        <small>What is not ticked stays as it stands.</small>
      </fieldset>
      <fieldset className={styles.choices} disabled={!vary.includes('drive')}>
        <legend>Kinds of drive</legend>
        {driveFamilies.map((family) => (
          <CheckBox
            key={family}
            label={familyById(family)!.name}
            checked={!refused.includes(family)}
            onCheck={(on) => set({ refused: toggled(refused, family, !on) })}
          />
        ))}
        <CheckBox
          label="both ends of screws in every way"
          checked={limits.ends}
          onCheck={(ends) => set({ ends })}
        />
      </fieldset>
      <fieldset className={styles.choices}>
        <legend>Motors, margins, money</legend>
        <CheckBox
          label="no servos"
          checked={refused.includes('servo')}
          onCheck={(on) => set({ refused: toggled(refused, 'servo', on) })}
        />
        <CheckBox
          label="steppers with eight leads, also in parallel"
          checked={limits.parallel}
          onCheck={(parallel) => set({ parallel })}
        />
        <CheckBox label="nothing thin" checked={limits.sure} onCheck={(sure) => set({ sure })} />
        <label className={styles.money}>
          <span>Money, at most</span>
          <NumberLine
            label="Most money"
            value={limits.budget}
            most={MOST}
            optional
            placeholder="as it takes"
            onNumber={(budget) => set({ budget })}
          />
        </label>
      </fieldset>
    </>
  );
}
