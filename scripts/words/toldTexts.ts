import { readFileSync } from 'node:fs'
import { extractor } from '@lingui/cli/api'
import type { ExtractorType } from '@lingui/conf'
import ts from 'typescript'

/* Finds the texts of a file that are said to the adult, for the catalogues. */

/** What takes an English text of the code; its first argument is that text. */
const TELLERS = new Set(['told', 'said'])
const OURS = /\.(tsx?|astro)$/

/** The script of an Astro page, with its template as it is: both are close enough to TypeScript for what is looked for. */
const scriptOf = (filename: string, code: string): string =>
  filename.endsWith('.astro') ? code.replace(/^---$/gm, ';').replace(/<!--[\s\S]*?-->|<!doctype html>/g, '') : code

/** The text of a literal, or both of those that are chosen between. */
function literal(node: ts.Expression | undefined): readonly string[] {
  if (!node) return []
  if (ts.isStringLiteralLike(node)) return [node.text]
  if (ts.isConditionalExpression(node)) return [...literal(node.whenTrue), ...literal(node.whenFalse)]
  if (ts.isParenthesizedExpression(node) || ts.isAsExpression(node)) return literal(node.expression)
  return []
}

/** The texts that a piece of code tells. */
export function toldIn(filename: string, code: string): string[] {
  const source = ts.createSourceFile(
    filename,
    scriptOf(filename, code),
    ts.ScriptTarget.Latest,
    false,
    ts.ScriptKind.TSX,
  )
  const found: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isCallExpression(node) && ts.isIdentifier(node.expression) && TELLERS.has(node.expression.text))
      found.push(...literal(node.arguments[0]))
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

export const toldTexts: ExtractorType = {
  match: (filename) => OURS.test(filename),
  async extract(filename, _, onMessage, context) {
    const code = readFileSync(filename, 'utf8')
    for (const text of toldIn(filename, code)) onMessage({ id: text, message: text, origin: [filename, 1] })
    if (/@lingui\/(core|react)\/macro/.test(code)) await extractor.extract(filename, code, onMessage, context)
  },
}
