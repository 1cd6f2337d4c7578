// `npm run test:stress`: the tests on a machine that is busy with other things. Four processes that never rest take the cores from them,
// as other jobs do on a shared machine. What fails here and passes alone depends on time. `npm run test:stress 3` runs them three times,
// or until a run fails. Further arguments go to `npm test`.
import { spawn, spawnSync } from 'node:child_process';
import { fileURLToPath } from 'node:url';

const loops = 4;
const given = process.argv.slice(2);
const times = /^\d+$/.test(given[0]) ? Number(given.shift()) : 1;

const busy = Array.from({ length: loops }, () =>
  spawn(process.execPath, ['-e', 'for (;;);'], { stdio: 'ignore' }),
);
process.once('exit', () => busy.forEach((loop) => loop.kill('SIGKILL')));
for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => process.exit(1));

const test = fileURLToPath(new URL('test.mjs', import.meta.url));
for (let time = 1; time <= times; time++) {
  const began = Date.now();
  const { status } = spawnSync(process.execPath, [test, ...given], { stdio: 'inherit' });
  const minutes = ((Date.now() - began) / 60_000).toFixed(1);
  console.log(
    `Run ${time} of ${times} beside ${loops} busy loops ${status ? 'failed' : 'passed'} after ${minutes} minutes.`,
  );
  if (status !== 0) process.exit(status ?? 1);
}
