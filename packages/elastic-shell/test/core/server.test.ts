// What a server writes: parts as attributes, HTML of them, and the early script as text.
import { execFileSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { earlyScript, earlyScriptHash, html, partsOf } from 'elastic-shell/server';

const root = join(__dirname, '../../../..');

it('a part is what the outline says, and the root has what wireWithin looks for', () => {
  const tabs = partsOf('tabs', {
    id: 'boat',
    selected: 'hull',
    activation: 'manual',
    closed: ['rig', 'log'],
  });
  expect(tabs.root).toEqual({
    id: 'boat',
    'data-wired': 'tabs',
    'data-wire': 'tabs',
    'data-wire-selected': 'hull',
    'data-wire-activation': 'manual',
    'data-wire-closed': 'rig log',
  });
  expect(tabs.tab('hull')).toMatchObject({ 'aria-selected': 'true', 'aria-controls': 'boat-panel-hull' });
  expect([tabs.tab('rig')['hidden'], tabs.panel('rig')['hidden'], tabs.panel('hull')['hidden']]).toEqual([
    '',
    '',
    null,
  ]);
});

it('what may be the root of a pattern has it too, whichever part that is', () => {
  expect(partsOf('switch', { id: 'lights', checked: true }).box).toMatchObject({
    type: 'checkbox',
    checked: '',
    'data-wire': 'switch',
    'data-wire-checked': 'true',
  });
  expect(partsOf('disclosure', { id: 'more', open: true }).details).toMatchObject({
    open: '',
    'data-wire-open': 'true',
  });
});

it('what is open is sent so that it shows without script, and a menu opens without it', () => {
  expect(partsOf('dialog', { id: 'order', open: true }).root).toMatchObject({
    open: '',
    'data-wire-open': 'true',
  });
  expect(partsOf('dialog', { id: 'order' }).root).not.toHaveProperty('open');
  expect(partsOf('drawer', { id: 'order', open: true }).root).toHaveProperty('open', '');
  expect(partsOf('drawer', { id: 'order', open: true, modal: false }).root).not.toHaveProperty('open');
  expect(partsOf('menu', { id: 'more' }).opener()).toMatchObject({ command: 'toggle-popover' });
});

it('HTML has values escaped, flags bare, and what is null left out', () => {
  expect(html({ id: 'a"b', title: '<&>', hidden: '', 'aria-label': null }, { class: 'x' })).toBe(
    'id="a&quot;b" title="&lt;&amp;&gt;" hidden class="x"',
  );
});

it('refuses a pattern that there is not, and an instance without an id', () => {
  expect(() => partsOf('tab' as 'tabs', { id: 'x' })).toThrow(/unknown pattern "tab"; there are accordion/);
  expect(() => partsOf('tabs', { id: '' })).toThrow(/needs the id of the root of tabs/);
});

it('the early script as text is the script itself, with its hash, within 0.65 kB', () => {
  const script = execFileSync(process.execPath, ['scripts/early.mjs', 'print'], {
    cwd: root,
    encoding: 'utf8',
  });
  expect(earlyScript).toBe(script);
  expect(earlyScriptHash).toBe(`sha256-${createHash('sha256').update(earlyScript).digest('base64')}`);
  expect(gzipSync(earlyScript, { level: 9 }).length).toBeLessThanOrEqual(650);
});
