/**
 * A text that Markdown shows as it was written, in one line: what it reads as its own, anywhere or at the begin of a
 * line, is escaped.
 *
 * plainMarkdown('- *Tavi*') //=> '\\- \\*Tavi\\*'
 */
export function plainMarkdown(text: string): string {
  return text
    .replace(/\s*[\r\n]+\s*/g, ' ')
    .replace(/([\\`*_~&[\]<>#|])/g, '\\$1')
    .replace(/^(\s*)([-+=])/, '$1\\$2')
    .replace(/^(\s*\d+)([.)])/, '$1\\$2')
}
