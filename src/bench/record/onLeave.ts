/**
 * Stands in for the package `unload`, which the tabs' shared line asks to be told when its page goes (`next.config.mjs` puts this in its
 * place): that one listens to an event which browsers are taking away.
 */
type Told = { remove: () => void; run: () => unknown };

/** Runs `tell` once when the page goes for good; a page that is only set aside comes back as it was. */
export function add(tell: () => unknown): Told {
  const onHide = (event: PageTransitionEvent) => {
    if (!event.persisted) run();
  };
  const remove = () => window.removeEventListener('pagehide', onHide);
  const run = () => {
    remove();
    return tell();
  };
  window.addEventListener('pagehide', onHide);
  return { remove, run };
}
