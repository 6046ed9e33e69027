'use client';

import { useSnackbar } from 'notistack';
import { useCallback } from 'react';
import { projectFileName, writeWholeFile } from '@/core/formats';
import type { Project } from '@/core/model';
import { useStorage } from '@/session';
import { downloadText } from './download';

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
        if (leftOut.length)
          enqueueSnackbar(`Exported without the content of: ${leftOut.join(', ')}`, { variant: 'warning' });
      };
      void hand();
    },
    [storage, enqueueSnackbar],
  );
}
