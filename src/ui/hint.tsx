'use client';

import Tooltip from '@mui/material/Tooltip';
import { type ReactElement, type RefObject, useCallback, useEffect, useState } from 'react';

interface HintProps {
  /** What is said; empty: nothing opens. */
  readonly text: string;
  /** What is pointed at, focused or tapped. */
  readonly children: ReactElement;
  /** Opens by a tap too; a field opens it by being entered. */
  readonly tap?: boolean;
  /** Stands beside this row, or beside what it is of, so that it covers no row before or after it. */
  readonly beside?: RefObject<HTMLElement | null> | 'itself';
}

/** How long a tapped hint stays, ms. */
const STAYS = 6000;

/** Where else a help goes that has no room beside its row: over what was filled in before. */
const flipTo = (fallbackPlacements: readonly string[]) => ({ name: 'flip', options: { fallbackPlacements } });
const FLIP = {
  row: [flipTo(['left-start', 'top-start', 'bottom-start'])],
  // The value of its row stands before a mark.
  itself: [flipTo(['top-end', 'bottom-end'])],
};

/** Closes the help that is open: there is one at a time, for a field entered and one pointed at make two. */
let closeLast: (() => void) | undefined;

function useAlone() {
  const [open, setOpen] = useState(false);
  const close = useCallback(() => setOpen(false), []);
  const show = useCallback(() => {
    if (closeLast !== close) closeLast?.();
    closeLast = close;
    setOpen(true);
  }, [close]);
  useEffect(
    () => () => {
      if (closeLast === close) closeLast = undefined;
    },
    [close],
  );
  return { open, show, close };
}

/** Where a help is put: in the dialog or the sheet that it belongs to, so that readers come by it there. */
const sheetOf = (beside: HintProps['beside']): HTMLElement =>
  (beside && beside !== 'itself' ? beside.current?.closest<HTMLElement>('[role="dialog"]') : null) ??
  document.getElementById('sheet') ??
  document.body;

/** A help that opens beside or over what it is of, by pointer, keyboard or tap, and is read out with it. */
export function Hint({ text, children, tap = false, beside }: HintProps) {
  const { open, show, close } = useAlone();
  return (
    <Tooltip
      describeChild
      title={text}
      open={open && text !== ''}
      onOpen={show}
      onClose={close}
      placement={beside ? 'right-start' : 'top-start'}
      disableInteractive
      enterTouchDelay={tap ? 0 : undefined}
      leaveTouchDelay={tap ? STAYS : undefined}
      // Gone at once: a help that fades would be placed anew by every keystroke.
      slotProps={{
        popper: {
          container: () => sheetOf(beside),
          ...(beside && beside !== 'itself' && { anchorEl: () => beside.current! }),
          ...(beside && { modifiers: FLIP[beside === 'itself' ? beside : 'row'] }),
        },
        transition: { timeout: 0 },
      }}
    >
      {children}
    </Tooltip>
  );
}
