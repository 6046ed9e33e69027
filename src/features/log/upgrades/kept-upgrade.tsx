'use client';

import { upgradeVerdict } from '@/core/upgrade';
import { type Upgrade, upgradeKinds, type UpgradeKind, type UpgradeState, upgradeStates } from '@/core/model';
import type { HeldRow } from '@/core/prove';
import { formatQuantity, kindWords } from '@/core/units';
import { useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { Choice } from '@/ui/choice';
import { NumberLine } from '@/ui/number-line';
import { TextLine } from '@/ui/text-line';
import { Toggle } from '@/ui/toggle';
import { readableName, upgradeStateNames, upgradeVerdictText } from '@/words';
import { dayOf } from '../when';
import { ReadingLines } from './reading-lines';
import styles from './upgrades.module.css';
import type { UpgradeActs } from './use-upgrades';

interface KeptProps {
  readonly upgrade: Upgrade;
  readonly acts: UpgradeActs;
  readonly held: readonly HeldRow[] | null;
}

const states = upgradeStates.map((s) => [s, upgradeStateNames[s]] as const);

/** By what an upgrade of the builder's own is measured. */
function OwnMeasure({ upgrade, acts }: Omit<KeptProps, 'held'>) {
  const { measure } = upgrade;
  if (measure && measure.what !== '') return null;
  const options: [UpgradeKind | '', string][] = [
    ['', 'nothing'],
    ...upgradeKinds.map((k): [UpgradeKind, string] => [k, kindWords[k].name]),
  ];
  return (
    <div className={styles.pair}>
      <Choice
        label="Measured by"
        value={measure?.kind ?? ''}
        options={options}
        onPick={(kind) =>
          acts.change(upgrade.id, {
            measure: kind ? { what: '', kind, better: measure?.better ?? 'less', foretold: null } : null,
            before: null,
            after: null,
          })
        }
      />
      {measure && (
        <Toggle
          label="Better is"
          value={measure.better}
          options={[
            ['less', 'less is better'],
            ['more', 'more is better'],
          ]}
          onPick={(better) => void acts.change(upgrade.id, { measure: { ...measure, better } })}
        />
      )}
    </div>
  );
}

/** What is known of the result: foretold, read before and after, and what it comes to. */
function Result({ upgrade, acts, held }: KeptProps) {
  const { project, system } = useMachine();
  const { measure } = upgrade;
  const row = held?.find((r) => measure && `${r.id}:${r.axis}` === measure.what);
  const say = (si: number) => (measure ? formatQuantity(measure.kind, si, system, 3).text : '');
  return (
    <>
      <OwnMeasure {...{ upgrade, acts }} />
      {measure && measure.what !== '' && <p>{readableName(measure.what, project)}</p>}
      {measure?.foretold && (
        <p>
          Foretold: {say(measure.foretold.before)} → {say(measure.foretold.after)}
        </p>
      )}
      {(['before', 'after'] as const).map((which) => (
        <ReadingLines
          key={which}
          {...{ upgrade, which, system }}
          held={row}
          onRead={(reading) => acts.change(upgrade.id, { [which]: reading })}
        />
      ))}
      {measure && (
        <p role="status" className={styles.told}>
          {upgradeVerdictText(upgradeVerdict(upgrade), upgrade, system)}
        </p>
      )}
    </>
  );
}

/** An upgrade that was written down: how far it is, what it cost, what it did. */
export function KeptUpgrade({ upgrade, acts, held }: KeptProps) {
  const { id, name, state, doneAt, money, minutes } = upgrade;
  const turn = (to: UpgradeState) =>
    void acts.change(id, { state: to, doneAt: to === 'done' ? doneAt || new Date().toISOString() : '' });
  return (
    <section className={styles.kept} aria-label={`Upgrade: ${name}`}>
      <TextLine
        label="Name of the upgrade"
        value={name}
        maxLength={160}
        onText={(text) => acts.change(id, { name: text })}
      />
      <div className={styles.pair}>
        <Toggle label="How far it is" value={state} options={states} onPick={turn} />
        {doneAt && <small>on {dayOf(doneAt)}</small>}
      </div>
      <div className={styles.sums}>
        <span>Costs</span>
        <NumberLine
          label="What it costs"
          value={money}
          most={1e7}
          optional
          placeholder="money"
          onNumber={(m) => acts.change(id, { money: m })}
        />
        <span>Hours</span>
        <NumberLine
          label="Hours of work"
          value={minutes === null ? null : Math.round(minutes / 6) / 10}
          most={1e4}
          optional
          placeholder="hours"
          onNumber={(h) => acts.change(id, { minutes: h === null ? null : h * 60 })}
        />
      </div>
      <Result {...{ upgrade, acts, held }} />
      <Action onAct={() => acts.remove(id)}>Remove this upgrade</Action>
    </section>
  );
}
