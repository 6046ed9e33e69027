import type { Components, Theme } from '@mui/material/styles';

/** Narrow screens, where every target is as high as a finger. */
const PHONE = '@media screen and (max-width: 899px)';
const FINGER = { [PHONE]: { minHeight: 44 } };

/** A word to press: no box, the blue of the sheet. */
const word = {
  minWidth: 0,
  padding: '2px 0',
  fontSize: 'inherit',
  lineHeight: 1.3,
  textAlign: 'left' as const,
  justifyContent: 'flex-start',
  '&:hover': { background: 'none', textDecoration: 'underline', textUnderlineOffset: 2 },
  ...FINGER,
};

const label = { fontFamily: 'var(--rc-label)', fontWeight: 600 };

/** The widgets of the library in the manner of the drawing sheet: square corners, hairlines, few boxes. */
export const components: Components<Theme> = {
  MuiButtonBase: { defaultProps: { disableRipple: true } },
  MuiButton: {
    defaultProps: { disableElevation: true },
    styleOverrides: {
      text: { '&.MuiButton-sizeSmall': word },
      outlined: FINGER,
      contained: FINGER,
    },
  },
  MuiIconButton: {
    styleOverrides: { sizeSmall: { padding: 4, ...{ [PHONE]: { minWidth: 44, minHeight: 44 } } } },
  },
  MuiToggleButtonGroup: { styleOverrides: { root: { flexWrap: 'wrap' } } },
  MuiToggleButton: {
    styleOverrides: {
      root: {
        minHeight: 26,
        padding: '2px 7px',
        border: 0,
        borderBottom: '3px solid transparent',
        borderRadius: 0,
        color: 'var(--rc-soft)',
        font: 'inherit',
        letterSpacing: 'inherit',
        textTransform: 'inherit',
        whiteSpace: 'nowrap',
        '&:hover': { background: 'none', color: 'var(--rc-blue)' },
        '&.Mui-selected, &.Mui-selected:hover': {
          background: 'none',
          borderBottomColor: 'var(--rc-blue)',
          color: 'var(--rc-blue)',
        },
        ...FINGER,
      },
    },
  },
  MuiAccordion: {
    styleOverrides: {
      root: {
        border: 0,
        borderBottom: '1px solid var(--rc-hair)',
        background: 'none',
        '&::before': { display: 'none' },
      },
      heading: { margin: 0, font: 'inherit' },
    },
  },
  MuiAccordionSummary: {
    styleOverrides: {
      root: { minHeight: 29, padding: 0, font: 'inherit', ...FINGER },
      content: { margin: 0, alignItems: 'center', gap: 8 },
      expandIconWrapper: { color: 'inherit', fontSize: '1rem' },
    },
  },
  MuiAccordionDetails: { styleOverrides: { root: { padding: '0 0 8px' } } },
  MuiInputBase: {
    styleOverrides: {
      root: { font: 'inherit', fontWeight: 650, color: 'inherit' },
      input: {
        padding: '3px 4px',
        height: 'auto',
        '&:focus-visible': { outline: '2px solid var(--rc-blue)', outlineOffset: -1 },
        ...{ [PHONE]: { padding: '9px 6px', fontSize: '1rem' } },
      },
    },
  },
  MuiNativeSelect: {
    styleOverrides: {
      select: {
        minWidth: 0,
        '& option': { background: 'var(--rc-panel)', color: 'var(--rc-ink)' },
        ...FINGER,
      },
      icon: { color: 'var(--rc-soft)', fontSize: '1.1rem' },
    },
  },
  MuiTableCell: {
    styleOverrides: {
      root: { padding: '4px 8px', borderColor: 'var(--rc-hair)', font: 'inherit', color: 'inherit' },
      head: { color: 'var(--rc-soft)', fontWeight: 500, lineHeight: 1.2 },
    },
  },
  // A sheet that is laid over the page takes all of a phone.
  MuiDialog: {
    styleOverrides: {
      paperFullWidth: {
        '@media (max-width: 599px)': { width: '100%', maxWidth: '100%', maxHeight: '100%', margin: 0 },
      },
    },
  },
  MuiDialogTitle: {
    styleOverrides: {
      root: {
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: '4px 16px',
        padding: '12px 18px 8px',
        font: 'inherit',
        '& h2': { margin: 0, ...label, fontSize: '1.375rem' },
      },
    },
  },
  MuiDialogContent: { styleOverrides: { root: { padding: '0 18px 12px' } } },
  MuiDialogActions: {
    styleOverrides: {
      root: { flexWrap: 'wrap', gap: 12, padding: '8px 18px', borderTop: '1px solid var(--rc-rule)' },
    },
  },
  MuiAlert: {
    styleOverrides: {
      root: {
        alignItems: 'center',
        borderRadius: 0,
        border: 0,
        color: 'var(--rc-ink)',
        '&.MuiAlert-colorWarning': {
          background: 'var(--rc-amber-wash)',
          borderBottom: '1px solid var(--rc-amber)',
        },
        '&.MuiAlert-colorError': {
          background: 'var(--rc-red-wash)',
          borderBottom: '1px solid var(--rc-red)',
        },
        '&.MuiAlert-colorInfo': {
          background: 'var(--rc-blue-wash)',
          borderBottom: '1px solid var(--rc-blue)',
        },
      },
      action: { padding: '0 0 0 12px', margin: 0, gap: 12, flexWrap: 'wrap' },
    },
  },
  MuiLinearProgress: {
    styleOverrides: {
      root: { height: 8, border: '1px solid var(--rc-rule)', background: 'var(--rc-panel)' },
    },
  },
  MuiSlider: { styleOverrides: { root: { color: 'var(--rc-blue)' } } },
  MuiCheckbox: { styleOverrides: { root: { padding: 4, color: 'var(--rc-soft)' } } },
  MuiFormControlLabel: { styleOverrides: { root: { margin: 0 }, label: { font: 'inherit' } } },
  MuiPaper: {
    styleOverrides: {
      root: { backgroundImage: 'none', boxShadow: 'none', border: '1px solid var(--rc-rule)' },
    },
  },
  MuiTooltip: {
    defaultProps: { arrow: false, enterDelay: 400 },
    styleOverrides: {
      tooltip: {
        backgroundColor: 'var(--rc-ink)',
        color: 'var(--rc-sheet)',
        fontSize: '0.8125rem',
        maxWidth: 280,
      },
    },
  },
};
