/**
 * How many of something, for what the interface says, which is in English.
 *
 * counted(1, 'child', 'children') //=> '1 child'
 */
export const counted = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`
