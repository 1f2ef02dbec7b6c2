import { said } from '../../words/i18n'
import { useMemo, useState } from 'react'
import { attempt } from '../../core/errors'
import {
  type MeasureChange,
  type MeasureId,
  type Measures,
  type Recipe,
  measureChanges,
  solveRecipe,
  usualRecipe,
} from '../../core/make'
import { useJsonInAddress } from '../../ui/jsonInAddress'

export interface Solved {
  readonly recipe: Recipe
  readonly measures: Measures
}

function solved(recipe: Recipe): Solved {
  return { recipe, measures: solveRecipe(recipe) }
}

const USUAL = usualRecipe('card')

/** The recipe on the bench: what was asked for last, the last one that could be made, and what a change did. */
export function useRecipe() {
  const [wanted, setWanted] = useJsonInAddress<Recipe>({ name: 'clock', storageKey: 'make-recipe', usual: USUAL })
  const [changes, setChanges] = useState<readonly MeasureChange[]>([])
  const now = useMemo(() => attempt(() => solved(wanted)), [wanted])
  const [last, setLast] = useState<Solved>(() => now.value ?? solved(USUAL))
  // One that cannot be made is kept as asked for, and the last good drawing stays.
  if (now.value && now.value !== last) setLast(now.value)

  function set(recipe: Recipe, touched?: MeasureId) {
    setWanted(recipe)
    const next = attempt(() => solved(recipe)).value
    if (!next) return
    // Another kind is another clock: all of its measures are new.
    setChanges(last.recipe.kind === recipe.kind ? measureChanges(last.measures, next.measures, touched) : [])
  }

  return {
    recipe: wanted,
    solved: last,
    problem: now.refusal && said(now.refusal.says),
    changes,
    set,
    change: (change: Partial<Recipe>) => set({ ...wanted, ...change }),
    fix: (id: MeasureId, mm: number) => set({ ...wanted, fixed: { ...wanted.fixed, [id]: mm } }, id),
    free: (id: MeasureId) => set({ ...wanted, fixed: { ...wanted.fixed, [id]: undefined } }),
  }
}

export type Bench = ReturnType<typeof useRecipe>
