import { inEnglish } from '../wording'
import { describe, expect, it } from 'vitest'
import { type RecipeKind, MAKING_MATERIALS, type MakingMaterial, rankRecipes, solveRecipe, usualRecipe } from '.'
import { drawnFace } from './drawnFace'
import type { Recipe } from './recipe'

const drawn = (kind: RecipeKind, change: Partial<Recipe> = {}) => {
  const recipe = { ...usualRecipe(kind), ...change }
  const m = solveRecipe(recipe)
  return { m, face: drawnFace(recipe, m) }
}

describe('what a made face shows', () => {
  it('has its marks on the middle circle of a layered clock, whose size is its own', () => {
    for (const middleMm of [90, 110]) {
      const { m, face } = drawn('layered', { fixed: { middleMm } })
      expect(m.middleMm).toBe(middleMm)
      expect(face.marksTo).toBeLessThanOrEqual(middleMm / 2)
      expect(face.marksTo).toBeGreaterThan(0.8 * (middleMm / 2))
      expect(face.marksFrom).toBeLessThan(face.marksTo)
      expect(face.marksTo).toBeLessThan(0.8 * (m.faceMm / 2))
    }
  })

  it('has longer marks at the quarters than at the other hours, where a child draws the rest', () => {
    const share = (guides: Recipe['guides']) => {
      const { m, face } = drawn('draw', { guides })
      return { from: face.marksFrom / (m.faceMm / 2), to: face.marksTo / (m.faceMm / 2) }
    }
    expect(share('quarters').from).toBeCloseTo(0.86, 6)
    expect(share('all').from).toBeCloseTo(0.9, 6)
    expect(share('quarters').to).toBeCloseTo(share('all').to, 6)
  })

  it('has its marks where the child will draw them, where none are printed', () => {
    for (const guides of ['none', 'centre'] as const) {
      const { m, face } = drawn('draw', { guides })
      expect(face.marksFrom / (m.faceMm / 2)).toBeCloseTo(0.92, 6)
      expect(face.marksTo / (m.faceMm / 2)).toBeCloseTo(0.965, 6)
    }
  })
})

describe('which clock suits', () => {
  it('names what is missing for each kind, and that alone', () => {
    const all = Object.keys(MAKING_MATERIALS) as MakingMaterial[]
    const told = (materials: readonly MakingMaterial[]) =>
      rankRecipes({ youngest: 7, children: 4, rung: 'fives', minutes: 40, materials }).map(({ kind, because }) => ({
        kind,
        missing: /missing: ([^;]*)/.exec(because.map(inEnglish).join('; '))?.[1],
      }))
    expect(told(all).every(({ missing }) => missing === undefined)).toBe(true)
    // A face to be drawn needs nothing but pencil and paper.
    expect(told([]).flatMap(({ kind, missing }) => (missing === undefined ? [kind] : []))).toEqual(['draw'])
    const withoutPins = told(all.filter((material) => material !== 'pushpins'))
    expect(withoutPins.filter(({ missing }) => missing !== undefined)).toEqual([
      { kind: 'layered', missing: 'pushpins and erasers' },
    ])
  })
})
