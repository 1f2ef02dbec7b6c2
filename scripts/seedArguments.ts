/** How many seeds of what: `10000 trail bingo`. Ends the program with what would be right for anything else. */
export function seedArguments<Id extends string>(what: string, ids: readonly Id[]): { seeds: number; wanted: Id[] } {
  const [seeds = '10000', ...only] = process.argv.slice(2)
  const refuse = (message: string) => {
    console.error(message)
    process.exit(2)
  }
  if (!(Number.isInteger(Number(seeds)) && Number(seeds) >= 1))
    refuse(`The number of seeds must be a whole number of 1 or more, got ${seeds}`)
  const unknown = only.find((id) => !(ids as readonly string[]).includes(id))
  if (unknown !== undefined) refuse(`A ${what} must be one of ${ids.join(', ')}, got ${unknown}`)
  return { seeds: Number(seeds), wanted: ids.filter((id) => only.length === 0 || only.includes(id)) }
}
