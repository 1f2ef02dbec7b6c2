import { expect, test } from './fixtures'

test.describe('with nothing in it', () => {
  test.use({ baseURL: ({ empty }, give) => give(empty.url) })

  test('an empty start gets to printed pages in under ten clicks', async ({ page, request }) => {
    let clicks = 0
    await page.exposeFunction('countClick', () => clicks++)
    await page.addInitScript(() => {
      window.addEventListener('click', () => (window as unknown as { countClick: () => void }).countClick(), true)
    })
    await page.goto('/')
    await expect(page.getByRole('heading', { name: 'Who is learning to tell the time?' })).toBeVisible()
    await page.getByRole('textbox', { name: 'Group' }).click()
    await page.keyboard.type('At the lock')
    await page.keyboard.press('Tab')
    await page.keyboard.type('Wren 6, Ilse 7')
    await page.getByRole('button', { name: 'Add the group of 2' }).click()
    await page.getByRole('button', { name: 'Build a session' }).click()
    const print = page.getByRole('link', { name: 'Print the session' })
    await expect(print).toBeVisible()
    const pdf = await request.get((await print.getAttribute('href')) ?? '')
    expect((await pdf.body()).subarray(0, 5).toString()).toBe('%PDF-')
    // Opening the pages to print them is what marks the session as printed.
    const marked = page.waitForResponse((response) => response.url().endsWith('/printed'))
    await print.click()
    expect((await marked).status()).toBe(200)
    expect(clicks).toBeLessThan(10)
    await page.goto('/')
    await expect(page.getByText('Print again')).toBeVisible()
  })

  test('every view says what to do while there is nothing', async ({ page }) => {
    await page.goto('/log')
    await expect(page.getByText(/No sessions yet/)).toBeVisible()
    await page.goto('/children')
    await expect(page.getByRole('button', { name: 'Add a group' })).toBeVisible()
  })
})

test('a paper clock is one click away', async ({ request }) => {
  const pdf = await request.get('/api/clock.pdf')
  expect(pdf.headers()['content-type']).toBe('application/pdf')
})

test('an address that leads nowhere says so', async ({ page, quiet }) => {
  quiet.allow(/404/)
  await page.goto('/nowhere')
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible()
  await page.goto('/plan/8d0bd44c-52c1-4f6e-9d5e-0c8ce4a6f2ab')
  await expect(page.getByText('There is no such session')).toBeVisible()
})
