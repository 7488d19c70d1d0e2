'use client';
import { createTheme } from '@mui/material/styles';
import { DAYLIGHT, DIM, FONT, STRETCH, token, TYPE, type Tokens } from './tokens';

const palette = (t: Tokens) => ({
  primary: { main: t.block, contrastText: t.onBlock },
  error: { main: t.heat, contrastText: t.onHeat },
  background: { default: t.paper, paper: t.plate },
  text: { primary: t.ink, secondary: t.steel },
  divider: t.rule,
});

/** How far the ring of the focus reaches out of what has it, with a little air, px. */
const RING_PX = 8;

/** MUI in our own clothes: square, flat, ruled; no shadows, no ripples, no pills. */
export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-scheme' },
  colorSchemes: { light: { palette: palette(DAYLIGHT) }, dark: { palette: palette(DIM) } },
  shape: { borderRadius: 0 },
  typography: {
    fontFamily: FONT,
    fontSize: TYPE.small,
    htmlFontSize: 16,
    allVariants: { fontStretch: STRETCH.text, fontVariantNumeric: 'tabular-nums' },
    h1: {
      fontSize: TYPE.headline,
      fontWeight: 800,
      lineHeight: 1.02,
      letterSpacing: '-0.01em',
      fontStretch: STRETCH.headline,
    },
    h2: { fontSize: TYPE.head, fontWeight: 800, lineHeight: 1.1, fontStretch: STRETCH.headline },
    h3: { fontSize: TYPE.name, fontWeight: 750, lineHeight: 1.2, fontStretch: STRETCH.headline },
    body1: { fontSize: TYPE.text, lineHeight: 1.3 },
    body2: { fontSize: TYPE.small, lineHeight: 1.3 },
    button: {
      fontSize: TYPE.lead,
      fontWeight: 700,
      textTransform: 'none',
      lineHeight: 1.1,
      fontStretch: STRETCH.headline,
    },
  },
  transitions: { create: () => 'none' },
  components: {
    MuiButtonBase: {
      defaultProps: { disableRipple: true },
      styleOverrides: {
        root: {
          '&.Mui-focusVisible, &:focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: 2 },
        },
      },
    },
    MuiButton: {
      defaultProps: { disableElevation: true, color: 'primary' },
      styleOverrides: {
        root: { minHeight: 56, minWidth: 56, padding: '8px 18px', borderRadius: 0 },
        contained: {
          backgroundColor: token('block'),
          color: token('onBlock'),
          fontSize: TYPE.title,
          '&:hover': { backgroundColor: token('steel') },
          '&.Mui-disabled': { backgroundColor: token('rule'), color: token('mid') },
        },
        text: {
          color: token('ink'),
          '&:hover': { backgroundColor: 'transparent', textDecoration: 'underline', textUnderlineOffset: 4 },
        },
        outlined: {
          color: token('ink'),
          border: `2px solid ${token('ink')}`,
          '&:hover': { border: `2px solid ${token('ink')}`, backgroundColor: token('shade') },
        },
      },
    },
    MuiIconButton: {
      styleOverrides: { root: { width: 48, height: 48, borderRadius: 0, color: token('ink') } },
    },
    MuiPaper: {
      defaultProps: { elevation: 0 },
      styleOverrides: { root: { backgroundImage: 'none', boxShadow: 'none' } },
    },
    MuiDialog: {
      defaultProps: { transitionDuration: 0 },
      styleOverrides: {
        paper: {
          border: `3px solid ${token('ink')}`,
          backgroundColor: token('plate'),
          '@media (max-width: 599px)': { margin: 12, maxWidth: 'calc(100% - 24px) !important' },
        },
      },
    },
    MuiDialogTitle: {
      styleOverrides: { root: { fontSize: TYPE.head, fontWeight: 800, fontStretch: STRETCH.headline } },
    },
    // Content that scrolls cuts off the ring of what stands at its edge: room for it, before and after it is scrolled to.
    MuiDialogContent: {
      styleOverrides: {
        root: { scrollPadding: RING_PX, '.MuiDialogTitle-root + &': { paddingTop: RING_PX } },
      },
    },
    MuiBackdrop: { styleOverrides: { root: { backgroundColor: 'rgba(21,24,26,0.55)' } } },
    MuiOutlinedInput: {
      styleOverrides: {
        root: {
          minHeight: 52,
          '& .MuiOutlinedInput-notchedOutline': {
            borderColor: token('steel'),
            borderWidth: 0,
            borderBottomWidth: 2,
          },
        },
        input: { fontWeight: 650, fontSize: TYPE.lead },
      },
    },
    MuiFormHelperText: {
      styleOverrides: {
        root: { fontSize: TYPE.fine, marginLeft: 0, '&.Mui-error': { color: token('ink'), fontWeight: 650 } },
      },
    },
    MuiInputLabel: { styleOverrides: { root: { color: token('steel') } } },
    MuiMenuItem: { styleOverrides: { root: { minHeight: 52 } } },
    MuiSnackbarContent: {
      styleOverrides: {
        root: { backgroundColor: token('block'), color: token('onBlock'), fontSize: TYPE.lead },
      },
    },
  },
});
