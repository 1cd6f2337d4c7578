// A page in jsdom, in a few words.

export const get = <E extends HTMLElement = HTMLElement>(id: string): E => document.getElementById(id) as E;

/** Promises, and what waits for the next task. */
export const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));

export const page = (html: string): void => {
  document.body.innerHTML = html;
};

/** Presses a key on what has focus. */
export const key = (name: string): void =>
  void document.activeElement!.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true }),
  );

/** By option: the texts that name it and describe it. */
export const optionNames = (): (string | undefined)[][] =>
  [...document.querySelectorAll('[role=option]')].map((option) =>
    ['aria-labelledby', 'aria-describedby'].map(
      (name) => document.getElementById(option.getAttribute(name) ?? '')?.textContent ?? undefined,
    ),
  );
