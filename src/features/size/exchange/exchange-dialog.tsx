'use client';

import Dialog from '@mui/material/Dialog';
import { useMemo, useState } from 'react';
import { familiesOf, type PartLink, partsIn, swapEdits } from '@/core/catalogue';
import { compareReports } from '@/core/choose';
import type { AxisReport } from '@/core/machine';
import type { Axis, OwnPart, Project } from '@/core/model';
import type { UnitSystem } from '@/core/units';
import { CompareTable } from './compare-table';
import styles from './exchange.module.css';
import { OwnPartForm } from './own-part-form';
import { MOST_OWN, PartFiles } from './part-files';
import { PartList, tryParts } from './part-list';
import type { AxisEditor } from '../use-axis-editor';

interface ExchangeProps {
  readonly axis: Axis;
  readonly report: AxisReport;
  readonly link: PartLink;
  readonly own: Project['ownParts'];
  readonly editor: AxisEditor;
  readonly system: UnitSystem;
  readonly onOwn: (parts: readonly OwnPart[], label: string) => void;
  readonly onClose: () => void;
}

/** Another part for one link: what changes in every answer is shown before it is taken. */
export function ExchangeDialog({ axis, report, link, own, editor, system, onOwn, onClose }: ExchangeProps) {
  const choices = familiesOf(link);
  const [familyId, setFamilyId] = useState(() => startFamily(axis, link) ?? choices[0]!.id);
  const family = choices.find((f) => f.id === familyId) ?? choices[0]!;
  const [filter, setFilter] = useState('');
  const [picked, setPicked] = useState<string | null>(null);
  const [adding, setAdding] = useState(false);
  const [error, setError] = useState<string | undefined>();
  const tried = useMemo(() => tryParts(axis, family, partsIn(family, own)), [axis, family, own]);
  const choice = tried.find((t) => t.part.id === picked);
  const comparison = useMemo(
    () => (choice?.report ? compareReports(report, choice.report) : null),
    [report, choice],
  );
  const take = () => {
    if (!choice) return;
    const refused = editor.apply(swapEdits(axis, family, choice.part), `Exchanged: ${choice.part.name}`);
    if (refused) setError(refused);
    else onClose();
  };
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="xl"
      aria-labelledby="exchange-title"
      slotProps={{ paper: { className: styles.paper ?? '' } }}
    >
      <header className={styles.head}>
        <h2 id="exchange-title">Exchange a part of {axis.name}</h2>
        <div className={styles.families} role="group" aria-label="Families">
          {choices.map((f) => (
            <button
              key={f.id}
              type="button"
              aria-pressed={f.id === family.id}
              onClick={() => {
                setFamilyId(f.id);
                setPicked(null);
                setAdding(false);
              }}
            >
              {f.name}
            </button>
          ))}
        </div>
        <label className={styles.search}>
          Search{' '}
          <input
            value={filter}
            onChange={(e) => setFilter(e.target.value)}
            placeholder="name or figure"
            autoComplete="off"
          />
        </label>
      </header>
      <div className={styles.body}>
        <div className={styles.list}>
          {adding ? (
            <OwnPartForm
              axis={axis}
              family={family}
              like={choice?.part}
              onCancel={() => setAdding(false)}
              onAdd={(part) => {
                onOwn([...own, part], `Own part: ${part.name}`);
                setPicked(part.id);
                setAdding(false);
              }}
            />
          ) : (
            <PartList
              axis={axis}
              family={family}
              tried={tried}
              own={own}
              filter={filter}
              current={axis.parts[family.id]}
              picked={picked}
              onPick={setPicked}
              system={system}
            />
          )}
        </div>
        <aside className={styles.side} aria-live="polite" aria-label="What changes">
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
      </div>
      <footer className={styles.foot}>
        <PartFiles family={family} own={own} onOwn={onOwn} />
        <button type="button" disabled={own.length >= MOST_OWN} onClick={() => setAdding(true)}>
          Add my own part…
        </button>
        {choice && own.some((o) => o.id === choice.part.id) && (
          <button
            type="button"
            onClick={() => {
              onOwn(
                own.filter((o) => o.id !== choice.part.id),
                `Removed ${choice.part.name}`,
              );
              setPicked(null);
            }}
          >
            Remove my part
          </button>
        )}
        {error && (
          <p role="alert" className={styles.error}>
            {error}
          </p>
        )}
        <span className={styles.grow} />
        <button type="button" onClick={onClose}>
          Cancel
        </button>
        <button type="button" className={styles.main} disabled={!choice?.report} onClick={take}>
          Take it
        </button>
      </footer>
    </Dialog>
  );
}

/** The family that the present part is of, where none was picked from the catalogue. */
function startFamily({ drive, motor, guide, reducer }: Axis, link: PartLink): string | undefined {
  if (link === 'drive')
    return drive.kind === 'screw'
      ? drive.thread.kind === 'ball'
        ? 'ball-screw'
        : drive.thread.form === 'acme'
          ? 'acme-screw'
          : 'trapezoidal-screw'
      : drive.kind;
  if (link === 'motor')
    return motor.kind === 'stepper'
      ? motor.loop === 'closed'
        ? 'closed-loop-stepper'
        : 'stepper'
      : motor.kind === 'servo'
        ? 'servo'
        : 'geared-motor';
  if (link === 'reducer') return reducer?.kind === 'belt' ? 'belt-stage' : 'planetary-reducer';
  if (link === 'guide')
    return {
      profile: 'profile-rail',
      miniature: 'miniature-rail',
      'supported-round': 'supported-rail',
      'round-rod': 'round-rod',
      'v-wheel': 'wheel',
      'tube-bearing': 'tube-bearing',
    }[guide.kind];
  return undefined;
}
