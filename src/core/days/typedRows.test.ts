import { describe, expect, it } from 'vitest'
import { type LanguageId, inEnglish } from '../wording'
import { dayLine, readDayLine } from '.'

/*
 * Rows as adults type them in haste, written apart from the reader: what is typed, and the row in 24 hours, both rows
 * where it could be two, or a word of the reason why it is none.
 */
const ROWS: Readonly<Record<string, string>> = {
  'en-GB': `
about 8 breakfast → 08:00 breakfast
around 8:15 bus → 08:15 bus
approx. 9 register → 09:00 register
from 9 o'clock free play → 09:00 free play
ca. 10 snack → 10:00 snack
~10:30 garden → 10:30 garden
@ 7:30 up → 07:30 up
@7:30 up → 07:30 up
8ish breakfast → 08:00 breakfast
0730 up → 07:30 up
0905 register → 09:05 register
1620 bus home → 16:20 bus home
415 snack → 16:15 snack
1015 snack → 10:15 snack
1600 hours tea → 16:00 tea
5past4 snack → 16:05 snack
10to5 story → 16:50 story
a minute to 5 tidy up → 16:59 tidy up
qtr past 4 snack → 16:15 snack
1/4 past 4 snack → 16:15 snack
1/2 past 8 bus → 08:30 bus
½ past 8 bus → 08:30 bus
4: 30 swimming → 16:30 swimming
8 : 50 school → 08:50 school
4,15 snack → 16:15 snack
08:50:00 school → 08:50 school
08:50:00	09:35:00	Maths → 08:50–09:35 Maths
from 10 to 11 art → 10:00–11:00 art
about 8 to 9 reading → 08:00–09:00 reading
0900-0945 maths → 09:00–09:45 maths
4.30pm swimming → 16:30 swimming
415pm snack → 16:15 snack
5h-10 stroll → 17:00–22:00 stroll / 16:50 stroll
4 hours walk → how long
20 minutes reading → how long
half an hour of quiet → how long
8 minutes reading at 9:15 → 09:15 8 minutes reading
162 stairs → Minutes go from 00 to 59
2575 things → Minutes go from 00 to 59
2915 things → Hours go from 0 to 23
08:50:30 school → is no time
8 friends at 15:30 → 15:30 8 friends
415 pieces at 9:30 → 09:30 415 pieces
`,
  de: `
gegen 8 Frühstück → 08:00 Frühstück
gegen halb 9 Bus → 08:30 Bus
ca. 8 Uhr Frühstück → 08:00 Frühstück
circa 9 Uhr Kreis → 09:00 Kreis
etwa 9:15 Kreis → 09:15 Kreis
ungefähr um 9 Kreis → 09:00 Kreis
so um 9 Kreis → 09:00 Kreis
ab 9 Uhr Garten → 09:00 Garten
ab 14:30 Abholen → 14:30 Abholen
halbfünf Kakao → 16:30 Kakao
halb5 Kakao → 16:30 Kakao
viertelnach 4 Kakao → 16:15 Kakao
5nach4 Kakao → 16:05 Kakao
5vorhalb5 Kakao → 16:25 Kakao
dreiviertelvier Bus → 15:45 Bus
4uhr Kakao → 16:00 Kakao
4uhr30 Kakao → 16:30 Kakao
8Uhr15 Bus → 08:15 Bus
0730 aufstehen → 07:30 aufstehen
0730 Uhr aufstehen → 07:30 aufstehen
1620 Bus → 16:20 Bus
4,15 Kakao → 16:15 Kakao
8.15 Uhr Bus → 08:15 Bus
8 - 9 Uhr Spielen → 08:00–09:00 Spielen
von 8 bis 9 Uhr Spielen → 08:00–09:00 Spielen
9 Uhr 5 Minuten Stille → 09:00 5 Minuten Stille
2 Stunden Wald → how long
20 Minuten lesen → how long
eine halbe Stunde Ruhe → how long
08:50:00 Schule → 08:50 Schule
`,
  fr: `
vers 8h petit déjeuner → 08:00 petit déjeuner
vers huit heures et quart bus → 08:15 bus
environ 9h cercle → 09:00 cercle
à partir de 16h goûter → 16:00 goûter
dès 9h jardin → 09:00 jardin
quatre heures trois quarts goûter → 16:45 goûter
quatre heures et demie goûter → 16:30 goûter
16h30 goûter → 16:30 goûter
16 heures goûter → 16:00 goûter
9h 5 minutes de silence → 09:00 5 minutes de silence
5h-10 promenade → 17:00–22:00 promenade / 16:50 promenade
5h moins 10 promenade → 16:50 promenade
de 9h à 10h calcul → 09:00–10:00 calcul
0730 lever → 07:30 lever
8 h 15 bus → 08:15 bus
20 minutes de lecture → how long
une demi-heure de calme → how long
8h à l'école → 08:00 à l'école
`,
  es: `
sobre las 8 desayuno → 08:00 desayuno
hacia las ocho y media autobús → 08:30 autobús
a eso de las 9 corro → 09:00 corro
a partir de las 9 jardín → 09:00 jardín
alrededor de las 4 merienda → 16:00 merienda
4 y 1/2 merienda → 16:30 merienda
las 4 y 1/4 merienda → 16:15 merienda
medio día comida → 12:00 comida
al medio día comida → 12:00 comida
media noche estrellas → 00:00 estrellas
a las 16 horas merienda → 16:00 merienda
16 horas merienda → 16:00 merienda
0730 arriba → 07:30 arriba
1620 autobús → 16:20 autobús
4 horas y media bosque → how long
4 horas bosque → how long
20 minutos de lectura → how long
de 9 a 10 mates → 09:00–10:00 mates
`,
}

describe.each(Object.entries(ROWS))('rows typed in haste: %s', (language, table) => {
  const rows = table
    .trim()
    .split('\n')
    .map((line) => line.split(' → ') as [string, string])

  it.each(rows)('%s', (typed, expected) => {
    const read = readDayLine(typed, { language: language as LanguageId })
    const said =
      read.kind === 'none'
        ? inEnglish(read.why)
        : (read.kind === 'row' ? [read.row] : read.choices).map(dayLine).join(' / ')
    if (read.kind === 'none') expect(said).toMatch(new RegExp(expected))
    else expect(said).toBe(expected)
  })
})
