// The results as a page to send to others: one file with its screenshots, which loads and runs nothing.
import { existsSync, readFileSync } from 'node:fs';
import { xmlText } from '../xml.js';
import { summaryOf } from './format.js';
import type { Rehearsal, CheckResult, WidgetResult } from './types.js';

const style = `
:root { color-scheme: light dark; --line: light-dark(#ccd3d8, #3b4750); --soft: light-dark(#4b5963, #aab6be); --bad: light-dark(#a3221a, #ff9c8f); --good: light-dark(#17603a, #84d6a4); }
body { margin: 0 auto; padding: 1.5rem clamp(1rem, 4vw, 3rem) 4rem; max-width: 72rem; font: 1rem/1.5 system-ui, sans-serif; overflow-wrap: anywhere; }
h1 { font-size: 1.5rem; line-height: 1.25; margin-block: 0 0.25rem; }
h2 { font-size: 1.15rem; margin-block: 2.5rem 0.5rem; padding-block-start: 1rem; border-block-start: 1px solid var(--line); }
p { max-inline-size: 70ch; }
.soft { color: var(--soft); }
details { border-block-start: 1px solid var(--line); padding-block: 0.5rem; }
summary { cursor: pointer; padding-block: 0.25rem; }
summary > b { font-weight: 600; }
.bad { color: var(--bad); font-weight: 600; }
.good { color: var(--good); }
.wide { overflow-x: auto; }
table { border-collapse: collapse; inline-size: 100%; }
th, td { text-align: start; vertical-align: top; padding: 0.35rem 1rem 0.35rem 0; border-block-start: 1px solid var(--line); }
th { font-weight: 600; white-space: nowrap; }
thead th { border: 0; color: var(--soft); font-weight: 400; font-size: 0.9rem; }
img { max-inline-size: min(100%, 40rem); block-size: auto; border: 1px solid var(--line); display: block; margin-block: 0.5rem; }
@media (max-width: 40rem) { table, tbody, tr, td, th { display: block; } thead { display: none; } th { padding-block-end: 0; } td { border: 0; padding-block: 0; } tr { padding-block-end: 0.5rem; } }
`;

/** A screenshot, inside the page. */
const pictureOf = (path: string | undefined, alt: string): string =>
  path && existsSync(path)
    ? `<img src="data:image/png;base64,${readFileSync(path).toString('base64')}" alt="${xmlText(alt)}" loading="lazy">`
    : '';

const outcomes = {
  passed: ['good', 'passes'],
  failed: ['bad', 'fails'],
  skipped: ['soft', 'skipped'],
} as const;

function rowOf({ key, outcome, heard, expected, got, picture }: CheckResult, name: string): string {
  const [look, word] = outcomes[outcome];
  const said =
    outcome === 'passed'
      ? xmlText(heard)
      : outcome === 'failed'
        ? `Expected: ${xmlText(expected)}.<br>Got: ${xmlText(got ?? '')}.${pictureOf(picture, `The page after ${key} at ${name}`)}`
        : xmlText(got ?? '');
  return `<tr><th scope="row">${xmlText(key)}</th><td class="${look}">${word}</td><td>${said}</td></tr>`;
}

const failed = ({ checks }: WidgetResult): number =>
  checks.filter(({ outcome }) => outcome === 'failed').length;

function widgetOf(widget: WidgetResult): string {
  const { kind, name, checks } = widget;
  const bad = failed(widget);
  const passed = checks.filter(({ outcome }) => outcome === 'passed').length;
  const score = bad
    ? `<span class="bad">${bad} of ${checks.length} fail</span>`
    : passed
      ? `<span class="good">${passed} pass</span>`
      : '<span class="soft">not checked</span>';
  return `<details${bad ? ' open' : ''}><summary><b>${xmlText(name || kind)}</b> <span class="soft">${xmlText(name ? kind : '')}</span> ${score}</summary>
<div class="wide"><table><thead><tr><th scope="col">Key or action</th><th scope="col">Outcome</th><th scope="col">Announced, or what happened</th></tr></thead>
<tbody>${checks.map((check) => rowOf(check, name || kind)).join('\n')}</tbody></table></div></details>`;
}

/** Pages with failures first, and in each the failures first. */
const worstFirst = <T>(all: readonly T[], bad: (each: T) => number): T[] =>
  [...all].sort((one, other) => Number(bad(other) > 0) - Number(bad(one) > 0));

function pageOf({ address, widgets, picture, stopped }: Rehearsal): string {
  const list = worstFirst(widgets, failed).map(widgetOf).join('\n');
  return `<section><h2><a href="${xmlText(address)}">${xmlText(address)}</a></h2>
${stopped ? `<p class="bad">${xmlText(stopped)}.</p>` : ''}
${list || '<p>No widget was found.</p>'}
${picture ? `<details><summary>Screenshot of the page</summary>${pictureOf(picture, `The page ${address}`)}</details>` : ''}</section>`;
}

/** Returns the whole page. `when` is when it was created. */
export function reportOf(rehearsals: readonly Rehearsal[], when: Date, browser: string): string {
  const sum = ({ widgets }: Rehearsal): number => widgets.map(failed).reduce((one, other) => one + other, 0);
  const pages = worstFirst(rehearsals, sum);
  const day = when.toISOString().slice(0, 16).replace('T', ' ');
  return `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>Rehearsal of ${xmlText(rehearsals[0]?.address ?? 'no page')}</title>
<style>${style}</style>
<main>
<h1>Rehearsal</h1>
<p>${xmlText(summaryOf(rehearsals).trim())}</p>
<p class="soft">${day} UTC, ${xmlText(browser)}. Each widget was operated with real keys and the pointer. The last column shows what the browser reports to a screen reader.</p>
${pages.map(pageOf).join('\n')}
</main>
</html>
`;
}
