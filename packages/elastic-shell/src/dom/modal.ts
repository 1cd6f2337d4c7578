// The modal service: a `<dialog>` in the top layer, with scroll lock, focus, phases and naming.
import type { Openable } from '../core/contract/openable.js';
import type { Escape, Outside } from '../core/layers/tree.js';
import type { Engine, Service } from './engine.js';
import { type FocusChoice, focusFirst, holdFocus, type Place, placeOf } from './focus.js';
import { childrenOf, openLayer, parentOf, reachable } from './layers.js';
import { alertIn } from './message.js';
import { namer, type NamingRule } from './naming.js';
import { phases } from './phase.js';
import { lockScroll } from './scroll-lock.js';
import type { Change } from './types.js';

export interface ModalOptions {
  /** What Escape and the back gesture do. Default: `close`. */
  escape?: Escape;
  /** Where focus goes on opening. Default: [autofocus], the first field, the least destructive action, the heading. */
  firstFocus?: FocusChoice;
  /** Where focus goes on closing. Default: the opener, else what follows where it stood. */
  focusReturn?: FocusChoice;
  messages?: {
    /** The words shown in it when a guard fails. Default: the error's own message. */
    failed?(error: unknown): string;
  };
}

/** What a pattern says about its own modal: the service knows no pattern. */
export interface ModalRules {
  outside: Outside;
  naming: NamingRule;
  /** It has closed, or will not open: with this result. */
  ended(result: string | null): void;
}

export function modal<O extends ModalOptions>(engine: Engine<Openable, O>, rules: ModalRules): Service {
  const { options } = engine;
  const root = engine.root as HTMLDialogElement;
  const document = root.ownerDocument;
  const phase = phases(root, engine.render);
  const names = namer(root, rules.naming, engine.render);
  const alert = alertIn(root, options.messages?.failed);
  let releases: (() => void)[] = [];
  let place: Place | undefined;

  const watcher = new MutationObserver((records) => {
    place?.follow(records);
    if (!root.isConnected) engine.change({ open: false }, { reason: 'removed' }, true);
    else engine.reread();
    engine.render();
    if (document.activeElement !== document.body) return;
    if (!engine.state().open) place?.giveBack(reachable(document));
    else if (reachable(document) === root) holdFocus(root, document.body, names.makeFocusable);
  });
  const watch = (removals: boolean): void => {
    watcher.disconnect();
    watcher.observe(root, { attributeFilter: ['open'] });
    if (removals) watcher.observe(document, { childList: true, subtree: true });
  };

  /** Once focus has gone on by itself, what becomes of the place it returned to is nobody's business. */
  const stopFollowing = (): void => {
    if (!engine.state().open) watch(false);
  };

  const present = (change: Change): void => {
    if (!root.isConnected) {
      engine.change({ open: false }, { reason: 'removed' }, true);
      throw new TypeError(
        `elastic-shell: <dialog id="${root.id}"> is not in the document; append it before it opens`,
      );
    }
    place = placeOf(change.source ?? document.activeElement);
    releases = [
      openLayer({
        id: root,
        parent: parentOf(change.source, document),
        modal: true,
        outside: rules.outside,
        escape: options.escape ?? 'close',
        dismiss: (reason, event) =>
          engine.change({ open: false }, { reason, result: null, event }, reason === 'parent'),
        reread: engine.reread,
        holdFocus: (from) => holdFocus(root, from, names.makeFocusable),
        submitted(event) {
          event.preventDefault();
          const source = event.submitter;
          engine.intend('close', {
            reason: 'command',
            event,
            source,
            result: source?.getAttribute('value') ?? '',
          });
        },
      }),
      lockScroll(document),
    ];
    watch(true);
    phase.go(true, () => {
      if (!root.showModal) root.setAttribute('open', '');
      else if (change.reason !== 'native') {
        if (root.open) root.close();
        root.showModal();
      }
    });
    focusFirst(root, options.firstFocus, engine.commands, names.makeFocusable);
  };

  const dismiss = ({ result }: Change): void => {
    for (const child of childrenOf(root)) child.dismiss('parent');
    releases.forEach((release) => release());
    releases = [];
    names.forget();
    phase.go(false, () => {
      if (!root.showModal) return root.removeAttribute('open');
      // Without its open attribute a dialog is hidden, yet still holds the page inert: closing mends it.
      if (root.isConnected && root.matches(':modal')) root.setAttribute('open', '');
      root.close(result ?? undefined);
    });
  };

  watch(false);
  if (engine.state().open) present({ name: 'open', value: true, previous: false, reason: 'program' });

  return {
    parts: () =>
      names.parts({
        'data-phase': phase.now(),
        inert: phase.now() === 'closing' ? '' : null,
        ...(options.escape === 'keep' ? { closedby: 'none' } : {}),
        ...('showModal' in root ? {} : { 'aria-modal': 'true' }),
      }),
    asked: alert.clear,
    refused(error) {
      if (!engine.state().open) rules.ended(null);
      return alert.show(error);
    },
    show: (change) => (change.value ? present(change) : dismiss(change)),
    settle(change) {
      if (change.value) return;
      place?.follow(watcher.takeRecords());
      place?.giveBack(reachable(document), options.focusReturn);
      document.addEventListener('focusin', stopFollowing, { once: true });
      const { result = change.reason === 'native' ? root.returnValue : null } = change;
      rules.ended(result);
    },
    release() {
      watcher.disconnect();
      document.removeEventListener('focusin', stopFollowing);
      if (releases.length) dismiss({ name: 'open', value: false, previous: true, reason: 'program' });
      alert.clear();
      rules.ended(null);
    },
  };
}
