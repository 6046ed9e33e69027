'use client';

import Alert from '@mui/material/Alert';
import type { ReactNode } from 'react';

/** A message across the page with its ways on. */
export function Notice({
  kind,
  children,
  actions,
  onClose,
}: {
  kind: 'warning' | 'error' | 'info';
  children: ReactNode;
  actions?: ReactNode;
  onClose?: () => void;
}) {
  return (
    <Alert
      severity={kind}
      icon={false}
      role={kind === 'info' ? 'status' : 'alert'}
      action={actions}
      {...(onClose ? { onClose } : {})}
    >
      {children}
    </Alert>
  );
}
