// Runs of `rehearse`: pages that come late, go elsewhere or hang, several pages, runs that go on, and the page that tells of them.
import { existsSync, readFileSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { failing, rehearse } from './faults';
import { folderOf, run } from './run';

const lamp = (name: string, more = ''): string =>
  `<button type="button" role="switch" aria-checked="false" onclick="this.ariaChecked = this.ariaChecked !== 'true'" ${more}>${name}</button>`;
const html = (body: string): string => `<!doctype html><title>Yard</title><p>Yard</p>${body}`;

/** Serves pages from functions, on this machine. */
async function serve(
  pages: Record<string, string | Promise<string>>,
): Promise<{ address: string; server: Server; end: () => Promise<void> }> {
  const server = createServer((request, response) => {
    void (async () => {
      const body = await pages[request.url?.split('?')[0] ?? ''];
      response.writeHead(body === undefined ? 404 : 200, {
        'content-type': request.url?.endsWith('.js') ? 'text/javascript' : 'text/html',
      });
      response.end(body ?? 'There is no such page.');
    })();
  });
  await new Promise<void>((resolve) => server.listen(0, 'localhost', () => resolve()));
  const { port } = server.address() as AddressInfo;
  const end = (): Promise<void> =>
    new Promise((resolve) => {
      server.closeAllConnections();
      server.close(() => resolve());
    });
  return { address: `http://localhost:${port}`, server, end };
}

describe('a page that is not ready when it has loaded', () => {
  it('is waited for: drawn by a script that comes late, and the same at each of its rows', async () => {
    const script = `await new Promise((resolve) => setTimeout(resolve, 400));
      document.querySelector('#root').innerHTML = ${JSON.stringify(lamp('Mast lamp'))};`;
    const served = await serve({
      '/': html('<div id="root"></div><script type="module">import("/late.js");</script>'),
      '/late.js': new Promise((resolve) => setTimeout(() => resolve(script), 800)),
    });
    try {
      const { widgets } = await rehearse(`${served.address}/`);
      expect(widgets.map(({ name, checks }) => [name, checks.map(({ outcome }) => outcome)])).toEqual([
        ['Mast lamp', ['passed', 'passed', 'passed']],
      ]);
    } finally {
      await served.end();
    }
  });

  it('and goes elsewhere once is walked where it has arrived; one that never stays is told', async () => {
    const folder = folderOf({
      'index.html': html(`<script>setTimeout(() => (location.href = 'there.html'), 300)</script>`),
      'there.html': html(lamp('Lamp')),
      'away.html': html(`<script>setTimeout(() => (location.href = '?' + Math.random()), 100)</script>`),
    });
    const { code, out } = await run(['rehearse', folder]);
    expect([code, out]).toEqual([0, expect.stringMatching(/^1 widget: 3 checks pass, 0 fail\.$/m)]);
    const away = await run(['rehearse', join(folder, 'away.html')]);
    expect([away.code, away.error]).toEqual([
      2,
      expect.stringMatching(
        /^elastic-shell: \S+ keeps navigating to other addresses, so it can't be checked\.\n$/,
      ),
    ]);
  });

  it('and hangs at a key fails that row, and no other', async () => {
    const hang = `onkeydown="if (event.key === ' ') for (;;);"`;
    const folder = folderOf({ 'index.html': html(lamp('Hung', hang) + lamp('Right')) });
    const { widgets } = await rehearse(folder, '--check-timeout', '5');
    expect(failing({ widgets })).toEqual({ Hung: ['Space'], Right: [] });
  });
});

describe('several pages', () => {
  const site = {
    'index.html': html('<a href="a.html#x">A</a><a href="b.pdf">B</a><a href="https://away.example/">C</a>'),
    'a.html': html(`${lamp('On A')}<a href="index.html">Back</a><a href="deep.html">Deep</a>`),
    'deep.html': html(lamp('Deep')),
  };

  it('are found by links of the same origin, up to a depth, and each is walked once', async () => {
    const folder = folderOf(site);
    const pages = JSON.parse(
      (await run(['rehearse', join(folder, 'index.html'), '--depth', '1', '-f', 'json'])).out,
    ) as { address: string; widgets: { name: string }[] }[];
    expect(
      pages.map(({ address, widgets }) => [new URL(address).pathname, widgets.map(({ name }) => name)]),
    ).toEqual([
      ['/index.html', []],
      ['/a.html', ['On A']],
    ]);
    const deeper = await run(['rehearse', join(folder, 'index.html'), '--depth', '2', '--pages', '2']);
    expect(deeper.error).toMatch(/1 page was skipped because of the limit --pages 2/);
    expect(deeper.out).toMatch(/^2 pages, 1 widget: 3 checks pass, 0 fail\.$/m);
  });

  it('are listed by a sitemap; one that cannot be opened keeps no other from being walked', async () => {
    const served = await serve({ '/a': html(lamp('On A')) });
    const { address } = served;
    try {
      const folder = folderOf({});
      const map = await serve({
        '/map.xml': `<urlset><url><loc>${address}/none</loc></url><url><loc>${address}/a</loc></url></urlset>`,
      });
      const { code, out, error } = await run(['rehearse', `${map.address}/map.xml`, '--sitemap'], '', folder);
      await map.end();
      expect(error).toBe(`elastic-shell: ${address}/none has the status 404.\n`);
      expect([code, out]).toEqual([2, expect.stringContaining('2 pages, 1 widget: 3 checks pass, 0 fail.')]);
    } finally {
      await served.end();
    }
  });
});

describe('a run', () => {
  it('goes on where it was stopped, walks widgets side by side, and tells them in the order of the page', async () => {
    const names = ['One', 'Two', 'Three', 'Four'];
    const folder = folderOf({ 'index.html': html(names.map((name) => lamp(name)).join('')) });
    const file = join(folder, 'walked.jsonl');
    const args = ['rehearse', folder, '--resume', file, '--parallel', '2', '--progress'];
    const first = await run(args);
    expect(first.out.match(/^switch "(\w+)"/gm)).toEqual(names.map((name) => `switch "${name}"`));
    expect(first.error).toMatch(/widget 1 of 4/);
    const lines = readFileSync(file, 'utf8').trim().split('\n');
    expect(lines.length).toBe(4);
    // What was written down is not walked again: it says now what nobody has heard.
    const written = JSON.parse(lines[0] ?? '') as { result: { checks: { heard: string }[] } };
    for (const row of written.result.checks) row.heard = 'from before';
    const folder2 = folderOf({
      'index.html': readFileSync(join(folder, 'index.html'), 'utf8'),
      'walked.jsonl': `${JSON.stringify(written)}\n{ "cut`,
    });
    const again = await run(['rehearse', folder2, '--resume', join(folder2, 'walked.jsonl')]);
    expect(again.out.match(/from before/g)?.length).toBe(3);
    expect(again.out).toMatch(/^4 widgets: 12 checks pass, 0 fail\.$/m);
    const other = await run(['rehearse', folder, '--resume', join(folder, 'index.html')]);
    expect([other.code, other.error]).toEqual([2, expect.stringContaining("wasn't written by --resume")]);
  });

  it('that takes longer than it may says how far it came, exit code 2', async () => {
    const folder = folderOf({ 'index.html': html(lamp('One')), 'b.html': html(lamp('Two')) });
    const { code, out } = await run([
      'rehearse',
      join(folder, 'index.html'),
      join(folder, 'b.html'),
      ...['--timeout', '0.001'],
    ]);
    expect([code, out]).toEqual([2, expect.stringMatching(/it wasn't checked before the limit of 0\.001 s/)]);
  });

  it('is told by a page of its own, with pictures, and without what a page writes to drive a terminal', async () => {
    const folder = folderOf({
      'index.html': html('<div role="switch" tabindex="0" aria-checked="false">\u001b[31mLamp &lt;b></div>'),
    });
    const report = join(folder, 'walk.html');
    const { code, out } = await run(['rehearse', folder, '--report', report]);
    expect([code, existsSync(report)]).toEqual([1, true]);
    expect(out).not.toContain('\u001b');
    const text = readFileSync(report, 'utf8');
    expect(text.match(/src="data:image\/png;base64,/g)?.length).toBeGreaterThanOrEqual(2);
    expect(text).not.toContain('\u001b');
    expect(text).not.toContain('<b></b>');
    expect((await run(['check', report])).out).toBe('1 file checked: nothing found.\n');
  });
});

describe.each(['firefox', 'webkit'])('%s', (browser) => {
  const isThere = existsSync(browser === 'firefox' ? '/usr/bin/firefox-esr' : '/usr/bin/WebKitWebDriver');
  (isThere ? it : it.skip)(
    'is driven by WebDriver: steps, keys and pointer, with what is heard',
    async () => {
      const folder = folderOf({
        'index.html': html(
          `<button type="button" onclick="document.querySelector('section').hidden = false">Come in</button><section hidden>${lamp('Lamp')}</section>`,
        ),
        'steps.json': '[{ "press": "Come in" }, { "wait": "Lamp" }]',
      });
      const { code, out, error } = await run([
        'rehearse',
        folder,
        ...['--browser', browser, '--steps', join(folder, 'steps.json'), '--only', 'switch'],
      ]);
      expect([code, error]).toEqual([0, '']);
      expect(out).toMatch(/^ {2}Space +switch, Lamp, checked$/m);
      expect(out).toMatch(/^1 widget: 3 checks pass, 0 fail\.$/m);
    },
  );
});
