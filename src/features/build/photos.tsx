'use client';

import { filesWithout, put } from '@/core/model';
import { stepEdits } from '@/core/build';
import { KeptPhoto, useMachine } from '@/features/frame';
import { freshId } from '@/session';
import styles from './build.module.css';

/** Photos of a step: looked at in full with a press, removed with one, which can be taken back. */
export function Photos({ step, name }: { readonly step: string; readonly name: string }) {
  const { project, editor } = useMachine();
  const photos = project.steps.find((s) => s.key === step)?.photos ?? [];
  if (!photos.length) return null;
  const drop = (hash: string) => {
    const rest = photos.filter((h) => h !== hash);
    return editor.apply(
      [...stepEdits(project, step, { photos: rest }, freshId()), put('files', filesWithout(project, hash))],
      `Photo removed: ${name}`,
    );
  };
  return (
    <ul className={styles.photos} aria-label={`Photos of ${name}`}>
      {photos.map((hash, i) => (
        <KeptPhoto key={hash} hash={hash} label={`photo ${i + 1} of ${name}`} onDrop={() => drop(hash)} />
      ))}
    </ul>
  );
}
