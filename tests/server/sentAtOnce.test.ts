import { type IncomingMessage, createServer, get } from 'node:http'
import type { AddressInfo } from 'node:net'
import { createGunzip } from 'node:zlib'
import compression from 'compression'
import { expect, it } from 'vitest'
import type { Handler } from '../../src/server/guard/guard'
import { sentAtOnce } from '../../src/server/sentAtOnce'

const HEAD = '<!doctype html><title>Today</title>'
const REST = '<p>What is next.</p>'

it('a compressed page’s head comes before the rest of it is made', async () => {
  let isRestMade = false
  let makeRest: () => void = () => expect.unreachable('nothing was written')
  const server = createServer((request, response) => {
    const page: Handler = () => {
      response.setHeader('content-type', 'text/html')
      response.write(HEAD)
      makeRest = () => {
        isRestMade = true
        response.end(REST)
      }
    }
    const packed = compression() as unknown as Handler
    packed(request, response, () => sentAtOnce(request, response, () => page(request, response)))
  }).listen(0, '127.0.0.1')
  await new Promise((done) => server.once('listening', done))
  const { port } = server.address() as AddressInfo
  const response = await new Promise<IncomingMessage>((done) =>
    get({ port, host: '127.0.0.1', headers: { 'accept-encoding': 'gzip' } }, done),
  )
  expect(response.headers['content-encoding']).toBe('gzip')
  let text = ''
  for await (const part of response.pipe(createGunzip())) {
    text += String(part)
    if (isRestMade) continue
    expect(text).toBe(HEAD)
    makeRest()
  }
  expect(text).toBe(HEAD + REST)
  server.close()
})
