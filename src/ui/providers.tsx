'use client';

import CssBaseline from '@mui/material/CssBaseline';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import { SnackbarProvider } from 'notistack';
import type { ReactNode } from 'react';
import { theme } from './theme';
import { cssVariables } from './tokens';

const variables = (
  <GlobalStyles styles={{ ':root': cssVariables('light'), ':root[data-dark]': cssVariables('dark') }} />
);

/** Theme, colours and notices for the whole application. */
export function UiProviders({ children }: { children: ReactNode }) {
  return (
    <ThemeProvider theme={theme} defaultMode="system">
      <CssBaseline />
      {variables}
      <SnackbarProvider maxSnack={3} anchorOrigin={{ vertical: 'bottom', horizontal: 'center' }}>
        {children}
      </SnackbarProvider>
    </ThemeProvider>
  );
}
