// One life: a pattern wired in a stage of the page, as a function or as an element, and what can be done to it.
import type * as library from '../../../../src/index';
import { wires } from './wires';
import { indexSize } from '../../../../src/engine/invoker-index';
import { type AnyWired, isOn, type Kind, kinds, type Name, shows, turnOn } from './kinds';

export type How = 'function' | 'element';

declare global {
  interface Element {
    moveBefore(node: Node, before: Node | null): void;
  }
}

/** Two frames, and what timers and motions do meanwhile. */
export const settle = async (): Promise<void> => {
  await Promise.allSettled(document.getAnimations().map((animation) => animation.finished));
  await new Promise((resolve) =>
    requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(resolve))),
  );
};

/** Markup in one spelling: what nobody has set to anything is left out. */
export const spell = (html: string): string => html.replace(/ style=""/g, '');

/** An option as an attribute spells it. */
const kebab = (option: string): string => option.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

let lives = 0;

export interface Life {
  name: Name;
  kind: Kind;
  how: How;
  id: string;
  /** Holds the whole of it, between two buttons of the page. */
  stage: HTMLElement;
  /** The author's markup in the stage. */
  author: string;
  root(): HTMLElement;
  wired(): AnyWired;
  /** Changes that were told, as "name reason". */
  heard: string[];
  turn(): void;
  press(): void;
  /** Ends it: by `unwire`, or by taking its element away. Answers once that is done. */
  end(): Promise<void>;
  /** What does not agree between the state and the page. */
  disagreements(): string[];
  /** What is left on the page that was not there before. */
  traces(): string[];
}

/** Builds the stage of a pattern, with focus on the button before it, and wires it. */
export function live(
  name: Name,
  how: How,
  options: Record<string, unknown> = {},
  prepare?: (stage: HTMLElement) => void,
): Life {
  const kind: Kind = kinds[name];
  const id = `life-${++lives}`;
  // As the page spells it.
  const spelled = document.createElement('div');
  spelled.innerHTML = kind.html(id);
  const author = spelled.innerHTML;
  document.body.innerHTML = `<button id="before">Before</button><main></main><button id="after">After</button>`;
  const main = document.querySelector('main')!;
  const stage = document.createElement(how === 'element' ? kind.tag : 'div');
  const heard: string[] = [];
  const hear = ({ name: state, reason }: library.Change): void => void heard.push(`${state} ${reason}`);
  const root = (): HTMLElement =>
    (document.getElementById(id) ?? stage.shadowRoot?.getElementById(id) ?? stage.querySelector(`#${id}`))!;
  let made: AnyWired | undefined;
  document.getElementById('before')!.focus();

  if (how === 'function') {
    stage.innerHTML = author;
    main.append(stage);
    prepare?.(stage);
    const { onChange, ...more } = options as { onChange?: (change: library.Change) => void };
    made = (wires[name] as unknown as (element: HTMLElement, given: object) => AnyWired)(root(), {
      onChange(change: library.Change) {
        hear(change);
        onChange?.(change);
      },
      ...more,
    });
  } else {
    stage.addEventListener('shell-change', (event) => {
      const { detail } = event as CustomEvent<library.Change>;
      hear(detail);
      (options['onChange'] as ((change: library.Change) => void) | undefined)?.(detail);
    });
    stage.addEventListener('shell-guard', (event) => {
      const guard = options['guard'] as ((change: library.Change) => unknown) | undefined;
      const { change, wait } = (
        event as CustomEvent<{ change: library.Change; wait(on: Promise<unknown>): void }>
      ).detail;
      const answer = guard?.(change);
      if (answer === false) event.preventDefault();
      if (answer instanceof Promise) wait(answer);
    });
    for (const [option, value] of Object.entries(options))
      if (typeof value !== 'function' && typeof value !== 'object')
        stage.setAttribute(kebab(option), String(value));
    if (prepare) {
      // The page is in use before its elements are defined.
      const early = document.createElement('div');
      early.innerHTML = author;
      main.append(stage, early);
      prepare(early);
      while (early.firstChild) {
        // WebKit has no other way to move than to take out and put in.
        if (Reflect.has(stage, 'moveBefore')) stage.moveBefore(early.firstChild, null);
        else stage.append(early.firstChild);
      }
      early.remove();
    } else {
      stage.innerHTML = author;
      main.append(stage);
    }
  }
  const wired = (): AnyWired => made ?? (stage as unknown as { wired: AnyWired }).wired;

  return {
    name,
    kind,
    how,
    id,
    stage,
    author,
    heard,
    root,
    wired,
    turn() {
      turnOn(name, wired());
    },
    press() {
      const within = stage.shadowRoot ?? stage;
      if (kind.press) within.querySelector<HTMLElement>(kind.press)!.click();
    },
    async end() {
      if (made) made.unwire();
      else stage.remove();
      await Promise.resolve();
    },
    disagreements() {
      const state = isOn(kind, wired());
      const page = shows(name, root());
      return state === page ? [] : [`the state says ${state}, the page ${page}`];
    },
    traces() {
      const found: string[] = [];
      const html = spell(stage.innerHTML);
      if (html !== author) found.push(`markup: ${html}`);
      if (document.documentElement.hasAttribute('style')) found.push('the page is locked');
      if (document.querySelector(':modal,:popover-open,[inert]')) found.push('something is shown or inert');
      const { roots, trees } = indexSize();
      if (roots || trees) found.push(`the index holds ${roots} roots, ${trees} trees`);
      if (wired()?.busy.get()) found.push('busy');
      return found;
    },
  };
}
