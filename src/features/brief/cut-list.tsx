'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import type { CutLoad } from '@/core/machine';
import { capsAt, type Cut, put, startingCut } from '@/core/model';
import { formatQuantity } from '@/core/units';
import { useKnown, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import { CheckBox } from '@/ui/check-box';
import { newNames } from '@/words';
import styles from './brief.module.css';

type Kind = Cut['kind'];

const kindNames: readonly (readonly [Kind, string])[] = [
  ['mill', 'Milling'],
  ['plasma', 'Plasma'],
  ['knife', 'Drag knife'],
  ['light', 'Foam, brush, pen'],
];
const nameOf = (kind: Kind) => kindNames.find(([k]) => k === kind)![1].toLowerCase();
const most = capsAt('brief.cuts')!.max;

const peak = (load: CutLoad | undefined) => (load ? Math.max(load.along, load.across) : 0);

interface CutListProps {
  readonly picked: number;
  readonly onPick: (index: number) => void;
}

/** The list of cuts; each with what it asks of the machine. */
export function CutList({ picked, onPick }: CutListProps) {
  const { project, editor } = useMachine();
  const { cuts: loads } = useKnown();
  const { cuts } = project.brief;
  const worst = loads.reduce((w, c, i) => (peak(c) > peak(loads[w]) ? i : w), 0);
  const setAll = (next: Cut[], label: string, pick: number) => {
    const refused = editor.apply([put('brief.cuts', next)], label);
    if (!refused) onPick(pick);
    return refused;
  };
  const add = (kind: Kind) =>
    setAll([...cuts, startingCut(kind, freshId(), newNames.cut)], `Added: ${nameOf(kind)}`, cuts.length);
  const remove = (cut: Cut, i: number) =>
    setAll(
      cuts.filter((c) => c.id !== cut.id),
      `Removed: ${cut.name}`,
      Math.max(0, i - 1),
    );
  return (
    <section aria-labelledby="cuts-title">
      <h2 id="cuts-title">Cuts</h2>
      {!cuts.length && (
        <p className={styles.hint}>
          No cut is given yet: forces on the axes are what was typed there. Add the cuts that you will really
          make, the hardest first.
        </p>
      )}
      <ul className={styles.cuts}>
        {cuts.map((cut, i) => (
          <li key={cut.id} data-here={i === picked || undefined}>
            <Action pressed={i === picked} onAct={() => onPick(i)}>
              <CutLine cut={cut} load={loads[i]} worst={i === worst && cuts.length > 1} />
            </Action>
            <IconAction label={`Remove ${cut.name}`} onAct={() => remove(cut, i)}>
              <DeleteIcon fontSize="inherit" />
            </IconAction>
          </li>
        ))}
      </ul>
      {cuts.length < most && (
        <p className={styles.addRow}>
          <AddIcon fontSize="inherit" />{' '}
          {kindNames.map(([kind, name]) => (
            <Action key={kind} onAct={() => add(kind)}>
              {name}
            </Action>
          ))}
        </p>
      )}
      {cuts.length > 0 && <CarriedTo />}
    </section>
  );
}

function CutLine({ cut, load, worst }: { cut: Cut; load: CutLoad | undefined; worst: boolean }) {
  const { system } = useMachine();
  return (
    <span>
      <b>{cut.name}</b>
      <small>
        {nameOf(cut.kind)}, {formatQuantity('force', peak(load), system, 3).text}
        {worst ? ', the worst' : ''}
      </small>
    </span>
  );
}

/** Which axes take their load from the cuts. */
function CarriedTo() {
  const { project, editor } = useMachine();
  return (
    <fieldset className={styles.carried}>
      <legend>The worst of them loads</legend>
      {project.axes.map(({ id, letter, name, demands }, i) => (
        <CheckBox
          key={id}
          label={
            `${letter} ${name}` +
            (demands.cuttingFrom === 'typed' ? `, ${demands.cuttingForce.typed} typed` : '')
          }
          checked={demands.cuttingFrom === 'cuts'}
          onCheck={(checked) =>
            editor.apply(
              [put(`axes.${i}.demands.cuttingFrom`, checked ? 'cuts' : 'typed')],
              `${name}: cutting force`,
            )
          }
        />
      ))}
    </fieldset>
  );
}
