'use client';

import CameraIcon from '@mui/icons-material/PhotoCameraOutlined';
import { useRef, useState } from 'react';
import { stepEdits } from '@/core/build';
import { put } from '@/core/model';
import { keepPhoto, useMachine } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import styles from './shop.module.css';

/** A photo of a step, from the camera or out of a file. */
export function Photo({ step, name }: { readonly step: string; readonly name: string }) {
  const { project, editor, session } = useMachine();
  const storage = useStorage();
  const input = useRef<HTMLInputElement>(null);
  const [note, setNote] = useState('');
  const count = project.steps.find((s) => s.key === step)?.photos.length ?? 0;
  const keep = async (file: File | undefined) => {
    if (!file) return;
    const kept = await keepPhoto(storage, file, `${name} ${count + 1}`);
    if ('refused' in kept) return setNote(kept.refused);
    const { hash } = kept.file;
    // While it was pressed somebody may have worked on: what stands now is added to.
    const now = session.project ?? project;
    const said = now.steps.find((s) => s.key === step)?.photos ?? [];
    const files = [...now.files.filter((f) => f.hash !== hash), kept.file];
    const photos = [...said.filter((h) => h !== hash), hash];
    const refused = editor.apply(
      [put('files', files), ...stepEdits(now, step, { photos }, freshId())],
      `Photo: ${name}`,
    );
    setNote(refused ?? '');
  };
  return (
    <>
      <button
        type="button"
        className={styles.photo}
        aria-label={`Photo of ${name}${count ? `, ${count} taken` : ''}`}
        onClick={() => input.current?.click()}
      >
        <CameraIcon fontSize="inherit" />
        {count > 0 && <small>{count}</small>}
      </button>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={`Photo file of ${name}`}
        onChange={(e) => {
          void keep(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      {note && (
        <p role="alert" className={styles.note}>
          {note}
        </p>
      )}
    </>
  );
}
