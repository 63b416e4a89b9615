import { createTheme } from '@mui/material/styles';
import { families, tokens } from './tokens.ts';

const scheme = (t: (typeof tokens)['light' | 'dark']) => ({
  palette: { primary: { main: t.ink, contrastText: t.onInk }, error: { main: t.thread }, warning: { main: t.ochre }, success: { main: t.sea }, background: { default: t.ground, paper: t.sheet }, text: { primary: t.ink, secondary: t.soft }, divider: t.rule },
});

/** Our own hand over the component library: square corners, one-pixel rules, no shadows, one filled ink button a view. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: { light: scheme(tokens.light), dark: scheme(tokens.dark) },
  shape: { borderRadius: 0 },
  typography: {
    fontFamily: families.sans, fontSize: 15, htmlFontSize: 16, button: { textTransform: 'none', fontWeight: 600, letterSpacing: 0 },
    h1: { fontFamily: families.serif, fontSize: '2.1rem', fontWeight: 480, lineHeight: 1.2 }, h2: { fontFamily: families.serif, fontSize: '1.2rem', fontWeight: 600, lineHeight: 1.35 }, h3: { fontFamily: families.serif, fontStyle: 'italic', fontSize: '1rem', fontWeight: 400 },
    body1: { fontSize: '1rem', lineHeight: 1.5 }, body2: { fontSize: '0.9375rem', lineHeight: 1.5 }, caption: { fontSize: '0.8125rem' },
  },
  components: {
    MuiCssBaseline: { styleOverrides: { '@media (prefers-reduced-motion: reduce)': { '*': { animation: 'none !important', transition: 'none !important' } } } },
    MuiButtonBase: { defaultProps: { disableRipple: true } },
    MuiButton: { defaultProps: { disableElevation: true }, styleOverrides: { root: { padding: '5px 16px', minHeight: 36, '&.Mui-focusVisible': { outline: '2px solid var(--thread)', outlineOffset: 2 } }, outlined: { borderColor: 'var(--ink)' } } },
    MuiTextField: { defaultProps: { size: 'small', variant: 'outlined' } },
    MuiOutlinedInput: { styleOverrides: { root: { backgroundColor: 'var(--sheet)' }, notchedOutline: { borderColor: 'var(--rule)' } } },
    MuiFormHelperText: { styleOverrides: { root: { marginLeft: 0 } } },
    MuiLinearProgress: { styleOverrides: { root: { height: 3, backgroundColor: 'var(--hair)' }, bar: { backgroundColor: 'var(--ink)' } } },
    MuiTooltip: { styleOverrides: { tooltip: { backgroundColor: 'var(--ink)', color: 'var(--on-ink)', fontSize: '0.8125rem' } } },
    MuiDialog: { styleOverrides: { paper: { border: '1px solid var(--rule)', boxShadow: 'none', backgroundImage: 'none' } } },
    MuiMenu: { styleOverrides: { paper: { border: '1px solid var(--rule)', boxShadow: 'none', backgroundImage: 'none' } } },
    MuiCheckbox: { styleOverrides: { root: { padding: 6 } } },
  },
});
