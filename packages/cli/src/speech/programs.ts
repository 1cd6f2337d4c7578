// The programs of a screen reader on Linux, and Debian's packages of them.
import { existsSync } from 'node:fs';

/** Where each program is, and the package that has it. */
const packages = {
  '/usr/bin/orca': 'orca',
  '/usr/bin/Xvfb': 'xvfb',
  '/usr/bin/openbox': 'openbox',
  '/usr/bin/xdotool': 'xdotool',
  '/usr/bin/dbus-daemon': 'dbus-daemon',
  '/usr/bin/gdbus': 'libglib2.0-bin',
  '/usr/libexec/at-spi-bus-launcher': 'at-spi2-core',
} as const;

/** The packages that are missing here for Orca to run; none if it can. */
export const missingForSpeech = (): string[] =>
  Object.entries(packages).flatMap(([path, name]) => (existsSync(path) ? [] : [name]));
