'use client';

import { useId, useState } from 'react';
import styles from './refusal.module.css';

/** Why a change was not made; undefined where it was. */
export type Refused = string | undefined;

/** Keeps the reason of the last refused change and shows it where the change was asked for. */
export function useRefusal() {
  const id = useId();
  const [reason, setReason] = useState<Refused>();
  return {
    /** Makes a change, keeps what it says and gives it back. */
    attempt(change: () => Refused | void): Refused {
      const why = change() ?? undefined;
      setReason(why);
      return why;
    },
    /** For `aria-describedby` of what was pressed. */
    id: reason ? id : undefined,
    note: reason ? (
      // A span, so that it may stand within a sentence as well.
      <span className={styles.refusal} id={id} role="alert">
        {reason}
      </span>
    ) : null,
  };
}
