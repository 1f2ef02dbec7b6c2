import type { WordsByActivity } from '../../types'

export const germanKeepsakes: WordsByActivity = {
  'clock-book-page': {
    name: 'Eine Seite für mein Uhrenbuch',
    steps: [
      'Die Seiten auseinanderschneiden. Jedes Kind schreibt das Datum auf eine.',
      'Die Uhr links lesen und auf der daneben die Zeiger zeichnen.',
      'Malen, was du zu dieser Zeit machst, und einem anderen Kind davon erzählen.',
    ],
    say: 'Was machst du zu der Zeit, die du gezeichnet hast?',
    lookFor: 'Der kurze Zeiger ist gezeichnet, wo die Minuten ihn brauchen.',
    easier: 'Die Zeit zuerst auf einer echten Uhr zeigen, dann zeichnen.',
    harder: 'Unter das Bild schreiben, wie lange es dauert.',
  },
  'strip-that-grows': {
    name: 'Ein Streifen, der wächst',
    steps: [
      'Jedes Kind schneidet die Reihen aus, klebt sie aneinander und faltet die Wörter nach hinten.',
      'Einem anderen Kind eine Uhr des Streifens vorlesen, dann hochkippen und nachsehen.',
      'Den Streifen in Augenhöhe der Kinder aufhängen. Der nächste Schritt wird angeklebt, wenn er kommt.',
    ],
    say: 'Welche deiner Uhren war die schwerste?',
    lookFor: 'Sie lesen zuerst und schauen danach nach.',
    easier: 'Zwei Uhren lesen, dann bei beiden nachsehen.',
    harder: 'Den Streifen von rechts nach links lesen, so schnell es ohne Fehler geht.',
  },
  'read-for-the-certificate': {
    name: 'Vorlesen für die Urkunde',
    steps: [
      'Jedes Kind liest die Uhren der Urkunde jemandem vor, der sie noch nicht gehört hat.',
      'Wer zugehört hat, schreibt seinen Namen auf die Linie.',
      'Die 60 Minuten rund um die Seite ausmalen, immer fünf auf einmal.',
    ],
    say: 'Woher wusstest du, welche Stunde es ist?',
    lookFor: 'Jede Uhr wird ohne Hilfe gelesen. Wenn nicht, das Blatt aufheben und weiterspielen.',
    easier: 'Zwei der Uhren aussuchen.',
    harder: 'Jede Zeit auch anders sagen.',
  },
}
