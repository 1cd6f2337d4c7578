// Content that comes later, as an option of anything that opens. The work itself is loaded only where it is asked for.
import type { Openable } from '../core/contract/openable.js';
import { lazyService } from '../engine/lazy-service.js';
import type { Service } from '../engine/service.js';

/** Renders into the place it is given; may return what takes it away again. */
export type RenderInto = (place: HTMLElement) => unknown;

/** Content with a life of its own: `release` is called when it is taken away. */
export interface ContentLife {
  node: Node;
  release?(): void;
}

/** What content may be; a module stands for its default export. */
export type Content =
  Node | string | RenderInto | ContentLife | { default: Node | string | RenderInto | ContentLife };

/**
 * What makes content: a function, or the selector of a `<template>`. The signal aborts when nobody waits any more; `key`
 * names the item whose panel it is for, where the pattern has such. Nothing: what the markup holds is all.
 */
export type ContentSource =
  string | ((signal: AbortSignal, key?: string) => Content | undefined | Promise<Content | undefined>);

/** The options of content that comes later. */
export interface ContentOptions {
  /**
   * What makes the content: a function, or the selector of a `<template>`. It may answer with a promise;
   * the signal aborts when nobody waits any more. It gives an element, a fragment, a template, text, a
   * function that renders into the place it is given (and may return what takes it away again), `{ node, release }`, or a
   * module with one of these for default. It goes into `[data-content]`, else to the end of the root.
   * Default: none; what the markup holds.
   */
  content?: ContentSource;
  /** When it is asked for: on opening, on hover or focus of an opener, or when the page is idle. Default: `open`. */
  loadOn?: 'open' | 'hover' | 'idle';
  /** Whether it stays after closing; if not, it is made afresh each time. Default: true. */
  keepContent?: boolean;
  /** The words of progress, of the retry and of a failure. Default: English, and the error's own message. */
  messages?: {
    /** The name of the progress indicator, which shows after 120 milliseconds. Default: `Loading…`. */
    loading?(): string;
    /** The words of the button that tries again. Default: `Try again`. */
    retry?(): string;
    /** The words shown when a guard or the content fails. Default: the error's own message. */
    failed?(error: unknown): string;
  };
}

/** Whose content it is. */
export interface ContentHost {
  /** What holds it, and the controls that name it. */
  readonly root: HTMLElement;
  readonly options: ContentOptions;
  /** The key of the item whose panel it is for. */
  readonly key?: string;
  state(): Openable;
  render(): void;
}

/** `service`, and the content that the options ask for. */
export const withContent = (host: ContentHost, service: Service<Openable> = {}): Service<Openable> =>
  host.options.content
    ? lazyService(service, host, async () => (await import('./loading.js')).loading(host, service))
    : service;
