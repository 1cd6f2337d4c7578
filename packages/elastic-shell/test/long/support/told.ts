// What is told of one element, in the words of WAI-ARIA, whoever tells it.
import type { Page } from 'playwright-core';
import type { Accessible, AccessibilityBus } from '../../drive/at-spi';
import { pause } from '../../../../cli/src/drive/wire';

export interface Told {
  role: string;
  name: string;
  description: string;
  /** Such as `expanded`, `selected`; `collapsed` and `unchecked` where that is told. */
  states: string[];
  /** Such as `2 of 3`, and `level 2`. */
  place: string;
  /** The named dialogs, menus, lists and groups around it, from the outside in. */
  within: string[];
  /** What the live regions say. */
  said: string;
}

/** What is worth telling around an element. */
const around = /^(alertdialog|dialog|group|listbox|menu|radiogroup|region|tablist|tabpanel|tree|heading)$/;

interface Value {
  value?: unknown;
}
interface ChromiumNode {
  nodeId: string;
  parentId?: string;
  ignored: boolean;
  role?: Value;
  name?: Value;
  description?: Value;
  properties?: { name: string; value: Value }[];
}

const settable = ['expanded', 'checked', 'selected', 'disabled', 'required', 'busy', 'modal'];
const opposite: Record<string, string> = { expanded: 'collapsed', checked: 'unchecked' };

export async function fromChromium(page: Page, id: string, says?: string): Promise<Told> {
  const session = await page.context().newCDPSession(page);
  const { root } = await session.send('DOM.getDocument');
  const { nodeId } = await session.send('DOM.querySelector', {
    nodeId: root.nodeId,
    selector: `#${escapeId(id)}`,
  });
  const answer = await session.send('Accessibility.getPartialAXTree', { nodeId, fetchRelatives: true });
  await session.detach();
  const nodes = answer.nodes as ChromiumNode[];
  const [own, ...others] = nodes as [ChromiumNode, ...ChromiumNode[]];
  const property = ({ properties }: ChromiumNode, name: string): unknown =>
    properties?.find((each) => each.name === name)?.value.value;
  const ancestors: ChromiumNode[] = [];
  for (let at = own.parentId; at;) {
    const parent = others.find(({ nodeId: each }) => each === at);
    if (parent && !parent.ignored) ancestors.unshift(parent);
    at = parent?.parentId;
  }
  const element = page.locator(`#${escapeId(id)}`);
  // The protocol leaves places out where they are written: what is written is what is told.
  const place = await element.evaluate((each) => {
    const { ariaPosInSet: at, ariaSetSize: size, ariaLevel: level } = each;
    return [at && size && `${at} of ${size}`, level && `level ${level}`].filter(Boolean).join(', ');
  });
  return {
    role: `${own.role?.value}`,
    name: `${own.name?.value ?? ''}`.trim(),
    description: `${own.description?.value ?? ''}`,
    states: settable.flatMap((state) => {
      const value = property(own, state);
      if (value === undefined) return [];
      if (value === true || value === 'true') return [state];
      return state in opposite ? [opposite[state]!] : [];
    }),
    place,
    within: ancestors
      .filter((node) => around.test(`${node.role?.value}`) && node.name?.value)
      .map((node) => `${node.role!.value} "${`${node.name!.value}`}"`),
    said: says
      ? await page.evaluate(
          (words) =>
            [...document.querySelectorAll('[role=status]')].find((each) => each.textContent === words)
              ?.textContent ?? '',
          says,
        )
      : '',
  };
}

/** Ids of the gallery are plain words. */
const escapeId = (id: string): string => id.replace(/[^\w-]/g, (sign) => `\\${sign}`);

/** AT-SPI's names of roles that Firefox does not also give in the words of WAI-ARIA. */
const roles: Record<string, string> = {
  'push button': 'button',
  'toggle button': 'button',
  entry: 'textbox',
  'check box': 'checkbox',
  'combo box': 'combobox',
  'page tab': 'tab',
  'page tab list': 'tablist',
  'list box': 'listbox',
  'list item': 'listitem',
  'tree item': 'treeitem',
  panel: 'group',
  landmark: 'region',
};
const roleOf = ({ role, attributes }: Accessible): string =>
  attributes['computed-role'] || attributes['xml-roles']?.split(' ')[0] || roles[role] || role;

const statesOf = ({ states }: Accessible): string[] => {
  const has = (state: string): boolean => states.includes(state);
  return [
    ...(has('expandable')
      ? [has('expanded') ? 'expanded' : 'collapsed']
      : has('expanded')
        ? ['expanded']
        : []),
    ...(has('checkable') || has('checked') ? [has('checked') ? 'checked' : 'unchecked'] : []),
    ...(has('selected') ? ['selected'] : []),
    ...(has('enabled') || has('sensitive') ? [] : ['disabled']),
    ...['required', 'busy', 'modal'].filter(has),
  ];
};

const read = async (
  bus: AccessibilityBus,
  id: string,
  says: string | undefined,
  left = 20,
): Promise<Told | undefined> => {
  const all = bus.read();
  const at = all.findIndex(({ attributes }) => attributes['id'] === id);
  const said = says && all.some(({ text, name }) => text === says || name === says) ? says : '';
  if ((at < 0 || (says && !said)) && left) {
    // A browser tells of changes when it has a moment.
    await pause(200);
    return read(bus, id, says, left - 1);
  }
  const own = all[at];
  if (!own) return undefined;
  const ancestors: Accessible[] = [];
  for (let index = at, depth = own.depth; index >= 0; index--)
    if (all[index]!.depth < depth) {
      depth = all[index]!.depth;
      ancestors.unshift(all[index]!);
    }
  const { posinset, setsize, level } = own.attributes;
  return {
    role: roleOf(own),
    name: own.name.trim(),
    description: own.description,
    states: statesOf(own),
    place: [posinset && setsize && `${posinset} of ${setsize}`, level && `level ${level}`]
      .filter(Boolean)
      .join(', '),
    within: ancestors
      .filter((node) => around.test(roleOf(node)) && node.name)
      .map((node) => `${roleOf(node)} "${node.name}"`),
    said,
  };
};

export async function fromAtSpi(bus: AccessibilityBus, id: string, says?: string): Promise<Told> {
  const told = await read(bus, id, says);
  return told ?? { role: 'nothing', name: '', description: '', states: [], place: '', within: [], said: '' };
}
