import { titled } from './titled'
import { said } from '../words/i18n'
import { told } from '../core/wording'
import { Button, Group } from '@mantine/core'
import { IconCheck, IconX } from '@tabler/icons-react'
import { useState } from 'react'
import type { AnswerId, ChildId } from '../core/ids'
import type { Showing } from '../core/teaching'

/** A child whose answers can be kept. */
export interface Player {
  readonly id: ChildId
  readonly name: string
}

/** What was tapped for each child at one question. */
export type ShownMarks = Readonly<Record<ChildId, { readonly answerId: AnswerId; readonly choice: number } | undefined>>

interface Props {
  /** What can be shown; with its number where children show the number of a choice. */
  readonly shown: readonly Showing[]
  readonly isChoice: boolean
  readonly players: readonly Player[]
  readonly marks: ShownMarks
  readonly onMark: (player: Player, choice: number) => void
  readonly size?: 'sm' | 'md'
  /** The names stand beside it already: with one child, what is picked is what it showed. */
  readonly isNamed?: boolean
}

/** Who showed what. What was shown is picked once, then one tap a child; the right one is picked to begin with. */
export function WhoShowed(props: Props) {
  const { shown, players, marks, onMark } = props
  const [only, another] = players
  const [picked, setPicked] = useState(() => shown.findIndex(({ kind }) => kind === 'there'))
  if (!only) return null
  const isAlone = props.isNamed === true && another === undefined
  return (
    <>
      <ShowingButtons
        {...props}
        picked={isAlone ? marks[only.id]?.choice : picked}
        onPick={(choice) => (isAlone ? onMark(only, choice) : setPicked(choice))}
      />
      {!isAlone && <PlayerButtons {...props} picked={picked} />}
    </>
  )
}

interface ShowingProps extends Pick<Props, 'shown' | 'isChoice' | 'size'> {
  readonly picked: number | undefined
  readonly onPick: (choice: number) => void
}

function ShowingButtons({ shown, isChoice, size = 'md', picked, onPick }: ShowingProps) {
  return (
    <Group gap="xs" justify="center" mt={6}>
      {shown.map((each, i) => (
        <Button
          key={`${each.kind} ${each.says}`}
          size={size}
          variant={i === picked ? 'filled' : 'default'}
          aria-pressed={i === picked}
          onClick={() => onPick(i)}
        >
          {showingLabel(each, isChoice)}
        </Button>
      ))}
    </Group>
  )
}

function PlayerButtons({ shown, isChoice, players, marks, onMark, size = 'md', picked }: Props & { picked: number }) {
  const markOf = ({ id }: Player) => shown[marks[id]?.choice ?? -1]
  return (
    <Group gap="xs" justify="center" mt={6}>
      {players.map((player) => {
        const mark = markOf(player)
        return (
          <Button
            key={player.id}
            size={size}
            variant={mark ? 'light' : 'default'}
            aria-pressed={mark !== undefined}
            // Right or wrong at a glance; which it was is in the button's name.
            aria-label={mark ? titled(player.name, showingLabel(mark, isChoice)) : player.name}
            leftSection={mark && (mark.kind === 'wrong' ? <IconX size={18} /> : <IconCheck size={18} />)}
            onClick={() => onMark(player, picked)}
          >
            {player.name}
          </Button>
        )
      })}
    </Group>
  )
}

const KINDS = { there: told('There'), nearly: told('Nearly') } as const

/** "There: quarter past three", "Nearly", or the wrong one itself. */
export function showingLabel({ kind, says }: Showing, isChoice: boolean): string {
  if (isChoice || kind === 'wrong') return says
  return kind === 'there' ? titled(said(KINDS.there), says) : said(KINDS.nearly)
}
