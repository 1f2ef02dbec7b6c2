declare const kind: unique symbol

/**
 * The id of one kind of thing. Any text may become one, since ids come from the browser and from rows; but the id of
 * one kind is not taken for the id of another, so that a child's is never looked up among the sessions.
 */
type IdOf<Kind extends string> = string & { readonly [kind]?: Kind }

export type ChildId = IdOf<'child'>
export type GroupId = IdOf<'group'>
export type SessionId = IdOf<'session'>
export type StepId = IdOf<'step'>
export type ActivityId = IdOf<'activity'>
export type AnswerId = IdOf<'answer'>
export type CountId = IdOf<'count'>
export type NoteId = IdOf<'note'>
export type ChangeId = IdOf<'change'>
export type RecipeId = IdOf<'recipe'>
export type YardId = IdOf<'yard'>
