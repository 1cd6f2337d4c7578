// What lets a project with old findings begin: configuration, comments, baseline, mending, watching.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { folderOf, run } from './run';

const unnamed = '<button></button>';

describe('the configuration of check', () => {
  it('turns rules off, changes severity, names paths, leaves files out', async () => {
    const folder = folderOf({
      'elastic-shell.check.json': JSON.stringify({
        paths: ['.'],
        except: ['old/**'],
        rules: { 'control-name-missing': 'warning', 'tabindex-positive': 'off' },
      }),
      'a.html': `${unnamed}<p tabindex="3">x</p>`,
    });
    mkdirSync(join(folder, 'old'));
    writeFileSync(join(folder, 'old/b.html'), unnamed);
    const { code, out } = await run(['check'], '', folder);
    expect([code, out]).toEqual([1, expect.stringMatching(/1 file checked: 0 errors, 1 warning\.\n$/)]);
    const quiet = await run(['check', '--quiet'], '', folder);
    expect([quiet.code, quiet.out]).toEqual([0, '1 file checked: nothing found.\n']);
  });

  it('says which elements and hooks count as ours', async () => {
    const folder = folderOf({
      'elastic-shell.check.json': JSON.stringify({
        elements: { 'yard-switch': 'switch', YardTabs: 'tabs' },
        hooks: { 'data-yard-switch': 'switch' },
      }),
      'a.html':
        '<yard-switch><button role="switch">A</button></yard-switch><button role="switch" data-yard-switch>B</button><button role="switch">C</button>',
      'a.tsx': 'export const A = () => <YardTabs><div role="tablist" /></YardTabs>;',
    });
    const { out } = await run(['check', '.', '--format', 'json'], '', folder);
    const rows = JSON.parse(out) as { column: number; code: string }[];
    expect(rows.map(({ column, code }) => `${column} ${code}`)).toEqual([
      '117 aria-state-missing',
      '39 tablist-empty',
      '39 tablist-name-missing',
    ]);
  });

  it('loads the descriptions of patterns of the project’s own', async () => {
    const folder = folderOf({
      'elastic-shell.check.json': JSON.stringify({
        patterns: ['described.mjs'],
        rules: { 'yard-tide-unnamed': 'warning' },
        hooks: { 'data-tide': 'tide' },
      }),
      'described.mjs': `
        import { describePattern } from '${pathToFileURL(join(__dirname, '../../elastic-shell/dist/described/index.js')).href}';
        describePattern({ name: 'tide', options: { most: 'a number' }, commands: { '--rise': 'rise' }, tag: 'yard-tide' }, {
          rules: [{
            code: 'yard-tide-unnamed', severity: 'error', clause: 'house', summary: 'A tide has no name.', on: ['[data-wire]'],
            find: (element) => element.attribute('aria-label') ? undefined : { element, sentence: 'No name.', remedy: 'Name it.' },
          }],
        });`,
      'a.html':
        '<p id="t" data-tide aria-label="Tide"></p><button type="button" commandfor="t" command="--rose">A</button><yard-tide mots="3"><p></p></yard-tide><p data-wire="tide"></p>',
    });
    const { out } = await run(['check', '.', '--format', 'json'], '', folder);
    const rows = JSON.parse(out) as { severity: string; code: string }[];
    expect(rows.map(({ severity, code }) => `${severity} ${code}`)).toEqual([
      'error invoker-command-unheard',
      'error shell-attribute-unknown',
      'warning yard-tide-unnamed',
    ]);
  });

  it.each([
    ['{ "patterns": ["none.mjs"] }', /patterns names .+none\.mjs, which doesn't exist/],
    ['{', /elastic-shell\.check\.json: .+/],
    ['{ "rulse": {} }', /"rulse" is unknown\. The fields are paths, except, rules/],
    [
      '{ "rules": { "id-duplicat": "off" } }',
      /the rule "id-duplicat" doesn't exist\. Did you mean "id-duplicate"\?/,
    ],
    ['{ "rules": { "id-duplicate": "of" } }', /"rules\.id-duplicate" must be one of error, warning, off/],
    ['{ "paths": "src" }', /"paths" must be an array of texts/],
  ])('says of %s what is wrong with it', async (config, sentence) => {
    const folder = folderOf({ 'elastic-shell.check.json': config });
    const { code, error } = await run(['check', '.'], '', folder);
    expect([code, error]).toEqual([2, expect.stringMatching(sentence)]);
    expect(error).not.toMatch(/\n\s+at /);
  });
});

describe('a comment that allows a finding', () => {
  it('silences that rule on its line and the next, with a reason; else it is told itself', async () => {
    const folder = folderOf({
      'a.html': `<!-- check: allow control-name-missing because a script names it -->

${unnamed}
${unnamed} <!-- check: allow control-name-missing because of that -->
<!-- check: allow control-name-missing -->
${unnamed}
<!-- check: allow id-duplicate because I can -->
<p></p>`,
      'a.tsx': `export const A = () => (
  <>
    {/* check: allow control-name-missing because a script names it */}
    <button />
  </>
);`,
    });
    const { out } = await run(['check', folder, '--format', 'json']);
    const rows = JSON.parse(out) as { line: number; code: string }[];
    expect(rows.map(({ line, code }) => `${line} ${code}`)).toEqual([
      '5 allow-reason-missing',
      '6 control-name-missing',
      '7 allow-unused',
    ]);
    const sarif = JSON.parse((await run(['check', folder, '--format', 'sarif'])).out);
    const allowed = sarif.runs[0].results.filter((each: object) => 'suppressions' in each);
    expect(allowed).toHaveLength(3);
    expect(allowed[0].suppressions).toEqual([{ kind: 'inSource', justification: 'a script names it' }]);
  });
});

describe('a baseline', () => {
  it('lets old findings pass, wherever they have moved, and stops new ones', async () => {
    const folder = folderOf({ 'a.html': unnamed });
    const written = await run(['check', '.', '--write-baseline', 'old.json'], '', folder);
    expect([written.code, written.out]).toEqual([0, 'old.json now contains 1 finding.\n']);
    writeFileSync(join(folder, 'a.html'), `<p>Moved</p>\n${unnamed}`);
    const same = await run(['check', '.', '--baseline', 'old.json'], '', folder);
    expect([same.code, same.out]).toEqual([0, '1 file checked: nothing found; 1 finding accepted.\n']);
    writeFileSync(join(folder, 'a.html'), unnamed + unnamed);
    const more = await run(['check', '.', '--baseline', 'old.json'], '', folder);
    expect([more.code, more.out]).toEqual([
      1,
      expect.stringMatching(/1 error, 0 warnings; 1 finding accepted/),
    ]);
  });

  it('says how to write one where there is none', async () => {
    const folder = folderOf({ 'a.html': unnamed });
    const { code, error } = await run(['check', '.', '--baseline', 'old.json'], '', folder);
    expect([code, error]).toEqual([2, expect.stringContaining('Write it first: --write-baseline old.json')]);
  });
});

describe('check --fix', () => {
  it('mends what has one right way, and leaves all else as it is', async () => {
    const page = `<form>
  <button commandfor="d">Open</button>
  <dialog id="d" aria-labelledby="">
    <h2 id="t">Tides</h2>
    <button commandfor="d" type='button'>Close</button>
  </dialog>
  <div role="dialog" aria-modal="true"><h2 id="s">Sure?</h2></div>
</form>
${unnamed}
`;
    const folder = folderOf({
      'a.html': page,
      'a.tsx': 'export const A = () => <form><button commandFor="d" command="close">Go</button></form>;\n',
    });
    const { out } = await run(['check', '.', '--fix'], '', folder);
    expect(readFileSync(join(folder, 'a.html'), 'utf8')).toBe(
      page
        .replace('<button commandfor="d">', '<button command="show-modal" type="button" commandfor="d">')
        .replace('<button commandfor="d" type', '<button command="close" commandfor="d" type')
        .replace('<div role="dialog"', '<div aria-labelledby="s" role="dialog"'),
    );
    expect(readFileSync(join(folder, 'a.tsx'), 'utf8')).toContain(
      '<form><button type="button" commandFor="d"',
    );
    expect(out).toMatch(/1 error, 1 warning; 5 findings mended/);
  });
});

describe('check --watch', () => {
  it('check again when a file changes', async () => {
    const folder = folderOf({ 'a.html': unnamed });
    const child = spawn(
      process.execPath,
      [join(__dirname, '../bin/elastic-shell.js'), 'check', folder, '--watch'],
      {
        env: { ...process.env, NO_COLOR: '1' },
      },
    );
    let out = '';
    const said = (sentence: string): Promise<void> =>
      new Promise((resolve) => {
        const look = (): void => {
          if (!out.includes(sentence)) return;
          child.stdout.off('data', look);
          resolve();
        };
        child.stdout.on('data', look);
        look();
      });
    child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
    await said('1 error, 0 warnings.');
    await said('Watching for changes.');
    // A change that comes before the folder is watched is not seen: it is made until it is.
    const change = setInterval(() => writeFileSync(join(folder, 'a.html'), '<button>Go</button>'), 200);
    await said('1 file checked: nothing found.');
    clearInterval(change);
    child.kill('SIGINT');
    expect(await new Promise((resolve) => child.once('close', resolve))).toBe(0);
  });
});
