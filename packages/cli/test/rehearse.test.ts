// `rehearse` against widgets made by hand with one fault each, against the platform's own, and as its users call it.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { failing, page, quick, rehearse } from './faults';
import { folderOf, run } from './run';

describe('rehearse', () => {
  // The others are walked by the long run.
  it.each(quick)('%s: finds each fault, and nothing else', async (pattern, rows) => {
    expect(failing(await rehearse(`${page('faults.html')}?only=${pattern}`))).toEqual(rows);
  });

  it("finds nothing wrong with the platform's own widgets, and hears them", async () => {
    const { code, out, error } = await run(['rehearse', page('platform.html')]);
    expect([code, error]).toEqual([0, '']);
    expect(out).toMatch(
      /^dialog "Tide times" +\d of \d checks pass\n {2}Tab +button, Tide times\n {2}Enter +dialog, Tides; button, Close$/m,
    );
    expect(out).toMatch(/^details "More about berth four" +4 of 4 checks pass$/m);
    expect(out).toMatch(/^ {2}End +combo box, Berth, Mole, collapsed$/m);
    expect(out).toMatch(/^4 widgets: \d+ checks pass, 0 fail, \d skipped\.$/m);
  });

  it('tells of a branch what the key does that the row is named after, and not what the last key has done', async () => {
    const { widgets } = await rehearse(`${page('faults.html')}?only=tree`);
    const right = widgets.find(({ name }) => name.endsWith('right'));
    const row = right?.checks.find(({ key }) => key === 'ArrowRight');
    expect(row).toMatchObject({ outcome: 'passed', heard: expect.stringContaining('expanded') as string });
  });

  it('says why it cannot run a screen reader', async () => {
    const { code, error } = await run(['rehearse', page('platform.html'), '--speech', '--browser', 'webkit']);
    expect([code, error]).toEqual([2, 'elastic-shell: --speech needs Chromium: omit --browser webkit.\n']);
  });

  it('saves a transcript, and says how another differs from it', async () => {
    const html = (label: string): string =>
      `<!doctype html><title>T</title><button role="switch" aria-checked="false" onclick="this.ariaChecked = this.ariaChecked !== 'true'">${label}</button>`;
    const folder = folderOf({ 'a.html': html('Lamp') });
    const walk = join(folder, 'walk.txt');
    const first = await run(['rehearse', join(folder, 'a.html'), '--save', walk]);
    expect([first.code, first.error]).toEqual([0, '']);
    expect(readFileSync(walk, 'utf8')).toContain('switch, Lamp, checked');
    const same = await run(['rehearse', join(folder, 'a.html'), '--compare', walk]);
    expect([same.code, same.error]).toEqual([0, `The transcript is the same as ${walk}.\n`]);
    writeFileSync(join(folder, 'a.html'), html('Mast lamp'));
    const other = await run(['rehearse', join(folder, 'a.html'), '--compare', walk, '--format', 'junit']);
    expect(other.code).toBe(1);
    expect(other.error).toMatch(/^- .*switch, Lamp, checked$[\s\S]*^\+ .*switch, Mast lamp, checked$/m);
    expect(other.out).toMatch(/<testsuite name="switch Mast lamp" tests="3" failures="0" skipped="0">/);
  });

  it('takes steps to a state, finds what a button opens that says nothing, and takes pictures of failures', async () => {
    const folder = folderOf({
      'a.html': `<!doctype html><title>T</title><p>Yard</p><button type="button" id="in">Come in</button>
        <div id="place" hidden><button type="button" id="open">Strike</button></div><dialog id="d" aria-label="Sure?"><p>No way out</p></dialog>
        <script type="module">
          const [enter, place, open, dialog] = ['in', 'place', 'open', 'd'].map((id) => document.getElementById(id));
          enter.onclick = () => (place.hidden = false);
          open.onclick = () => dialog.showModal();
          dialog.oncancel = (event) => event.preventDefault();
        </script>`,
      'steps.json': '[{ "press": "Come in" }, { "wait": "Strike" }]',
    });
    const rehearsal = await rehearse(
      join(folder, 'a.html'),
      ...['--steps', join(folder, 'steps.json'), '--screenshots', join(folder, 'shots'), '--only', 'dialog'],
    );
    const strike = rehearsal.widgets.find(({ name }) => name === 'Strike');
    const failed = strike?.checks.filter(({ outcome }) => outcome === 'failed') ?? [];
    expect(failed.map(({ key }) => key)).toEqual(['Escape']);
    expect(readFileSync(join(folder, 'shots/strike-escape.png')).subarray(1, 4).toString()).toBe('PNG');
  });

  it.each([
    [['none.html'], /none\.html is neither an address nor an existing file or folder\./],
    [['http://localhost:1/'], /http:\/\/localhost:1\/ can't be opened: /],
    [[page('platform.html'), '--only', 'dailog'], /"dailog" isn't a pattern\. Did you mean "dialog"\?/],
    [[page('platform.html'), '--width', 'wide'], /The width must be a number of pixels from 200 to 5000\./],
    [[page('platform.html'), '--steps', 'none.json'], /none\.json: /],
    [
      [page('platform.html'), '--compare', 'none.txt', '--only', 'tree'],
      /none\.txt: no such file\. Save a transcript first/,
    ],
    [[page('platform.html'), '--executable', '/none'], /\/none: no such program\./],
  ])('says of %j in a sentence what is wrong, exit code 2', async (args, sentence) => {
    const { code, error } = await run(['rehearse', ...args]);
    expect([code, error]).toEqual([2, expect.stringMatching(sentence)]);
    expect(error).not.toMatch(/\n\s+at /);
  });
});
