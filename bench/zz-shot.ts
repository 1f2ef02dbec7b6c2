import { openBrowser } from '../scripts/browser'
const b = await openBrowser()
const [, , path, out, w = '1280', h = '800', scheme = 'light', full = ''] = process.argv
const c = await b.newContext({ viewport: { width: +w, height: +h }, colorScheme: scheme as 'light' })
const p = await c.newPage()
p.on('console', (m) => {
  if (m.type() === 'error') console.log(m.text())
})
await p.goto('http://127.0.0.1:4321' + path)
await p.waitForTimeout(2500)
await p.screenshot({ path: out, fullPage: full === 'full' })
await b.close()
