import { type PictureWords, pictureFinder } from '../../core/days'
import type { LanguageId } from '../../core/wording'
import { api } from '../api'

/** What the pictures of the set go by in a language; fetched when the first one is looked for. */
export const pictureWordsQuery = (language: LanguageId) => ({
  queryKey: ['picture-words', language],
  queryFn: async () => {
    const set = await api.get<PictureWords[]>(`/pictures/words-${language}.json`)
    return { finder: pictureFinder(set), names: new Map(set.map(({ id, name }) => [id, name])) }
  },
  staleTime: Infinity,
})
