import type { Said } from './said'

export const germanSaid: Said = {
  'look-again': 'Wir schauen es uns noch einmal zusammen an.',
  'swapped-hands': 'Deck den langen Zeiger zu. Was sagt der kurze, dicke allein? Und jetzt der lange.',
  'next-hour':
    'Welche Zahl hat der kurze Zeiger hinter sich? So heißt die Stunde, bis er bei der nächsten Zahl ankommt.',
  'hour-just-gone': 'Bei „vor“ nennen wir die Stunde, die kommt. Zeig, wohin der kurze Zeiger geht.',
  'numeral-as-minutes': 'Zählt zusammen in Fünferschritten ab der 12 und berührt dabei jede Zahl.',
  'quarter-as-25': 'Falte den Kreis zweimal in der Mitte. Wie viele Minuten hat einer der vier Teile?',
  'past-for-to':
    'Fahr mit dem Finger von der 12 zum langen Zeiger, auf dem kurzen Weg. Rechts hinunter heißt „nach“, links hinauf heißt „vor“.',
  'wrong-way': 'Zeig auf die 12 und dreh den Finger so herum, wie die Zeiger gehen. Welche Seite ist zuerst dran?',
  'hour-only': 'Der kurze Zeiger hat seinen Teil gesagt. Was sagt der lange dazu?',
  'minutes-only-fives': 'Bei der 12 geht es los: Sag dort „null“ und fang mit den Fünfern bei der 1 an.',
  'one-mark-out':
    'Fang bei dem Fünfer an, der gerade vorbei ist, und spring über jeden Zwischenraum: einer ist eine Minute.',
  'marks-left-out': 'An welchem Fünfer ist der lange Zeiger gerade vorbei? Zähl weiter: eins für jeden kleinen Strich.',
  'before-for-after': 'Dreh den Zeiger langsam. War er schon bei dieser Zahl, oder ist er noch unterwegs?',
  'on-the-number': 'Steht der Zeiger genau auf der Zahl, oder ist er schon weiter? Wie weit?',
  'second-for-minute':
    'Schau eine echte Uhr einen Augenblick lang an. Welcher Zeiger eilt ganz herum? Der zählt Sekunden.',
  'bare-digit': 'Nach dem Doppelpunkt sind immer zwei Plätze. Welcher ist leer?',
  sixty: 'Oben fängt eine neue Stunde an, und es geht wieder bei null los.',
  'zero-after': 'Der erste Platz nach dem Doppelpunkt zählt Zehner. Wie viele Zehner hat die Fünf?',
  'parked-hour':
    'Dreh eine echte Uhr von der vollen Stunde an und schau, wie der kurze Zeiger schleicht. Wo ist er bei halb?',
  'both-on-numeral': 'Zur vollen Stunde ruht der lange Zeiger auf der 12. Nur der kurze zeigt auf die Zahl.',
  'swapped-set': 'Kurz für die Stunden, lang für die Minuten. Sag es, wenn du die Zeiger berührst.',
  'base-100': 'Spring zuerst zur nächsten vollen Stunde. Wie viele Minuten waren das? Nun die Stunden, dann der Rest.',
  'no-bridge': 'Schau auf den kurzen Zeiger, wenn der lange über die 12 geht. Welche Stunde ist es geworden?',
  'minutes-shown':
    'Die Uhr sagt, wann es losgeht. Fang dort an und spring zur nächsten vollen Stunde: Wie viele Minuten hat der Sprung?',
  'other-five':
    'Wie viele Striche sind es zurück zum Fünfer davor, wie viele zum Fünfer danach? Die wenigeren gewinnen.',
  'fence-post': 'Leg einen Finger auf den Anfang und sag nichts. Zähl eins, wenn der Finger gesprungen ist.',
  'counted-forward': 'Zeig mit dem Finger, wohin der lange Zeiger geht: Ist das früher oder später?',
  'step-left-out': 'Leg für alles, was zu tun ist, einen Spielstein hin. Ist jeder Stein in der Rechnung?',
  'noon-midnight': 'Geh den Tag auf zwei Runden der Uhr entlang. In welcher Runde bist du, wenn das geschieht?',
  'adds-ten': 'Nach der 12 zählen wir weiter: 13 ist 12 und 1 dazu. Wie viel mehr als 12 ist das hier?',
  'wrong-row': 'Leg ein Lineal unter die Zeile, bevor du sie liest.',
}
