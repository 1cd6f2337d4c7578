// A stranger's project in a folder of its own: its files, the packed library beside what it depends on, everything installed afresh.
import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const library = join(__dirname, '../../..');

/** What a project depends on, by name, and its files, by path. */
export interface ProjectFiles {
  depends: Record<string, string>;
  files: Record<string, string>;
  /** What else stands in its package.json. */
  manifest?: object;
}

/** Packs the library, and what is published for Angular. Returns where each is to be installed from, by name. */
export function packAll(): Record<string, string> {
  const folder = mkdtempSync(join(tmpdir(), 'packed-'));
  const pack = (from: string): string => {
    const name = execFileSync('npm', ['pack', '--ignore-scripts', '--silent', '--pack-destination', folder], {
      cwd: from,
    });
    return `file:${join(folder, name.toString().trim())}`;
  };
  return {
    'elastic-shell': pack(library),
    'elastic-shell-angular': pack(join(library, '../angular')),
    'elastic-shell-cli': pack(join(library, '../cli')),
  };
}

/** Runs a command in a folder; throws an error with all that it printed if it fails. */
export function runIn(folder: string, command: string, ...args: string[]): string {
  try {
    return execFileSync(command, args, {
      cwd: folder,
      env: { ...process.env, CI: '1', NODE_ENV: undefined },
    }).toString();
  } catch (error) {
    const { stdout = '', stderr = '' } = error as { stdout?: Buffer; stderr?: Buffer };
    throw new Error(`${command} ${args.join(' ')}\n${stdout.toString()}\n${stderr.toString()}`, {
      cause: error,
    });
  }
}

/** Writes a project and installs what it depends on; of what is packed the library always, the rest where it is asked for. */
export function makeProject(
  folder: string,
  { depends, files, manifest }: ProjectFiles,
  packed: Record<string, string>,
): void {
  const own = Object.entries(packed).filter(([name]) => name === 'elastic-shell' || name in depends);
  const text = JSON.stringify({
    name: 'consumer',
    private: true,
    type: 'module',
    ...manifest,
    dependencies: { ...depends, ...Object.fromEntries(own) },
  });
  for (const [path, content] of Object.entries({ ...files, 'package.json': text })) {
    mkdirSync(dirname(join(folder, path)), { recursive: true });
    writeFileSync(join(folder, path), content);
  }
  runIn(folder, 'npm', 'install', '--no-audit', '--no-fund', '--silent');
}
