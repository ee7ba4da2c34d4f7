import type { Claim } from '../../src/index.ts';

/**
 * What a whole recipe must come to: per cent of the actives at their weakest reading, what is
 * asked, what clashes.
 */
export interface Whole {
  text: string;
  claim: Claim;
  outcome: 'use' | 'care' | 'never';
  name: 'disinfecting' | 'cleaner' | 'descaler' | 'nothing' | 'dangerous' | 'not known yet';
  alcohol?: number;
  peroxide?: number;
  acid?: number;
  asks?: string[];
  /** Rules that bite between what was read, whatever else was not. */
  rules?: string[];
  /** m³ in the bottle, mL. */
  volume?: number;
}
const whole = (
  claim: Claim,
  outcome: Whole['outcome'],
  name: Whole['name'],
  lines: string[],
  more: Partial<Whole> = {},
): Whole => ({ text: lines.join('\n'), claim, outcome, name, ...more });

/**
 * Whole recipes as people write them. Strengths: density tables (computed) and arithmetic; clashes:
 * the book. The first of each group were misread before.
 */
export const wholes: readonly Whole[] = [
  // Bottles filled by eye
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['16 oz bottle', 'fill half with rubbing alcohol 70%', 'top up with water'],
    { alcohol: 35, volume: 473.2 },
  ),
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['16 oz spray bottle', 'fill a third with rubbing alcohol 70%', 'fill the rest with water'],
    { alcohol: 23.3 },
  ),
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['500 ml bottle', 'fill halfway with 91% isopropyl alcohol', 'top up with water'],
    { alcohol: 45.5 },
  ),
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['500 ml bottle', 'a quarter bottle of rubbing alcohol 70%', 'the rest water'],
    { alcohol: 17.5 },
  ),
  whole(
    'disinfect',
    'use',
    'disinfecting',
    ['500 ml bottle', 'fill to 3/4 with isopropyl alcohol 99%', 'top up with water'],
    { alcohol: 74.3 },
  ),
  whole('disinfect', 'never', 'not known yet', [
    '500 ml bottle',
    'fill up with peroxide 3%',
    'top up with water',
  ]),
  whole('disinfect', 'never', 'not known yet', [
    'fill half with rubbing alcohol 70%',
    'top up with water',
  ]),
  whole('disinfect', 'never', 'not known yet', ['16 oz bottle', '3 cups rubbing alcohol 70%'], {}),
  // Figures and words that were dropped
  whole('disinfect', 'never', 'cleaner', ['1 cup 80-proof grain alcohol'], { alcohol: 40 }),
  whole('disinfect', 'never', 'cleaner', ['1 cup isopropyl alcohol 50'], {
    alcohol: 50,
    asks: ['which-strength'],
  }),
  whole('disinfect', 'never', 'cleaner', ['1 cup isopropyl alcohol 60-70%'], { alcohol: 60 }),
  whole('disinfect', 'never', 'cleaner', ['1 cup peroxide ½%'], { peroxide: 0.5 }),
  whole('disinfect', 'never', 'cleaner', ['1 cup peroxide 1/2%'], { peroxide: 0.5 }),
  whole('disinfect', 'never', 'cleaner', ['1 cup peroxide 3% (diluted 1:4)'], {
    peroxide: 0.6,
    asks: ['dilution'],
  }),
  whole('disinfect', 'never', 'nothing', ['1 cup peroxide 3% diluted'], {
    peroxide: 0.3,
    asks: ['which-strength'],
  }),
  whole('disinfect', 'never', 'cleaner', ['1,000 ml water', '1000 ml isopropyl alcohol 99%'], {
    alcohol: 51.1,
    asks: ['thousands'],
  }),
  whole('disinfect', 'never', 'cleaner', ['1 cup plus 2 tbsp water', '1 cup rubbing alcohol 70%'], {
    alcohol: 33.5,
  }),
  whole('disinfect', 'never', 'cleaner', ['1 cup strong peroxide'], {
    peroxide: 3,
    asks: ['which-strength'],
  }),
  whole('disinfect', 'never', 'cleaner', ['500 ml isopropyl alcohol 91% w/w', '500 ml water'], {
    alcohol: 48.1,
  }),
  whole('clean', 'never', 'nothing', ['1/4 cup bleach per gallon'], { asks: ['per'] }),
  // Shares
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['75% isopropyl alcohol 91%', '25% water', '500 ml bottle'],
    { alcohol: 69.5, asks: ['shares-basis'] },
  ),
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['75% by volume isopropyl alcohol 91%', '25% water', '500 ml bottle'],
    { alcohol: 69.5, volume: 491 },
  ),
  whole(
    'clean',
    'use',
    'cleaner',
    [
      '85 % water',
      '8 % glycerin',
      '4 % dish soap',
      '2 % table salt',
      '1 % lavender oil',
      'makes 500 g',
    ],
    {},
  ),
  whole('clean', 'never', 'not known yet', ['80 % water', '8 % vinegar', 'makes 500 g'], {}),
  whole('descale', 'use', 'descaler', ['half vinegar', 'half water', 'makes 16 oz'], {
    acid: 2.5,
    volume: 473.2,
  }),
  whole('descale', 'use', 'descaler', ['equal parts vinegar and water'], { acid: 2.5 }),
  whole('descale', 'use', 'descaler', ['50/50 vinegar and water', '1 litre bottle'], {
    acid: 2.5,
    volume: 1000,
  }),
  whole('descale', 'use', 'descaler', ['1:3 vinegar essence 25% and water', '1 litre bottle'], {
    acid: 6.25,
  }),
  whole('disinfect', 'never', 'cleaner', ['2:1 rubbing alcohol 70% and water', '600 ml bottle'], {
    alcohol: 47.4,
  }),
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['one part peroxide 3% to three parts water', '400 ml bottle'],
    { peroxide: 0.75 },
  ),
  whole('clean', 'use', 'descaler', ['1 part vinegar, 2 parts water, 600 ml bottle'], {
    acid: 1.7,
    volume: 600,
  }),
  // Made up to a volume
  whole(
    'disinfect',
    'use',
    'disinfecting',
    ['8333 ml ethanol 96 %', '417 ml water', 'make up to 10 l with water'],
    { alcohol: 80, volume: 10000 },
  ),
  whole('disinfect', 'never', 'cleaner', ['500 ml rubbing alcohol 70%', 'add water to 1 litre'], {
    alcohol: 35,
    volume: 1000,
  }),
  whole('descale', 'use', 'descaler', ['100 g citric acid', 'water up to 1 litre'], {
    acid: 10,
    volume: 1000,
  }),
  whole('clean', 'use', 'cleaner', ['1 imperial pint water', '1 tsp dish soap'], { volume: 573.2 }),
  // Danger is said over whatever was read
  whole('clean', 'never', 'dangerous', ['1 cup bleach', '1 cup ammonia', 'some magic'], {
    rules: ['chloramine'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup bleech', '1 cup amonia'], {
    rules: ['chloramine'],
    asks: ['nearest', 'nearest'],
  }),
  whole('clean', 'never', 'dangerous', ['bleach', 'vinegar'], { rules: ['chlorine'] }),
  whole('clean', 'never', 'dangerous', ['1 cup bleach, 1 cup vinegar'], { rules: ['chlorine'] }),
  whole('clean', 'never', 'dangerous', ['1 cup bleach', '100 ml glycerine'], {
    rules: ['bleach-with-anything'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup pool shock', '1 cup sugar'], {
    rules: ['dry-chlorine'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup pool shock', '1 tbsp dish soap'], {
    rules: ['dry-chlorine'],
  }),
  whole('clean', 'never', 'dangerous', ['1 tsp pool shock', '100 ml glycerine'], {
    rules: ['dry-chlorine'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup sulfuric acid', '1 cup sugar'], {
    rules: ['strong-acid'],
  }),
  whole('clean', 'never', 'dangerous', ['100 ml acid drain opener', '100 ml drain opener'], {
    rules: ['acid-alkali', 'chlorine'],
  }),
  whole(
    'clean',
    'never',
    'dangerous',
    ['2 tbsp oxygen bleach', '1 litre water', '1 litre bottle'],
    { rules: ['peroxide-decomposes'] },
  ),
  whole('clean', 'never', 'dangerous', ['1 cup peroxide 35%', '1 cup acetone'], {
    rules: ['organic-peroxide'],
  }),
  whole('disinfect', 'never', 'dangerous', ['1 cup peroxide 12%', '1 cup isopropyl alcohol 99%'], {
    rules: ['peroxide-alcohol'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup colour remover', '1 cup bleach'], {
    rules: ['hypochlorite-reducer'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup bleach', '1 cup hot water'], {
    rules: ['hot-bleach'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup boiling water', '1 cup rubbing alcohol 70%'], {
    rules: ['boiling-alcohol'],
  }),
  whole('clean', 'never', 'dangerous', ['100 ml rust remover', '1 cup water'], {
    rules: ['hydrofluoric'],
  }),
  whole('clean', 'never', 'dangerous', ['1 cup mystery cleaner', '1 cup vinegar'], {
    rules: ['unknown'],
  }),
  // A top for cleaning, and nothing that injures
  whole('clean', 'never', 'cleaner', ['1 cup peroxide 35%'], { peroxide: 35 }),
  whole('clean', 'never', 'descaler', ['1 cup acetic acid 99%'], { acid: 99 }),
  whole('clean', 'never', 'dangerous', ['1 cup muriatic acid', '1 cup water'], {
    rules: ['strong-acid'],
  }),
  whole('clean', 'never', 'nothing', ['1 tbsp lye', '1 litre water'], {}),
  whole('clean', 'never', 'nothing', ['1 tbsp bleach', '1 gallon water'], {}),
  whole('disinfect', 'never', 'nothing', ['1 drop bleach', '1 gallon water'], {}),
  whole('disinfect', 'never', 'cleaner', ['500 ml isopropyl alcohol 70%', '1 tsp lye'], {
    alcohol: 69.9,
  }),
  whole('clean', 'care', 'cleaner', ['1 cup acetone'], {}),
  // Ordinary ones that are as they should be
  whole('disinfect', 'use', 'disinfecting', ['250 ml hydrogen peroxide, 3%'], { peroxide: 3 }),
  whole(
    'disinfect',
    'use',
    'disinfecting',
    ['300 ml isopropyl alcohol 99%', '95 ml distilled water'],
    { alcohol: 76.8 },
  ),
  whole(
    'disinfect',
    'never',
    'cleaner',
    ['1 1/4 cups rubbing alcohol 70 %', '2 cups water', '2 tsp dish soap', '12 drops orange oil'],
    { alcohol: 27 },
  ),
  whole('clean', 'care', 'descaler', ['240 ml vinegar', '240 ml water', '10 ml castile soap'], {}),
  whole('clean', 'use', 'cleaner', ['1 litre warm water', '1 tsp dish soap', 'shake gently'], {}),
  whole(
    'clean',
    'use',
    'cleaner',
    ['1 cup water, 1/2 cup vodka (80 proof), a few drops lavender oil'],
    { alcohol: 13.3 },
  ),
  whole('descale', 'use', 'descaler', ['juice of half a lemon', '100 ml water'], { acid: 1 }),
  whole('clean', 'use', 'cleaner', ['half a bar of soap, grated', '1 litre hot water'], {}),
  whole('clean', 'use', 'cleaner', ['2 tbsp washing soda', '1 litre water', 'for 50 cloths'], {}),
];
