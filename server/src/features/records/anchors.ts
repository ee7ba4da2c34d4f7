import { sign, verify, type KeyObject } from 'node:crypto';
import type { Anchor, RecordBreak } from '@zymostat/contract';
import type { Context } from '../../platform/context.ts';
import { publicKeyFrom, publicTextOf } from '../../platform/keys.ts';
import { canonical } from './chain.ts';
import { hashAt, headOfChain, type Head } from './chainStore.ts';

const FORMAT = 'zymostat.anchor/1';

const signedText = ({
  signature: _,
  ...rest
}: Omit<Anchor, 'signature'> & { signature?: string }) => Buffer.from(canonical(rest));

/** The head of the chain, signed. */
export const anchorOf = ({ seq, hash }: Head, at: number, key: KeyObject): Anchor => {
  const told = { format: FORMAT, seq, hash, at, key: publicTextOf(key) } as const;
  return { ...told, signature: sign(null, signedText(told), key).toString('base64url') };
};

export const anchorNow = async (context: Context, key: KeyObject): Promise<Anchor> =>
  anchorOf(await headOfChain(context), context.now(), key);

const isSigned = (anchor: Anchor): boolean => {
  try {
    const signature = Buffer.from(anchor.signature, 'base64url');
    return verify(null, signedText(anchor), publicKeyFrom(anchor.key), signature);
  } catch {
    return false;
  }
};

type AnchorBreak = Pick<RecordBreak, 'code' | 'seq' | 'found' | 'expected'>;

/**
 * Whether what an anchor holds is an ancestor of what is there: the row that was the head then has
 * the same hash now. A paper may hold number and hash only.
 */
export const checkAnchor = async (
  context: Pick<Context, 'db'>,
  anchor: Anchor | Head,
): Promise<AnchorBreak[]> => {
  const { seq, hash: expected } = anchor;
  const forged: AnchorBreak[] =
    'signature' in anchor && !isSigned(anchor) ? [{ code: 'anchor-signature', seq }] : [];
  const found = await hashAt(context, seq);
  if (found === undefined) return [...forged, { code: 'anchor-missing', seq, expected }];
  return found === expected
    ? forged
    : [...forged, { code: 'anchor-differs', seq, found, expected }];
};
