'use client';

import Button from '@mui/material/Button';
import { type ComponentType, type ReactNode, useEffect, useState } from 'react';
import styles from './part.module.css';

type State<P> =
  | { readonly kind: 'loading' }
  | { readonly kind: 'there'; readonly Part: ComponentType<P> }
  | { readonly kind: 'failed' };

function Missing({ onAgain }: { onAgain: () => void }) {
  return (
    <div className={styles.missing} role="alert">
      <p>
        This part of the application could not be fetched. There may be no network just now. What you typed is
        kept.
      </p>
      <Button size="small" onClick={onAgain}>
        Try again
      </Button>
    </div>
  );
}

/**
 * A part of the application that is fetched when it is first needed. Where that fails it says so in its place
 * and can be tried again; the rest of the page goes on. @param meanwhile what stands there until it is here.
 */
export function part<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode = null,
): ComponentType<P> {
  // Once it is here it stands at once wherever it is shown again.
  let here: State<P> = { kind: 'loading' };
  return function Part(props: P) {
    const [state, setState] = useState(here);
    const [tries, setTries] = useState(0);
    useEffect(() => {
      let live = true;
      load().then(
        (Found) => {
          if (here.kind !== 'there') here = { kind: 'there', Part: Found };
          if (live) setState(here);
        },
        () => {
          if (live) setState({ kind: 'failed' });
        },
      );
      return () => {
        live = false;
      };
    }, [tries]);
    if (state.kind === 'there') return <state.Part {...props} />;
    if (state.kind === 'loading') return meanwhile;
    const again = () => {
      // A browser may remember that a piece was missing: the second time the page is loaded anew.
      if (tries > 0) window.location.reload();
      setState({ kind: 'loading' });
      setTries(tries + 1);
    };
    return <Missing onAgain={again} />;
  };
}
