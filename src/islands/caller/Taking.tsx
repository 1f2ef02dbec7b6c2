import { Button, Group } from '@mantine/core'
import { IconCheck, IconX } from '@tabler/icons-react'
import { useState } from 'react'
import type { MoveChoice } from '../../core/movement'
import { type Marks, type Player, type TakenAt, useTaken } from './useTaken'

/** Who did which move: a time is picked once, then one tap a child. The right one is picked to begin with. */
export function Taking({ players, ...at }: TakenAt & { readonly players: readonly Player[] }) {
  const { choices } = at.call.shown
  const { marks, mark } = useTaken(at)
  const [picked, setPicked] = useState(() => choices.findIndex(({ isRight }) => isRight))
  return (
    <div className="caller-taking" role="group" aria-label="Who did which move">
      <Group gap="xs" justify="center">
        {choices.map(({ says, does }, i) => (
          <Button
            key={does}
            size="md"
            variant={i === picked ? 'filled' : 'default'}
            aria-pressed={i === picked}
            onClick={() => setPicked(i)}
          >
            {says}
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
            aria-label={nameWithMark(player, marks, choices)}
            leftSection={markOf(player, marks, choices)}
            onClick={() => mark(player, picked)}
          >
            {player.name}
          </Button>
        ))}
      </Group>
    </div>
  )
}

/** Right or wrong at a glance; which time it was is in the button's name. */
function markOf({ id }: Player, marks: Marks, choices: readonly MoveChoice[]) {
  const choice = choices[marks[id]?.choice ?? -1]
  if (!choice) return undefined
  return choice.isRight ? <IconCheck size={18} /> : <IconX size={18} />
}

function nameWithMark({ id, name }: Player, marks: Marks, choices: readonly MoveChoice[]): string {
  const choice = choices[marks[id]?.choice ?? -1]
  return choice ? `${name}: ${choice.says}` : name
}
