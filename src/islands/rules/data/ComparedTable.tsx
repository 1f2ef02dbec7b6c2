import { Text } from '@mantine/core'
import type { Compared } from '../../../core/keeping'

interface Props {
  readonly compared: readonly Compared[]
  /** What becomes of what is only here, as the column is headed. */
  readonly onlyHere: string
}

/** What a file or a backup would bring, kind by kind. */
export function ComparedTable({ compared, onlyHere }: Props) {
  const shown = compared.filter(({ fresh, same, different, onlyHere: alone }) => fresh + same + different + alone > 0)
  const examples = compared.flatMap((each) => each.examples).slice(0, 8)
  if (shown.length === 0) return <Text>There is nothing in it.</Text>
  return (
    <>
      {/* In a dialog long names may break anywhere, but these headings must not. */}
      <table className="rows" style={{ overflowWrap: 'normal' }}>
        <thead>
          <tr>
            <th>What</th>
            <th>New</th>
            <th>The same</th>
            <th>Different</th>
            <th>{onlyHere}</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ kind, many, fresh, same, different, onlyHere: alone }) => (
            <tr key={kind}>
              <td>{many}</td>
              <td>{fresh}</td>
              <td>{same}</td>
              <td>{different}</td>
              <td>{alone}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {examples.length > 0 && (
        <Text size="sm" className="anywhere">
          Different: {examples.join(', ')}.
        </Text>
      )}
    </>
  )
}

/** Whether anything would change. */
export const bringsNothing = (compared: readonly Compared[], takesAway: boolean): boolean =>
  compared.every(({ fresh, different, onlyHere }) => fresh + different + (takesAway ? onlyHere : 0) === 0)
