import { importHomes } from '@zymostat/contract';
import { levels, materialIds } from '@zymostat/core';
import fc from 'fast-check';
import * as v from 'valibot';
import type { HomesRead } from '../src/features/lists/readHomes.ts';
import type { PeopleRead } from '../src/features/lists/readPeople.ts';
import { readList } from '../src/features/lists/readList.ts';

const here = { homes: [{ name: 'Ottilie', place: 'Quay 3' }], people: ['Maren', 'Tobias'] };
const homes = (text: string) => readList(text, here) as HomesRead;
const people = (text: string) => readList(text, here) as PeopleRead;
const wrongOf = ({ wrong }: HomesRead | PeopleRead) =>
  wrong.map(({ line, what }) => `${line}: ${what}`);

const head =
  'home,place,lives,address,door,contact,notes,room,floorArea,height,ventilation,flame,name,material,level,area,touched,food\n';

describe('homes', () => {
  test('lines become homes, rooms and surfaces; what is said once holds for all', () => {
    const read = homes(
      `${head}Hedda,Row 7,cat + infant,"12 Row, 2nd",Key 14,,,Bath,4.2,2.4,window,no,Basin,porcelain,hand,0.4,often,no
Hedda,,,,,,,Bath,,,,,Mirror,,,,,
Hedda,Row 7,,,,,,Kitchen,9,2.5,fan,hob,Worktop,Marble,Hand,1.5,often,yes
Ivo,Mill 2,,,,,,,,,,,,,,,,
`,
    );
    expect(wrongOf(read)).toEqual([]);
    expect(read.homes).toMatchObject([
      {
        name: 'Hedda',
        place: 'Row 7',
        situations: ['cat', 'infant'],
        wayIn: { address: '12 Row, 2nd', door: 'Key 14', contact: null },
        rooms: [
          { name: 'Bath', floorArea: 4.2, flame: 'no', surfaces: [{}, { material: 'mirror' }] },
          { name: 'Kitchen', ventilation: 'fan', surfaces: [{ material: 'marble', food: true }] },
        ],
      },
      { name: 'Ivo', rooms: [] },
    ]);
    expect(v.safeParse(importHomes, { homes: read.homes }).success).toBe(true);
  });

  test('what a line leaves out is marked as a guess; a flame nobody asked for is unknown', () => {
    const read = homes('home,place,room,name\nHedda,Row 7,Bath,Mirror\n');
    expect(read.homes[0]!.rooms[0]).toMatchObject({ flame: 'unknown' });
    const guessed = read.lines[0]!.cells().map((cell) => cell.guessed);
    expect(guessed).toEqual([false, true, false, true, true, true, true, true, true, true]);
  });

  test.each<[string, RegExp]>([
    [',Row 7,Bath,Basin', /^2: found no home/],
    ['Hedda,,Bath,Basin', /^2: found no place for “Hedda”/],
    ['Hedda,Row 7,,Basin', /^2: found surface “Basin” without a room/],
    ['Ottilie,quay  3,Bath,Basin', /^2: “Ottilie, quay {2}3” is there already/],
  ])('%s is refused with why', (line, why) => {
    expect(wrongOf(homes(`home,place,room,name\n${line}\n`))).toEqual([expect.stringMatching(why)]);
  });

  test('every broken line is named with what is allowed, whatever is broken in it', () => {
    const read = homes(
      `${head}Hedda,Row 7,,,,,,Bath,4,2.4,window,no,Basin,gingerbread,ceiling,much,always,perhaps
Hedda,Row 7,,,,,,Bath,5,,,,Tap,,,,,
Ivo,Mill 2,unicorn,,,,,,,,,,,,,,,
Jo,Mill 3,,,,,,Bath,4,2.4,draught,,,,,,,
Kim,Mill 4,,,,,,Bath,0,,,,,,,,,
`,
    );
    expect(wrongOf(read)).toEqual([
      expect.stringMatching(/^2: found material “gingerbread”/),
      expect.stringMatching(/^2: found level “ceiling”. Above head/),
      expect.stringMatching(/^2: found area “much”, which is no number/),
      expect.stringMatching(/^2: found touched “always”/),
      expect.stringMatching(/^2: found food “perhaps”. yes, no are allowed/),
      expect.stringMatching(/^3: found floor area “5” for Bath, which had “4” before/),
      expect.stringMatching(/^4: found “unicorn” for who lives there/),
      expect.stringMatching(/^5: found ventilation “draught”. .*window/),
      expect.stringMatching(/^6: .*floorArea/),
    ]);
  });

  test('a list as half of the world’s spreadsheets write it is read alike', () => {
    const comma = homes('home,place,room,name,area\nHedda,Row 7,Bath,Basin,0.4\n');
    const semicolon = homes('home;place;room;name;area\nHedda;Row 7;Bath;Basin;0,4\n');
    expect(semicolon.homes).toEqual(comma.homes);
  });

  test('five thousand lines are read soon', () => {
    const lines = Array.from(
      { length: 5000 },
      (_, i) => `Home ${i % 200},Row 7,,,,,,Room ${i % 7},,,,,Worktop ${i},,,,,`,
    );
    const text = head + lines.join('\n');
    // A second where nothing else runs (half of it here); beside other tests four times that.
    const timed = [1, 2, 3].map(() => {
      const began = performance.now();
      const read = homes(text);
      read.lines.slice(0, 200).forEach(({ cells }) => cells());
      return { read, took: performance.now() - began };
    });
    expect(Math.min(...timed.map(({ took }) => took))).toBeLessThan(4000);
    const [{ read }] = timed as [(typeof timed)[number]];
    expect(read.wrong).toEqual([]);
    expect(read.homes.flatMap((home) => home.rooms.flatMap((room) => room.surfaces))).toHaveLength(
      5000,
    );
  });

  test('property: a list of any surfaces comes in as it was written, each line once', () => {
    const word = fc.stringMatching(/^[a-z]{1,8}$/);
    const row = fc.record({
      room: fc.constantFrom('Bath', 'Kitchen', 'Hall'),
      name: word,
      material: fc.constantFrom(...materialIds),
      level: fc.constantFrom(...levels),
      area: fc.integer({ min: 1, max: 900 }).map((n) => n / 100),
    });
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 30 }), (rows) => {
        const text = rows
          .map(
            (one) => `Hedda,Row 7,${one.room},${one.name},${one.material},${one.level},${one.area}`,
          )
          .join('\n');
        const read = homes(`home,place,room,name,material,level,area\n${text}\n`);
        expect(wrongOf(read)).toEqual([]);
        expect(read.lines).toHaveLength(rows.length);
        const came = read.homes[0]!.rooms.flatMap((room) =>
          room.surfaces.map((one) => ({ room: room.name, ...one })),
        );
        for (const room of ['Bath', 'Kitchen', 'Hall'])
          expect(came.filter((one) => one.room === room)).toMatchObject(
            rows.filter((one) => one.room === room),
          );
      }),
      { numRuns: 100 },
    );
  });
});

describe('people', () => {
  test('who has no role may least, and who has no language chooses', () => {
    const read = people('name,role,language\nNele,supervisor,es\nIvo,,\nJo,Cleaner,English\n');
    expect(wrongOf(read)).toEqual([]);
    expect(read.people).toMatchObject([
      { name: 'Nele', role: 'supervisor', language: 'es' },
      { name: 'Ivo', role: 'cleaner', language: null },
      { name: 'Jo', role: 'cleaner', language: 'en' },
    ]);
    expect(read.lines[1]!.cells()[1]).toEqual({ text: 'cleaner', guessed: true });
  });

  test('who is here, who stands twice, who is nobody and what is no role is named', () => {
    const read = people('name,role\nMAREN,\nNele,\nnele,\n,\nIvo,boss\n');
    expect(wrongOf(read)).toEqual([
      '2: “MAREN” is there already.',
      '4: “nele” is in line 3 already.',
      '5: found no name.',
      '6: found role “boss”. supervisor, cleaner are allowed.',
    ]);
  });
});

test('a table of neither is said to be neither', () => {
  expect(readList('x,y\n1,2\n', here)).toMatchObject({
    problem: expect.stringMatching(/home.*name/),
  });
});
