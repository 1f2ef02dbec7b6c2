import { readFileSync } from 'node:fs'
import { expect, it } from 'vitest'
import { MANTINE_STYLES, THEME_STYLES, mantineStyles, themeStyles } from '../scripts/mantine-styles'

it('the views load the styles of just what they use: run npm run docs', () => {
  expect(mantineStyles()).toBe(readFileSync(MANTINE_STYLES, 'utf8'))
  expect(mantineStyles()).toContain('/Notification.css')
  expect(mantineStyles()).not.toContain('/Cascader.css')
})

it('the theme’s variables are those of the theme, without colours that nothing names: run npm run docs', async () => {
  const css = await themeStyles()
  expect(css).toBe(readFileSync(THEME_STYLES, 'utf8'))
  expect(css).toContain('--mantine-color-moss-6: #2f6b4f;')
  expect(css).toContain('--mantine-color-error: var(--mantine-color-red-')
  expect(css).not.toContain('--mantine-color-grape')
})
