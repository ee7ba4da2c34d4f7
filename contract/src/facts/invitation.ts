import * as v from 'valibot';
import { id } from '../parts/text.ts';
import { role } from '../parts/trade.ts';
import { factOf } from './fact.ts';

/** A code by which somebody comes in, or chooses a new password: names stand outside the ledger. */
export const invitation = factOf(
  'invitation',
  ['Invitations', 'People'],
  v.strictObject({
    invitationId: id,
    did: v.picklist(['made', 'renewed', 'taken-back', 'used']),
    role,
    /** Whose new password it is for; nothing where somebody comes in. */
    personId: v.nullable(id),
  }),
);
