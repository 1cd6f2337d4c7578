// The skin keeps to itself: a page that imports it keeps its own buttons, focus, colour scheme, classes and widgets, and
// every rule of the page wins over the skin's.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { arrived, desk, openBare, useBrowser } from './support/browser';

const { open } = useBrowser();
const styles = join(__dirname, '../../dist/styles');
const skin = readFileSync(join(styles, 'skin.css'), 'utf8');

/** Everything that a page might have of its own, none of it wired. */
const own = `
  <button id="b">A button</button> <button class="danger">Danger</button> <button class="primary">Primary</button>
  <a href="#b">A link</a> <input value="i"> <select><option>o</option></select> <textarea>t</textarea>
  <details open><summary>Summary</summary>Text</details> <button role="switch" aria-checked="true">On</button>
  <p class="plus">Plus</p> <p class="marker">Marker</p> <p class="at-work">At work</p> <p class="at-rest">At rest</p>
  <div role="tablist"><button role="tab" aria-selected="true">Tab</button></div>
  <ul role="listbox"><li role="option" aria-selected="true">Option</li></ul>
  <ul role="tree"><li role="treeitem" aria-expanded="true">Row</li></ul>
  <div role="menu"><button role="menuitem">Item</button></div>
  <h3><button aria-expanded="true">Heading</button></h3> <hr>
  <dialog open><header>H</header><p role="alert">Alert</p><footer><button>OK</button></footer></dialog>
  <div popover id="pop">Popover</div> <p role="tooltip">Tip</p> <p role="alert">Alert</p>`;

/** Every property of every element in the body, and of what is drawn before it and behind it; each focused in turn. */
const looks = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [document.documentElement, ...document.body.querySelectorAll<HTMLElement>('*')].flatMap((each) => {
      each.focus();
      return [undefined, '::before', '::backdrop'].flatMap((pseudo) => {
        const style = getComputedStyle(each, pseudo);
        const name = `${each.localName}${each.id && `#${each.id}`}${pseudo ?? ''}`;
        return [...style]
          .filter((property) => !property.startsWith('--'))
          .map((property) => `${name} ${property}: ${style.getPropertyValue(property)}`);
      });
    }),
  );

it('changes nothing of what is not wired', async () => {
  const { page } = await openBare(open, own);
  const before = await looks(page);
  await page.addStyleTag({ content: skin });
  const after = await looks(page);
  expect(after.filter((each, at) => each !== before[at])).toEqual([]);
  expect(after.length).toBeGreaterThan(10_000);
});

it('gives way to any rule of the page, and takes its colour scheme from it', async () => {
  const { page } = await openBare(
    open,
    `<button id="s" aria-label="Lights"></button><button data-button="danger">Strike</button>
     <div id="t"><div role="tablist"><button role="tab">A</button></div><p role="tabpanel">a</p></div>`,
  );
  await page.addStyleTag({ content: 'button { color: rgb(1, 2, 3) } [role=tab] { padding: 7px }' });
  await page.addStyleTag({ content: skin });
  const seen = () =>
    page.evaluate(() => {
      shell.wire('tabs', 't');
      const style = (selector: string): CSSStyleDeclaration =>
        getComputedStyle(document.querySelector(selector)!);
      return [style('[role=tab]').color, style('[role=tab]').padding, style('[data-button]').backgroundColor];
    });
  expect(await seen()).toEqual(['rgb(1, 2, 3)', '7px', 'oklch(0.48 0.13 29)']);
  await page.evaluate(() => void (document.documentElement.style.colorScheme = 'dark'));
  expect(
    await page.evaluate(() => getComputedStyle(document.querySelector('[data-button]')!).backgroundColor),
  ).toBe('oklch(0.78 0.13 29)');
});

it('draws a switch on a button beside the words of the button', async () => {
  const { page } = await openBare(open, '<button id="s">Quay lights</button><input type="checkbox" id="c">');
  await page.addStyleTag({ content: skin });
  const [track, words, height] = await page.evaluate(() => {
    shell.wire('switch', 's');
    shell.wire('switch', 'c');
    const button = document.getElementById('s')!;
    const range = document.createRange();
    range.selectNodeContents(button);
    const { left } = button.getBoundingClientRect();
    const inner = range.getBoundingClientRect();
    const before = getComputedStyle(button, '::before');
    return [parseFloat(before.width), inner.left - left, button.offsetHeight - inner.height] as const;
  });
  expect(words).toBeGreaterThan(track);
  expect(height).toBeGreaterThanOrEqual(0);
  expect(await page.evaluate(() => document.getElementById('c')!.offsetWidth)).toBe(40);
});

describe('by pattern', () => {
  /** The sheets of all patterns, those of the structure first. */
  const byPattern = (turn: (names: string[]) => string[]): string =>
    ['structure', 'skin']
      .flatMap((kind) => turn(readdirSync(join(styles, kind)).sort()).map((name) => join(styles, kind, name)))
      .map((path) => readFileSync(path, 'utf8'))
      .join('\n');
  const whole = ['structure.css', 'skin.css']
    .map((name) => readFileSync(join(styles, name), 'utf8'))
    .join('\n');

  /** Where the gallery, all of it open and no script at work, looks otherwise with these style sheets than with the first ones. */
  const otherwise = (page: Page, css: string): Promise<string[]> =>
    page.evaluate(async (text) => {
      const sheet = new CSSStyleSheet();
      await sheet.replace(`* { transition: none !important }\n${text}`);
      document.adoptedStyleSheets = [sheet];
      const properties = new Set<string>();
      const collect = (rules: CSSRuleList): void => {
        for (const rule of rules) {
          if (rule instanceof CSSStyleRule) for (const property of rule.style) properties.add(property);
          if ('cssRules' in rule) collect(rule.cssRules as CSSRuleList);
        }
      };
      collect(sheet.cssRules);
      const shown = [...properties].filter((one) => !/^--|-(top|right|bottom|left)\b/.test(one)).sort();
      const looks = [...document.body.querySelectorAll('*')].flatMap((each, at) =>
        [undefined, '::before', '::after', '::backdrop'].flatMap((pseudo) => {
          const style = getComputedStyle(each, pseudo);
          if (pseudo && (pseudo === '::backdrop' ? !each.matches('dialog') : style.content === 'none'))
            return [];
          const name = `${at} ${each.localName}#${each.id}${pseudo ?? ''}`;
          return shown.map((one) => `${name} ${one}: ${style.getPropertyValue(one)}`);
        }),
      );
      const first = ((globalThis as { firstLooks?: string[] }).firstLooks ??= looks);
      return looks.filter((look, at) => look !== first[at]).slice(0, 40);
    }, css);

  it('they look as the whole ones, in whatever order they come', async () => {
    const { page } = await open(desk('gallery.html'));
    const markup = await page.evaluate(() => {
      for (const each of document.querySelectorAll('dialog')) each.setAttribute('open', '');
      for (const each of document.querySelectorAll('[aria-expanded]'))
        each.setAttribute('aria-expanded', 'true');
      for (const each of document.querySelectorAll('img')) each.remove();
      return document.body.innerHTML;
    });
    const { page: bare } = await openBare(open, '');
    await bare.evaluate((html) => {
      document.body.innerHTML = html;
      for (const each of document.querySelectorAll<HTMLElement>('[popover]')) each.showPopover();
    }, markup);
    // One of them is an element, which is at work.
    await arrived(bare);
    await otherwise(bare, whole);
    for (const turn of [(names: string[]) => names, (names: string[]) => names.reverse()])
      expect(await otherwise(bare, byPattern(turn))).toEqual([]);
  });
});
