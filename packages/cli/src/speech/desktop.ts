// A desktop without a screen: an X display, a session bus and the accessibility bus (AT-SPI 2), which only
// programs with its environment can use.
import { type ChildProcess, spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startDisplay } from './display.js';

/** Environment variables for a program. */
export type Environment = Readonly<Record<string, string>>;

/** A running desktop. */
export interface Desktop {
  /** The environment with which a program appears on it. */
  environment: Environment;
  /** The folder of everything that its programs write. */
  folder: string;
  /** Starts a program on it, which ends together with it. */
  start(path: string, args: readonly string[], more?: Environment): ChildProcess;
  /** Ends everything that was started, and removes the folder. */
  close(): Promise<void>;
}

/** How long a program may take to start on a busy machine, in milliseconds. */
const patience = 60_000;
/** The time between two attempts, in milliseconds. */
const gap = 50;

/** Repeats a question until the result is not undefined. Rejects with `what` if it takes too long. */
export async function until<T>(
  what: string,
  ask: () => T | undefined | Promise<T | undefined>,
  within = patience,
): Promise<T> {
  const end = Date.now() + within;
  for (;;) {
    const answer = await ask();
    if (answer !== undefined) return answer;
    if (Date.now() > end) throw new Error(`${what}: still not so after ${within / 1000} s.`);
    await new Promise((resolve) => setTimeout(resolve, gap));
  }
}

/** Returns the first line that a program writes. */
const firstLine = (child: ChildProcess): Promise<string> =>
  new Promise((resolve, reject) => {
    child.once('error', reject);
    child.once('exit', (code) => reject(new Error(`${child.spawnfile} ended with code ${code}.`)));
    child.stdout?.once('data', (text) => resolve(`${text}`.trim().split('\n')[0] ?? ''));
  });

/** Runs a program to its end, and returns whether it succeeded. */
export const succeeds = (path: string, args: readonly string[], env: NodeJS.ProcessEnv): Promise<boolean> =>
  new Promise((resolve) => {
    const child = spawn(path, args, { env, stdio: 'ignore' });
    child.once('error', () => resolve(false));
    child.once('exit', (code) => resolve(code === 0));
  });

/** Waits until a program has ended. One that ignores the request is killed after a while. */
const ended = (child: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    if (child.pid === undefined || child.exitCode !== null || child.signalCode !== null) return resolve();
    const timer = setTimeout(() => child.kill('SIGKILL'), 3000);
    child.once('exit', () => {
      clearTimeout(timer);
      resolve();
    });
  });

/**
 * Announces on the session bus that a screen reader is running, because browsers check this before they build
 * their accessibility tree.
 */
async function announceReader(env: NodeJS.ProcessEnv): Promise<void> {
  const call = (...args: string[]): Promise<boolean> =>
    succeeds(
      '/usr/bin/gdbus',
      ['call', '--session', '--dest', 'org.a11y.Bus', '--object-path', '/org/a11y/bus', '--method', ...args],
      env,
    );
  await until('the accessibility bus', async () => (await call('org.a11y.Bus.GetAddress')) || undefined);
  for (const name of ['IsEnabled', 'ScreenReaderEnabled'])
    await call('org.freedesktop.DBus.Properties.Set', 'org.a11y.Status', name, '<true>');
}

/**
 * Starts a desktop.
 *
 * @throws Error if a program of `missingForSpeech()` is missing or does not start.
 */
export async function startDesktop(): Promise<Desktop> {
  const folder = mkdtempSync(join(tmpdir(), 'elastic-shell-desktop-'));
  const started: ChildProcess[] = [];
  const home = join(folder, 'home');
  const runtime = join(folder, 'run');
  mkdirSync(home);
  mkdirSync(runtime, { mode: 0o700 });
  const environment: Record<string, string> = {
    HOME: home,
    XDG_RUNTIME_DIR: runtime,
    XDG_CONFIG_HOME: join(home, '.config'),
    XDG_CACHE_HOME: join(home, '.cache'),
    XDG_DATA_HOME: join(home, '.local'),
    LANG: 'C.UTF-8',
    LC_ALL: 'C.UTF-8',
    LANGUAGE: 'en',
    GDK_BACKEND: 'x11',
    GTK_USE_PORTAL: '0',
    GTK_MODULES: 'gail:atk-bridge',
    NO_AT_BRIDGE: '0',
    GNOME_ACCESSIBILITY: '1',
    MOZ_ENABLE_ACCESSIBILITY: '1',
    ACCESSIBILITY_ENABLED: '1',
  };
  const env = (more: Environment = {}): NodeJS.ProcessEnv => {
    const all = { ...process.env, ...environment, ...more };
    delete all['WAYLAND_DISPLAY'];
    delete all['AT_SPI_BUS_ADDRESS'];
    return all;
  };
  const start = (
    path: string,
    args: readonly string[],
    more?: Environment,
    stdio: ('ignore' | 'pipe')[] = ['ignore', 'ignore', 'ignore'],
  ): ChildProcess => {
    const child = spawn(path, args, { env: env(more), stdio });
    child.on('error', () => undefined);
    started.push(child);
    return child;
  };
  const end = (): void => {
    for (const child of [...started].reverse()) {
      child.removeAllListeners('exit');
      // Not SIGKILL, because the launcher of the accessibility bus ends the bus.
      child.kill();
    }
  };
  process.once('exit', end);
  const close = async (): Promise<void> => {
    process.off('exit', end);
    end();
    await Promise.all(started.map(ended));
    await rm(folder, { recursive: true, force: true, maxRetries: 20 }).catch(() => undefined);
  };
  try {
    // The display comes first, because programs that the bus starts inherit its environment.
    const [screen, display] = await startDisplay('/usr/bin/Xvfb');
    started.push(screen);
    environment['DISPLAY'] = display;
    const flags = ['--session', '--nofork', '--print-address=1'];
    const bus = start('/usr/bin/dbus-daemon', flags, {}, ['ignore', 'pipe', 'ignore']);
    environment['DBUS_SESSION_BUS_ADDRESS'] = await firstLine(bus);
    start('/usr/libexec/at-spi-bus-launcher', ['--launch-immediately']);
    await announceReader(env());
  } catch (error) {
    await close();
    throw error;
  }
  return { environment, folder, start: (path, args, more) => start(path, args, more), close };
}
