import * as v from 'valibot';
import { productFields, stock } from '../messages/stock.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const stockEndpoints = {
  stock: endpoint(routes.stock, 'person', 'Stock containers at hand', { answer: v.array(stock) }),
  addProduct: endpoint(
    routes.addProduct,
    'supervisor',
    'Enter a registered product with its label',
    { body: productFields, answer: stock },
  ),
  editProduct: endpoint(
    routes.editProduct,
    'supervisor',
    'Change what was entered of a product’s label',
    { params: byId, body: productFields, answer: stock },
  ),
} as const;
