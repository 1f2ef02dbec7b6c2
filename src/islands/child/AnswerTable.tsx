import { Button, Group, Pagination, SegmentedControl, Table, Text, Title, VisuallyHidden } from '@mantine/core'
import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { type Answer, type Settings, explain, misreadingOf, rungOf, sayAnswer, wordingOf } from '../../core'
import { Confirm } from '../../ui/Confirm'
import { api } from '../../ui/api'
import { momentInWords } from '../../ui/dates'

const PAGE = 20

/** All answers of a child, the newest first; one that was logged by mistake can be taken out. */
export function AnswerTable({ answers, childId, settings }: { answers: readonly Answer[]; childId: string; settings: Settings }) {
  const wording = wordingOf(settings)
  const client = useQueryClient()
  const [which, setWhich] = useState('all')
  const [page, setPage] = useState(1)
  const [removing, setRemoving] = useState<Answer>()
  const remove = useMutation({
    mutationFn: (id: string) => api.remove(`/api/answers/${id}`),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['child', childId] })
      setRemoving(undefined)
    },
  })
  const shown = [...answers].reverse().filter((answer) => which === 'all' || !answer.right)
  const pages = Math.max(1, Math.ceil(shown.length / PAGE))
  const at = Math.min(page, pages)
  return (
    <section className="sheet" aria-label="Answers">
      <Group justify="space-between" mb="xs">
        <Title order={2} size="h4">
          {answers.length} answers
        </Title>
        <SegmentedControl
          aria-label="Which answers"
          value={which}
          onChange={(value) => {
            setWhich(value)
            setPage(1)
          }}
          data={[
            { value: 'all', label: 'All' },
            { value: 'wrong', label: 'Wrong ones' },
          ]}
        />
      </Group>
      <Table.ScrollContainer minWidth={620}>
        <Table verticalSpacing={4}>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>When</Table.Th>
              <Table.Th>Rung</Table.Th>
              <Table.Th>True</Table.Th>
              <Table.Th>Answer</Table.Th>
              <Table.Th>What it may mean</Table.Th>
              <Table.Th>
                <VisuallyHidden>Take out</VisuallyHidden>
              </Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {shown.slice((at - 1) * PAGE, at * PAGE).map((answer) => (
              <Table.Tr key={answer.id}>
                <Table.Td style={{ whiteSpace: 'nowrap' }}>{momentInWords(answer.at)}</Table.Td>
                <Table.Td>{rungOf(answer.item.rung).name}</Table.Td>
                <Table.Td>{sayAnswer(answer.item, answer.item.answer, wording)}</Table.Td>
                <Table.Td fw={answer.right ? undefined : 700}>
                  {answer.right ? 'right' : sayAnswer(answer.item, answer.given, wording)}
                  {answer.helped ? ' (helped)' : ''}
                </Table.Td>
                <Table.Td>{explain(answer.item, answer.given).map((id) => misreadingOf(id).does).join('; or ')}</Table.Td>
                <Table.Td>
                  <Button variant="subtle" size="compact-sm" onClick={() => setRemoving(answer)} aria-label={`Take out the answer of ${momentInWords(answer.at)}`}>
                    Take out
                  </Button>
                </Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </Table.ScrollContainer>
      {shown.length === 0 && <Text>None of them was wrong.</Text>}
      {pages > 1 && <Pagination mt="sm" total={pages} value={at} onChange={setPage} getControlProps={(control) => ({ 'aria-label': `${control} page` })} />}
      {removing && (
        <Confirm opened title="Take this answer out?" action="Take it out" busy={remove.isPending} onConfirm={() => remove.mutate(removing.id)} onClose={() => setRemoving(undefined)}>
          <Text>
            The answer “{sayAnswer(removing.item, removing.given, wording)}” of {momentInWords(removing.at)} goes for good, and what follows from it is
            worked out again.
          </Text>
        </Confirm>
      )}
    </section>
  )
} // prettier-ignore
