/** What a request asks for, in the one form that the guard, our files and the framework behind it all read alike. */
export interface PlainAddress {
  /** Begins with one slash. No part of it is empty or made of dots, and nothing that could part it is encoded. */
  readonly path: string
  /** Empty, or from the question mark on. */
  readonly search: string
}

const ORIGIN = 'http://plain.invalid'

/** Of what can be encoded, a space and letters beyond ASCII; everything else means the same or more when it is bare. */
const ENCODED = /%(?!20|[89A-F][0-9A-F])/i

/**
 * The target of a request line, or undefined where it is not in its plain form. Such an address is one thing to whoever
 * looks at its letters and another to whoever resolves it ("/_astro/../api"), so nobody gets to see it.
 */
export function plainAddress(target: string): PlainAddress | undefined {
  if (!/^\/[!-~]*$/.test(target) || target.includes('#')) return undefined
  const whole = ORIGIN + target
  if (!URL.canParse(whole)) return undefined
  const { href, pathname, search } = new URL(whole)
  if (href !== whole || pathname.includes('//') || ENCODED.test(pathname)) return undefined
  return isText(pathname) && isText(search) ? { path: pathname, search } : undefined
}

/** Whether what is encoded stands for letters. */
function isText(encoded: string): boolean {
  try {
    decodeURIComponent(encoded)
    return true
  } catch {
    return false
  }
}

/** A path of our own to go to, rebuilt; the front page for everything else. */
export function ownPath(to: string | null): string {
  const address = plainAddress(to ?? '')
  return address ? address.path + address.search : '/'
}
