// React warns of what changes outside of its `act`, where a test environment says so by a global. What is done here are keys and
// presses, and what follows from them is waited for: meanwhile the environment says that nobody uses `act`.

/** Where React reads whether changes are expected in `act` alone. */
const flag = 'IS_REACT_ACT_ENVIRONMENT';

let running = 0;
let before: unknown;

/** Begins a stretch in which changes come as a page makes them. Returns what ends it. */
export function outsideAct(): () => void {
  if (!running++) {
    before = Reflect.get(globalThis, flag);
    if (before !== undefined) Reflect.set(globalThis, flag, false);
  }
  let isOver = false;
  return () => {
    if (isOver) return;
    isOver = true;
    if (!--running && before !== undefined) Reflect.set(globalThis, flag, before);
  };
}
