import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { importHomes } from './importHomes.ts';
import { importRooms } from './importRooms.ts';
import * as homes from './service.ts';
import { setArchived, setWayIn } from './standing.ts';
import { wayInBefore, wayInOf } from './wayInStore.ts';

export const homeRoutes = (on: Serving): void => {
  serve(on, endpoints.addHome, ({ context, body }) => homes.addHome(context, body));
  serve(on, endpoints.wayIn, ({ context, params }) => wayInOf(context, params.id));
  serve(on, endpoints.wayInBefore, ({ context, params }) => wayInBefore(context, params.id));
  serve(on, endpoints.setWayIn, ({ context, params, body, person, seen }) =>
    setWayIn(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.setArchived, ({ context, params, body, person, seen }) =>
    setArchived(context, params.id, body.archived, { person, seen }),
  );
  serve(on, endpoints.addRoom, ({ context, params, body, person }) =>
    homes.addRoom(context, params.id, body, person),
  );
  serve(on, endpoints.editRoom, ({ context, params, body, person, seen }) =>
    homes.editRoom(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.removeRoom, ({ context, params, person, seen }) =>
    homes.removeRoom(context, params.id, { person, seen }),
  );
  serve(on, endpoints.addSurface, ({ context, params, body, person }) =>
    homes.addSurface(context, params.id, body, person),
  );
  serve(on, endpoints.editSurface, ({ context, params, body, person, seen }) =>
    homes.editSurface(context, params.id, body, { person, seen }),
  );
  serve(on, endpoints.removeSurface, ({ context, params, person, seen }) =>
    homes.removeSurface(context, params.id, { person, seen }),
  );
  serve(on, endpoints.setMany, ({ context, params, body, person, seen }) =>
    homes.setMany(context, params.id, body.settings, { person, seen }),
  );
  serve(on, endpoints.importRooms, ({ context, params, body, person }) =>
    importRooms(context, params.id, body, person),
  );
  serve(on, endpoints.importHomes, ({ context, body, person }) =>
    importHomes(context, body, person),
  );
  serve(on, endpoints.setSurface, ({ context, params, body, person, seen }) =>
    homes.setSurface(context, params.id, body, { person, seen }),
  );
};
