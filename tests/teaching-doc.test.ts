import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { documents } from '../scripts/docs'

it('the documents say what the code says: run npm run docs', async () => {
  const made = await documents()
  expect([...made.keys()]).toEqual(['README.md', 'docs/teaching.md', 'docs/formats.md', 'docs/notices.md'])
  for (const [path, text] of made) expect(text, path).toBe(readFileSync(path, 'utf8'))
  expect(made.get('docs/teaching.md')).toContain('| Trail ')
  expect(made.get('docs/teaching.md')).toContain('| `guillotine` ')
  expect(made.get('docs/formats.md')).toContain('`device_at`')
})
