// Places where Angular renders what the engine has made room for: rows, tokens, and content that comes later. Each template is
// instantiated where it is written, so it keeps its injectors, and what it renders is moved to where the engine wants it.
import {
  DestroyRef,
  Directive,
  effect,
  type EmbeddedViewRef,
  inject,
  input,
  TemplateRef,
  untracked,
  ViewContainerRef,
} from '@angular/core';
import type { Bound, Hosts, Loaded, RowsOf, Token } from 'elastic-shell/bindings';
import { boundOf } from './handle.js';

/** Renders each host by the template that stands here, for as long as it is there. */
function fillFrom<T, C extends object>(
  of: () => object | undefined,
  hostsOf: (bound: Bound) => Hosts<T>,
  contextOf: (value: T) => C,
): void {
  const container = inject(ViewContainerRef);
  const template = inject<TemplateRef<C>>(TemplateRef);
  const views = new Map<number, { view: EmbeddedViewRef<C>; value: T }>();
  let release: (() => void) | undefined;
  const draw = (hosts: Hosts<T>): void => {
    const there = new Set<number>();
    for (const { key, node, value } of hosts.list()) {
      there.add(key);
      const known = views.get(key);
      if (known && Object.is(known.value, value)) continue;
      const view = known?.view ?? container.createEmbeddedView(template, contextOf(value));
      if (known) Object.assign(view.context, contextOf(value));
      else node.append(...view.rootNodes);
      views.set(key, { view, value });
      // At once: the engine measures what it has asked for.
      view.detectChanges();
    }
    for (const [key, { view }] of views) {
      if (there.has(key)) continue;
      views.delete(key);
      view.destroy();
    }
  };
  const leave = (): void => {
    release?.();
    release = undefined;
    for (const { view } of views.values()) view.destroy();
    views.clear();
  };
  effect(() => {
    const handle = of();
    untracked(() => {
      leave();
      // On a server nothing is wired, and there is nothing to fill.
      if (!handle || typeof document === 'undefined') return;
      const hosts = hostsOf(boundOf(handle));
      release = hosts.fill(() => untracked(() => draw(hosts)));
    });
  });
  inject(DestroyRef).onDestroy(leave);
}

/** What a template of rows is given. */
export interface RowContext<I> {
  /** The item of the row. */
  $implicit: I;
}

/**
 * Renders the rows of a listbox, a tree or a combobox that has `items`: `<span *shellRows="let boat of boats">`. What it renders
 * is created with its row and destroyed with it.
 */
@Directive({ selector: '[shellRows][shellRowsOf]' })
export class ShellRows<I> {
  /** The handle, or the directive by its template variable. */
  readonly shellRowsOf = input.required<RowsOf<I>>();

  constructor() {
    // Items are what the option `items` has given.
    fillFrom(
      () => this.shellRowsOf(),
      (bound) => bound.rows as Hosts<I>,
      (item): RowContext<I> => ({ $implicit: item }),
    );
  }

  /** Has templates know what their rows are made of. */
  static ngTemplateContextGuard<I>(_: ShellRows<I>, context: unknown): context is RowContext<I> {
    return !!context;
  }
}

/** What a template of tokens is given. */
export interface TokenContext {
  /** The token, with its key and label. */
  $implicit: Token;
}

/** Renders what stands in the tokens of a combobox for several: `<b *shellTokens="let token of trades">`. */
@Directive({ selector: '[shellTokens][shellTokensOf]' })
export class ShellTokens {
  /** The handle, or the directive by its template variable. */
  readonly shellTokensOf = input.required<object>();

  constructor() {
    // Tokens are what the combobox makes of its options.
    fillFrom(
      () => this.shellTokensOf(),
      (bound) => bound.tokens as Hosts<Token>,
      (token): TokenContext => ({ $implicit: token }),
    );
  }

  /** Has templates know what a token is. */
  static ngTemplateContextGuard(_: ShellTokens, context: unknown): context is TokenContext {
    return !!context;
  }
}

/** What a template of later content is given: what it has come to, and for tabs the key of the tab. */
export interface ContentContext {
  // What the option `content` answered with.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  /** The content that has loaded. */
  $implicit: any;
  /** The key of the tab, for tabs. */
  tab: string | undefined;
}

/** Renders what the option `content` has come to: `<p *shellContent="let log of popover">`. */
@Directive({ selector: '[shellContent][shellContentOf]' })
export class ShellContent {
  /** The handle, or the directive by its template variable. */
  readonly shellContentOf = input.required<object>();

  constructor() {
    fillFrom<Loaded, ContentContext>(
      () => this.shellContentOf(),
      (bound) => bound.content,
      ({ content, key }) => ({ $implicit: content, tab: key }),
    );
  }

  /** Has templates know what is given. */
  static ngTemplateContextGuard(_: ShellContent, context: unknown): context is ContentContext {
    return !!context;
  }
}
