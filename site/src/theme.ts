// The editor of a theme: each field is a token; the page follows, and what to copy stands below.

const inHex = (colour: string): string => {
  const [red = 0, green = 0, blue = 0] = colour.match(/[\d.]+/g)?.map(Number) ?? [];
  return `#${[red, green, blue].map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;
};

/** What a colour token is on this page now. */
function colourOf(token: string): string {
  const probe = document.createElement('span');
  probe.hidden = true;
  probe.style.setProperty('color', `var(${token})`);
  document.body.append(probe);
  const colour = getComputedStyle(probe).color;
  probe.remove();
  return inHex(colour);
}

/** Wires the editor of the page. */
export function wireThemeEditor(): void {
  const editor = document.querySelector('[data-theme-editor]')!;
  const code = editor.querySelector('[data-theme-code]')!;
  const fields = [...editor.querySelectorAll<HTMLInputElement>('[data-sets]')];
  const page = document.documentElement.style;
  const changed = new Map<string, string>();
  const print = (): void => {
    const lines = [...changed].map(([name, value]) => `  ${name}: ${value};\n`);
    code.textContent = `:root {\n${lines.join('')}}`;
  };
  const fill = (): void => {
    for (const field of fields) if (field.type === 'color') field.value = colourOf(field.dataset['sets']!);
  };
  editor.addEventListener('input', ({ target }) => {
    const field = target as HTMLInputElement;
    const { sets: token, unit = '' } = field.dataset;
    if (!token) return;
    changed.set(token, field.value + unit);
    page.setProperty(token, field.value + unit);
    print();
  });
  editor.querySelector('[data-theme-reset]')!.addEventListener('click', () => {
    for (const name of changed.keys()) page.removeProperty(name);
    changed.clear();
    fill();
    print();
  });
  fill();
  print();
}
