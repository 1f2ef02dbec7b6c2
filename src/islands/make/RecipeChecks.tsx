import { said } from '#words'
import { t } from '@lingui/core/macro'
import { Button } from '@mantine/core'
import { checkRecipe } from '../../core/make'
import { CheckLine } from '../../ui/CheckLine'
import type { Bench } from './useRecipe'

/** What fits and what does not, by how much, and one click that puts it right. */
export function RecipeChecks({ bench }: { bench: Bench }) {
  const { recipe, measures } = bench.solved
  const checks = checkRecipe(recipe, measures).sort((a, b) => Number(a.ok) - Number(b.ok))
  return (
    <ul aria-label={t`Checks`} style={{ listStyle: 'none', margin: 0, padding: 0 }}>
      {checks.map(({ id, ok, says, mend }) => (
        <CheckLine key={id} ok={ok} says={said(says)}>
          {mend && (
            <div>
              <Button size="compact-sm" variant="light" mt={4} onClick={() => bench.set({ ...recipe, ...mend.change })}>
                {said(mend.says)}
              </Button>
            </div>
          )}
        </CheckLine>
      ))}
    </ul>
  )
}
