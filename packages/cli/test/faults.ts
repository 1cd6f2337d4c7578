// The faults of pages/faults.html, and what `rehearse` finds at each.
import { join } from 'node:path';
import { run } from './run';

/** A page of these tests. */
export const page = (name: string): string => join(__dirname, 'pages', name);

/** What `rehearse` prints as JSON, as much of it as is looked at. */
export interface Rehearsal {
  widgets: { kind: string; name: string; checks: { key: string; outcome: string; heard: string }[] }[];
}

/** Rehearses a page. */
export const rehearse = async (...args: string[]): Promise<Rehearsal> => {
  const { out, error } = await run(['rehearse', ...args, '--format', 'json']);
  if (error) throw new Error(error);
  return JSON.parse(out) as Rehearsal;
};

/** The rows that fail, by the name of each widget. */
export const failing = ({ widgets }: Rehearsal): Record<string, string[]> =>
  Object.fromEntries(
    widgets.map(({ name, checks }) => [
      name.replace(/^\w+: /, ''),
      checks.filter(({ outcome }) => outcome === 'failed').map(({ key }) => key),
    ]),
  );

/** What is found at each widget of faults.html: for each fault the rows that it breaks, and for "right" none. */
export const faults: [pattern: string, rows: Record<string, string[]>][] = [
  [
    'dialog',
    {
      right: [],
      'no name': ['name'],
      'no Escape': ['Escape'],
      'focus stays outside': ['first focus'],
      'focus is lost': ['Escape'],
      'Tab leaves': ['Tab repeatedly', 'Shift+Tab repeatedly'],
    },
  ],
  [
    'menu',
    {
      right: [],
      'does not wrap': ['ArrowUp'],
      'no letters': ['letters'],
      'focus is lost': ['Escape'],
      'Tab leaves it open': ['Tab in the menu', 'Shift+Tab in the menu'],
      'stays open': ['click outside'],
    },
  ],
  ['disclosure', { right: [], lies: ['Enter', 'Space', 'click'], 'Enter alone': ['Space'] }],
  [
    'tabs',
    {
      right: [],
      'no arrows': ['ArrowRight', 'ArrowLeft', 'End', 'selection'],
      'each is a stop': ['Tab from a tab'],
      'one panel': ['selection'],
    },
  ],
  [
    'combobox',
    {
      right: [],
      'no Escape': ['Escape'],
      'says it is closed': ['ArrowDown'],
      'says no active option': ['ArrowDown in the list'],
    },
  ],
  ['switch', { right: [], lies: ['Space', 'click'] }],
  ['tooltip', { right: [], 'hover alone': ['Tab'], 'no Escape': ['Escape'] }],
  ['tree', { right: [], 'no End': ['End'], 'does not close': ['ArrowRight'] }],
];

/** Those that take some seconds each. */
export const quick = faults.filter(([pattern]) => /^(disclosure|tabs|switch)$/.test(pattern));
