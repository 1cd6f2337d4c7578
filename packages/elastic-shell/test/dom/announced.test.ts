// What is announced of changes that wait or are refused, and what of a layer is not announced.
import { wireDialog, wireListbox, wireSwitch, wireTabs } from '../../src/index';
import { settled } from '../../src/testing/index';

const get = (id: string): HTMLElement => document.getElementById(id)!;
const regions = (): (string | null)[] =>
  [...document.querySelectorAll('[role=status]')].map(({ textContent }) => textContent);

/** Waits until a region has these words. */
const announced = async (words: string): Promise<void> => {
  while (!regions().includes(words)) await new Promise((resolve) => setTimeout(resolve, 5));
};
const refuse = (): never => {
  throw new Error('It is locked.');
};

let errors: jest.SpyInstance;
beforeEach(() => {
  // The error is reported as well.
  errors = jest.spyOn(console, 'error').mockImplementation();
});
afterEach(() => {
  errors.mockRestore();
  document.body.innerHTML = '';
});

it.each([
  ['a switch', '<label>Lamp <button role="switch" id="w"></button></label>', wireSwitch, '#w'],
  [
    'a tab',
    '<div id="w"><div role="tablist"><button role="tab">A</button><button role="tab" id="b">B</button></div><div role="tabpanel">A</div><div role="tabpanel" hidden>B</div></div>',
    wireTabs,
    '#b',
  ],
  [
    'an item',
    '<div role="listbox" id="w" aria-label="L"><div role="option" data-key="a" id="a">A</div></div>',
    wireListbox,
    '#a',
  ],
] as const)(
  '%s that is refused: the error is announced, and gone when it is unwired',
  async (_, html, wire, at) => {
    document.body.innerHTML = html;
    const before = document.body.innerHTML;
    const wired = wire(get('w'), { guard: refuse });
    document.querySelector<HTMLElement>(at)!.click();
    await settled(document.body);
    await announced('It is locked.');
    // Not in the label, whose words are a name.
    expect(document.querySelector('label [role=status]')).toBe(null);
    wired.unwire();
    expect(document.body.innerHTML).toBe(before);
  },
);

it('a guard that waits: the words of the pressed control are announced within the dialog, and taken back', async () => {
  document.body.innerHTML =
    '<dialog id="d"><h2>T</h2><button id="yes" commandfor="d" command="close" value="yes"><span data-when="idle">Strike</span><span data-when="busy">Striking…</span></button></dialog>';
  let answer = (_: boolean): void => {};
  const wired = wireDialog(get('d'), {
    guard: ({ value }) => value || new Promise<boolean>((resolve) => (answer = resolve)),
  });
  wired.show();
  get('yes').click();
  await announced('Striking…');
  expect(get('d').querySelector('[role=status]')).not.toBe(null);
  answer(false);
  await announced('');
  wired.unwire();
});

it('the header and the footer of a dialog are none of the page, unless the author says what they are', () => {
  const html =
    '<dialog id="d"><header><h2>T</h2></header><p>Words</p><footer role="group">F</footer><div><header>H</header></div></dialog>';
  document.body.innerHTML = html;
  const wired = wireDialog(get('d'));
  wired.show();
  expect([...document.querySelectorAll('header,footer')].map((bar) => bar.getAttribute('role'))).toEqual([
    'none',
    'group',
    null,
  ]);
  wired.close();
  wired.unwire();
  expect([...document.querySelectorAll('header,footer')].map((bar) => bar.getAttribute('role'))).toEqual([
    null,
    'group',
    null,
  ]);
});
