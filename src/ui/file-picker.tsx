'use client';

import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import { type Accept, useDropzone } from 'react-dropzone';

/** A file that was read, or why it was not. */
export type FileRead =
  | { readonly ok: true; readonly name: string; readonly text: string }
  | { readonly ok: false; readonly name: string; readonly reason: string };

/** Reads a file as text; a file that cannot be read says so instead of throwing. @param most bytes. */
export async function readText(file: File, most: number): Promise<FileRead> {
  const { name } = file;
  // The size is looked at before the text is read: a film dropped by mistake must not fill the memory.
  if (file.size > most)
    return { ok: false, name, reason: `${name}: read ${file.size} bytes; wanted at most ${most} bytes.` };
  try {
    return { ok: true, name, text: await file.text() };
  } catch {
    const reason = `${name}: it could not be read (a folder, or a file that is gone); wanted a file.`;
    return { ok: false, name, reason };
  }
}

interface FilePickerProps {
  /** What is picked, for those who do not see the button. */
  readonly label: string;
  readonly accept: Accept;
  readonly multiple?: boolean;
  readonly onFiles: (files: readonly File[]) => void;
  readonly children: ReactNode;
  readonly variant?: 'text' | 'outlined';
  readonly icon?: ReactNode;
}

/** A button that picks files; they may be dropped on it as well. */
export function FilePicker(props: FilePickerProps) {
  const { label, accept, multiple = false, onFiles, children, variant = 'text', icon } = props;
  const { getInputProps, getRootProps, open } = useDropzone({
    accept,
    multiple,
    noClick: true,
    noKeyboard: true,
    onDrop: (taken, refused) => onFiles([...taken, ...refused.map((r) => r.file)]),
  });
  return (
    <span {...getRootProps()}>
      <Button
        variant={variant}
        size={variant === 'text' ? 'small' : 'medium'}
        startIcon={icon}
        onClick={open}
      >
        {children}
      </Button>
      <input {...getInputProps()} aria-label={label} />
    </span>
  );
}

/** A region onto which files may be dropped. */
export function useDrop(accept: Accept, onFiles: (files: readonly File[]) => void) {
  const { getRootProps } = useDropzone({
    accept,
    noClick: true,
    noKeyboard: true,
    onDrop: (taken, refused) => onFiles([...taken, ...refused.map((r) => r.file)]),
  });
  // The region keeps the role that it has.
  const { role: _role, tabIndex: _tabIndex, ...props } = getRootProps();
  return props;
}
