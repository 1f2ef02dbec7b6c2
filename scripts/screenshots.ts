import { mkdirSync, rmSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { openBrowser, overviewAt } from './browser'

const base = process.argv[2] ?? 'http://127.0.0.1:4321'
const folder = 'docs/screenshots'

const browser = await openBrowser()
const light = await browser.newPage({ viewport: { width: 1280, height: 800 } })
const dark = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme: 'dark' })
const tablet = await browser.newPage({ viewport: { width: 820, height: 1180 }, hasTouch: true })

async function take(page: Page, name: string, path: string, prepare?: (page: Page) => Promise<unknown>) {
  await page.goto(`${base}${path}`)
  await page.waitForLoadState('networkidle')
  // Charts come once the view is touched.
  await page.mouse.move(4, 4)
  await page.waitForLoadState('networkidle')
  await prepare?.(page)
  await page.waitForTimeout(400)
  await page.screenshot({ path: `${folder}/${name}.png` })
}

const { groups } = await overviewAt(base)
const herons = groups.find(({ group }) => group.name === 'Herons')
const mirela = herons?.children.find(({ name }) => name === 'Mirela')
const session = herons?.next?.id

rmSync(folder, { recursive: true, force: true })
mkdirSync(folder, { recursive: true })
await take(light, 'today', '/')
await take(light, 'children', '/children')
await take(light, 'child', `/children/${mirela?.id}`, (page) => page.getByText('Why? Show the answers').first().click())
const chart = (page: Page) => page.locator('.recharts-surface').first().waitFor()
await take(light, 'group', `/groups/${herons?.group.id}`, chart)
await take(light, 'plan', `/plan/${session}`)
await take(light, 'term', `/term/${herons?.group.id}`, chart)
await take(light, 'activities', '/activities')
await take(light, 'table', `/table/${session}`, async (page) => {
  await page.keyboard.press('c')
  await page.keyboard.press('r')
  await page.getByRole('button', { name: 'Hints on the clock' }).click()
  await page.getByRole('switch', { name: 'ring of fives' }).check()
  await page.getByRole('switch', { name: 'counted arc' }).check()
  await page.keyboard.press('Escape')
  await page.getByLabel('Line under the clock').selectOption('Number line')
})
await take(dark, 'table-quick-check-dark', `/table/${session}`, async (page) => {
  await page.keyboard.press('q')
  await page.getByText('In turn', { exact: true }).click()
  await page.getByRole('combobox', { name: 'Which step' }).selectOption('Minutes to the hour, in fives')
  await page.getByRole('combobox', { name: 'Which way' }).selectOption('reading a clock')
  // The first wrong choice: the question is asked again after the right one.
  await page.locator('.table-choice').first().click()
  if (!(await page.getByText('Why?').isVisible())) {
    await page.keyboard.press('u')
    await page.locator('.table-choice').nth(1).click()
  }
})
await take(tablet, 'table-tablet', `/table/${session}`, (page) => page.keyboard.press('c'))
await take(light, 'play', '/play?game=choose-a-move', async (page) => {
  await page.getByRole('button', { name: 'Start choose a move' }).click()
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
})
await take(light, 'days', '/days', (page) => page.getByLabel('Row 5: time').hover())
await take(light, 'stories', '/stories')
await take(light, 'print-room', '/print', (page) => page.getByRole('button', { name: /^Twirl and fill/ }).click())
await take(light, 'workbench', '/make')
await take(light, 'yard', '/yard', async (page) => {
  await page.getByRole('tab', { name: 'Print and save', exact: true }).click()
  await page.getByRole('combobox', { name: 'Saved' }).selectOption({ index: 1 })
  await page.getByRole('tab', { name: 'Set out' }).click()
})
await take(light, 'log', '/log', (page) =>
  page
    .getByRole('button', { name: /^Herons/ })
    .nth(1)
    .click(),
)
await take(light, 'house-rules', '/settings')
await take(light, 'your-data', '/settings?part=data', (page) =>
  // Where this machine keeps the demo is nobody's business.
  page.evaluate((place) => {
    for (const each of document.querySelectorAll('p'))
      each.innerHTML = each.innerHTML.replace(new RegExp(`/[^ ]*${place}`, 'g'), '/home/you/ripe-acorn/data')
  }, '/.cache/[a-z]+'),
)
await browser.close()
