import { openBrowser } from '../scripts/browser'
const browser = await openBrowser()
const page = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
page.on('console', (m) => { if (m.type() === 'error') console.log('console', m.text()) })
page.on('pageerror', (e) => console.log('error', e.message))
await page.goto('http://127.0.0.1:4321/play')
await page.waitForTimeout(1500)
await page.screenshot({ path: '/tmp/p1.png' })
const go = async (name: string, steps: number, path: string, leader = false) => {
  await page.getByRole('button', { name: new RegExp(`^${name}`) }).first().click()
  await page.getByRole('button', { name: /^Start/ }).click()
  await page.waitForTimeout(600)
  if (leader) await page.getByLabel('My own picture').click({ force: true })
  for (let i = 0; i < steps; i++) { await page.keyboard.press('ArrowRight'); await page.waitForTimeout(120) }
  await page.screenshot({ path })
  await page.getByRole('button', { name: 'End the game' }).click()
  await page.waitForTimeout(400)
}
await go('Arms as hands', 9, '/tmp/p2.png', true)
await go('Choose a move', 3, '/tmp/p3.png')
await go('Laps', 4, '/tmp/p4.png')
await go('Three speeds', 5, '/tmp/p5.png')
await browser.close()
