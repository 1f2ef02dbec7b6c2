import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { SimpleGrid, Switch } from '@mantine/core'
import { type GameId, games } from '../../core/movement'
import { Choice, listed } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { CALLED_RUNGS } from './asked'
import { HARDER, PACES, type Typed, type GameWish } from './useSetup'

const WRONG = {
  everyone: told('Everyone moves'),
  again: told('Who was wrong moves'),
} as const

const FACINGS = {
  twelve: told('They face 12'),
  six: told('They face 6'),
} as const

interface GameFieldsProps {
  readonly game: GameId
  readonly wish: GameWish
  readonly onChange: (part: Partial<GameWish>) => void
}

type NumberName = 'minutes' | 'children' | 'age' | 'lapMetres' | 'mostMetres' | 'roomMetres' | 'number'

const fieldsOf = (wish: GameWish, onChange: GameFieldsProps['onChange']) => (name: NumberName) => ({
  value: wish[name],
  onChange: (value: Typed) => onChange({ [name]: value }),
  keepsOutside: true,
})

export function GameFields({ game, wish, onChange }: GameFieldsProps) {
  const field = fieldsOf(wish, onChange)
  return (
    <>
      <SimpleGrid cols={{ base: 2, sm: 3, md: 6 }} spacing="sm">
        <NumberField decimals={2} label={t`Minutes`} {...field('minutes')} />
        <NumberField decimals={2} label={t`Children`} {...field('children')} />
        <NumberField decimals={2} label={t`Age of the youngest`} placeholder={t`not known`} {...field('age')} />
        <NumberField label={t`Room across (m)`} placeholder={t`not told`} decimals={1} {...field('roomMetres')} />
        <Choice
          label={t`Times`}
          value={wish.rung}
          onChange={(rung) => onChange({ rung })}
          data={CALLED_RUNGS.map(({ id, name }) => ({ value: id, label: said(name) }))}
        />
        <Choice
          label={t`How hard`}
          value={String(wish.harder)}
          onChange={(value) => onChange({ harder: Number(value) })}
          data={HARDER.map((label, i) => ({ value: String(i - 2), label: said(label) }))}
        />
        <OwnFields game={game} wish={wish} onChange={onChange} />
        <NumberField decimals={2} label={t`Game number`} {...field('number')} />
      </SimpleGrid>
      <Switch
        label={t`Seated: arms only, nothing to run`}
        checked={wish.isSeated}
        onChange={(event) => onChange({ isSeated: event.currentTarget.checked })}
      />
    </>
  )
}

/** What only some games ask for. */
function OwnFields({ game, wish, onChange }: GameFieldsProps) {
  const field = fieldsOf(wish, onChange)
  return (
    <>
      {games[game].takes.includes('think') && (
        <Choice
          label={t`Time to think`}
          value={wish.think}
          onChange={(think) => onChange({ think })}
          data={listed(PACES)}
        />
      )}
      {games[game].takes.includes('wrong') && (
        <Choice
          label={t`After the answer`}
          value={wish.wrong}
          onChange={(wrong) => onChange({ wrong })}
          data={listed(WRONG)}
        />
      )}
      {games[game].takes.includes('lapMetres') && (
        <NumberField label={t`Metres between marks`} decimals={1} {...field('lapMetres')} />
      )}
      {games[game].takes.includes('mostMetres') && (
        <NumberField decimals={2} label={t`Most metres in all`} placeholder={t`by age`} {...field('mostMetres')} />
      )}
      {games[game].takes.includes('facing') && (
        <Choice
          label={t`Straight ahead`}
          value={wish.facing}
          onChange={(facing) => onChange({ facing })}
          data={listed(FACINGS)}
        />
      )}
    </>
  )
}
