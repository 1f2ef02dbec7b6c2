import { type Browser, chromium } from '@playwright/test'
import type { Overview } from '../src/core/records'

/** Debian's Chromium, with nothing of its own in the background. */
export function openBrowser(): Promise<Browser> {
  return chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  })
}

/** What Today shows; waits for the server, which may be starting beside this. */
export async function overviewAt(base: string): Promise<Overview> {
  for (let tries = 0; ; tries++) {
    try {
      return (await (await fetch(`${base}/api/overview`)).json()) as Overview
    } catch (error) {
      if (tries > 60) throw error
      await new Promise((resolve) => setTimeout(resolve, 500))
    }
  }
}
