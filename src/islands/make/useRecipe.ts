import { useLocalStorage } from '@mantine/hooks'
import { useRef, useState } from 'react'
import {
  type MeasureChange,
  type MeasureId,
  type Measures,
  type Recipe,
  measureChanges,
  solveRecipe,
  usualRecipe,
} from '../../core/make'

export interface Solved {
  readonly recipe: Recipe
  readonly measures: Measures
}

function tryToSolve(recipe: Recipe): Solved | Error {
  try {
    return { recipe, measures: solveRecipe(recipe) }
  } catch (error) {
    return error instanceof Error ? error : new Error(String(error))
  }
}

const USUAL = usualRecipe('card')

/** The recipe on the bench: what was asked for last, the last one that could be made, and what a change did. */
export function useRecipe() {
  const [stored, setWanted] = useLocalStorage<Recipe>({
    key: 'make-recipe',
    defaultValue: USUAL,
    getInitialValueInEffect: false,
  })
  // One that was left there by an older Ripe Acorn may lack a field.
  const wanted: Recipe = { ...USUAL, ...stored }
  const [changes, setChanges] = useState<readonly MeasureChange[]>([])
  const [last, setLast] = useState<Solved>(() => {
    const solved = tryToSolve(wanted)
    return solved instanceof Error ? { recipe: USUAL, measures: solveRecipe(USUAL) } : solved
  })
  const before = useRef(last)
  const now = tryToSolve(wanted)
  const problem = now instanceof Error ? now.message : undefined

  /** Takes a recipe over; one that cannot be made is kept as asked for, and the last good drawing stays. */
  function set(recipe: Recipe, touched?: MeasureId) {
    setWanted(recipe)
    const solved = tryToSolve(recipe)
    if (solved instanceof Error) return
    // Another kind is another clock: all of its measures are new.
    const isSameKind = before.current.recipe.kind === recipe.kind
    setChanges(isSameKind ? measureChanges(before.current.measures, solved.measures, touched) : [])
    before.current = solved
    setLast(solved)
  }

  return {
    recipe: wanted,
    solved: last,
    problem,
    changes,
    set,
    change: (change: Partial<Recipe>) => set({ ...wanted, ...change }),
    fix: (id: MeasureId, mm: number) => set({ ...wanted, fixed: { ...wanted.fixed, [id]: mm } }, id),
    free: (id: MeasureId) => set({ ...wanted, fixed: { ...wanted.fixed, [id]: undefined } }),
  }
}

export type Bench = ReturnType<typeof useRecipe>
