// The browser that tests, benchmark and pictures share: Debian's Chromium with nothing that calls home.
export const chromiumPath = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';
export const chromiumArgs = [
  '--no-sandbox',
  '--disable-quic',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--enable-unsafe-swiftshader',
];
