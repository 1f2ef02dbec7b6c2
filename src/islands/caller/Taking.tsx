import { Button, Group, Text } from '@mantine/core'
import { useLocalStorage } from '@mantine/hooks'
import { IconCheck, IconMinus, IconPlus, IconX } from '@tabler/icons-react'
import { useState } from 'react'
import type { Shown } from '../../core/movement'
import { type Marks, type Player, type TakenAt, useCounted, useTaken } from './useTaken'
import { Segments } from '../../ui/Segments'

interface TakingProps extends TakenAt {
  readonly players: readonly Player[]
}

/** Who showed what: one tap a child, or a count of the group. */
export function Taking({ players, ...at }: TakingProps) {
  const [chosen, setChosen] = useLocalStorage<'each' | 'count'>({ key: 'caller-count', defaultValue: 'each' })
  const meant = at.call.who ? players.filter((_, place) => at.call.who?.includes(place)) : players
  const way = players.length === 0 ? 'count' : chosen
  return (
    <div className="caller-taking" role="group" aria-label="Who showed what">
      {players.length > 0 && (
        <Segments
          size="sm"
          value={way}
          onChange={setChosen}
          data={[
            { value: 'each', label: 'Each child' },
            { value: 'count', label: 'Count the group' },
          ]}
        />
      )}
      {way === 'each' ? <Each players={meant} {...at} /> : <Counting {...at} />}
    </div>
  )
}

const KINDS = { there: 'There', nearly: 'Nearly', wrong: '' } as const

/** "There: quarter past three", "Nearly", or the wrong time itself. */
function labelOf({ kind, says }: Shown, isChoice: boolean): string {
  if (isChoice || kind === 'wrong') return says
  return kind === 'there' ? `${KINDS.there}: ${says}` : KINDS.nearly
}

/** What was shown is picked once, then one tap a child. The right one is picked to begin with. */
function Each({ players, ...at }: TakingProps) {
  const { shown, call } = at
  const { marks, mark } = useTaken(at)
  const [picked, setPicked] = useState(() => shown.findIndex(({ kind }) => kind === 'there'))
  return (
    <>
      <Group gap="xs" justify="center" mt={6}>
        {shown.map((each, i) => (
          <Button
            key={`${each.kind} ${each.says}`}
            size="md"
            variant={i === picked ? 'filled' : 'default'}
            aria-pressed={i === picked}
            onClick={() => setPicked(i)}
          >
            {labelOf(each, call.shown.as === 'choices')}
          </Button>
        ))}
      </Group>
      <Group gap="xs" justify="center" mt={6}>
        {players.map((player) => (
          <Button
            key={player.id}
            size="md"
            variant={marks[player.id] ? 'light' : 'default'}
            aria-pressed={marks[player.id] !== undefined}
            aria-label={nameWithMark(player, marks, at)}
            leftSection={markOf(player, marks, shown)}
            onClick={() => mark(player, picked)}
          >
            {player.name}
          </Button>
        ))}
      </Group>
    </>
  )
}

/** Right or wrong at a glance; which time it was is in the button's name. */
function markOf({ id }: Player, marks: Marks, shown: readonly Shown[]) {
  const choice = shown[marks[id]?.choice ?? -1]
  if (!choice) return undefined
  return choice.kind === 'wrong' ? <IconX size={18} /> : <IconCheck size={18} />
}

function nameWithMark({ id, name }: Player, marks: Marks, { shown, call }: TakenAt): string {
  const choice = shown[marks[id]?.choice ?? -1]
  return choice ? `${name}: ${labelOf(choice, call.shown.as === 'choices')}` : name
}

/** How many showed each thing: a tap on it is one more. */
function Counting(at: TakenAt) {
  const { each, count } = useCounted(at)
  return (
    <>
      <Group gap="xs" justify="center" mt={6}>
        {at.shown.map((shown, i) => {
          const label = labelOf(shown, at.call.shown.as === 'choices')
          return (
            <Button.Group key={`${shown.kind} ${shown.says}`}>
              <Button variant="default" size="md" aria-label={`One fewer: ${label}`} onClick={() => count(i, -1)}>
                <IconMinus size={18} />
              </Button>
              <Button
                size="md"
                variant={each[i] ? 'light' : 'default'}
                aria-label={`${label}: ${each[i] ?? 0}, one more`}
                rightSection={<IconPlus size={18} />}
                onClick={() => count(i, 1)}
              >
                {label}: {each[i] ?? 0}
              </Button>
            </Button.Group>
          )
        })}
      </Group>
      <Text size="sm" className="quiet" mt={4}>
        {at.sessionId
          ? 'Kept with the session, not with a child.'
          : 'Only on this screen: a count is kept when the game is opened from a session.'}
      </Text>
    </>
  )
}
