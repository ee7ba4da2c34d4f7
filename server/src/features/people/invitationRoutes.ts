import { endpoints } from '@zymostat/contract';
import { serve, type Serving } from '../../platform/http/serve.ts';
import { seeInvitation } from './comeIn.ts';
import * as invitations from './invitations.ts';

export const invitationRoutes = (on: Serving): void => {
  serve(on, endpoints.invitations, ({ context }) => invitations.listInvitations(context));
  serve(on, endpoints.invite, ({ context, body, person }) =>
    invitations.invite(context, body, person),
  );
  serve(on, endpoints.inviteMany, ({ context, body, person }) =>
    invitations.inviteMany(context, body.people, person),
  );
  serve(on, endpoints.newPasswordFor, ({ context, params, body, person }) =>
    invitations.newPasswordFor(context, { id: body.id, personId: params.id }, person),
  );
  serve(on, endpoints.renewInvitation, ({ context, params, person }) =>
    invitations.renewInvitation(context, params.id, person),
  );
  serve(on, endpoints.endInvitation, ({ context, params, person }) =>
    invitations.endInvitation(context, params.id, person),
  );
  serve(on, endpoints.seeInvitation, ({ context, body, request }) =>
    seeInvitation(context, body.code, { address: request.ip ?? 'unknown' }),
  );
};
