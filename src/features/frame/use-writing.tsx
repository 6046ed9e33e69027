'use client';

import { type ReactNode, useState } from 'react';
import { Notice } from '@/ui/notice';
import { downloadData } from './download';

/** A file to be handed out. */
export interface MadeFile {
  readonly name: string;
  readonly data: string | ArrayBuffer;
  readonly type: string;
}

/** Hands out files that are made when they are asked for; says where one could not be made. */
export function useWriting(): {
  readonly write: (make: () => Promise<MadeFile>) => Promise<void>;
  readonly notice: ReactNode;
} {
  const [failed, setFailed] = useState(false);
  const write = async (make: () => Promise<MadeFile>) => {
    try {
      const { name, data, type } = await make();
      downloadData(name, data, type);
      setFailed(false);
    } catch {
      setFailed(true);
    }
  };
  const notice = failed && <Notice kind="error">The file could not be written. Try once more.</Notice>;
  return { write, notice };
}
