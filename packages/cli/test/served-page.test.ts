// Pages that are made for each request: what is still being built says so, and everything else is left to the files.
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { ServerResponse } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { policyFor } from '../src/policy';

const folder = mkdtempSync(join(tmpdir(), 'demo-'));
mkdirSync(join(folder, 'gallery'));
writeFileSync(join(folder, 'gallery/vue.html'), '<p>built</p>');

/** Only what is written of a response. */
const response = () => {
  const said = { headers: new Map<string, string>(), body: '' };
  const made = {
    setHeader: (name: string, value: string) => said.headers.set(name, value),
    end: (body: string) => (said.body = body),
  };
  return { said, made: made as unknown as ServerResponse };
};

// `import.meta` is not known to the tests' modules: the module is looked at as the command line has built it.
const page = async (url: string) => {
  const { said, made } = response();
  const { servedPage } = jest.requireActual<typeof import('../src/served-page')>('../dist/served-page.js');
  return { isDone: await servedPage(folder, url, made), ...said };
};

afterEach(() => void delete process.env['ELASTIC_SHELL_BUILDS']);

it('leaves to the files what is a file, and what is nothing', async () => {
  expect((await page('/gallery/vue.html')).isDone).toBe(false);
  expect((await page('/index.html')).isDone).toBe(false);
  expect((await page('/gallery/solid.html')).isDone).toBe(false);
  expect((await page('/server/../../secret.html')).isDone).toBe(false);
});

it('says that a page is still being built, and looks again', async () => {
  process.env['ELASTIC_SHELL_BUILDS'] = '1';
  const { isDone, body, headers } = await page('/orders/react.html?from=desk');
  expect([isDone, /still being built/.test(body), /http-equiv="refresh"/.test(body)]).toEqual([
    true,
    true,
    true,
  ]);
  expect(headers.get('Content-Security-Policy')).toBe(policyFor('/orders/react.html'));
});

it('lets a framework off what it cannot do, and no other', () => {
  expect(policyFor('/gallery/solid.html')).toBe("default-src 'self'");
  expect(policyFor('/gallery/react.html')).toContain('require-trusted-types-for');
  expect(policyFor('/server/vue.html', 'abc')).toContain("'nonce-abc'");
});
