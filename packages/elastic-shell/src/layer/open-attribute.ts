// The attribute `open` of a dialog, which the platform writes and other code may remove.
import type { Held } from './held.js';

/** Handles an attribute `open` that other code has removed from a dialog that the platform still shows. */
function reopen<A>({ host, rules }: Held<A>): void {
  const { root, options } = host;
  if (!host.state().open || root.hasAttribute('open')) return;
  if (!rules.showing.isShown() || !root.isConnected) return host.reread();
  root.setAttribute('open', '');
  if (options.externalChanges === 'accept') host.change({ open: false }, { reason: 'native', result: null });
}

/** Follows the attribute `open` of a dialog. */
export function watchOpen<A>(held: Held<A>): () => void {
  const { host, rules } = held;
  if (!rules.showing.modal) return () => {};
  const observer = new MutationObserver(() => {
    if (host.state().open) reopen(held);
    else host.reread();
  });
  observer.observe(host.root, { attributeFilter: ['open'] });
  return () => observer.disconnect();
}
