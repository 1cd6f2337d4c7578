// React warns about changes outside its `act` if a global says that this is a test environment. Tests here
// send keys and clicks and wait for the results, so the global says meanwhile that nobody uses `act`.

/** The global with which React decides whether changes are expected in `act` alone. */
const flag = 'IS_REACT_ACT_ENVIRONMENT';

let running = 0;
let before: unknown;

/** Turns the warning off. Returns a function that restores it. */
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
