// A layer as its document knows it while it is open: what dismissal, moves and other layers ask of it.
import { close, type Held } from './held.js';
import { holderOf, type OpenLayer, reachable } from './open-layers.js';

/** Shows it again above all others: it was moved, or something below it was. */
function lift<A>({ host, rules, beside }: Held<A>): void {
  const { showing } = rules;
  if (!host.state().open) return;
  if (showing.isShown()) showing.hide(undefined);
  showing.show(beside);
}

/** The layer as the document knows it while it is open. */
export function openLayerOf<A>(held: Held<A>, around: OpenLayer | undefined): OpenLayer {
  const { host, rules, document } = held;
  const { root, options } = host;
  const { showing } = rules;
  return {
    id: root,
    parent: (showing.modal ? holderOf(around, held.opener) : around)?.id,
    modal: showing.modal,
    // Looked at when they count: they may have become others since.
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
    // Another opener is outside: pressing it closes this and opens there.
    owners: () => (held.opener && !showing.modal ? [held.opener] : []),
    dismiss: (reason, event) => close(held, reason, reason === 'parent', event),
    tab: (event) => rules.focus?.tab(event, held.opener, reachable(document)),
    reread: host.reread,
    holdFocus: (from) => rules.focus?.hold?.(from),
    // What is going, or is gone, is not to be shown again.
    isShown: () => held.isOver || !root.isConnected || !host.state().open || showing.isShown(),
    lift: () => lift(held),
    // Opened in a detached tree, as tests do where nothing is laid out, it has nothing to go from.
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
