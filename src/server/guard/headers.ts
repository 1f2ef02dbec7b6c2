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

/** Headers of every answer. What is named by its contents sets a longer life for itself. */
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
