import type {
  Active,
  Against,
  Claim,
  CompanyRule,
  Flame,
  Group,
  Level,
  MaterialId,
  ProductId,
  Route,
  Situation,
  Touched,
  Ventilation,
  Soil,
} from '@zymostat/core';

/** Everybody and everything here is invented. */
export const company = {
  name: 'Quillet Home Care',
  emergencyNumber: '555-0100',
  poisonLine: '555-0150',
  currency: 'USD',
  zone: 'America/New_York',
  units: 'us' as const,
};

export const password = 'wet-ten-minutes';
export const people = [
  { name: 'Maren', login: 'maren', role: 'supervisor' },
  { name: 'Tobias', login: 'tobias', role: 'cleaner' },
  { name: 'Anneke', login: 'anneke', role: 'cleaner' },
  { name: 'Ruben', login: 'ruben', role: 'cleaner' },
] as const;

/** Litres, and days from today until it expires. */
export const stocks: {
  code: string;
  name: string;
  active: Active;
  strength: number;
  litres: number;
  days: number;
  pricePerLitre: number;
}[] = [
  {
    code: 'S-0101',
    name: 'Peroxide 3 %',
    active: 'hydrogen peroxide',
    strength: 0.03,
    litres: 25,
    days: 210,
    pricePerLitre: 3.2,
  },
  {
    code: 'S-0102',
    name: 'Peroxide 6 %',
    active: 'hydrogen peroxide',
    strength: 0.06,
    litres: 1,
    days: 90,
    pricePerLitre: 7.5,
  },
  {
    code: 'S-0103',
    name: '2-propanol 99 %',
    active: '2-propanol',
    strength: 0.99,
    litres: 10,
    days: 400,
    pricePerLitre: 9.4,
  },
  {
    code: 'S-0104',
    name: '2-propanol 70 %',
    active: '2-propanol',
    strength: 0.7,
    litres: 1,
    days: 300,
    pricePerLitre: 7.8,
  },
  {
    code: 'S-0105',
    name: 'Ethanol 95 %',
    active: 'ethanol',
    strength: 0.95,
    litres: 1,
    days: 320,
    pricePerLitre: 12.5,
  },
  {
    code: 'S-0106',
    name: 'Vinegar 5 %',
    active: 'acetic acid',
    strength: 0.05,
    litres: 25,
    days: 700,
    pricePerLitre: 1.1,
  },
];

/** A registered product that does not exist; its label is as a supervisor would enter one. */
export const product = {
  name: 'Quat spray, ready to use',
  litres: 4,
  days: 260,
  pricePerLitre: 14.5,
  label: {
    groups: ['quat'] as Group[],
    uses: [
      {
        goal: 'disinfect' as const,
        against: ['everyday', 'respiratory'] as Against[],
        seconds: 240,
      },
      { goal: 'disinfect' as const, against: ['norovirus'] as Against[], seconds: 600 },
      { goal: 'sanitise' as const, against: ['everyday'] as Against[], seconds: 60 },
    ],
    notOn: [
      'marble',
      'limestone',
      'granite-sealed',
      'brass',
      'copper',
      'leather',
      'upholstery',
    ] as MaterialId[],
  },
};

/** Bottles of the depot. */
export const bottles = [
  ...Array.from({ length: 4 }, () => ({ material: 'HDPE', opaque: true, litres: 0.5 }) as const),
  ...Array.from({ length: 2 }, () => ({ material: 'glass', opaque: false, litres: 0.5 }) as const),
  { material: 'PET', opaque: false, litres: 0.75 } as const,
];

/** The company's own book of recipes, good and bad: each shows another finding. */
export const recipes: { name: string; claim: Claim; text: string }[] = [
  {
    name: 'Depot alcohol spray',
    claim: 'disinfect',
    text: '364 ml rubbing alcohol 99 %\n148 ml water',
  },
  {
    name: 'Caddy 2, the orange one',
    claim: 'disinfect',
    text: '1 1/4 cups rubbing alcohol 70 %\n2 cups water\n2 tsp dish soap\n12 drops orange oil',
  },
  {
    name: 'Three-quarter bottle',
    claim: 'disinfect',
    text: '500 ml bottle\nfill to 3/4 with rubbing alcohol 91 %\ntop up with water',
  },
  {
    name: 'Peroxide, half and half',
    claim: 'disinfect',
    text: '1 cup hydrogen peroxide 3 %\n1 cup distilled water',
  },
  {
    name: 'Peroxide in a bucket',
    claim: 'disinfect',
    text: '1 cup hydrogen peroxide 3 %\n1 gallon warm water',
  },
  {
    name: 'Vinegar and peroxide spray',
    claim: 'disinfect',
    text: '1/2 cup white vinegar\n1/2 cup hydrogen peroxide 3 %',
  },
  {
    name: 'Fizzing drain bottle',
    claim: 'clean',
    text: '250 ml vinegar 5 %\n250 ml water\n30 g baking soda',
  },
  {
    name: 'Curdled soap spray',
    claim: 'clean',
    text: '120 ml vinegar 5 %\n240 ml water\n15 ml castile soap',
  },
  { name: 'Kettle descaler', claim: 'descale', text: '2 tbsp citric acid\n1 l water' },
  {
    name: 'Tea tree mist',
    claim: 'disinfect',
    text: '500 ml water\n20-30 drops tea tree oil\n1 tsp polysorbate 20',
  },
  {
    name: 'Vodka window spray',
    claim: 'clean',
    text: '1 part vodka 80 proof\n1 part water\n500 ml bottle',
  },
  {
    name: 'Both alcohols',
    claim: 'disinfect',
    text: '200 ml ethanol 95 %\n200 ml rubbing alcohol 91 %\n100 ml water',
  },
  {
    name: 'Borax and vinegar scrub',
    claim: 'clean',
    text: '2 tbsp borax\n1 cup vinegar\n1 cup hot water',
  },
  {
    name: 'Floor soap by weight',
    claim: 'clean',
    text: '93 % water\n5 % castile soap\n2 % washing soda\nmakes 500 g',
  },
  {
    name: 'Silver water',
    claim: 'disinfect',
    text: '1 cup distilled water\n2 tbsp colloidal silver\n2 tbsp lemon juice',
  },
  {
    name: 'Bleach, for clients who ask',
    claim: 'disinfect',
    text: '4 tsp bleach 5.25 %\n1 qt water',
  },
];

/** What a surface is set to: washed, or a stock and strength to disinfect or clean with. */
export const settings = {
  wash: null,
  peroxide: { goal: 'disinfect', against: 'everyday', code: 'S-0101', strength: 0.03 },
  'peroxide, illness': {
    goal: 'disinfect',
    against: 'respiratory',
    code: 'S-0101',
    strength: 0.03,
  },
  'peroxide 1.5': { goal: 'disinfect', against: 'respiratory', code: 'S-0101', strength: 0.015 },
  alcohol: { goal: 'disinfect', against: 'everyday', code: 'S-0103', strength: 0.7 },
  descale: { goal: 'clean', against: 'everyday', code: 'S-0106', strength: 0.05 },
} as const;

interface DemoSurface {
  name: string;
  material: MaterialId;
  level: Level;
  area: number;
  touched: Touched;
  food: boolean;
  set: keyof typeof settings;
  accepted?: string;
  lifts?: boolean;
  soil?: Soil;
}
interface DemoRoom {
  name: string;
  floorArea: number;
  height: number;
  ventilation: Ventilation;
  flame: Flame;
  surfaces: DemoSurface[];
}
interface DemoHome {
  name: string;
  place: string;
  situations: Situation[];
  clientKeeps?: ProductId[];
  rooms: DemoRoom[];
}

/** A surface as it is written below. */
type Columns = [
  name: string,
  material: MaterialId,
  level: Level,
  area: number,
  touched: Touched,
  set?: keyof typeof settings,
  more?: { food?: true; accepted?: string; lifts?: true; soil?: Soil },
];
const surface = (
  ...[name, material, level, area, touched, set = 'wash', more = {}]: Columns
): DemoSurface => ({
  name,
  material,
  level,
  area,
  touched,
  set,
  food: more.food ?? false,
  accepted: more.accepted,
  lifts: more.lifts ?? false,
  ...(more.soil ? { soil: more.soil } : {}),
});
const food = { food: true } as const;
const marbleTested = {
  accepted: 'Hidden edge behind the bread bin tested in March: no change.',
  food: true,
} as const;

export const homes: DemoHome[] = [
  {
    name: 'Hedda',
    place: 'Fennel Row 7',
    situations: ['cat'],
    rooms: [
      {
        name: 'Bathroom',
        floorArea: 4.2,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Shower tiles', 'glazed-ceramic', 'eye', 1.8, 'daily', 'peroxide'),
          surface('Shower screen', 'glass', 'eye', 1.8, 'daily', 'descale'),
          surface('Basin', 'porcelain', 'hand', 0.4, 'often', 'peroxide'),
          surface('Basin tap', 'chrome-plate', 'hand', 0.05, 'often', 'alcohol'),
          surface('WC seat and lid', 'toilet-seat', 'toilet', 0.3, 'often', 'peroxide'),
          surface('Mirror', 'mirror', 'mirror', 0.7, 'seldom'),
          surface('Bathroom floor', 'glazed-ceramic', 'floor', 3.6, 'daily'),
        ],
      },
      {
        name: 'Kitchen',
        floorArea: 11,
        height: 2.5,
        ventilation: 'window',
        flame: 'hob',
        surfaces: [
          surface('Extractor hood', 'stainless-steel', 'above', 0.6, 'seldom'),
          surface('Cabinet handles', 'brass', 'eye', 0.1, 'often'),
          surface('Worktop', 'marble', 'hand', 1.9, 'often', 'peroxide', marbleTested),
          surface('Sink', 'stainless-steel', 'hand', 0.5, 'often', 'peroxide', food),
          surface('Sink tap', 'chrome-plate', 'hand', 0.05, 'often', 'peroxide'),
          surface('Chopping board', 'wooden-board', 'hand', 0.12, 'often', 'wash', food),
          surface('Bin lid', 'hard-plastic', 'knee', 0.15, 'often', 'peroxide'),
          surface('Kitchen floor', 'vinyl-floor', 'floor', 9, 'daily'),
        ],
      },
      {
        name: 'Hall',
        floorArea: 5,
        height: 2.5,
        ventilation: 'none',
        flame: 'no',
        surfaces: [
          surface('Light switch', 'electronics', 'eye', 0.01, 'often'),
          surface('Door handle', 'brass', 'hand', 0.02, 'often', 'alcohol', {
            accepted: 'One handle, by cloth, front door open.',
          }),
          surface('Hall floor', 'hardwood-floor', 'floor', 4.5, 'daily'),
        ],
      },
    ],
  },
  {
    name: 'Bram',
    place: 'Kiln House',
    situations: ['home-oxygen'],
    clientKeeps: ['cistern-tablet', 'washing-up-liquid'],
    rooms: [
      {
        name: 'Bathroom',
        floorArea: 3.8,
        height: 2.3,
        ventilation: 'fan',
        flame: 'no',
        surfaces: [
          surface('Grab rail', 'stainless-steel', 'eye', 0.1, 'often', 'peroxide, illness'),
          surface('Shower tray', 'solid-surface-acrylic', 'knee', 0.8, 'daily', 'peroxide 1.5'),
          surface('Basin', 'vitreous-china', 'hand', 0.4, 'often', 'peroxide, illness'),
          surface('Basin tap', 'chrome-plate', 'hand', 0.05, 'often', 'peroxide, illness'),
          surface('WC seat and lid', 'toilet-seat', 'toilet', 0.3, 'often', 'peroxide, illness', {
            lifts: true,
          }),
          surface('Bathroom floor', 'vinyl-floor', 'floor', 3.2, 'daily'),
        ],
      },
      {
        name: 'Kitchen',
        floorArea: 8,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Cabinet fronts', 'laminate', 'eye', 3, 'daily'),
          surface('Worktop', 'laminate', 'hand', 1.4, 'often', 'peroxide', food),
          surface('Kettle', 'stainless-steel', 'hand', 0.15, 'daily', 'descale', {
            accepted: 'Limescale on the base only, two minutes, rinsed twice.',
          }),
          surface('Fridge handle', 'hard-plastic', 'hand', 0.03, 'often', 'peroxide'),
          surface('Kitchen floor', 'linoleum-waxed', 'floor', 6.5, 'daily'),
        ],
      },
      {
        name: 'Bedroom',
        floorArea: 12,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Bed rail', 'hard-plastic', 'hand', 0.3, 'often', 'peroxide, illness'),
          surface('Bedside table', 'sealed-wood', 'hand', 0.3, 'often'),
          surface('Remote control', 'electronics', 'hand', 0.02, 'often'),
          surface('Carpet', 'carpet', 'floor', 10, 'daily'),
        ],
      },
    ],
  },
  {
    name: 'Yara',
    place: 'Saltbox 3',
    situations: ['infant'],
    rooms: [
      {
        name: 'Bathroom',
        floorArea: 4.6,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Bath', 'enamelled-cast-iron', 'knee', 1.6, 'daily', 'peroxide', {
            accepted: 'Enamel is whole; looked over at the survey.',
          }),
          surface('Basin', 'porcelain', 'hand', 0.4, 'often', 'peroxide'),
          surface('Changing mat', 'hard-plastic', 'hand', 0.4, 'often', 'peroxide 1.5'),
          surface('WC seat and lid', 'toilet-seat', 'toilet', 0.3, 'often', 'peroxide'),
          surface('Bathroom floor', 'terrazzo', 'floor', 3.9, 'daily'),
        ],
      },
      {
        name: 'Kitchen',
        floorArea: 10,
        height: 2.5,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('High chair tray', 'hard-plastic', 'hand', 0.2, 'often', 'peroxide', food),
          surface('Worktop', 'engineered-quartz', 'hand', 1.6, 'often', 'peroxide', {
            accepted: 'Maker’s sheet allows 3 % for ten minutes.',
            food: true,
          }),
          surface('Sink tap', 'chrome-plate', 'hand', 0.05, 'often', 'alcohol'),
          surface('Cutting board', 'plastic-board', 'hand', 0.12, 'often', 'peroxide', food),
          surface('Kitchen floor', 'sealed-wood', 'floor', 8, 'daily'),
        ],
      },
      {
        name: 'Nursery',
        floorArea: 9,
        height: 2.5,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Cot rail', 'sealed-wood', 'hand', 0.4, 'often'),
          surface('Toy tray', 'mouthed-toy', 'knee', 0.5, 'often', 'peroxide 1.5'),
          surface('Door handle', 'stainless-steel', 'hand', 0.02, 'often', 'alcohol'),
          surface('Nursery rug', 'carpet', 'floor', 3, 'daily'),
        ],
      },
    ],
  },
  {
    name: 'Ottilie',
    place: 'Upper Mews 12',
    situations: ['asthma'],
    rooms: [
      {
        name: 'Shower room',
        floorArea: 3,
        height: 2.2,
        ventilation: 'none',
        flame: 'no',
        surfaces: [
          surface('Shower tiles', 'cement-grout', 'eye', 4, 'daily'),
          surface('Basin', 'porcelain', 'hand', 0.35, 'often', 'peroxide'),
          surface('WC seat and lid', 'toilet-seat', 'toilet', 0.3, 'often', 'peroxide'),
          surface('Shower-room floor', 'limestone', 'floor', 2.4, 'daily'),
        ],
      },
      {
        name: 'Kitchen',
        floorArea: 7,
        height: 2.4,
        ventilation: 'fan',
        flame: 'no',
        surfaces: [
          surface('Splashback', 'glass', 'eye', 1.1, 'daily'),
          surface('Worktop', 'granite-sealed', 'hand', 1.5, 'often', 'peroxide', {
            accepted: 'Resealed last autumn; drop test holds.',
            food: true,
          }),
          surface('Sink and tap', 'stainless-steel', 'hand', 0.5, 'often', 'peroxide', food),
          surface('Kitchen floor', 'glazed-ceramic', 'floor', 5.5, 'daily'),
        ],
      },
      {
        name: 'Study',
        floorArea: 8,
        height: 2.4,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Desk', 'sealed-wood', 'hand', 1.1, 'daily'),
          surface('Keyboard', 'electronics', 'hand', 0.06, 'often', 'alcohol', {
            accepted: 'Unplugged first, wrung-out cloth, nothing runs in.',
          }),
          surface('Reading lamp', 'hot-surface', 'hand', 0.05, 'daily'),
          surface('Door handle', 'acrylic-polycarbonate', 'hand', 0.02, 'often', 'peroxide'),
          surface('Armchair', 'leather', 'knee', 1.2, 'daily'),
        ],
      },
    ],
  },
  {
    name: 'Ines',
    place: 'Ropewalk 14',
    situations: [],
    rooms: [
      {
        name: 'Bath',
        floorArea: 4.2,
        height: 2.4,
        ventilation: 'fan',
        flame: 'no',
        surfaces: [
          surface('Shower head', 'chrome-plate', 'above', 0.03, 'daily', 'wash', {
            soil: 'limescale',
          }),
          surface('Shower screen', 'glass', 'eye', 1.8, 'daily', 'wash', { soil: 'soap-film' }),
          surface('Basin tap', 'chrome-plate', 'hand', 0.05, 'often', 'alcohol', {
            soil: 'limescale',
          }),
          surface('Basin', 'porcelain', 'hand', 0.4, 'often', 'peroxide'),
          surface('Toilet brush', 'hard-plastic', 'toilet', 0.05, 'daily'),
          surface('Mirror', 'mirror', 'mirror', 0.7, 'seldom'),
          surface('Bath floor', 'glazed-ceramic', 'floor', 3.6, 'daily'),
        ],
      },
      {
        name: 'Kitchen',
        floorArea: 9,
        height: 2.5,
        ventilation: 'window',
        flame: 'no',
        surfaces: [
          surface('Extractor hood', 'stainless-steel', 'above', 0.6, 'seldom', 'wash', {
            soil: 'grease',
          }),
          surface('Microwave', 'enamelled-steel', 'eye', 0.6, 'daily'),
          surface('Kettle', 'stainless-steel', 'hand', 0.08, 'daily', 'wash', {
            soil: 'limescale',
          }),
          surface('Worktop', 'laminate', 'hand', 1.6, 'often', 'wash', food),
          surface('Sink drain', 'stainless-steel', 'hand', 0.02, 'daily', 'wash', {
            soil: 'smell',
          }),
        ],
      },
    ],
  },
];

/** Days ago; the near misses of the fortnight, and what followed from them. */
export const nearMisses: {
  days: number;
  home: string;
  by: string;
  products: string[];
  pair: { one: Group; other: Group };
  route: Route;
  amount: string;
  place: string;
  who: string;
  what: string;
  done: string;
  followed: { text: string; owner: string; dueDays: number | null; closed: boolean }[];
}[] = [
  {
    days: 12,
    home: 'Yara',
    by: 'tobias',
    products: ['Castile soap', 'Vinegar'],
    pair: { one: 'soap', other: 'acid' },
    route: 'surface',
    amount: 'a few squirts',
    place: 'Bathroom, tiles',
    who: 'Tobias',
    what: 'Vinegar went over castile soap that was not rinsed off: greasy curds on the tiles.',
    done: 'Washed off with hot water, begun anew.',
    followed: [
      {
        text: 'Soap bottle and vinegar bottle now stand in different caddies.',
        owner: 'Tobias',
        dueDays: null,
        closed: true,
      },
    ],
  },
  {
    days: 9,
    home: 'Bram',
    by: 'anneke',
    products: ['Bleach tablet in a cistern', 'Vinegar'],
    pair: { one: 'hypochlorite', other: 'acid' },
    route: 'drain',
    amount: 'nothing poured yet',
    place: 'Bathroom, toilet bowl',
    who: 'Anneke',
    what: 'Vinegar was in hand for the limescale in the bowl; the client had hung a bleach tablet in the cistern.',
    done: 'Nothing was poured. Tablet taken out, bowl flushed twice, soap and brush used.',
    followed: [
      {
        text: 'Look into every cistern at the survey; ask Bram to leave the tablets out.',
        owner: 'Maren',
        dueDays: 6,
        closed: false,
      },
    ],
  },
  {
    days: 3,
    home: 'Hedda',
    by: 'ruben',
    products: ['Peroxide 3 %', 'Unlabelled bottle'],
    pair: { one: 'peroxide', other: 'unknown' },
    route: 'caddy',
    amount: 'half a bottle',
    place: 'Caddy 2',
    who: 'Ruben',
    what: 'A spray bottle without a label stood next to the peroxide; nobody knew what was in it.',
    done: 'Set aside, marked “unknown”, taken to the hazardous-waste point.',
    followed: [],
  },
];

/** A rule of the company's own, stricter than the book, since the autumn when it went wrong. */
export const ownRule: Omit<CompanyRule, 'id'> = {
  one: 'alcohol',
  other: 'oil',
  by: { caddy: 'care', shelf: 'care' },
  happens: 'Oil soaks into the labels and caps of the alcohol bottles; caps slip.',
  remedy: 'Scents ride in a bag of their own.',
};

/** What stands where: stock by its code, bottles by their number, other things by kind. */
export const places: {
  kind: 'shelf' | 'caddy';
  name: string;
  stock?: string[];
  bottles?: number[];
  kinds?: ProductId[];
}[] = [
  {
    kind: 'shelf',
    name: 'Depot, shelf A',
    stock: ['S-0101', 'S-0102', 'S-0103', 'S-0104', 'S-0105'],
  },
  {
    kind: 'shelf',
    name: 'Depot, shelf B',
    stock: ['S-0106'],
    kinds: ['chlorine-bleach', 'castile-soap', 'washing-up-liquid', 'baking-soda'],
  },
  { kind: 'caddy', name: 'Caddy 1', bottles: [0, 1], kinds: ['washing-up-liquid'] },
  { kind: 'caddy', name: 'Caddy 2', bottles: [4], kinds: ['castile-soap', 'essential-oil'] },
];
