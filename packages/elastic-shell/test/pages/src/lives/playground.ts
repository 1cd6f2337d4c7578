// The playground of the second monkey: every pattern, as function and as element, on a page whose owner moves, replaces,
// rewrites, unwires and wires them again while they are in use.
import * as library from '../../../../src/index';
import { indexSize } from '../../../../src/engine/invoker-index';
import { type AnyWired, kinds, type Name, turnOn } from './kinds';
import { runTimers } from '../timers';
import { type How, settle } from './life';

interface Player {
  name: Name;
  how: How;
  id: string;
  stage: HTMLElement;
  author: string;
}

const names = Object.keys(kinds) as Name[];
let players: Player[] = [];
let count = 0;

const rootOf = ({ stage, id }: Player): HTMLElement | null => stage.querySelector(`#${id}`);

const wire = (player: Player): void => {
  const root = rootOf(player);
  if (player.how === 'function' && root && !library.wiredOf(root))
    shell.wire(player.name, player.id, {}, root);
};

const add = (name: Name, how: How, parent: ParentNode & Node): Player => {
  const id = `play-${++count}`;
  const stage = document.createElement(how === 'element' ? kinds[name].tag : 'div');
  stage.innerHTML = kinds[name].html(id);
  const player: Player = { name, how, id, stage, author: stage.innerHTML };
  parent.append(stage);
  players.push(player);
  wire(player);
  return player;
};

/** Everything on the page, shadow roots included. */
const all = (selector: string): Element[] => {
  const found: Element[] = [];
  const look = (within: ParentNode): void => {
    found.push(...within.querySelectorAll(selector));
    for (const host of within.querySelectorAll('[data-host]')) if (host.shadowRoot) look(host.shadowRoot);
  };
  look(document);
  return found;
};

const acts: Record<string, (player: Player, random: () => number) => void> = {
  move({ stage }, random) {
    const { parentNode } = stage;
    const others = [...(parentNode?.children ?? [])];
    parentNode?.insertBefore(stage, others[Math.floor(random() * others.length)] ?? null);
  },
  replace(player) {
    const root = rootOf(player);
    const copy = document.createElement('div');
    copy.innerHTML = player.author;
    if (player.how === 'element') player.stage.innerHTML = player.author;
    else if (root) root.innerHTML = copy.querySelector(`#${player.id}`)!.innerHTML;
  },
  rewrite(player) {
    const copy = document.createElement('div');
    copy.innerHTML = player.author;
    const then = [...copy.querySelectorAll('*')];
    const now = [...player.stage.querySelectorAll('*')].filter((element) => !library.isOurs(element));
    if (now.length !== then.length) return;
    now.forEach((element, at) => {
      const own = then[at]!;
      for (const attribute of element.getAttributeNames())
        if (!own.hasAttribute(attribute)) element.removeAttribute(attribute);
      for (const attribute of own.getAttributeNames())
        element.setAttribute(attribute, own.getAttribute(attribute)!);
    });
  },
  unwire(player) {
    const root = rootOf(player);
    if (player.how === 'function' && root) library.wiredOf(root)?.unwire();
    else player.stage.remove();
  },
  wire(player) {
    if (!player.stage.isConnected) document.querySelector('main')!.append(player.stage);
    wire(player);
  },
  twice(player) {
    const root = rootOf(player);
    if (player.how === 'function' && root) library.wiredOf(root)?.unwire();
    wire(player);
  },
  remove(player, random) {
    const root = rootOf(player);
    const wired = root && library.wiredOf(root);
    const isFirst = random() < 0.5;
    if (isFirst) player.stage.remove();
    if (player.how === 'function') wired?.unwire();
    if (!isFirst) player.stage.remove();
    players = players.filter((other) => other !== player);
    add(player.name, player.how, document.querySelector('main')!);
  },
  shadow({ stage }) {
    const host = document.createElement('div');
    host.dataset['host'] = '';
    document.querySelector('main')!.append(host);
    host.attachShadow({ mode: 'open' }).append(stage);
  },
  light({ stage }) {
    document.querySelector('main')!.append(stage);
    for (const host of document.querySelectorAll('[data-host]'))
      if (!host.shadowRoot?.childElementCount) host.remove();
  },
  frame({ name }) {
    const frame = document.createElement('iframe');
    document.body.append(frame);
    const inner = frame.contentDocument!;
    inner.body.innerHTML = kinds[name].html('framed');
    const root = inner.getElementById('framed')!;
    const wired = shell.wire(name, 'framed', {}, root) as AnyWired;
    turnOn(name, wired);
    frame.remove();
    wired.unwire();
  },
  program(player) {
    const root = rootOf(player);
    const wired = root && (library.wiredOf(root) as AnyWired | undefined);
    if (wired && player.stage.isConnected) turnOn(player.name, wired);
  },
};

export const playground = {
  start(): void {
    document.body.innerHTML =
      '<button id="before">Before</button><main style="padding-block-end:60vh"></main><button id="after">After</button>';
    players = [];
    for (const name of names)
      for (const how of ['function', 'element'] as const) add(name, how, document.querySelector('main')!);
  },
  /** Does one thing that the owner of a page does. */
  act(numbers: readonly number[]): string {
    const random = (
      (at) => () =>
        numbers[at++ % numbers.length]!
    )(0);
    // Rather something that is in use than something that lies there.
    const used = players.filter(
      ({ stage }) => stage.contains(document.activeElement) || stage.querySelector(':modal,:popover-open'),
    );
    const among = used.length && random() < 0.8 ? used : players;
    const player = among[Math.floor(random() * among.length)]!;
    const choices = [...Object.keys(acts), ...(used.length ? [] : Array<string>(12).fill('program'))];
    const what = choices[Math.floor(random() * choices.length)]!;
    acts[what]!(player, random);
    return `${what} ${player.name} as ${player.how}`;
  },
  /** What may not be so, beside what the other monkey looks for. */
  faults(): string[] {
    const found: string[] = [];
    const isLocked = document.documentElement.style.overflow === 'hidden';
    if (isLocked !== all('dialog:modal').length > 0)
      found.push(isLocked ? 'the page is locked without a modal' : 'a modal does not lock the page');
    for (const inert of all('[inert]'))
      if (inert.getAttribute('data-phase') !== 'closing' && !inert.closest('[data-slides]'))
        found.push(`${inert.outerHTML.slice(0, 80)} is inert`);
    for (const player of players) {
      const root = rootOf(player);
      const wired = root && (library.wiredOf(root) as AnyWired | undefined);
      if (!root || !wired || !player.stage.isConnected || kinds[player.name].state !== 'open') continue;
      const open = (wired['open'] as library.Cell<boolean>).get();
      const shown = root.matches('dialog,[popover]')
        ? root.matches(':modal,:popover-open')
        : !root.hasAttribute('hidden');
      if (open !== shown) found.push(`${player.name} as ${player.how}: open ${open}, shown ${shown}`);
    }
    return found;
  },
  /** Takes everything away; answers what is left of it. */
  async end(): Promise<string[]> {
    const found: string[] = [];
    for (const player of players) {
      const root = rootOf(player);
      if (player.how === 'function' && root) library.wiredOf(root)?.unwire();
      else player.stage.remove();
    }
    await settle();
    await runTimers();
    for (const { stage, author, name, how } of players) {
      // What the owner has put back meanwhile, and in which order, is his.
      const spell = (html: string): string =>
        html.replace(/ style=""/g, '').replace(/<[^>]*>/g, (tag) =>
          tag
            .slice(1, -1)
            .split(/ (?=[\w-]+=)/)
            .sort()
            .join(' '),
        );
      if (spell(stage.innerHTML) !== spell(author)) found.push(`${name} as ${how}: ${stage.innerHTML}`);
    }
    if (document.documentElement.style.overflow) found.push('the page is locked');
    const { trees, roots, ids } = indexSize();
    if (trees || roots || ids) found.push(`the index holds ${trees} trees, ${roots} roots, ${ids} ids`);
    return found;
  },
};
