import { t } from '@lingui/core/macro'
import { ActionIcon, Button, Group, Stack } from '@mantine/core'
import { IconTrash } from '@tabler/icons-react'
import type { Space } from '../../core/make'
import { LengthField } from '../../ui/LengthField'
import type { YardState } from './useYard'

export function Obstacles({ state, space }: { state: YardState; space: Extract<Space, { kind: 'rectangle' }> }) {
  const set = (obstacles: typeof space.obstacles) => state.change({ space: { ...space, obstacles } })
  return (
    <Stack gap={6}>
      {space.obstacles.map((each, i) => {
        const put = (change: Partial<typeof each>) =>
          set(space.obstacles.map((other, j) => (j === i ? { ...other, ...change } : other)))
        const unit = state.yard.unit
        return (
          <Group key={i} gap={4} align="end" wrap="nowrap">
            <LengthField label={t`From left`} mm={each.x} unit={unit} allowNothing onChange={(x) => put({ x })} />
            <LengthField label={t`From back`} mm={each.y} unit={unit} allowNothing onChange={(y) => put({ y })} />
            <LengthField
              label={t`Its radius`}
              mm={each.radiusMm}
              unit={unit}
              onChange={(radiusMm) => put({ radiusMm })}
            />
            <ActionIcon
              variant="subtle"
              size="lg"
              aria-label={t`Remove obstacle ${i + 1}`}
              onClick={() => set(space.obstacles.filter((_, j) => j !== i))}
            >
              <IconTrash size={17} />
            </ActionIcon>
          </Group>
        )
      })}
      {space.obstacles.length < 20 && (
        <Button
          size="compact-sm"
          variant="subtle"
          style={{ alignSelf: 'flex-start' }}
          onClick={() =>
            set([...space.obstacles, { name: '', x: space.widthMm / 8, y: space.depthMm / 8, radiusMm: 400 }])
          }
        >{t`Add an obstacle`}</Button>
      )}
    </Stack>
  )
}
