import { type Read, expectDistinct, hands, type questions } from './reading'

/* What the checkers of sheets share. */

export type Checker = (read: Read) => void

export type Pairs = ReturnType<typeof questions>

/** The dials of each question show what those of no other do. */
export function expectAskedOnce(read: Read, pairs: Pairs): void {
  const shown = pairs.map(({ asked }) => hands(asked))
  read.expect(
    shown.every(({ length }) => length > 0),
    'a dial is missing',
  )
  expectDistinct(
    read,
    shown.map((own) => own.join(', ')),
    'a time is asked twice',
  )
}
