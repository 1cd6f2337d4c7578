// Putting things in place of what a window has, and back.

/** A window with its constructors. */
export type Win = Window & typeof globalThis;

/** What the platform would keep of shown layers. */
export interface Shown {
  modal: Set<Element>;
  popovers: Set<Element>;
}

/** Undoes one thing that was set up. */
export type Undo = () => void;

/** Puts a property in place of another on an object; answers what puts the other back. */
export function replace(target: object, name: string, descriptor: PropertyDescriptor): Undo {
  const before = Object.getOwnPropertyDescriptor(target, name);
  Object.defineProperty(target, name, { configurable: true, ...descriptor });
  return () => {
    if (before) Object.defineProperty(target, name, before);
    else Reflect.deleteProperty(target, name);
  };
}

/** Puts a method in place of another. */
export const method = (target: object, name: string, value: (...args: never[]) => unknown): Undo =>
  replace(target, name, { writable: true, value });
