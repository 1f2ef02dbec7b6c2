import { defineConfig } from '@lingui/conf'
import { formatter } from '@lingui/format-po'
import { readFileSync, readdirSync } from 'node:fs'
import { toldTexts } from './scripts/words/toldTexts'
import { ADULT_LANGUAGE_IDS, SOURCE_LANGUAGE } from './src/words/languages'

const SAYS = /\b(told|said)\(|@lingui\/(core|react)\/macro/

const saysAnything = (folder: string): boolean =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' }).some(
    (file) => /(?<!\.test)\.tsx?$/.test(file) && SAYS.test(readFileSync(`${folder}/${file}`, 'utf8')),
  )

/** The folders in which texts for the adult stand: each has a catalogue of its own. */
const foldersOf = (parent: string): string[] =>
  readdirSync(parent, { withFileTypes: true })
    .flatMap((entry) => (entry.isDirectory() ? [`${parent}/${entry.name}`] : []))
    // What tells the texts has none of its own.
    .filter((folder) => folder !== 'src/core/wording' && saysAnything(folder))

const catalogue = (name: string, include: string[]) => ({ path: `<rootDir>/src/words/{locale}/${name}`, include })

export default defineConfig({
  sourceLocale: SOURCE_LANGUAGE,
  locales: [...ADULT_LANGUAGE_IDS],
  fallbackLocales: false,
  catalogs: [
    ...foldersOf('src/islands').map((folder) => catalogue(folder.replace('src/islands/', 'views/'), [folder])),
    ...foldersOf('src/core').map((folder) => catalogue(folder.replace('src/', ''), [folder])),
    catalogue('core/views', ['src/core/*.ts']),
    catalogue('shared', ['src/ui', 'src/words', 'src/workers']),
    catalogue('server', ['src/server', 'src/pages', 'src/middleware.ts']),
  ].map((each) => ({ ...each, exclude: ['**/*.test.ts', '**/*.test.tsx'] })),
  extractors: [toldTexts],
  runtimeConfigModule: { i18n: ['#words', 'i18n'], Trans: ['#words/Trans', 'Trans'] },
  format: formatter({ lineNumbers: false }),
})
