// Runs the real command line, as its users do.
import { spawn } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const bin = join(__dirname, '../bin/elastic-shell.js');

export interface Ran {
  code: number | null;
  out: string;
  error: string;
}

/** `folder`: where it is run. Default: where the tests are. */
export function run(args: readonly string[], input = '', folder = process.cwd()): Promise<Ran> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [bin, ...args], {
      cwd: folder,
      env: { ...process.env, NO_COLOR: '1' },
    });
    let out = '';
    let error = '';
    child.stdout.on('data', (chunk: Buffer) => (out += chunk.toString()));
    child.stderr.on('data', (chunk: Buffer) => (error += chunk.toString()));
    child.once('error', reject);
    child.once('close', (code) => resolve({ code, out, error }));
    child.stdin.end(input);
  });
}

/** A new folder that holds `files`; answers its path. */
export function folderOf(files: Record<string, string | Uint8Array>): string {
  const folder = mkdtempSync(join(tmpdir(), 'elastic-shell-'));
  for (const [name, content] of Object.entries(files)) writeFileSync(join(folder, name), content);
  return folder;
}
