import { Group, Text } from '@mantine/core'
import { lineLook } from './look'

/** Whose line is whose: plain elements beside the chart, which it need not make room for. */
export function ChartKey({ names }: { names: readonly string[] }) {
  return (
    <Group component="ul" justify="center" gap="4px 16px" className="chart-key">
      {names.map((name, i) => (
        <Group component="li" gap={6} key={name} wrap="nowrap">
          <svg width={28} height={12} aria-hidden>
            <line x1={0} x2={28} y1={6} y2={6} {...lineLook(i)} />
          </svg>
          <Text span size="sm" className="anywhere">
            {name}
          </Text>
        </Group>
      ))}
    </Group>
  )
}
