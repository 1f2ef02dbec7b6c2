import { describe, expect, test } from 'vitest'
import { networkAddresses } from './address'
import { isThisMachine, placeOf, Tries } from './tries'

describe('tries of the passcode', () => {
  test('are shut after ten from one place, and from no other', async () => {
    const tries = new Tries()
    const left: (number | undefined)[] = []
    for (let i = 0; i < 11; i++) left.push((await tries.count('192.0.2.7'))?.left)
    expect(left).toEqual([9, 8, 7, 6, 5, 4, 3, 2, 1, 0, undefined])
    expect(await tries.count('192.0.2.7')).toBeUndefined()
    expect(await tries.count('192.0.2.8')).toEqual({ before: 0, left: 9 })
  })

  test('are begun anew after a right one', async () => {
    const tries = new Tries()
    for (let i = 0; i < 9; i++) await tries.count('192.0.2.7')
    await tries.forget('192.0.2.7')
    expect(await tries.count('192.0.2.7')).toEqual({ before: 0, left: 9 })
  })

  test('of many places leave each new one its own, and fewer of them', async () => {
    const tries = new Tries()
    for (let i = 0; i < 300; i++) await tries.count(`192.0.2.${i % 40}`)
    const places = await Promise.all(Array.from({ length: 20 }, (_, i) => tries.count(`198.51.100.${i}`)))
    expect(places.every((tried) => tried?.left === 2)).toBe(true)
    expect(await tries.count('198.51.100.1')).toMatchObject({ left: 1 })
    expect(await tries.count('198.51.100.1')).toMatchObject({ left: 0 })
    expect(await tries.count('198.51.100.1')).toBeUndefined()
  })

  test('on the machine itself are never shut, but counted', async () => {
    const tries = new Tries()
    for (let i = 0; i < 500; i++) await tries.count('::ffff:127.0.0.1')
    expect(await tries.count('127.0.0.1')).toEqual({ before: 500, left: undefined })
    await tries.forget('::1')
    expect(await tries.count('::1')).toEqual({ before: 0, left: undefined })
  })
})

test('one network of IPv6 is one place', () => {
  expect(placeOf('2001:db8:1:2:3:4:5:6')).toBe(placeOf('2001:db8:1:2:ffff::1'))
  expect(placeOf('2001:db8:1:2::1')).not.toBe(placeOf('2001:db8:1:3::1'))
  expect(placeOf('::ffff:192.0.2.7')).toBe(placeOf('192.0.2.7'))
  expect(placeOf('fe80::1%eth0')).toBe(placeOf('fe80::2%eth0'))
  expect(placeOf('')).toBe('unknown')
})

test('this machine is known by its own addresses', () => {
  for (const own of ['127.0.0.1', '127.9.9.9', '::1', '::ffff:127.0.0.1', ...networkAddresses()])
    expect([own, isThisMachine(own)]).toEqual([own, true])
  for (const other of ['192.0.2.7', '2001:db8::1', '', 'fe80::1%eth0'])
    expect([other, isThisMachine(other)]).toEqual([other, false])
})
