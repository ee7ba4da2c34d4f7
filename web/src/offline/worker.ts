/** Installs what opens the page without signal; a browser that refuses it works without. */
export const installWorker = (): void => {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return;
  navigator.serviceWorker.register('/sw.js').catch(() => undefined);
};

/** Calls once it has taken over, now or later: what was fetched before is not kept. */
export const whenTaken = (taken: () => void): void => {
  if (!('serviceWorker' in navigator)) return;
  if (navigator.serviceWorker.controller) return taken();
  navigator.serviceWorker.addEventListener('controllerchange', taken, { once: true });
};
