import * as v from 'valibot';
import { reading } from '../messages/batches.ts';
import {
  productFields,
  receivedStock,
  stock,
  stockStrength,
  stockUse,
  toldOfStock,
} from '../messages/stock.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const stockEndpoints = {
  stock: endpoint(routes.stock, 'person', 'Stock containers at hand', { answer: v.array(stock) }),
  receiveStock: endpoint(
    routes.receiveStock,
    'supervisor',
    'Write down what has come in: each container gets a code of its own',
    { body: receivedStock, answer: v.array(stock) },
  ),
  tellStock: endpoint(
    routes.tellStock,
    'person',
    'Tell of a container that it was opened, counted, emptied or discarded',
    { params: byId, body: toldOfStock, answer: stock },
  ),
  readStock: endpoint(routes.readStock, 'person', 'Read how strong a container is by now', {
    params: byId,
    body: reading,
  }),
  stockStrength: endpoint(
    routes.stockStrength,
    'person',
    'How strong a container probably is by now, and when it falls under its floor',
    { params: byId, answer: stockStrength },
  ),
  stockUse: endpoint(
    routes.stockUse,
    'supervisor',
    'What the last four weeks took, and until when what is there may be used',
    { answer: stockUse },
  ),
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
