// What editors complete, asked of a language service that editors use: elements, their attributes, data-wire and commands.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { getLanguageService, newHTMLDataProvider, TextDocument } from 'vscode-html-languageservice';

const dist = join(__dirname, '../../packages/elastic-shell/dist');
const read = (name: string): unknown => JSON.parse(readFileSync(join(dist, name), 'utf8'));

const service = getLanguageService({
  customDataProviders: [newHTMLDataProvider('elastic-shell', read('editor-data.json') as never)],
});

/** What is offered where `|` stands. */
function offered(text: string): string[] {
  const offset = text.indexOf('|');
  const document = TextDocument.create('file:///a.html', 'html', 1, text.replace('|', ''));
  const { items } = service.doComplete(
    document,
    document.positionAt(offset),
    service.parseHTMLDocument(document),
  );
  return items.map(({ label }) => label.replaceAll('"', ''));
}

it.each([
  ['<sh|', ['shell-dialog', 'shell-tabs', 'shell-combobox']],
  ['<shell-dialog |></shell-dialog>', ['outside', 'escape', 'open']],
  ['<shell-dialog outside="|"></shell-dialog>', ['close', 'absorb', 'keep']],
  ['<div data-|></div>', ['data-wire', 'data-wire-outside']],
  ['<div data-wire="|"></div>', ['accordion', 'tabs', 'tree']],
  ['<dialog data-wire-outside="|"></dialog>', ['close', 'absorb', 'keep']],
  ['<button command="|">Go</button>', ['show-modal', 'toggle-popover', '--toggle', '--next']],
])('%s', (text, wanted) => {
  expect(offered(text)).toEqual(expect.arrayContaining(wanted));
});

it('tells what an option does, and of which patterns', () => {
  const text = '<dialog data-wire-out|side="keep"></dialog>';
  const document = TextDocument.create('file:///a.html', 'html', 1, text.replace('|', ''));
  const hover = service.doHover(
    document,
    document.positionAt(text.indexOf('|')),
    service.parseHTMLDocument(document),
  );
  expect(JSON.stringify(hover?.contents)).toMatch(/dialog: .*click/s);
});

it('says the same in web-types', () => {
  const { contributions } = read('web-types.json') as {
    contributions: {
      html: { elements: { name: string; attributes: { name: string }[] }[]; attributes: { name: string }[] };
    };
  };
  const data = read('editor-data.json') as { tags: { name: string }[]; globalAttributes: { name: string }[] };
  const names = (list: { name: string }[]): string[] => list.map(({ name }) => name);
  expect(names(contributions.html.elements)).toEqual(names(data.tags));
  expect(names(contributions.html.attributes)).toEqual(names(data.globalAttributes));
});
