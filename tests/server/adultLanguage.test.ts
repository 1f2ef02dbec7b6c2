import { randomUUID } from 'node:crypto'
import { describe, expect, it, vi } from 'vitest'
import { told } from '../../src/core/wording'
import { answering, choicesFor, languageOf, proposedHouse, wordsFor, wordsOfView } from '../../src/server/language'
import { openDb } from '../../src/server/db'
import { keptText, toKeep } from '../../src/server/keeping/keptText'
import { getSettings } from '../../src/server/stores/settings'
import { newFolder } from '../servers'
import { adultLanguage, said } from '../../src/words/i18n'

const inLanguage = <T>(language: string, work: () => T): T =>
  answering(new Headers({ 'accept-language': language }), work)

const asking = (headers: Record<string, string>) => languageOf(new Headers(headers))

describe('the language of who asks', () => {
  it('is the one that was chosen, or else the first of the device’s that there is', () => {
    expect(asking({ 'accept-language': 'de-CH,de;q=0.9' })).toBe('de')
    expect(asking({ 'accept-language': 'pl, fr-CA;q=0.8, de;q=0.9' })).toBe('de')
    expect(asking({ 'accept-language': 'pl', cookie: 'a=b' })).toBe('en')
    expect(asking({})).toBe('en')
    expect(asking({ 'accept-language': 'de', cookie: 'other=1; ripe-acorn-language=es; last=2' })).toBe('es')
    expect(asking({ 'accept-language': 'de', cookie: 'ripe-acorn-language=xx' })).toBe('de')
    expect(asking({ 'accept-language': ';;;q', cookie: 'ripe-acorn-language=../../secret' })).toBe('en')
  })

  it('proposes the language of the children and the paper of the place', () => {
    const proposed = (languages: string) => Object.values(inLanguage(languages, proposedHouse))
    expect(proposed('de-CH,de;q=0.9')).toEqual(['de', 'a4'])
    expect(proposed('en-US,en;q=0.9')).toEqual(['en-US', 'letter'])
    expect(proposed('en-CA')).toEqual(['en-GB', 'letter'])
    expect(proposed('es-MX,es;q=0.8,en;q=0.5')).toEqual(['es', 'letter'])
    expect(proposed('fr')).toEqual(['fr', 'a4'])
    expect(Object.values(proposedHouse())).toEqual(['en-GB', 'a4'])
  })

  it('is the accented one only while the app is developed', () => {
    const headers = new Headers({ 'accept-language': 'de', cookie: 'ripe-acorn-language=pseudo' })
    const chosen = () => choicesFor(headers).flatMap(({ id, isChosen }) => (isChosen ? [id] : []))
    expect(chosen()).toEqual(['de'])
    vi.stubEnv('RIPE_ACORN_PSEUDO', 'on')
    expect(chosen()).toEqual(['pseudo'])
    expect(wordsFor(headers).language).toBe('en')
    vi.unstubAllEnvs()
  })

  it('is kept apart from that of another request at the same time', async () => {
    const seen = await Promise.all(
      (['de', 'fr', 'es', 'en'] as const).map((language, i) =>
        inLanguage(language, async () => {
          await new Promise((resolve) => setTimeout(resolve, 5 - i))
          return adultLanguage()
        }),
      ),
    )
    expect(seen).toEqual(['de', 'fr', 'es', 'en'])
    expect(adultLanguage()).toBe('en')
  })

  it('falls back on English where a catalogue has a hole', () => {
    vi.spyOn(console, 'warn').mockImplementation(() => undefined)
    expect(inLanguage('de', () => said(told('nowhere said of {0}', 'Bram')))).toBe('nowhere said of Bram')
    expect(inLanguage('de', () => wordsOfView('today').language)).toBe('de')
    vi.restoreAllMocks()
  })

  it('leaves the rules of an older version alone, where there are children and none were kept', async () => {
    const db = await openDb(newFolder('house'))
    const rules = () => inLanguage('de', () => getSettings(db))
    expect(await rules()).toMatchObject({ language: 'de' })
    await db('children').insert({ id: randomUUID(), name: 'Sedge', age: 6, version: 1, created_at: 1 })
    expect(await rules()).toMatchObject({ language: 'en-GB', paper: 'a4' })
    await db.destroy()
  })

  it('says what is kept in it, and shows anything else as it is', () => {
    const kept = toKeep(told('The backup {0}', 'b.sqlite'))
    expect(inLanguage('en', () => keptText(kept))).toBe('The backup b.sqlite')
    for (const text of ['Table tablet', '{"text":', '{"text":1,"values":2}', '{"text":"{0}","values":[{"text":3}]}'])
      expect(inLanguage('de', () => keptText(text))).toBe(text)
  })
})
