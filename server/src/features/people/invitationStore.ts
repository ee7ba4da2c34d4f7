import { LessThan, MoreThan } from 'typeorm';
import type { Context } from '../../platform/context.ts';
import { InvitationEntity, SetUpCodeEntity, type Invitation } from './tables.ts';

export type { Invitation };

const invitations = ({ db }: Context) => db.getRepository(InvitationEntity);

/** Those that have not run out, the last first. */
export const openInvitations = (context: Context, now: Date): Promise<Invitation[]> =>
  invitations(context).find({ where: { expiresAt: MoreThan(now) }, order: { madeAt: 'DESC' } });

/** One invitation, held for the rest of the transaction. */
export const holdInvitation = (context: Context, id: string): Promise<Invitation | null> =>
  invitations(context).findOne({ where: { id }, lock: { mode: 'pessimistic_write' } });

/** The invitation of a code that has not run out. */
export const invitationByCode = (
  context: Context,
  codeHash: string,
  now: Date,
): Promise<Invitation | null> =>
  invitations(context).findOneBy({ codeHash, expiresAt: MoreThan(now) });

/** The same, held for the rest of the transaction. */
export const holdByCode = (
  context: Context,
  codeHash: string,
  now: Date,
): Promise<Invitation | null> =>
  invitations(context).findOne({
    where: { codeHash, expiresAt: MoreThan(now) },
    lock: { mode: 'pessimistic_write' },
  });

/** Keeps an invitation, new or with another code. */
export const keepInvitation = async (context: Context, invitation: Invitation): Promise<void> =>
  void (await invitations(context).upsert(invitation, ['id']));

export const dropInvitation = async (context: Context, id: string): Promise<void> =>
  void (await invitations(context).delete({ id }));

/** Whatever was made for somebody’s new password counts no more. */
export const dropOfPerson = async (context: Context, personId: string): Promise<void> =>
  void (await invitations(context).delete({ personId }));

export const forgetInvitationsBefore = async (context: Context, now: Date): Promise<void> =>
  void (await invitations(context).delete({ expiresAt: LessThan(now) }));

/** The one code by which a company may begin: the one before does not count any more. */
export const keepSetUpCode = async (
  { db }: Context,
  codeHash: string,
  madeAt: Date,
): Promise<void> => {
  await db.getRepository(SetUpCodeEntity).deleteAll();
  await db.getRepository(SetUpCodeEntity).insert({ codeHash, madeAt });
};

/** Uses the code up; whether it was the one. */
export const useSetUpCode = async ({ db }: Context, codeHash: string): Promise<boolean> =>
  (await db.getRepository(SetUpCodeEntity).delete({ codeHash })).affected === 1;
