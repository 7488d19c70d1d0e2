import type { NextConfig } from 'next';

const config: NextConfig = {
  reactStrictMode: true,
  poweredByHeader: false,
  // Types and lint are checked by `npm test`; the build need not do it again.
  typescript: { ignoreBuildErrors: true },
  serverExternalPackages: ['pg', 'pino'],
};

export default config;
