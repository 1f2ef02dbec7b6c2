import { existsSync } from 'node:fs'

/* Debian's Chromium, with nothing of its own in the background. */

const WHOLE = '/usr/bin/chromium'
const HEADLESS = '/usr/bin/chromium-headless-shell'

const args = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]

const launching = (first: string, other: string) => ({ executablePath: existsSync(first) ? first : other, args })

/** The browser that people have: for screenshots and for what is measured. */
export const wholeChromium = launching(WHOLE, HEADLESS)

/** The same engine, made for running without a screen: for tests, which take two thirds of the time with it. */
export const headlessChromium = launching(HEADLESS, WHOLE)
