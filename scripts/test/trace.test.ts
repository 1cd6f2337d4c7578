// `npm run trace`, as a contributor runs it.
import { execFileSync } from 'node:child_process';
import { join } from 'node:path';

it('prints the calls and writes of a click in order, and a summary', () => {
  const out = execFileSync(process.execPath, [join(__dirname, '../trace.mjs'), 'disclosure', 'click'], {
    encoding: 'utf8',
  });
  const order = [
    'intend  engine/engine.js',
    'happen  engine/turn.js',
    'setAttribute("aria-expanded", "true")',
  ];
  const places = order.map((words) => out.indexOf(words));
  expect(places).toEqual([...places].sort((one, other) => one - other));
  expect(places[0]).toBeGreaterThan(0);
  expect(out.trim().split('\n').at(-1)).toMatch(
    /^disclosure, click: \d+ calls in \d+ files, \d renders?, \d+ writes of attributes and styles\.$/,
  );
});
