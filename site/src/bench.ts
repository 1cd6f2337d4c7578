// The bench around a live example: dark, right to left, as wide as a phone; and its HTML as text, with the result beside it.

/** What a button of the bar switches on the example. */
const looks: Record<string, (ground: HTMLElement, example: HTMLElement, isOn: boolean) => void> = {
  dark(ground, _, isOn) {
    ground.style.setProperty('color-scheme', isOn ? 'dark' : '');
  },
  rtl(_, example, isOn) {
    example.dir = isOn ? 'rtl' : '';
    if (!isOn) example.removeAttribute('dir');
  },
  phone(ground, _, isOn) {
    ground.classList.toggle('is-phone', isOn);
  },
};

/** Wires the benches of the page. The editor of an example loads on demand. */
export function wireBenches(): void {
  for (const bench of document.querySelectorAll<HTMLElement>('.bench')) {
    const bar = bench.querySelector<HTMLElement>('.bench-bar')!;
    const ground = bench.querySelector<HTMLElement>('.bench-ground')!;
    const example = bench.querySelector<HTMLElement>('.example')!;
    bar.hidden = false;
    bar.addEventListener('click', ({ target }) => {
      const button = target instanceof Element ? target.closest<HTMLElement>('[data-bench]') : undefined;
      if (!button) return;
      const name = button.dataset['bench']!;
      const isOn = button.getAttribute('aria-pressed') !== 'true';
      button.setAttribute('aria-pressed', `${isOn}`);
      if (name === 'edit') void import('./bench-edit').then(({ editBench }) => editBench(bench, isOn));
      else looks[name]?.(ground, example, isOn);
    });
  }
}
