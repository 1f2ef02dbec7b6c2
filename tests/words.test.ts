import { readFileSync, readdirSync } from 'node:fs'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { wrongIn } from './notSaid'

/*
 * One name for one thing, in all that the interface says. What is read is the text of the views and of the core, not
 * names of the code: there a step is a rung and an activity a step.
 */

/** Text of the code that nobody reads: what is thrown where the code itself is wrong. */
const isForNobody = (node: ts.Node): boolean =>
  ts.isNewExpression(node.parent) && node.parent.expression.getText() === 'Error'

const TEMPLATE_PARTS = [ts.SyntaxKind.TemplateHead, ts.SyntaxKind.TemplateMiddle, ts.SyntaxKind.TemplateTail]

function isText(node: ts.Node): node is ts.LiteralLikeNode {
  return ts.isStringLiteralLike(node) || ts.isJsxText(node) || TEMPLATE_PARTS.includes(node.kind)
}

/** Literal text of a file: sentences, and words that begin with a capital; not ids and class names. */
function textsOf(file: string, code: string): string[] {
  const source = ts.createSourceFile(file, code, ts.ScriptTarget.Latest, true)
  const found: string[] = []
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return
    if (ts.isJsxAttribute(node) && node.name.getText() === 'className') return
    if (ts.isCallExpression(node) && node.expression.kind === ts.SyntaxKind.ImportKeyword) return
    if (isText(node) && !isForNobody(node)) {
      const text = node.text.replace(/\s+/g, ' ').trim()
      if (/^[A-Z]|[a-z’] [a-z]/.test(text)) found.push(text)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

const FOLDERS = ['src/islands', 'src/ui', 'src/core/planning', 'src/core/knowing', 'src/core/activities']
const isRead = (file: string) => /\.tsx?$/.test(file) && !/\.test\.ts$|\/words\//.test(file)

describe('what the interface says', () => {
  it('has one name for one thing', () => {
    const files = FOLDERS.flatMap((folder) =>
      readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => `${folder}/${file}`),
    ).filter(isRead)
    expect(files.length).toBeGreaterThan(200)
    const wrong = files.flatMap((file) =>
      wrongIn(textsOf(file, readFileSync(file, 'utf8'))).map((each) => `${file} ${each}`),
    )
    expect(wrong).toEqual([])
  })

  it('is found where it is wrong', () => {
    const code = `const A = () => <p title="Keep it" className="rung row">Every rung is firm: {\`of \${a} rungs left\`}</p>`
    expect(wrongIn(textsOf('a.tsx', code))).toEqual([
      '“Keep it”: Save, Cancel or Lock',
      '“Every rung is firm:”: step',
      '“Every rung is firm:”: secure',
      '“rungs left”: step',
    ])
  })
})
