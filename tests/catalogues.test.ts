import { getCatalogs } from '@lingui/cli/api'
import { getConfig } from '@lingui/conf'
import { compileMessageOrThrow } from '@lingui/message-utils/compileMessage'
import { describe, expect, it } from 'vitest'
import { toldIn } from '../scripts/words/toldIn'
import { ADULT_LANGUAGE_IDS, SOURCE_LANGUAGE } from '../src/words/languages'

type Part = string | [name: string, kind?: string, choices?: Record<string, unknown>]

/** The places of a message and its elements, those of what is chosen from included. */
function places(message: string): string[] {
  const ofParts = (parts: unknown): string[] =>
    Array.isArray(parts) ? (parts as Part[]).flatMap((part) => (typeof part === 'string' ? [] : ofPlace(part))) : []
  const ofPlace = ([name, , choices]: Exclude<Part, string>) => [name, ...Object.values(choices ?? {}).flatMap(ofParts)]
  const elements = [...message.matchAll(/<(\d)>/g)].map(([element]) => element)
  return [...new Set([...ofParts(compileMessageOrThrow(message)), ...elements])].sort()
}

describe('the catalogues of the interface', async () => {
  const catalogues = await getCatalogs(getConfig())

  it('have what stands in the code, and nothing else: run npm run words', async () => {
    for (const catalogue of catalogues) {
      const inCode = Object.keys((await catalogue.collect()) ?? {}).sort()
      for (const language of ADULT_LANGUAGE_IDS)
        expect(Object.keys(await catalogue.read(language)).sort(), `${catalogue.path} ${language}`).toEqual(inCode)
    }
  })

  it('fill every place of the English text, each at least once, and no other', async () => {
    for (const language of ADULT_LANGUAGE_IDS.filter((id) => id !== SOURCE_LANGUAGE))
      for (const catalogue of catalogues)
        for (const [id, { message = id, translation }] of Object.entries(await catalogue.read(language)))
          if (translation !== '') expect(places(translation), `${language}: ${message}`).toEqual(places(message))
  })

  it('say a text in the same way wherever it stands', async () => {
    for (const language of ADULT_LANGUAGE_IDS) {
      const said = new Map<string, string>()
      for (const catalogue of catalogues)
        for (const [id, { translation }] of Object.entries(await catalogue.read(language))) {
          expect(translation, `${language}: ${id}`).toBe(said.get(id) ?? translation)
          said.set(id, translation)
        }
    }
  })

  it('take the texts that are told, in scripts and pages, whichever of two', () => {
    const code = "---\nconst a = told('One {0}', 1)\n---\n<p title={said('Two')}>{said(b ? 'Three' : `Four`)}</p>"
    expect(toldIn('a.astro', code)).toEqual(['One {0}', 'Two', 'Three', 'Four'])
    expect(toldIn('a.ts', "tell('no', told(name)); other.told('Five')")).toEqual([])
  })
})
