'use client';

import { useMemo, useState } from 'react';
import { compareReports } from '@/core/choose';
import { amongAxes, axisReport, loadedAxis, massReport } from '@/core/machine';
import { capsAt, type Pin } from '@/core/model';
import { useKnown, useMachine } from '@/features/frame';
import { Action } from '@/ui/action';
import { SheetDialog } from '@/ui/sheet-dialog';
import { Toggle } from '@/ui/toggle';
import { useAxis } from '../axis-context';
import { usePins } from '../use-pins';
import { CompareTable } from '@/features/findings';
import styles from './exchange.module.css';

const most = capsAt('pins')!.max;

/**
 * Variants of this axis that were put by: hold the present axis against one of them, take it back, or drop
 * it.
 */
export function Pins() {
  const { project } = useMachine();
  const { index, stored } = useAxis();
  const pins = usePins(index);
  const mine = project.pins.filter((p) => p.axisId === stored.id);
  const [open, setOpen] = useState<string | null>(null);
  const pin = open === null ? undefined : (mine.find((p) => p.id === open) ?? mine[0]);
  const last = mine[mine.length - 1];
  return (
    <span className={styles.pins}>
      <Action
        disabled={project.pins.length >= most}
        title="Put this axis by as it is now, a variant to hold others against"
        onAct={() => pins.pin(`Variant ${mine.length + 1}`)}
      >
        Put by
      </Action>
      {last && <Action onAct={() => setOpen(last.id)}>{`Compare ${mine.length}`}</Action>}
      {pin && <PinDialog pin={pin} mine={mine} onOpen={setOpen} />}
    </span>
  );
}

interface PinDialogProps {
  readonly pin: Pin;
  readonly mine: readonly Pin[];
  readonly onOpen: (id: string | null) => void;
}

function PinDialog({ pin, mine, onOpen }: PinDialogProps) {
  const { project, system } = useMachine();
  const { index, stored, report } = useAxis();
  const { cuts } = useKnown();
  const pins = usePins(index);
  const comparison = useMemo(() => {
    const variant = { ...pin.axis, id: stored.id, carriedBy: stored.carriedBy };
    const { axes } = massReport({ ...project, axes: project.axes.with(index, variant) });
    const then = loadedAxis(variant, axes[index]!, cuts);
    return compareReports(axisReport(then, { remedies: false }, amongAxes(then, project.axes)), report);
  }, [project, pin, index, stored, cuts, report]);
  const close = () => onOpen(null);
  const take = () => {
    const refused = pins.take(pin);
    if (!refused) close();
    return refused;
  };
  return (
    <SheetDialog
      title={`${stored.name}: variant against present`}
      width="md"
      onClose={close}
      head={
        <Toggle
          label="Variants of this axis"
          options={mine.map((p) => [p.id, p.name] as const)}
          value={pin.id}
          onPick={onOpen}
        />
      }
      foot={
        <>
          <Action onAct={() => pins.drop(pin)}>Drop this variant</Action>
          <span className={styles.grow} />
          <Action onAct={take}>Put it back on the axis</Action>
          <Action variant="contained" onAct={close}>
            Close
          </Action>
        </>
      }
    >
      <CompareTable comparison={comparison} names={[pin.name, 'now']} system={system} />
    </SheetDialog>
  );
}
