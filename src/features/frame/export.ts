'use client';

import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { fileName, projectFileName, writeWholeFile } from '@/core/formats';
import type { Project } from '@/core/model';
import { useStorage } from '@/session';
import { bundleOf } from './backup';
import { downloadData, downloadText } from './download';

/**
 * Hands a machine to the user as a file, the contents of its files included; says which of them are not in
 * it.
 */
export function useExport(): (project: Project) => void {
  const storage = useStorage();
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    (project) => {
      const hand = async () => {
        // Without a store the machine itself still goes out.
        const contents = (await storage?.contents.of(project.files).catch(() => undefined)) ?? new Map();
        const { text, leftOut } = writeWholeFile(project, contents);
        downloadText(projectFileName(project), text);
        await storage?.outside.leave(project.id);
        if (leftOut.length)
          enqueueSnackbar(`Exported without the content of: ${leftOut.join(', ')}`, { variant: 'warning' });
      };
      void hand();
    },
    [storage, enqueueSnackbar],
  );
}

/** Hands out a machine with all its photos as one zip. */
export function useBundle(): (project: Project) => void {
  const storage = useStorage();
  const { enqueueSnackbar } = useSnackbar();
  return useCallback(
    (project) => {
      const hand = async () => {
        if (!storage) throw new Error('no storage');
        const { bytes, leftOut } = await bundleOf(storage, project);
        downloadData(fileName(project.name, 'bundle.zip'), bytes.buffer, 'application/zip');
        await storage.outside.leave(project.id);
        if (leftOut.length)
          enqueueSnackbar(
            `Not in the bundle, for it is not in this browser or had no room: ${leftOut.join(', ')}`,
            {
              variant: 'warning',
            },
          );
      };
      hand().catch(() =>
        enqueueSnackbar('The bundle could not be written. Try once more.', { variant: 'error' }),
      );
    },
    [storage, enqueueSnackbar],
  );
}
