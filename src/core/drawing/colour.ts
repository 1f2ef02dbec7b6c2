/**
 * Red, green and blue of a colour (#rrggbb) as shares of light, 0 to 1. Source: IEC 61966-2-1 (sRGB), its transfer
 * function.
 */
export function lightOf(colour: string): readonly [red: number, green: number, blue: number] {
  const at = (place: number): number => {
    const share = Number.parseInt(colour.slice(place, place + 2), 16) / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  }
  return [at(1), at(3), at(5)]
}

/**
 * How light a colour (#rrggbb) is, 0 to 1. Source: WCAG 2.2, relative luminance.
 *
 * luminance('#FFFFFF') //=> 1
 */
export function luminance(colour: string): number {
  const [red, green, blue] = lightOf(colour)
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

/**
 * The grey that is as light as a colour (#rrggbb). Source: IEC 61966-2-1, the transfer function the other way round.
 *
 * greyOf('#FFFFFF') //=> '#FFFFFF'
 * greyOf('#1F6489') //=> '#5E5E5E'
 */
export function greyOf(colour: string): string {
  const light = luminance(colour)
  const share = light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055
  const part = Math.round(share * 255)
    .toString(16)
    .padStart(2, '0')
    .toUpperCase()
  return `#${part.repeat(3)}`
}
