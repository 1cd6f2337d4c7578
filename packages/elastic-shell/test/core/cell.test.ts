import fc from 'fast-check';
import { cell, deliver } from '../../src/core/cell';

describe('a cell', () => {
  it('tells every listener every value that differs from the one before, in order', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 3 })), (values) => {
        const own = cell(0);
        const heard: number[][] = [[], []];
        for (const log of heard) own.subscribe((value) => log.push(value));
        values.forEach((value) => own.set(value));
        const differing = values.filter((value, at) => value !== (at ? values[at - 1] : 0));
        expect(heard).toEqual([differing, differing]);
        expect(own.get()).toBe(values.at(-1) ?? 0);
      }),
    );
  });

  it('counts one function subscribed twice as two, and releases each once', () => {
    const own = cell('a');
    const listener = jest.fn();
    const release = own.subscribe(listener);
    own.subscribe(listener);
    release();
    release();
    own.set('b');
    expect(listener).toHaveBeenCalledTimes(1);
  });

  it('tells the rest when a listener throws, then throws the first error', () => {
    const own = cell(1);
    const last = jest.fn();
    own.subscribe(() => {
      throw new Error('first');
    });
    own.subscribe(() => {
      throw new Error('second');
    });
    own.subscribe(last);
    expect(() => own.set(2)).toThrow('first');
    expect(last).toHaveBeenCalledWith(2, undefined);
    expect(own.get()).toBe(2);
  });

  it('hands on the change that brought the value', () => {
    const own = cell(false);
    const listener = jest.fn();
    own.subscribe(listener);
    const change = { name: 'open', value: true, previous: false, reason: 'key' as const };
    own.set(true, change);
    expect(listener).toHaveBeenCalledWith(true, change);
  });

  it('passes over listeners that are not there', () => {
    const listener = jest.fn();
    deliver([undefined, listener], 'word');
    expect(listener).toHaveBeenCalledWith('word');
  });
});
