import { type ChildProcess, spawn } from 'node:child_process'
import { appendFileSync, cpSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { answersOf, expect, makeGroup, makeSession, openTable, test } from './fixtures'

/* A new version of the app comes while a session runs. On a server of its own, since its files are changed under it. */

const PORT = 4343
const DIST = 'test-results/dist-to-update'
const DATA = 'test-results/data-update'
const WORKER = join(DIST, 'client/sw.js')
let server: ChildProcess

test.use({ serviceWorkers: 'allow', baseURL: `http://127.0.0.1:${PORT}` })

function start(): Promise<void> {
  server = spawn('node', [join(DIST, 'serve.mjs')], {
    env: { ...process.env, RIPE_ACORN_PORT: String(PORT), RIPE_ACORN_DATA: DATA },
  })
  return new Promise((resolve, reject) => {
    server.stdout?.on('data', (data: Buffer) => data.toString().includes('Ripe Acorn is at') && resolve())
    server.on('exit', () => reject(new Error('the server did not start')))
  })
}

function stop(): Promise<void> {
  server.removeAllListeners('exit')
  return new Promise((resolve) => {
    server.on('exit', () => resolve())
    server.kill('SIGTERM')
  })
}

test.beforeAll(async () => {
  for (const folder of [DIST, DATA]) rmSync(folder, { recursive: true, force: true })
  cpSync('dist', DIST, { recursive: true })
  // Only the plain file is left, so that what is changed below is what is sent.
  for (const ending of ['br', 'gz']) rmSync(`${WORKER}.${ending}`, { force: true })
  await start()
})

test.afterAll(() => {
  server.kill('SIGKILL')
  for (const folder of [DIST, DATA]) rmSync(folder, { recursive: true, force: true })
})

test('an update waits while a session runs, which keeps the code it began with and loses nothing', async ({
  page,
  request,
  quiet,
}) => {
  quiet.allow(/Failed to load resource/)
  const { group } = await makeGroup(request, 'Long sitters', ['Moss'])
  const session = await makeSession(request, group.id)
  await openTable(page, session)
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null)
  await page.keyboard.press('q')
  await expect(page.getByRole('heading', { name: 'Moss' })).toBeVisible()
  await page.keyboard.press('2')
  await expect(page.getByRole('button', { name: 'Next question' })).toBeVisible()

  // The worker differs, and the old version's code is not on the server any more.
  await stop()
  appendFileSync(WORKER, '\n// a newer version\n')
  await start()
  const states = () =>
    page.evaluate(async () => {
      const registration = await navigator.serviceWorker.getRegistration()
      return [registration?.active?.state, registration?.waiting?.state]
    })
  await page.evaluate(async () => {
    await (await navigator.serviceWorker.getRegistration())?.update()
  })
  await expect.poll(states).toEqual(['activated', 'installed'])
  renameSync(join(DIST, 'client/_astro'), join(DIST, 'client/_gone'))

  await page.getByRole('button', { name: 'Next question' }).click()
  await page.keyboard.press('2')
  await expect(page.getByRole('button', { name: 'Next question' })).toBeVisible()
  // Code that was not needed until now.
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.reload()
  await expect(page.getByRole('slider', { name: 'Time shown' })).toBeVisible()
  expect(await states()).toEqual(['activated', 'installed'])
  await expect.poll(async () => (await answersOf(request, session.id)).length).toBe(2)

  // Closed everywhere, then opened: the new version is the one that runs.
  await page.goto('about:blank')
  await openTable(page, session)
  await expect.poll(states).toEqual(['activated', undefined])
})
