import '@/ui/theme/standIns.css';
import '@fontsource-variable/archivo/standard.css';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import type { Metadata, Viewport } from 'next';
import localFont from 'next/font/local';
import type { ReactNode } from 'react';
import { KeepScreens } from '@/bench/frame/KeepScreens';
import { SendKept } from '@/bench/record/SendKept';
import { ThemeRegistry } from '@/ui/theme/ThemeRegistry';

/** The shop's typeface, asked for with the page: what is drawn before it is here would move. */
const archivo = localFont({
  src: '../../node_modules/@fontsource-variable/archivo/files/archivo-latin-standard-normal.woff2',
  weight: '100 900',
  display: 'swap',
  declarations: [{ prop: 'font-stretch', value: '62% 125%' }],
  adjustFontFallback: false,
  variable: '--uk-typeface',
});

export const metadata: Metadata = {
  description: 'The fitting bench: bearings, races and seals, measured, heated, dropped in and proven.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html
      lang="en"
      className={archivo.variable}
      data-build={process.env.URN_KEY_BUILD}
      suppressHydrationWarning
    >
      <body>
        <InitColorSchemeScript attribute="data-scheme" defaultMode="light" />
        <ThemeRegistry>{children}</ThemeRegistry>
        <KeepScreens />
        <SendKept />
      </body>
    </html>
  );
}
