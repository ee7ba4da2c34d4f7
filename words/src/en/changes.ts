/** What somebody else has changed meanwhile. */
export const changed = {
  added: '{by} added {subject} at {time}.',
  removed: '{by} took {subject} out at {time}.',
  setting: '{by} changed what is set for {subject} at {time}.',
  whole: '{by} changed {subject} at {time}.',
  fields: '{by} changed {fields} of {subject} at {time}.',
} as const;

/** What a field of a home, room or surface is called in the middle of a sentence. */
export const field = {
  drying: 'how fast it dries',
  name: 'the name',
  place: 'the place',
  situations: 'who lives there',
  wayIn: 'how somebody gets in',
  photos: 'which photos there are',
  archived: 'whether it is archived',
  clientKeeps: 'what the client keeps',
  floorArea: 'the floor area',
  height: 'the height',
  ventilation: 'the ventilation',
  flame: 'the flame',
  material: 'the material',
  level: 'the level',
  area: 'the area',
  touched: 'how often it is touched',
  food: 'whether food touches it',
  thing: 'what thing it is',
  soil: 'what is on it',
} as const;

/** What a field of a surface is called where it stands by itself. */
export const fieldHead = {
  name: 'name',
  material: 'material',
  level: 'level',
  area: 'area',
  touched: 'touched',
  food: 'food',
  thing: 'thing',
  soil: 'soil',
} as const;

/** What a field of a surface is called where it is asked for. */
export const fieldLabel = {
  name: 'Name',
  material: 'Material',
  level: 'Where it comes in the room',
  area: 'Area, m²',
  touched: 'Touched',
  food: 'Food touches it',
  thing: 'What it is',
  soil: 'What is on it',
} as const;
