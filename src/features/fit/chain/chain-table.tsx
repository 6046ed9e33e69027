'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import type { ChainPart, TravelChain } from '@/core/machine';
import { formatQuantity } from '@/core/units';
import { useMachine } from '@/features/frame';
import { CardTable } from '@/ui/card-table';
import { chainPartName } from '@/words';
import styles from '../fit.module.css';

const titles = ['Part', 'Long', 'Travel wants', 'Lets run', 'From', 'To', 'Ends'] as const;

/**
 * Each part in figures: how long it is and would have to be, where it lets the middle of the carriages be,
 * which end it makes.
 */
export function ChainTable({ chain }: { chain: TravelChain }) {
  if (!chain.parts.length) return null;
  return (
    <CardTable titles={titles} className={styles.table} label="Parts of the travel chain">
      {chain.parts.map((part) => (
        <PartRow key={part.id} part={part} chain={chain} />
      ))}
    </CardTable>
  );
}

function endsText({ id }: ChainPart, { closed }: TravelChain): string {
  const { near, far } = closed!;
  if (id === near && id === far) return 'both ends';
  if (id === near) return 'near end';
  return id === far ? 'far end' : '';
}

function PartRow({ part, chain }: { part: ChainPart; chain: TravelChain }) {
  const { system } = useMachine();
  const say = (m: number | null) => (m === null ? 'anywhere' : formatQuantity('length', m, system, 4).text);
  const { from, free } = part;
  const ends = endsText(part, chain);
  const short = free < chain.wanted;
  const cells = [
    say(part.length),
    say(part.length + chain.wanted - free),
    say(free),
    say(from),
    say(from === null ? null : from + free),
    ends,
  ] as const;
  return (
    <TableRow>
      <TableCell component="th" scope="row">
        {chainPartName[part.id]}
      </TableCell>
      {cells.map((text, i) => (
        <TableCell
          key={titles[i + 1]}
          data-title={titles[i + 1]}
          className={(i === 1 && short) || (i === 5 && ends) ? (styles.binds ?? '') : ''}
        >
          {text}
        </TableCell>
      ))}
    </TableRow>
  );
}
