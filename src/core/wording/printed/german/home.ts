import type { HomePhrases } from '../home'

export const germanHome: HomePhrases = {
  'Telling the time: {0}': 'Die Uhr lesen: {0}',
  'This is what {0} can do now:': 'Das kann {0} jetzt:',
  'This is what comes next:': 'Das kommt als Nächstes:',
  '{0} has begun to look at clocks. Everything is still to come.':
    '{0} hat angefangen, Uhren anzuschauen. Alles Weitere kommt noch.',
  'Something to play together': 'Etwas zum Spielen',
  'The pages for it are with this note.': 'Die Seiten dafür liegen bei.',
  'A few minutes are enough. Stop while it is still fun.':
    'Ein paar Minuten genügen. Aufhören, solange es noch Spaß macht.',
  'note home': 'Brief nach Hause',
  'name the parts of a clock, and show which way the hands turn':
    'die Teile einer Uhr benennen und zeigen, wie herum sich die Zeiger drehen',
  'say where the short hand is: at an hour, just after it, halfway or nearly at the next':
    'sagen, wo der kurze Zeiger ist: genau bei einer Stunde, kurz danach, in der Mitte oder fast bei der nächsten',
  'read and set whole hours, such as three o’clock': 'volle Stunden lesen und einstellen, zum Beispiel drei Uhr',
  'read and set half past': 'halbe Stunden lesen und einstellen',
  'count the minutes round the clock in fives': 'die Minuten rund um die Uhr in Fünferschritten zählen',
  'read and set the quarters of an hour': 'Viertelstunden lesen und einstellen',
  'read minutes past the hour, in fives': 'Minuten nach der vollen Stunde lesen, in Fünferschritten',
  'read minutes to the next hour, in fives': 'Minuten vor der nächsten Stunde lesen, in Fünferschritten',
  'read the clock to the very minute': 'die Uhr auf die Minute genau lesen',
  'write the time in figures, and match it to a clock': 'die Zeit in Ziffern schreiben und einer Uhr zuordnen',
  'tell morning from afternoon and evening by the clock': 'Vormittag, Nachmittag und Abend auf der Uhr unterscheiden',
  'say the hours of the afternoon on a day of 24 hours': 'die Stunden des Nachmittags mit 24 Stunden sagen',
  'round a time to the nearest five minutes': 'eine Zeit auf volle fünf Minuten runden',
  'say what time it will be some minutes later, or was some minutes before':
    'sagen, wie spät es einige Minuten später ist oder vorher war',
  'say how long something lasts, from its beginning to its end':
    'sagen, wie lange etwas dauert, vom Anfang bis zum Ende',
  'say when to start so as to be ready in time': 'sagen, wann man anfangen muss, um rechtzeitig fertig zu sein',
  'read a plan of the day and show its times on a clock': 'einen Tagesplan lesen und seine Zeiten auf einer Uhr zeigen',
}
