/** Where the answers of the server are kept for when there is no signal. */
export const ANSWERS = 'answers';

/** Told to the worker: what is still on its way was asked by somebody who is gone. */
export const FORGET = 'forget';

/** What one person was told is not for the next one. */
export const forgetAnswers = async (): Promise<void> => {
  globalThis.navigator?.serviceWorker?.controller?.postMessage(FORGET);
  if ('caches' in globalThis) await caches.delete(ANSWERS);
};
