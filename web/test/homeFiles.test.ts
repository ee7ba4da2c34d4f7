import { readHomeFile } from '../src/features/homes/files/readHomeFile.ts';

const read = (text: string) => readHomeFile(new File([text], 'home'));
const head = 'room,name,material,level,area,touched,food\n';

test('a list of surfaces becomes rooms; what a cell leaves out is guessed from the name', async () => {
  const brought = await read(
    `${head}Bath,Basin,porcelain,hand,0.4,often,no\nBath,"Mirror, round",,,,,\nKitchen,Worktop,Marble,Hand,1.5,often,yes\n`,
  );
  expect(brought).toMatchObject({
    ok: true,
    rooms: [
      {
        name: 'Bath',
        surfaces: [
          { name: 'Basin' },
          { name: 'Mirror, round', material: 'mirror', level: 'mirror' },
        ],
      },
      { name: 'Kitchen', surfaces: [{ material: 'marble', food: true, area: 1.5 }] },
    ],
  });
});

test('each broken line is named with what was found and what is allowed, and nothing is taken', async () => {
  const brought = await read(
    `${head}Bath,Basin,gingerbread,hand,0.4,often,no\nBath,Tap,chrome-plate,ceiling,0.1,often,no\n,,,,,,\nBath,Tray,,,-3,,\nBath,Rail,,,,always,\n`,
  );
  expect(brought.ok).toBe(false);
  expect((brought as { problems: string[] }).problems).toEqual([
    expect.stringMatching(/^Line 2: found material “gingerbread”/),
    expect.stringMatching(/^Line 3: found level “ceiling”. Above head, Eye/),
    expect.stringMatching(/^Line 4: found “,,,,,,”. A room and a name/),
    expect.stringMatching(/^Line 5: area: At least 0.01\./),
    expect.stringMatching(/^Line 6: found touched “always”/),
  ]);
});

test.each([
  ['x,y\n1,2\n', /columns room and name/],
  ['', /columns room and name/],
  [head, /no surface/],
  ['{"format":"other"}', /format/],
  ['{broken', /is not/],
  ['room,name\n"unclosed,x\n', /Line 2|cannot be read/],
])('%j says what was expected', async (text, expected) => {
  const brought = await read(text);
  expect(brought.ok).toBe(false);
  expect((brought as { problems: string[] }).problems.join(' ')).toMatch(expected);
});

test('a home comes whole', async () => {
  const home = {
    format: 'zymostat.home/1',
    name: 'Hedda',
    place: 'Row 7',
    situations: ['cat'],
    clientKeeps: ['cistern-tablet'],
    rooms: [
      { name: 'Bath', floorArea: 4, height: 2.4, ventilation: 'window', flame: 'no', surfaces: [] },
    ],
  };
  expect(await read(JSON.stringify(home))).toMatchObject({ ok: true, rooms: [{ name: 'Bath' }] });
  expect(
    await read(JSON.stringify({ ...home, rooms: [{ ...home.rooms[0], floorArea: 0 }] })),
  ).toMatchObject({ ok: false, problems: [expect.stringContaining('floorArea')] });
});
