import { EventEmitter } from 'node:events'
import { describe, expect, it } from 'vitest'
import type { Handler } from '../../src/server/guard/guard'
import { listGroups } from '../../src/server/stores/people'
import { viewPaths } from '../../src/core/views'
import { Traffic, warmUp } from '../../src/server/warmUp'
import { demo } from './keptData'

const HOST = '127.0.0.1:4321'
const QUIET = { isQuiet: () => true }

describe('making the views once', () => {
  it('asks for each of them, with what is there, one after the other, whatever fails', async () => {
    const { db } = await demo()
    const asked: string[] = []
    let open = 0
    const handler: Handler = (request, response, next) => {
      expect(open).toBe(0)
      expect(request.headers.host).toBe(HOST)
      asked.push(`${request.method} ${request.url}`)
      if (request.url === '/print') return next?.()
      open++
      setTimeout(() => {
        open--
        response.writeHead(200, { 'content-type': 'text/html' }).end('<p>A view</p>'.repeat(50_000))
      }, 1)
    }
    await warmUp({ db, handler, host: HOST, traffic: QUIET, isOver: () => false })
    const [group] = await listGroups(db)
    const paths = viewPaths({ child: 'c', group: group?.id ?? '', session: 's' })
    expect(asked).toHaveLength(paths.length)
    expect(asked).toContain(`GET /groups/${group?.id}`)
    expect(asked.filter((line) => line.includes('none') || line.includes('undefined'))).toEqual([])
  })

  it('goes no further once the server stops', async () => {
    const { db } = await demo()
    const asked: string[] = []
    const handler: Handler = ({ url }, response) => {
      asked.push(url ?? '')
      response.end()
    }
    await warmUp({ db, handler, host: HOST, traffic: QUIET, isOver: () => asked.length === 3 })
    expect(asked).toHaveLength(3)
  })

  it('waits while anybody is answered, and some time after it', async () => {
    const { db } = await demo()
    const traffic = new Traffic()
    const response = Object.assign(new EventEmitter(), { end: () => response.emit('close') })
    traffic.watched(() => undefined)({} as never, response as never)
    const asked: string[] = []
    const handler: Handler = ({ url }, answer) => {
      asked.push(url ?? '')
      answer.end()
    }
    const made = warmUp({ db, handler, host: HOST, traffic, isOver: () => asked.length === 1 })
    await new Promise((resolve) => setTimeout(resolve, 200))
    expect([asked, traffic.isQuiet()]).toEqual([[], false])
    response.end()
    expect(traffic.isQuiet()).toBe(false)
    await made
    expect(asked).toEqual(['/'])
  })
})
