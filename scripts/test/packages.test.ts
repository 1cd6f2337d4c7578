// The packages as they are published: what the usual linter of packages asks, and what people look for on a package's page.
import { execFileSync, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '../..');

describe.each(['elastic-shell', 'cli', 'angular'])('packages/%s', (name) => {
  const folder = join(root, 'packages', name);
  const manifest = JSON.parse(readFileSync(join(folder, 'package.json'), 'utf8')) as {
    license?: string;
    keywords?: string[];
    repository?: { directory: string };
    description?: string;
  };

  it('has a readme, a licence, keywords and says where it comes from', () => {
    expect(manifest.license).toBe('MIT');
    expect(manifest.keywords?.length).toBeGreaterThan(3);
    expect(manifest.repository?.directory).toBe(`packages/${name}`);
    expect(manifest.description).toMatch(/\.$/);
    for (const file of ['README.md', 'LICENSE'])
      expect([file, existsSync(join(folder, file))]).toEqual([file, true]);
  });

  it('packs them, and source maps that name sources that are packed, or hold them', () => {
    const packed = JSON.parse(
      execFileSync('npm', ['pack', '--dry-run', '--json', '--ignore-scripts'], {
        cwd: folder,
        encoding: 'utf8',
        maxBuffer: 64_000_000,
        stdio: ['ignore', 'pipe', 'ignore'],
      }),
    ) as { files: { path: string }[] }[];
    const files = new Set(packed[0]!.files.map(({ path }) => path));
    expect([files.has('README.md'), files.has('LICENSE')]).toEqual([true, true]);
    for (const path of [...files].filter((each) => each.endsWith('.map'))) {
      const map = JSON.parse(readFileSync(join(folder, path), 'utf8')) as {
        sources: string[];
        sourcesContent?: (string | null)[];
      };
      for (const [at, source] of map.sources.entries())
        expect([path, source, files.has(join(path, '..', source)) || !!map.sourcesContent?.[at]]).toEqual([
          path,
          source,
          true,
        ]);
    }
  });

  it('has no error that publint finds', () => {
    const bin = join(root, 'node_modules/.bin/publint');
    const { status, stdout } = spawnSync(bin, ['run', folder, '--pack', 'false', '--level', 'error'], {
      encoding: 'utf8',
    });
    expect([status, status ? stdout : '']).toEqual([0, '']);
  });
});
