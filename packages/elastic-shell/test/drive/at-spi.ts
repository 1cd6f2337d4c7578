// The accessibility bus of Linux (AT-SPI 2), by which Firefox and WebKit tell assistive technology what a page says: a bus of our
// own, so that nothing else is on it, and what stands on it, read by scripts/at-spi.py.
import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { join } from 'node:path';
import { findBrowser } from '../../../../scripts/browsers.js';
import { startDisplay } from './display';
import type { Environment } from './wire';

/** An accessible, as its browser tells of it; `depth` says how deep it stands under those before it. */
export interface Accessible {
  depth: number;
  role: string;
  name: string;
  description: string;
  states: string[];
  attributes: Readonly<Record<string, string | undefined>>;
  text: string;
}

export interface AccessibilityBus {
  /** What a browser is started with to stand on it. */
  environment: Environment;
  /** All that stands on it now, depth first. */
  read(): Accessible[];
  close(): void;
}

/** Starts a program and answers the first line that it writes. */
const firstLine = (path: string, args: string[], env: NodeJS.ProcessEnv): Promise<[ChildProcess, string]> => {
  const child = spawn(path, args, { env, stdio: ['ignore', 'pipe', 'ignore'] });
  return new Promise((resolve, reject) => {
    child.once('error', reject);
    child.stdout!.once('data', (text) => resolve([child, `${text}`.trim()]));
  });
};

const launcher = '/usr/libexec/at-spi-bus-launcher';
const reader = join(__dirname, '../../../../scripts/at-spi.py');

/** A bus, a display, and the word that a screen reader listens. */
export async function accessibilityBus(): Promise<AccessibilityBus> {
  const [, xvfb] = findBrowser('webkit') ?? [];
  if (!xvfb) throw new Error('The accessibility bus takes a display: apt-get install xvfb.');
  const [screen, display] = await startDisplay(xvfb);
  const flags = ['--session', '--nofork', '--print-address=1'];
  const [bus, address] = await firstLine('dbus-daemon', flags, process.env);
  const environment = {
    DISPLAY: display,
    DBUS_SESSION_BUS_ADDRESS: address,
    NO_AT_BRIDGE: '0',
    GNOME_ACCESSIBILITY: '1',
    GDK_BACKEND: 'x11',
  };
  const env = { ...process.env, ...environment };
  const spoken = spawn(launcher, ['--launch-immediately'], { env, stdio: 'ignore' });
  const property = ['--object-path', '/org/a11y/bus', '--method', 'org.freedesktop.DBus.Properties.Set'];
  for (const name of ['IsEnabled', 'ScreenReaderEnabled'])
    execFileSync(
      'gdbus',
      ['call', '--session', '--dest', 'org.a11y.Bus', ...property, 'org.a11y.Status', name, '<true>'],
      { env, stdio: 'ignore' },
    );
  return {
    environment,
    read() {
      const lines = execFileSync('/usr/bin/python3', [reader], {
        env,
        maxBuffer: 1 << 26,
        stdio: ['ignore', 'pipe', 'ignore'],
      });
      return `${lines}`
        .split('\n')
        .filter(Boolean)
        .map((line) => JSON.parse(line) as Accessible);
    },
    close() {
      for (const child of [spoken, bus, screen]) {
        child.removeAllListeners('exit');
        child.kill();
      }
    },
  };
}
