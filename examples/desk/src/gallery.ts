// The gallery: wires the instances that the page marks with data-wire, and the few that need more code.
import './inspect';
import { cell, type DrawerOptions } from 'elastic-shell';
import 'elastic-shell/elements';
import './gallery-bars';
import './gallery-lists';
import {
  unwireAll,
  wireAccordion,
  wireCarousel,
  wireDialog,
  wireDisclosure,
  wireDrawer,
  wirePopover,
  wireSwitch,
  wireTabs,
  wireTooltip,
} from './gallery-wired';

const find = <E extends HTMLElement>(selector: string): E => document.querySelector<E>(selector)!;

for (const root of document.querySelectorAll<HTMLElement>('[data-wire=tooltip]')) wireTooltip(root);
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=disclosure]')) wireDisclosure(root);
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=drawer]')) {
  const edge = (root.dataset['edgeWish'] ?? 'inline-start') as NonNullable<DrawerOptions['edge']>;
  wireDrawer(root, { edge, modal: !('live' in root.dataset) });
}
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=popover]')) {
  const { areaWish, fitWish, openOn, behind, gap, modal } = root.dataset;
  wirePopover(root, {
    ...(areaWish && { area: areaWish }),
    ...(gap && { gap: Number(gap) }),
    ...(fitWish && { fit: 'anchor' as const }),
    ...(openOn && { openOn: 'hover' as const }),
    ...(behind && { behind: 'close' as const }),
    modal: modal !== undefined,
  });
}
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=dialog]')) {
  const { outside, escape, contentFrom } = root.dataset as {
    outside?: 'keep';
    escape?: 'keep';
    contentFrom?: string;
  };
  wireDialog(root, {
    ...(outside && { outside }),
    ...(escape && { escape }),
    ...(contentFrom && { content: contentFrom }),
  });
}

for (const root of document.querySelectorAll<HTMLElement>('[data-wire=accordion]'))
  wireAccordion(root, {
    exclusive: 'exclusive' in root.dataset,
    keepOne: 'keepOne' in root.dataset,
    arrows: 'arrows' in root.dataset,
  });
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=tabs]'))
  wireTabs(root, {
    ...(root.dataset['activation'] && { activation: 'manual' as const }),
    ...('closableTabs' in root.dataset && { closable: true }),
    ...(root.id === 'lazy-tabs' && {
      content: (_, key) =>
        key === 'later'
          ? new Promise<string>((resolve) => setTimeout(resolve, 400, 'Here at last.'))
          : undefined,
    }),
  });
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=carousel]'))
  wireCarousel(root, {
    wrap: !('stops' in root.dataset),
    ...(root.dataset['interval'] && { interval: Number(root.dataset['interval']) }),
  });
for (const root of document.querySelectorAll<HTMLElement>('[data-wire=switch]')) wireSwitch(root);
wireSwitch(find('#slow-switch'), {
  guard: () =>
    new Promise((resolve) => {
      setTimeout(() => resolve(!find<HTMLInputElement>('#switch-fails').checked), 400);
    }),
});

wirePopover(find('#lazy-popover'), {
  keepContent: false,
  messages: { loading: () => 'Reading the log…', retry: () => 'Read again' },
  content: (signal) =>
    new Promise((resolve, reject) => {
      const { checked: fails } = find<HTMLInputElement>('#lazy-fails');
      const timer = setTimeout(
        () =>
          fails ? reject(new Error('The log is at the binder’s.')) : resolve('All quiet since Tuesday.'),
        600,
      );
      signal.addEventListener('abort', () => clearTimeout(timer));
    }),
});

const level = cell(false);
wireDisclosure(find('#twin-a'), { open: level });
wireDisclosure(find('#twin-b'), { open: level });

const form = wireDialog(find('#form-dialog'));
find('#ask-name').addEventListener('click', () => {
  void form.ask().then((result) => {
    const name = find<HTMLInputElement>('[name=tender]').value;
    find('#answer').textContent = result === 'named' ? `The tender is ${name}.` : 'No name was given.';
  });
});

wireDialog(find('#slow-alert'), {
  guard: ({ value, result }) =>
    value ||
    result !== 'empty' ||
    new Promise((resolve, reject) => {
      const fails = find<HTMLInputElement>('#slow-fails').checked;
      setTimeout(
        () => (fails ? reject(new Error('The store did not answer. Nothing was emptied.')) : resolve(true)),
        400,
      );
    }),
});

find('#long-text').append(
  ...Array.from({ length: 30 }, (_, at) =>
    Object.assign(document.createElement('p'), {
      textContent: `${at + 1}. No boat goes up the slip before its keel has been sounded and its owner has been told.`,
    }),
  ),
);

find('#direction').addEventListener('click', (event) => {
  const rightToLeft = document.documentElement.dir !== 'rtl';
  document.documentElement.dir = rightToLeft ? 'rtl' : 'ltr';
  (event.currentTarget as HTMLElement).setAttribute('aria-pressed', `${rightToLeft}`);
});

find('#unwire').addEventListener('click', unwireAll);
