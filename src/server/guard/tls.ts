import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import selfsigned from 'selfsigned'

/* HTTPS: with a certificate of one's own, or with one that is made at the first start. */

export interface Certificate {
  readonly cert: string
  readonly key: string
}

const DAYS = 3650

/** The certificate that was given by RIPE_ACORN_CERT and RIPE_ACORN_KEY, or with RIPE_ACORN_HTTPS=on one of our own. */
export function certificate(env: NodeJS.ProcessEnv, folder: string, names: readonly string[]): Certificate | undefined {
  const { RIPE_ACORN_CERT: cert, RIPE_ACORN_KEY: key, RIPE_ACORN_HTTPS: https } = env
  if (cert && key) return { cert: readFileSync(cert, 'utf8'), key: readFileSync(key, 'utf8') }
  if (cert || key) throw new Error('RIPE_ACORN_CERT and RIPE_ACORN_KEY must both be set, or neither.')
  return https === 'on' ? ownCertificate(folder, names) : undefined
}

function ownCertificate(folder: string, names: readonly string[]): Certificate {
  const [certFile, keyFile] = [join(folder, 'certificate.pem'), join(folder, 'certificate-key.pem')]
  if (!existsSync(certFile) || !existsSync(keyFile)) {
    const altNames = names.map((name) => (/^[\d.]+$/.test(name) ? { type: 7, ip: name } : { type: 2, value: name }))
    const made = selfsigned.generate([{ name: 'commonName', value: 'Ripe Acorn' }], {
      days: DAYS,
      keySize: 2048,
      algorithm: 'sha256',
      extensions: [{ name: 'subjectAltName', altNames }],
    })
    writeFileSync(certFile, made.cert, { mode: 0o600 })
    writeFileSync(keyFile, made.private, { mode: 0o600 })
  }
  return { cert: readFileSync(certFile, 'utf8'), key: readFileSync(keyFile, 'utf8') }
}
