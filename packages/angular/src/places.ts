// Directives that render rows, tokens and lazy content where the engine has inserted hosts. Each template is
// instantiated where it is written, so it keeps its injectors, and the result is moved into its host.
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

/** Renders each host with the template here, for as long as it exists. */
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
      // At once, because the engine measures what it has requested.
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

/** The context of a template for rows. */
export interface RowContext<I> {
  /** The item of the row. */
  $implicit: I;
}

/**
 * Renders the rows of a listbox, a tree or a combobox with the option `items`: `<span *shellRows="let boat of
 * boats">`. The content is created and destroyed together with its row.
 */
@Directive({ selector: '[shellRows][shellRowsOf]' })
export class ShellRows<I> {
  /** The handle, or the directive by its template variable. */
  readonly shellRowsOf = input.required<RowsOf<I>>();

  constructor() {
    // These are the items of the option `items`.
    fillFrom(
      () => this.shellRowsOf(),
      (bound) => bound.rows as Hosts<I>,
      (item): RowContext<I> => ({ $implicit: item }),
    );
  }

  /** Tells templates the type of the items. */
  static ngTemplateContextGuard<I>(_: ShellRows<I>, context: unknown): context is RowContext<I> {
    return !!context;
  }
}

/** The context of a template for tokens. */
export interface TokenContext {
  /** The token, with its key and label. */
  $implicit: Token;
}

/** Renders the tokens of a combobox with `multiple`: `<b *shellTokens="let token of trades">`. */
@Directive({ selector: '[shellTokens][shellTokensOf]' })
export class ShellTokens {
  /** The handle, or the directive by its template variable. */
  readonly shellTokensOf = input.required<object>();

  constructor() {
    // The combobox derives tokens from its options.
    fillFrom(
      () => this.shellTokensOf(),
      (bound) => bound.tokens as Hosts<Token>,
      (token): TokenContext => ({ $implicit: token }),
    );
  }

  /** Tells templates the type of a token. */
  static ngTemplateContextGuard(_: ShellTokens, context: unknown): context is TokenContext {
    return !!context;
  }
}

/** The context of a template for lazy content: the content, and for tabs the key of the tab. */
export interface ContentContext {
  /** The content that has loaded: the result of the option `content`. */
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  $implicit: any;
  /** The key of the tab, for tabs. */
  tab: string | undefined;
}

/** Renders the result of the option `content`: `<p *shellContent="let log of popover">`. */
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

  /** Tells templates the type of the context. */
  static ngTemplateContextGuard(_: ShellContent, context: unknown): context is ContentContext {
    return !!context;
  }
}
