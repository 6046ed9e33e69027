'use client';

import ExpandIcon from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { createContext, memo, type ReactNode, useContext, useMemo, useState } from 'react';
import { usePrinting } from './use-printing';

interface FoldProps {
  readonly summary: ReactNode;
  readonly children: ReactNode;
  /** Open when it is first shown. */
  readonly open?: boolean | undefined;
  readonly className?: string | undefined;
  /** Level of the heading that the summary is; left out: 3. */
  readonly level?: 'h2' | 'h3' | 'h4' | 'div' | undefined;
  /** Whether a sign at the end shows that it opens. */
  readonly sign?: boolean | undefined;
  /** Made only when it is first opened, where it is dear; `screen`: and when it is printed. */
  readonly lazy?: boolean | 'screen' | undefined;
}

type Filling = Pick<FoldProps, 'summary' | 'children'>;

const FillingContext = createContext<Filling>({ summary: null, children: null });

const Summary = () => useContext(FillingContext).summary;
const Inside = () => useContext(FillingContext).children;

/**
 * The library's fold is dear to draw. It keeps still while what is in it changes, which reaches its place by
 * the context.
 */
const Shell = memo(function Shell(props: Omit<FoldProps, keyof Filling>) {
  const { open = false, className, level = 'h3', sign = true, lazy = false } = props;
  const [atFirst] = useState(open);
  const [seen, setSeen] = useState(open || !lazy);
  const printing = usePrinting();
  return (
    <Accordion
      disableGutters
      square
      elevation={0}
      defaultExpanded={atFirst}
      className={className ?? ''}
      // What is folded is a part of its page, no landmark of its own.
      slotProps={{ heading: { component: level }, region: { role: 'none' } }}
      onChange={(_, now) => setSeen(seen || now)}
    >
      <AccordionSummary expandIcon={sign ? <ExpandIcon fontSize="inherit" /> : null}>
        <Summary />
      </AccordionSummary>
      <AccordionDetails>{seen || (printing && lazy === 'screen') ? <Inside /> : null}</AccordionDetails>
    </Accordion>
  );
});

/** What unfolds when its summary is pressed. */
export function Fold({ summary, children, ...shell }: FoldProps) {
  const filling = useMemo(() => ({ summary, children }), [summary, children]);
  return (
    <FillingContext value={filling}>
      <Shell {...shell} />
    </FillingContext>
  );
}
