/**
 * Lets the browser keep the page itself, so that it opens without a server; only a page from a secure origin may. A newer version takes
 * over by itself, and the page is loaded anew for it, but never under somebody's hands at the chair.
 */
export function keepPage() {
  if (!('serviceWorker' in navigator) || !import.meta.env.PROD) return;
  const wasKept = navigator.serviceWorker.controller !== null;
  void navigator.serviceWorker.register('/sw.js');
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (wasKept && !window.location.pathname.startsWith('/chair/')) window.location.reload();
  });
}
