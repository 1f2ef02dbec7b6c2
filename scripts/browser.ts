import { type Browser, chromium } from '@playwright/test'
import type { Overview } from '../src/core/records'
import { wholeChromium } from './chromium'

/** A browser as people have it. */
export function openBrowser(): Promise<Browser> {
  return chromium.launch(wholeChromium)
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
