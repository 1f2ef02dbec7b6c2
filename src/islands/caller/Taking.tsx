import { titled } from '../../ui/titled'
import { t } from '@lingui/core/macro'
import { Button, Group, Text } from '@mantine/core'
import { useLocalStorage } from '@mantine/hooks'
import { IconMinus, IconPlus } from '@tabler/icons-react'
import { Segments } from '../../ui/Segments'
import { type Player, WhoShowed, showingLabel } from '../../ui/WhoShowed'
import { type TakenAt, useCounted, useTaken } from './useTaken'

interface TakingProps extends TakenAt {
  readonly players: readonly Player[]
}

/** Who showed what: one tap a child, or a count of the group. */
export function Taking({ players, ...at }: TakingProps) {
  const [chosen, setChosen] = useLocalStorage<'each' | 'count'>({ key: 'caller-count', defaultValue: 'each' })
  const meant = at.call.who ? players.filter((_, place) => at.call.who?.includes(place)) : players
  const way = players.length === 0 ? 'count' : chosen
  return (
    <div className="caller-taking" role="group" aria-label={t`Who showed what`}>
      {players.length > 0 && (
        <Segments
          size="sm"
          value={way}
          onChange={setChosen}
          data={[
            { value: 'each', label: t`Each child` },
            { value: 'count', label: t`Count the group` },
          ]}
        />
      )}
      {way === 'each' ? <Each players={meant} {...at} /> : <Counting {...at} />}
    </div>
  )
}

function Each({ players, ...at }: TakingProps) {
  const { marks, mark } = useTaken(at)
  const isChoice = at.call.shown.as === 'choices'
  return <WhoShowed shown={at.shown} isChoice={isChoice} players={players} marks={marks} onMark={mark} />
}

/** How many showed each thing: a tap on it is one more. */
function Counting(at: TakenAt) {
  const { each, count } = useCounted(at)
  return (
    <>
      <Group gap="xs" justify="center" mt={6}>
        {at.shown.map((shown, i) => {
          const label = showingLabel(shown, at.call.shown.as === 'choices')
          return (
            <Button.Group key={`${shown.kind} ${shown.says}`}>
              <Button variant="default" size="md" aria-label={t`One fewer: ${label}`} onClick={() => count(i, -1)}>
                <IconMinus size={18} />
              </Button>
              <Button
                size="md"
                variant={each[i] ? 'light' : 'default'}
                aria-label={t`${label}: ${each[i] ?? 0}, one more`}
                rightSection={<IconPlus size={18} />}
                onClick={() => count(i, 1)}
              >
                {titled(label, each[i] ?? 0)}
              </Button>
            </Button.Group>
          )
        })}
      </Group>
      <Text size="sm" className="quiet" mt={4}>
        {at.sessionId
          ? t`Kept with the session, not with a child.`
          : t`Only on this screen: a count is kept when the game is opened from a session.`}
      </Text>
    </>
  )
}
