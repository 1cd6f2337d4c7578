// Replacing properties of a window, and restoring them.

/** A window with its constructors. */
export type Win = Window & typeof globalThis;

/** The data that the platform would keep about shown layers. */
export interface Shown {
  modal: Set<Element>;
  popovers: Set<Element>;
}

/** Restores one replaced property. */
export type Undo = () => void;

/** Replaces a property of an object. Returns a function that restores it. */
export function replace(target: object, name: string, descriptor: PropertyDescriptor): Undo {
  const before = Object.getOwnPropertyDescriptor(target, name);
  Object.defineProperty(target, name, { configurable: true, ...descriptor });
  return () => {
    if (before) Object.defineProperty(target, name, before);
    else Reflect.deleteProperty(target, name);
  };
}

/** Replaces a method. */
export const method = (target: object, name: string, value: (...args: never[]) => unknown): Undo =>
  replace(target, name, { writable: true, value });
