import type { WordsByActivity } from '../../types'

export const germanGames: WordsByActivity = {
  'toss-a-time': {
    name: 'Würfeln und füllen',
    steps: [
      'Den Würfel vorher ausschneiden, falten und kleben. Den Spielplan in die Mitte legen.',
      'Reihum würfeln, die Zeit auf dem Würfel sagen und einen Stein auf eine Uhr legen, die sie zeigt.',
      'Sind alle ihre Uhren belegt, verfällt der Wurf. Der Plan ist fertig, wenn nichts mehr frei ist.',
    ],
    say: 'Sag sie, bevor du sie suchst.',
    lookFor: 'Die Uhr wird am kurzen Zeiger gefunden und nicht nur am langen.',
    easier: 'Gemeinsam suchen.',
    harder: 'Die Uhren belegen, deren Zeit das andere Kind falsch gesagt hat.',
  },
  'twirl-a-time': {
    name: 'Drehen und füllen',
    steps: [
      'Einen Bleistift senkrecht auf die Mitte der Drehscheibe halten, eine Büroklammer um seine Spitze.',
      'Reihum die Klammer schnippen, die Zeit sagen, auf die sie zeigt, und eine Uhr belegen, die sie zeigt.',
      'Der Plan ist fertig, wenn nichts mehr frei ist.',
    ],
    say: 'Welche Uhren auf dem Plan zeigen dasselbe?',
    lookFor: 'Sie schauen auf die Zeiger, nicht nur auf den Platz vom letzten Mal.',
    easier: 'Zuerst die Uhr finden, dann die Zeit sagen.',
    harder: 'Die Zeit eine halbe Stunde später sagen.',
  },
  'turn-up-pairs': {
    name: 'Paare aufdecken',
    steps: [
      'Die Karten vorher ausschneiden. Verdeckt in Reihen auslegen.',
      'Reihum zwei aufdecken und beide laut lesen. Eine Uhr und ihre Worte sind ein Paar.',
      'Kein Paar: wieder umdrehen, die anderen merken sie sich.',
    ],
    say: 'Sag, was du siehst, bevor du die zweite umdrehst.',
    lookFor: 'Beide Karten werden gelesen, auch wenn sie nicht passen.',
    easier: 'Offen anfangen.',
    harder: 'Vor dem Umdrehen sagen, was man sucht und wo.',
  },
  'clock-dominoes': {
    name: 'Domino',
    steps: [
      'Die Dominosteine vorher ausschneiden und verteilen.',
      'Reihum anlegen, sodass eine Uhr bei ihrer Zeit liegt. Sie laut sagen.',
      'Wer nicht anlegen kann, sagt, welche Zeit er bräuchte.',
    ],
    say: 'Welche Zeit würde hier passen?',
    lookFor: 'Das Ende der Reihe wird gelesen, bevor ein Stein probiert wird.',
    easier: 'Mit offenen Steinen spielen.',
    harder: 'Abwechselnd an beiden Enden anlegen.',
  },
  'clock-bingo': {
    name: 'Uhren-Bingo',
    steps: [
      'Eine Tafel und eine Handvoll Spielsteine für jedes Kind.',
      'Einen Ruf ziehen und zweimal vorlesen. Wer seine Uhr hat, belegt sie.',
      'Wer eine volle Reihe hat, ruft und liest ihre Zeiten vor.',
    ],
    say: 'Lies mir deine Reihe vor.',
    lookFor: 'Wer eine Uhr belegt, die nur beinahe stimmt.',
    easier: 'Nach dem Ruf die Uhr zeigen.',
    harder: 'Ein Kind ruft aus.',
  },
  'loop-of-cards': {
    name: 'Kettenkarten',
    steps: [
      'Die Karten vorher ausschneiden und alle austeilen; nicht alle brauchen gleich viele.',
      'Ein Kind liest: „Ich habe … Wer hat …?“ Wer diese Uhr hat, macht weiter.',
      'Die Kette schließt sich bei der ersten Karte. Dann noch einmal, etwas schneller.',
    ],
    say: 'Alle schauen: Ist es deine?',
    lookFor: 'Jedes Kind schaut bei jedem Ruf, nicht nur, wenn es an der Reihe ist.',
    easier: 'Zwei Kinder teilen sich ihre Karten.',
    harder: 'Vor der zweiten Runde die Karten tauschen.',
  },
  'halves-that-fit': {
    name: 'Puzzlehälften',
    steps: [
      'Die Hälften vorher ausschneiden. Die Uhren an einen Ort legen, die Zeiten an einen anderen.',
      'Eine Hälfte nehmen, sagen, was sie zeigt, und ihre andere Hälfte suchen.',
      'Nur die richtigen passen: Fragen ist nicht nötig.',
    ],
    say: 'Bevor du den Rand probierst: Wird er passen?',
    lookFor: 'Sie lesen zuerst und probieren den Rand danach.',
    easier: 'Immer sechs Hälften zugleich.',
    harder: 'Die Ränder wegdrehen und nur nach dem Lesen zuordnen.',
  },
  'fold-and-open': {
    name: 'Falten und wählen',
    steps: [
      'Das Quadrat vorher ausschneiden und falten, wie seine Bilder zeigen.',
      'Außen eine Uhr wählen und ihre Zeit sagen. So oft öffnen und schließen, wie ihre Stunde sagt.',
      'Innen eine Zeit wählen, sagen, wohin die Zeiger zeigen, und unter der Klappe nachsehen.',
    ],
    say: 'Sag, wohin die Zeiger zeigen, bevor du die Klappe hebst.',
    lookFor: 'Sie denken zuerst an die Uhr und heben danach die Klappe.',
    easier: 'Die Klappe heben und die Uhr gemeinsam lesen.',
    harder: 'Die Zeit mit den Armen zeigen, bevor die Klappe gehoben wird.',
  },
  'compose-with-cards': {
    name: 'Eine Zeit aus Karten legen',
    steps: [
      'Die Karten vorher ausschneiden: die Stunden auf einen Stapel, die Minuten auf einen anderen.',
      'Eine Zeit sagen. Reihum die Stundenkarte und die Minutenkarte dazulegen.',
      'Dann umgekehrt: je eine ziehen und die Zeit sagen, die sie ergeben.',
    ],
    say: 'Welche Karte sagt die Stunde?',
    lookFor: 'Auf der Vor-Seite wird die Stunde genommen, die kommt.',
    easier: 'Die Stunde liegt schon da.',
    harder: 'Die Uhr auf das stellen, was gezogen wurde.',
  },
  'choose-your-move': {
    name: 'Eine Bewegung wählen',
    steps: [
      'Eine Uhr wird gezeigt, dazu zwei oder drei Zeiten, jede mit einer eigenen Bewegung.',
      'Alle machen die Bewegung der Zeit, die sie für richtig halten.',
      'Dann wird der Grund gesagt, und alle machen gemeinsam die richtige.',
    ],
    say: 'Warum hast du sie gewählt?',
    lookFor: 'Wer wartet, was die anderen machen.',
    easier: 'Zwei Zeiten zur Wahl, ohne Zeitbegrenzung.',
    harder: 'Drei Zeiten, eine davon ganz in der Nähe.',
  },
}
