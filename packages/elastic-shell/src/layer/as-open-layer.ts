// The record of an open layer in its document, which dismissal, the handling of moved nodes and other layers
// read.
import { close, type Held } from './held.js';
import { holderOf, type OpenLayer, reachable } from './open-layers.js';

/** Shows it again above all others, because it or something below it was moved. */
function lift<A>({ host, rules, beside }: Held<A>): void {
  const { showing } = rules;
  if (!host.state().open) return;
  if (showing.isShown()) showing.hide(undefined);
  showing.show(beside);
}

/** Returns the record of a layer, as its document keeps it while the layer is open. */
export function openLayerOf<A>(held: Held<A>, around: OpenLayer | undefined): OpenLayer {
  const { host, rules, document } = held;
  const { root, options } = host;
  const { showing } = rules;
  return {
    id: root,
    parent: (showing.modal ? holderOf(around, held.opener) : around)?.id,
    modal: showing.modal,
    // Computed when needed, because they may have changed meanwhile.
    get outside() {
      return options.outside ?? rules.outside;
    },
    get escape() {
      return options.escape ?? 'close';
    },
    get focusOut() {
      return options.focusOut ?? rules.focusOut ?? 'keep';
    },
    get behind() {
      return options.behind ?? 'keep';
    },
    place: held.place,
    // Another opener is outside: a click on it closes this layer and opens it again from there.
    owners: () => (held.opener && !showing.modal ? [held.opener] : []),
    dismiss: (reason, event) => close(held, reason, reason === 'parent', event),
    tab: (event) => rules.focus?.tab(event, held.opener, reachable(document)),
    reread: host.reread,
    holdFocus: (from) => rules.focus?.hold?.(from),
    // A layer that is closing, or has gone, is not shown again.
    isShown: () => held.isOver || !root.isConnected || !host.state().open || showing.isShown(),
    lift: () => lift(held),
    // In a detached tree, as in tests without layout, there is no document to leave.
    ...(root.isConnected && { gone: () => host.change({ open: false }, { reason: 'removed' }, true) }),
    changed: host.render,
    submitted(event) {
      event.preventDefault();
      const source = event.submitter;
      const result = source?.getAttribute('value') ?? '';
      host.intend('close', { reason: 'command', event, source, result });
    },
  };
}
