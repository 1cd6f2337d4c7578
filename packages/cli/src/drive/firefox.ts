// Firefox by WebDriver BiDi: https://www.w3.org/TR/webdriver-bidi/. The first tab of a headless Firefox has
// no focus, so a new one is opened. User preferences are set at run time, in the browser's own context
// (`--remote-allow-system-access`).
import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import WebSocket from 'ws';
import { type Environment, patience, type Settings, type Wire } from './wire.js';

interface Message {
  id?: number;
  method?: string;
  error?: string;
  message?: string;
  result?: unknown;
  params?: { type: string; level: string; text: string };
}

const preferences = [
  ['browser.shell.checkDefaultBrowser', false],
  ['datareporting.policy.dataSubmissionEnabled', false],
  ['browser.startup.homepage_override.mstone', 'ignore'],
  ['network.captive-portal-service.enabled', false],
  ['app.update.enabled', false],
  ['dom.disable_open_during_load', false],
  // Scrollbars that take up space, as on a desktop.
  ['widget.gtk.overlay-scrollbars.enabled', false],
] as const;

/** Starts Firefox. Returns the address of its socket. */
function start(path: string, profile: string, more: Environment): Promise<[ChildProcess, string]> {
  writeFileSync(
    join(profile, 'user.js'),
    preferences.map(([name, value]) => `user_pref("${name}", ${JSON.stringify(value)});`).join('\n'),
  );
  const flags = ['--no-remote', '--remote-debugging-port=0', '--remote-allow-system-access'];
  if (!more['DISPLAY']) flags.unshift('--headless');
  const child = spawn(path, [...flags, '--profile', profile], {
    stdio: ['ignore', 'ignore', 'pipe'],
    env: { ...process.env, ...more },
  });
  process.once('exit', () => child.kill());
  return new Promise((resolve, reject) => {
    let said = '';
    child.once('exit', (code) => reject(new Error(`Firefox ended with code ${code}. ${said}`)));
    child.stderr?.on('data', (text: Buffer) => {
      said += `${text}`;
      const [, address] = /WebDriver BiDi listening on (ws:\S+)/.exec(said) ?? [];
      if (address) resolve([child, `${address}/session`]);
    });
  });
}

/** Sends a command. The answer is typed by the standard. */
type Send = <T = unknown>(method: string, params?: object) => Promise<T>;

interface Called {
  type: 'success' | 'exception';
  result: { value: string };
  exceptionDetails: { text: string };
}

/** Sends commands over a socket that also reports events. */
async function connect(address: string, heard: (message: Message) => void): Promise<[WebSocket, Send]> {
  const socket = new WebSocket(address);
  await new Promise((resolve, reject) => socket.once('open', resolve).once('error', reject));
  const waiting = new Map<number, (message: Message) => void>();
  socket.on('message', (data) => {
    const message: Message = JSON.parse(`${data}`);
    if (message.id === undefined) return heard(message);
    waiting.get(message.id)?.(message);
    waiting.delete(message.id);
  });
  let last = 0;
  const send: Send = (method, params = {}) =>
    new Promise((resolve, reject) => {
      const id = ++last;
      const timer = setTimeout(
        () => reject(new Error(`Firefox did not answer ${method} in ${patience / 1000} s.`)),
        patience,
      );
      waiting.set(id, ({ error, message, result }) => {
        clearTimeout(timer);
        if (error) reject(new Error(`${method}: ${error}. ${message}`));
        // Each caller gives the type of the answer.
        else resolve(result as never);
      });
      socket.send(JSON.stringify({ id, method, params }));
    });
  return [socket, send];
}

/** The browser preferences of a user with these settings. */
const preferred = ({ reducedMotion, forcedColors, colorScheme, javaScriptEnabled }: Settings) => ({
  'ui.prefersReducedMotion': reducedMotion === 'no-preference' ? 0 : 1,
  'browser.display.document_color_use': forcedColors === 'active' ? 2 : 0,
  'layout.css.prefers-color-scheme.content-override': colorScheme === 'dark' ? 0 : 1,
  'javascript.enabled': javaScriptEnabled !== false,
});

/** Starts a Firefox with one page, and without a window unless it is given a display. */
export async function openFirefox(program: string, more: Environment = {}): Promise<Wire> {
  const profile = mkdtempSync(join(tmpdir(), 'elastic-shell-firefox-'));
  const [child, address] = await start(program, profile, more);
  const errors: string[] = [];
  const [socket, send] = await connect(address, ({ method, params }) => {
    if (method === 'log.entryAdded' && params?.level === 'error') errors.push(params.text);
  });
  const { capabilities } = await send<{ capabilities: { browserVersion: string } }>('session.new', {
    capabilities: {},
  });
  await send('session.subscribe', { events: ['log.entryAdded'] });
  const { context } = await send<{ context: string }>('browsingContext.create', { type: 'tab' });
  const tree = await send<{ contexts: { context: string }[] }>('browsingContext.getTree', {
    'moz:scope': 'chrome',
  });
  const chrome = tree.contexts[0]?.context;
  let written = '';

  return {
    version: `Firefox ${capabilities.browserVersion}`,
    errors: () => errors.splice(0),
    async call(functionDeclaration, value) {
      const { type, result, exceptionDetails } = await send<Called>('script.callFunction', {
        functionDeclaration,
        target: { context },
        awaitPromise: true,
        arguments: [{ type: 'string', value }],
        userActivation: false,
      });
      if (type === 'exception') throw new Error(exceptionDetails.text);
      return result.value;
    },
    async act(actions) {
      await send('input.performActions', { context, actions });
    },
    async go(url) {
      await send('browsingContext.navigate', { context, url, wait: 'complete' });
    },
    async reload() {
      await send('browsingContext.reload', { context, wait: 'complete' });
    },
    async activate() {
      // This is the only way to move focus from the browser's own toolbars back to the page.
      const expression = `document.getElementById('tabbrowser-tabs') && gBrowser.selectedBrowser.focus()`;
      await send('browsingContext.activate', { context });
      await send('script.evaluate', { expression, target: { context: chrome }, awaitPromise: false });
    },
    async travel(delta) {
      await send('browsingContext.traverseHistory', { context, delta });
    },
    async set(settings) {
      const wanted = JSON.stringify(preferred(settings));
      if (wanted !== written) {
        const expression = `for (const [name, value] of Object.entries(${wanted}))
          typeof value === 'number' ? Services.prefs.setIntPref(name, value) : Services.prefs.setBoolPref(name, value)`;
        await send('script.evaluate', { expression, target: { context: chrome }, awaitPromise: false });
        written = wanted;
      }
      const viewport = settings.viewport ?? { width: 1280, height: 800 };
      await send('browsingContext.setViewport', { context, viewport });
    },
    async picture() {
      const { data } = await send<{ data: string }>('browsingContext.captureScreenshot', { context });
      return Buffer.from(data, 'base64');
    },
    async close() {
      child.removeAllListeners('exit');
      const ended = new Promise((resolve) => child.once('exit', resolve));
      socket.close();
      child.kill();
      await ended;
      rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
    },
  };
}
