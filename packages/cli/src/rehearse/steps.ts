// Steps to get to a state, as plain data:
//
//   [{ "press": "Order W1041" }, { "type": "Cur", "in": "Boat" }, { "key": "Enter" }, { "wait": "Edit order" }]
import { readFileSync } from 'node:fs';
import type { Locator, Page } from 'playwright-core';
import { pause } from '../drive/wire.js';
import { Misuse } from '../misuse.js';
import './agent.js';
import { ready } from './ready.js';

/**
 * A step: a click on an element by name, a text to type (into a field, by its name), a key, or a wait for a
 * visible text.
 */
type Step =
  { press: string } | { type: string; in?: string } | { key: string } | { wait: string } | { go: string };

const kinds = ['press', 'type', 'key', 'wait', 'go'];

const isStep = (value: unknown): value is Step =>
  typeof value === 'object' &&
  value !== null &&
  kinds.some((kind) => kind in value) &&
  Object.values(value).every((each) => typeof each === 'string');

/** How long a step waits for its element, in milliseconds, because a page on a busy machine may be slow. */
const patience = 30_000;

/** The time between two searches for it, in milliseconds. */
const gap = 100;

/** Reads steps. Throws `Misuse` if one is invalid. */
export function readSteps(path: string): readonly Step[] {
  let said: unknown;
  try {
    said = JSON.parse(readFileSync(path, 'utf8'));
  } catch (error) {
    throw new Misuse(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
  if (!Array.isArray(said)) throw new Misuse(`${path} must contain an array of steps.`);
  return said.map((each: unknown, at) => {
    if (isStep(each)) return each;
    throw new Misuse(`${path}: step ${at + 1} needs one of ${kinds.join(', ')}, with a text.`);
  });
}

/** Marks the element of a step as soon as it exists. */
async function mark(page: Page, name: string, what: 'markNamed' | 'markField'): Promise<Locator> {
  const end = Date.now() + patience;
  for (;;) {
    await ready(page);
    const isThere = await page.evaluate(([called, act]) => elasticRehearsal[act](called), [
      name,
      what,
    ] as const);
    if (isThere) return page.locator('[data-rehearsed]');
    if (Date.now() > end) throw new Error(`no element is called ${name}`);
    await pause(gap);
  }
}

async function takeOne(page: Page, step: Step): Promise<void> {
  if ('press' in step) await (await mark(page, step.press, 'markNamed')).click({ timeout: patience });
  else if ('key' in step) await page.keyboard.press(step.key);
  else if ('wait' in step) await mark(page, step.wait, 'markNamed');
  else if ('go' in step) await page.goto(new URL(step.go, page.url()).href);
  else {
    if (step.in !== undefined) await (await mark(page, step.in, 'markField')).click({ timeout: patience });
    await page.keyboard.type(step.type);
  }
}

/** Performs steps on a page. Throws `Misuse` with the step that is impossible. */
export async function take(page: Page, steps: readonly Step[]): Promise<void> {
  for (const [at, step] of steps.entries())
    try {
      await takeOne(page, step);
      // The mark isn't part of the state. A step may have led to another page without it.
      await page.evaluate(() => globalThis.elasticRehearsal?.unmark()).catch(() => undefined);
    } catch {
      throw new Misuse(`step ${at + 1}, ${JSON.stringify(step)}, failed: no element on the page matches.`);
    }
}
