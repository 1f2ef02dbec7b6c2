import type { PictureId } from './pictures'

/** Animals of the set that are told apart at a glance: each child of a group can have one of its own. */
export const ANIMALS: readonly PictureId[] = [
  'u1f98a', // fox
  'u1f438', // frog
  'u1f994', // hedgehog
  'u1f989', // owl
  'u1f430', // rabbit
  'u1f422', // turtle
  'u1f98b', // butterfly
  'u1f427', // penguin
  'u1f981', // lion
  'u1f418', // elephant
  'u1f41e', // ladybird
  'u1f433', // whale
  'u1f42d', // mouse
  'u1f992', // giraffe
  'u1f40c', // snail
  'u1f9a6', // otter
  'u1f43c', // panda
  'u1f99c', // parrot
  'u1f419', // octopus
  'u1f437', // pig
  'u1f41d', // bee
  'u1f42f', // tiger
  'u1f986', // duck
  'u1f434', // horse
  'u1f43b', // bear
  'u1f42c', // dolphin
  'u1f993', // zebra
  'u1f414', // hen
  'u1f435', // monkey
  'u1f98e', // lizard
  'u1f9a9', // flamingo
  'u1f42e', // cow
]
