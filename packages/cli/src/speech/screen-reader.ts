// Orca on a desktop of its own, which records what it speaks. Keys are real ones, which pass through Orca on
// their way to the browser.
import { copyFileSync, mkdirSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { type Environment, startDesktop, succeeds, until } from './desktop.js';
import { keyNamed, xdotool } from './keys.js';
import { type Mode, SpeechRecord } from './record.js';

/** What was spoken after an action. */
export interface Heard {
  /** The utterances, in order. */
  said: string[];
  mode: Mode | undefined;
}

/** How long to listen, in milliseconds. */
export interface Listening {
  /** How long Orca has to be idle before listening ends. Default: 350. */
  quiet?: number;
  /** How long to wait for the first word, because a busy browser reports late. Default: 1500. */
  first?: number;
  /** Listening ends when this was spoken, or after `most`. Default: none. */
  until?: (said: readonly string[]) => boolean;
  /** The longest time to listen. Default: 20,000. */
  most?: number;
}

/** A running screen reader. */
export interface ScreenReader {
  /** Its name and version. */
  version: string;
  /** The environment with which it can read a browser. */
  environment: Environment;
  /** Brings a window of this class to the front, so that keys go to it. */
  bringToFront(windowClass: string): Promise<void>;
  /** Does something, and returns what was spoken then. */
  after(act: () => Promise<unknown>, listening?: Listening): Promise<Heard>;
  /** Presses a key, such as `Shift+Tab`, and returns what was spoken then. */
  press(key: string, listening?: Listening): Promise<Heard>;
  /**
   * Clicks in the middle of the screen, and moves the pointer away again, so that keys go to the page in the
   * window there.
   */
  click(): Promise<void>;
  close(): Promise<void>;
}

const customizations = fileURLToPath(new URL('../../orca/orca-customizations.py', import.meta.url));
const orca = '/usr/bin/orca';

/** Returns Orca's version. */
function versionOf(env: NodeJS.ProcessEnv): string {
  const { stdout } = spawnSync(orca, ['--version'], { env, encoding: 'utf8' });
  return `Orca ${/\d[\d.]*/.exec(stdout)?.[0] ?? ''}`.trim();
}

/** How soon Orca sees a key, unless the browser keeps it, in milliseconds. */
const keyPatience = 5000;
/** After how much silence Orca counts as done although it has not reported so, in milliseconds. */
const stuck = 3000;

/** Listens to a record from one of its lines on. */
async function listen(record: SpeechRecord, from: number, listening: Listening): Promise<Heard> {
  const { quiet = 350, first = 1500, until: isEnough, most = isEnough ? 5000 : 20_000 } = listening;
  const start = Date.now();
  const isDone = (): true | undefined => {
    const lines = record.update();
    const said = record.saidFrom(from);
    const spent = Date.now() - start;
    if (spent > most) return true;
    if (isEnough && !isEnough(said)) return undefined;
    if (!isEnough && spent < first && !said.length) return undefined;
    const last = lines.at(-1);
    if (last?.kind === 'idle') return Date.now() - Math.max(last.t, start) >= quiet || undefined;
    return (last && Date.now() - Math.max(last.t, start) > stuck) || undefined;
  };
  await until('Orca to be idle', isDone, most + stuck);
  return { said: record.saidFrom(from), mode: record.mode };
}

/**
 * Starts Orca.
 *
 * @throws Error if a program of `missingForSpeech()` is missing or does not start.
 */
export async function startScreenReader(): Promise<ScreenReader> {
  const desktop = await startDesktop();
  const { environment, folder } = desktop;
  const env = { ...process.env, ...environment };
  try {
    const path = join(folder, 'speech.jsonl');
    writeFileSync(path, '');
    const data = join(environment['XDG_DATA_HOME'] ?? folder, 'orca');
    mkdirSync(data, { recursive: true });
    copyFileSync(customizations, join(data, 'orca-customizations.py'));
    let manager = desktop.start('/usr/bin/openbox', ['--sm-disable']);
    await until('the window manager', async () => {
      // On a busy machine Orca may start before the display is ready, and ends.
      if (manager.exitCode !== null) manager = desktop.start('/usr/bin/openbox', ['--sm-disable']);
      return (await succeeds('/usr/bin/xdotool', ['get_num_desktops'], env)) || undefined;
    });
    // Orca asks pgrep whether the user runs another Orca, and then doesn't start. One on another desktop is
    // no reason.
    const programs = join(folder, 'bin');
    mkdirSync(programs);
    writeFileSync(join(programs, 'pgrep'), '#!/bin/sh\nexit 1\n', { mode: 0o755 });
    const search = `${programs}:${process.env['PATH'] ?? ''}`;
    desktop.start(orca, [], { ELASTIC_SHELL_SPEECH: path, PATH: search });
    const record = new SpeechRecord(path);
    await until('Orca to start', () => {
      record.update();
      return record.saidFrom(0).some((text) => text.includes('Screen reader on')) || undefined;
    });
    const after = async (act: () => Promise<unknown>, listening: Listening = {}): Promise<Heard> => {
      record.update();
      const from = record.lines.length;
      await act();
      return listen(record, from, listening);
    };
    return {
      version: versionOf(env),
      environment,
      async bringToFront(windowClass) {
        await until(`a window of ${windowClass}`, async () => {
          const found = await xdotool(env, 'search', '--onlyvisible', '--class', windowClass).catch(() => '');
          const windows = found.split('\n').filter(Boolean);
          const active = await xdotool(env, 'getactivewindow').catch(() => '');
          if (windows.includes(active)) return true;
          const last = windows.at(-1);
          if (last) await xdotool(env, 'windowactivate', last).catch(() => '');
          return undefined;
        });
      },
      after,
      async click() {
        await xdotool(env, 'mousemove', '600', '600', 'click', '1', 'mousemove', '1', '1');
      },
      press: (key, listening) =>
        after(async () => {
          const at = record.lines.length;
          await xdotool(env, 'key', '--delay', '30', keyNamed(key));
          const hasSeen = (): true | undefined =>
            record
              .update()
              .slice(at)
              .some(({ kind }) => kind === 'key') || undefined;
          await until('the key in Orca', hasSeen, keyPatience).catch(() => undefined);
        }, listening),
      close: desktop.close,
    };
  } catch (error) {
    await desktop.close();
    throw error;
  }
}
