import { inDecimals } from '../../words/adult'
import { told } from '../../core/wording'
import { said } from '../../words/i18n'
import { t } from '@lingui/core/macro'
import { Button, SimpleGrid, Stack } from '@mantine/core'
import { Choice, listed } from '../../ui/Choice'
import { formatDistance, largestClock, type Space, type SurfaceId, surfaces } from '../../core/make'
import { LengthField } from '../../ui/LengthField'
import { NumberField } from '../../ui/NumberField'
import type { YardState } from './useYard'
import { Markers } from './Markers'
import { Obstacles } from './Obstacles'

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
    <Stack gap={8} className="sheet" component="section" aria-label={t`Room to lay it out`}>
      <SimpleGrid cols={2} spacing={8}>
        <Choice
          label={t`Room to lay it out`}
          value={space.kind}
          onChange={(kind) => change({ space: spaceAs(kind), radiusMm: undefined })}
          data={[
            { value: 'rectangle', label: t`A rectangle` },
            { value: 'round', label: t`Round` },
          ]}
        />
        <Choice
          label={t`On what ground`}
          value={yard.surface}
          onChange={(surface) => change({ surface })}
          data={(Object.keys(surfaces) as SurfaceId[]).map((id) => ({ value: id, label: said(surfaces[id].name) }))}
        />
      </SimpleGrid>
      <SizeFields state={state} />
      <LengthField
        label={t`Radius of the clock`}
        mm={yard.radiusMm ?? laid.ground.radiusMm}
        unit={unit}
        onChange={(radiusMm) => change({ radiusMm })}
        description={t`Largest here, with a lane of 1 m: ${inDecimals(formatDistance(largest, unit))}`}
      />
      {yard.radiusMm !== undefined && (
        <Button
          size="compact-sm"
          variant="subtle"
          onClick={() => change({ radiusMm: undefined })}
          style={{ alignSelf: 'flex-start' }}
        >{t`Take the largest`}</Button>
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
      label={t`Free radius`}
      mm={space.radiusMm}
      unit={unit}
      onChange={(radiusMm) => change({ space: { kind: 'round', radiusMm } })}
    />
  ) : (
    <>
      <SimpleGrid cols={2} spacing={8}>
        <LengthField
          label={t`Left to right`}
          mm={space.widthMm}
          unit={unit}
          onChange={(widthMm) => change({ space: { ...space, widthMm } })}
        />
        <LengthField
          label={t`Back to front`}
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
    <Stack gap={8} className="sheet" component="section" aria-label={t`People`}>
      <SimpleGrid cols={2} spacing={8}>
        <Choice
          label={t`12 points to`}
          value={yard.facing}
          onChange={(facing) => change({ facing })}
          data={[
            { value: 'wall', label: t`A wall` },
            { value: 'north', label: t`North` },
            { value: 'children', label: t`The children` },
          ]}
        />
        <Choice
          label={t`Hands are`}
          value={yard.hands}
          onChange={(hands) => change({ hands })}
          data={listed({ ropes: told('ropes'), sticks: told('straight sticks'), children: told('children') })}
        />
        <NumberField
          label={t`Children`}
          value={yard.children}
          min={1}
          max={60}
          onChange={(value) => typeof value === 'number' && change({ children: value })}
        />
        <NumberField
          label={t`Their age`}
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
