/** A word or a figure of a text, and where it stands. */
export interface Token {
  readonly from: number
  readonly to: number
  readonly text: string
  /** In lower case, without accents, with straight apostrophes. */
  readonly plain: string
  /** Whether only spaces or a hyphen part it from the word before it. */
  readonly isJoined: boolean
}

const TOKEN = /[ap]\.\s?m\.?(?![\p{L}])|\d{1,2}[:.]\d{2}(?!\d)|\d+|\p{L}+(?:[’'-]\p{L}+)*|[€£$%°]/giu

/** The words of a text in their order. */
export function tokensOf(text: string): Token[] {
  const tokens: Token[] = []
  let end = 0
  for (const match of text.matchAll(TOKEN)) {
    const from = match.index
    const gap = text.slice(end, from)
    tokens.push({
      from,
      to: from + match[0].length,
      text: match[0],
      plain: plainWord(match[0]),
      isJoined: /^[ \t\u00a0\u202f]?$/.test(gap),
    })
    end = from + match[0].length
  }
  return tokens
}

export function plainWord(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/ß/g, 'ss')
    .replace(/[’‘`´]/g, "'")
}
