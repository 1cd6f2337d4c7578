// The theme editor: each field is a custom property. The page follows, contrast is computed, and the address
// contains all values.

import './theme.css';

/** A text and its background, with the required contrast. */
const pairs: [string, string, number][] = [
  ['text', 'surface', 4.5],
  ['text-soft', 'sunken', 4.5],
  ['accent', 'surface', 4.5],
  ['on-accent', 'accent', 4.5],
  ['danger', 'surface', 4.5],
  ['text', 'selected', 4.5],
  ['border', 'surface', 3],
  ['mark', 'selected', 3],
];

const page = document.documentElement;

/** Returns the relative luminance of a colour as it is painted, by WCAG 2.2. */
function luminanceOf(colour: string, context: CanvasRenderingContext2D): number {
  context.fillStyle = colour;
  context.fillRect(0, 0, 1, 1);
  const [red = 0, green = 0, blue = 0] = [...context.getImageData(0, 0, 1, 1).data].map((part) => {
    const share = part / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue;
}

/** Fills the table of contrasts, in light and in dark. */
function showContrast(table: Element): void {
  const context = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
  if (!context) return;
  const probe = document.body.appendChild(document.createElement('i'));
  const contrast = (scheme: string, one: string, other: string): number => {
    probe.style.setProperty('color-scheme', scheme);
    const [low = 0, high = 0] = [one, other]
      .map((role) => {
        probe.style.setProperty('color', `var(--shell-color-${role})`);
        return luminanceOf(getComputedStyle(probe).color, context);
      })
      .sort((first, second) => first - second);
    return (high + 0.05) / (low + 0.05);
  };
  const cell = (words: string): HTMLElement =>
    Object.assign(document.createElement('td'), { textContent: words });
  table.replaceChildren(
    ...pairs.map(([one, other, least]) => {
      const row = document.createElement('tr');
      const shown = ['light', 'dark'].map((scheme) => {
        const value = contrast(scheme, one, other);
        const each = cell(`${value.toFixed(1)}${value < least ? ' too low' : ''}`);
        each.toggleAttribute('data-low', value < least);
        return each;
      });
      row.append(cell(`${one} on ${other}`), ...shown, cell(`${least}`));
      return row;
    }),
  );
  probe.remove();
}

/** Wires the editor of the page. */
function wireThemeEditor(): void {
  const editor = document.querySelector('[data-theme-editor]')!;
  const code = editor.querySelector('[data-theme-code]')!;
  const table = editor.querySelector('[data-contrast]')!;
  const fields = [...editor.querySelectorAll<HTMLInputElement>('[data-sets]')];
  const changed = new Map<string, string>();

  const show = (): void => {
    const lines = [...changed].map(([name, value]) => `  ${name}: ${value};\n`);
    code.textContent = `:root {\n${lines.join('')}}`;
    for (const output of editor.querySelectorAll<HTMLElement>('[data-shows]'))
      output.textContent = getComputedStyle(page).getPropertyValue(output.dataset['shows']!).trim();
    showContrast(table);
    const short = [...changed].map(([name, value]) => [name.slice('--shell-'.length), value]);
    history.replaceState(null, '', short.length ? `#${new URLSearchParams(short)}` : location.pathname);
  };
  /** Puts the values of the page into the fields. */
  const fill = (): void => {
    for (const field of fields) {
      const value = getComputedStyle(page).getPropertyValue(field.dataset['sets']!).trim();
      if (field.type === 'range') field.value = `${parseFloat(value)}`;
      else field.value = changed.get(field.dataset['sets']!) ?? '';
    }
  };
  const set = (name: string, value: string): void => {
    if (value) changed.set(name, value);
    else changed.delete(name);
    page.style.setProperty(name, value);
  };
  editor.addEventListener('input', ({ target }) => {
    const { sets, unit = '' } = (target as HTMLInputElement).dataset;
    if (!sets) return;
    const { value } = target as HTMLInputElement;
    set(sets, value && value + unit);
    show();
  });
  editor.querySelector('[data-theme-reset]')!.addEventListener('click', () => {
    for (const name of [...changed.keys()]) set(name, '');
    fill();
    show();
  });
  editor.querySelector('[data-theme-link]')!.addEventListener('click', ({ target }) => {
    const button = target as HTMLElement;
    void navigator.clipboard.writeText(location.href).then(() => {
      button.textContent = 'Address copied';
    });
  });
  for (const form of editor.querySelectorAll('form'))
    form.addEventListener('submit', (event) => event.preventDefault());
  const known = new Set(fields.map((field) => field.dataset['sets']));
  for (const [name, value] of new URLSearchParams(location.hash.slice(1)))
    if (known.has(`--shell-${name}`)) set(`--shell-${name}`, value);
  fill();
  show();
}

wireThemeEditor();
