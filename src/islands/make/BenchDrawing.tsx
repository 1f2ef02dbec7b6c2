import { adultsWording } from '../../words/adult'
import { t } from '@lingui/core/macro'
import { Button, Group, SimpleGrid, Text } from '@mantine/core'
import { useMemo, useState } from 'react'
import { assembledReach, assembledShapes, layersApart, recipePages } from '../../core/make'
import { type Wording } from '../../core/wording'
import { Dial } from '../../ui/Dial'
import { DrawingView } from '../../ui/DrawingView'
import type { Solved } from './useRecipe'
import { Segments } from '../../ui/Segments'
import type { Hands } from '../../core/clock'

/** The clock put together, its hands turning; or its pages as they are printed. */
export function BenchDrawing({ solved, wording }: { solved: Solved; wording: Wording }) {
  const [shown, setShown] = useState('clock')
  const [isApart, setApart] = useState(false)
  const clockSays = isApart ? t`The layers, from the table up` : t`To scale; turn the hands`
  return (
    <section className="sheet" aria-label={t`Drawing`}>
      <Group justify="space-between" mb="xs">
        <Segments
          aria-label={t`What is drawn`}
          value={shown}
          onChange={setShown}
          data={[
            { value: 'clock', label: t`Clock` },
            { value: 'pages', label: t`Pages` },
          ]}
        />
        <Text size="sm" className="quiet">
          {shown === 'clock' ? clockSays : t`Red is cut, blue folded, grey a guide`}
        </Text>
        {shown === 'clock' && (
          <Button
            size="compact-sm"
            variant={isApart ? 'light' : 'default'}
            aria-pressed={isApart}
            onClick={() => setApart(!isApart)}
          >
            {isApart ? t`Put together` : t`Pull apart`}
          </Button>
        )}
      </Group>
      {shown === 'clock' ? (
        <Assembled solved={solved} isApart={isApart} />
      ) : (
        <Pages solved={solved} wording={wording} />
      )}
    </section>
  )
}

function Assembled({ solved: { recipe, measures }, isApart }: { solved: Solved; isApart: boolean }) {
  const [hands, setHands] = useState<Hands>({ gear: 'geared', minute: 608 })
  return (
    <div style={{ maxWidth: 520, margin: '0 auto' }}>
      <Dial
        hands={hands}
        onTurn={isApart ? undefined : setHands}
        step={1}
        wording={adultsWording()}
        size="100%"
        clock={{
          shapes: (angles) => assembledShapes(recipe, measures, angles, isApart ? layersApart(measures) : 0),
          reach: assembledReach(recipe, measures, isApart),
          radius: measures.faceMm / 2,
        }}
      />
    </div>
  )
}

function Pages({ solved: { recipe }, wording }: { solved: Solved; wording: Wording }) {
  const pages = useMemo(() => recipePages(recipe, undefined, wording), [recipe, wording])
  const single = pages.length === 1
  return (
    <SimpleGrid cols={single ? 1 : 2} spacing="xs" style={{ maxWidth: single ? 400 : undefined, margin: '0 auto' }}>
      {pages.map((page, i) => (
        <div key={i} className="drawing-layers" style={{ border: '1px solid var(--line)', background: '#fff' }}>
          <DrawingView drawing={page} label={t`Page ${i + 1}: ${page.title}`} />
        </div>
      ))}
    </SimpleGrid>
  )
}
