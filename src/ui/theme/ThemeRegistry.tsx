'use client';
import CssBaseline from '@mui/material/CssBaseline';
import GlobalStyles from '@mui/material/GlobalStyles';
import { ThemeProvider } from '@mui/material/styles';
import { AppRouterCacheProvider } from '@mui/material-nextjs/v16-appRouter';
import type { ReactNode } from 'react';
import { theme } from './theme';
import { cssVariables, DAYLIGHT, DIM, FONT, HEAT_BAR_PX, HEAT_LINE_PX, STRETCH, token } from './tokens';

const globals = {
  ':root': cssVariables(DAYLIGHT),
  '[data-scheme="dark"]': cssVariables(DIM),
  'html, body': {
    height: '100%',
    backgroundColor: token('paper'),
    color: token('ink'),
    fontFamily: FONT,
    fontStretch: STRETCH.text,
    fontVariantNumeric: 'tabular-nums',
    // A column that scrolls lies on the same paper as what does not.
    scrollbarColor: `${token('mid')} transparent`,
  },
  // What sticks to the foot of a page is told to what would lie under it, and to the keys that move the focus.
  ':root:has([data-heat-place], aside[aria-label="Hot and cold"])': {
    '--uk-strip-below': `${HEAT_LINE_PX}px`,
    '--uk-foot': `${HEAT_BAR_PX + 6}px`,
  },
  ':root:has([data-strip])': { '--uk-strips': '190px' },
  '@media (max-width: 599px)': { ':root:has([data-strip])': { '--uk-strips': '330px' } },
  'main :is(a, button, input, select, textarea, [tabindex])': {
    scrollMarginBottom: 'calc(var(--uk-foot, 0px) + var(--uk-strips, 0px))',
  },
  '[data-strip] :is(a, button, input)': { scrollMarginBottom: 0 },
  'svg text': { fontFamily: FONT, fontVariantNumeric: 'tabular-nums' },
  ':focus-visible': { outline: `3px solid ${token('cold')}`, outlineOffset: 2 },
  // Colours are the system's there: what is chosen keeps a ground of its own, and what is pressed an edge.
  '@media (forced-colors: active)': {
    '[aria-pressed="true"], [aria-checked="true"], [aria-selected="true"], [aria-current]:not([aria-current="false"])':
      {
        forcedColorAdjust: 'none',
        backgroundColor: 'Highlight !important',
        color: 'HighlightText !important',
      },
    ':is([aria-pressed="true"], [aria-selected="true"], [aria-current]:not([aria-current="false"])) *': {
      color: 'HighlightText !important',
    },
    'button, a.MuiButton-root': { border: '1px solid ButtonBorder !important' },
  },
  '@media print': {
    '.no-print': { display: 'none !important' },
    'body:has(.print-label) > *:not(.MuiDialog-root)': { display: 'none !important' },
    ':root, [data-scheme="dark"]': cssVariables({ ...DAYLIGHT, paper: '#FFFFFF', plate: '#FFFFFF' }),
  },
};

export function ThemeRegistry({ children }: { children: ReactNode }) {
  return (
    <AppRouterCacheProvider options={{ key: 'uk' }}>
      <ThemeProvider theme={theme} defaultMode="light">
        <CssBaseline />
        <GlobalStyles styles={globals} />
        {children}
      </ThemeProvider>
    </AppRouterCacheProvider>
  );
}
