export const sources = {
  whatYouComparedAndWhat: 'What you compared, and what it says',
  theEditionAndThePage:
    'The edition and the page, and whether it says the same. It stays on record with your name.',
  writeItDown: 'Write it down',
  comparedByOn: 'Compared by {by} on {at}.',
  enteredFromMemoryAndNot: 'Entered from memory, and not yet compared with the page.',
  everyFigureFromMemoryWas:
    'Every figure from memory was entered on the careful side. Writing down what you found changes no figure.',
  takenFromIt: 'Taken from it',
  whoHasComparedIt: 'Who has compared it',
  ifAPageSaysSomething:
    'If a page says something else, use the more careful of the two, tell whoever keeps this application, and write it down here.',
  publications: 'Publications',
  companyWhatOurFiguresRest: '<b>Company</b> · what our figures rest on',
  sources: 'Sources',
  fromMemory: 'from memory',
  whatIsMarkedCommonPractice:
    'What is marked “common practice, no source” is a rule of the trade: there is no page to compare it with.',
  restOnMemory:
    '{count, plural, one {<b># publication</b> rests} other {<b># publications</b> rest}} on memory, not yet compared with the page.',
  compared: 'compared',
} as const;
