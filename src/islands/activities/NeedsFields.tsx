import { said } from '../../words/i18n'
import { told } from '../../core/wording'
import { t } from '@lingui/core/macro'
import { ActionIcon, Button, Group, Stack, Text } from '@mantine/core'
import { IconPlus, IconTrash } from '@tabler/icons-react'
import { MATERIAL_IDS, type Need, materials } from '../../core/activities'
import { Choice, listed } from '../../ui/Choice'
import { WholeField } from '../../ui/WholeField'

const PER = {
  child: told('for each child'),
  group: told('in all'),
} as const

/** What is needed, and how much of it. */
export function NeedsFields({ needs, onChange }: { needs: readonly Need[]; onChange: (needs: Need[]) => void }) {
  const free = MATERIAL_IDS.filter((id) => !needs.some(({ material }) => material === id))
  const change = (at: number, part: Partial<Need>) =>
    onChange(needs.map((need, i) => (i === at ? { ...need, ...part } : need)))
  const [next] = free
  return (
    <Stack className="sheet" gap="sm" component="section" aria-label={t`What it needs`}>
      {needs.length === 0 && <Text size="sm" className="quiet">{t`You need nothing for it.`}</Text>}
      {needs.map(({ material, amount, per }, i) => (
        <Group key={material} gap="xs" wrap="nowrap" align="end">
          <Choice
            label={t`Material`}
            value={material}
            data={[material, ...free].map((id) => ({ value: id, label: said(materials[id].name) }))}
            onChange={(value) => change(i, { material: value })}
          />
          <WholeField
            label={t`Amount`}
            value={amount}
            least={1}
            most={200}
            onChange={(value) => change(i, { amount: value })}
          />
          <Choice label={t`Per`} value={per} data={listed(PER)} onChange={(value) => change(i, { per: value })} />
          <ActionIcon
            variant="subtle"
            color="gray"
            size="lg"
            aria-label={t`Remove ${said(materials[material].name)}`}
            onClick={() => onChange(needs.filter((_, at) => at !== i))}
          >
            <IconTrash size={18} color="var(--quiet)" />
          </ActionIcon>
        </Group>
      ))}
      {next && (
        <Button
          variant="default"
          leftSection={<IconPlus size={16} />}
          style={{ alignSelf: 'flex-start' }}
          onClick={() => onChange([...needs, { material: next, amount: 1, per: 'child' }])}
        >{t`Add a material`}</Button>
      )}
    </Stack>
  )
}
