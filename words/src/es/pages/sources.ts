export const sources = {
  whatYouComparedAndWhat: 'Qué comparó usted, y qué dice',
  theEditionAndThePage:
    'La edición y la página, y si dice lo mismo. Queda registrado con su nombre.',
  writeItDown: 'Anotarlo',
  comparedByOn: 'Comparada por {by} el {at}.',
  enteredFromMemoryAndNot: 'Escrita de memoria, y todavía no comparada con la página.',
  everyFigureFromMemoryWas:
    'Cada cifra de memoria se escribió del lado prudente. Anotar lo que encontró no cambia ninguna cifra.',
  takenFromIt: 'Lo que se tomó de ella',
  whoHasComparedIt: 'Quién la comparó',
  ifAPageSaysSomething:
    'Si una página dice otra cosa, use lo más prudente de los dos, avise a quien mantiene esta aplicación y anótelo aquí.',
  publications: 'Publicaciones',
  companyWhatOurFiguresRest: '<b>Empresa</b> · en qué se apoyan nuestras cifras',
  sources: 'Fuentes',
  fromMemory: 'de memoria',
  whatIsMarkedCommonPractice:
    'Lo que dice “common practice, no source” es una regla del oficio: no hay página con qué compararla.',
  restOnMemory:
    '{count, plural, one {<b># publicación</b> se apoya} other {<b># publicaciones</b> se apoyan}} en la memoria, sin comparar todavía con la página.',
  compared: 'comparada',
};
