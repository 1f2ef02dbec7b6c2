/**
 * A line without characters that nobody sees, such as soft hyphens and marks of direction, which calendars and web
 * pages bring along. The two joiners stay, since several scripts and many emoji need them.
 *
 * withoutUnseen('brea\u00adkfast') //=> 'breakfast'
 */
export const withoutUnseen = (text: string): string => text.replace(/(?![\u200c\u200d])\p{Cf}/gu, '')
