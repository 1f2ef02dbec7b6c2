import { type Drawing, type FontOutlines, outlined } from '../core/drawing'
import { tell } from './notices'

let known: Promise<FontOutlines> | undefined

/** Fetched once, when a file is first saved. */
function fontOutlines(): Promise<FontOutlines> {
  known ??= fetch('/andika-outlines.json')
    .then((answer) =>
      answer.ok ? (answer.json() as Promise<FontOutlines>) : Promise.reject(new Error(answer.statusText)),
    )
    .catch((error: unknown) => {
      known = undefined
      throw error
    })
  return known
}

/** Drawings with their letters as outlines, handed on one by one; where they cannot be had, nothing is saved and it is said. */
export async function withOutlines(drawings: readonly Drawing[], save: (drawing: Drawing, at: number) => void) {
  try {
    const outlines = await fontOutlines()
    drawings.map((drawing) => outlined(drawing, outlines)).forEach(save)
  } catch {
    void tell({
      title: 'No file was saved',
      message: 'The outlines of the letters could not be fetched. Try again with a connection to the app.',
      color: 'oak',
      autoClose: 12_000,
    })
  }
}
