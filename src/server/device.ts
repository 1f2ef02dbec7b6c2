/** The header in which the guard hands on which device asks. What comes in from outside is taken off first. */
export const DEVICE_HEADER = 'x-ripe-acorn-device'

/** What a device is called where nobody else can come in. */
export const THIS_MACHINE = 'this machine'

export function deviceOf(headers: Headers): string {
  const name = headers.get(DEVICE_HEADER)
  return name === null ? THIS_MACHINE : decodeURIComponent(name)
}
