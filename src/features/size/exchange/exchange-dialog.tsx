'use client';

import InputBase from '@mui/material/InputBase';
import { useEffect, useMemo, useRef, useState } from 'react';
import { familiesOf, type Family, type PartLink, partsIn, presentFamily, swapEdits } from '@/core/catalogue';
import { compareReports } from '@/core/choose';
import { OwnPartForm } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { SheetDialog } from '@/ui/sheet-dialog';
import { Toggle } from '@/ui/toggle';
import { useAxis } from '../axis-context';
import { CompareTable } from '@/features/findings';
import styles from './exchange.module.css';
import { PartFiles } from './part-files';
import { PartList, type TriedPart, tryParts } from './part-list';
import { MOST_OWN, useOwnParts } from './use-own-parts';

interface ExchangeProps {
  readonly link: PartLink;
  readonly onClose: () => void;
}

/** What is looked at in the dialog. */
function useExchange(link: PartLink) {
  const { project, system } = useMachine();
  const { axis } = useAxis();
  const { own } = useOwnParts();
  const choices = familiesOf(link);
  const [familyId, setFamilyId] = useState(() => presentFamily(axis, link) ?? choices[0]!.id);
  const [picked, setPicked] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const family = choices.find((f) => f.id === familyId) ?? choices[0]!;
  const parts = useMemo(() => partsIn(family, own), [family, own]);
  const choice = useMemo(() => {
    const part = parts.find((p) => p.id === picked);
    return part && tryParts(axis, project.axes, family, [part], system)[0];
  }, [axis, project.axes, family, parts, picked, system]);
  const turnTo = (id: string) => {
    setFamilyId(id);
    setPicked(null);
    setAdding(false);
  };
  return { choices, family, parts, choice, picked, setPicked, adding, setAdding, turnTo };
}

/** Another part for one link: what changes in every answer is shown before it is taken. */
export function ExchangeDialog({ link, onClose }: ExchangeProps) {
  const { stored, axis } = useAxis();
  const { own, setOwn } = useOwnParts();
  const state = useExchange(link);
  const { choices, family, parts, choice, picked, setPicked, adding, setAdding } = state;
  const [filter, setFilter] = useState('');
  return (
    <SheetDialog
      title={`Exchange a part of ${stored.name}`}
      width="xl"
      className={styles.paper}
      onClose={onClose}
      head={
        <>
          <Toggle
            label="Families"
            className={styles.families}
            options={choices.map((f) => [f.id, f.name] as const)}
            value={family.id}
            onPick={state.turnTo}
          />
          <label className={styles.search}>
            Search{' '}
            <InputBase
              value={filter}
              placeholder="name or figure"
              autoComplete="off"
              onChange={(e) => setFilter(e.target.value)}
            />
          </label>
        </>
      }
      foot={
        <Foot
          family={family}
          choice={choice}
          onAdd={() => setAdding(true)}
          onDropped={() => setPicked(null)}
          onClose={onClose}
        />
      }
    >
      <div className={styles.body} data-picked={(choice && !adding) || undefined}>
        <div className={styles.list}>
          {adding ? (
            <OwnPartForm
              family={family}
              like={choice?.part}
              fitted={axis}
              onCancel={() => setAdding(false)}
              onAdd={(part) => {
                const refused = setOwn([...own, part], `Own part: ${part.name}`);
                if (refused) return refused;
                setPicked(part.id);
                setAdding(false);
                return undefined;
              }}
            />
          ) : (
            <PartList family={family} parts={parts} filter={filter} picked={picked} onPick={setPicked} />
          )}
        </div>
        <Side choice={choice} />
      </div>
    </SheetDialog>
  );
}

/** What the picked part would change. */
function Side({ choice }: { choice: TriedPart | undefined }) {
  const { system } = useMachine();
  const { report } = useAxis();
  const comparison = useMemo(
    () => (choice?.report ? compareReports(report, choice.report) : null),
    [report, choice],
  );
  const side = useRef<HTMLElement>(null);
  const shown = choice?.part.id;
  // On the phone it takes the place of the list, which was scrolled: it begins with its name.
  useEffect(() => {
    if (shown) side.current?.scrollIntoView({ block: 'start' });
  }, [shown]);
  return (
    <aside ref={side} className={styles.side} aria-live="polite" aria-label="What changes">
      {!choice && (
        <p className={styles.empty}>
          Pick a part: what changes in every answer stands here before you take it.
        </p>
      )}
      {choice && (
        <>
          <h3>{choice.part.name}</h3>
          <p className={styles.source}>Figures: {choice.part.source}. The price is an example.</p>
        </>
      )}
      {choice?.refused && (
        <p role="alert" className={styles.error}>
          Does not fit here. {choice.refused}
        </p>
      )}
      {comparison && <CompareTable comparison={comparison} names={['now', 'with it']} system={system} />}
    </aside>
  );
}

interface FootProps {
  readonly family: Family;
  readonly choice: TriedPart | undefined;
  readonly onAdd: () => void;
  readonly onDropped: () => void;
  readonly onClose: () => void;
}

function Foot({ family, choice, onAdd, onDropped, onClose }: FootProps) {
  const { axis, editor } = useAxis();
  const { own, setOwn } = useOwnParts();
  const mine = choice && own.find((o) => o.id === choice.part.id);
  const take = () => {
    if (!choice) return undefined;
    const { part } = choice;
    const refused = editor.apply(swapEdits(axis, family, part), `Exchanged: ${part.name}`);
    if (!refused) onClose();
    return refused;
  };
  const drop = ({ id, name }: { id: string; name: string }) => {
    const refused = setOwn(
      own.filter((o) => o.id !== id),
      `Removed ${name}`,
    );
    if (!refused) onDropped();
    return refused;
  };
  return (
    <>
      <div className={styles.further} data-picked={choice !== undefined || undefined}>
        <PartFiles family={family} />
        <Action disabled={own.length >= MOST_OWN} onAct={onAdd}>
          Add my own part…
        </Action>
      </div>
      {choice && (
        <Action className={styles.back} onAct={onDropped}>
          Other parts
        </Action>
      )}
      {mine && <Action onAct={() => drop(mine)}>Remove my part</Action>}
      <span className={styles.grow} />
      <Action onAct={onClose}>Cancel</Action>
      <Action variant="contained" disabled={!choice?.report} onAct={take}>
        Take it
      </Action>
    </>
  );
}
