import { createTheme } from '@mui/material/styles';

/** The palette: zinc greys from ink to paper, and one accent. */
export const colour = {
  ink: '#1f2529',
  dark: '#3c454b',
  middle: '#566067',
  line: '#b9c1c6',
  light: '#e8ebec',
  paper: '#fafaf8',
  plum: '#6b2d5c',
  plumLight: '#f2e8ef',
  added: '#dcebdf',
  removed: '#f6dfdb',
} as const;

/** The sizes of type, pixels. */
export const typeSize = {
  tiny: 11,
  small: 12,
  note: 12.5,
  body: 13,
  text: 13.5,
  title: 15,
  head: 17,
} as const;

export const mono = '"Atkinson Hyperlegible Mono", ui-monospace, monospace';

/** A field that stands in a bar, in a frame of its own. */
export const boxed = {
  px: 1,
  py: 0.1,
  fontSize: typeSize.text,
  border: `1px solid ${colour.line}`,
  borderRadius: '3px',
  backgroundColor: '#fff',
} as const;

/** Where the keyboard is. */
const focusRing = { outline: `2px solid ${colour.plum}`, outlineOffset: 1 } as const;

export const theme = createTheme({
  palette: {
    primary: { main: colour.plum },
    secondary: { main: colour.dark },
    text: { primary: colour.ink, secondary: colour.middle },
    divider: colour.line,
    background: { default: colour.paper, paper: colour.paper },
  },
  shape: { borderRadius: 3 },
  // A calm instrument: nothing fades or slides.
  transitions: { create: () => 'none' },
  typography: {
    fontFamily: '"Atkinson Hyperlegible Next", system-ui, sans-serif',
    fontSize: typeSize.text,
    htmlFontSize: 16,
    button: { textTransform: 'none', fontWeight: 600, letterSpacing: 0 },
    h1: { fontSize: typeSize.head, fontWeight: 700 },
    h2: {
      fontSize: typeSize.small,
      fontWeight: 700,
      letterSpacing: '0.05em',
      textTransform: 'uppercase',
      color: colour.middle,
    },
  },
  components: {
    MuiCssBaseline: {
      styleOverrides: {
        'html, body, #root': { height: '100%' },
        body: { fontVariantNumeric: 'tabular-nums', fontSize: typeSize.text },
        ':focus-visible': focusRing,
      },
    },
    MuiButton: {
      defaultProps: {
        size: 'small',
        disableElevation: true,
        disableRipple: true,
        variant: 'outlined',
        color: 'secondary',
      },
      styleOverrides: { root: { minWidth: 0, padding: '3px 10px', lineHeight: 1.5 } },
    },
    // The library takes the outline away from its buttons and draws none of its own without ripples.
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: { root: { '&:focus-visible, &.Mui-focusVisible': focusRing } },
    },
    MuiSelect: { styleOverrides: { select: { '&:focus-visible': focusRing } } },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiDialog: {
      defaultProps: { transitionDuration: 0 },
      styleOverrides: { paper: { border: `1px solid ${colour.middle}`, boxShadow: 'none' } },
    },
    MuiDialogActions: { styleOverrides: { root: { padding: '8px 24px 12px' } } },
    MuiDialogTitle: { styleOverrides: { root: { fontSize: typeSize.title, fontWeight: 700 } } },
    MuiModal: { defaultProps: { closeAfterTransition: false } },
    MuiPopover: { defaultProps: { transitionDuration: 0 } },
    MuiMenu: {
      defaultProps: { transitionDuration: 0 },
      styleOverrides: {
        paper: { border: `1px solid ${colour.middle}`, boxShadow: 'none' },
        list: { padding: '4px 0' },
      },
    },
    MuiMenuItem: { styleOverrides: { root: { fontSize: typeSize.text, minHeight: 0, padding: '4px 12px' } } },
    MuiInputBase: { styleOverrides: { root: { fontSize: typeSize.text } } },
    MuiInputLabel: { styleOverrides: { root: { fontSize: typeSize.text } } },
    MuiAutocomplete: {
      styleOverrides: {
        paper: { border: `1px solid ${colour.middle}`, boxShadow: 'none' },
        listbox: { fontSize: typeSize.text },
      },
    },
    MuiFormControlLabel: { styleOverrides: { label: { fontSize: typeSize.text } } },
    MuiTextField: { defaultProps: { size: 'small', fullWidth: true } },
    MuiTableCell: {
      styleOverrides: {
        root: {
          padding: '4px 10px',
          borderColor: colour.light,
          fontSize: typeSize.text,
          verticalAlign: 'top',
        },
        head: {
          fontSize: typeSize.small,
          fontWeight: 700,
          color: colour.middle,
          borderColor: colour.line,
          backgroundColor: colour.paper,
        },
      },
    },
    MuiTab: { styleOverrides: { root: { minHeight: 30, padding: '4px 12px', minWidth: 0 } } },
    MuiTabs: { styleOverrides: { root: { minHeight: 30 }, indicator: { height: 2 } } },
    MuiTooltip: { styleOverrides: { tooltip: { backgroundColor: colour.ink, fontSize: typeSize.note } } },
  },
});
