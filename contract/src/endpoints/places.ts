import * as v from 'valibot';
import { newPlace, place, placeFor, putThing } from '../messages/places.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const placesEndpoints = {
  places: endpoint(routes.places, 'person', 'Shelves and caddies with what stands in them', {
    answer: v.array(place),
  }),
  addPlace: endpoint(routes.addPlace, 'supervisor', 'Add a shelf or a caddy', {
    body: newPlace,
    answer: byId,
  }),
  removePlace: endpoint(
    routes.removePlace,
    'supervisor',
    'Take an empty shelf or caddy out of use',
    { params: byId },
  ),
  setPlace: endpoint(routes.setPlace, 'supervisor', 'Say whose it is, and what belongs there', {
    params: byId,
    body: placeFor,
  }),
  regroupPlace: endpoint(
    routes.regroupPlace,
    'person',
    'Part what must not stand together: the fewest things go, where nothing speaks against them',
    { params: byId },
  ),
  putThing: endpoint(
    routes.putThing,
    'person',
    'Put something on a shelf or into a caddy, from wherever it stands',
    { params: byId, body: putThing, answer: byId },
  ),
  takeThing: endpoint(routes.takeThing, 'person', 'Take something off a shelf or out of a caddy', {
    params: byId,
  }),
} as const;
