'use client';

import CameraIcon from '@mui/icons-material/PhotoCameraOutlined';
import { useRef, useState } from 'react';
import { stepEdits } from '@/core/build';
import { put } from '@/core/model';
import { useMachine } from '@/features/frame';
import { freshId, useStorage } from '@/session';
import styles from './shop.module.css';

/** Longest side of a kept photo, and how it is pressed: some 300 kB. */
const LONGEST = 1600;
const QUALITY = 0.82;

/** A photo no larger than it need be; @throws where the browser cannot read it. */
async function scaled(file: Blob): Promise<Uint8Array<ArrayBuffer>> {
  const image = await createImageBitmap(file);
  const share = Math.min(1, LONGEST / Math.max(image.width, image.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(image.width * share);
  canvas.height = Math.round(image.height * share);
  canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY));
  if (!blob) throw new Error('no picture came out');
  return new Uint8Array(await blob.arrayBuffer());
}

/** A photo of a step, from the camera or out of a file. */
export function Photo({ step, name }: { readonly step: string; readonly name: string }) {
  const { project, editor } = useMachine();
  const storage = useStorage();
  const input = useRef<HTMLInputElement>(null);
  const [note, setNote] = useState('');
  const count = project.steps.find((s) => s.key === step)?.photos.length ?? 0;
  const keep = async (file: File | undefined) => {
    if (!file) return;
    if (!storage) return setNote('Nothing is kept in this browser just now.');
    const bytes = await scaled(file).catch(() => undefined);
    if (!bytes) return setNote('The photo could not be read. Try another, in JPEG or PNG.');
    try {
      const hash = await storage.contents.put(bytes, 'image/jpeg');
      const said = project.steps.find((s) => s.key === step)?.photos ?? [];
      const id = freshId();
      const entry = {
        id,
        name: `${name} ${said.length + 1}.jpg`.slice(0, 120),
        type: 'image/jpeg',
        bytes: bytes.length,
        hash,
      };
      const files = [...project.files.filter((f) => f.hash !== hash), entry];
      const photos = [...said.filter((h) => h !== hash), hash];
      const refused = editor.apply(
        [put('files', files), ...stepEdits(project, step, { photos }, freshId())],
        `Photo: ${name}`,
      );
      setNote(refused ?? '');
    } catch {
      setNote('The photo could not be stored: the browser may have no room left.');
    }
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
