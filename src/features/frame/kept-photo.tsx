'use client';

import Image from 'next/image';
import { useEffect, useState } from 'react';
import { useStorage } from '@/session';
import { Action } from '@/ui/action';
import type { Refused } from '@/ui/refusal';

/** Address of a kept content while it is shown; null: not in this browser. */
function useContent(hash: string, type: string): string | null | undefined {
  const storage = useStorage();
  const [address, setAddress] = useState<string | null>();
  useEffect(() => {
    let made: string | undefined;
    let over = false;
    const show = (bytes: Uint8Array<ArrayBuffer> | undefined) => {
      if (over) return;
      made = bytes && URL.createObjectURL(new Blob([bytes], { type }));
      setAddress(made ?? null);
    };
    storage?.contents.get(hash).then(show, () => show(undefined));
    return () => {
      over = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [storage, hash, type]);
  return address;
}

interface KeptPhotoProps {
  readonly hash: string;
  readonly label: string;
  /** Left out where it is only looked at. */
  readonly onDrop?: (() => Refused) | undefined;
}

/** A photo that is kept by its hash: looked at in full with a press, removed with one. */
export function KeptPhoto({ hash, label, onDrop }: KeptPhotoProps) {
  const address = useContent(hash, 'image/jpeg');
  return (
    <li>
      {address ? (
        <a href={address} target="_blank" rel="noreferrer">
          <Image src={address} alt={label} width={128} height={96} unoptimized />
        </a>
      ) : (
        <small>{address === null ? `${label} is not in this browser` : ''}</small>
      )}
      {onDrop && (
        <Action onAct={onDrop} label={`Remove ${label}`}>
          Remove
        </Action>
      )}
    </li>
  );
}
