// The report of speed: its page, its picture and the table of docs/quality.md are all of the run whose figures are kept.
import { readFileSync } from 'node:fs';

const textOf = (path: string): string =>
  readFileSync(new URL(`../../docs/${path}`, `file://${__filename}`), 'utf8');
const measured = JSON.parse(textOf('bench/measured.json')) as {
  about: string;
  figures: { what: string; ours: number; theirs: number }[];
  sizes: { rows: { name: string; gzip: number }[] };
};

it('says when and where it was measured', () => {
  expect(measured.about).toMatch(
    /^Measured on \d{4}-\d\d-\d\d in Chromium [\d.]+, headless, on \d+ cores of .+, Node v/,
  );
  expect(textOf('quality.md')).toContain(measured.about);
  expect(textOf('bench/report.html')).toContain(measured.about);
});

it('has every ratio in the table, on the page and in the picture', () => {
  const cells = (text: string): string[] => text.split('\n').filter((line) => line.startsWith('| '));
  for (const { what, ours, theirs } of measured.figures) {
    const row = cells(textOf('quality.md')).find((line) => line.includes(what));
    expect(row).toContain(`${(ours / theirs).toFixed(1)} ×`);
    for (const path of ['bench/report.html', 'bench/ratios.svg']) expect(textOf(path)).toContain(what);
  }
});
