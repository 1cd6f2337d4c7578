// An example's HTML as text, next to a frame that shows its current result. The frame is sandboxed, so it has
// an origin of its own.

import './bench-edit.css';

/** How long after the last letter the frame is updated, in milliseconds. */
const pause = 350;

const root = new URL(document.documentElement.dataset['root'] ?? './', location.href);

/** The example's own HTML, from the first file of its code for plain HTML, without its script. */
function markupOf(): string {
  const code = document.querySelector('.codes [data-key=html] code')?.textContent ?? '';
  return code
    .replace(/<script[\s\S]*?<\/script>/g, '')
    .replace(/<link[^>]*>\s*/g, '')
    .trim();
}

function make(bench: HTMLElement): HTMLElement {
  const editor = document.createElement('div');
  editor.className = 'bench-edit';
  const label = document.createElement('label');
  label.textContent = 'HTML. Its script stays as it is.';
  const text = document.createElement('textarea');
  text.spellcheck = false;
  text.dir = 'ltr';
  text.value = markupOf();
  label.append(text);
  const frame = document.createElement('iframe');
  frame.title = 'Result';
  frame.setAttribute('sandbox', 'allow-scripts allow-forms');
  const show = (): void => {
    frame.src = new URL(`try/?${Date.now()}`, root).href;
  };
  addEventListener('message', ({ source, data }) => {
    if (source !== frame.contentWindow || data !== 'ready') return;
    const isDark = bench.querySelector('[data-bench=dark]')?.getAttribute('aria-pressed') === 'true';
    const isRtl = bench.querySelector('[data-bench=rtl]')?.getAttribute('aria-pressed') === 'true';
    frame.contentWindow?.postMessage(
      { recipe: bench.dataset['recipe'], markup: text.value, isDark, isRtl },
      '*',
    );
  });
  let timer: ReturnType<typeof setTimeout> | undefined;
  text.addEventListener('input', () => {
    clearTimeout(timer);
    timer = setTimeout(show, pause);
  });
  bench.addEventListener('click', ({ target }) => {
    if (target instanceof Element && target.matches('[data-bench=dark], [data-bench=rtl]')) show();
  });
  editor.append(label, frame);
  bench.append(editor);
  show();
  return editor;
}

/** Shows the editor of a bench in place of its example, or the example again. */
export function editBench(bench: HTMLElement, isOn: boolean): void {
  const editor = bench.querySelector<HTMLElement>('.bench-edit') ?? make(bench);
  editor.hidden = !isOn;
  bench.querySelector<HTMLElement>('.bench-ground')!.hidden = isOn;
  if (isOn) editor.querySelector('textarea')?.focus();
}
