'use client';

import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import { familiesOf, familyById } from '@/core/catalogue';
import {
  type FoundLine,
  type PresentLine,
  type Reason,
  type Scale,
  scales,
  searchEdits,
  searchLinks,
} from '@/core/choose';
import { oursOf, pickedPart, toStored } from '@/core/machine';
import { applyEdits } from '@/core/model';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { CardTable } from '@/ui/card-table';
import { VerdictMark } from '@/ui/verdict-mark';
import { lineMoney, reasonNames, scaleNames, scaleText, verdictText } from '@/words';
import { useAxis } from '../axis-context';
import { usePins } from '../use-pins';
import styles from './search.module.css';

/** Parts of a line by name, those of one link together. */
export function partNames(
  project: Parameters<typeof pickedPart>[0],
  { axis }: Pick<FoundLine, 'axis'>,
): readonly string[] {
  return searchLinks.flatMap((link) => {
    const families = familiesOf(link).filter((f) => axis.parts[f.id]);
    const names = families.flatMap((family) => {
      const only = { ...axis, parts: { [family.id]: axis.parts[family.id]! } };
      return pickedPart(project, only, link)?.name ?? [];
    });
    return names.length ? [names.join(', ')] : [];
  });
}

const guessedIn = ({ axis }: FoundLine): boolean => oursOf(axis).length > 0;

interface ListProps {
  readonly read: readonly { readonly line: FoundLine; readonly reason: Reason }[];
  readonly scale: Scale;
  readonly picked: string | null;
  readonly onPick: (id: string) => void;
}

/** The few that are worth reading, and why each. */
export function WorthReading({ read, scale, picked, onPick }: ListProps) {
  const { project, system } = useMachine();
  return (
    <CardTable
      titles={['Why', 'Drive train', 'Money', scaleNames[scale], 'Verdict']}
      label="Worth reading"
      className={styles.read}
    >
      {read.map(({ line, reason }) => (
        <TableRow key={line.id} selected={line.id === picked}>
          <TableCell component="th" scope="row">
            <Action onAct={() => onPick(line.id)}>{reasonNames[reason]}</Action>
          </TableCell>
          <TableCell data-title="Drive train">{partNames(project, line).slice(0, 3).join(' · ')}</TableCell>
          <TableCell data-title="Money">{lineMoney(line)}</TableCell>
          <TableCell data-title={scaleNames[scale]}>{scaleText(line.figures, scale, system)}</TableCell>
          <TableCell data-title="Verdict">
            <VerdictMark verdict={line.verdict} guessed={guessedIn(line)} />{' '}
            {verdictText(line.verdict, guessedIn(line))}
          </TableCell>
        </TableRow>
      ))}
    </CardTable>
  );
}

/** One drive train beside the present one, to be taken. */
export function PickedLine(props: {
  readonly line: FoundLine;
  readonly now: PresentLine;
  readonly onTaken: () => void;
}) {
  const { line, now, onTaken } = props;
  const { project, system } = useMachine();
  const { editor, index, stored } = useAxis();
  const pins = usePins(index);
  const name = familyById(line.family)!.name.toLowerCase();
  const hold = () => {
    const held = applyEdits(stored, toStored(searchEdits(line.axis), stored));
    return pins.hold(`${familyById(line.family)!.name}, ${lineMoney(line)}`, held);
  };
  const take = () => {
    const refused = editor.apply(searchEdits(line.axis), `Drive train: ${name}`);
    if (!refused) onTaken();
    return refused;
  };
  return (
    <section aria-label="Picked drive train">
      <h3>
        <VerdictMark verdict={line.verdict} guessed={guessedIn(line)} />{' '}
        {verdictText(line.verdict, guessedIn(line))}
      </h3>
      <ul className={styles.parts}>
        {partNames(project, line).map((part) => (
          <li key={part}>{part}</li>
        ))}
      </ul>
      <CardTable titles={['Answer', 'now', 'with it']} label="Now and with it">
        {scales.map((scale) => (
          <TableRow key={scale}>
            <TableCell component="th" scope="row">
              {scaleNames[scale]}
            </TableCell>
            <TableCell data-title="now">{scaleText(now.figures, scale, system)}</TableCell>
            <TableCell data-title="with it">{scaleText(line.figures, scale, system)}</TableCell>
          </TableRow>
        ))}
        <TableRow>
          <TableCell component="th" scope="row">
            Money
          </TableCell>
          <TableCell data-title="now">{lineMoney(now)}</TableCell>
          <TableCell data-title="with it">{lineMoney(line)}</TableCell>
        </TableRow>
      </CardTable>
      <p className={styles.small}>
        Every check of the drive train was made, on this axis as the machine loads it. What else hangs on its
        size (plates, ends, stops, the frame) is judged when you take it, which can be undone.
      </p>
      <div className={styles.acts}>
        <Action variant="contained" onAct={take}>
          Take it
        </Action>
        <Action title="A variant of this axis, to hold against it and against others" onAct={hold}>
          Hold it beside
        </Action>
      </div>
    </section>
  );
}
