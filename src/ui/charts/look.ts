/* How all charts look: our colours, told apart by shape and dash as well. */

export const INKS = ['var(--moss)', 'var(--slate)', 'var(--oak)', 'var(--attention)', 'var(--ink)'] as const
export const DASHES = ['0', '7 3', '2 3', '9 3 2 3'] as const

/** The look of a line among others. Neighbours differ in dash too, so that of two on top of each other both are seen. */
export const lineLook = (i: number) => ({
  stroke: INKS[i % INKS.length],
  strokeDasharray: DASHES[i % DASHES.length],
  strokeWidth: 2.5,
})

export const AXIS = { stroke: 'var(--quiet)', tick: { fill: 'var(--quiet)', fontSize: 12 } } as const
export const TOOLTIP = {
  contentStyle: { background: 'var(--card)', border: '1px solid var(--line)', borderRadius: 8, color: 'var(--ink)' },
  labelStyle: { color: 'var(--ink)', fontWeight: 600 },
  isAnimationActive: false,
} as const
