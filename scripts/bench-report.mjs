// The report of `npm run bench -- --report`: one page with plots (docs/bench/report.html), the first of them as a picture, and the
// table of docs/quality.md, all from the run that has just ended. Started by itself it draws what was last measured again.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { join } from 'node:path';
import * as Plot from '@observablehq/plot';
import { JSDOM } from 'jsdom-29';
import { format } from 'prettier';
import { root } from './setup.mjs';

const folder = join(root, 'docs/bench');
const { document } = new JSDOM('').window;

/** Colours by what they are for, in light and in dark; of one lightness, and apart for those who do not tell red from green. */
const colours = `
  :root { color-scheme: light dark; --ink: #1d2b28; --paper: #fbfcfb; --quiet: #5c6d69; --ours: #14746f; --theirs: #b3661b; --aim: #6b4fa0; --line-1: #14746f; --line-2: #b3661b; --line-3: #5a4fb0; --line-4: #a03a6b; --line-5: #4d7a1e; --line-6: #8a6d00; }
  @media (prefers-color-scheme: dark) { :root { --ink: #e3ebe8; --paper: #131b1a; --quiet: #9aaba6; --ours: #4fc0b5; --theirs: #e0a05e; --aim: #b9a2ee; --line-1: #4fc0b5; --line-2: #e0a05e; --line-3: #a9a2f5; --line-4: #ee8fbb; --line-5: #9ccb63; --line-6: #dcc15a; } }`;

const svgOf = (options) => {
  const plot = Plot.plot({
    document,
    width: 900,
    marginBottom: 50,
    style: { fontSize: '13px', background: 'none' },
    ...options,
  });
  return plot.outerHTML;
};

/** Each figure as a line from 1 (as fast as the other side) to its ratio, with its aim. */
const ratios = (figures) =>
  svgOf({
    marginLeft: 400,
    height: 60 + figures.length * 34,
    x: {
      type: 'log',
      labelOffset: 40,
      label: 'times as long as the other side (1 is as long); the stroke is the aim',
      grid: true,
    },
    y: { label: null, domain: figures.map(({ what }) => what) },
    marks: [
      Plot.ruleX([1], { stroke: 'var(--quiet)' }),
      Plot.ruleY(figures, { x1: 1, x2: 'ratio', y: 'what', stroke: 'var(--ours)', strokeWidth: 3 }),
      Plot.dot(figures, { x: 'ratio', y: 'what', r: 6, fill: 'var(--ours)' }),
      Plot.text(figures, {
        x: 'ratio',
        y: 'what',
        text: ({ ratio }) => ratio.toFixed(1),
        dy: -13,
        fill: 'var(--ink)',
      }),
      Plot.tickX(figures, { x: 'budget', y: 'what', stroke: 'var(--aim)', strokeWidth: 3, inset: 6 }),
    ],
  });

/** Where each line is named: at its end, or so far below the one above that both can be read. */
function namesAt(points) {
  const ends = points.filter(({ count }) => count === 100_000).sort((one, other) => other.time - one.time);
  let above = Infinity;
  return ends.map((end) => ({ ...end, time: (above = Math.min(end.time, above / 1.22)) }));
}

/** Milliseconds by the number of items, both on log axes: what is flat does not follow it. */
function growing(growth) {
  const points = growth
    .filter(({ what }) => !/^branch/.test(what))
    .flatMap(({ what, times }) =>
      Object.entries(times)
        .filter(([count, time]) => /^\d+$/.test(count) && time !== undefined)
        .map(([count, time]) => ({ what, count: Number(count), time })),
    );
  return svgOf({
    height: 420,
    marginLeft: 50,
    marginRight: 230,
    x: {
      type: 'log',
      label: 'items',
      labelOffset: 40,
      grid: true,
      ticks: [10, 100, 1000, 10_000, 100_000],
      tickFormat: ',',
    },
    y: {
      type: 'log',
      label: 'milliseconds to layout',
      grid: true,
      ticks: [0.5, 1, 2, 5, 10, 20, 50],
      tickFormat: (time) => `${time}`,
      domain: [0.5, 50],
    },
    color: { type: 'categorical', range: [1, 2, 3, 4, 5, 6].map((at) => `var(--line-${at})`) },
    marks: [
      Plot.ruleY([16.7], { stroke: 'var(--aim)', strokeDasharray: '4 4' }),
      Plot.text([16.7], {
        x: 10,
        y: 16.7,
        text: () => 'one frame',
        textAnchor: 'start',
        dy: -9,
        dx: 4,
        fill: 'var(--aim)',
      }),
      Plot.line(points, { x: 'count', y: 'time', z: 'what', stroke: 'what', strokeWidth: 2 }),
      Plot.dot(points, { x: 'count', y: 'time', fill: 'what', r: 4 }),
      Plot.text(namesAt(points), {
        x: 'count',
        y: 'time',
        text: 'what',
        textAnchor: 'start',
        dx: 10,
        fill: 'what',
      }),
    ],
  });
}

/** The folder that a module belongs to, as the report shows it. */
const partOf = (file) => /^(core\/\w+|patterns\/\w+|[\w-]+)\//.exec(file)?.[1] ?? 'the rest';

const bytes = ({ modules }) => {
  const parts = groupBy(modules);
  const rows = [...parts]
    .map(([part, files]) => ({ part, kilo: files.reduce((sum, { bytes: own }) => sum + own, 0) / 1000 }))
    .sort((one, other) => other.kilo - one.kilo);
  return svgOf({
    marginLeft: 150,
    height: 60 + rows.length * 22,
    x: { label: 'kB minified, before compression', labelOffset: 40, grid: true },
    y: { label: null, domain: rows.map(({ part }) => part) },
    marks: [
      Plot.barX(rows, { x: 'kilo', y: 'part', fill: 'var(--ours)', inset: 1 }),
      Plot.text(rows, {
        x: 'kilo',
        y: 'part',
        text: ({ kilo }) => kilo.toFixed(1),
        textAnchor: 'start',
        dx: 5,
        fill: 'var(--ink)',
      }),
    ],
  });
};

function groupBy(modules) {
  const parts = new Map();
  for (const each of modules) parts.set(partOf(each.file), [...(parts.get(partOf(each.file)) ?? []), each]);
  return parts;
}

/** How many interactions took how long, a row a page. */
const distribution = ({ played }) =>
  svgOf({
    height: 120 * played.length,
    marginLeft: 80,
    x: { label: 'milliseconds to the next paint, processor slowed', labelOffset: 40, grid: true },
    y: { label: 'interactions' },
    fy: { label: null, domain: played.map(({ name }) => name) },
    marks: [
      Plot.rectY(
        played.flatMap(({ name, times }) => times.map(({ duration }) => ({ name, duration }))),
        Plot.binX({ y: 'count' }, { x: 'duration', fy: 'name', interval: 16, fill: 'var(--ours)' }),
      ),
      Plot.ruleX([50], { stroke: 'var(--aim)', strokeWidth: 2 }),
      Plot.ruleY([0], { stroke: 'var(--quiet)' }),
    ],
  });

const number = (value) => (value < 10 ? value.toFixed(1) : value.toFixed(0));

/** Returns the measurements as rows of one table: what, aim, now, ours, theirs. */
function table({ figures, growth, played, heap }) {
  const timesOf = (what) => growth.find((each) => each.what === what)?.times ?? {};
  const arrow = ['arrow key', 'arrow key in a tree'].map(
    (what) => timesOf(what)[100_000] / timesOf(what)[100],
  );
  const keystroke = timesOf('filter keystroke in a combobox')[100_000];
  return [
    ...figures.map(({ what, ours, theirs, against, budget }) => [
      `${what}, against ${against}`,
      `${budget} ×`,
      `${(ours / theirs).toFixed(1)} ×`,
      `${number(ours)} ms`,
      `${number(theirs)} ms`,
    ]),
    [
      'arrow key in a listbox, in a tree, 100 → 100,000 items',
      'flat',
      arrow.map((ratio) => `${ratio.toFixed(1)} ×`).join(', '),
      '',
      '',
    ],
    ['combobox keystroke over 100,000 options, to layout', '16.7 ms', `${number(keystroke)} ms`, '', ''],
    [
      'heap after 1,000 × wire, open, close, unwire',
      '1.0 ×',
      `${(heap.after / heap.before).toFixed(2)} ×`,
      `${(heap.after / 1e6).toFixed(2)} MB`,
      `${(heap.before / 1e6).toFixed(2)} MB before`,
    ],
    ...played.played.map(({ name, median, most, worst }) => [
      `${played.count} interactions on ${name === 'desk' ? 'the desk' : `the orders in ${name}`}, processor slowed ${played.slowed} ×: median, 98 of 100, worst`,
      '50 ms',
      `${median}, ${most}, ${worst[0].duration} ms`,
      worst[0].what,
      '',
    ]),
    [
      'heap of the desk after 2 rounds and after 10',
      'the same',
      `${(played.heap.later / played.heap.after).toFixed(2)} ×`,
      `${played.heap.later.toFixed(2)} MB`,
      `${played.heap.after.toFixed(2)} MB before`,
    ],
  ];
}

const heads = ['what', 'aim', 'now', 'ours', 'theirs'];
const escaped = (text) => text.replace(/&/g, '&amp;').replace(/</g, '&lt;');

const pageOf = (about, rows, plots) => `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Elastic Shell, measured</title>
<style>${colours}
  body { max-width: 60rem; margin: 2rem auto; padding: 0 1rem; color: var(--ink); background: var(--paper); font: 1rem/1.5 system-ui, sans-serif; }
  h1, h2 { line-height: 1.2; } h2 { margin-block: 2.5rem 0.25rem; } p { color: var(--quiet); margin-block: 0.25rem 0.75rem; }
  svg { max-width: 100%; height: auto; overflow: visible; }
  .wide { overflow-x: auto; } table { border-collapse: collapse; font-size: 0.875rem; } th, td { padding: 0.3rem 0.6rem; border-block-end: 1px solid color-mix(in srgb, var(--quiet) 35%, transparent); text-align: start; vertical-align: top; }
</style>
</head>
<body>
<h1>Elastic Shell, measured</h1>
<p>${escaped(about)}</p>
${plots.map(([title, words, svg]) => `<h2>${title}</h2>\n<p>${words}</p>\n<div class="wide" tabindex="0" role="group" aria-label="${title}">${svg}</div>`).join('\n')}
<h2>All figures</h2>
<div class="wide" tabindex="0" role="group" aria-label="All figures"><table><thead><tr>${heads.map((head) => `<th scope="col">${head}</th>`).join('')}</tr></thead>
<tbody>${rows.map((row) => `<tr>${row.map((cell) => `<td>${escaped(cell)}</td>`).join('')}</tr>`).join('\n')}</tbody></table></div>
</body>
</html>
`;

/** Writes the measurements between the marks in docs/quality.md. */
async function writeTable(about, rows) {
  const path = join(root, 'docs/quality.md');
  const [begin, end] = ['<!-- measured: begin -->', '<!-- measured: end -->'];
  const text = readFileSync(path, 'utf8');
  const lines = [heads, heads.map(() => '---'), ...rows].map(
    // What looks like an element is one, in a document.
    (row) => `| ${row.map((cell) => cell.replace(/<\w+>/g, '`$&`')).join(' | ')} |`,
  );
  const made = `${begin}\n\n${about}\n\n![How long each takes beside the platform or a script by hand](bench/ratios.svg)\n\n${lines.join('\n')}\n\n${end}`;
  const next = text.slice(0, text.indexOf(begin)) + made + text.slice(text.indexOf(end) + end.length);
  writeFileSync(path, await format(next, { parser: 'markdown', printWidth: 130 }));
}

/** Returns when and where a run was made. */
export const aboutRun = (browser) =>
  `Measured on ${new Date().toISOString().slice(0, 10)} in ${browser}, headless, on ${cpus().length} cores of ${cpus()[0].model.replace(/\s+/g, ' ').trim()}, Node ${process.version}; one run, medians.`;

/** Writes the page, the picture, the table, and the measurements as data. */
export async function writeReport(measured) {
  const { about, figures, growth, sizes, played } = measured;
  const rows = table(measured);
  const withRatio = figures.map((figure) => ({ ...figure, ratio: figure.ours / figure.theirs }));
  const first = ratios(withRatio);
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'measured.json'), `${JSON.stringify(measured)}\n`);
  writeFileSync(
    join(folder, 'report.html'),
    pageOf(about, rows, [
      ['Beside the platform, and beside a script by hand', 'The table below names the other side.', first],
      [
        'From 10 items to 100,000',
        'Rows from data. Type-ahead, arrow keys and branches do not follow the number of items.',
        growing(growth),
      ],
      ['Bytes by module', 'All patterns, without what is loaded only where it is asked for.', bytes(sizes)],
      [
        'Interactions',
        `${played.count} seeded presses and keys a page; the line is the aim of 50 ms. What takes longer is a modal dialog, for which the platform makes the whole page inert and paints it anew, and what is pressed meanwhile.`,
        distribution(played),
      ],
    ]),
  );
  writeFileSync(
    join(folder, 'ratios.svg'),
    // In a page it needs no name of its language; as a file it does.
    first
      .replace('<svg', '<svg xmlns="http://www.w3.org/2000/svg"')
      .replace(
        '<style>',
        `<style>${colours.replaceAll(':root', 'svg')} svg { color: var(--ink); background: var(--paper); }`,
      ),
  );
  await writeTable(about, rows);
  console.log(`\nThe report is docs/bench/report.html; docs/quality.md has its table.`);
}

if (process.argv[1] === import.meta.filename)
  await writeReport(JSON.parse(readFileSync(join(folder, 'measured.json'), 'utf8')));
