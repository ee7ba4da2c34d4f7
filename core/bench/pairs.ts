import {
  cautiousBook,
  ingredientIds,
  pairsByAnswer,
  productIds,
  productOfIngredient,
  products,
  routes,
  severities,
} from '../src/index.ts';

/* How many pairs of products and ingredients get which answer, route by route: npm run pairs. */
const things = [
  ...productIds.map((id) => products[id]),
  ...ingredientIds.map((ingredient) => productOfIngredient({ ingredient })),
];
const counts = pairsByAnswer(things, cautiousBook);
console.log(
  `${things.length} products and ingredients, ${(things.length * (things.length + 1)) / 2} pairs a route`,
);
console.log(['route'.padEnd(10), ...severities.map((one) => one.padStart(9))].join(''));
for (const route of routes) {
  console.log(
    [route.padEnd(10), ...severities.map((one) => String(counts[route][one]).padStart(9))].join(''),
  );
}
