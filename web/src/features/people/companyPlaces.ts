import type { Me } from '@zymostat/contract';
import { w } from '../../words/words.ts';

/** What belongs to oneself and to the company, as far as one may see it. */
export const companyPlaces = (role: Me['person']['role'] | undefined) => [
  { to: '/me', name: w.name('shell', 'yourPage') },
  ...(role === 'supervisor'
    ? [
        { to: '/people', name: w.name('shell', 'people') },
        { to: '/company', name: w.name('shell', 'company') },
        { to: '/house-rules', name: w.name('shell', 'houseRules2') },
        { to: '/products', name: w.name('shell', 'registeredProducts') },
      ]
    : []),
  { to: '/sources', name: w.name('shell', 'sources2') },
];
