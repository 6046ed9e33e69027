'use client';

import Button from '@mui/material/Button';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import type { MachineStorage, Mark } from '@/storage';
import { Notice } from '@/ui/notice';
import { MergeSheet } from './merge-sheet';
import { TAKE_BACK } from './take-back';
import { type OpenMeeting, storeMerge, takeMergeBack } from './use-meets';
import type { useShelf } from './use-shelf';

type Shelf = ReturnType<typeof useShelf>;

/** Says that two copies were merged, with a way back for a while. */
function useMergeNote(storage: MachineStorage | null) {
  const { enqueueSnackbar, closeSnackbar } = useSnackbar();
  return (meeting: OpenMeeting, mark: Mark) => {
    const back = async () => {
      if (storage && (await takeMergeBack(storage, meeting, mark))) return;
      enqueueSnackbar('It was changed since, or the store does not answer: nothing was taken back.', {
        variant: 'error',
      });
    };
    enqueueSnackbar(`Merged: ${meeting.mine.name}`, {
      autoHideDuration: TAKE_BACK,
      action: (key) => (
        <Button
          color="inherit"
          onClick={() => {
            closeSnackbar(key);
            void back();
          }}
        >
          Take back
        </Button>
      ),
    });
  };
}

interface MetProps {
  readonly meeting: OpenMeeting;
  readonly shelf: Shelf;
  readonly onMerge: () => void;
}

/** A machine that came in is here already: merged, kept beside, or left. */
function MetNotice({ meeting, shelf, onMerge }: MetProps) {
  const { came, mine } = meeting;
  const keepBeside = async () => {
    if (await shelf.beside(meeting)) shelf.dropMeet(meeting);
  };
  return (
    <Notice
      kind="info"
      actions={
        <>
          {!came.same && (
            <Button size="small" onClick={onMerge}>
              Merge…
            </Button>
          )}
          <Button size="small" onClick={() => void keepBeside()}>
            Keep it beside
          </Button>
          <Button size="small" onClick={() => shelf.dropMeet(meeting)}>
            Leave it
          </Button>
        </>
      }
    >
      <strong>{mine.name} is here already.</strong>{' '}
      {came.same
        ? `${came.file} says the same of it.`
        : `${came.file} says something else of it; nothing stored was touched.`}
    </Notice>
  );
}

/** Machines that came in while one of their id is here, and the sheet on which two copies become one. */
export function Meets({ shelf }: { shelf: Shelf }) {
  const { storage, meets, dropMeet } = shelf;
  const [merging, setMerging] = useState<OpenMeeting | null>(null);
  const note = useMergeNote(storage);
  const take = async (meeting: OpenMeeting, document: unknown) => {
    if (!storage) return { code: 'store' } as const;
    const end = await storeMerge(storage, meeting, document);
    if (!end.ok) return end.trouble;
    dropMeet(meeting);
    setMerging(null);
    note(meeting, end.mark);
    return undefined;
  };
  return (
    <>
      {meets.map((meeting) => (
        <MetNotice key={meeting.came.key} {...{ meeting, shelf }} onMerge={() => setMerging(meeting)} />
      ))}
      {merging && meets.includes(merging) && (
        <MergeSheet
          key={merging.came.key}
          meeting={merging}
          onClose={() => setMerging(null)}
          onTake={(document) => take(merging, document)}
        />
      )}
    </>
  );
}
