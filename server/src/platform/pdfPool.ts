import { onThread } from './threads.ts';

type Work = 'label' | 'poster' | 'report' | 'runSheet' | 'readPaper';

const last = new Map<string, Promise<unknown>>();

/**
 * Lays a document out on a thread of its own. What one person asks for comes one after another, so
 * that twenty of theirs hold up nobody else.
 */
export const layOut = (personId: string, name: Work, job: object): Promise<Buffer> => {
  const before = last.get(personId) ?? Promise.resolve();
  const next = before
    .catch(() => undefined)
    .then(() => onThread<Uint8Array>('pdfWorker', name, job));
  last.set(personId, next);
  const done = () => {
    if (last.get(personId) === next) last.delete(personId);
  };
  next.then(done, done);
  return next.then((bytes) => Buffer.from(bytes));
};
