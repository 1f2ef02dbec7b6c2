import { appendFileSync, cpSync, renameSync, rmSync, symlinkSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { answersOf, expect, makeGroup, makeSession, nextQuestion, openTable, test } from './fixtures'
import { type Served, freePort, newFolder, startServer } from '../tests/servers'

/* A new version of the app comes while a session runs. On a server of its own, since its files are changed under it. */

const port = await freePort()
let folder: string
let server: Served

const start = () => startServer({ dist: join(folder, 'dist'), folder: join(folder, 'data'), port })
const client = (name: string) => join(folder, 'dist/client', name)

test.use({ serviceWorkers: 'allow', baseURL: `http://127.0.0.1:${port}` })

test.beforeAll(async () => {
  folder = newFolder('update')
  cpSync('dist', join(folder, 'dist'), { recursive: true })
  // Packages are found from where it stands.
  symlinkSync(resolve('node_modules'), join(folder, 'node_modules'))
  // Only the plain file is left, so that what is changed below is what is sent.
  for (const ending of ['br', 'gz']) rmSync(client(`sw.js.${ending}`), { force: true })
  server = await start()
})

test.afterAll(async () => {
  await server.stop('SIGKILL')
  rmSync(folder, { recursive: true, force: true })
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
  await page.getByRole('switch', { name: 'Wait after a right answer' }).check()
  await page.keyboard.press('2')
  await expect(page.getByRole('button', { name: 'Next question' })).toBeVisible()

  // The worker differs, and the old version's code is not on the server any more.
  await server.stop()
  appendFileSync(client('sw.js'), '\n// a newer version\n')
  server = await start()
  const states = () =>
    page.evaluate(async () => {
      const registration = await navigator.serviceWorker.getRegistration()
      return [registration?.active?.state, registration?.waiting?.state]
    })
  await page.evaluate(async () => {
    await (await navigator.serviceWorker.getRegistration())?.update()
  })
  await expect.poll(states).toEqual(['activated', 'installed'])
  renameSync(client('_astro'), client('_gone'))

  await nextQuestion(page)
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
