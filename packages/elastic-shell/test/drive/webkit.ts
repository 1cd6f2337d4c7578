// WebKit by W3C WebDriver: https://www.w3.org/TR/webdriver2/. WebKitGTK wants a display, so each has an Xvfb of its own, and with
// it focus that no other window takes. Touch becomes a mouse here. What the user prefers is read when it starts: another motion
// setting starts another.
import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findBrowser } from '../../../../scripts/browsers.js';
import { pause, type Settings, type Wire } from './wire';

type Method = 'GET' | 'POST' | 'DELETE';

interface Session {
  sessionId: string;
  capabilities: { browserVersion: string };
}

interface Running {
  children: ChildProcess[];
  display: string;
  home: string;
  /** Sends a command of the session. */
  send<T = unknown>(method: Method, path: string, body?: object): Promise<T>;
  version: string;
  /** The file that the page's console is written to. */
  log: string;
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => resolve(typeof address === 'object' ? address!.port : 0));
    });
  });

/** An X server without a screen; it says which display it took. */
function startDisplay(path: string): Promise<[ChildProcess, string]> {
  const child = spawn(path, ['-displayfd', '3', '-screen', '0', '1400x1000x24', '-nolisten', 'tcp'], {
    stdio: ['ignore', 'ignore', 'ignore', 'pipe'],
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`Xvfb ended with code ${code}.`)));
    child.stdio[3]!.once('data', (text) => resolve([child, `:${`${text}`.trim()}`]));
  });
}

/** A home of its own: its settings say whether things may move, and its browser writes the console of the page to a file. */
function makeHome(settings: Settings, browser: string) {
  const home = mkdtempSync(join(tmpdir(), 'elastic-shell-webkit-'));
  const moves = settings.reducedMotion === 'no-preference';
  mkdirSync(join(home, 'gtk-3.0'));
  writeFileSync(
    join(home, 'gtk-3.0/settings.ini'),
    `[Settings]\ngtk-enable-animations=${Number(moves)}\ngtk-overlay-scrolling=0\ngtk-application-prefer-dark-theme=${Number(settings.colorScheme === 'dark')}\n`,
  );
  const log = join(home, 'console.txt');
  writeFileSync(log, '');
  const script = join(home, 'browser.sh');
  writeFileSync(script, `#!/bin/sh\nexec ${browser} "$@" >> ${log} 2>&1\n`);
  chmodSync(script, 0o755);
  return { home, log, script };
}

async function start(settings: Settings): Promise<Running> {
  const [driver, xvfb, browser] = findBrowser('webkit') ?? [];
  if (!driver || !xvfb || !browser)
    throw new Error('WebKit is not installed: apt-get install webkit2gtk-driver xvfb.');
  const [screen, display] = await startDisplay(xvfb);
  const { home, log, script } = makeHome(settings, browser);
  const port = await freePort();
  const env = {
    ...process.env,
    DISPLAY: display,
    XDG_CONFIG_HOME: home,
    GDK_BACKEND: 'x11',
    LIBGL_ALWAYS_SOFTWARE: '1',
    WEBKIT_DISABLE_DMABUF_RENDERER: '1',
    NO_AT_BRIDGE: process.env['NO_AT_BRIDGE'] ?? '1',
  };
  const child = spawn(driver, [`--port=${port}`], { env, stdio: 'ignore' });
  const children = [child, screen];
  process.once('exit', () => children.forEach((each) => each.kill()));

  const request = async <T>(method: Method, path: string, body?: object): Promise<T> => {
    const response = await fetch(`http://127.0.0.1:${port}${path}`, {
      method,
      signal: AbortSignal.timeout(60_000),
      headers: { 'content-type': 'application/json' },
      ...(method === 'POST' && { body: JSON.stringify(body ?? {}) }),
    });
    const { value } = (await response.json()) as { value: { error?: string; message?: string } | null };
    if (value?.error) throw new Error(value.message || value.error);
    // Each caller names what its command answers.
    return value as T;
  };
  const args = ['--automation', '--enable-write-console-messages-to-stdout=true'];
  const capabilities = {
    alwaysMatch: { 'webkitgtk:browserOptions': { binary: script, args }, unhandledPromptBehavior: 'ignore' },
  };
  // The driver listens a moment after it has started.
  const begin = async (left: number): Promise<Session> => {
    try {
      return await request<Session>('POST', '/session', { capabilities });
    } catch (error) {
      if (!left || !`${error}`.includes('fetch failed')) throw error;
      await pause(100);
      return begin(left - 1);
    }
  };
  const session = await begin(100);
  return {
    children,
    display,
    home,
    log,
    version: `WebKitGTK ${session.capabilities.browserVersion}`,
    send: (method, path, body) => request(method, `/session/${session.sessionId}${path}`, body),
  };
}

async function stop({ send, children, home }: Running): Promise<void> {
  // It may have gone by itself.
  await send('DELETE', '').catch(() => {});
  for (const child of children) {
    child.removeAllListeners('exit');
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill();
    await ended;
  }
  rmSync(home, { recursive: true, force: true, maxRetries: 5 });
}

/** The window as large as it must be for the page in it to be of this size: its own bars come on top. */
async function resize({ send }: Running, width: number, height: number): Promise<void> {
  const inner = () =>
    send<[number, number]>('POST', '/execute/sync', { script: 'return [innerWidth, innerHeight]', args: [] });
  for (let turn = 0; turn < 3; turn++) {
    const [w, h] = await inner();
    if (w === width && h === height) return;
    const rect = await send<{ width: number; height: number }>('GET', '/window/rect');
    await send('POST', '/window/rect', {
      width: rect.width + width - w,
      height: rect.height + height - h,
    });
  }
}

/** Starts a WebKit of its own, with one page. */
export async function webkit(): Promise<Wire> {
  const key = ({ reducedMotion, colorScheme }: Settings) => `${reducedMotion} ${colorScheme}`;
  let set: Settings = { reducedMotion: 'reduce' };
  let running = await start(set);
  let read = 0;

  return {
    get version() {
      return running.version;
    },
    errors() {
      const lines = readFileSync(running.log, 'utf8');
      const fresh = lines.slice(read);
      read = lines.length;
      return fresh.split('\n').filter((line) => /^CONSOLE \S+ ERROR|^CONSOLE JS ERROR/.test(line));
    },
    call: (source, json) =>
      running.send<string>('POST', '/execute/sync', {
        script: `return (${source})(...arguments)`,
        args: [json],
      }),
    async act(actions) {
      await running.send('POST', '/actions', { actions });
    },
    async go(url) {
      await running.send('POST', '/url', { url });
    },
    async reload() {
      await running.send('POST', '/refresh');
    },
    async travel(by) {
      await running.send('POST', by < 0 ? '/back' : '/forward');
    },
    async set(settings) {
      if (key({ ...set, ...settings }) !== key(set)) {
        await stop(running);
        set = { ...set, ...settings };
        running = await start(set);
        read = 0;
      }
      const { width, height } = settings.viewport ?? { width: 1280, height: 800 };
      await resize(running, width, height);
    },
    // Its own screenshots hang while a dialog is open: a picture of the display does not.
    picture() {
      const { stdout, error } = spawnSync(
        'import',
        ['-display', running.display, '-window', 'root', 'png:-'],
        {
          maxBuffer: 1 << 26,
        },
      );
      if (error) throw new Error('A picture of WebKit takes ImageMagick: apt-get install imagemagick.');
      return Promise.resolve(stdout);
    },
    close: () => stop(running),
  };
}
