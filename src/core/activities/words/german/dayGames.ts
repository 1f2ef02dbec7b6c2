import type { WordsByActivity } from '../../types'

export const germanDayGames: WordsByActivity = {
  'follow-the-trail': {
    name: 'Spurensuche',
    steps: [
      'Eine Seite für zwei. Bei der eingekreisten Uhr anfangen.',
      'Die Zeit sagen, um die gedruckten Minuten weitergehen und diese Uhr suchen.',
      'Sie von Mitte zu Mitte verbinden. Wo jeder Schritt stimmt, entsteht ein Bild.',
    ],
    say: 'Wie spät ist es so viel später?',
    lookFor: 'Wo die Linie abirrt: Der Schritt davor zeigt den Fehler.',
    easier: 'Eines liest, das andere dreht eine Uhr.',
    harder: 'Die Spur zurückgehen, immer früher.',
  },
  'minute-hops': {
    name: 'Minutensprünge',
    steps: [
      'Die Karten vorher ausschneiden. Eine Uhr liegt offen, alle haben einige auf der Hand.',
      'Wer die Uhr hat, die so viele Minuten später ist, legt sie an und sagt beide Zeiten.',
      'Wer nicht anlegen kann, zieht eine Karte.',
    ],
    say: 'Sag die Zeit, die liegt, dann deine.',
    lookFor: 'Über die volle Stunde hinweg ändert sich auch die Stunde.',
    easier: 'Eine Uhr drehen, um sie zu finden.',
    harder: 'Auch am anderen Ende anlegen: so viele Minuten früher.',
  },
  'two-halves-cards': {
    name: 'Zwei Hälften des Tages',
    steps: [
      'Die Karten vorher ausschneiden. Zwei Stapel: vor dem Mittag und nach dem Mittag.',
      'Reihum ziehen, sagen, was man tut und wann, und auf den Stapel legen.',
      'Manche können auf beiden liegen. Darüber wird gesprochen.',
    ],
    say: 'Könnte es auch in der anderen Hälfte sein?',
    lookFor: 'Mittag und Mitternacht werden bei ihrem Namen genannt.',
    easier: 'Nur Mahlzeiten.',
    harder: 'Jeden Stapel nach der Zeit ordnen.',
  },
  'pair-24-hours': {
    name: 'Ein Tag in 24 Stunden',
    steps: [
      'Die Karten vorher ausschneiden. In der Reihenfolge des Tages auslegen.',
      'Reihum auf eine zeigen: sie mit morgens oder nachmittags sagen, dann wie sie an einem Tag mit 24 Stunden heißt.',
      'Umdrehen: Stimmt es?',
    ],
    say: 'Zwölf und wie viele mehr?',
    lookFor: 'Der Nachmittag ist zwölf mehr, nicht zehn mehr.',
    easier: 'Nur die Stunden von eins bis sechs am Nachmittag.',
    harder: 'Nur die 24-Stunden-Zeit sagen; wer zeigt darauf?',
  },
  'strip-for-the-wall': {
    name: 'Ein Uhrenstreifen für die Wand',
    steps: [
      'Den Streifen vorher ausschneiden und die Stücke austeilen.',
      'Wohin gehört dein Stück? Sich in der Reihenfolge des Tages aufstellen.',
      'Den Streifen an die Wand kleben und von links nach rechts lesen.',
      'Suchen, was gerade ist und was als Nächstes kommt.',
    ],
    say: 'Schau auf unsere echte Uhr. Wo auf dem Streifen sind wir?',
    lookFor: 'Sie vergleichen die echte Uhr mit der gezeichneten.',
    easier: 'Nur die Stücke vor dem Mittag.',
    harder: 'Den Tag rückwärts erzählen.',
  },
  'lay-a-day-in-order': {
    name: 'Einen Tag in die richtige Reihenfolge legen',
    steps: [
      'Die Karten vorher ausschneiden und mischen.',
      'Reihum eine ziehen, ihre Uhr lesen und sie zwischen die anderen legen, wohin sie gehört.',
      'Am Ende den ganzen Tag laut lesen.',
    ],
    say: 'Vor welcher kommt sie?',
    lookFor: 'Die Zeit entscheidet, nicht das Gewohnte.',
    easier: 'Nur vier Karten.',
    harder: 'Eine wegnehmen; wer sagt, welche fehlt?',
  },
  'trail-through-a-day': {
    name: 'Spur durch einen Tag',
    steps: [
      'Eine Seite für jedes Kind. Anfangen, wo der Tag anfängt.',
      'Die Uhr zu dem suchen, was als Nächstes kommt, und beide verbinden.',
      'Den Tag an der Linie entlang erzählen.',
    ],
    say: 'Was tun wir danach, und wann?',
    lookFor: 'Wer nur an den Tag denkt und nicht auf die Uhren schaut.',
    easier: 'Den Tag vorlesen, während sie zeichnen.',
    harder: 'Am Ende anfangen.',
  },
  'bingo-of-a-day': {
    name: 'Bingo des Tages',
    steps: [
      'Eine Tafel und eine Handvoll Spielsteine für jedes Kind.',
      'Rufen, was man tut; alle sagen, wann, und belegen die Uhr.',
      'Eine volle Reihe wird vorgelesen.',
    ],
    say: 'Wann ist das an unserem Tag?',
    lookFor: 'Die Uhr wird gesucht, nicht nach dem Platz geraten.',
    easier: 'Auch die Zeit rufen.',
    harder: 'Rufen, was davor kommt.',
  },
  'line-of-the-day': {
    name: 'Eine Tageslinie',
    steps: [
      'Eine lange Linie zeichnen, auf einer Papierrolle oder auf dem Boden. Die vollen Stunden eintragen, bei jeder eine kleine Uhr.',
      'Darüber zeichnen, was geschieht: aufstehen, spielen, essen.',
      'Mit Sprüngen zeigen, wie weit es von einem zum anderen ist.',
    ],
    say: 'Wo auf der Linie sind wir jetzt?',
    lookFor: 'Die Sprünge halten bei den vollen Stunden an.',
    easier: 'Nur die Stunden des Vormittags.',
    harder: 'Etwas von der Linie nehmen und anderthalb Stunden später setzen.',
    onRung: {
      rounding: {
        steps: [
          'Eine lange Linie zeichnen, auf einer Papierrolle oder auf dem Boden: eine Stunde, ein Strich bei je fünf Minuten.',
          'Einen Punkt dorthin setzen, wo die Zeit liegt, die gesagt wird.',
          'Vom Punkt einen Pfeil zu dem Strich zeichnen, der näher ist.',
        ],
        say: 'Bei welchem Strich ist es näher?',
        lookFor: 'Von 58 aus geht der Pfeil zur nächsten Stunde.',
        easier: 'Zuerst nur Striche bei je zehn Minuten.',
        harder: 'Welche Punkte würden alle zu diesem Strich gehen?',
      },
    },
  },
}
