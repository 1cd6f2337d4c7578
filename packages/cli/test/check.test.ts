import { execFileSync, spawn } from 'node:child_process';
import { readdirSync, symlinkSync } from 'node:fs';
import { join } from 'node:path';
import { allRules } from 'elastic-shell/rules';
import { folderOf, run } from './run';

interface Row {
  file: string;
  line: number;
  column: number;
  code: string;
  severity: string;
  sentence: string;
  remedy: string;
  clause: string;
}

const check = async (html: string): Promise<Row[]> =>
  JSON.parse((await run(['check', '-', '--format', 'json'], html)).out) as Row[];

const named = (inner: string) => `<dialog id="d"><h2>Name</h2>${inner}</dialog>`;
const out = '<button commandfor="d" command="close">Close</button>';

/** For each rule a page that breaks it once, where it is broken, and a page that keeps it. */
const cases: [code: string, broken: string, place: string, kept: string][] = [
  [
    'invoker-target-missing',
    '<button commandfor="strke" command="close">x1</button><dialog id="strike"><h2>N</h2><form method="dialog"></form></dialog>',
    '1:9',
    `<button commandfor="d" command="--open">Open</button>${named(out)}`,
  ],
  [
    'invoker-target-kind',
    '<button commandfor="p" command="show-modal">Go</button><section id="p"></section>',
    '1:24',
    `<button commandfor="d" command="show-modal">Go</button>${named(out)}<button popovertarget="p">Go</button><div id="p" popover></div>`,
  ],
  [
    'invoker-target-unnamed',
    '<button command="show-modal">Go</button>',
    '1:9',
    `<button commandfor="d" command="show-modal">Go</button>${named(out)}`,
  ],
  [
    'invoker-command-unheard',
    '<shell-menu><div role="menu" id="m"><p role="menuitem">A</p></div></shell-menu><button commandfor="m" command="--opne">Go</button>',
    '1:103',
    '<shell-menu><div role="menu" id="m"><p role="menuitem">A</p></div></shell-menu><button commandfor="m" command="--open">Go</button><p id="q"></p><button commandfor="q" command="--fly">Go</button>',
  ],
  [
    'invoker-not-button',
    '<a href="/" commandfor="p" command="--toggle">Go</a><p id="p" hidden></p>',
    '1:13',
    '<input type="button" value="Go" popovertarget="p"><div id="p" popover></div>',
  ],
  [
    'invoker-type-missing',
    '<form><button commandfor="p" command="--toggle">Go</button></form><p id="p" hidden></p>',
    '1:7',
    '<form><button type="button" commandfor="p" command="--toggle">Go</button></form><p id="p" hidden></p>',
  ],
  [
    'label-target-missing',
    '<label for="nmae">Name</label><input id="name" title="Name">',
    '1:8',
    '<label for="name">Name</label><input id="name">',
  ],
  [
    'haspopup-untrue',
    '<button aria-haspopup="menu" aria-controls="l">Go</button><div role="listbox" id="l" aria-label="L"></div>',
    '1:9',
    '<button aria-haspopup="listbox" aria-controls="l">Go</button><div role="listbox" id="l" aria-label="L"></div>',
  ],
  [
    'name-prohibited',
    '<div aria-label="Tides">Words</div>',
    '1:6',
    '<section aria-label="Tides">Words</section><div role="group" aria-label="Tides">Words</div>',
  ],
  [
    'flat-role-focusable',
    '<div role="listbox" aria-label="L"><div role="option">A <button>Strike</button></div></div>',
    '1:57',
    '<div role="listbox" aria-label="L"><div role="option">A <b>B</b></div></div>',
  ],
  [
    'aria-hidden-focusable',
    '<button aria-hidden="true">Go</button>',
    '1:9',
    '<button aria-hidden="true" tabindex="-1">Go</button><div aria-hidden="true" inert><a href="/">Go</a></div><div aria-hidden="true"><p hidden><a href="/">Go</a></p></div>',
  ],
  [
    'image-text-missing',
    '<img src="a.png">',
    '1:1',
    '<img src="a.png" alt=""><img id="later"><figure><img src="a.png"><figcaption>Quay</figcaption></figure><p aria-hidden="true"><img src="a.png"></p>',
  ],
  [
    'heading-level-skipped',
    '<h1>Yard</h1><h3>Tides</h3>',
    '1:14',
    '<h2>Yard</h2><h3>Tides</h3><h1>Again</h1><h2>A</h2><dialog aria-label="D"><h4>Own</h4><form method="dialog"></form></dialog><p role="heading" aria-level="3">B</p>',
  ],
  [
    'list-item-astray',
    '<div><li>A</li></div>',
    '1:6',
    '<ul><li>A</li></ul><menu><li>B</li></menu><yard-list><li>C</li></yard-list><div role="list"><li>D</li></div>',
  ],
  [
    'main-repeated',
    '<main>A</main><main>B</main>',
    '1:15',
    '<main>A</main><main hidden>B</main><template><main>C</main></template>',
  ],
  ['tabindex-positive', '<button tabindex="2">Go</button>', '1:9', '<button tabindex="0">Go</button>'],
  [
    'role-unreachable',
    '<div role="button">Go</div>',
    '1:6',
    '<div role="button" tabindex="0">Go</div><div role="checkbox" aria-checked="true" aria-disabled="true">A</div>',
  ],
  [
    'press-unreachable',
    '<div onclick="go()">Go</div>',
    '1:6',
    '<div onclick="go()"><button>Go</button></div><button onclick="go()"><span onclick="stop()">Go</span></button>',
  ],
  [
    'presentation-focusable',
    '<button role="none">Go</button>',
    '1:9',
    '<ul><li role="none"><a href="/">Go</a></li></ul>',
  ],
  ['role-unknown', '<p role="buton">Go</p>', '1:4', '<p role="constructor note">Go</p>'],
  ['aria-attribute-unknown', '<p aria-labeledby="a" id="a">Go</p>', '1:4', '<p aria-description="a">Go</p>'],
  [
    'aria-value-unknown',
    '<button aria-pressed="yes">Go</button>',
    '1:9',
    '<button aria-pressed="">Go</button>',
  ],
  [
    'aria-state-missing',
    '<div role="checkbox" tabindex="0">Go</div>',
    '1:6',
    '<input type="checkbox" role="switch" title="Go"><shell-switch><button role="switch">Go</button></shell-switch>',
  ],
  [
    'aria-state-unsupported',
    '<nav aria-expanded="true">Go</nav>',
    '1:6',
    '<a href="/" aria-expanded="true">Go</a><summary aria-expanded="true">Go</summary>',
  ],
  [
    'selection-many',
    '<div role="listbox" aria-label="L"><p role="option" aria-selected="true">A</p><p role="option" aria-selected="true">B</p></div>',
    '1:96',
    '<div role="listbox" aria-label="L" aria-multiselectable="true"><p role="option" aria-selected="true">A</p><p role="option" aria-selected="true">B</p></div>',
  ],
  [
    'shell-attribute-unknown',
    '<shell-dialog esacpe="keep"><dialog aria-label="N"><form method="dialog"></form></dialog></shell-dialog>',
    '1:15',
    '<shell-dialog escape="keep" class="a" data-b @click="c" hx-get="/d"><dialog aria-label="N"><form method="dialog"></form></dialog></shell-dialog><label for="s">N</label><shell-switch id="s" name="a" disabled data-wire-revision="2"><button role="switch"></button></shell-switch>',
  ],
  [
    'shell-value-unknown',
    '<shell-dialog escape="kep"><dialog aria-label="N"><form method="dialog"></form></dialog></shell-dialog>',
    '1:15',
    '<div role="tablist" aria-label="T" data-wire="tabs" data-wire-activation="manual"><button role="tab">A</button></div><div role="tabpanel">A</div>',
  ],
  [
    'shell-part-missing',
    '<shell-menu><button>Go</button></shell-menu>',
    '1:1',
    '<shell-menu><div role="menu"><p role="menuitem">A</p></div></shell-menu>',
  ],
  [
    'wire-pattern-unknown',
    '<div data-wire="tbas"></div>',
    '1:6',
    '<details data-wire="disclosure"><summary>A</summary></details>',
  ],
  [
    'popover-value-unknown',
    '<button popovertarget="p">Go</button><div id="p" popover="modal"></div>',
    '1:50',
    '<button popovertarget="p">Go</button><div id="p" popover="hint"></div>',
  ],
  [
    'tooltip-unnamed',
    '<button>Go</button><div role="tooltip" id="t">Words</div>',
    '1:25',
    '<button aria-describedby="t">Go</button><div role="tooltip" id="t">Words</div>',
  ],
  [
    'details-many-open',
    '<details name="a" open><summary>A</summary></details><details name="a" open><summary>B</summary></details>',
    '1:72',
    '<details name="a" open><summary>A</summary></details><details name="b" open><summary>B</summary></details>',
  ],
  [
    'tablist-empty',
    '<div role="tablist" aria-label="T"></div>',
    '1:6',
    '<div role="tablist" aria-label="T"><button role="tab">A</button></div><div role="tabpanel">A</div>',
  ],
  [
    'tablist-name-missing',
    '<main><div role="tablist"><button role="tab">A</button></div><div role="tabpanel">A</div></main>',
    '1:12',
    '<main><div role="tablist" aria-label="T"><button role="tab">A</button></div><div role="tabpanel">A</div></main>',
  ],
  [
    'toolbar-name-missing',
    '<main><div role="toolbar"><button>A</button></div><div role="toolbar" aria-label="T"><button>B</button></div></main>',
    '1:7',
    '<main><div role="toolbar"><button>A</button></div></main>',
  ],
  [
    'menu-for-navigation',
    '<ul role="menu"><li role="none"><a role="menuitem" href="/">A</a></li></ul>',
    '1:5',
    '<ul role="menu"><li role="none"><a role="menuitem" href="/">A</a></li><li role="menuitem">B</li></ul>',
  ],
  [
    'combobox-list-shared',
    '<p><input role="combobox" aria-expanded="false" aria-label="A" aria-controls="l"><input role="combobox" aria-expanded="false" aria-label="B" aria-controls="l"><span role="listbox" id="l"></span></p>',
    '1:142',
    '<p><input role="combobox" aria-expanded="false" aria-label="A" aria-controls="l"><span role="listbox" id="l"></span></p>',
  ],
  [
    'invoker-command-missing',
    `<button commandfor="p">Go</button><p id="p"></p>`,
    '1:9',
    `<button commandfor="p" command="--toggle">Go</button><p id="p" hidden></p>`,
  ],
  [
    'invoker-command-unknown',
    `\n  <button commandfor="p" command="show-model">Go</button><p id="p"></p>`,
    '2:26',
    `<button commandfor="p" command="--fly">Go</button><p id="p"></p>`,
  ],
  [
    'id-duplicate',
    '<p id="a"></p>\n<p id="a"></p>',
    '2:4',
    '<p id="a"></p><p id="b"></p><template><p id="a"></p></template>',
  ],
  [
    'aria-reference-missing',
    '<p aria-describedby="hint hnit">x</p><i id="hint"></i>',
    '1:4',
    '<p aria-describedby="hint">x</p><i id="hint"></i>',
  ],
  [
    'control-name-missing',
    '<button><svg></svg></button>',
    '1:1',
    '<button aria-label="Close"></button><a href="/"><img alt="Home"></a><label>A <input></label><label for="b">B</label><input id="b"><input type="submit"><input type="hidden">',
  ],
  [
    'interactive-nested',
    '<button>Row <a href="/">link</a></button>',
    '1:13',
    '<p><button>Row</button> <a href="/">link</a></p><label>A <input></label><details><summary>Row <a href="/">link</a></summary></details>',
  ],
  [
    'dialog-name-missing',
    `<dialog id="d"><p>Words</p>${out}</dialog>`,
    '1:1',
    `<dialog id="d" aria-label="Tides">${out}</dialog>`,
  ],
  [
    'list-name-missing',
    '<div role="listbox"><p role="option">A</p></div>',
    '1:1',
    '<div role="tree" aria-label="Parts"></div><div><input role="combobox" aria-expanded="false" aria-label="C"><div role="listbox"></div></div>',
  ],
  [
    'item-outside-list',
    '<p role="menuitem">A</p>',
    '1:4',
    '<div role="menu"><div role="group"><p role="menuitemradio" aria-checked="true">A</p></div></div>',
  ],
  [
    'combobox-list-missing',
    '<main><label>C <input role="combobox" aria-expanded="false"></label></main>',
    '1:23',
    '<div><input role="combobox" aria-expanded="false" aria-label="C"><div popover="manual"><div role="listbox"></div></div></div>',
  ],
  [
    'menu-item-role-missing',
    '<div role="menu"><button>A</button></div>',
    '1:18',
    '<div role="menu"><button role="menuitem">A</button></div>',
  ],
  [
    'dialog-description-missing',
    `<dialog id="d" role="alertdialog"><h2>Sure?</h2>${out}</dialog>`,
    '1:1',
    `<dialog id="d" role="alertdialog"><h2>Sure?</h2><p>All of it.</p>${out}</dialog>`,
  ],
  [
    'dialog-way-out-missing',
    named('<p>Words</p>'),
    '1:1',
    named('<form method="dialog"><button>OK</button></form>'),
  ],
  [
    'dialog-open-in-markup',
    `<dialog id="d" open aria-modal="true"><h2>N</h2>${out}</dialog>`,
    '1:16',
    `${named(out)}<dialog open><h2>N</h2><form method="dialog"></form></dialog><dialog id="e" open data-wire="dialog" data-wire-open="true"><h2>N</h2><button commandfor="e" command="close">Shut</button></dialog><button commandfor="e" command="show-modal">Open</button>`,
  ],
  ['dialog-role-elsewhere', '<div role="dialog" aria-label="N"></div>', '1:6', named(out)],
  ['dialog-tabindex', `<dialog id="d" tabindex="-1"><h2>N</h2>${out}</dialog>`, '1:16', named(out)],
  [
    'tooltip-focusable',
    '<button aria-describedby="t">Go</button><div id="t" role="tooltip">See <a href="/">more</a></div>',
    '1:72',
    '<button aria-describedby="t">Go</button><div id="t" role="tooltip">Words</div>',
  ],
  [
    'popover-outside-dialog',
    `<dialog id="d"><h2>N</h2><button commandfor="p" command="--toggle">O</button>${out}</dialog><div id="p" popover>Text</div>`,
    '1:26',
    `<dialog id="d"><h2>N</h2><button commandfor="p" command="--toggle">O</button>${out}<div id="p" popover>Text</div></dialog>`,
  ],
  [
    'tooltip-opener-disabled',
    '<button disabled aria-describedby="t">Go</button><div id="t" role="tooltip">Why not</div>',
    '1:9',
    '<button aria-disabled="true" aria-describedby="t">Go</button><div id="t" role="tooltip">Why not</div>',
  ],
  [
    'popover-opener-missing',
    '<div id="p" popover="manual">Text</div>',
    '1:13',
    '<button commandfor="p" command="--toggle">Open</button><div id="p" popover="manual">Text</div>',
  ],
  [
    'popover-role-missing',
    '<button popovertarget="p">Open</button><div id="p" popover aria-label="Tide">Text</div>',
    '1:52',
    '<button popovertarget="p">Open</button><div id="p" popover role="group" aria-label="Tide">Text</div>',
  ],
  [
    'tablist-missing',
    '<button role="tab">A</button><div role="tabpanel">P</div>',
    '1:9',
    '<div role="tablist" aria-label="T"><button role="tab">A</button></div><div role="tabpanel">P</div>',
  ],
  [
    'tab-panel-missing',
    '<main><div role="tablist"><button role="tab">A</button><button role="tab">B</button></div><div role="tabpanel">P</div></main>',
    '1:56',
    '<main><div role="tablist" aria-label="T"><button role="tab">A</button><button role="tab" aria-controls="p">B</button></div><div role="tabpanel">P</div><p id="p" role="tabpanel">P</p></main>',
  ],
  [
    'tabpanel-unreachable',
    '<main><div role="tablist"><button role="tab">A</button></div><div role="tabpanel">P</div><div role="tabpanel">Q</div></main>',
    '1:95',
    '<main><div role="tablist" aria-label="T"><button role="tab">A</button></div><div role="tabpanel">P</div></main>',
  ],
  [
    'accordion-header-no-heading',
    '<button aria-expanded="false" aria-controls="r">A</button><div id="r" role="region" aria-label="A">T</div>',
    '1:1',
    '<h2><button aria-expanded="false" aria-controls="r">A</button></h2><div id="r" role="region" aria-label="A">T</div>',
  ],
  [
    'carousel-name-missing',
    '<section><div data-slides><p>A</p></div></section>',
    '1:1',
    '<section aria-label="Plates"><div data-slides><p>A</p></div></section>',
  ],
  [
    'carousel-slide-name-missing',
    '<div role="group" aria-roledescription="slide"><img alt=""></div>',
    '1:19',
    '<div role="group" aria-roledescription="slide" aria-label="1 of 1"><img alt=""></div>',
  ],
  [
    'carousel-stop-missing',
    '<shell-carousel interval="4000"><section id="c" aria-label="C"><div data-slides><p>A</p></div></section></shell-carousel>',
    '1:17',
    '<shell-carousel interval="4000"><section id="c" aria-label="C"><button commandfor="c" command="--rotate">Stop</button><div data-slides><p>A</p></div></section></shell-carousel>',
  ],
  [
    'disclosure-opener-not-button',
    '<div aria-expanded="false" aria-controls="p">More</div><p id="p" hidden></p>',
    '1:6',
    '<div role="button" tabindex="0" aria-expanded="false" aria-controls="p">More</div><p id="p" hidden></p>',
  ],
  [
    'disclosure-state-untrue',
    '<button aria-expanded="true" aria-controls="p">More</button><p id="p" hidden></p>',
    '1:9',
    '<button aria-expanded="true" aria-controls="p">More</button><p id="p"></p>',
  ],
  [
    'summary-missing',
    '<details><p>Words</p></details>',
    '1:1',
    '<details><summary>More</summary><p>Words</p></details>',
  ],
];

describe('check', () => {
  it('has a case here for every rule', () => {
    expect(cases.map(([code]) => code).sort()).toEqual(
      allRules()
        .map(({ code }) => code)
        // HTML has no spreads: the tests of templates have it.
        .filter((code) => code !== 'part-attribute-replaced')
        .sort(),
    );
  });

  /** What is found in each page, by its file: all of them in one go. */
  let foundIn: (file: string) => Row[];
  beforeAll(async () => {
    const folder = folderOf(
      Object.fromEntries(
        cases.flatMap(([code, broken, , kept]) => [
          [`${code}.html`, broken],
          [`${code} kept.html`, kept],
        ]),
      ),
    );
    const rows = JSON.parse((await run(['check', folder, '--format', 'json'])).out) as Row[];
    foundIn = (file) => rows.filter((row) => row.file === join(folder, file));
  });

  it.each(cases)(
    '%s: found once, in its place, with a whole sentence; and not where the rule is kept',
    (code, _, place) => {
      const found = foundIn(`${code}.html`).filter((row) => row.code === code);
      expect(found).toHaveLength(1);
      const [{ line, column, sentence, remedy, clause }] = found as [Row];
      expect(`${line}:${column}`).toBe(place);
      expect(sentence).toMatch(/^<.+\.$/s);
      expect(remedy).toMatch(/[.?]$/);
      expect(clause).not.toBe('');
      expect(foundIn(`${code} kept.html`)).toEqual([]);
    },
  );

  it('suggests the nearest id and the nearest command', async () => {
    const rows = await check(
      '<button commandfor="strke" command="show-model">A</button><dialog id="strike" aria-label="N"><form method="dialog"></form></dialog>',
    );
    expect(rows.map(({ remedy }) => remedy)).toEqual([
      'Did you mean "strike"?',
      'Did you mean "show-modal"?',
    ]);
  });

  it('walks folders, prints file:line:column, code, sentence and remedy, and exits with 1', async () => {
    const folder = folderOf({
      'b.html': '<button></button>',
      'a.htm': '<p>Fine</p>',
      'c.txt': '<button></button>',
    });
    const { code, out: text } = await run(['check', folder]);
    expect(code).toBe(1);
    expect(text).toBe(
      `${join(folder, 'b.html')}:1:1 error control-name-missing\n  <button> has no name, so screen readers announce only its role.\n  Add text, a label or aria-label.\n\n2 files checked: 1 error, 0 warnings.\n`,
    );
  });

  it('reads names in capitals, and text of sixteen bits that says so', async () => {
    const folder = folderOf({
      'UPPER.HTML': '<button></button>',
      'wide.html': Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from('<button></button>', 'utf16le')]),
      'big.html': Buffer.concat([
        Buffer.from([0xfe, 0xff]),
        Buffer.from('<button></button>', 'utf16le').swap16(),
      ]),
    });
    const { code, out: text } = await run(['check', folder]);
    expect([code, text]).toEqual([1, expect.stringContaining('3 files checked: 3 errors')]);
  });

  it('says of what a folder holds and cannot be read, why', async () => {
    const folder = folderOf({ 'a.html': '<p>Fine</p>' });
    symlinkSync(join(folder, 'nowhere.html'), join(folder, 'dangling.html'));
    symlinkSync(folder, join(folder, 'itself'));
    const { code, out: text, error } = await run(['check', folder]);
    expect([code, text]).toEqual([2, '1 file checked: nothing found.\n']);
    expect(error).toBe(`elastic-shell: ${join(folder, 'dangling.html')}: no such file or folder.\n`);
  });

  it('prints no control character of a page', async () => {
    const { out: text } = await run(['check', '-'], '<button title="\u001b[31m\u0007"></button>\u009b');
    expect(text).not.toMatch(/(?![\t\n])\p{Cc}/u);
  });

  it('takes a role like any other word', async () => {
    for (const role of ['constructor', '__proto__', 'toString'])
      expect((await run(['check', '-'], `<p role="${role}">x</p>`)).code).toBeLessThan(2);
  });

  it('ends without a word where nobody reads on', async () => {
    const folder = folderOf({ 'a.html': '<button></button>'.repeat(20_000) });
    const child = spawn(process.execPath, [join(__dirname, '../bin/elastic-shell.js'), 'check', folder]);
    let said = '';
    child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    child.stdout.once('data', () => child.stdout.destroy());
    const code = await new Promise((resolve) => child.once('close', resolve));
    expect([code, said]).toEqual([1, '']);
  });

  it('finds nothing in the desk, the galleries and the recipes, and exits with 0', async () => {
    const demo = join(__dirname, '../demo');
    const pages = readdirSync(demo, { recursive: true, encoding: 'utf8' }).filter((name) =>
      name.endsWith('.html'),
    );
    for (const name of ['desk.html', 'gallery.html', 'gallery/vue.html', 'live/dialog/html.html'])
      expect(pages).toContain(name);
    const { code, out: text } = await run(['check', demo]);
    expect([code, text]).toEqual([0, `${pages.length} files checked: nothing found.\n`]);
  });

  it('finds nothing in the site', async () => {
    const { code, out: text } = await run(['check', join(__dirname, '../site')]);
    expect([code, text]).toEqual([0, expect.stringMatching(/^2\d\d files checked: nothing found\.\n$/)]);
  });

  it('prints SARIF that names every rule, with places', async () => {
    const { out: text, code } = await run(['check', '-', '-f', 'sarif'], '<p>\n<button></button>');
    const log = JSON.parse(text);
    const [first] = log.runs;
    expect([code, log.version, first.tool.driver.rules.length]).toEqual([1, '2.1.0', allRules().length]);
    expect(first.results[0]).toMatchObject({
      ruleId: 'control-name-missing',
      level: 'error',
      locations: [
        {
          physicalLocation: {
            artifactLocation: { uri: '%3Cstandard%20input%3E' },
            region: { startLine: 2, startColumn: 1 },
          },
        },
      ],
    });
  });
});

describe('what cannot be checked', () => {
  it('is said in a sentence, exit code 2: a missing file, an empty folder, binary data', async () => {
    const folder = folderOf({ 'picture.html': new Uint8Array([137, 80, 78, 71, 0, 0, 1]) });
    const empty = folderOf({});
    for (const [path, sentence] of [
      [join(folder, 'none.html'), 'no such file or folder.'],
      [empty, 'the folder contains no pages or templates.'],
      [join(folder, 'picture.html'), 'this is binary data, not HTML; it was skipped.'],
    ] as const) {
      const { code, error, out: text } = await run(['check', path]);
      expect([code, text]).toEqual([2, '']);
      expect(error).toBe(`elastic-shell: ${path}: ${sentence}\nelastic-shell: nothing was checked.\n`);
    }
  });

  it('is neither a file nor a folder: it is not waited for, named or found', async () => {
    const folder = folderOf({ 'a.html': '<button></button>' });
    execFileSync('mkfifo', [join(folder, 'pipe.html')]);
    symlinkSync('/dev/zero', join(folder, 'zero.html'));
    const said = (name: string) =>
      `elastic-shell: ${join(folder, name)}: this is neither a file nor a folder; it was skipped.\n`;
    const found = await run(['check', folder]);
    expect([found.code, found.error]).toEqual([2, said('pipe.html') + said('zero.html')]);
    expect(found.out).toContain('1 file checked: 1 error');
    const named = await run(['check', join(folder, 'pipe.html')]);
    expect([named.code, named.error]).toEqual([
      2,
      `${said('pipe.html')}elastic-shell: nothing was checked.\n`,
    ]);
  });

  it('does not keep the rest from being checked', async () => {
    const folder = folderOf({ 'a.html': '<button></button>' });
    const { code, out: text, error } = await run(['check', join(folder, 'a.html'), join(folder, 'b.html')]);
    expect([code, text.includes('1 error'), error.includes('no such file')]).toEqual([2, true, true]);
  });

  it('a file of 20 MB, one of a single deep nest, and an empty one give a result', async () => {
    const row =
      '<div class="row"><button commandfor="p" command="--toggle">More</button><label>A <input name="a"></label></div>\n';
    const folder = folderOf({
      'large.html': row.repeat(Math.ceil(20_000_000 / row.length)) + '<div id="p" hidden></div>',
      'deep.html': `<button>${'<span>'.repeat(50_000)}`,
      'empty.html': '',
    });
    const { code, out: text, error } = await run(['check', folder]);
    expect(error).toBe('');
    expect([code, text]).toEqual([1, expect.stringContaining('3 files checked: 1 error')]);
  });

  it('a page of many findings that a program can mend is read in one go', async () => {
    const row = (at: number): string =>
      `<button commandfor="n${at}">Go</button><div role="dialog"><h2 id="h${at}">A</h2></div>`;
    const folder = folderOf({ 'a.html': Array.from({ length: 10_000 }, (_, at) => row(at)).join('') });
    const { code, out: text } = await run(['check', folder]);
    expect([code, text]).toEqual([
      1,
      expect.stringContaining('1 file checked: 20000 errors, 20000 warnings'),
    ]);
  });

  it.each([[['check']], [['check', '-', '--format', 'xml']], [['chekc']], [[]]])(
    'misuse %j: usage, exit code 2, no stack trace',
    async (args) => {
      const { code, out: text, error } = await run(args);
      expect(code).toBe(2);
      expect(text + error).toMatch(
        /missing (required )?argument|Allowed choices are text, json, sarif, junit|unknown command|Usage/,
      );
      expect(error).not.toMatch(/\n\s+at /);
    },
  );
});
