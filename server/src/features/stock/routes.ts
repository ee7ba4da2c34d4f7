import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { receiveStock, tellStock } from './shelf.ts';
import { readStock, strengthOfStock } from './strength.ts';
import * as stock from './service.ts';

export const stockRoutes = (on: Serving): void => {
  serve(on, endpoints.stock, ({ context }) => stock.stocksAtHand(context));
  serve(on, endpoints.receiveStock, ({ context, body, person }) =>
    receiveStock(context, body, person),
  );
  serve(on, endpoints.tellStock, ({ context, params, body, person }) =>
    tellStock(context, params.id, body, person),
  );
  serve(on, endpoints.readStock, ({ context, params, body, person }) =>
    readStock(context, params.id, body, person),
  );
  serve(on, endpoints.stockStrength, ({ context, params }) => strengthOfStock(context, params.id));
  serve(on, endpoints.addProduct, ({ context, body, person }) =>
    stock.addProduct(context, body, person),
  );
  serve(on, endpoints.editProduct, ({ context, params, body, seen }) =>
    stock.editProduct(context, params.id, body, seen),
  );
};
