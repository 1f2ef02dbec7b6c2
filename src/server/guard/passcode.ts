import { randomBytes, scrypt, timingSafeEqual } from 'node:crypto'

/* A passcode is kept only as what scrypt makes of it: whoever reads the file cannot read the word. */

/** Of scrypt (RFC 7914): 128 · N · r bytes are 16 MB of memory, gone through p times. */
const COST = { N: 2 ** 14, r: 8, p: 5 } as const
const BYTES = 32

const derive = (word: string, salt: Buffer) =>
  new Promise<Buffer>((resolve, reject) => {
    scrypt(word.normalize('NFC'), salt, BYTES, COST, (error, key) => (error ? reject(error) : resolve(key)))
  })

/** The word as it is kept: the salt and the key. */
export async function hashPasscode(word: string): Promise<string> {
  const salt = randomBytes(16)
  return `scrypt:${salt.toString('base64')}:${(await derive(word, salt)).toString('base64')}`
}

export async function isPasscode(word: string, kept: string): Promise<boolean> {
  const [, salt = '', key = ''] = kept.split(':')
  const expected = Buffer.from(key, 'base64')
  const given = await derive(word, Buffer.from(salt, 'base64'))
  return given.length === expected.length && timingSafeEqual(given, expected)
}
