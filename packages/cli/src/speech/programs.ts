// The programs of a screen reader on Linux, and their Debian packages.
import { existsSync } from 'node:fs';

/** The path of each program, and its package. */
const packages = {
  '/usr/bin/orca': 'orca',
  '/usr/bin/Xvfb': 'xvfb',
  '/usr/bin/openbox': 'openbox',
  '/usr/bin/xdotool': 'xdotool',
  '/usr/bin/dbus-daemon': 'dbus-daemon',
  '/usr/bin/gdbus': 'libglib2.0-bin',
  '/usr/libexec/at-spi-bus-launcher': 'at-spi2-core',
} as const;

/** Returns the packages that Orca needs and that are missing here. */
export const missingForSpeech = (): string[] =>
  Object.entries(packages).flatMap(([path, name]) => (existsSync(path) ? [] : [name]));
