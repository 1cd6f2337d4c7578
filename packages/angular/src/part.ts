// Parts: the attributes of one element of a pattern, written by `[shellPart]`. The root is wired once it stands on the page.
//
// Attributes are written once, as they were first; from then on the engine alone writes them. What the author has written on the
// element himself (a role, a label) stays.
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

/** What `[shellPart]` takes: the parts of a handle, or of a directive. */
export interface ShellPartOf {
  /** The attributes, as they were first. */
  attributes(): Attributes;
  /** Wires it where it is the root; answers the way back. */
  attach?: ((element: HTMLElement) => () => void) | undefined;
}

/** One part, or several on one element: an item of a menu that opens another is `[menu.item('move'), move.branch()]`. */
export type ShellParts = ShellPartOf | readonly ShellPartOf[] | null | undefined;

/** The element of a directive, in whose injection context this is called. */
export const ownElement = (): HTMLElement => inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

/**
 * Writes on an element what `parts` answers, for as long as the injection context in which it is called lives; another part, or on
 * another element, when that is another.
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
      // The author's own. Another id on a root is reported when that is wired.
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
  /** A part of a handle, or of a directive by its template variable; or several. Default: none. */
  readonly shellPart = input<ShellParts>();

  constructor() {
    const element = ownElement();
    writePart(
      () => this.shellPart(),
      () => element,
    );
  }
}
