import { useWindowEvent } from '@mantine/hooks'
import { useEffect, useState } from 'react'
import { later } from '../later'

const palette = later(async () => (await import('./Palette')).Palette)

/** The search over everything: opened by Ctrl K, or by the button in the page's head (`Shell.astro`). */
export function PaletteKeys() {
  const [isOpen, setOpen] = useState(false)
  useWindowEvent('keydown', (event) => {
    if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return
    event.preventDefault()
    setOpen(true)
  })
  useEffect(() => {
    const button = document.getElementById('shell-search')
    const open = () => setOpen(true)
    button?.addEventListener('click', open)
    return () => button?.removeEventListener('click', open)
  }, [])
  return isOpen ? <palette.Part onClose={() => setOpen(false)} /> : null
}
