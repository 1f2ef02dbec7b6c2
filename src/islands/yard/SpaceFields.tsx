import { ActionIcon, Button, Group, SimpleGrid, Stack, Text, TextInput } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import { IconTrash } from '@tabler/icons-react'
import {
  type Space,
  type SurfaceId,
  formatDistance,
  largestClock,
  leastRadiusFor,
  markerChoices,
  surfaces,
  USUAL_GAP_MM,
} from '../../core/make'
import { CheckLine } from '../../ui/CheckLine'
import { LengthField } from '../../ui/LengthField'
import type { YardState } from './useYard'
import { NumberField } from '../../ui/NumberField'

/** The free space, what stands in it, the ground, the markers and the people. */
export function SpaceFields({ state }: { state: YardState }) {
  return (
    <Stack gap={10}>
      <SpaceSection state={state} />
      <Markers state={state} />
      <PeopleSection state={state} />
    </Stack>
  )
}

function SpaceSection({ state }: { state: YardState }) {
  const { yard, laid, change } = state
  const { space, unit } = yard
  const largest = largestClock(laid.yard.space).radiusMm
  return (
    <Stack gap={8} className="sheet" component="section" aria-label="Space">
      <SimpleGrid cols={2} spacing={8}>
        <Choice
          label="Space"
          value={space.kind}
          onChange={(kind) => change({ space: spaceAs(kind), radiusMm: undefined })}
          data={[
            { value: 'rectangle', label: 'A rectangle' },
            { value: 'round', label: 'Round about' },
          ]}
        />
        <Choice
          label="On"
          value={yard.surface}
          onChange={(surface) => change({ surface })}
          data={(Object.keys(surfaces) as SurfaceId[]).map((id) => ({ value: id, label: surfaces[id].name }))}
        />
      </SimpleGrid>
      <SizeFields state={state} />
      <LengthField
        label="Radius of the clock"
        field="radius"
        mm={yard.radiusMm ?? laid.ground.radiusMm}
        unit={unit}
        onChange={(radiusMm) => change({ radiusMm })}
        description={`Largest here, with a lane of 1 m: ${formatDistance(largest, unit)}`}
      />
      {yard.radiusMm !== undefined && (
        <Button
          size="compact-sm"
          variant="subtle"
          onClick={() => change({ radiusMm: undefined })}
          style={{ alignSelf: 'flex-start' }}
        >
          Take the largest
        </Button>
      )}
    </Stack>
  )
}

/** The size of the space, and what stands in the way. */
function SizeFields({ state }: { state: YardState }) {
  const { change } = state
  const { space, unit } = state.yard
  return space.kind === 'round' ? (
    <LengthField
      label="Free radius"
      field="free radius"
      mm={space.radiusMm}
      unit={unit}
      onChange={(radiusMm) => change({ space: { kind: 'round', radiusMm } })}
    />
  ) : (
    <>
      <SimpleGrid cols={2} spacing={8}>
        <LengthField
          label="Left to right"
          field="width"
          mm={space.widthMm}
          unit={unit}
          onChange={(widthMm) => change({ space: { ...space, widthMm } })}
        />
        <LengthField
          label="Back to front"
          field="depth"
          mm={space.depthMm}
          unit={unit}
          onChange={(depthMm) => change({ space: { ...space, depthMm } })}
        />
      </SimpleGrid>
      <Obstacles state={state} space={space} />
    </>
  )
}

function PeopleSection({ state: { yard, change } }: { state: YardState }) {
  return (
    <Stack gap={8} className="sheet" component="section" aria-label="People">
      <SimpleGrid cols={2} spacing={8}>
        <Choice
          label="12 faces"
          value={yard.facing}
          onChange={(facing) => change({ facing })}
          data={[
            { value: 'wall', label: 'A wall' },
            { value: 'north', label: 'North' },
            { value: 'children', label: 'The children' },
          ]}
        />
        <Choice
          label="Hands are"
          value={yard.hands}
          onChange={(hands) => change({ hands })}
          data={listed({ ropes: 'ropes', sticks: 'sticks', children: 'children' })}
        />
        <NumberField
          label="Children"
          value={yard.children}
          min={1}
          max={60}
          onChange={(value) => typeof value === 'number' && change({ children: value })}
        />
        <NumberField
          label="Their age"
          value={yard.age}
          min={3}
          max={99}
          onChange={(value) => typeof value === 'number' && change({ age: value })}
        />
      </SimpleGrid>
    </Stack>
  )
}

function spaceAs(kind: Space['kind']): Space {
  return kind === 'round' ? { kind, radiusMm: 4000 } : { kind, widthMm: 8000, depthMm: 7000, obstacles: [] }
}

function Obstacles({ state, space }: { state: YardState; space: Extract<Space, { kind: 'rectangle' }> }) {
  const set = (obstacles: typeof space.obstacles) => state.change({ space: { ...space, obstacles } })
  return (
    <Stack gap={6}>
      {space.obstacles.map((each, i) => {
        const put = (change: Partial<typeof each>) =>
          set(space.obstacles.map((other, j) => (j === i ? { ...other, ...change } : other)))
        const unit = state.yard.unit
        return (
          <Group key={i} gap={4} align="end" wrap="nowrap">
            <LengthField
              label="From left"
              field={`thing ${i + 1}, from the left`}
              mm={each.x}
              unit={unit}
              allowNothing
              onChange={(x) => put({ x })}
            />
            <LengthField
              label="From back"
              field={`thing ${i + 1}, from the back`}
              mm={each.y}
              unit={unit}
              allowNothing
              onChange={(y) => put({ y })}
            />
            <LengthField
              label="Its radius"
              field={`thing ${i + 1}, radius`}
              mm={each.radiusMm}
              unit={unit}
              onChange={(radiusMm) => put({ radiusMm })}
            />
            <ActionIcon
              variant="subtle"
              size="lg"
              aria-label={`Take out thing ${i + 1}`}
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
        >
          Add a thing in the way
        </Button>
      )}
    </Stack>
  )
}

function MarkerRows({ state: { yard, change } }: { state: YardState }) {
  const set = (markers: typeof yard.markers) => change({ markers })
  return yard.markers.map((marker, i) => {
    const put = (part: Partial<typeof marker>) =>
      set(yard.markers.map((other, j) => (j === i ? { ...other, ...part } : other)))
    return (
      <Group key={i} gap={4} align="end" wrap="nowrap">
        <TextInput
          label="Markers"
          value={marker.name}
          maxLength={60}
          onChange={(event) => put({ name: event.currentTarget.value })}
        />
        <NumberField
          label="Count"
          value={marker.count}
          min={0}
          max={500}
          w={90}
          onChange={(value) => typeof value === 'number' && put({ count: value })}
        />
        <LengthField
          label="Across"
          field={`${marker.name || 'marker'}, across`}
          mm={marker.sizeMm}
          unit="cm"
          onChange={(sizeMm) => put({ sizeMm })}
          width={90}
        />
        {yard.markers.length > 1 && (
          <ActionIcon
            variant="subtle"
            size="lg"
            aria-label={`Take out ${marker.name || 'these markers'}`}
            onClick={() => set(yard.markers.filter((_, j) => j !== i))}
          >
            <IconTrash size={17} />
          </ActionIcon>
        )}
      </Group>
    )
  })
}

function Markers({ state }: { state: YardState }) {
  const { yard, laid, change } = state
  const set = (markers: typeof yard.markers) => change({ markers })
  const largest = Math.max(0, ...yard.markers.map(({ sizeMm }) => sizeMm))
  return (
    <Stack gap={8} className="sheet" component="section" aria-label="Markers">
      <MarkerRows state={state} />
      {yard.markers.length < 5 && (
        <Button
          size="compact-sm"
          variant="subtle"
          style={{ alignSelf: 'flex-start' }}
          onClick={() => set([...yard.markers, { name: 'stones', count: 12, sizeMm: 100 }])}
        >
          Add another kind
        </Button>
      )}
      <ul aria-label="What can be laid" style={{ listStyle: 'none', margin: 0, padding: 0 }}>
        {markerChoices(laid.ground.radiusMm, yard.markers).map(({ id, ok, name, says }) => (
          <CheckLine key={id} ok={ok} says={`${name}: ${says}`} />
        ))}
      </ul>
      {largest > 0 && (
        <Text size="xs" className="quiet">
          All 60 of {Math.round(largest / 10)} cm with gaps of {USUAL_GAP_MM / 10} cm need a radius of{' '}
          {formatDistance(leastRadiusFor(largest, USUAL_GAP_MM), yard.unit)}.
        </Text>
      )}
    </Stack>
  )
}
