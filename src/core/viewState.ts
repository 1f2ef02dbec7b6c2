/** What a view shows at first, as the server read it: a query's key, its data, and when it was read. */
export interface ViewEntry {
  readonly key: readonly string[]
  readonly data: unknown
  readonly at: number
}

/**
 * The entries as one text, since Astro would write each value of a property into the page as a pair of its type and
 * itself. Double quotes and backticks change places: in an attribute a double quote takes seven characters, and there
 * are thousands.
 */
export function packState(entries: readonly ViewEntry[]): string {
  return swapQuotes(JSON.stringify(entries))
}

/** What was packed by `packState`; nothing for a view that comes without it. */
export function unpackState(state: string | undefined): ViewEntry[] {
  return state === undefined ? [] : (JSON.parse(swapQuotes(state)) as ViewEntry[])
}

function swapQuotes(text: string): string {
  return text.replace(/["`]/g, (quote) => (quote === '"' ? '`' : '"'))
}
