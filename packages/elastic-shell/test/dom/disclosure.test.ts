import { cell, type Change, setDefaults, wireDisclosure } from '../../src/index';

const page = (html: string): void => {
  document.body.innerHTML = html;
};
const get = (id: string): HTMLElement => document.getElementById(id)!;
const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

const plain =
  '<button id="b" commandfor="p" command="--toggle">More</button><div id="p" hidden class="c">Text</div>';

afterEach(() => {
  page('');
});

describe('wireDisclosure', () => {
  it('opens and closes by its button, and tells why', () => {
    page(plain);
    const heard: Change[] = [];
    const wired = wireDisclosure(get('p'), { onChange: (change) => heard.push(change) });
    expect(get('b').getAttribute('aria-expanded')).toBe('false');
    expect(get('p').getAttribute('hidden')).toBe('until-found');
    get('b').click();
    expect(wired.open.get()).toBe(true);
    expect(get('p').hasAttribute('hidden')).toBe(false);
    expect(get('b').getAttribute('aria-expanded')).toBe('true');
    expect(heard).toMatchObject([
      { name: 'open', value: true, previous: false, reason: 'command', source: get('b') },
    ]);
    wired.unwire();
  });

  it('leaves the markup byte for byte as it was', () => {
    page(`${plain}<details id="d"><summary>S</summary>T</details>`);
    const before = document.body.innerHTML;
    const wired = [wireDisclosure(get('p')), wireDisclosure(get('d'))];
    get('b').click();
    get('b').click();
    wired.forEach((each) => each.unwire());
    wired.forEach((each) => each.unwire());
    expect(document.body.innerHTML).toBe(before);
    get('b').click();
    expect(get('p').hasAttribute('hidden')).toBe(true);
  });

  it('takes openers by aria-controls, several of them, and each shows the state', () => {
    page(
      '<button id="a" aria-controls="p">A</button><button id="b" aria-controls="p" aria-expanded="true">B</button><p id="p" hidden></p>',
    );
    const reasons: string[] = [];
    const wired = wireDisclosure(get('p'), { onChange: ({ reason }) => reasons.push(reason) });
    expect(get('b').getAttribute('aria-expanded')).toBe('false');
    get('a').dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, detail: 1 }));
    expect([get('a'), get('b')].map((button) => button.getAttribute('aria-expanded'))).toEqual([
      'true',
      'true',
    ]);
    get('b').click();
    expect(reasons).toEqual(['press', 'key']);
    wired.unwire();
    expect(get('b').getAttribute('aria-expanded')).toBe('true');
  });

  it('picks up openers that come later, and lets go of those that name something else', async () => {
    page('<div id="p" hidden></div>');
    const wired = wireDisclosure(get('p'));
    document.body.insertAdjacentHTML(
      'beforeend',
      '<section><button id="b" commandfor="p" command="--toggle"></button></section>',
    );
    await settle();
    expect(get('b').getAttribute('aria-expanded')).toBe('false');
    get('b').setAttribute('commandfor', 'other');
    await settle();
    expect(get('b').outerHTML).toBe('<button id="b" commandfor="other" command="--toggle"></button>');
    wired.unwire();
  });

  it('works on a root that is put into the document later, alone or within something', async () => {
    page('<button id="b" commandfor="p" command="--toggle"></button>');
    const root = Object.assign(document.createElement('div'), { id: 'p', hidden: true });
    const wired = wireDisclosure(root);
    document.body.append(root);
    await settle();
    expect(get('b').getAttribute('aria-expanded')).toBe('false');
    get('b').click();
    expect(root.hidden).toBe(false);
    wired.unwire();
  });

  it('leaves a press alone that somebody prevented, and one on a disabled or aria-disabled button', () => {
    page(plain);
    const wired = wireDisclosure(get('p'));
    const prevent = (event: Event): void => event.preventDefault();
    get('b').addEventListener('click', prevent);
    get('b').click();
    get('b').removeEventListener('click', prevent);
    get('b').setAttribute('aria-disabled', 'true');
    get('b').click();
    get('b').removeAttribute('aria-disabled');
    get('b').setAttribute('disabled', '');
    get('b').click();
    expect(wired.open.get()).toBe(false);
    wired.unwire();
  });

  it('runs a details, by its summary and by what the platform does to it', () => {
    page('<details id="d"><summary id="s">S</summary>T</details>');
    const reasons: string[] = [];
    const wired = wireDisclosure(get('d'), { onChange: ({ reason }) => reasons.push(reason) });
    get('s').click();
    expect(get('d').hasAttribute('open')).toBe(true);
    get('d').removeAttribute('open');
    get('d').dispatchEvent(new Event('toggle'));
    expect(wired.open.get()).toBe(false);
    expect(reasons).toEqual(['key', 'native']);
    wired.unwire();
  });

  it('opens what find-in-page has found', () => {
    page(plain);
    const reasons: string[] = [];
    const wired = wireDisclosure(get('p'), { onChange: ({ reason }) => reasons.push(reason) });
    get('p').dispatchEvent(new Event('beforematch', { bubbles: true }));
    expect(reasons).toEqual(['found']);
    expect(wired.open.get()).toBe(true);
    wired.unwire();
  });
});

describe('a state', () => {
  it('can be a first value, which nobody hears of as a change', () => {
    page(plain);
    const onChange = jest.fn();
    const wired = wireDisclosure(get('p'), { open: true, onChange });
    expect(get('p').hasAttribute('hidden')).toBe(false);
    expect(onChange).not.toHaveBeenCalled();
    wired.unwire();
  });

  it("can be a cell of the caller's, shared by several, in step both ways", () => {
    page(`${plain}<div id="q" hidden></div>`);
    const open = cell(false);
    const reasons: string[] = [];
    const wired = [
      wireDisclosure(get('p'), { open }),
      wireDisclosure(get('q'), { open, guard: () => false, onChange: ({ reason }) => reasons.push(reason) }),
    ];
    get('b').click();
    expect(open.get()).toBe(true);
    expect(get('q').hasAttribute('hidden')).toBe(false);
    open.set(false);
    expect(get('p').hasAttribute('hidden')).toBe(true);
    expect(get('b').getAttribute('aria-expanded')).toBe('false');
    expect(reasons).toEqual(['command', 'program']);
    wired.forEach((each) => each.unwire());
    open.set(true);
    expect(get('p').hasAttribute('hidden')).toBe(true);
  });

  it('is a cell itself: set shows, subscribe hears', () => {
    page(plain);
    const wired = wireDisclosure(get('p'));
    const heard = jest.fn();
    const release = wired.open.subscribe(heard);
    wired.open.set(true);
    wired.open.set(true);
    release();
    wired.open.set(false);
    expect(heard.mock.calls).toMatchObject([[true, { reason: 'program' }]]);
    wired.unwire();
  });
});

describe('a guard', () => {
  it('refuses by false', () => {
    page(plain);
    const wired = wireDisclosure(get('p'), { guard: () => false });
    get('b').click();
    wired.open.set(true);
    expect(wired.open.get()).toBe(false);
    wired.unwire();
  });

  it('makes it busy while it waits: a second press is ignored', async () => {
    page(plain);
    let answer!: (value: boolean) => void;
    const guard = jest.fn(() => new Promise((resolve) => (answer = resolve)));
    const wired = wireDisclosure(get('p'), { guard });
    const before = get('b').outerHTML;
    get('b').click();
    expect(wired.busy.get()).toBe(true);
    expect(get('p').getAttribute('aria-busy')).toBe('true');
    expect(get('b').getAttribute('aria-disabled')).toBe('true');
    get('b').click();
    wired.open.set(true);
    expect(guard).toHaveBeenCalledTimes(1);
    answer(false);
    await settle();
    expect([wired.busy.get(), wired.open.get(), get('b').outerHTML]).toEqual([false, false, before]);
    get('b').click();
    answer(true);
    await settle();
    expect([wired.busy.get(), wired.open.get()]).toEqual([false, true]);
    wired.unwire();
  });

  it('that throws refuses, and the error is reported', () => {
    page(plain);
    const report = jest.fn();
    const real = globalThis.reportError;
    globalThis.reportError = report;
    const error = new Error('broken guard');
    const wired = wireDisclosure(get('p'), {
      guard: () => {
        throw error;
      },
    });
    get('b').click();
    expect(wired.open.get()).toBe(false);
    expect(report).toHaveBeenCalledWith(error);
    globalThis.reportError = real;
    wired.unwire();
  });

  it('that never settles is forgotten by unwire', async () => {
    page(plain);
    const before = document.body.innerHTML;
    let answer!: (value: boolean) => void;
    const onChange = jest.fn();
    const wired = wireDisclosure(get('p'), {
      onChange,
      guard: () => new Promise((resolve) => (answer = resolve)),
    });
    get('b').click();
    wired.unwire();
    expect(document.body.innerHTML).toBe(before);
    await settle();
    answer(true);
    await settle();
    expect(onChange).not.toHaveBeenCalled();
    expect(document.body.innerHTML).toBe(before);
  });

  it('that waits is overtaken by what the platform did meanwhile', async () => {
    page('<details id="d"><summary id="s">S</summary>T</details>');
    let answer!: (value: boolean) => void;
    const wired = wireDisclosure(get('d'), { guard: () => new Promise((resolve) => (answer = resolve)) });
    get('s').click();
    get('d').setAttribute('open', '');
    get('d').dispatchEvent(new Event('toggle'));
    expect([wired.open.get(), wired.busy.get()]).toEqual([true, false]);
    get('d').removeAttribute('open');
    get('d').dispatchEvent(new Event('toggle'));
    answer(true);
    await settle();
    expect(wired.open.get()).toBe(false);
    wired.unwire();
  });
});

describe('misuse', () => {
  it.each([[null], [undefined], ['p'], [document]])('refuses %p as a root', (root) => {
    expect(() => wireDisclosure(root as never)).toThrow(
      /^elastic-shell: disclosure needs an element that is not wired yet, got /,
    );
  });

  it('refuses to wire twice, and may be wired again after unwire', () => {
    page(plain);
    const wired = wireDisclosure(get('p'));
    expect(() => wireDisclosure(get('p'))).toThrow(/needs an element that is not wired yet, got <div id="p"/);
    wired.unwire();
    wireDisclosure(get('p')).unwire();
  });

  it('delivers to the rest when onChange throws, and the page shows the state', () => {
    page(plain);
    const heard = jest.fn();
    const wired = wireDisclosure(get('p'), {
      onChange: () => {
        throw new Error('listener');
      },
    });
    wired.open.subscribe(heard);
    expect(() => wired.open.set(true)).toThrow('listener');
    expect(heard).toHaveBeenCalled();
    expect(get('p').hasAttribute('hidden')).toBe(false);
    wired.unwire();
  });

  it('releases what it took when wiring throws half way', () => {
    page(plain);
    const before = document.body.innerHTML;
    const broken = {
      get: () => {
        throw new Error('no value');
      },
      set: () => {},
      subscribe: () => () => {},
    };
    expect(() => wireDisclosure(get('p'), { open: broken as never })).toThrow('no value');
    expect(document.body.innerHTML).toBe(before);
    wireDisclosure(get('p')).unwire();
  });
});

it('setDefaults holds for all that are wired later, and goes back', () => {
  page(plain);
  const onChange = jest.fn();
  const back = setDefaults('disclosure', { onChange });
  const wired = wireDisclosure(get('p'));
  get('b').click();
  expect(onChange).toHaveBeenCalledTimes(1);
  wired.unwire();
  back();
  const later = wireDisclosure(get('p'));
  get('b').click();
  expect(onChange).toHaveBeenCalledTimes(1);
  later.unwire();
});

it('works in a shadow root', async () => {
  page('<div id="host"></div>');
  const shadow = get('host').attachShadow({ mode: 'open' });
  shadow.innerHTML = '<button commandfor="p" command="--toggle"><b>x</b></button><div id="p" hidden></div>';
  const panel = shadow.querySelector<HTMLElement>('#p')!;
  const wired = wireDisclosure(panel);
  shadow.querySelector('b')!.click();
  expect(panel.hidden).toBe(false);
  shadow.append(Object.assign(document.createElement('button'), { id: 'late' }));
  shadow.querySelector('#late')!.setAttribute('aria-controls', 'p');
  await settle();
  expect(shadow.querySelector('#late')!.getAttribute('aria-expanded')).toBe('true');
  wired.unwire();
});
