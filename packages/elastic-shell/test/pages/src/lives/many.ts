// Many short lives of one pattern, each with ids that never return: wired, used, unwired and taken away.
import * as library from '../../../../src/index';
import { indexSize } from '../../../../src/engine/invoker-index';
import { type AnyWired, kinds, type Name, turnOn } from './kinds';
import { runTimers } from '../timers';
import type { How } from './life';

let number = 0;

/** Lives in one task, before the page gets its turn. */
const atOnce = 100;

const one = (name: Name, how: How, main: HTMLElement): (() => void) => {
  const id = `brief-${++number}`;
  const stage = document.createElement(how === 'element' ? kinds[name].tag : 'div');
  stage.innerHTML = kinds[name].html(id);
  main.append(stage);
  const root = stage.querySelector<HTMLElement>(`#${id}`)!;
  const wired = (
    how === 'element'
      ? (library.wiredOf(root) ?? library.wiredOf(stage))
      : shell.wire(name, id, { onChange() {} })
  ) as AnyWired | undefined;
  turnOn(name, wired);
  return () => {
    if (how === 'function') wired?.unwire();
    delete shell.wired[id];
    stage.remove();
  };
};

/** Lives `count` lives, while one disclosure stays wired all the time; answers what the index holds then. */
export async function live(name: Name, how: How, count: number): Promise<ReturnType<typeof indexSize>> {
  document.body.innerHTML = '<button commandfor="stays">S</button><div id="stays" hidden></div><main></main>';
  const stays = library.wireDisclosure(document.getElementById('stays')!);
  const main = document.querySelector('main')!;
  for (let lived = 0; lived < count; lived += atOnce) {
    const ends = Array.from({ length: Math.min(atOnce, count - lived) }, () => one(name, how, main));
    await new Promise((resolve) => setTimeout(resolve));
    for (const end of ends.reverse()) end();
    await new Promise((resolve) => setTimeout(resolve));
  }
  await runTimers();
  const size = indexSize();
  stays.unwire();
  return size;
}
