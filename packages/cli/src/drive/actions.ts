// Keys, pointer and wheel as WebDriver actions: https://www.w3.org/TR/webdriver2/#actions, which Firefox and
// WebKit both accept.

interface Act {
  type: string;
  [name: string]: unknown;
}

/** An input device with its actions, tick by tick. */
export interface ActionSource {
  type: 'key' | 'pointer' | 'wheel';
  id: string;
  parameters?: { pointerType: 'mouse' | 'touch' };
  actions: Act[];
}

/** Keys that aren't characters, as the standard's code points. */
const codes: Record<string, string> = {
  Backspace: '\uE003',
  Tab: '\uE004',
  Enter: '\uE007',
  Shift: '\uE008',
  Control: '\uE009',
  Alt: '\uE00A',
  Escape: '\uE00C',
  Space: ' ',
  PageUp: '\uE00E',
  PageDown: '\uE00F',
  End: '\uE010',
  Home: '\uE011',
  ArrowLeft: '\uE012',
  ArrowUp: '\uE013',
  ArrowRight: '\uE014',
  ArrowDown: '\uE015',
  Delete: '\uE017',
  F10: '\uE03A',
  Meta: '\uE03D',
};

const codeOf = (name: string): string => {
  const code = codes[name === 'ControlOrMeta' ? 'Control' : name] ?? name;
  if ([...code].length !== 1)
    throw new Error(`No key is called ${JSON.stringify(name)} in drive/actions.ts.`);
  return code;
};

const key = (type: 'keyDown' | 'keyUp', name: string): Act => ({ type, value: codeOf(name) });
const keyboard = (actions: Act[]): ActionSource => ({ type: 'key', id: 'keyboard', actions });

/** A key combination such as `Control+Shift+Home`: pressed in order, and released in reverse order. */
export function chord(keys: string): ActionSource {
  const names = keys === '+' ? ['+'] : keys.split('+');
  // Characters, as a person types them.
  if (names.at(-1) === '*' && !names.includes('Shift')) names.unshift('Shift');
  return keyboard([
    ...names.map((name) => key('keyDown', name)),
    ...names.toReversed().map((name) => key('keyUp', name)),
  ]);
}

/** Each character is pressed and released. */
export const typed = (text: string): ActionSource =>
  keyboard([...text].flatMap((each) => [key('keyDown', each), key('keyUp', each)]));

/** Modifiers that are pressed before, or released after, the action of the pointer. */
export const held = (type: 'keyDown' | 'keyUp', names: readonly string[]): ActionSource =>
  keyboard(names.map((name) => key(type, name)));

/** A point in the page, in pixels from its top left. */
export type Point = readonly [x: number, y: number];

/** The way from one point to another in a number of steps, of which the last is the target. */
export const path = (from: Point, to: Point, steps: number): Point[] =>
  Array.from({ length: steps }, (_, step): Point => {
    const part = (step + 1) / steps;
    return [from[0] + (to[0] - from[0]) * part, from[1] + (to[1] - from[1]) * part];
  });

const moveTo = ([x, y]: Point, duration = 0): Act => ({
  type: 'pointerMove',
  x: Math.round(x),
  y: Math.round(y),
  duration,
});

/** Moves the mouse to a point, in steps when dragging. */
export const move = (points: readonly Point[]): ActionSource => mouse(points.map((point) => moveTo(point)));

const buttons = { left: 0, middle: 1, right: 2 };
/** Uses a button of the mouse. */
export type Button = keyof typeof buttons;

/** Presses a button of the mouse. */
export const down = (button: Button = 'left'): ActionSource =>
  mouse([{ type: 'pointerDown', button: buttons[button] }]);
/** Releases it. */
export const up = (button: Button = 'left'): ActionSource =>
  mouse([{ type: 'pointerUp', button: buttons[button] }]);

/** Moves the mouse to a point, and clicks. */
export const press = (point: Point, button: Button = 'left'): ActionSource =>
  mouse([
    moveTo(point),
    { type: 'pointerDown', button: buttons[button] },
    { type: 'pointerUp', button: buttons[button] },
  ]);

/**
 * A finger that touches the first point, rests there for a number of milliseconds, and is lifted at the last.
 */
export const touch = ([first, ...others]: readonly [Point, ...Point[]], rests = 0): ActionSource => ({
  type: 'pointer',
  id: 'finger',
  parameters: { pointerType: 'touch' },
  actions: [
    moveTo(first),
    { type: 'pointerDown', button: 0 },
    ...(rests ? [{ type: 'pause', duration: rests }] : []),
    ...others.map((point) => moveTo(point, 16)),
    { type: 'pointerUp', button: 0 },
  ],
});

const mouse = (actions: Act[]): ActionSource => ({
  type: 'pointer',
  id: 'mouse',
  parameters: { pointerType: 'mouse' },
  actions,
});

/** Turns the wheel over a point, by a number of pixels. */
export const wheel = ([x, y]: Point, deltaX: number, deltaY: number): ActionSource => ({
  type: 'wheel',
  id: 'wheel',
  actions: [{ type: 'scroll', x: Math.round(x), y: Math.round(y), deltaX, deltaY, duration: 0 }],
});
