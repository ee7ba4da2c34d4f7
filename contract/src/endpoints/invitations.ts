import * as v from 'valibot';
import {
  accepted,
  invitation,
  invitationCode,
  invitationSeen,
  invited,
  newInvitation,
  newInvitations,
} from '../messages/invitations.ts';
import { me } from '../messages/people.ts';
import { id } from '../parts/text.ts';
import { routes } from '../routes.ts';
import { byId, endpoint } from './endpoint.ts';

export const invitationsEndpoints = {
  invitations: endpoint(routes.invitations, 'supervisor', 'Who is asked in and has not come yet', {
    answer: v.array(invitation),
  }),
  invite: endpoint(routes.invite, 'supervisor', 'Ask somebody in, by a code that runs out', {
    body: newInvitation,
    answer: invited,
    ownId: true,
  }),
  inviteMany: endpoint(
    routes.inviteMany,
    'supervisor',
    'Ask several in, all or none, each by a code of their own',
    { body: newInvitations, answer: v.array(invited), ownId: true, mostKb: 128 },
  ),
  newPasswordFor: endpoint(
    routes.newPasswordFor,
    'supervisor',
    'Let somebody who has forgotten it choose a new password, by a code that runs out',
    { params: byId, body: v.strictObject({ id }), answer: invited, ownId: true },
  ),
  renewInvitation: endpoint(
    routes.renewInvitation,
    'supervisor',
    'Make a new code for it: the one before does not count any more',
    { params: byId, answer: invited },
  ),
  endInvitation: endpoint(routes.endInvitation, 'supervisor', 'Take an invitation back', {
    params: byId,
  }),
  seeInvitation: endpoint(routes.seeInvitation, 'anyone', 'What a code is for', {
    body: invitationCode,
    answer: invitationSeen,
  }),
  accept: endpoint(routes.accept, 'anyone', 'Come in by a code: it counts once', {
    body: accepted,
    answer: me,
  }),
} as const;
