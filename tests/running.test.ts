import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import { spawnSync } from 'node:child_process'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { describe, expect, it } from 'vitest'
import { playwrightCounts, vitestCounts } from '../scripts/counts'
import { stepsTo } from '../scripts/importers'

/* What runs the tests is tried itself, since a fault in it would hide all others. */

describe('the counts of a report', () => {
  const unit = (...tests: { status: string; fullName: string }[]) =>
    JSON.stringify({
      numPassedTests: tests.filter(({ status }) => status === 'passed').length,
      testResults: [
        {
          name: 'a.test.ts',
          status: 'passed',
          message: '',
          assertionResults: tests.map((test) => ({ ...test, failureMessages: ['why'] })),
        },
      ],
    })

  it('of unit tests have what failed by name, and what was skipped too', () => {
    const report = unit(
      { status: 'passed', fullName: 'one' },
      { status: 'failed', fullName: 'two' },
      { status: 'skipped', fullName: 'three' },
    )
    expect(vitestCounts(report)).toEqual({ passed: 1, failed: ['two: why', 'three: why'] })
    const unloaded = { name: 'b.test.ts', status: 'failed', message: 'no such file', assertionResults: [] }
    expect(vitestCounts(JSON.stringify({ numPassedTests: 0, testResults: [unloaded] }))).toEqual({
      passed: 0,
      failed: ['b.test.ts: no such file'],
    })
  })

  it('of interface tests have those inside groups, those at a second try, and what went wrong outside of tests', () => {
    const spec = (title: string, status: string) => ({
      file: 'a.spec.ts',
      line: 3,
      title,
      tests: [{ status, results: [{ error: { message: 'why' } }] }],
    })
    const report = {
      stats: { expected: 1 },
      suites: [
        { specs: [spec('fine', 'expected')], suites: [{ specs: [spec('bad', 'unexpected'), spec('late', 'flaky')] }] },
      ],
      errors: [{ message: 'no browser' }],
    }
    expect(playwrightCounts(JSON.stringify(report))).toEqual({
      passed: 1,
      failed: ['a.spec.ts:3 bad: why', 'a.spec.ts:3 late: why', 'no browser'],
    })
  })
})

it('what reaches a changed file is found with its fewest steps, in a ring too', () => {
  const graph = new Map([
    ['a', ['b']],
    ['b', ['c']],
    ['c', ['a']],
    ['d', ['a', 'c']],
    ['e', []],
  ])
  expect([...stepsTo(['c'], graph)].sort()).toEqual([
    ['a', 2],
    ['b', 1],
    ['c', 0],
    ['d', 1],
  ])
})

describe('packages', () => {
  /** Whether what is installed in a made-up folder fits its lock file. */
  function fits(wanted: object, installed: object | undefined): boolean {
    const folder = mkdtempSync(join(tmpdir(), 'ripe-acorn-packages-'))
    mkdirSync(join(folder, 'node_modules'))
    writeFileSync(join(folder, 'package-lock.json'), JSON.stringify({ packages: { '': {}, ...wanted } }))
    if (installed)
      writeFileSync(join(folder, 'node_modules/.package-lock.json'), JSON.stringify({ packages: installed }))
    return spawnSync('node', [resolve('scripts/packages-fit.mjs')], { cwd: folder }).status === 0
  }

  it('are installed anew where one is missing or has another version, and not for one of another system', () => {
    const a = { 'node_modules/a': { version: '1.0.0' } }
    expect(fits(a, a)).toBe(true)
    expect(fits(a, undefined)).toBe(false)
    expect(fits(a, {})).toBe(false)
    expect(fits(a, { 'node_modules/a': { version: '1.0.1' } })).toBe(false)
    expect(fits({ ...a, 'node_modules/b': { version: '2.0.0', optional: true } }, a)).toBe(true)
  })
})
