import { expectTypeOf, it } from 'vitest'
import type { AnswerId, ChildId, SessionId } from './ids'

it('are texts, and none is taken for the id of another kind', () => {
  expectTypeOf<string>().toExtend<ChildId>()
  expectTypeOf<ChildId>().toExtend<string>()
  expectTypeOf<ChildId>().not.toExtend<SessionId>()
  expectTypeOf<AnswerId>().not.toExtend<ChildId>()
})
