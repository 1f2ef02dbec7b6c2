import { t } from '@lingui/core/macro'
import bold from '@fontsource/andika/files/andika-latin-700-normal.woff?url'
import regular from '@fontsource/andika/files/andika-latin-400-normal.woff?url'
import boldExt from '@fontsource/andika/files/andika-latin-ext-700-normal.woff?url'
import regularExt from '@fontsource/andika/files/andika-latin-ext-400-normal.woff?url'
import { withPicturesFetched } from '../../ui/outlines'
import { type Drawing, subsetOf, toSvg, pixelsAt } from '../../core/drawing'

const DPI = 300

/** A picture knows nothing of the page's fonts: they are put into the drawing, those that it needs. */
async function fontFaces(svg: string): Promise<string> {
  const isExtended = [...svg].some((character) => subsetOf(character) === 'latinExt')
  const files = [
    [regular, 400],
    [bold, 700],
    ...(isExtended
      ? ([
          [regularExt, 400],
          [boldExt, 700],
        ] as const)
      : []),
  ] as const
  const faces = await Promise.all(
    files.map(
      async ([url, weight]) =>
        `@font-face{font-family:Andika;font-weight:${weight};src:url(${await asData(url)}) format("woff")}`,
    ),
  )
  return `<style>${faces.join('')}</style>`
}

async function asData(url: string): Promise<string> {
  const response = await fetch(url)
  if (!response.ok) throw new Error(t`The print font could not be fetched. Is Ripe Acorn still running?`)
  const blob = await response.blob()
  return new Promise((resolve, reject) => {
    const reader = new FileReader()
    reader.onload = () => resolve(String(reader.result))
    reader.onerror = () => reject(new Error(t`The print font could not be read.`))
    reader.readAsDataURL(blob)
  })
}

/** A page as a picture of 300 dots an inch, white where nothing is printed. */
export async function pngOf(page: Drawing): Promise<Blob> {
  const [whole = page] = await withPicturesFetched([page])
  const svg = toSvg(whole)
  const withFonts = svg.replace('</title>', `</title>${await fontFaces(svg)}`)
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(withFonts)}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = pixelsAt(page.width, DPI)
  canvas.height = pixelsAt(page.height, DPI)
  const context = canvas.getContext('2d')
  if (!context) throw new Error(t`This browser draws no pictures.`)
  context.fillStyle = '#FFFFFF'
  context.fillRect(0, 0, canvas.width, canvas.height)
  context.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) =>
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error(t`The picture is too large for this browser.`))),
      'image/png',
    ),
  )
}
