import { inflateSync } from 'node:zlib'

const WOFF_HEADER = 44
const WOFF_ENTRY = 20
const SFNT_HEADER = 12
const SFNT_ENTRY = 16

const toFour = (length: number) => (length + 3) & ~3

/**
 * What a font needs to be drawn and embedded. The tables of layout (kerning, ligatures, marks) are left out:
 * the core measures text glyph by glyph, and what is printed must be as wide as what was measured.
 */
const KEPT = [
  'OS/2',
  'cmap',
  'cvt ',
  'fpgm',
  'gasp',
  'glyf',
  'head',
  'hhea',
  'hmtx',
  'loca',
  'maxp',
  'name',
  'post',
  'prep',
]

/**
 * A WOFF 1.0 file as the plain font file in it (W3C WOFF 1.0, sections 3 to 5): its tables unpacked once,
 * where a PDF writer would unpack them anew for every document. Throws for what is no WOFF.
 */
export function woffToSfnt(woff: Buffer): Buffer {
  if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error('a font that ships is not a WOFF file')
  const tables = Array.from({ length: woff.readUInt16BE(12) }, (_, i) => {
    const at = WOFF_HEADER + i * WOFF_ENTRY
    const offset = woff.readUInt32BE(at + 4)
    const packed = woff.subarray(offset, offset + woff.readUInt32BE(at + 8))
    const length = woff.readUInt32BE(at + 12)
    return {
      tag: woff.subarray(at, at + 4),
      checksum: woff.subarray(at + 16, at + 20),
      // A table that did not get smaller is kept as it is.
      data: packed.length < length ? inflateSync(packed) : packed,
    }
  }).filter(({ tag }) => KEPT.includes(tag.toString('latin1')))
  const count = tables.length
  const dataStart = SFNT_HEADER + count * SFNT_ENTRY
  const sfnt = Buffer.alloc(tables.reduce((size, { data }) => size + toFour(data.length), dataStart))
  woff.copy(sfnt, 0, 4, 8)
  sfnt.writeUInt16BE(count, 4)
  const power = 2 ** Math.floor(Math.log2(count))
  sfnt.writeUInt16BE(power * 16, 6)
  sfnt.writeUInt16BE(Math.log2(power), 8)
  sfnt.writeUInt16BE((count - power) * 16, 10)
  let offset = dataStart
  tables.forEach(({ tag, checksum, data }, i) => {
    const at = SFNT_HEADER + i * SFNT_ENTRY
    tag.copy(sfnt, at)
    checksum.copy(sfnt, at + 4)
    sfnt.writeUInt32BE(offset, at + 8)
    sfnt.writeUInt32BE(data.length, at + 12)
    data.copy(sfnt, offset)
    offset += toFour(data.length)
  })
  return sfnt
}
