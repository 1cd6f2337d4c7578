// WebKit by W3C WebDriver: https://www.w3.org/TR/webdriver2/. WebKitGTK wants a display, so each has an Xvfb of its own, and with
// it focus that no other window takes. Touch becomes a mouse here. What the user prefers is read when it starts: another motion
// setting starts another.
import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDisplay } from '../speech/display.js';
import { type Environment, patience, pause, type Settings, type Wire } from './wire.js';

type Method = 'GET' | 'POST' | 'DELETE';

interface Session {
  sessionId: string;
  capabilities: { browserVersion: string };
}

/** What a WebKit is driven by: the paths of its driver, of Xvfb, and of the browser itself. */
export interface Programs {
  driver: string;
  display: string;
  browser: string;
}

interface Running {
  children: ChildProcess[];
  display: string;
  home: string;
  /** Sends a command of the session. */
  send<T = unknown>(method: Method, path: string, body?: object): Promise<T>;
  version: string;
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => resolve(typeof address === 'object' && address ? address.port : 0));
    });
  });

/** A home folder of its own, whose settings turn animations on or off. */
function makeHome(settings: Settings): string {
  const home = mkdtempSync(join(tmpdir(), 'elastic-shell-webkit-'));
  const moves = settings.reducedMotion === 'no-preference';
  mkdirSync(join(home, 'gtk-3.0'));
  writeFileSync(
    join(home, 'gtk-3.0/settings.ini'),
    `[Settings]\ngtk-enable-animations=${Number(moves)}\ngtk-overlay-scrolling=0\ngtk-application-prefer-dark-theme=${Number(settings.colorScheme === 'dark')}\n`,
  );
  return home;
}

async function start(programs: Programs, settings: Settings, more: Environment): Promise<Running> {
  const { driver, browser } = programs;
  const [screen, display] = await startDisplay(programs.display);
  const home = makeHome(settings);
  const port = await freePort();
  const env = {
    ...process.env,
    DISPLAY: display,
    XDG_CONFIG_HOME: home,
    // The value of navigator.language. "C" isn't a language.
    LANG: 'en_US.UTF-8',
    LC_ALL: 'en_US.UTF-8',
    LANGUAGE: 'en_US',
    GDK_BACKEND: 'x11',
    LIBGL_ALWAYS_SOFTWARE: '1',
    WEBKIT_DISABLE_DMABUF_RENDERER: '1',
    NO_AT_BRIDGE: '1',
    ...more,
  };
  const child = spawn(driver, [`--port=${port}`], { env, stdio: 'ignore' });
  const children = [child, screen];
  process.once('exit', () => children.forEach((each) => each.kill()));

  const request = async <T>(method: Method, path: string, body?: object): Promise<T> => {
    const response = await fetch(`http://127.0.0.1:${port}${path}`, {
      method,
      signal: AbortSignal.timeout(patience),
      headers: { 'content-type': 'application/json' },
      ...(method === 'POST' && { body: JSON.stringify(body ?? {}) }),
    });
    const said: { value: { error?: string; message?: string } | null } = JSON.parse(await response.text());
    const { value } = said;
    if (value?.error) throw new Error(value.message || value.error);
    // Each caller gives the type of the answer.
    return value as T;
  };
  const capabilities = {
    alwaysMatch: {
      'webkitgtk:browserOptions': { binary: browser, args: ['--automation'] },
      unhandledPromptBehavior: 'ignore',
      // A busy machine may pause for longer than the usual half minute.
      timeouts: { script: patience, pageLoad: patience },
    },
  };
  // The driver listens a moment after its start.
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
    version: `WebKitGTK ${session.capabilities.browserVersion}`,
    send: (method, path, body) => request(method, `/session/${session.sessionId}${path}`, body),
  };
}

async function stop({ send, children, home }: Running): Promise<void> {
  // It may have ended by itself.
  await send('DELETE', '').catch(() => {});
  for (const child of children) {
    child.removeAllListeners('exit');
    const ended = new Promise((resolve) => child.once('exit', resolve));
    child.kill();
    await ended;
  }
  rmSync(home, { recursive: true, force: true, maxRetries: 5 });
}

/**
 * Collects the errors of a page from the first call on, and returns them: the text of a function. WebDriver
 * does not report the console here, so errors while the page loads are lost.
 */
const errorsInPage = `() => {
  const page = globalThis;
  if (!page.driveErrors) {
    const errors = (page.driveErrors = []);
    addEventListener('error', (event) => {
      // A size that changes during the notification is reported in the next frame. It is not an error.
      if (/^ResizeObserver loop/.test(event.message)) return;
      setTimeout(() => {
        if (!event.defaultPrevented) errors.push(event.message);
      });
    });
    addEventListener('unhandledrejection', ({ reason }) => errors.push(String(reason)));
    addEventListener('securitypolicyviolation', ({ violatedDirective }) => errors.push(violatedDirective));
    const { error } = console;
    console.error = (...words) => {
      errors.push(words.join(' '));
      error.apply(console, words);
    };
  }
  return () => page.driveErrors.splice(0);
}`;

/** The command resolves before scripts of the page have run, so this waits for them. */
async function loaded({ send }: Running): Promise<void> {
  const ask = { script: 'return document.readyState', args: [] };
  while ((await send('POST', '/execute/sync', ask)) !== 'complete') await pause(10);
  await send('POST', '/execute/sync', { script: `(${errorsInPage})()`, args: [] });
}

/** The window must be larger than the page by the size of its toolbars. */
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

/** How many pages one WebKit is used for. */
const mostPages = 60;

/** Starts a WebKit with one page. */
export async function openWebKit(programs: Programs, more: Environment = {}): Promise<Wire> {
  const key = ({ reducedMotion, colorScheme }: Settings) => `${reducedMotion} ${colorScheme}`;
  let set: Settings = { reducedMotion: 'reduce' };
  let running = await start(programs, set, more);
  const said: string[] = [];
  let pages = 0;

  return {
    get version() {
      return running.version;
    },
    errors: () => said.splice(0),
    // In a task of its own, because WebDriver runs code outside of any task, where microtasks run at the end
    // of each listener.
    async call(source, json) {
      const script = `return (async (...args) => {
        const drain = (${errorsInPage})();
        await new Promise((resolve) => setTimeout(resolve));
        const answer = await (${source})(...args);
        return [answer, drain()];
      })(...arguments)`;
      const ask = { script, args: [json] };
      const [answer, errors] = await running.send<[string, string[]]>('POST', '/execute/sync', ask);
      said.push(...errors);
      return answer;
    },
    async act(actions) {
      await running.send('POST', '/actions', { actions });
    },
    async go(url) {
      await running.send('POST', '/url', { url });
      await loaded(running);
    },
    async reload() {
      await running.send('POST', '/refresh');
      await loaded(running);
    },
    // Its window has no toolbars that take focus.
    activate: () => Promise.resolve(),
    async travel(by) {
      await running.send('POST', by < 0 ? '/back' : '/forward');
      await loaded(running);
    },
    async set(settings) {
      // It crashes after some hundred pages, so it is replaced before that, or after a test that failed
      // because of it.
      const isWorn = ++pages > mostPages;
      const isGone = await running.send('GET', '/window').then(
        () => false,
        () => true,
      );
      if (isGone || isWorn || key({ ...set, ...settings }) !== key(set)) {
        pages = 0;
        await stop(running);
        set = { ...set, ...settings };
        running = await start(programs, set, more);
      }
      const { width, height } = settings.viewport ?? { width: 1280, height: 800 };
      await resize(running, width, height);
    },
    // Its own screenshots hang while a dialog is open, so the display is captured.
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
