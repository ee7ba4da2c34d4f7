import { buildProtocol, diffVersions } from '@zymostat/core';
import { useApproveMutation, useVersionQuery } from '../api.ts';
import type { ProtocolNow } from '../useProtocol.ts';

/** What would be approved, and what it changes against the version that stands. */
export const useNextVersion = (protocol: ProtocolNow, onDone: () => void) => {
  const { home, stocks, judging, judged, objections } = protocol;
  const [approve, approving] = useApproveMutation();
  const [newest] = home.versions;
  const { data: before } = useVersionQuery(newest?.id ?? '', { skip: !newest });
  const rooms = buildProtocol(home, stocks, judging, judged);
  const surfaces = rooms.flatMap((room) => room.surfaces);
  const blocked = objections.length > 0;
  // What somebody else has changed meanwhile comes into this sheet: it is looked over again, never
  // approved unseen.
  const submit = async () => {
    const result = await approve({ id: home.id, seen: home.revision });
    if (result.data) onDone();
  };
  return {
    newest,
    number: (newest?.number ?? 0) + 1,
    surfaces,
    differences: before ? diffVersions(before.protocol.rooms, rooms) : [],
    blocked,
    may: !blocked && !approving.isLoading && (!newest || before !== undefined),
    submit: () => void submit(),
    error: approving.error,
    lookAgain: approving.reset,
  };
};
export type NextVersion = ReturnType<typeof useNextVersion>;
