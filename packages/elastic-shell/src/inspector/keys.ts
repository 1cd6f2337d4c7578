// The keys that work for the focused element, from every contract that it has a part in, in the current
// state. The contract's step function shows what a key would do. It is pure, so nothing changes. For keys
// that the browser handles, the text of the contract is shown.
import type { KeyActs } from '../core/contract/contract.js';
import { dismissedBy } from '../core/layers/stack.js';
import { targetOf } from '../engine/dom.js';
import { engineNamed, intentOf, namedBy, type Seen, wiredRun } from '../engine/registry.js';
import { isMirrored } from '../events/keys.js';
import { heardRole } from '../heard/role.js';
import { layersOf } from '../layer/open-layers.js';
import { notesOf } from './describe.js';
import { acted, effects, whyNothing, wouldDo } from './dry-run.js';
import { pressed, tableOf } from './key-tables.js';
import { titleOf } from './wired.js';

/** A key: what it would do now, and what the contract says about it. */
export interface KeyRow {
  key: string;
  /** What it would do now. `nothing` comes with the reason, if it is known. */
  now: string;
  says: string;
  isIdle: boolean;
}

/** The keys of one pattern that the element is part of. */
export interface KeyGroup {
  title: string;
  /** What applies to all of them: the direction of the arrow keys, or that it is disabled. */
  remarks: string[];
  rows: KeyRow[];
}

function listGroup(root: Element, run: Seen, table: KeyActs): KeyGroup {
  const isRtl = isMirrored(root);
  // Its opener and its tokens have keys of their own.
  const words = (notesOf(run.contract.name)?.keys ?? []).filter(({ on }) => !/^(opener|tokens)$/.test(on));
  const wordsOf = (key: string): string => words.find((word) => word.key === key)?.does ?? '';
  const rows = Object.entries(table).map(([chord, act]): KeyRow => {
    const key = pressed(chord, isRtl);
    const says = wordsOf(pressed(chord, false)) || wordsOf(chord.replace('Shift+', ''));
    const now = wouldDo(run, act);
    const isIdle = !now && !(typeof act === 'string' && acted.test(act));
    return { key, now: now || (isIdle ? whyNothing(key, run) : says || 'see the contract'), says, isIdle };
  });
  const letters = words.find(({ key }) => key === 'letters');
  if (letters) rows.push({ key: 'letters', now: letters.does, says: letters.does, isIdle: false });
  const remarks = isRtl
    ? ['The text runs from right to left: ArrowLeft moves forward, ArrowRight back.']
    : [];
  if (run.contract.name === 'tabs')
    remarks.push(
      'block-next' in table
        ? 'The tabs are below each other: ArrowDown and ArrowUp move.'
        : 'The tabs are next to each other: ArrowRight and ArrowLeft move.',
    );
  return { title: `${run.contract.name} “${titleOf(root)}”`, remarks, rows };
}

/** Keys of a part that the browser or a layer handles, in the text of the contract. */
function wordGroup(root: Element, run: Seen, part: string): KeyGroup {
  const rows = (notesOf(run.contract.name)?.keys ?? [])
    .filter(({ on, key }) => on === part && key !== 'Escape')
    .map(({ key, does }) => ({ key, now: does, says: does, isIdle: false }));
  return { title: `${run.contract.name} “${titleOf(root)}”`, remarks: [], rows };
}

/** Returns what activating the focused control would do to its target. */
function openerGroup(control: Element): KeyGroup | undefined {
  const running = engineNamed(control, namedBy(control));
  if (!running) return undefined;
  const { run } = running;
  const intent = intentOf(run.contract.commands, control.getAttribute('command'));
  const group = wordGroup(run.root, run, 'opener');
  const isDisabled = control.matches(':disabled') || control.getAttribute('aria-disabled') === 'true';
  if (isDisabled) group.remarks.push('It is disabled: no key does anything.');
  if (intent === undefined) return group;
  const now = effects(run, run.contract.step(run.state, intent, run.view));
  const rows = group.rows.map((row) =>
    isDisabled || !/^(Enter|Space)$/.test(row.key)
      ? { ...row, isIdle: isDisabled, ...(isDisabled && { now: 'nothing: it is disabled' }) }
      : { ...row, now: now || 'nothing: it already has this state', isIdle: !now },
  );
  return { ...group, rows };
}

/** Returns what Escape would close. */
function layerGroup(document: Document): KeyGroup | undefined {
  const layers = layersOf(document);
  if (!layers.length) return undefined;
  const { close } = dismissedBy(layers, { kind: 'escape' });
  const top = layers.at(-1);
  const now = close.length
    ? `closes ${close.map((id) => `“${titleOf(id)}”`).join(', ')}`
    : `nothing: ${top ? `“${titleOf(top.id)}” has the option escape “keep”` : 'no layer closes'}`;
  const modal = layers.findLast((layer) => layer.modal);
  const rows: KeyRow[] = [{ key: 'Escape', now, says: 'Closes the innermost layer', isIdle: !close.length }];
  if (modal)
    rows.push({
      key: 'Tab',
      now: `wraps within “${titleOf(modal.id)}”, which is modal`,
      says: 'Modal: stays within',
      isIdle: false,
    });
  return { title: `open layers (${layers.length})`, remarks: [], rows };
}

/** Elements that have keys of their own in HTML. */
function nativeGroup(element: Element): KeyGroup | undefined {
  const role = heardRole(element);
  const isDisabled = element.matches(':disabled') || element.getAttribute('aria-disabled') === 'true';
  const keys: Readonly<Record<string, readonly string[]>> = {
    button: ['Enter', 'Space'],
    link: ['Enter'],
    checkbox: ['Space'],
    switch: ['Space'],
    DisclosureTriangle: ['Enter', 'Space'],
  };
  const own = keys[role];
  if (!own) return undefined;
  const now = isDisabled ? 'nothing: it is disabled' : 'clicks it';
  return {
    title: `${role === 'DisclosureTriangle' ? 'summary' : role} “${titleOf(element)}”`,
    remarks: [],
    rows: own.map((key) => ({ key, now, says: now, isIdle: isDisabled })),
  };
}

/** Returns the wired roots around an element, the innermost first. */
function rootsAround(element: Element): { root: Element; run: Seen }[] {
  const found: { root: Element; run: Seen }[] = [];
  for (let at: Element | null = element; at; at = at.parentElement) {
    const run = wiredRun(at);
    if (run) found.push({ root: at, run });
  }
  return found;
}

const itemRoles = /^(tab|treeitem|option|menuitem|menuitemcheckbox|menuitemradio)$/;

/** Returns whether an element receives the keys of a list. */
function isItem(element: Element, root: Element, run: Seen): boolean {
  if (run.contract.name === 'accordion')
    return element.matches('summary,h1 *,h2 *,h3 *,h4 *,h5 *,h6 *') && element !== root;
  if (run.contract.name === 'combobox') return heardRole(element) === 'combobox' || element === root;
  return itemRoles.test(heardRole(element)) || element === root;
}

/** Returns whether a pattern handles keys on an element, whatever the page does with them. */
export const isInKeyedList = (element: Element): boolean =>
  rootsAround(element).some(({ root, run }) => tableOf(root, run) && isItem(element, root, run));

/** Returns the keys that do something for the focused element, by pattern. */
export function keysFor(element: Element): KeyGroup[] {
  const groups: KeyGroup[] = [];
  const opener = namedBy(element) === null ? undefined : openerGroup(element);
  if (opener?.rows.length) groups.push(opener);
  for (const { root, run } of rootsAround(element)) {
    const table = tableOf(root, run);
    if (table && isItem(element, root, run)) groups.push(listGroup(root, run, table));
    else if (!table && root === element) groups.push(wordGroup(root, run, 'root'));
  }
  const own = groups.length ? undefined : nativeGroup(element);
  const layers = layerGroup(element.ownerDocument);
  return [...groups, ...(own ? [own] : []), ...(layers ? [layers] : [])].filter(({ rows }) => rows.length);
}

/** Returns why a key has done nothing, as far as that can be known. */
export function whyIdle(event: KeyboardEvent): string {
  const element = targetOf(event);
  const key = event.key === ' ' ? 'Space' : event.key;
  if (!element || element === element.ownerDocument.body)
    return 'focus is on the page itself, which handles no keys.';
  if (event.defaultPrevented) return 'a script of the page has handled it, and no pattern changed.';
  const row = keysFor(element)
    .flatMap(({ rows }) => rows)
    .find((each) => each.key === key);
  if (row) return `${row.now}.`;
  if (key === 'Escape') return 'no layer is open that it could close.';
  const around = rootsAround(element)[0];
  if (!around) return 'the focused element is not part of a pattern.';
  const { root, run } = around;
  if (run.waiting) return `${run.contract.name} “${titleOf(root)}” is busy: its guard is pending.`;
  const table = tableOf(root, run);
  if (!table || !isItem(element, root, run))
    return `the focused element is in ${run.contract.name} “${titleOf(root)}”, but is none of its items.`;
  return /^Arrow/.test(key)
    ? `${run.contract.name} “${titleOf(root)}” has another orientation, so other arrow keys move.`
    : `${run.contract.name} does not use ${key}.`;
}
