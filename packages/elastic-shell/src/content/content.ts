// Lazy content, as an option of everything that opens. The code that loads it is imported on first use.
import type { Openable } from '../core/contract/openable.js';
import { lazyService } from '../engine/lazy-service.js';
import type { Service } from '../engine/service.js';

/** Renders into the given element. May return a function that removes the result. */
export type RenderInto = (place: HTMLElement) => unknown;

/** Content with a life cycle of its own: `release` is called when it is removed. */
export interface ContentLife {
  node: Node;
  release?(): void;
}

/** What content may be. A module is replaced by its default export. */
export type Content =
  Node | string | RenderInto | ContentLife | { default: Node | string | RenderInto | ContentLife };

/**
 * Creates content: a function, or the selector of a `<template>`. The signal aborts when the content is no
 * longer needed. `key` is the key of the item whose panel it is for, if the pattern has items. Without a
 * result the markup contains everything.
 */
export type ContentSource =
  string | ((signal: AbortSignal, key?: string) => Content | undefined | Promise<Content | undefined>);

/** The options of lazy content. */
export interface ContentOptions {
  /**
   * Creates the content when it is first needed and puts it into `[data-content]`, or at the end of the root.
   * It is a function, which can return a promise, or the selector of a `<template>`.
   *
   * A function gets an AbortSignal, which aborts when nobody waits for the content any more. It returns an
   * element, a fragment, a template, a text, a function that renders into the place it gets (and may return
   * one that removes it), `{ node, release }`, or a module whose default export is one of these. If it fails,
   * the reader sees a message and a button to try again.
   *
   * @defaultValue none
   * @example { content: async (signal) => (await fetch('/boat', { signal })).text() }
   */
  content?: ContentSource;
  /**
   * Specifies when the content is created: on opening, when the pointer or focus is on an opener, or when the
   * page is idle.
   *
   * @defaultValue `open`
   * @example { loadOn: 'hover' }
   */
  loadOn?: 'open' | 'hover' | 'idle';
  /**
   * Specifies whether the content is kept after closing. If not, it is created again each time.
   *
   * @defaultValue true
   * @example { keepContent: false }
   */
  keepContent?: boolean;
  /**
   * Sets the texts of the progress indicator, the retry button and failures: `{ loading(), retry(),
   * failed(error) }`.
   *
   * @defaultValue English, and the message of the error
   * @example { messages: { loading: () => 'Wird geladen…' } }
   */
  messages?: {
    /**
     * The name of the progress indicator, which shows after 120 milliseconds.
     *
     * @defaultValue `Loading…`
     */
    loading?(): string;
    /**
     * The words of the button that tries again.
     *
     * @defaultValue `Try again`
     */
    retry?(): string;
    /**
     * The words shown when a guard or the content fails.
     *
     * @defaultValue the error's own message
     */
    failed?(error: unknown): string;
  };
}

/** The pattern or panel of the content. */
export interface ContentHost {
  /** The element that contains it, and the controls that refer to it. */
  readonly root: HTMLElement;
  readonly options: ContentOptions;
  /** The key of the item whose panel it is for. */
  readonly key?: string;
  state(): Openable;
  render(): void;
}

/**
 * Adds the content that the options define to a service.
 *
 * @param host - The pattern or panel of the content.
 * @param service - The service that opens it.
 * @returns The service with content.
 */
export const withContent = (host: ContentHost, service: Service<Openable> = {}): Service<Openable> =>
  host.options.content
    ? lazyService(service, host, async () => (await import('./loading.js')).loading(host, service))
    : service;
