'use client';

import AddIcon from '@mui/icons-material/Add';
import DeleteIcon from '@mui/icons-material/DeleteOutlined';
import { capsAt, estimate, type Plain } from '@/core/model';
import { MachineField } from '@/features/fields';
import { useMachine } from '@/features/frame';
import { freshId } from '@/session';
import { Action, IconAction } from '@/ui/action';
import styles from './stacks.module.css';

/** The shim stock at hand, which piles are made from. */
export function Shims() {
  const { project, editor } = useMachine();
  const { shims } = project;
  const set = (next: typeof shims, label: string) =>
    editor.apply([{ path: 'shims', value: next as unknown as Plain }], label);
  const fresh = () => ({ id: freshId(), thickness: estimate('length', '0.1 mm'), count: null });
  return (
    <>
      {shims.map((shim, i) => (
        <div key={shim.id} className={styles.shim}>
          <div>
            <MachineField path={`shims.${i}.thickness`} />
            <MachineField path={`shims.${i}.count`} />
          </div>
          <IconAction
            label={`Remove the sheet of ${shim.thickness.typed}`}
            onAct={() =>
              set(
                shims.filter((s) => s.id !== shim.id),
                'Removed a sheet of shim',
              )
            }
          >
            <DeleteIcon fontSize="inherit" />
          </IconAction>
        </div>
      ))}
      <Action
        icon={<AddIcon fontSize="inherit" />}
        disabled={shims.length >= capsAt('shims')!.max}
        onAct={() => set([...shims, fresh()], 'Added a sheet of shim')}
      >
        Add a sheet
      </Action>
    </>
  );
}
