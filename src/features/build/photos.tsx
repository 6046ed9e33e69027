'use client';

import Image from 'next/image';
import { useEffect, useState } from 'react';
import { put } from '@/core/model';
import { stepEdits } from '@/core/build';
import { useMachine } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import { Action } from '@/ui/action';
import styles from './build.module.css';

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

function Kept({ hash, label, onDrop }: { hash: string; label: string; onDrop: () => string | undefined }) {
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
      <Action onAct={onDrop} label={`Remove ${label}`}>
        Remove
      </Action>
    </li>
  );
}

/** Photos of a step: looked at in full with a press, removed with one, which can be taken back. */
export function Photos({ step, name }: { readonly step: string; readonly name: string }) {
  const { project, editor } = useMachine();
  const photos = project.steps.find((s) => s.key === step)?.photos ?? [];
  if (!photos.length) return null;
  const drop = (hash: string) => {
    const rest = photos.filter((h) => h !== hash);
    const others = project.steps.some((s) => s.key !== step && s.photos.includes(hash));
    const files = others ? project.files : project.files.filter((f) => f.hash !== hash);
    return editor.apply(
      [...stepEdits(project, step, { photos: rest }, freshId()), put('files', files)],
      `Photo removed: ${name}`,
    );
  };
  return (
    <ul className={styles.photos} aria-label={`Photos of ${name}`}>
      {photos.map((hash, i) => (
        <Kept key={hash} hash={hash} label={`photo ${i + 1} of ${name}`} onDrop={() => drop(hash)} />
      ))}
    </ul>
  );
}
