// Parts: the attributes of an element of a pattern, written by `[shellPart]`. The root is wired when it is on
// the page. The attributes are written once, from the initial state. From then on only the engine writes
// them. What the author has written on the element (a role, a label) stays.
import {
  afterNextRender,
  DestroyRef,
  Directive,
  effect,
  ElementRef,
  inject,
  Injector,
  input,
  RendererFactory2,
  untracked,
} from '@angular/core';
import { type Attributes, flagAttributes } from 'elastic-shell/bindings';

/** The value of `[shellPart]`: a part of a handle, or of a directive. */
export interface ShellPartOf {
  /**
   * Returns the attributes, from the initial state.
   *
   * @returns The attributes.
   */
  attributes(): Attributes;
  /** Wires the element if it is the root. Returns a function that unwires it. */
  attach?: ((element: HTMLElement) => () => void) | undefined;
}

/**
 * A part, or several for one element: a menu item that opens a submenu is `[menu.item('move'),
 * move.branch()]`.
 */
export type ShellParts = ShellPartOf | readonly ShellPartOf[] | null | undefined;

/** Returns the element of the directive in whose injection context this is called. */
export const ownElement = (): HTMLElement => inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

/**
 * Writes the part that `parts` returns to an element, for as long as the current injection context lives. If
 * the part or the element changes, it is written again.
 */
export function writePart(parts: () => ShellParts, elementNow: () => HTMLElement | undefined): void {
  const renderer = inject(RendererFactory2).createRenderer(null, null);
  const injector = inject(Injector);
  let own: string[] = [];
  let release: (() => void) | undefined;
  let now: ShellParts;
  let host: HTMLElement | undefined;
  const leave = (): void => {
    release?.();
    release = undefined;
  };
  const show = (next: ShellPartOf, element: HTMLElement): void => {
    const wanted = now;
    for (const [name, value] of Object.entries(next.attributes())) {
      if (value === null) continue;
      const text = flagAttributes.has(name) ? '' : value;
      const there = element.getAttribute(name);
      // Keeps the author's own attributes. A different id on a root is reported when that is wired.
      if (there !== null && there !== text) continue;
      renderer.setAttribute(element, name, text);
      own.push(name);
    }
    const { attach } = next;
    if (!attach) return;
    afterNextRender(
      () => {
        if (now === wanted && host === element && element.isConnected) release ??= attach(element);
      },
      { injector },
    );
  };
  effect(() => {
    const next = parts();
    const element = elementNow();
    if (next === now && element === host) return;
    untracked(() => {
      leave();
      for (const name of own) renderer.removeAttribute(host, name);
      own = [];
      now = next;
      host = element;
      if (element) for (const part of [next ?? []].flat()) show(part, element);
    });
  });
  inject(DestroyRef).onDestroy(() => {
    now = undefined;
    leave();
  });
}

/** Makes an element a part of a pattern: `<button [shellPart]="dialog.opener()">`. */
@Directive({ selector: '[shellPart]' })
export class ShellPart {
  /**
   * The part of a handle, or of a directive by its template variable, or several parts.
   *
   * @defaultValue none
   */
  readonly shellPart = input<ShellParts>();

  constructor() {
    const element = ownElement();
    writePart(
      () => this.shellPart(),
      () => element,
    );
  }
}
