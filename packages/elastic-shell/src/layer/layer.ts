// The layer service: opens and closes what stands above the page, with focus, phases, labels and a place to stand.
//
// In which order it opens: the phase becomes `opening`; the top layer shows it, which has the page laid out; focus goes
// in; only then is anything written that would have the page laid out again (its position, the scroll lock). It closes
// children first, lets go of the page, hides, and gives focus back once everybody has heard of it.
// How it is shown, where it stands and how it treats focus are given to it; it knows no pattern.
import type { Attributes } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import { invokersOf } from '../engine/invoker-index.js';
import type { Service } from '../engine/service.js';
import type { Cause, Change, ChangeOf } from '../engine/types.js';
import { described } from '../engine/dom.js';
import { canFocus, type Place } from '../focus/focusable.js';
import {
  childrenOf,
  isOpenLayer,
  type OpenLayer,
  openLayer,
  parentOf,
  reachable,
  stepAside,
} from './open-layers.js';
import { type Phases, phases } from './phase.js';
import type { LayerHost, LayerRules } from './types.js';

/** What one layer holds while it is wired. */
interface Held<A> {
  host: LayerHost;
  rules: LayerRules<A>;
  document: Document;
  phase: Phases;
  watcher: MutationObserver;
  /** What is held while it is open. */
  releases: (() => void)[];
  place: Place | undefined;
  opener: Element | undefined;
  /** Whether focus goes back where it came from, when it has closed. */
  returns: boolean;
}

const close = <A>({ host }: Held<A>, reason: Change['reason'], settled?: boolean, event?: Event): void =>
  host.change({ open: false }, { reason, result: null, event }, settled);

/** Nodes came or went while it is open, or while focus has just gone back. */
function follow<A>(held: Held<A>, records: MutationRecord[]): void {
  const { host, rules, document, place } = held;
  place?.follow(records);
  if (!host.root.isConnected) host.change({ open: false }, { reason: 'removed' }, true);
  else if (rules.showing.modal) host.reread();
  host.render();
  if (document.activeElement !== document.body) return;
  if (!host.state().open) place?.giveBack(reachable(document));
  else if (reachable(document) === host.root) rules.focus?.hold?.(document.body);
}

function watch<A>({ host, rules, document, watcher }: Held<A>, removals: boolean): void {
  watcher.disconnect();
  if (rules.showing.modal) watcher.observe(host.root, { attributeFilter: ['open'] });
  if (removals) watcher.observe(document, { childList: true, subtree: true });
}

/** The layer as the document knows it while it is open. */
function openLayerOf<A>(held: Held<A>, around: OpenLayer | undefined): OpenLayer {
  const { host, rules, document } = held;
  const { root, options } = host;
  const { modal } = rules.showing;
  return {
    id: root,
    parent: modal && around?.behind === 'close' ? around.parent : around?.id,
    modal,
    outside: options.outside ?? rules.outside,
    escape: options.escape ?? 'close',
    focusOut: options.focusOut ?? rules.focusOut ?? 'keep',
    behind: options.behind ?? 'keep',
    place: held.place,
    // Another opener is outside: pressing it closes this and opens there.
    owners: () => (held.opener && !modal ? [held.opener] : []),
    dismiss: (reason, event) => close(held, reason, reason === 'parent', event),
    tab: (event) => rules.focus?.tab(event, held.opener, reachable(document)),
    reread: host.reread,
    holdFocus: (from) => rules.focus?.hold?.(from),
    submitted(event) {
      event.preventDefault();
      const source = event.submitter;
      const result = source?.getAttribute('value') ?? '';
      host.intend('close', { reason: 'command', event, source, result });
    },
  };
}

/** What it will stand beside; closed again where there is nothing, or where it is not in the document itself. */
function findAnchor<A>(held: Held<A>, opener: Element | undefined): A | undefined {
  const { host, rules } = held;
  const { isConnected } = host.root;
  try {
    if (!isConnected)
      throw new TypeError(
        `elastic-shell: ${described(host.root)} is not in the document; append it before it opens`,
      );
    return rules.position?.find(opener);
  } catch (error) {
    close(held, isConnected ? 'program' : 'removed', true);
    throw error;
  }
}

function present<A>(held: Held<A>, { source, reason }: Cause): void {
  const { host, rules, document, phase } = held;
  const { showing, focus, position } = rules;
  const own = invokersOf(host.root).find(
    (control) => host.commands[control.getAttribute('command') ?? ''] !== 'close',
  );
  held.opener = source ?? (showing.modal ? undefined : own);
  const beside = findAnchor(held, source ?? own);
  const around = parentOf(held.opener, document);
  // An item of a menu that closed behind its own press is no place to go back to; where focus went is.
  const inner = held.opener && canFocus(held.opener) ? held.opener : document.activeElement;
  held.place = focus?.place(inner, () => (around && !isOpenLayer(around.id) ? around.place : undefined));
  const mine = (held.releases = [openLayer(openLayerOf(held, around))]);
  watch(held, true);
  const afterShown = (): void => {
    try {
      focus?.enter();
    } finally {
      // Whoever hears of focus may have closed it.
      const isOpen = host.state().open && mine === held.releases;
      if (isOpen && position && beside !== undefined) mine.push(position.hold(beside, () => lost(held)));
      if (isOpen && showing.hold) mine.push(showing.hold());
      if (isOpen && showing.modal) stepAside(around);
    }
  };
  phase.go(true, () => showing.show(beside, reason === 'native'), afterShown);
}

const lost = <A>(held: Held<A>): void =>
  close(held, held.opener?.isConnected === false ? 'removed' : 'viewport', true);

function dismiss<A>(held: Held<A>, { result, reason }: Cause): void {
  const { host, rules, document, phase } = held;
  const active = document.activeElement;
  held.returns =
    rules.focus?.returns === 'always' ||
    host.root.contains(active) ||
    (active === document.body && reason !== 'hover');
  for (const child of childrenOf(host.root)) child.dismiss('parent');
  held.releases.splice(0).forEach((release) => release());
  rules.labels?.forget();
  phase.go(false, () => rules.showing.hide(result));
}

const partsOf = <A>({ host, rules, phase }: Held<A>): Iterable<readonly [Element, Attributes]> => {
  const { showing, position, labels } = rules;
  const now = phase.now();
  const own: Attributes = {
    ...showing.attributes(now),
    ...position?.attributes(now),
    ...(host.options.escape === 'keep' && showing.modal && { closedby: 'none' }),
    'data-phase': now,
    inert: now === 'closing' ? '' : null,
  };
  return labels?.parts(own) ?? [[host.root, own]];
};

/** The value that closed a dialog which the platform closed by itself. */
const returnValueOf = (root: HTMLElement): string | null =>
  'returnValue' in root && typeof root.returnValue === 'string' ? root.returnValue : null;

/** Opens and closes `host` as its state says. */
export function layer<A = unknown>(host: LayerHost, rules: LayerRules<A>): Service<Openable> {
  const { root } = host;
  const document = root.ownerDocument;
  const { showing, focus, ended } = rules;
  const held: Held<A> = {
    host,
    rules,
    document,
    phase: phases(root, host.render),
    watcher: new MutationObserver((records) => follow(held, records)),
    releases: [],
    place: undefined,
    opener: undefined,
    returns: false,
  };
  /** The user has moved focus on: from then on nodes that go need not be watched any more. */
  const stopFollowing = (): void => {
    if (!host.state().open) watch(held, false);
  };
  watch(held, false);
  if (host.state().open) present(held, { reason: 'program' });

  return {
    parts: () => partsOf(held),
    refused() {
      if (!host.state().open) ended?.(null);
      return false;
    },
    show: (change: ChangeOf<Openable>) => (change.value ? present(held, change) : dismiss(held, change)),
    settle(change) {
      if (change.value) return;
      held.place?.follow(held.watcher.takeRecords());
      if (held.returns) focus?.giveBack(held.place, reachable(document));
      if (held.returns) document.addEventListener('focusin', stopFollowing, { once: true });
      else watch(held, false);
      const native = showing.modal && change.reason === 'native';
      ended?.(change.result ?? (native ? returnValueOf(root) : null));
    },
    filled() {
      const active = document.activeElement;
      const isFree = active === document.body || active === held.opener;
      const isStop = active && 'tabIndex' in active && Number(active.tabIndex) >= 0;
      if (isFree || (root.contains(active) && !isStop)) focus?.enter();
    },
    release() {
      held.watcher.disconnect();
      document.removeEventListener('focusin', stopFollowing);
      if (held.releases.length) dismiss(held, { reason: 'program' });
      rules.position?.forget();
      ended?.(null);
    },
  };
}
