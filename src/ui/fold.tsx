'use client';

import ExpandIcon from '@mui/icons-material/ExpandMore';
import Accordion from '@mui/material/Accordion';
import AccordionDetails from '@mui/material/AccordionDetails';
import AccordionSummary from '@mui/material/AccordionSummary';
import { type ReactNode, useState } from 'react';

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
  /** Made only when it is first opened, where it is dear; what is to be printed is made at once. */
  readonly lazy?: boolean | undefined;
}

/** What unfolds when its summary is pressed. */
export function Fold({
  summary,
  children,
  open = false,
  className,
  level = 'h3',
  sign = true,
  lazy = false,
}: FoldProps) {
  const [seen, setSeen] = useState(open || !lazy);
  return (
    <Accordion
      disableGutters
      square
      elevation={0}
      defaultExpanded={open}
      className={className ?? ''}
      // What is folded is a part of its page, no landmark of its own.
      slotProps={{ heading: { component: level }, region: { role: 'none' } }}
      onChange={(_, now) => setSeen(seen || now)}
    >
      <AccordionSummary expandIcon={sign ? <ExpandIcon fontSize="inherit" /> : null}>
        {summary}
      </AccordionSummary>
      <AccordionDetails>{seen ? children : null}</AccordionDetails>
    </Accordion>
  );
}
