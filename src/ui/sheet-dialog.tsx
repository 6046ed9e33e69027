'use client';

import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { type ReactNode, useId } from 'react';

interface SheetDialogProps {
  readonly title: string;
  /** Beside the title: what is chosen among. */
  readonly head?: ReactNode;
  readonly foot?: ReactNode;
  readonly children: ReactNode;
  readonly width?: 'sm' | 'md' | 'xl';
  readonly open?: boolean;
  readonly className?: string | undefined;
  readonly onClose: () => void;
}

/** A sheet laid over the page: title, content, and a row of words to act with. */
export function SheetDialog(props: SheetDialogProps) {
  const { title, head, foot, children, width = 'sm', open = true, className, onClose } = props;
  const id = useId();
  return (
    <Dialog
      open={open}
      onClose={onClose}
      fullWidth={width !== 'sm'}
      maxWidth={width}
      aria-labelledby={id}
      slotProps={{ paper: { className: className ?? '' } }}
    >
      <DialogTitle component="div">
        <h2 id={id}>{title}</h2>
        {head}
      </DialogTitle>
      <DialogContent>{children}</DialogContent>
      {foot && <DialogActions>{foot}</DialogActions>}
    </Dialog>
  );
}
