import { createTheme, GlobalStyles } from '@mui/material';
import { dark, light, mono, text, textSize, tok, wide } from './tokens';

const vars = (set: typeof light) =>
  Object.fromEntries(Object.entries(set).map(([name, value]) => [`--${name}`, value]));

const palette = (set: typeof light) => ({
  primary: { main: set.deep, contrastText: set.onDeep },
  secondary: { main: set.ink },
  error: { main: set.lead },
  warning: { main: set.brass },
  success: { main: set.zinc },
  background: { default: set.ground, paper: set.sheet },
  text: { primary: set.ink, secondary: set.ink2 },
  divider: set.rule,
});

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: { light: { palette: palette(light) }, dark: { palette: palette(dark) } },
  shape: { borderRadius: 0 },
  transitions: { create: () => 'none' },
  typography: { fontFamily: text, fontSize: textSize.l, button: { textTransform: 'none', fontWeight: 650 } },
  components: {
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: {
      defaultProps: { disableElevation: true, variant: 'outlined' },
      styleOverrides: {
        root: {
          minHeight: 44,
          borderWidth: 2,
          '&.MuiButton-outlined:not(.Mui-disabled)': { borderColor: 'currentColor' },
          '&:hover': { borderWidth: 2 },
          '&:focus-visible': { outline: `3px solid ${tok('lead')}`, outlineOffset: 2 },
        },
      },
    },
    MuiPaper: { defaultProps: { elevation: 0 }, styleOverrides: { root: { backgroundImage: 'none' } } },
    MuiPopover: { styleOverrides: { paper: { border: `2px solid ${tok('ink')}` } } },
    MuiMenu: { styleOverrides: { paper: { border: `2px solid ${tok('ink')}` } } },
    MuiDialog: { styleOverrides: { paper: { border: `2px solid ${tok('ink')}`, margin: 16, boxShadow: 'none' } } },
    MuiDialogTitle: { styleOverrides: { root: wide } },
    MuiDialogActions: { styleOverrides: { root: { padding: 16 } } },
    MuiTextField: { defaultProps: { size: 'small', variant: 'outlined' } },
    MuiSwitch: {
      styleOverrides: {
        root: { padding: 8 },
        thumb: {
          borderRadius: 0,
          boxShadow: 'none',
          width: 18,
          height: 18,
          margin: 1,
          border: `2px solid ${tok('ink')}`,
          background: tok('sheet'),
        },
        track: { borderRadius: 0, border: `2px solid ${tok('ink')}`, background: tok('wash'), opacity: '1 !important' },
      },
    },
    MuiToggleButton: {
      styleOverrides: {
        root: {
          textTransform: 'none',
          minHeight: 44,
          color: tok('ink'),
          borderColor: tok('phos'),
          '&.Mui-selected, &.Mui-selected:hover': { background: tok('ink'), color: tok('sheet') },
        },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { color: tok('ink2') } } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: { minHeight: 44, background: tok('sheet') },
        notchedOutline: { borderColor: tok('phos') },
      },
    },
  },
});

export function Ground() {
  return (
    <GlobalStyles
      styles={{
        ':root': vars(light),
        ':root[data-scheme="dark"], [data-scheme="dark"]': vars(dark),
        body: { background: tok('ground'), color: tok('ink'), fontFamily: text, margin: 0 },
        '.mono': { fontFamily: mono, fontVariantNumeric: 'tabular-nums' },
        'a:not([class])': { color: tok('deep') },
        'a:focus-visible, button:focus-visible, [tabindex="0"]:focus-visible': {
          outline: `3px solid ${tok('lead')}`,
          outlineOffset: 2,
        },
        '@media print': { 'header, nav, .no-print': { display: 'none !important' }, body: { background: '#fff' } },
        '@media (prefers-reduced-motion: reduce)': {
          '*': { transition: 'none !important', animation: 'none !important' },
        },
      }}
    />
  );
}
