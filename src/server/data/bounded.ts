import { told, type Told } from '../../core/wording'
import { Unzip, UnzipInflate } from 'fflate'
import { Problem } from '../problem'

/* Files from elsewhere, measured before anything is made of them: a small one can hold more than a machine has room for. */

/** What `workspace.json` may have. An answer takes some 860 letters there, so it holds some 150,000 of them. */
export const MOST_UNPACKED_MB = 128
/** The file of the demo is nine levels deep. */
export const MOST_DEPTH = 32
/** Lists, things and the commas in them; each takes room beside its letters. */
export const MOST_PARTS = 10_000_000

const refused = (detail: Told, status = 413) =>
  new Problem(status, told('This file cannot be imported'), { field: 'file', detail })

const tooLarge = () => refused(told('The file has more than {0} MB once it is unpacked.', MOST_UNPACKED_MB))

/** So much of a zip is unpacked at a time: deflate makes at most a thousand times of it. */
const SLICE = 16 * 1024

/** One file of a zip, by the size that it really has; undefined where the zip does not have it. */
export function fileInZip(bytes: Uint8Array, name: string): Uint8Array | undefined {
  const parts: Uint8Array[] = []
  let size = 0
  let isThere = false
  let isWhole = false
  const unzip = new Unzip((file) => {
    if (file.name !== name || isThere) return
    isThere = true
    file.ondata = (error, part, isLast) => {
      if (error) throw error
      size += part.byteLength
      if (size > MOST_UNPACKED_MB * 1024 * 1024) throw tooLarge()
      parts.push(part)
      isWhole ||= isLast
    }
    file.start()
  })
  unzip.register(UnzipInflate)
  try {
    for (let from = 0; from < bytes.byteLength && !isWhole; from += SLICE)
      unzip.push(bytes.subarray(from, from + SLICE), from + SLICE >= bytes.byteLength)
  } catch (error) {
    if (error instanceof Problem) throw error
    throw refused(told('The zip is damaged and cannot be opened. Take the file from Your data once more.'), 400)
  }
  if (isThere && !isWhole)
    throw refused(told('The zip is damaged and cannot be opened. Take the file from Your data once more.'), 400)
  return isThere ? Buffer.concat(parts) : undefined
}

const QUOTE = 0x22
const BACKSLASH = 0x5c
const COMMA = 0x2c
const [OPEN_LIST, CLOSE_LIST, OPEN_THING, CLOSE_THING] = [0x5b, 0x5d, 0x7b, 0x7d]

/** The same bytes, if what they say as JSON is small and flat enough to be made. Throws a Problem that says the limit. */
export function boundedJson(bytes: Uint8Array): Uint8Array {
  if (bytes.byteLength > MOST_UNPACKED_MB * 1024 * 1024) throw tooLarge()
  let depth = 0
  let parts = 0
  let isText = false
  for (let i = 0; i < bytes.byteLength; i++) {
    const byte = bytes[i]
    if (isText) {
      if (byte === BACKSLASH) i++
      else if (byte === QUOTE) isText = false
    } else if (byte === QUOTE) isText = true
    else if (byte === OPEN_LIST || byte === OPEN_THING) {
      parts++
      if (++depth > MOST_DEPTH) throw refused(told('The file is more than {0} levels deep.', MOST_DEPTH))
    } else if (byte === CLOSE_LIST || byte === CLOSE_THING) depth--
    else if (byte === COMMA) parts++
    if (parts > MOST_PARTS) throw refused(told('The file has more than {0} million parts.', MOST_PARTS / 1e6))
  }
  return bytes
}
