import ts from 'typescript'

/* Reads from a piece of code which texts it says to the adult. */

/** What takes an English text of the code; its first argument is that text. */
const TELLERS = new Set(['told', 'said'])

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
