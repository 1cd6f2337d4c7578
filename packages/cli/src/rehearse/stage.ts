// One widget on a page: real keys and the pointer go to it, and what came of that is read back.
import type { Page } from 'playwright-core';
import { fail, type Facts, type Found, skip, type Stage as CheckStage } from 'elastic-shell/rehearsal';
import type { ScreenReader } from '../speech/screen-reader.js';
import './agent.js';
import { Hearing } from './heard.js';
import { isElsewhere, ready } from './ready.js';
import { arriveHeard, focusBefore } from './speech.js';

/** Milliseconds that a page may take to come to rest after a key. */
const patience = 1500;

/** How often a page that has gone elsewhere is loaded again. */
const mostLoads = 2;

/** How a page is brought to where it is rehearsed. */
export type Arrive = (page: Page) => Promise<void>;

/** A page that is rehearsed, and the widget that it is about now. */
export class Stage implements CheckStage {
  page: Page;
  hearing: Hearing;
  /** What was done since the last row, as one would say it, and what was heard. */
  heard = '';
  #messages: string[] = [];
  #found: Found[] = [];
  /** How things stood when the page had just been loaded. */
  #atFirst = '';
  #widget: Found | undefined;
  /** What the page showed when it was ready. */
  #evidence: string | undefined;

  constructor(
    page: Page,
    readonly arrive: Arrive,
    /** What presses the keys and says what is heard. Default: the browser's own keys, and its accessibility tree. */
    readonly reader?: ScreenReader,
  ) {
    this.page = page;
    this.hearing = new Hearing(page);
  }

  /** Goes on with another page, where the one before does not answer any more. */
  moveTo(page: Page): void {
    this.page = page;
    this.hearing = new Hearing(page);
    this.#atFirst = '';
  }

  /** Loads the page, brings it to its state, and finds its widgets. One that goes elsewhere once more is waited for again. */
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

  /** Turns to a widget. */
  turnTo(widget: Found): void {
    this.#widget = widget;
    this.#atFirst = '';
  }

  get #id(): number {
    return this.#widget?.id ?? -1;
  }

  /** How things stand with the widget. */
  async facts(): Promise<Facts> {
    const facts = await this.page.evaluate((id) => globalThis.elasticRehearsal?.facts(id), this.#id);
    return facts ?? fail('the widget was removed, or the page has navigated');
  }

  /** Brings the page back to where it began: by Escape where that will do, else it is loaded again. */
  async reset(): Promise<void> {
    this.heard = '';
    if (this.#atFirst && (await this.#calm())) return;
    await this.load();
    const widget = this.#widget;
    if (!widget) return;
    // The same one of its kind: a page may have others when it comes again.
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

  /** How things stand, apart from where focus is. */
  async #standing(): Promise<string> {
    const facts = await this.page
      .evaluate((id) => globalThis.elasticRehearsal?.facts(id), this.#id)
      .catch(() => undefined);
    return facts ? JSON.stringify({ ...facts, focus: '', current: 0 }) : '';
  }

  /** Closes what is open, and lets go of focus and pointer. Answers whether all is as it was at first. */
  async #calm(): Promise<boolean> {
    // Tab may have led into the browser's own bars.
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

  /** Waits until nothing moves: motion is over, and two frames have shown the same. */
  async settle(): Promise<void> {
    await this.page
      .evaluate((most) => globalThis.elasticRehearsal?.settle(most), patience)
      .catch(() => undefined);
  }

  /** Does something while the screen reader is listened to, if there is one. */
  async #hear(act: () => Promise<unknown>, key?: string): Promise<void> {
    await this.#begin();
    const { reader } = this;
    if (!reader) return void (await act());
    const { said } = await (key === undefined ? reader.after(act) : reader.press(key));
    this.#messages.push(...said);
  }

  /** Notes what is heard now. */
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

  /** Something is about to be done: what is heard from now on is heard of that. */
  async #begin(): Promise<void> {
    this.#messages = [];
    await this.hearing.begin();
  }

  /** Presses a key, waits, and reads how things stand. */
  async press(key: string): Promise<Facts> {
    await this.#hear(() => this.page.keyboard.press(key === 'Space' ? ' ' : key), key);
    await this.settle();
    await this.listen();
    return this.facts();
  }

  /** Types letters, waits, and reads how things stand. */
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

  /** Goes to the opener, or to the tab stop, by Tab. */
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

  /** Focuses the stop before the widget: if nothing has focus, a screen reader gives it back to what it was on. */
  async #focusBefore(what: 'opener' | 'stop', reader: ScreenReader): Promise<void> {
    const part = what === 'opener' ? what : 'root';
    await this.page.evaluate(([id, marked]) => elasticRehearsal.mark(id, marked), [this.#id, part] as const);
    await reader.after(() => this.page.evaluate(focusBefore), { first: 500 });
    await this.page.evaluate(() => elasticRehearsal.unmark());
  }

  /** Presses a part by the pointer. */
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

  /** Leads the pointer onto the opener. */
  async hover(): Promise<void> {
    await this.page.evaluate((id) => elasticRehearsal.mark(id, 'opener'), this.#id);
    await this.page
      .locator('[data-rehearsed]')
      .hover({ timeout: patience })
      .catch(() => undefined);
    await this.page.evaluate(() => elasticRehearsal.unmark());
  }

  /** Presses the empty corner of the page. */
  async pressOutside(): Promise<Facts> {
    const [width, height] = await this.page.evaluate<[number, number]>('[innerWidth, innerHeight]');
    await this.#hear(() => this.page.mouse.click(width - 3, height - 3));
    await this.settle();
    await this.listen();
    return this.facts();
  }

  /** Waits until it is so, or is not in the time that a page may take. */
  async until(test: (facts: Facts) => boolean): Promise<Facts> {
    const end = Date.now() + patience;
    for (;;) {
      const facts = await this.facts();
      if (test(facts) || Date.now() > end) return facts;
      await this.settle();
    }
  }

  /** Presses one of the buttons that say nothing of what they do; answers what that has opened. */
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

  /** How many tab stops the widget has. */
  stopCount(): Promise<number> {
    return this.page.evaluate((id) => elasticRehearsal.stopCount(id), this.#id);
  }
}
