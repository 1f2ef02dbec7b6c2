import { type LanguageId, inEach } from '../wording'

/** What stands round a time in one language. All words in lower case without accents, apostrophes straight. */
export interface Cues {
  /** Directly before a time: "at", "um". A bare number is a time only behind one of them. */
  readonly before: readonly string[]
  /** Before a time that has an end: "from", "between". */
  readonly openers: readonly string[]
  /** Between a time and its end: "to", "and". */
  readonly joiners: readonly string[]
  /** Small words that may follow a bare number which is a time; what else follows is counted. */
  readonly follow: RegExp
  /** Words by which a number is counted or numbered: "page", "counted". */
  readonly counted: RegExp
  /** Units and goods that make figures a measure. */
  readonly units: RegExp
  /** After a length of time: later than the time before it, or earlier. */
  readonly later: readonly string[]
  readonly earlier: readonly string[]
  /** Before a length of time, which is then so much later: "after half an hour". */
  readonly laterBy: readonly string[]
  /** What "is" speaks of where a bare number behind it is a time: "it is seven", and not "Mila is seven". */
  readonly timely: RegExp
  /** What makes "an hour before …" speak of something else than the time before it. */
  readonly notBefore: RegExp
  /** Words without which a time in words may be a length: "trois heures", "four fifteen". */
  readonly needsCue: (text: string) => boolean
  /** "ten past", with the hour left out: the count, and whether it is past the hour or to it. */
  readonly hourless?: RegExp
  readonly isPast?: RegExp
  /** Whether nouns are written large, so that a large letter tells no name. */
  readonly hasLargeNouns?: true
  /** Articles between the cue and the time: "a las siete". */
  readonly articles?: readonly string[]
}

const UNITS =
  /^(?:m|cm|km|kg|g|l|metres?|meters?|metros?|metern?|kilomet(?:re|er|ro)s?|kilometern?|miles?|feet|foot|inch(?:es)?|euros?|pounds?|dollars?|cents?|pence|degrees?|grad|degres?|grados?|percent|prozent|por|pour|pages?|points?|punkte?|[€£$%°])$/

const english: Cues = {
  before: [
    'at',
    'by',
    'until',
    'till',
    'til',
    'since',
    'before',
    'after',
    'about',
    'around',
    'nearly',
    'almost',
    'exactly',
    'struck',
    'strikes',
    'from',
    'between',
    'is',
    'was',
    "it's",
    'past',
    'says',
    'said',
    'shows',
    'showed',
  ],
  openers: ['from', 'between'],
  joiners: ['to', 'till', 'til', 'until', 'and'],
  follow:
    /^(?:he|she|they|it|we|i|you|everyone|everybody|nobody|someone|no|all|there|this|that|the|and|or|but|so|then|when|while|on|in|for|by|from|to|till|until|as|sharp|exactly|each|every|both|his|her|their|our|my|at|because|with|today|tomorrow|yesterday|if|who|which|a|an|tonight|just|precisely|after|before)$/,
  counted:
    /^(?:page|pages|chapter|room|number|no|row|line|count|counts|counted|counting|scores?|won|lost|apartment|platform|bus|step|lives?|lived)$/,
  units: UNITS,
  later: ['later', 'after that', 'after this', 'afterwards', 'after', 'on'],
  laterBy: ['after', 'in', 'within'],
  timely: /^(?:it|time|clock|watch|bell|already|now|still|only)$/,
  earlier: ['earlier', 'before that', 'before this', 'sooner', 'before'],
  notBefore:
    /^(?:the|a|an|he|she|they|it|we|i|you|his|her|their|our|my|lunch|supper|breakfast|dinner|school|bed|bedtime)$/,
  needsCue: (text) =>
    !/o.?clock|past|after|\bto\b|till|til|\bof\b|noon|midday|midnight|[ap]\.? ?m\.?|\d[:.]\d\d|morning|afternoon|evening|night|half/.test(
      text,
    ),
  hourless: /^(?:an? )?(quarter|half|[a-z-]+|\d{1,2})(?: minutes?)? (past|to|after|till)$/,
  isPast: /past|after/,
}

const german: Cues = {
  before: [
    'um',
    'gegen',
    'bis',
    'ab',
    'vor',
    'nach',
    'seit',
    'von',
    'zwischen',
    'punkt',
    'schlagt',
    'schlug',
    'ist',
    'war',
    'genau',
    'fast',
    'etwa',
    'schon',
    'erst',
    'zeigt',
    'zeigte',
  ],
  openers: ['von', 'zwischen'],
  joiners: ['bis', 'und'],
  follow: /^[^A-ZÄÖÜ]/,
  counted: /^(?:seite|kapitel|raum|zimmer|nummer|nr|zeile|zahlte|zahlt|zahlen|zahle|haus|gleis|wohnt|wohnte)$/,
  units: UNITS,
  later: ['spater', 'danach', 'darauf', 'nachher'],
  laterBy: ['nach', 'in'],
  timely: /^(?:es|uhr|jetzt|schon|erst|zeit|bald)$/,
  earlier: ['vorher', 'davor', 'fruher', 'zuvor'],
  notBefore: /^(?:der|die|das|dem|den|als)$/,
  needsCue: (text) => !/uhr|halb|viertel|nach|vor|mittag|mitternacht|\d[:.]\d\d/.test(text),
  hourless: /^(viertel|[a-z]+|\d{1,2})(?: minuten?)? (nach|vor)$/,
  isPast: /nach/,
  hasLargeNouns: true,
}

const french: Cues = {
  before: [
    'a',
    'vers',
    'avant',
    'apres',
    'des',
    'depuis',
    "jusqu'a",
    'est',
    'etait',
    'presque',
    'environ',
    'entre',
    'de',
    'deja',
    'pour',
    'sonne',
    'indique',
    'marque',
  ],
  openers: ['de', 'entre'],
  joiners: ['a', 'et', "jusqu'a"],
  follow: /^(?!de$|du$|d'|entier|entiere|plein)/,
  counted:
    /^(?:page|chapitre|salle|numero|no|ligne|compte|comptent|comptez|compta|voie|habite|gagne|gagnent|perdu|perdent)$/,
  units: UNITS,
  later: ['plus tard', 'apres'],
  laterBy: ['au bout', 'apres', 'dans'],
  timely: /^(?:il|heure|horloge|deja)$/,
  earlier: ['plus tot', 'avant', 'auparavant'],
  notBefore: /^(?:le|la|les|de|que|l'.*|un|une|son|sa|midi|minuit)$/,
  needsCue: (text) => !/midi|minuit/.test(text),
}

const spanish: Cues = {
  before: ['las', 'la', 'mediodia', 'al', 'a'],
  openers: ['desde', 'entre', 'de'],
  joiners: ['a', 'hasta', 'y'],
  // A plural noun ends in s, and no verb that follows a time does.
  follow: /^(?:es|las|los|nos|les|sus|todos|todas|tres|dos|seis|mas|despues|antes|.*[^s])$/,
  counted: /^(?:pagina|capitulo|sala|numero|fila|cuenta|cuentan|contad|contamos|conto|calle|vive)$/,
  units: UNITS,
  later: ['despues', 'mas tarde', 'luego'],
  laterBy: ['al cabo de', 'despues de', 'dentro de', 'tras', 'en'],
  timely: /./,
  earlier: ['antes', 'mas temprano'],
  notBefore: /^(?:de|del|que)$/,
  needsCue: (text) => !/mediodia|medianoche|\d:\d\d/.test(text),
  articles: ['las', 'la'],
}

const CUES: Record<LanguageId, Cues> = inEach({ en: english, de: german, fr: french, es: spanish })

export const cuesOf = (language: LanguageId): Cues => CUES[language]
