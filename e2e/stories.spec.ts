import type { APIRequestContext } from '@playwright/test'
import type { Answer } from '../src/core/knowing'
import type { Kept } from '../src/core/records'
import type { Story } from '../src/core/stories'
import { readPdf } from '../tests/readback/pdf'
import { expect, makeGroup, test, usable } from './fixtures'

const TEXT =
  'At nine o’clock in the morning the lock opened. At half past nine the boat came. Bram ate 7 apples. At six they slept, when the cock crew.'

async function keptStory(request: APIRequestContext, name: string): Promise<string> {
  const id = crypto.randomUUID()
  const marks = { dismissed: [], added: [], chosen: {} }
  const body: Story = { language: 'en-GB', text: TEXT, marks, questions: null, seed: 1 }
  await request.post('/api/stories', { data: { id, name, body } })
  return id
}

test('a story is written and its times are settled', async ({ page }) => {
  await page.goto('/stories')
  await page.getByRole('button', { name: 'New story' }).click()
  const editor = page.getByRole('textbox', { name: 'The story' })
  await editor.click()
  await expect(editor).toBeEditable()
  await expect(editor).toBeFocused()
  await page.keyboard.insertText(TEXT)
  // Four times are found while it is typed, and seven apples are none.
  await expect(page.locator('.stories-times li')).toHaveCount(3)
  await expect(editor.locator('[data-time]')).toHaveCount(3)
  await expect(page.locator('.stories-times')).toContainText('half past nine')

  // Six could be of the morning or of the evening.
  await expect(page.getByText('Which one?')).toBeVisible()
  await page.locator('.stories-times').getByRole('button', { name: '18:00' }).click()
  await expect(page.getByText('Which one?')).toHaveCount(0)

  // What is no time is dismissed with a click, and undone.
  await page.locator('.stories-times li').nth(1).getByRole('button', { name: 'Not a time' }).click()
  await expect(page.locator('.stories-times li')).toHaveCount(2)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.locator('.stories-times li')).toHaveCount(3)

  // A missed one is marked by hand.
  const byHand = page.getByLabel('A time that was missed: select its words, and write when it is')
  await byHand.fill('25:00')
  await page.getByRole('button', { name: 'Mark it' }).click()
  await expect(page.getByText('Select the words that mean a time first.')).toBeVisible()
  await editor.getByText('when the cock crew').click()
  await page.keyboard.press('Control+End')
  for (let i = 0; i < 'cock crew.'.length; i++) await page.keyboard.press('Shift+ArrowLeft')
  await page.getByRole('button', { name: 'Mark it' }).click()
  await expect(page.getByText('Hours go from 0 to 23, and 24:00 ends the day: there is no 25.')).toBeVisible()
  await byHand.fill('18:30')
  await page.getByRole('button', { name: 'Mark it' }).click()
  await expect(page.locator('.stories-times li')).toHaveCount(4)
})

test('the questions of a story are chosen, and it is printed', async ({ page, request }) => {
  await page.goto(`/stories?story=${await keptStory(request, 'The lock')}`)
  const editor = page.getByRole('textbox', { name: 'The story' })
  await page.getByRole('tab', { name: 'Questions' }).click()
  const first = page.getByLabel('Question', { exact: true }).first()
  await expect(first).toHaveValue(/^Which clock is right\?/)
  await page.getByRole('button', { name: 'Question 2 up' }).click()
  await expect(first).toHaveValue(/^Set the clock/)
  await first.fill('Show me when the lock opened.')
  await page.getByRole('button', { name: 'Remove question 2' }).click()
  await expect(first).toHaveValue('Show me when the lock opened.')
  await expect
    .poll(async () => {
      const all = (await (await request.get('/api/stories')).json()) as Kept<Story>[]
      return all.find(({ name }) => name === 'The lock')?.body.questions?.[0]?.says
    })
    .toBe('Show me when the lock opened.')

  await page.getByRole('tab', { name: 'Print' }).click()
  const href = await page.getByRole('link', { name: 'Print the story' }).getAttribute('href')
  const texts = (await readPdf(await (await request.get(href ?? '')).body())).map(({ text }) => text).join(' ')
  expect(texts).toContain('Show me when the lock opened.')

  // A question whose time has gone says so.
  await editor.click()
  await expect(editor).toBeFocused()
  await expect(editor).toBeEditable()
  await page.keyboard.press('Control+a')
  await page.keyboard.insertText('At noon it rained. At three o’clock it was dry.')
  await page.getByRole('tab', { name: 'Questions' }).click()
  await expect(page.getByText('The text no longer has what this asks about.').first()).toBeVisible()
})

test('a story is read at once, and written in where it is touched', async ({ page, request }) => {
  await page.goto(`/stories?story=${await keptStory(request, 'The lock again')}`)
  const text = page.getByRole('textbox', { name: 'The story' })
  await expect(text).not.toBeEditable()
  await usable(page)
  const time = text.getByText('half past nine')
  await page.locator('.stories-times li').nth(1).hover()
  await expect(time).toHaveClass(/stories-time-lit/)
  const box = await text.getByText('At nine').boundingBox()
  // Before the first letter of the text.
  if (box) await page.mouse.click(box.x + 1, box.y + 12)
  await expect(text).toBeEditable()
  await expect(text).toBeFocused()
  await page.keyboard.insertText('Listen. ')
  // The marks move with their words at once, before the text is kept.
  expect(await text.locator('[data-time]').allTextContents()).toContain('half past nine')
  await expect(text).toContainText('Listen. At nine o’clock')
  await page.getByRole('tab', { name: 'Print' }).click()
  await expect
    .poll(async () => {
      const all = (await (await request.get('/api/stories')).json()) as Kept<Story>[]
      return all.find(({ name }) => name === 'The lock again')?.body.text
    })
    .toBe(`Listen. ${TEXT}`)
})

test('a story is written in by keyboard alone', async ({ page, request }) => {
  await page.goto(`/stories?story=${await keptStory(request, 'By keys')}`)
  await usable(page)
  const text = page.getByRole('textbox', { name: 'The story' })
  await text.focus()
  await expect(text).toBeEditable()
  await expect(text).toBeFocused()
  await page.keyboard.insertText('So. ')
  await expect(text).toContainText('So. At nine o’clock')
})

test('a story is taken from the shelf, made anew, and read with children', async ({ page, request }) => {
  const { childIds } = await makeGroup(request, 'AA Readers', ['Moss', 'Fern'])
  await page.goto('/stories?part=maker')
  await page.getByLabel('Who is in it').fill('A, B, C, D, E')
  await expect(page.getByRole('alert')).toHaveText('names must be 1 to 4 of them, not 5.')
  await page.getByLabel('Who is in it').fill('Juniper')
  const preview = page.locator('.stories-preview')
  const before = await preview.textContent()
  await page.getByRole('button', { name: 'Another one' }).click()
  await expect(preview).not.toHaveText(before ?? '')
  await page.getByRole('button', { name: /^Four slices of pie/ }).click()
  await expect(page.getByLabel('Name')).toHaveValue('Four slices of pie')
  await page.getByRole('tab', { name: 'Clocks' }).click()
  await expect(page.locator('.stories-times li')).toHaveCount(5)
  await expect(page.getByText('Not saved yet')).toHaveCount(0)

  await page.getByRole('link', { name: 'Read together' }).click()
  await page.getByRole('button', { name: 'half past three' }).click()
  await expect(page.getByRole('status')).toHaveText('1 of 5 times ringed')
  await expect(page.getByRole('img', { name: 'A clock showing half past three' })).toBeVisible()

  await page.getByText('Questions', { exact: true }).click()
  await page.getByLabel('Group').selectOption('AA Readers')
  await page.getByRole('button', { name: 'Clock a' }).click()
  await expect(page.getByText(/^(Right\.|Look again)/)).toBeVisible()
  await expect
    .poll(async () => ((await (await request.get(`/api/answers?childId=${childIds[0]}`)).json()) as Answer[]).length)
    .toBe(1)
  await page.getByRole('button', { name: 'Next question' }).click()
  await expect(page.getByRole('button', { name: 'Fern' })).toHaveAttribute('aria-pressed', 'true')
})
