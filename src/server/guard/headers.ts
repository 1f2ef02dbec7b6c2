import type { ServerResponse } from 'node:http'

/* What a browser is told it may do with our pages. */

/** Everything comes from us. Styles may stand in the page, since the interface sets measures as it is drawn. */
export function contentPolicy(scriptHashes: readonly string[]): string {
  const scripts = scriptHashes.map((hash) => `'${hash}'`).join(' ')
  return [
    "default-src 'self'",
    `script-src 'self' ${scripts}`.trim(),
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ')
}

const NOT_ASKED_FOR = ['accelerometer', 'camera', 'display-capture', 'geolocation', 'gyroscope', 'magnetometer']
  .concat(['microphone', 'midi', 'payment', 'serial', 'usb', 'browsing-topics'])
  .map((name) => `${name}=()`)
  .join(', ')

/** Headers of every answer. Files that ship with the app set their own life after it. */
export function setHeaders(response: ServerResponse, policy: string, isSecure: boolean): void {
  response.setHeader('content-security-policy', policy)
  response.setHeader('cross-origin-opener-policy', 'same-origin')
  response.setHeader('cross-origin-resource-policy', 'same-origin')
  response.setHeader('permissions-policy', NOT_ASKED_FOR)
  response.setHeader('x-content-type-options', 'nosniff')
  response.setHeader('x-frame-options', 'DENY')
  response.setHeader('referrer-policy', 'same-origin')
  // Records of children stay in no browser's cache.
  response.setHeader('cache-control', 'no-store')
  if (isSecure) response.setHeader('strict-transport-security', 'max-age=31536000')
}

/** A file that keeps its name when it changes, such as the icon: a browser asks each time whether it did. */
export function setFileHeaders(response: ServerResponse): void {
  response.setHeader('cache-control', 'no-cache')
}

/** What tells a browser about a page, and says nothing about a script, a style or a font. */
const OF_PAGES = ['permissions-policy', 'cross-origin-opener-policy', 'x-frame-options', 'referrer-policy']

/**
 * A file that the build has named by its contents stays the same for good. A view fetches some forty of them, and what
 * concerns pages alone would be an eighth of what comes. A worker keeps to the policy that comes with its own script.
 */
export function setBuiltHeaders(response: ServerResponse): void {
  response.setHeader('cache-control', 'public, max-age=31536000, immutable')
  response.setHeader('content-security-policy', "default-src 'self'")
  for (const name of OF_PAGES) response.removeHeader(name)
}
