/** Qué cambió otra persona mientras tanto. */
export const changed = {
  added: '{by} agregó {subject} a las {time}.',
  removed: '{by} quitó {subject} a las {time}.',
  setting: '{by} cambió lo que está puesto para {subject} a las {time}.',
  whole: '{by} cambió {subject} a las {time}.',
  fields: '{by} cambió {fields} de {subject} a las {time}.',
};

/** Cómo se llama un campo de una casa, un cuarto o una superficie en medio de una frase. */
export const field = {
  drying: 'qué tan rápido seca',
  name: 'el nombre',
  place: 'el lugar',
  situations: 'quién vive ahí',
  wayIn: 'cómo se entra',
  photos: 'qué fotos hay',
  archived: 'si está archivada',
  clientKeeps: 'lo que tiene el cliente',
  floorArea: 'el área del piso',
  height: 'la altura',
  ventilation: 'la ventilación',
  flame: 'la llama',
  material: 'el material',
  level: 'la altura en el cuarto',
  area: 'el área',
  touched: 'cuánto se toca',
  food: 'si toca alimentos',
  thing: 'qué cosa es',
  soil: 'qué tiene encima',
};

/** Cómo se llama un campo de una superficie cuando está solo. */
export const fieldHead = {
  name: 'nombre',
  material: 'material',
  level: 'altura',
  area: 'área',
  touched: 'cuánto se toca',
  food: 'comida',
  thing: 'cosa',
  soil: 'suciedad',
};

/** What a field of a surface is called where it is asked for. */
export const fieldLabel = {
  name: 'Nombre',
  material: 'Material',
  level: 'Dónde está en el cuarto',
  area: 'Área, m²',
  touched: 'Se toca',
  food: 'Toca alimentos',
  thing: 'Qué es',
  soil: 'Qué tiene encima',
};
