import { adultsWording } from '../../words/adult'
import { said } from '../../words/i18n'
import { t, plural } from '@lingui/core/macro'
import { Trans } from '@lingui/react/macro'
import { Stack, Text } from '@mantine/core'
import { amountInWords, amountsFor, makingCautions, makingSteps } from '../../core/make'
import { Cautions } from '../../ui/Cautions'
import type { Bench } from './useRecipe'
import { NumberField } from '../../ui/NumberField'

/** What N clocks take, how long it lasts, the order of the work, what to mind. */
export function AmountsPanel({ bench }: { bench: Bench }) {
  const { recipe, measures } = bench.solved
  const amounts = amountsFor(recipe)
  return (
    <Stack gap="sm">
      <div>
        <Text size="sm" fw={600}>
          {t`${plural(amounts.clocks, { one: 'For # clock', other: 'For # clocks' })}`}
        </Text>
        <ul style={{ margin: 0, paddingLeft: 18, fontSize: 14 }}>
          {amounts.list.map((amount) => (
            <li key={said(amount.name)}>{amountInWords(amount, adultsWording())}</li>
          ))}
        </ul>
      </div>
      <NumberField
        label={t`Minutes of cutting, a child`}
        description={t`${Math.round(amounts.straightMm)} mm straight and ${Math.round(amounts.curvedMm)} mm curved; change it if yours are quicker`}
        value={amounts.cuttingMinutes}
        onChange={(value) => bench.change({ cuttingMinutes: typeof value === 'number' ? value : undefined })}
        min={0}
        max={600}
        w={240}
      />
      {amounts.holeMinutes > 0 && (
        <Text size="sm">
          <Trans>Your own minutes for the holes: about {amounts.holeMinutes}.</Trans>
        </Text>
      )}
      <div>
        <Text size="sm" fw={600}>{t`In this order`}</Text>
        <ol style={{ margin: 0, paddingLeft: 20, fontSize: 14 }}>
          {makingSteps(recipe, measures, adultsWording()).map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </div>
      <Cautions ids={makingCautions(recipe)} />
    </Stack>
  )
}
