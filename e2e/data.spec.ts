import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { expect, makeGroup, test, findPeople } from './fixtures'

const open = async (page: Page, base = '') => {
  await page.goto(`${base}/settings?part=data`)
  await expect(page.getByRole('heading', { name: 'Your data' })).toBeVisible()
}

const part = (page: Page, name: string) => page.getByRole('region', { name })

async function takeOut(page: Page): Promise<Buffer> {
  const coming = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Export' }).click()
  return readFileSync(await (await coming).path())
}

const chooseFile = (page: Page, name: string, bytes: Uint8Array | string) =>
  page
    .locator('input[type=file]')
    .setInputFiles({ name, mimeType: 'application/octet-stream', buffer: Buffer.from(bytes) })

test('what is taken out is for people in the language of who asks, and for programs the same in every one', async ({
  request,
}) => {
  const { childIds } = await makeGroup(request, 'Zwei Sprachen', ['Sedge'])
  const filesIn = async (language: string) => {
    const headers = { 'accept-language': language }
    const zip = unzipSync(await (await request.get('/api/data/workspace.zip', { headers })).body())
    const file = (name: string) => strFromU8(zip[name] ?? new Uint8Array())
    const page = await (await request.get(`/api/children/${childIds[0]}/records?as=html`, { headers })).text()
    return { file, page, things: (JSON.parse(file('workspace.json')) as { things: unknown }).things }
  }
  const [english, german] = [await filesIn('en'), await filesIn('de')]
  expect(english.file('children.csv')).toMatch(/^Name,Age,Groups\r\n/)
  expect(german.file('children.csv')).toMatch(/^Name,Alter,Gruppen\r\n/)
  expect(german.file('answers.csv')).toMatch(/^Tag und Zeit,Kind,Schritt,Frage,.*\r\n/)
  expect(german.file('answers.csv')).toMatch(/,mit Bildern,(ja|nein),/)
  expect(german.file('README.txt')).toContain('dieselben Aufzeichnungen als Tabellen')
  expect(german.page).toContain('<html lang="de">')
  expect(german.page).toContain('<h1>Aufzeichnungen über Sedge</h1>')
  expect(german.page).not.toMatch(/Records|Answer|Step|None/)
  expect(german.things).toEqual(english.things)
})

test('everything is taken out, taken in by an empty workspace after a look, and taken back', async ({
  page,
  empty,
}) => {
  await open(page)
  const zip = await takeOut(page)
  const files = unzipSync(zip)
  expect(strFromU8(files['children.csv'] ?? new Uint8Array())).toContain('Odalys')

  await open(page, empty.url)
  await chooseFile(page, 'workspace.zip', zip)
  const look = page.getByRole('group', { name: 'What the file would bring' })
  await expect(look.getByRole('row', { name: /^answers/ })).toBeVisible()
  // Nothing is written by looking.
  expect(await (await page.request.get(`${empty.url}/api/children`)).json()).not.toContainEqual(
    expect.objectContaining({ child: expect.objectContaining({ name: 'Odalys' }) as unknown }),
  )
  await look.getByRole('button', { name: 'Take it in' }).click()
  await expect(part(page, 'Can still be taken back')).toContainText(/A file: \d+ new, 0 replaced/)
  await chooseFile(page, 'workspace.zip', zip)
  await expect(page.getByText('All of it is here already.')).toBeVisible()
  await page.getByRole('button', { name: 'Leave it' }).click()
  await part(page, 'Can still be taken back').getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Everything is as it was before.')).toBeVisible()
  await expect(part(page, 'Who did what')).toContainText('Took back what a file brought')
})

test('a file that is none, or is wrong inside, is refused by name', async ({ page, quiet }) => {
  quiet.allow(/400/)
  await open(page)
  const zip = await takeOut(page)
  const said = part(page, 'Import').getByRole('alert')
  await chooseFile(page, 'letter.zip', 'Dear all')
  await expect(said).toContainText('neither a zip nor JSON')
  const file = strFromU8(unzipSync(zip)['workspace.json'] ?? new Uint8Array())
  await chooseFile(
    page,
    'workspace.zip',
    zipSync({ 'workspace.json': strToU8(file.replace(/"age": \d+/, '"age": 900')) }),
  )
  await expect(said).toContainText(/In children, number \d+: age must be at most 99/)
})

test('children come from a table with any order of columns, into a group', async ({ page, request, quiet }) => {
  quiet.allow(/400/)
  const { group } = await makeGroup(request, 'Table takers', ['Moss'])
  await open(page)
  await chooseFile(page, 'class.csv', 'age;child\n6;Sanna\nsix;Idris')
  const look = page.getByRole('group', { name: 'What the table would bring' })
  await expect(look).toContainText('The age must be a whole number from 2 to 99 or empty, not six.')
  await expect(look.getByRole('button', { name: /^Import/ })).toBeDisabled()
  await chooseFile(page, 'class.csv', 'age;child\n6;Sanna\n7;Idris')
  await look.getByLabel('Into the group').selectOption(group.id)
  await look.getByRole('button', { name: 'Import 2 children' }).click()
  await expect(part(page, 'Can still be taken back')).toContainText('A table with 2 new children')
  await page.goto('/children')
  await findPeople(page, 'Sanna')
  await expect(page.getByText('Sanna')).toBeVisible()
})

test('a backup is made, looked into and restored, and that is taken back', async ({ page, request }) => {
  await open(page)
  const backups = part(page, 'Backups')
  await backups.getByRole('button', { name: 'Make one now', exact: true }).click()
  await expect(backups.getByText(/by hand/).first()).toBeVisible()
  await makeGroup(request, 'After the backup', ['Latecomer'])
  await backups.getByRole('button', { name: 'Look into it' }).first().click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('row', { name: /^groups/ })).toContainText('1')
  await dialog.getByRole('button', { name: 'Restore it' }).click()
  await expect(part(page, 'Can still be taken back')).toContainText('The backup')
  await page.goto('/children')
  await findPeople(page, 'Latecomer')
  await expect(page.getByRole('heading', { name: 'Children' })).toBeVisible()
  await expect(page.getByText('Latecomer')).toBeHidden()
  await open(page)
  await part(page, 'Can still be taken back').getByRole('button', { name: 'Undo' }).first().click()
  await expect(page.getByText('Everything is as it was before.')).toBeVisible()
  await page.goto('/children')
  await findPeople(page, 'Latecomer')
  await expect(page.getByText('Latecomer')).toBeVisible()
})

test('a backup folder that will not do is refused, and what was typed stays', async ({ page, quiet }) => {
  quiet.allow(/400/)
  await open(page)
  const backups = part(page, 'Backups')
  await backups.getByLabel('Folder for backups').fill('some/where')
  await backups.getByRole('button', { name: 'Save' }).click()
  await expect(backups.getByRole('alert')).toContainText('it must be a whole path from the root, not some/where')
  await expect(backups.getByLabel('Folder for backups')).toHaveValue('some/where')
})

test('a child that is removed is named elsewhere first, and comes back as long as it is promised', async ({
  page,
  request,
}) => {
  const { childIds } = await makeGroup(request, 'Regretters', ['Zephyrine', 'Moss'])
  await request.post(`/api/children/${childIds[1]}/notes`, {
    data: { id: crypto.randomUUID(), text: 'Plays with Zephyrine and ZEPHYRINES duck' },
  })
  await page.goto('/children')
  await findPeople(page, 'Zephyrine')
  await page.getByRole('button', { name: 'Remove Zephyrine' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('The name also stands in 1 note. There it becomes “…”.')
  // What may be the name too goes where it is ticked.
  await dialog.getByRole('checkbox', { name: '“ZEPHYRINES”, in 1 text' }).check()
  await dialog.getByRole('button', { name: /^Remove/ }).click()
  await expect(page.getByText('Zephyrine is removed')).toBeVisible()
  const notes = async () =>
    ((await (await request.get(`/api/children/${childIds[1]}/notes`)).json()) as { text: string }[]).map(
      ({ text }) => text,
    )
  expect(await notes()).toEqual(['Plays with … and … duck'])
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByText('Taken back', { exact: true })).toBeVisible()
  expect(await notes()).toEqual(['Plays with Zephyrine and ZEPHYRINES duck'])
  await expect(page.getByText('Zephyrine', { exact: true }).first()).toBeVisible()
})

test('one child’s records are a page for a parent', async ({ page, request }) => {
  const { childIds } = await makeGroup(request, 'Askers', ['Linnet'])
  await page.goto(`/children/${childIds[0]}`)
  const coming = page.waitForEvent('download')
  await page.getByRole('link', { name: 'as a page' }).click()
  const text = readFileSync(await (await coming).path(), 'utf8')
  expect(text).toContain('Records of Linnet')
})

test('old answers are counted before they are forgotten', async ({ page }) => {
  await open(page)
  const forget = part(page, 'Forget old answers')
  await forget.getByLabel('Answers before').fill('2020-01-01')
  await forget.getByRole('button', { name: 'Forget them' }).click()
  await expect(page.getByRole('dialog')).toContainText('There are no answers before that day')
})
