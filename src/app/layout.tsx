import '@fontsource-variable/archivo/standard.css';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { KeepScreens } from '@/bench/frame/KeepScreens';
import { SendKept } from '@/bench/record/SendKept';
import { ThemeRegistry } from '@/ui/theme/ThemeRegistry';

export const metadata: Metadata = {
  description: 'The fitting bench: bearings, races and seals, measured, heated, dropped in and proven.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1 };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" data-build={process.env.URN_KEY_BUILD} suppressHydrationWarning>
      <body>
        <InitColorSchemeScript attribute="data-scheme" defaultMode="light" />
        <ThemeRegistry>{children}</ThemeRegistry>
        <KeepScreens />
        <SendKept />
      </body>
    </html>
  );
}
