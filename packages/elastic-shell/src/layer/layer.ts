// The layer service: opens and closes what stands above the page, with focus, phases, naming and a message.
// How it is shown and where it stands are given to it; it knows no pattern.
import type { Attributes } from '../core/contract/contract.js';
import type { Openable } from '../core/contract/openable.js';
import type { Escape, Outside } from '../core/layers/stack.js';
import type { Engine, Service } from '../engine/engine.js';
import { canFocus, type Place } from '../focus/focusable.js';
import type { FocusPolicy } from '../focus/focus-policy.js';
import { invokersOf } from '../engine/invoker-index.js';
import { childrenOf, isOpenLayer, openLayer, parentOf, reachable, stepAside } from './open-layers.js';
import type { Labels } from '../labels/labels.js';
import { type Phase, phases } from './phase.js';
import type { TopLayer } from './top-layer.js';
import type { Change } from '../engine/types.js';

export interface LayerOptions {
  /** What a press outside does. */
  outside?: Outside;
  /** What Escape and the back gesture do. Default: `close`. */
  escape?: Escape;
  /** Whether it closes when focus leaves it and its opener. */
  focusOut?: 'close' | 'keep';
  /** Whether it closes when a modal layer opens from a control in it. Default: `keep`. */
  behind?: 'close' | 'keep';
}

/** Where a layer stands, when its style alone does not say. */
export interface Position {
  /** What it stands beside, before it shows. Throws when there is nothing. */
  find(opener: Element | undefined): unknown;
  /** Keeps it there until released. `lost`: what it stands beside has gone. */
  hold(beside: never, lost: () => void): () => void;
  attributes(phase: Phase): Attributes;
  /** Takes away every trace. */
  forget(): void;
}

/** What a pattern says about its own layer. */
export interface LayerRules {
  showing: TopLayer;
  standing?: Position;
  outside: Outside;
  /** Default: `keep`. */
  focusOut?: 'close' | 'keep';
  /** What names it, where it has a name. */
  names?: Labels;
  /** How it treats focus. Without one it never touches it. */
  focusing?: FocusPolicy;
  /** It has closed, or will not open: with this result. */
  ended?(result: string | null): void;
}

export function layer<O extends LayerOptions>(engine: Engine<Openable, O>, rules: LayerRules): Service {
  const { root, options, render, commands } = engine;
  const { showing, standing, names, focusing, ended } = rules;
  const document = root.ownerDocument;
  const phase = phases(root, render);
  let releases: (() => void)[] = [];
  let place: Place | undefined;
  let opener: Element | undefined;
  let returns = false;

  const close = (reason: Change['reason'], settled?: boolean, event?: Event): void =>
    engine.change({ open: false }, { reason, result: null, event }, settled);

  const lost = (): void => close(opener?.isConnected === false ? 'removed' : 'viewport', true);

  const watcher = new MutationObserver((records) => {
    place?.follow(records);
    if (!root.isConnected) engine.change({ open: false }, { reason: 'removed' }, true);
    else if (showing.modal) engine.reread();
    render();
    if (document.activeElement !== document.body) return;
    if (!engine.state().open) place?.giveBack(reachable(document));
    else if (reachable(document) === root) focusing?.hold?.(document.body);
  });
  const watch = (removals: boolean): void => {
    watcher.disconnect();
    if (showing.modal) watcher.observe(root, { attributeFilter: ['open'] });
    if (removals) watcher.observe(document, { childList: true, subtree: true });
  };
  /** Once focus has gone on by itself, what becomes of the place it returned to is nobody's business. */
  const stopFollowing = (): void => {
    if (!engine.state().open) watch(false);
  };

  const present = (change: Change): void => {
    const own = invokersOf(root).find(
      (control) => commands[control.getAttribute('command') ?? ''] !== 'close',
    );
    opener = change.source ?? (showing.modal ? undefined : own);
    let beside: unknown;
    try {
      if (!root.isConnected)
        throw new TypeError(
          `elastic-shell: <${root.localName} id="${root.id}"> is not in the document; append it before it opens`,
        );
      beside = standing?.find(change.source ?? own);
    } catch (error) {
      close(root.isConnected ? 'program' : 'removed', true);
      throw error;
    }
    const around = parentOf(opener, document);
    // An item of a menu that closed behind its own press is no place to go back to; where focus went is.
    const inner = opener && canFocus(opener) ? opener : document.activeElement;
    place = focusing?.place(inner, () => (around && !isOpenLayer(around.id) ? around.place : undefined));
    releases = [
      openLayer({
        id: root,
        parent: showing.modal && around?.behind === 'close' ? around.parent : around?.id,
        modal: showing.modal,
        outside: options.outside ?? rules.outside,
        escape: options.escape ?? 'close',
        focusOut: options.focusOut ?? rules.focusOut ?? 'keep',
        behind: options.behind ?? 'keep',
        place,
        // Another opener is outside: pressing it closes this and opens there.
        owners: () => (opener && !showing.modal ? [opener] : []),
        dismiss: (reason, event) => close(reason, reason === 'parent', event),
        tab: (event) => focusing?.tab(event, opener, reachable(document)),
        reread: engine.reread,
        holdFocus: (from) => focusing?.hold?.(from),
        submitted(event) {
          event.preventDefault();
          const source = event.submitter;
          const result = source?.getAttribute('value') ?? '';
          engine.intend('close', { reason: 'command', event, source, result });
        },
      }),
    ];
    watch(true);
    const mine = releases;
    const follow = (): void => {
      // Showing it has laid the page out. Focus reads that; only then is anything written that would have it laid out again.
      try {
        focusing?.enter();
      } finally {
        // Whoever hears of focus may have closed it.
        const isOpen = engine.state().open && mine === releases;
        if (isOpen && standing) mine.push(standing.hold(beside as never, lost));
        if (isOpen && showing.hold) mine.push(showing.hold());
        if (isOpen && showing.modal) stepAside(around);
      }
    };
    phase.go(true, () => showing.show(beside, change.reason === 'native'), follow);
  };

  const dismiss = ({ result, reason }: Change): void => {
    const active = document.activeElement;
    returns =
      focusing?.returns === 'always' ||
      root.contains(active) ||
      (active === document.body && reason !== 'hover');
    for (const child of childrenOf(root)) child.dismiss('parent');
    releases.splice(0).forEach((release) => release());
    names?.forget();
    phase.go(false, () => showing.hide(result));
  };

  watch(false);
  if (engine.state().open) present({ name: 'open', value: true, previous: false, reason: 'program' });

  return {
    parts() {
      const now = phase.now();
      const own = {
        ...showing.attributes(now),
        ...standing?.attributes(now),
        ...(options.escape === 'keep' && showing.modal && { closedby: 'none' }),
        'data-phase': now,
        inert: now === 'closing' ? '' : null,
      };
      return names?.parts(own) ?? [[root, own]];
    },
    refused() {
      if (!engine.state().open) ended?.(null);
      return false;
    },
    show: (change) => (change.value ? present(change) : dismiss(change)),
    settle(change) {
      if (change.value) return;
      place?.follow(watcher.takeRecords());
      if (returns) focusing?.giveBack(place, reachable(document));
      if (returns) document.addEventListener('focusin', stopFollowing, { once: true });
      else watch(false);
      const native = showing.modal && change.reason === 'native';
      ended?.(change.result ?? (native ? (root as HTMLDialogElement).returnValue : null));
    },
    filled() {
      const active = document.activeElement as HTMLElement;
      const isFree = active === document.body || active === opener;
      if (isFree || (root.contains(active) && active.tabIndex < 0)) focusing?.enter();
    },
    release() {
      watcher.disconnect();
      document.removeEventListener('focusin', stopFollowing);
      if (releases.length) dismiss({ name: 'open', value: false, previous: true, reason: 'program' });
      standing?.forget();
      ended?.(null);
    },
  };
}
