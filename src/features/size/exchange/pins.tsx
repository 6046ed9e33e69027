'use client';

import { useMemo, useState } from 'react';
import { compareReports } from '@/core/choose';
import { amongAxes, axisCost, axisReport, costReport, loadedAxis, massReport } from '@/core/machine';
import { type Axis, capsAt, MOST_NAME, type Pin } from '@/core/model';
import { useKnown, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { SheetDialog } from '@/ui/sheet-dialog';
import { TextLine } from '@/ui/text-line';
import { useAxis } from '../axis-context';
import { usePins } from '../use-pins';
import styles from './exchange.module.css';
import { type PinColumn, PinColumns } from './pin-columns';

const most = capsAt('pins')!.max;

/**
 * Variants of this axis that were put by: all of them are held against the present one, taken back, named or
 * dropped.
 */
export function Pins() {
  const { project } = useMachine();
  const { index, stored } = useAxis();
  const pins = usePins(index);
  const mine = project.pins.filter((p) => p.axisId === stored.id);
  const [open, setOpen] = useState(false);
  return (
    <span className={styles.pins}>
      <Action
        disabled={project.pins.length >= most}
        title="Put this axis by as it is now, a variant to hold others against"
        onAct={() => pins.pin(`Variant ${mine.length + 1}`)}
      >
        Put by
      </Action>
      {mine.length > 0 && <Action onAct={() => setOpen(true)}>{`Compare ${mine.length}`}</Action>}
      {open && mine.length > 0 && <PinsDialog mine={mine} onClose={() => setOpen(false)} />}
    </span>
  );
}

/** Every variant as the machine would load it, and the present axis before them. */
function useColumns(mine: readonly Pin[], acts: (pin: Pin) => Pick<PinColumn, 'head' | 'acts'>): PinColumn[] {
  const { project } = useMachine();
  const { index, stored, axis, report } = useAxis();
  const { cuts } = useKnown();
  const reported = useMemo(() => {
    const costOf = (of: Axis) => axisCost(project, of).reduce((sum, p) => sum + p.count * (p.price ?? 0), 0);
    const unpickedOf = (of: Axis) =>
      costReport({ ...project, axes: project.axes.with(index, of) }, []).unpicked.filter(
        (u) => u.axisId === of.id,
      ).length;
    const money = (of: Axis) => ({ cost: costOf(of), unpicked: unpickedOf(of) });
    const variants = mine.map((pin) => {
      const variant = { ...pin.axis, id: stored.id, carriedBy: stored.carriedBy };
      const { axes } = massReport({ ...project, axes: project.axes.with(index, variant) });
      const loaded = loadedAxis(variant, axes[index]!, cuts);
      const then = axisReport(loaded, { remedies: false }, amongAxes(loaded, project.axes));
      return {
        pin,
        axis: variant,
        report: then,
        comparison: compareReports(report, then),
        ...money(variant),
      };
    });
    return { now: money(stored), variants };
  }, [project, mine, index, stored, cuts, report]);
  return [
    { id: 'now', name: 'now', head: 'now', axis, report, comparison: null, acts: null, ...reported.now },
    ...reported.variants.map(({ pin, ...column }) => ({
      ...column,
      ...acts(pin),
      id: pin.id,
      name: pin.name,
    })),
  ];
}

function PinsDialog({ mine, onClose }: { readonly mine: readonly Pin[]; readonly onClose: () => void }) {
  const { system } = useMachine();
  const { index, stored } = useAxis();
  const pins = usePins(index);
  const take = (pin: Pin) => {
    const refused = pins.take(pin);
    if (!refused) onClose();
    return refused;
  };
  const columns = useColumns(mine, (pin) => ({
    head: (
      <TextLine
        label={`Name of ${pin.name}`}
        value={pin.name}
        maxLength={MOST_NAME}
        onText={(name) => pins.rename(pin, name)}
      />
    ),
    acts: (
      <>
        <Action label={`Put ${pin.name} back on the axis`} onAct={() => take(pin)}>
          Put it back
        </Action>
        <Action label={`Drop ${pin.name}`} onAct={() => pins.drop(pin)}>
          Drop
        </Action>
      </>
    ),
  }));
  return (
    <SheetDialog
      title={`${stored.name}: variants beside the present`}
      width={columns.length > 3 ? 'xl' : 'md'}
      onClose={onClose}
      foot={
        <>
          <span className={styles.grow} />
          <Action variant="contained" onAct={onClose}>
            Close
          </Action>
        </>
      }
    >
      <PinColumns columns={columns} system={system} />
    </SheetDialog>
  );
}
