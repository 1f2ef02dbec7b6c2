import { openBrowser } from '../scripts/browser'
const b = await openBrowser()
const p = await b.newPage({ viewport: { width: 1280, height: 800 } })
p.on('console', m => m.type()==='error' && console.log('ERR', m.text())); p.on('pageerror', e=>console.log('PE',e.message))
await p.goto('http://127.0.0.1:4321/days'); await p.waitForTimeout(1500); await p.screenshot({path:'/tmp/d1.png'})
await p.getByRole('tab',{name:'When must'}).click(); await p.waitForTimeout(800); await p.screenshot({path:'/tmp/d2.png',fullPage:true})
await p.getByRole('tab',{name:'Ask'}).click(); await p.waitForTimeout(800); await p.screenshot({path:'/tmp/d3.png',fullPage:true})
await p.goto('http://127.0.0.1:4321/days/now'); await p.waitForTimeout(1500); await p.screenshot({path:'/tmp/d4.png'})
await b.close()
