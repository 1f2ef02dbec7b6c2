import { transformAsync } from '@babel/core'
import macros, { type LinguiPluginOpts } from '@lingui/babel-plugin-lingui-macro'
import { getConfig } from '@lingui/conf'

/*
 * Lingui’s macros, for the bundler and for the tests: a text of a view becomes its id, its English words and its values.
 * The English stays, so that an English page needs no words besides.
 */

const options: LinguiPluginOpts = { stripMessageField: false, linguiConfig: getConfig({ cwd: process.cwd() }) }

const MACRO = /@lingui\/(core|react)\/macro/

async function expanded(code: string, filename: string) {
  const made = await transformAsync(code, {
    filename,
    babelrc: false,
    configFile: false,
    sourceMaps: true,
    parserOpts: { plugins: filename.endsWith('x') ? ['typescript', 'jsx'] : ['typescript'] },
    plugins: [[macros, options]],
  })
  return made?.code ? { code: made.code, map: made.map } : undefined
}

/** For Vite: as it is built, and as it is tested. */
export const messages = {
  name: 'messages',
  enforce: 'pre' as const,
  transform: (code: string, id: string) =>
    MACRO.test(code) && /\.tsx?$/.test(id.replace(/\?.*/, '')) ? expanded(code, id.replace(/\?.*/, '')) : undefined,
}
