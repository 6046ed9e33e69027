'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import {
  type Axis,
  type BalanceKind,
  type BalancePart,
  capsAt,
  MOST_NAME,
  putInAxis,
  startingBalance,
} from '@/core/model';
import { formatQuantity, type Kind } from '@/core/units';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { TextLine } from '@/ui/text-line';
import { balanceNames } from '@/words';
import { useAxis } from './axis-context';
import { AxisField } from './axis-field';
import styles from './panels.module.css';

const kinds = ['weight', 'gas-spring'] as const satisfies readonly BalanceKind[];

const fields: Readonly<Record<BalanceKind, readonly string[]>> = {
  weight: ['mass', 'roping', 'count'],
  'gas-spring': ['force', 'rise', 'stroke', 'pressed', 'sealFriction', 'count'],
};

/** Whether there is anything to say of balance: it lifts, or somebody said so of one that lies. */
export const isBalanced = ({ demands, loads: { balance, counterbalance } }: Axis): boolean =>
  demands.inclination.si > 0 || counterbalance.si > 0 || balance.length > 0;

/** What balances an axis, in a word. */
export function balanceText({ loads: { balance, counterbalance } }: Axis): string {
  const parts = balance.length;
  if (!parts) return counterbalance.si > 0 ? counterbalance.typed : 'nothing';
  return parts === 1 ? balanceNames[balance[0]!.kind].toLowerCase() : `${parts} parts`;
}

/** What holds the axis up: a force, counterweights, gas springs; and what is left at either end. */
export function Balance() {
  const { index, stored, editor } = useAxis();
  const { balance } = stored.loads;
  const set = (next: BalancePart[], label: string) => editor.apply([putInAxis('loads.balance', next)], label);
  const most = capsAt(`axes.${index}.loads.balance`)!.max;
  return (
    <div className={styles.inset}>
      <AxisField path="loads.counterbalance" />
      {balance.map((part, i) => (
        <Part
          key={part.id}
          part={part}
          at={i}
          onRemove={() =>
            set(
              balance.filter((p) => p.id !== part.id),
              `Removed ${part.name}`,
            )
          }
        />
      ))}
      <Left />
      {kinds.map((kind) => (
        <Action
          key={kind}
          disabled={balance.length >= most}
          icon={<AddIcon fontSize="inherit" />}
          onAct={() =>
            set(
              [...balance, startingBalance(kind, freshId(), balanceNames[kind])],
              `Added a ${balanceNames[kind]}`,
            )
          }
        >
          {`Add a ${balanceNames[kind].toLowerCase()}`}
        </Action>
      ))}
    </div>
  );
}

interface PartProps {
  readonly part: BalancePart;
  readonly at: number;
  readonly onRemove: () => void;
}

function Part({ part, at, onRemove }: PartProps) {
  const { index, editor } = useAxis();
  return (
    <div className={styles.body}>
      <TextLine
        label={`Name of the ${balanceNames[part.kind].toLowerCase()}`}
        value={part.name}
        maxLength={MOST_NAME}
        onText={(name) => editor.apply([putInAxis(`loads.balance.${at}.name`, name)], 'Name of a part')}
      />
      <IconAction label={`Remove ${part.name}`} title="Remove" onAct={onRemove}>
        <DeleteIcon fontSize="inherit" />
      </IconAction>
      {fields[part.kind].map((field) => (
        <MachineField key={field} path={`axes.${index}.loads.balance.${at}.${field}`} />
      ))}
    </div>
  );
}

/** What is left to drive, motor or hand at either end of the travel. */
function Left() {
  const { system } = useMachine();
  const { report } = useAxis();
  if (!report.balance) return null;
  const { top, bottom } = report.balance;
  const say = (kind: Kind, si: number) => formatQuantity(kind, si, system, 3).text;
  const left = (force: number) =>
    force >= 0 ? `${say('force', force)} left to hold` : `pushed up by ${say('force', -force)}`;
  return (
    <p className={styles.hint}>
      At the top {say('force', top.push)} hold it up: {left(top.left)}. At the bottom{' '}
      {say('force', bottom.push)}: {left(bottom.left)}. The worse end counts.
    </p>
  );
}
