import type { WordsByActivity } from '../../types'

export const germanMoving: WordsByActivity = {
  'turn-like-the-hands': {
    name: 'Drehen wie die Zeiger',
    steps: [
      'Im Kreis stehen, die Gesichter zur Mitte. Der Erwachsene steht bei der 12.',
      'Ab der 12 im Kreis durchzählen, wie eine Uhr geht. Alle sagen ihre Zahl.',
      'Herumgehen, wie die Zeiger sich drehen, bei jedem Klatschen einen Platz. Bei „Stopp“ sagen alle, wo sie stehen.',
      'Jetzt geht ein Kind als Zeiger außen herum; die anderen sagen jede Zahl, an der es vorbeikommt.',
    ],
    say: 'Wer kommt nach der 12?',
    lookFor: 'Die Richtung stimmt, wo auch immer sie stehen.',
    easier: 'An den Händen fassen und gemeinsam herumgehen.',
    harder: 'Eine Zahl ausrufen; der Zeiger schleicht bis kurz nach ihr oder bis fast zu ihr.',
  },
  'balance-the-clock': {
    name: 'Balance-Uhr',
    steps: [
      'Eine Armlänge Platz rundum, eine Hand zum Halten für alle, die eine möchten.',
      'Auf einem Bein, der lange Arm nach oben: 12. Dann 3, ein Viertel herum; 6, halb herum; 9, drei Viertel.',
      'Bei jedem Ruf das Bein wechseln. Dazwischen Arme und Beine ausschütteln.',
    ],
    say: 'Wie weit ist der lange Arm herumgegangen?',
    lookFor: 'Der Arm geht, wie die Uhr geht, nicht den kürzeren Weg.',
    easier: 'Auf beiden Füßen oder im Sitzen.',
    harder: 'Durcheinander, auch halb.',
  },
  'hours-in-a-walk': {
    name: 'Durch die Stunden gehen',
    steps: [
      'Der lange Zeiger ruht auf der 12. Den kurzen von Zahl zu Zahl stellen.',
      'Bei jeder Zahl sagt die Gruppe gemeinsam die ganze Zeit.',
      'Dann durcheinander, mit zwei Fragen im Wechsel: „Wie spät ist es?“ und „Kannst du mir bitte sagen, wie spät es ist?“',
    ],
    say: 'Bei welcher Zahl ist der kurze Zeiger angekommen?',
    lookFor: 'Sie sagen „Uhr“ dazu.',
    easier: 'Nur der Reihe nach.',
    harder: 'Ein Kind stellt den Zeiger und fragt.',
    onRung: {
      'hour-hand': {
        steps: [
          'Nur ein Zeiger. Ihn von Zahl zu Zahl stellen.',
          'Bei jeder Zahl sagt die Gruppe „genau“ und die Stunde; zwischen zwei Zahlen die Stunde, die er verlassen hat.',
          'Dann durcheinander: „Wo ist der Zeiger?“',
        ],
        lookFor: 'Zwischen zwei Zahlen wird die Stunde genannt, die vorbei ist.',
      },
    },
  },
  'relay-of-hours': {
    name: 'Stundenstaffel',
    steps: [
      'Mannschaften hinter einer Linie, am anderen Ende für jede eine Uhr.',
      'Eine Zeit wird ausgerufen. Die Ersten gehen hin, stellen sie ein und stellen sich wieder hinten an.',
      'Alle prüfen gemeinsam. Es zählt, was stimmt, nicht wer zuerst da ist.',
    ],
    say: 'Was hast du zuerst gestellt?',
    lookFor: 'Beide Zeiger werden gestellt, auch der kurze.',
    easier: 'Zu zweit gehen.',
    harder: 'Jede Mannschaft stellt eine halbe Stunde später ein.',
  },
  'wear-your-time': {
    name: 'Deine Zeit anstecken',
    steps: [
      'Die Schilder vorher ausschneiden und jedem Kind eines anstecken; nichts um den Hals.',
      'Eine Zeit ausrufen; wer sie trägt, kommt nach vorn und sagt, woran es zu sehen war.',
      'Dann nach der Zeit aufstellen, von früh bis spät, ohne ein Wort.',
    ],
    say: 'Wer steht gerade vor dir?',
    lookFor: 'Sie lesen ihr Schild noch einmal und laufen nicht nur hinterher.',
    easier: 'Die Zeiten der Reihe nach ausrufen.',
    harder: 'Nach der Hälfte die Schilder tauschen.',
  },
  'jump-through-a-day': {
    name: 'Durch den Tag springen',
    steps: [
      'Eine Mitte und vier Viertel bezeichnen, mit fünf Dingen, an denen man sie erkennt.',
      'Einen Tag in acht Stunden erzählen. Bei jeder Stunde in ihr Viertel hinausspringen und zurück.',
      'Ihn noch einmal ohne die Plätze erzählen: Sie springen dorthin, wo es war.',
    ],
    say: 'Es ist neun Uhr abends. Wohin springen wir?',
    lookFor: 'Sie wissen, dass dasselbe Viertel an einem Tag zweimal kommt.',
    easier: 'Treten statt springen; nur vier Stunden.',
    harder: 'In eine andere Richtung schauen.',
  },
  'step-the-minutes': {
    name: 'Die Minuten abschreiten',
    steps: [
      'Eine Linie mit zwölf Schritten zeichnen, je fünf Minuten; ein Kreuz, wo eine neue Stunde beginnt.',
      'Ein Kind steht auf einer Zeit. Sagen, wie viel später es ist oder wie lange etwas dauert.',
      'Es geht, zählt laut in Fünferschritten und hält am Kreuz an, um die neue Stunde zu sagen.',
    ],
    say: 'Du bist bei der vollen Stunde. Wie viele Schritte noch?',
    lookFor: 'Der erste Schritt wird gezählt, wenn der Fuß aufsetzt.',
    easier: 'Ohne volle Stunde dazwischen.',
    harder: 'Rückwärts: Es ist zehn nach; wo warst du vor einer Viertelstunde?',
    onRung: {
      minute: {
        steps: [
          'Eine Linie mit zwölf Schritten zeichnen, je fünf Minuten.',
          'Eine Minutenzahl nennen. Ein Kind schreitet zum Fünfer davor, dann Fuß vor Fuß einzeln weiter.',
          'Die anderen sagen die ganze Zeit.',
        ],
        say: 'An welchem Fünfer bist du gerade vorbei?',
        lookFor: 'Der erste kleine Schritt zählt eins, nicht der Platz, auf dem man steht.',
        easier: 'Nur bis zur halben Stunde.',
      },
      rounding: {
        steps: [
          'Eine Linie mit zwölf Schritten zeichnen, je fünf Minuten.',
          'Eine Minutenzahl nennen. Ein Kind schreitet dorthin, wo sie zwischen zwei Zeichen liegt.',
          'Zu dem Zeichen springen, das näher ist, und seine Zahl sagen.',
        ],
        say: 'Welches Zeichen ist näher?',
        lookFor: 'Von 58 aus springen sie zur nächsten Stunde.',
        harder: 'Die ganze Zeit mit ihrer Stunde sagen, vorher und nachher.',
      },
    },
  },
  'freeze-at-the-hour': {
    name: 'Einfrieren',
    steps: [
      'Sich auf der Stelle bewegen, schnell oder langsam, wie gerufen wird.',
      'Bei „Einfrieren“ still stehen wie eine Uhr.',
      'Wasser trinken.',
    ],
    say: 'Tick, tick, tick … einfrieren.',
    lookFor: 'Der Atem ist ruhig, bevor sie sich setzen.',
    easier: 'Im Sitzen: Nur die Arme bewegen sich.',
    harder: 'Als Zeiger einer Zeit einfrieren, die gerufen wird.',
  },
  'laps-for-the-hour': {
    name: 'Runden',
    steps: [
      'Zwei Dinge auseinanderstellen. Eine Stunde wird gerufen: so viele Runden zwischen ihnen.',
      'Nach jedem Lauf gehen, wie gerufen wird.',
      'Wasser trinken.',
    ],
    say: 'Vier Uhr: vier Runden.',
    lookFor: 'Niemand rennt um die Wette; wer fertig ist, klatscht für die anderen.',
    easier: 'Gehen, oder nur halb so weit.',
    harder: 'Ein Kind zieht die Zahl.',
  },
}
