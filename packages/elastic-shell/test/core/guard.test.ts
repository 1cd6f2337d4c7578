import { changesBetween } from '../../src/core/change';
import { ask } from '../../src/core/guard';

const change = { name: 'open', value: true, previous: false, reason: 'press' as const };

const answers = async (guard?: (asked: unknown) => unknown): Promise<{ steps: unknown[] }> => {
  const steps: unknown[] = [];
  ask(
    guard,
    change,
    () => steps.push('waits'),
    (allowed, error) => steps.push(error === undefined ? allowed : [allowed, error]),
  );
  steps.push('returned');
  await new Promise((resolve) => setTimeout(resolve));
  return { steps };
};

describe('a guard', () => {
  const error = new Error('no');
  it.each([
    ['is not there', undefined, [true, 'returned']],
    ['says nothing', () => undefined, [true, 'returned']],
    ['says true', () => true, [true, 'returned']],
    ['says something falsy that is not false', () => 0, [true, 'returned']],
    ['says false', () => false, [false, 'returned']],
    [
      'throws',
      () => {
        throw error;
      },
      [[false, error], 'returned'],
    ],
    ['promises true', async () => true, ['waits', 'returned', true]],
    ['promises nothing', async () => undefined, ['waits', 'returned', true]],
    ['promises false', async () => false, ['waits', 'returned', false]],
    [
      'rejects',
      async () => {
        throw error;
      },
      ['waits', 'returned', [false, error]],
    ],
    ['never settles', () => new Promise(() => {}), ['waits', 'returned']],
  ])('that %s', async (_, guard, expected) => {
    expect((await answers(guard)).steps).toEqual(expected);
  });

  it('is asked about the change itself', async () => {
    const guard = jest.fn();
    await answers(guard);
    expect(guard).toHaveBeenCalledWith(change);
  });
});

describe('changesBetween', () => {
  it('lists only what differs, with the cause on each', () => {
    const changes = changesBetween(
      { open: false, query: 'a' },
      { open: true, query: 'a' },
      { reason: 'key', result: 'x' },
    );
    expect(changes).toEqual([{ name: 'open', value: true, previous: false, reason: 'key', result: 'x' }]);
  });
  it('is empty for the same state', () => {
    expect(changesBetween({ open: true }, { open: true }, { reason: 'program' })).toEqual([]);
  });
});
