// Every page of the site: its links and anchors lead somewhere, and its ids are its own.
import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { parse } from 'parse5';

const site = join(__dirname, '../../packages/cli/site');
const demo = join(__dirname, '../../packages/cli/demo');

interface Page {
  ids: string[];
  links: string[];
}

type Tree = { attrs?: { name: string; value: string }[]; childNodes?: Tree[]; tagName?: string };

/** The ids and links of a page. */
function read(html: string): Page {
  const page: Page = { ids: [], links: [] };
  const walk = ({ attrs = [], childNodes = [], tagName }: Tree): void => {
    const all = Object.fromEntries(attrs.map(({ name, value }) => [name, value]));
    if (all['id']) page.ids.push(all['id']);
    if (tagName === 'a' && all['href']) page.links.push(all['href']);
    childNodes.forEach(walk);
  };
  walk(parse(html) as unknown as Tree);
  return page;
}

const files = readdirSync(site, { recursive: true, encoding: 'utf8' }).filter((name) =>
  name.endsWith('index.html'),
);
const pages = new Map(files.map((file) => [file, read(readFileSync(join(site, file), 'utf8'))]));

/** The file that a link of a page leads to, in the site or in the demo beside it. */
function targetOf(file: string, link: string): string | undefined {
  const path = link.split('#')[0]!;
  const at = normalize(join(dirname(file), path || '.'));
  const names = path ? [at, join(at, 'index.html')] : [file];
  return [...names.map((name) => join(site, name)), join(demo, `${at}.html`)].find(
    (name) => existsSync(name) && statSync(name).isFile(),
  );
}

it('has pages of every kind', () => {
  for (const part of ['', 'start/react/', 'patterns/dialog/', 'recipes/picker/', 'guides/focus/', 'styling/'])
    expect(files).toContain(`${part}index.html`);
  expect(files.length).toBeGreaterThan(120);
});

it('every link leads to a page and to a part of it', () => {
  const broken = [...pages].flatMap(([file, { links, ids }]) =>
    links
      .filter((link) => !/^[a-z]+:/.test(link))
      // The links of live examples lead into their own invented site.
      .filter((link) => !['#chart', '#orders', '#berths', '#parts'].includes(link))
      .filter((link) => {
        const target = targetOf(file, link);
        if (!target) return true;
        const anchor = decodeURIComponent(link.split('#')[1] ?? '');
        const there = target.startsWith(site) ? pages.get(relative(site, target))?.ids : ids;
        return anchor !== '' && !there?.includes(anchor);
      })
      .map((link) => `${file}: ${link}`),
  );
  expect(broken).toEqual([]);
});

it('no id stands twice on a page', () => {
  const twice = [...pages].flatMap(([file, { ids }]) =>
    ids.filter((id, at) => ids.indexOf(id) !== at).map((id) => `${file}: ${id}`),
  );
  expect(twice).toEqual([]);
});

it('every page about a diagnostic says what to do, or nothing at all; each has an address of its own', () => {
  const diagnostics = files.filter((file) => /^diagnostics.[^/]+.index/.test(file));
  const texts = diagnostics.map((file) => readFileSync(join(site, file), 'utf8'));
  expect(texts.filter((text) => /Nothing: it is a record/.test(text))).toEqual([]);
  // A change that has happened is the one thing about which there is nothing to do.
  const silent = diagnostics.filter((_, at) => !/id="what-to-do"|<h3>Fixed<\/h3>/.test(texts[at]!));
  expect(silent).toEqual([join('diagnostics', 'change', 'index.html')]);
  const index = readFileSync(join(site, 'diagnostics/index.html'), 'utf8');
  const main = index.slice(index.indexOf('<main'));
  const links = [...main.matchAll(/<td><a href="([^"]*)"/g)].map(([, link]) => link);
  expect(links.length).toBe(diagnostics.length);
  expect(new Set(links).size).toBe(links.length);
});
