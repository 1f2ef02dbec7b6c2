import { said } from '../../words/i18n'
import type { IncomingMessage, ServerResponse } from 'node:http'
import type { Db } from '../connection'
import { DEVICE_HEADER } from '../device'
import { escaped, isForPage, plainPage } from '../plainPage'
import { addDevice, deviceWith } from './devices'
import { isPasscode } from './passcode'
import { ownPath, type PlainAddress } from './plainAddress'
import { SHUT_SECONDS, Tries } from './tries'

/* The door for other devices: a page of our own that asks for the passcode, and a cookie for those who gave it. */

/** A browser sends a cookie to all ports of a machine, so the made-up children have one of their own. */
const COOKIE = process.env.RIPE_ACORN_HOME_PORT ? 'ripe-acorn-made-up' : 'ripe-acorn'
const TOKEN = new RegExp(`(?:^|;\\s*)${COOKIE}=([\\w-]+)`)
const COOKIE_SECONDS = 180 * 86_400
const MOST_FORM_BYTES = 4096
const tries = new Tries()

/** Each wrong try waits twice as long as the one before it. */
const waitFor = (count: number) => new Promise((resolve) => setTimeout(resolve, Math.min(8000, 250 * 2 ** count)))

interface Door {
  readonly db: Db
  readonly address: PlainAddress
  /** As it is kept. */
  readonly passcode: string
  readonly isSecure: boolean
}

function page(response: ServerResponse, status: number, trouble: string, to: string): void {
  const alert = trouble && `<p role="alert">${escaped(trouble)}</p>`
  const main = `<h1>Ripe Acorn</h1><p>${escaped(said('This machine keeps records of children. Type its passcode to come in.'))}</p>${alert}<form method="post" action="/enter"><input type="hidden" name="to" value="${escaped(to)}">${PASSCODE(escaped(said('Passcode')))}${DEVICE(escaped(said('What this device is called')), escaped(said('Tablet by the window')))}<button>${escaped(said('Come in'))}</button></form>`
  response.writeHead(status, { 'content-type': 'text/html; charset=utf-8' }).end(plainPage(said('Come in'), main))
}

const PASSCODE = (label: string) =>
  `<label for="passcode">${label}</label><input id="passcode" name="passcode" type="password" autocomplete="current-password" required autofocus>`

const DEVICE = (label: string, example: string) =>
  `<label for="device">${label}</label><input id="device" name="device" maxlength="40" placeholder="${example}">`

function tokenIn({ headers }: IncomingMessage): string | undefined {
  return TOKEN.exec(headers.cookie ?? '')?.[1]
}

async function readForm(request: IncomingMessage): Promise<URLSearchParams | undefined> {
  let text = ''
  for await (const chunk of request as AsyncIterable<Buffer>) {
    text += chunk.toString('utf8')
    if (text.length > MOST_FORM_BYTES) return undefined
  }
  return new URLSearchParams(text)
}

/** Which device asks, for what is written down. Undefined where it may not come in: then it was answered already. */
export async function comeIn(request: IncomingMessage, response: ServerResponse, door: Door): Promise<boolean> {
  const { path, search } = door.address
  if (path === '/enter') {
    if (request.method === 'POST') await tryToEnter(request, response, door)
    else page(response, 200, '', ownPath(new URLSearchParams(search).get('to')))
    return false
  }
  const token = tokenIn(request)
  const name = token && (await deviceWith(door.db, token, Date.now()))
  if (name) {
    request.headers[DEVICE_HEADER] = encodeURIComponent(name)
    return true
  }
  refuse(request, response, path + search)
  return false
}

/** A page leads to the door; what a script asks for is refused in a form that scripts read. */
function refuse(request: IncomingMessage, response: ServerResponse, to: string): void {
  if (isForPage(request.method, request.headers.accept)) {
    response.writeHead(303, { location: `/enter?to=${encodeURIComponent(to)}` }).end()
    return
  }
  response.writeHead(401, { 'content-type': 'application/problem+json' }).end(
    JSON.stringify({
      title: said('The passcode is needed'),
      status: 401,
      detail: said('This device must give the passcode first. Open any page of Ripe Acorn to type it.'),
    }),
  )
}

function leftInWords(left: number): string {
  if (left === 0) return said('The door is now shut for a quarter of an hour.')
  return left === 1
    ? said('One more try is left before the door is shut for a while.')
    : said('{0} more tries are left before the door is shut for a while.', left)
}

async function tryToEnter(request: IncomingMessage, response: ServerResponse, door: Door): Promise<void> {
  const form = await readForm(request)
  const to = ownPath(form?.get('to') ?? null)
  if (!form) return page(response, 413, said('That was too long.'), '/')
  const from = request.socket.remoteAddress ?? ''
  const tried = await tries.count(from)
  if (!tried) {
    response.setHeader('retry-after', String(SHUT_SECONDS))
    return page(response, 429, said('Too many wrong tries from here. The door is shut for a quarter of an hour.'), to)
  }
  if (!(await isPasscode(form.get('passcode') ?? '', door.passcode))) {
    await waitFor(tried.before)
    const left = tried.left === undefined ? '' : ` ${leftInWords(tried.left)}`
    return page(response, 403, said('That is not the passcode.') + left, to)
  }
  await tries.forget(from)
  const token = await addDevice(door.db, nameFrom(form, request), Date.now())
  const secure = door.isSecure ? '; Secure' : ''
  response
    .writeHead(303, {
      location: to,
      'set-cookie': `${COOKIE}=${token}; HttpOnly; SameSite=Strict; Path=/; Max-Age=${COOKIE_SECONDS}${secure}`,
    })
    .end()
}

/** What the device is called: as was typed, else what its browser says it runs on. */
function nameFrom(form: URLSearchParams, { headers }: IncomingMessage): string {
  const typed = (form.get('device') ?? '').replace(/\p{C}/gu, '').trim().slice(0, 40)
  const system = /iPad|iPhone|Android|Windows|Mac OS|CrOS|Linux/.exec(headers['user-agent'] ?? '')?.[0]
  return typed || (system ? said('A device with {0}', system) : said('A device'))
}
