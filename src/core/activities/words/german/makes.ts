import type { WordsByActivity } from '../../types'

export const germanMakes: WordsByActivity = {
  'wear-a-clock': {
    name: 'Eine Uhr tragen',
    steps: [
      'Jedes Handgelenk mit einem Papierstreifen messen; Löcher und Schlitze vorher machen.',
      'Jedes Kind schneidet Band und Zeiger aus, befestigt sie und legt die Uhr an.',
      'Eine Zeit der Liste sagen. Alle stellen sie ein und haken sie ab, wenn ein Nachbarkind zustimmt.',
    ],
    say: 'Welchen Zeiger stellst du zuerst?',
    lookFor: 'Der kurze Zeiger steht, wo die Zeit ihn braucht, nicht nur auf einer Zahl.',
    easier: 'Zuerst nur der kurze Zeiger.',
    harder: 'Einstellen, wann das Nächste beginnt.',
  },
  'stand-a-clock': {
    name: 'Eine Uhr auf dem Tisch',
    steps: [
      'Die Löcher vorher machen. Jedes Kind schneidet, befestigt die Zeiger, faltet und klebt den Steg ein.',
      'Die Uhren so aufstellen, dass ein anderes Kind sie sieht.',
      'Einer liest eine Zeit der Liste vor, der andere stellt sie ein; abhaken und wechseln.',
    ],
    say: 'Zeig sie so, dass das andere Kind sie lesen kann.',
    lookFor: 'Das andere Kind liest die Zeit, ohne dass sie gesagt wird.',
    easier: 'Gemeinsam einstellen, jeder einen Zeiger.',
    harder: 'Eine Zeit einstellen, die eine Viertelstunde später ist.',
  },
  'ring-round-a-clock': {
    name: 'Ein Fünferring',
    steps: [
      'Den Ring ausschneiden und um die Uhr legen, die 60 an die 12.',
      'Auf den langen Zeiger zeigen und in Fünfern bis zu ihm zählen: auf einer Seite nach, auf der anderen vor.',
      'Den Ring wegnehmen und noch einmal zählen.',
    ],
    say: 'Wie viele sind es ohne den Ring?',
    lookFor: 'Sie zählen von 15 oder 30 weiter und nicht jedes Mal von 5.',
    easier: 'Nur die Nach-Seite.',
    harder: 'Den Ring drehen: die 60 an den Anfang, und zählen, wie lange es dauert.',
  },
  'slide-to-the-minutes': {
    name: 'Zu den Minuten schieben',
    steps: [
      'Streifen, Schieber und Karten vorher ausschneiden und den Streifen einfädeln.',
      'Eine Uhr aufdecken. Den Schieber dorthin schieben, wo ihr langer Zeiger ist.',
      'Sagen, wie viele Minuten nach und wie viele vor. Auf der Kontrollkarte nachsehen.',
    ],
    say: 'Wie viele sind vorbei? Wie viele fehlen noch?',
    lookFor: 'Nach und vor sind zusammen sechzig.',
    easier: 'Nur Uhren mit dem langen Zeiger auf der Nach-Seite.',
    harder: 'Die Minuten sagen, bevor geschoben wird.',
  },
  'turn-the-window': {
    name: 'Die Uhr im Fenster',
    steps: [
      'Das Rad vorher basteln, wie seine Bilder zeigen.',
      'Reihum drehen, bis eine Uhr im Fenster ist, und ihre Zeit sagen.',
      'Die Klappe heben und nachsehen. Die Zeit mit den Armen zeigen.',
    ],
    say: 'Sag sie, bevor du die Klappe hebst.',
    lookFor: 'Sie lesen beide Zeiger und warten nicht auf die Klappe.',
    easier: 'Zuerst die Klappe heben und herausfinden, warum.',
    harder: 'Sagen, was die Uhr eine halbe Stunde später zeigt.',
  },
  'spin-two-tops': {
    name: 'Zwei Kreisel drehen',
    steps: [
      'Beide Kreisel vorher ausschneiden und durch jeden einen kurzen Stift stecken.',
      'Reihum beide drehen. Die Zeit der Uhr sagen und die Zeit in Wörtern.',
      'Sind sie gleich? Ein Plättchen nehmen. Wer zuerst drei hat, gewinnt.',
    ],
    say: 'Welche von beiden ist später?',
    lookFor: 'Sie sagen beide Zeiten, bevor sie vergleichen.',
    easier: 'Nur den Kreisel mit den Uhren drehen.',
    harder: 'Sagen, wie lange es von der einen Zeit zur anderen ist.',
  },
  'two-flicks': {
    name: 'Zweimal schnippen, eine Zeit',
    steps: [
      'Einen Stift senkrecht auf die Mitte halten, eine Büroklammer um seine Spitze.',
      'Für die Stunde anschnippen und noch einmal für die Minuten.',
      'Die Zeit auf einer Uhr einstellen und sagen. Das nächste Kind prüft sie.',
    ],
    say: 'Wo ist der kurze Zeiger, wenn so viele Minuten vorbei sind?',
    lookFor: 'Der kurze Zeiger wandert mit den Minuten weiter.',
    easier: 'Den kurzen Zeiger stellt ein anderes Kind.',
    harder: 'Sie noch auf eine andere Art sagen.',
  },
  'piece-a-clock': {
    name: 'Eine Uhr in Teilen',
    steps: [
      'Teile, Zeiger und Karten vorher ausschneiden.',
      'Die Uhr wieder zusammensetzen.',
      'Reihum eine Karte aufdecken und die Zeiger so legen, dass die Uhr ihre Zeit zeigt.',
    ],
    say: 'Welche Zahl ist neben diesem Teil?',
    lookFor: 'Die Zahlen werden an ihrem Platz erkannt: 12 oben, 6 unten, 3 und 9 an den Seiten.',
    easier: 'Mit den Teilen von 12, 3, 6 und 9 beginnen.',
    harder: 'Sie mit dem Druck nach unten zusammensetzen.',
  },
}
