'use client';

import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { broughtIn, type Conflict, meetSettled, type Side } from '@/core/changes';
import type { Project } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { DifferenceTable } from '@/features/findings';
import { Action } from '@/ui/action';
import { Toggle } from '@/ui/toggle';
import { differenceText, explainIssue } from '@/words';
import styles from './shelf.module.css';
import type { MergeTrouble, OpenMeeting } from './use-meets';

const sides = [
  ['mine', 'as here'],
  ['theirs', 'as in the file'],
] as const;

const troubles: Record<Exclude<MergeTrouble['code'], 'breaks'>, string> = {
  changed: 'The machine was changed here meanwhile. Close this and import the file once more.',
  unreadable: 'Both together would be no machine that can be opened. Keep it beside instead.',
  store: 'The browser did not store it: its storage may be full. Nothing was changed.',
};

const troubleText = (trouble: MergeTrouble): string =>
  trouble.code === 'breaks'
    ? `Both together break a rule: ${explainIssue(trouble.issue)} Settle it otherwise, or keep it beside.`
    : troubles[trouble.code];

interface PlaceProps {
  readonly conflict: Conflict;
  readonly meeting: OpenMeeting;
  readonly side: Side;
  readonly system: UnitSystem;
  readonly onSide: (side: Side) => void;
}

/** One place that both changed: what stood there, what stands here, what the file says. */
function Place({ conflict, meeting, side, system, onSide }: PlaceProps) {
  const { base, mine, theirs } = meeting;
  const from = base ?? mine;
  const told = (differences: Conflict['mine'], after: Project) =>
    differences.map((d) => ({ at: d.at, ...differenceText(d, { before: from, after }, system) }));
  const [own, other] = [told(conflict.mine, mine), told(conflict.theirs, theirs)];
  const lines = [...new Map([...own, ...other].map((t) => [t.at, t])).values()];
  return (
    <tbody>
      {lines.map(({ at, place, what, before }, i) => {
        const [m, t] = [own, other].map((list) => list.find((x) => x.at === at)?.after ?? before);
        return (
          <tr key={at}>
            <th scope="row">
              {place}: {what}
            </th>
            {base && <td data-label="both had">{before}</td>}
            <td data-label="here" className={side === 'mine' ? styles.taken : undefined}>
              {m}
            </td>
            <td data-label="in the file" className={side === 'theirs' ? styles.taken : undefined}>
              {t}
            </td>
            {i === 0 && (
              <td rowSpan={lines.length}>
                <Toggle label={`${place}: ${what}`} options={sides} value={side} onPick={onSide} />
              </td>
            )}
          </tr>
        );
      })}
    </tbody>
  );
}

const places = (n: number) => (n === 1 ? 'one place' : `${n} places`);

interface SheetProps {
  readonly meeting: OpenMeeting;
  readonly onTake: (document: unknown) => Promise<MergeTrouble | undefined>;
  readonly onClose: () => void;
}

/** Two copies of a machine that were edited apart, made one: nothing is taken unseen. */
export function MergeSheet({ meeting, onTake, onClose }: SheetProps) {
  const { base, mine, merged } = meeting;
  const [picked, setPicked] = useState<ReadonlyMap<string, Side>>(new Map());
  const [trouble, setTrouble] = useState<MergeTrouble | undefined>();
  const document = useMemo(() => meetSettled(merged, picked), [merged, picked]);
  const differences = useMemo(() => broughtIn(mine, document), [mine, document]);
  const system = mine.units;
  const { conflicts } = merged;
  const all = (side: Side) => setPicked(new Map(conflicts.map(({ at }) => [at, side])));
  return (
    <section className={styles.merge} aria-label={`Merge ${mine.name}`}>
      <h2>Merge: {mine.name}</h2>
      <p>
        {base
          ? 'Both copies come from a state that this browser remembers. What only one side changed is ' +
            'taken; what both changed otherwise is asked.'
          : 'This browser does not know where the two copies parted, so whatever differs is asked. Hand ' +
            'copies out as bundles: they remember it.'}
      </p>
      {conflicts.length > 0 && (
        <>
          <h3>
            To be settled <small>{places(conflicts.length)}; as here until you say otherwise</small>
          </h3>
          <p className={styles.both}>
            <Button size="small" onClick={() => all('mine')}>
              All as here
            </Button>
            <Button size="small" onClick={() => all('theirs')}>
              All as in the file
            </Button>
          </p>
          <table className={styles.conflicts} aria-label="To be settled">
            <thead>
              <tr>
                <th>What</th>
                {base && <th>Both had</th>}
                <th>Here</th>
                <th>In the file</th>
                <th>Counts</th>
              </tr>
            </thead>
            {conflicts.map((conflict) => (
              <Place
                key={conflict.at}
                {...{ conflict, meeting, system }}
                side={picked.get(conflict.at) ?? 'mine'}
                onSide={(side) => setPicked(new Map(picked).set(conflict.at, side))}
              />
            ))}
          </table>
        </>
      )}
      <h3>
        What changes here <small>{differences.length ? places(differences.length) : 'nothing'}</small>
      </h3>
      <DifferenceTable
        differences={differences}
        before={mine}
        after={document as unknown as Project}
        system={system}
      />
      {trouble && <p role="alert">{troubleText(trouble)}</p>}
      <p className={styles.actions}>
        <Action variant="contained" onAct={() => void onTake(document).then(setTrouble)}>
          Merge into the one here
        </Action>
        <Button onClick={onClose}>Not now</Button>
      </p>
    </section>
  );
}
