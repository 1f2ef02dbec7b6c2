import { type Told, told } from '../../wording'
/*
 * Pictures of twelve corners on a lattice of five columns and six rows, (0, 0) at the top left; joined in this order
 * and back to the first they come out, joined in any other they do not.
 */

export const LATTICE = { columns: 5, rows: 6 } as const

type Corner = readonly [column: number, row: number]

export const TRAIL_PICTURES = {
  rocket: [
    [2, 0],
    [3, 1],
    [3, 3],
    [4, 4],
    [4, 5],
    [3, 4],
    [2, 5],
    [1, 4],
    [0, 5],
    [0, 4],
    [1, 3],
    [1, 1],
  ],
  house: [
    [0, 2],
    [1, 1],
    [2, 0],
    [3, 1],
    [4, 2],
    [4, 3],
    [4, 5],
    [3, 5],
    [3, 4],
    [2, 4],
    [2, 5],
    [0, 5],
  ],
  fish: [
    [0, 2],
    [1, 1],
    [2, 0],
    [3, 1],
    [3, 2],
    [4, 1],
    [4, 4],
    [3, 3],
    [2, 4],
    [1, 4],
    [0, 3],
    [1, 3],
  ],
  'fir tree': [
    [2, 0],
    [4, 2],
    [3, 2],
    [4, 4],
    [3, 4],
    [3, 5],
    [2, 5],
    [1, 5],
    [1, 4],
    [0, 4],
    [1, 2],
    [0, 2],
  ],
  crown: [
    [0, 1],
    [1, 2],
    [2, 0],
    [3, 2],
    [4, 1],
    [4, 3],
    [4, 4],
    [3, 4],
    [2, 4],
    [1, 4],
    [0, 4],
    [0, 3],
  ],
  boat: [
    [0, 4],
    [1, 5],
    [2, 5],
    [3, 5],
    [4, 4],
    [2, 4],
    [4, 3],
    [3, 1],
    [2, 0],
    [1, 1],
    [0, 3],
    [1, 4],
  ],
} as const satisfies Record<string, readonly Corner[]>

export type TrailPicture = keyof typeof TRAIL_PICTURES

/** What comes out, as the adult is told. */
export const PICTURE_NAMES: Readonly<Record<TrailPicture, Told>> = {
  rocket: told('a rocket'),
  house: told('a house'),
  fish: told('a fish'),
  'fir tree': told('a fir tree'),
  crown: told('a crown'),
  boat: told('a boat'),
}
