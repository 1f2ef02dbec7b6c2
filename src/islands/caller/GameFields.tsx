import { SimpleGrid, Switch } from '@mantine/core'
import { type GameId, games } from '../../core/movement'
import { Choice } from '../../ui/Choice'
import { NumberField } from '../../ui/NumberField'
import { RUNGS } from './asked'
import { HARDER, type CallPace, PACES, type Typed, type GameWish } from './useSetup'

const WRONG = [
  { value: 'everyone', label: 'Everyone moves' },
  { value: 'again', label: 'Who was wrong moves' },
] as const

const FACINGS = [
  { value: 'twelve', label: 'They face 12' },
  { value: 'six', label: 'They face 6' },
] as const

interface GameFieldsProps {
  readonly game: GameId
  readonly wish: GameWish
  readonly onChange: (part: Partial<GameWish>) => void
}

export function GameFields({ game, wish, onChange }: GameFieldsProps) {
  const field = (name: 'minutes' | 'children' | 'age' | 'lapMetres' | 'mostMetres' | 'roomMetres' | 'number') => ({
    value: wish[name],
    onChange: (value: Typed) => onChange({ [name]: value }),
    keepsOutside: true,
  })
  return (
    <>
      <SimpleGrid cols={{ base: 2, sm: 3, md: 6 }} spacing="sm">
        <NumberField decimals={2} label="Minutes" {...field('minutes')} />
        <NumberField decimals={2} label="Children" {...field('children')} />
        <NumberField decimals={2} label="Age of the youngest" placeholder="not known" {...field('age')} />
        <NumberField label="Room across (m)" placeholder="not told" decimals={1} {...field('roomMetres')} />
        <Choice label="Times" value={wish.rung} onChange={(rung) => onChange({ rung })} data={RUNGS} />
        <Choice
          label="How hard"
          value={String(wish.harder)}
          onChange={(value) => onChange({ harder: Number(value) })}
          data={HARDER.map((label, i) => ({ value: String(i - 2), label }))}
        />
        {games[game].takes.includes('think') && (
          <Choice
            label="Time to think"
            value={wish.think}
            onChange={(think) => onChange({ think })}
            data={(Object.keys(PACES) as CallPace[]).map((value) => ({ value, label: PACES[value] }))}
          />
        )}
        {games[game].takes.includes('wrong') && (
          <Choice label="After the answer" value={wish.wrong} onChange={(wrong) => onChange({ wrong })} data={WRONG} />
        )}
        {games[game].takes.includes('lapMetres') && (
          <NumberField label="Metres between marks" decimals={1} {...field('lapMetres')} />
        )}
        {games[game].takes.includes('mostMetres') && (
          <NumberField decimals={2} label="Most metres in all" placeholder="by age" {...field('mostMetres')} />
        )}
        {games[game].takes.includes('facing') && (
          <Choice
            label="Straight ahead"
            value={wish.facing}
            onChange={(facing) => onChange({ facing })}
            data={FACINGS}
          />
        )}
        <NumberField decimals={2} label="Game number" {...field('number')} />
      </SimpleGrid>
      <Switch
        label="Seated: arms only, nothing to run"
        checked={wish.isSeated}
        onChange={(event) => onChange({ isSeated: event.currentTarget.checked })}
      />
    </>
  )
}
