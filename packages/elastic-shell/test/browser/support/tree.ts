// What Chromium tells assistive technology: roles, names and properties from its accessibility tree.
import type { Page } from 'playwright-core';
import { browserName } from './browser';

interface Value {
  value?: unknown;
}
interface Node {
  ignored: boolean;
  role?: Value;
  name?: Value;
  description?: Value;
  properties?: { name: string; value: Value & { relatedNodes?: { text?: string }[] } }[];
}

/** Whether this browser's tree can be asked by script; what the others tell is in docs/browsers.md. */
export const speaks = browserName === 'chromium';

/** Every node of `role` as "name: property=value …", for the properties that are asked for. */
export async function spoken(page: Page, role: string, ...wanted: string[]): Promise<string[]> {
  const session = await page.context().newCDPSession(page);
  const { nodes } = (await session.send('Accessibility.getFullAXTree')) as unknown as { nodes: Node[] };
  await session.detach();
  return nodes
    .filter((node) => !node.ignored && node.role?.value === role)
    .map(({ name, description, properties = [] }) => {
      const told = wanted.flatMap((each) => {
        if (each === 'description') return description?.value ? [`description=${description.value}`] : [];
        const found = properties.find((property) => property.name === each)?.value;
        if (!found) return [];
        return [`${each}=${found.relatedNodes?.length ? 'set' : found.value}`];
      });
      return [name?.value, ...told].join(' ');
    });
}
