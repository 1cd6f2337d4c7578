// One widget on a page: sends real keys and clicks to it, and reads the result.
import type { Page } from 'playwright-core';
import { fail, type Facts, type Found, skip, type Stage as CheckStage } from 'elastic-shell/rehearsal';
import type { ScreenReader } from '../speech/screen-reader.js';
import './agent.js';
import { Hearing } from './heard.js';
import { isElsewhere, ready } from './ready.js';
import { arriveHeard, focusBefore } from './speech.js';

/** How long a page may take to settle after a key, in milliseconds. */
const patience = 1500;

/** How often a page that has navigated is loaded again. */
const mostLoads = 2;

/** How a page is brought to the state to check. */
export type Arrive = (page: Page) => Promise<void>;

/** A page, and the widget that is being checked. */
export class Stage implements CheckStage {
  page: Page;
  hearing: Hearing;
  /** The actions since the start of the check, in words, and the announcements. */
  heard = '';
  #messages: string[] = [];
  #found: Found[] = [];
  /** The facts when the page had just been loaded. */
  #atFirst = '';
  #widget: Found | undefined;
  /** The signs when the page was ready. */
  #evidence: string | undefined;

  constructor(
    page: Page,
    readonly arrive: Arrive,
    /**
     * What presses the keys and returns the announcements. Default: the browser's own keys and its
     * accessibility tree.
     */
    readonly reader?: ScreenReader,
  ) {
    this.page = page;
    this.hearing = new Hearing(page);
  }

  /** Continues with another page, because the previous one does not respond. */
  moveTo(page: Page): void {
    this.page = page;
    this.hearing = new Hearing(page);
    this.#atFirst = '';
  }

  /**
   * Loads the page, brings it to its state, and finds its widgets. If it navigates again, it is waited for
   * again.
   */
  async load(): Promise<Found[]> {
    for (let left = mostLoads; ; left--)
      try {
        return await this.#load();
      } catch (error) {
        if (!left || !isElsewhere(error)) throw error;
      }
  }

  async #load(): Promise<Found[]> {
    if (this.reader) await arriveHeard(this.reader, this.page, this.arrive);
    else await this.arrive(this.page);
    if (!this.reader) await this.page.bringToFront();
    this.#evidence = await ready(this.page, this.#evidence);
    this.#found = await this.page.evaluate(() => elasticRehearsal.find());
    await this.hearing.forget();
    return this.#found;
  }

  /** Selects a widget. */
  turnTo(widget: Found): void {
    this.#widget = widget;
    this.#atFirst = '';
  }

  get #id(): number {
    return this.#widget?.id ?? -1;
  }

  /** Returns the facts about the widget. */
  async facts(): Promise<Facts> {
    const facts = await this.page.evaluate((id) => globalThis.elasticRehearsal?.facts(id), this.#id);
    return facts ?? fail('the widget was removed, or the page has navigated');
  }

  /** Restores the page: with Escape if that is enough, or else by loading it again. */
  async reset(): Promise<void> {
    this.heard = '';
    if (this.#atFirst && (await this.#calm())) return;
    await this.load();
    const widget = this.#widget;
    if (!widget) return;
    // The same widget of its kind, because the page may have others after loading.
    const same = this.#found.filter(({ pattern }) => pattern === widget.pattern);
    const there = same.find(({ id }) => id === widget.id) ?? same.find(({ name }) => name === widget.name);
    const id = await this.page.evaluate(
      ([place, pattern]) => (place === undefined ? undefined : elasticRehearsal.adopt(place, pattern)),
      [widget.button, widget.pattern] as const,
    );
    this.#widget = id === undefined ? (there ?? widget) : { ...widget, id };
    await this.settle();
    this.#atFirst = await this.#standing();
  }

  /** Returns the facts without the position of focus. */
  async #standing(): Promise<string> {
    const facts = await this.page
      .evaluate((id) => globalThis.elasticRehearsal?.facts(id), this.#id)
      .catch(() => undefined);
    return facts ? JSON.stringify({ ...facts, focus: '', current: 0 }) : '';
  }

  /** Closes everything, and releases focus and pointer. Returns whether everything is as it was at first. */
  async #calm(): Promise<boolean> {
    // Tab may have moved into the browser's own toolbars.
    if (!this.reader) await this.page.bringToFront();
    await this.page.mouse.move(0, 0);
    for (let at = 0; at < 2; at++) {
      await this.page.keyboard.press('Escape');
      await this.settle();
      if ((await this.#standing()) === this.#atFirst) break;
    }
    await this.page.evaluate(() => globalThis.elasticRehearsal?.said()).catch(() => undefined);
    await this.hearing.forget();
    return (await this.#standing()) === this.#atFirst;
  }

  /** Waits until animations are over, and two frames are equal. */
  async settle(): Promise<void> {
    await this.page
      .evaluate((most) => globalThis.elasticRehearsal?.settle(most), patience)
      .catch(() => undefined);
  }

  /** Does something while the screen reader is recorded, if there is one. */
  async #hear(act: () => Promise<unknown>, key?: string): Promise<void> {
    await this.#begin();
    const { reader } = this;
    if (!reader) return void (await act());
    const { said } = await (key === undefined ? reader.after(act) : reader.press(key));
    this.#messages.push(...said);
  }

  /** Records the current announcement. */
  async listen(): Promise<string> {
    if (this.reader) {
      const { said } = await this.reader.after(() => Promise.resolve(), { first: 0, quiet: 100 });
      this.#messages.push(...said);
      return (this.heard = this.#messages.join(' / '));
    }
    const position = await this.page
      .evaluate(() => globalThis.elasticRehearsal?.position() ?? '')
      .catch(() => '');
    const focus = await this.hearing.focus(position).catch(() => '');
    const said = await this.page.evaluate(() => globalThis.elasticRehearsal?.said() ?? []).catch(() => []);
    this.#messages.push(...said.map((message) => `“${message}”`));
    this.heard = [focus, ...this.#messages].filter(Boolean).join(' · ');
    return this.heard;
  }

  /** Called before an action: announcements from now on belong to it. */
  async #begin(): Promise<void> {
    this.#messages = [];
    await this.hearing.begin();
  }

  /** Presses a key, waits, and reads the facts. */
  async press(key: string): Promise<Facts> {
    await this.#hear(() => this.page.keyboard.press(key === 'Space' ? ' ' : key), key);
    await this.settle();
    await this.listen();
    return this.facts();
  }

  /** Types letters, waits, and reads the facts. */
  async type(text: string): Promise<Facts> {
    const { reader } = this;
    if (reader) {
      await this.#begin();
      for (const letter of text) this.#messages.push(...(await reader.press(letter)).said);
    } else await this.#hear(() => this.page.keyboard.type(text));
    await this.settle();
    await this.listen();
    return this.facts();
  }

  /** Moves to the opener, or to the tab stop, with Tab. */
  async tabTo(what: 'opener' | 'stop'): Promise<Facts> {
    const aimed = await this.page.evaluate(([id, where]) => elasticRehearsal.aim(id, where), [
      this.#id,
      what,
    ] as const);
    if (typeof aimed === 'string') skip(aimed);
    if (!aimed) fail("Tab doesn't reach it");
    await this.hearing.forget();
    if (this.reader) await this.#focusBefore(what, this.reader);
    return this.press('Tab');
  }

  /**
   * Focuses the tab stop before the widget. If nothing has focus, a screen reader moves it back to where it
   * was.
   */
  async #focusBefore(what: 'opener' | 'stop', reader: ScreenReader): Promise<void> {
    const part = what === 'opener' ? what : 'root';
    await this.page.evaluate(([id, marked]) => elasticRehearsal.mark(id, marked), [this.#id, part] as const);
    await reader.after(() => this.page.evaluate(focusBefore), { first: 500 });
    await this.page.evaluate(() => elasticRehearsal.unmark());
  }

  /** Clicks a part with the pointer. */
  async click(what: 'opener' | 'item' | 'root', index = 0): Promise<Facts> {
    const isThere = await this.page.evaluate(([id, part, at]) => elasticRehearsal.mark(id, part, at), [
      this.#id,
      what,
      index,
    ] as const);
    if (!isThere) fail('there is nothing to click');
    try {
      await this.#hear(() => this.page.locator('[data-rehearsed]').click({ timeout: patience }));
    } catch {
      fail("it can't be clicked: another element covers it, or it moves");
    } finally {
      await this.page.evaluate(() => globalThis.elasticRehearsal?.unmark()).catch(() => undefined);
    }
    await this.settle();
    await this.listen();
    return this.facts();
  }

  /** Moves the pointer onto the opener. */
  async hover(): Promise<void> {
    await this.page.evaluate((id) => elasticRehearsal.mark(id, 'opener'), this.#id);
    await this.page
      .locator('[data-rehearsed]')
      .hover({ timeout: patience })
      .catch(() => undefined);
    await this.page.evaluate(() => elasticRehearsal.unmark());
  }

  /** Clicks the empty corner of the page. */
  async pressOutside(): Promise<Facts> {
    const [width, height] = await this.page.evaluate<[number, number]>('[innerWidth, innerHeight]');
    await this.#hear(() => this.page.mouse.click(width - 3, height - 3));
    await this.settle();
    await this.listen();
    return this.facts();
  }

  /** Waits for a condition, or until the page has had enough time. */
  async until(test: (facts: Facts) => boolean): Promise<Facts> {
    const end = Date.now() + patience;
    for (;;) {
      const facts = await this.facts();
      if (test(facts) || Date.now() > end) return facts;
      await this.settle();
    }
  }

  /** Clicks one of the buttons whose purpose the markup doesn't show. Returns what it has opened. */
  async tryButton(
    place: number,
  ): Promise<{ pattern: Found['pattern']; kind: string; name: string } | undefined> {
    if (!(await this.page.evaluate((at) => elasticRehearsal.markButton(at), place))) return undefined;
    const button = this.page.locator('[data-rehearsed]');
    const name = (await button.textContent())?.replace(/\s+/g, ' ').trim() ?? '';
    await button.click({ timeout: patience }).catch(() => undefined);
    await this.settle();
    const opened = await this.page
      .evaluate(() => globalThis.elasticRehearsal?.opened())
      .catch(() => undefined);
    return opened && { ...opened, name };
  }

  /** Counts the tab stops of the widget. */
  stopCount(): Promise<number> {
    return this.page.evaluate((id) => elasticRehearsal.stopCount(id), this.#id);
  }
}
