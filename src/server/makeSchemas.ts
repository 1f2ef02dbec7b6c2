import { LONGEST_NAME } from '../core/records'
import Joi from 'joi'
import { plainText } from './text'
import { papers } from '../core/drawing'
import {
  BACKINGS,
  LARGEST_FACE_MM,
  MEASURE_LIMITS,
  type MeasureId,
  RECIPE_KINDS,
  fasteners,
  surfaces,
} from '../core/make'

const length = (least: number, most: number) => Joi.number().strict().min(least).max(most)
const bool = Joi.boolean().strict().required()
const oneOf = (...values: (string | number)[]) => Joi.valid(...values).required()

const fixed = Joi.object(
  Object.fromEntries(
    (Object.keys(MEASURE_LIMITS) as MeasureId[]).map((id) => [
      id,
      length(MEASURE_LIMITS[id].least, Math.min(MEASURE_LIMITS[id].most, LARGEST_FACE_MM)),
    ]),
  ),
).required()

export const recipe = Joi.object({
  kind: oneOf(...Object.keys(RECIPE_KINDS)),
  paper: oneOf(...Object.keys(papers)),
  gsm: oneOf(80, 160, 300),
  backing: oneOf(...BACKINGS),
  fastener: oneOf(...Object.keys(fasteners)),
  hands: oneOf('both', 'hour', 'minute', 'pair'),
  secondHand: bool,
  face: oneOf('full', 'quarters', 'blank'),
  ringOfFives: bool,
  halves: bool,
  zoneLines: bool,
  quarterShading: bool,
  handLabels: bool,
  lowInk: bool,
  tile: bool,
  guides: oneOf('all', 'quarters', 'centre', 'none'),
  perPage: oneOf(1, 4),
  age: Joi.number().strict().integer().min(3).max(99).required(),
  children: Joi.number().strict().integer().min(1).max(60).required(),
  spares: Joi.number().strict().integer().min(0).max(60).required(),
  cuttingMinutes: Joi.number().strict().integer().min(0).max(600),
  fixed,
})

const ground = length(0, 200_000).required()
const space = Joi.alternatives()
  .conditional('.kind', {
    is: 'round',
    then: Joi.object({ kind: oneOf('round'), radiusMm: ground }),
    otherwise: Joi.object({
      kind: oneOf('rectangle'),
      widthMm: ground,
      depthMm: ground,
      obstacles: Joi.array()
        .items(
          Joi.object({ name: plainText(LONGEST_NAME).allow('').required(), x: ground, y: ground, radiusMm: ground }),
        )
        .max(20)
        .required(),
    }),
  })
  .required()

export const yard = Joi.object({
  space,
  radiusMm: length(300, 100_000),
  surface: oneOf(...Object.keys(surfaces)),
  markers: Joi.array()
    .items(
      Joi.object({
        name: plainText(LONGEST_NAME).allow('').required(),
        count: Joi.number().strict().integer().min(0).max(500).required(),
        sizeMm: length(1, 2000).required(),
      }),
    )
    .max(10)
    .required(),
  turnDeg: Joi.number().strict().min(0).less(360).required(),
  facing: oneOf('wall', 'north', 'children'),
  hands: oneOf('ropes', 'sticks', 'children'),
  children: Joi.number().strict().integer().min(1).max(60).required(),
  age: Joi.number().strict().integer().min(3).max(99).required(),
  unit: oneOf('m', 'ft'),
  paper: oneOf(...Object.keys(papers)),
  laid: Joi.array()
    .items(
      Joi.object({
        hour: Joi.number().strict().integer().min(1).max(12).required(),
        fromCentreMm: ground,
        fromTwelveMm: ground,
      }),
    )
    .unique('hour')
    .max(12)
    .required(),
})
