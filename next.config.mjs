/** @type {import('next').NextConfig} */
const config = {
  // A build is served from a folder of its own (`scripts/lib/install.mjs`), so that building anew does not take its files away.
  distDir: process.env.URN_KEY_SERVED || '.next',
  reactStrictMode: true,
  poweredByHeader: false,
  // Types and lint are checked by `npm test`; the build need not do it again.
  typescript: { ignoreBuildErrors: true },
  // Its event is being taken away by browsers: see there.
  turbopack: { resolveAlias: { unload: './src/bench/record/onLeave.ts' } },
  // The card’s renderer lays text out with packages that do not bear being bundled.
  serverExternalPackages: ['pg', 'pino', '@react-pdf/renderer'],
};

export default config;
