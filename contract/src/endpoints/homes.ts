import * as v from 'valibot';
import { homeFields } from '../fields/home.ts';
import { roomFields } from '../fields/room.ts';
import { surfaceFields } from '../fields/surface.ts';
import {
  home,
  homeRow,
  importHomes,
  importRooms,
  revised,
  setMany,
  setting,
  wayIn,
  wayInBefore,
} from '../messages/homes.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const homesEndpoints = {
  homes: endpoint(routes.homes, 'supervisor', 'All homes', { answer: v.array(homeRow) }),
  addHome: endpoint(routes.addHome, 'supervisor', 'Add a home', { body: homeFields, answer: byId }),
  home: endpoint(routes.home, 'supervisor', 'One home with its rooms, surfaces and settings', {
    params: byId,
    answer: home,
  }),
  editHome: endpoint(routes.editHome, 'supervisor', 'Change a home', {
    params: byId,
    body: homeFields,
    answer: revised,
    seen: true,
  }),
  wayIn: endpoint(routes.wayIn, 'supervisor', 'How somebody gets into a home', {
    params: byId,
    answer: wayIn,
  }),
  wayInBefore: endpoint(
    routes.wayInBefore,
    'supervisor',
    'How the way in was written before, the last first',
    { params: byId, answer: v.array(wayInBefore) },
  ),
  setWayIn: endpoint(routes.setWayIn, 'supervisor', 'Change how somebody gets into a home', {
    params: byId,
    body: wayIn,
    answer: revised,
    seen: true,
  }),
  setArchived: endpoint(routes.setArchived, 'supervisor', 'Archive a home, or bring it back', {
    params: byId,
    body: v.strictObject({ archived: v.boolean() }),
    answer: revised,
    seen: true,
  }),
  addRoom: endpoint(routes.addRoom, 'supervisor', 'Add a room', {
    params: byId,
    body: roomFields,
    answer: byId,
  }),
  editRoom: endpoint(routes.editRoom, 'supervisor', 'Change a room', {
    params: byId,
    body: roomFields,
    answer: revised,
    seen: true,
  }),
  removeRoom: endpoint(routes.removeRoom, 'supervisor', 'Take a room out of the survey', {
    params: byId,
    answer: revised,
    seen: true,
  }),
  addSurface: endpoint(routes.addSurface, 'supervisor', 'Add a surface', {
    params: byId,
    body: surfaceFields,
    answer: byId,
  }),
  editSurface: endpoint(routes.editSurface, 'supervisor', 'Change a surface', {
    params: byId,
    body: surfaceFields,
    answer: revised,
    seen: true,
  }),
  removeSurface: endpoint(routes.removeSurface, 'supervisor', 'Take a surface out of the survey', {
    params: byId,
    answer: revised,
    seen: true,
  }),
  importHomes: endpoint(
    routes.importHomes,
    'supervisor',
    'Add homes with their rooms and surfaces, all or none; none may be there already',
    { body: importHomes, mostKb: 4096 },
  ),
  setSurface: endpoint(
    routes.setSurface,
    'supervisor',
    'Set what a surface must reach, and with what',
    { params: byId, body: setting, answer: revised, seen: true },
  ),
  setMany: endpoint(routes.setMany, 'supervisor', 'Set several surfaces of a home at once', {
    params: byId,
    body: setMany,
    answer: revised,
    seen: true,
    mostKb: 512,
  }),
  importRooms: endpoint(
    routes.importRooms,
    'supervisor',
    'Add rooms with their surfaces, all or none',
    { params: byId, body: importRooms, mostKb: 1024 },
  ),
} as const;
