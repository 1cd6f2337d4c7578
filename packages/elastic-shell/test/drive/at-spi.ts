// The accessibility bus of Linux (AT-SPI 2), by which Firefox and WebKit tell assistive technology what a page says: a bus of our
// own, so that nothing else is on it, and what stands on it, read by scripts/at-spi.py.
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';
import { startDesktop } from '../../../cli/src/speech/desktop';
import type { Environment } from '../../../cli/src/drive/wire';

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
  close(): Promise<void>;
}

const reader = join(__dirname, '../../../../scripts/at-spi.py');

/** A bus, a display, and the word that a screen reader listens. */
export async function accessibilityBus(): Promise<AccessibilityBus> {
  const { environment, close } = await startDesktop();
  return {
    environment,
    close,
    read() {
      const lines = execFileSync('/usr/bin/python3', [reader], {
        env: { ...process.env, ...environment },
        maxBuffer: 1 << 26,
        stdio: ['ignore', 'pipe', 'ignore'],
      });
      return `${lines}`
        .split('\n')
        .filter(Boolean)
        .map((line) => JSON.parse(line) as Accessible);
    },
  };
}
