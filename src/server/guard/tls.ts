import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { createSecureContext } from 'node:tls'
import selfsigned from 'selfsigned'
import { trouble } from '../keeping/storageTrouble'

/* HTTPS: with a certificate of one's own, or with one that is made at the first start. */

export interface Certificate {
  readonly cert: string
  readonly key: string
}

const DAYS = 3650

/**
 * The certificate that was given by RIPE_ACORN_CERT and RIPE_ACORN_KEY, or with RIPE_ACORN_HTTPS=on one of our own.
 * Throws in one sentence what is wrong with it.
 */
export function certificate(env: NodeJS.ProcessEnv, folder: string, names: readonly string[]): Certificate | undefined {
  const { RIPE_ACORN_CERT: cert, RIPE_ACORN_KEY: key, RIPE_ACORN_HTTPS: https } = env
  if (cert && key) return fitting(pem('RIPE_ACORN_CERT', cert), pem('RIPE_ACORN_KEY', key))
  if (cert || key) throw new Error('RIPE_ACORN_CERT and RIPE_ACORN_KEY must both be set, or neither.')
  return https === 'on' ? ownCertificate(folder, names) : undefined
}

function pem(variable: string, file: string): string {
  try {
    return readFileSync(file, 'utf8')
  } catch (cause) {
    throw new Error(`${variable} must name a file that can be read, not ${file}.`, { cause })
  }
}

/** Refuses what no server can be begun with. */
function fitting(cert: string, key: string): Certificate {
  try {
    createSecureContext({ cert, key })
    return { cert, key }
  } catch (cause) {
    throw new Error('RIPE_ACORN_CERT must be a certificate in PEM, and RIPE_ACORN_KEY the key that belongs to it.', {
      cause,
    })
  }
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
    try {
      writeFileSync(certFile, made.cert, { mode: 0o600 })
      writeFileSync(keyFile, made.private, { mode: 0o600 })
    } catch (cause) {
      throw trouble('not-writable', folder, cause)
    }
  }
  try {
    const own = { cert: readFileSync(certFile, 'utf8'), key: readFileSync(keyFile, 'utf8') }
    createSecureContext(own)
    return own
  } catch (cause) {
    throw new Error(`The certificate in ${folder} cannot be used. Remove certificate.pem and certificate-key.pem.`, {
      cause,
    })
  }
}
