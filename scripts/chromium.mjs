/** How Debian's Chromium is launched, for tests and pictures: no sandbox as root, and nothing asked of the network. */
export function chromiumOptions() {
  return {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  };
}
