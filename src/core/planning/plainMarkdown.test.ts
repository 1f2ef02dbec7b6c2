import { expect, test } from 'vitest'
import { plainMarkdown } from './plainMarkdown'

test.each([
  ['# loud', '\\# loud'],
  ['- one', '\\- one'],
  ['+ one', '\\+ one'],
  ['1. first', '1\\. first'],
  ['2) second', '2\\) second'],
  ['=====', '\\====='],
  ['first\n\n- second\r\n# third', 'first - second \\# third'],
  ['[a](https://x) ![b](c)', '\\[a\\](https://x) !\\[b\\](c)'],
  ['<b>&copy; ~no~ `code` a|b', '\\<b\\>\\&copy; \\~no\\~ \\`code\\` a\\|b'],
  ['half past 3 - or 4.', 'half past 3 - or 4.'],
])('%j is kept as it is written', (text, markdown) => expect(plainMarkdown(text)).toBe(markdown))
