// Limits: whatever stands in a file, `check` says what it has passed over, and ends.
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { folderOf, run } from './run';

const nothing = 'elastic-shell: nothing was checked.\n';

describe('limits of a file', () => {
  it('one that takes longer than it may is passed over, and the others are checked', async () => {
    const names = Array.from({ length: 100_000 }, (_, at) => `a${at}=1`).join(' ');
    const folder = folderOf({ 'slow.html': `<p ${names}>`, 'then.html': '<button></button>' });
    const { code, out, error } = await run(['check', folder, '--file-timeout', '3']);
    expect(error).toBe(
      `elastic-shell: ${join(folder, 'slow.html')}: it took longer than 3 s; it was skipped.\n`,
    );
    expect([code, out]).toEqual([2, expect.stringContaining('1 file checked: 1 error')]);
  });

  it('a run that takes longer than it may says what it has not reached', async () => {
    const folder = folderOf({ 'a.html': '<button></button>' });
    const { code, error } = await run(['check', folder, '--timeout', '0.000001']);
    expect([code, error]).toEqual([
      2,
      `elastic-shell: ${join(folder, 'a.html')}: the run took longer than 0.000001 s before this file.\n${nothing}`,
    ]);
    expect((await run(['check', folder, '--timeout', 'soon'])).error).toContain(
      'It must be a number of seconds, such as 30.',
    );
  });

  it('a parser that stops its process, and one that throws, stop nothing else', async () => {
    const parsers = {
      'die.mjs': 'process.exit(1)',
      'throw.mjs': 'throw new Error("no parser today")',
    };
    for (const [name, script] of Object.entries(parsers)) {
      const folder = folderOf({ 'a.astro': '<p>A</p>', 'b.html': '<button></button>' });
      execFileSync('mkdir', ['-p', join(folder, 'node_modules/@astrojs/compiler')]);
      const parser = `import ${JSON.stringify('node:process')};\nexport const parse = () => { ${script} };\n`;
      execFileSync('tee', [join(folder, 'node_modules/@astrojs/compiler/index.js')], { input: parser });
      execFileSync('tee', [join(folder, 'node_modules/@astrojs/compiler/package.json')], {
        input: '{ "name": "@astrojs/compiler", "type": "module", "main": "index.js" }',
      });
      const { code, out, error } = await run(['check', folder]);
      expect(error).toBe(
        name === 'die.mjs'
          ? `elastic-shell: ${join(folder, 'a.astro')}: its parser stopped; it was skipped.\n`
          : `elastic-shell: ${join(folder, 'a.astro')}: its parser failed, so it was skipped: no parser today.\n`,
      );
      expect([code, out]).toEqual([2, expect.stringContaining('1 file checked: 1 error')]);
    }
  });

  it('a million ids in one attribute are told by the first ten, and how many more there are', async () => {
    const ids = Array.from({ length: 1_000_000 }, (_, at) => `a${at}`).join(' ');
    const { out } = await run(['check', '-', '-f', 'json'], `<button aria-labelledby="${ids}">Go</button>`);
    const rows = JSON.parse(out) as { sentence: string }[];
    expect(rows.length).toBe(11);
    expect(rows.at(-1)?.sentence).toBe(
      '<button> names 999990 more ids in aria-labelledby that no element has.',
    );
  });

  it('a pipe among the scripts beside a template is not waited for', async () => {
    const folder = folderOf({ 'a.html': '<button></button>' });
    execFileSync('mkfifo', [join(folder, 'a.ts')]);
    const { code, out } = await run(['check', folder]);
    expect([code, out]).toEqual([2, expect.stringContaining('1 file checked: 1 error')]);
  });
});

describe('what is not read', () => {
  it('is said: a template in another language, alone, in a folder, and in a component', async () => {
    const folder = folderOf({
      'a.pug': 'p',
      'b.pug': 'p',
      'c.html': '<p>C</p>',
      'd.vue': '<template lang="pug">\np\n</template>',
    });
    const { code, error } = await run(['check', folder]);
    expect([code, error]).toEqual([
      2,
      `elastic-shell: ${folder}: 2 files with the ending .pug were skipped, because check doesn't read that language.\n` +
        `elastic-shell: ${join(folder, 'd.vue')}: its template language, pug, isn't supported; it was skipped.\n`,
    ]);
    const alone = await run(['check', join(folder, 'a.pug')]);
    expect([alone.code, alone.error]).toEqual([
      2,
      `elastic-shell: ${join(folder, 'a.pug')}: check doesn't read .pug templates; it was skipped.\n${nothing}`,
    ]);
  });

  it('leaves a whole document in each format', async () => {
    const folder = folderOf({ 'a.svelte': '<div {{' });
    const out = async (format: string): Promise<string> => (await run(['check', folder, '-f', format])).out;
    expect(JSON.parse(await out('json'))).toEqual([]);
    expect(JSON.parse(await out('sarif')).runs[0].invocations[0].executionSuccessful).toBe(false);
    expect(await out('junit')).toMatch(
      /<testsuite name="not read" tests="1" errors="1">[^]*<\/testsuites>\n$/,
    );
  });

  it('a baseline that cannot be written is misuse', async () => {
    const folder = folderOf({ 'a.html': '<button></button>' });
    for (const [path, why] of [
      [folder, 'it is a folder; name a file in it'],
      [join(folder, 'no/such.json'), 'its folder does not exist'],
    ] as const) {
      const { code, error } = await run(['check', folder, '--write-baseline', path]);
      expect([code, error]).toEqual([
        2,
        `elastic-shell: the baseline cannot be written to ${path}: ${why}.\n`,
      ]);
    }
  });

  it('JUnit has each finding as a case that failed, and what a comment allows as skipped', async () => {
    const folder = folderOf({
      'a.html':
        '<button></button>\n<!-- check: allow control-name-missing because it is filled later -->\n<button></button>',
      'b.html': '<p>B</p>',
    });
    const { out, code } = await run(['check', '.', '-f', 'junit'], '', folder);
    expect(code).toBe(1);
    expect(out).toContain('<testsuite name="a.html" tests="2" failures="1" skipped="1">');
    expect(out).toContain('name="control-name-missing at 1:1"><failure type="error"');
    expect(out).toContain('<testcase classname="b.html" name="nothing found"/>');
  });
});
