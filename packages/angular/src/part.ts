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
  Renderer2,
  untracked,
} from '@angular/core';
import type { Attributes } from 'elastic-shell/bindings';

/** What `[shellPart]` takes: the parts of a handle, or of a directive. */
export interface ShellPartOf {
  /** The attributes, as they were first. */
  attributes(): Attributes;
  /** Wires it where it is the root; answers the way back. */
  attach?: ((element: HTMLElement) => () => void) | undefined;
}

/** One part, or several on one element: an item of a menu that opens another is `[menu.item('move'), move.branch()]`. */
export type ShellParts = ShellPartOf | readonly ShellPartOf[] | null | undefined;

/** Attributes that are there or not. */
const flags = new Set(['hidden', 'open', 'checked']);

/** Writes on the host, in the injection context of a directive, what `part` answers; another one when that is another. */
export function writePart(parts: () => ShellParts): void {
  const host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  const renderer = inject(Renderer2);
  const injector = inject(Injector);
  let own: string[] = [];
  let release: (() => void) | undefined;
  let now: ShellParts;
  const leave = (): void => {
    release?.();
    release = undefined;
  };
  const show = (next: ShellPartOf): void => {
    const wanted = now;
    for (const [name, value] of Object.entries(next.attributes())) {
      if (value === null) continue;
      const text = flags.has(name) ? '' : value;
      const there = host.getAttribute(name);
      // The author's own.
      if (there !== null && there !== text) continue;
      renderer.setAttribute(host, name, text);
      own.push(name);
    }
    const { attach } = next;
    if (!attach) return;
    afterNextRender(
      () => {
        if (now === wanted && host.isConnected) release ??= attach(host);
      },
      { injector },
    );
  };
  effect(() => {
    const next = parts();
    if (next === now) return;
    untracked(() => {
      leave();
      for (const name of own) renderer.removeAttribute(host, name);
      own = [];
      now = next;
      for (const part of [next ?? []].flat()) show(part);
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
    writePart(() => this.shellPart());
  }
}
