'use client';

import { createTheme } from '@mui/material/styles';
import { components } from './theme-components';
import { fonts, type Scheme, tokens } from './tokens';

const palette = (scheme: Scheme) => {
  const t = tokens[scheme];
  return {
    primary: { main: t.blue, contrastText: scheme === 'light' ? '#ffffff' : t.ground },
    error: { main: t.red },
    warning: { main: t.amber },
    success: { main: t.green },
    background: { default: t.ground, paper: t.sheet },
    text: { primary: t.ink, secondary: t.soft },
    divider: t.rule,
  };
};

/** MUI in the manner of the drawing sheet: square corners, no shadows, hairlines. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data' },
  colorSchemes: { light: { palette: palette('light') }, dark: { palette: palette('dark') } },
  shape: { borderRadius: 2 },
  typography: {
    fontFamily: fonts.text,
    fontSize: 13,
    body1: { fontSize: '0.8438rem', lineHeight: 1.4, '@media (max-width: 899px)': { fontSize: '0.9375rem' } },
    button: { textTransform: 'none', fontWeight: 600, fontSize: '0.875rem' },
    h1: { fontFamily: fonts.label, fontSize: '1.75rem', fontWeight: 600 },
    h2: { fontFamily: fonts.label, fontSize: '1.25rem', fontWeight: 600 },
    h3: { fontFamily: fonts.label, fontSize: '1rem', fontWeight: 600 },
  },
  components,
});
