import type { Context } from '../../platform/context.ts';

/** Something that keeps what is written is switched off or gone. */
export interface GuardBreak {
  code: 'guard-off';
  name: string;
}
/** What this connection may do that it should not be able to. */
export type Unprotected = 'superuser' | 'owner' | 'may-change';

const guards = [
  'ledger_append_only',
  'version_append_only',
  'bottle_event_append_only',
  'recipe_version_append_only',
] as const;

const findGuards = `SELECT tgname AS name FROM pg_trigger JOIN pg_proc ON pg_proc.oid = tgfoid
  WHERE tgenabled IN ('O', 'A') AND proname = 'refuse_change' AND prosrc LIKE '%RAISE EXCEPTION%'`;

/** Triggers that refuse changes, and are not there or not on. */
export const guardsOff = async ({ db }: Pick<Context, 'db'>): Promise<GuardBreak[]> => {
  const on: { name: string }[] = await db.query(findGuards);
  return guards
    .filter((name) => !on.some((one) => one.name === name))
    .map((name) => ({ code: 'guard-off', name }));
};

/** What the database itself does not protect, seen from this connection. */
export const unprotected = async ({ db }: Pick<Context, 'db'>): Promise<Unprotected[]> => {
  const [found]: Record<'superuser' | 'owner' | 'change', boolean>[] = await db.query(`
    SELECT rolsuper AS superuser, pg_has_role(relowner, 'USAGE') AS owner,
      has_table_privilege('ledger', 'UPDATE, DELETE, TRUNCATE, TRIGGER') AS change
    FROM pg_roles, pg_class WHERE rolname = current_user AND pg_class.oid = 'ledger'::regclass`);
  const { superuser = false, owner = false, change = false } = found ?? {};
  return [
    ...(superuser ? ['superuser' as const] : []),
    ...(owner ? ['owner' as const] : []),
    ...(change ? ['may-change' as const] : []),
  ];
};
