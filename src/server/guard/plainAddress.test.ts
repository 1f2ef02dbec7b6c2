import type { IncomingMessage } from 'node:http'
import { NodeApp } from 'astro/app/node'
import { describe, expect, test } from 'vitest'
import { everyRoute, spellingsOf } from '../../../tests/spellings'
import { ownPath, plainAddress } from './plainAddress'

/** The path that the framework finds its route by. */
function routedBy(target: string, method: string): string {
  const request = { url: target, method, headers: { host: '127.0.0.1:4321' }, socket: {} } as unknown as IncomingMessage
  return decodeURI(new URL(NodeApp.createRequest(request, { skipBody: true }).url).pathname)
}

describe('an address in its plain form', () => {
  const routes = everyRoute()

  test('is taken for each of our routes', () => {
    expect(routes.length).toBeGreaterThan(90)
    for (const route of routes) expect(plainAddress(route)).toEqual({ path: route, search: '' })
  })

  test('is all that the framework sees, however it is spelt', () => {
    let refused = 0
    for (const [i, route] of routes.entries()) {
      const spellings = spellingsOf(route)
      expect(spellings.length).toBeGreaterThan(300)
      for (const spelling of spellings) {
        const address = plainAddress(spelling)
        if (!address) refused++
        else expect([decodeURI(address.path), spelling]).toEqual([routedBy(spelling, i % 2 ? 'GET' : 'POST'), spelling])
        expect(address?.path === route ? spelling : undefined).toBeUndefined()
      }
    }
    expect(refused).toBeGreaterThan(300 * routes.length)
  })

  test.each(['/_astro/../api/children', '/%5Fimage', '/./_image', '/x/../_image', '/_astro/..\\api', '//x', '/a%2fb'])(
    'refuses %s',
    (target) => expect(plainAddress(target)).toBeUndefined(),
  )

  test('keeps letters beyond ASCII and what is asked of a page', () => {
    expect(plainAddress('/gr%C3%B6%C3%9Fe?name=%C3%A4&n=1')).toEqual({
      path: '/gr%C3%B6%C3%9Fe',
      search: '?name=%C3%A4&n=1',
    })
    expect(plainAddress('/gr%C3')).toBeUndefined()
  })
})

test.each([
  ['/settings?part=network', '/settings?part=network'],
  ['/\t/evil', '/'],
  ['//evil', '/'],
  ['/\\evil', '/'],
  ['/x\r\nset-cookie: a=b', '/'],
  ['https://evil', '/'],
  [null, '/'],
])('after the door %j leads to %s', (to, path) => expect(ownPath(to)).toBe(path))
