import puppeteer, { type Browser } from 'puppeteer-core';

/** Headless Chromium from Debian, kept off the network but for this machine. */
export const launchChromium = (): Promise<Browser> =>
  puppeteer.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--no-first-run',
      '--mute-audio',
      '--force-color-profile=srgb',
      '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
    ],
    defaultViewport: { width: 1280, height: 800 },
  });
