// What the driver asks of the page: finding elements as the tests name them, and whether one can be pressed now. The function
// goes into the page as text, so it refers to nothing outside itself.

/** One step from elements to elements. */
export type Find =
  | { css: string }
  | { nth: number }
  | { text: string; exact?: boolean }
  | { hasText: string | { source: string } }
  | { role: string; name?: string | { source: string }; exact?: boolean }
  | { label: string }
  | { both: Find[] }
  | { held: number };

export interface InPage {
  find(steps: Find[]): Element[];
  visible(element: Element): boolean;
  /** The middle of an element, or a place in it, if it lies still and can be pressed there; else why not. */
  aim(
    steps: Find[],
    options: { force?: boolean; position?: { x: number; y: number }; turn: number },
  ): Promise<{ x: number; y: number } | string>;
  hold(element: unknown): number | null;
  /** Roles, names and states under an element, a line each. */
  tell(element: Element): string;
}

/** Makes the helpers, once a document. */
export function inPage(): InPage {
  const page = globalThis as { drive?: InPage; driveHeld?: unknown[] };
  if (page.drive) return page.drive;
  page.driveHeld = [];

  const visible = (element: Element): boolean => {
    const { width, height } = element.getBoundingClientRect();
    return width > 0 && height > 0 && element.checkVisibility({ visibilityProperty: true });
  };
  const squeeze = (text: string | null | undefined): string => (text ?? '').replace(/\s+/g, ' ').trim();

  const textWithout = (element: Element): string =>
    [...element.childNodes]
      .map((node) => {
        if (node.nodeType === Node.TEXT_NODE) return node.textContent ?? '';
        if (!(node instanceof Element) || node.ariaHidden === 'true' || node.hasAttribute('hidden'))
          return '';
        return node.getAttribute('aria-label') ?? node.getAttribute('alt') ?? ` ${textWithout(node)} `;
      })
      .join('');
  const nameOf = (element: Element): string => {
    const by = element.getAttribute('aria-labelledby');
    if (by)
      return squeeze(
        by
          .split(/\s+/)
          .map((id) => document.getElementById(id)?.textContent ?? '')
          .join(' '),
      );
    const label = element.getAttribute('aria-label');
    if (label) return label;
    const { labels } = element as HTMLInputElement;
    if (labels?.length) return squeeze([...labels].map((each) => each.textContent).join(' '));
    return squeeze(textWithout(element)) || squeeze(element.getAttribute('title'));
  };
  const matches = (found: string, wanted: string | { source: string }, exact = false): boolean => {
    if (typeof wanted !== 'string') return new RegExp(wanted.source).test(found);
    return exact ? found === wanted : found.toLowerCase().includes(wanted.toLowerCase());
  };
  const native: Record<string, string> = {
    button: 'button, summary, input[type=button], input[type=submit]',
    checkbox: 'input[type=checkbox]',
    link: 'a[href]',
    textbox: 'input:not([type]), input[type=text], textarea',
    heading: 'h1, h2, h3, h4',
    option: 'option',
    combobox: 'select',
    dialog: 'dialog',
    listitem: 'li',
    progressbar: 'progress',
  };
  const inTree = (element: Element): boolean => !element.closest('[aria-hidden=true]') && visible(element);

  /** A tree and the open shadow trees in it, however deep. */
  const treesIn = (root: ParentNode): ParentNode[] => [
    root,
    ...[root, ...root.querySelectorAll('*')].flatMap((each) =>
      each instanceof Element && each.shadowRoot ? treesIn(each.shadowRoot) : [],
    ),
  ];
  const within = (roots: Element[] | undefined, css: string): Element[] => {
    const around: ParentNode[] = roots ?? [document];
    const query = (trees: ParentNode[]) => [
      ...new Set(trees.flatMap((tree) => [...tree.querySelectorAll(css)])),
    ];
    const found = query(around);
    return found.length ? found : query(around.flatMap(treesIn));
  };
  const byText = (roots: Element[] | undefined, text: string, exact: boolean): Element[] => {
    const all = [...(roots ?? []), ...within(roots, '*')].filter(
      (element) =>
        !element.matches('script, style, template') && matches(squeeze(element.textContent), text, exact),
    );
    return all.filter((element) => !all.some((other) => other !== element && element.contains(other)));
  };
  const take = (from: Element[] | undefined, step: Find): Element[] => {
    if ('held' in step) return [page.driveHeld![step.held] as Element];
    if ('css' in step) {
      const [, own, child, text, rest] = /^(.*):has\(> (\S+):text-is\("(.*)"\)\)(.*)$/.exec(step.css) ?? [];
      if (own) {
        const found = within(from, own).filter((element) =>
          [...element.querySelectorAll(`:scope > ${child}`)].some(
            (each) => squeeze(each.textContent) === text,
          ),
        );
        const [, itself, below] = /^(\S*)(.*)$/.exec(rest!)!;
        const fitting = itself ? found.filter((element) => element.matches(itself)) : found;
        return below ? within(fitting, `:scope${below}`) : fitting;
      }
      const parts = /^(.*?):visible(.*)$/.exec(step.css);
      if (!parts) return within(from, step.css);
      return within(from, parts[1]! + parts[2]!).filter(visible);
    }
    if ('nth' in step) return from!.slice(step.nth, step.nth === -1 ? undefined : step.nth + 1);
    if ('text' in step) return byText(from, step.text, step.exact ?? false);
    if ('hasText' in step)
      return from!.filter((element) => matches(squeeze(element.textContent), step.hasText));
    if ('label' in step)
      return within(from, '*').filter((element) => {
        const { labels } = element as HTMLInputElement;
        return !!labels?.length && matches(nameOf(element), step.label);
      });
    if ('both' in step) {
      const other = step.both.reduce<Element[] | undefined>(take, undefined)!;
      return from!.filter((element) => other.includes(element));
    }
    const implicit = native[step.role] ? `, ${native[step.role]}` : '';
    return within(from, `[role=${step.role}]${implicit}`).filter(
      (element) =>
        (element.getAttribute('role') ?? step.role) === step.role &&
        inTree(element) &&
        (step.name === undefined || matches(nameOf(element), step.name, step.exact)),
    );
  };
  const find = (steps: Find[]): Element[] => steps.reduce<Element[] | undefined>(take, undefined) ?? [];

  const frame = () => new Promise((resolve) => requestAnimationFrame(resolve));
  const aim: InPage['aim'] = async (steps, { force, position, turn }) => {
    const [element] = find(steps);
    if (!element) return 'nothing matches';
    if (!visible(element)) return 'it is not visible';
    if (!force && (element as HTMLButtonElement).disabled) return 'it is disabled';
    const block = (['center', 'start', 'end', 'nearest'] as const)[(turn - 1) % 4]!;
    if (turn) element.scrollIntoView({ block, inline: 'center', behavior: 'instant' });
    const first = element.getBoundingClientRect();
    await frame();
    await frame();
    const last = element.getBoundingClientRect();
    if (['left', 'top', 'width', 'height'].some((side) => first[side as 'left'] !== last[side as 'left']))
      return 'it moves';
    // An inline element over several lines is pressed in its first.
    const box = position ? last : (element.getClientRects()[0] ?? last);
    const x = Math.round(box.left + (position?.x ?? box.width / 2));
    const y = Math.round(box.top + (position?.y ?? box.height / 2));
    if (x < 0 || y < 0 || x >= innerWidth || y >= innerHeight) return 'it is out of view';
    const hit = (element.getRootNode() as Document | ShadowRoot).elementFromPoint(x, y);
    const isHit =
      !!hit &&
      (element.contains(hit) ||
        (hit.closest('label')?.control ?? null) === element ||
        (element.closest('label')?.contains(hit) ?? false));
    if (!isHit && !force) return `${hit?.localName}#${hit?.id} is before it`;
    return { x, y };
  };

  page.drive = {
    find,
    visible,
    aim,
    tell(element) {
      const lines = [element, ...element.querySelectorAll('*')].flatMap((each) => {
        const role =
          each.getAttribute('role') ?? Object.keys(native).find((name) => each.matches(native[name]!));
        if (!role || !inTree(each)) return [];
        const name = nameOf(each);
        const states = ['checked', 'expanded', 'selected'].filter(
          (state) => each.getAttribute(`aria-${state}`) === 'true',
        );
        return [`- ${role}${name ? ` "${name}"` : ''}${states.map((state) => ` [${state}]`).join('')}`];
      });
      return lines.join('\n');
    },
    hold(element) {
      if (!(element instanceof Element)) return null;
      return page.driveHeld!.push(element) - 1;
    },
  };
  return page.drive;
}
