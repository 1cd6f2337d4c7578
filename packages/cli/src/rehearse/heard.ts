// What a screen reader has to go by: the browser's own accessibility tree, in words.
//
// In browsers of the Chromium family it is asked for over the browser's protocol; in others it is worked out in the page by the same
// standards. The place among its like ("1 of 4") is counted in the page: the tree does not carry it.
import './agent.js';
import { places, sentenceOf, stateWord, valueRoles } from 'elastic-shell/rehearsal';
import type { CDPSession, Page } from 'playwright-core';

/** A node of the tree, as the protocol gives it. */
interface Node {
  nodeId: string;
  parentId?: string;
  role?: { value?: unknown };
  name?: { value?: unknown };
  description?: { value?: unknown };
  value?: { value?: unknown };
  properties?: { name: string; value: { value?: unknown; relatedNodes?: { backendDOMNodeId?: number }[] } }[];
}

const textOf = (value: unknown): string =>
  typeof value === 'string' ? value.replace(/\s+/g, ' ').trim() : '';

const roleOf = ({ role }: Node): string => textOf(role?.value);

/** A node as it is said: role, name, states. */
function sayNode(node: Node, position: string): string {
  const role = roleOf(node);
  // A combobox opens a list by what it is.
  const isBox = /^combobox$|^ComboBox/.test(role);
  const states = (node.properties ?? []).map(({ name, value: { value: said } }) =>
    isBox && name === 'hasPopup' ? '' : stateWord(name, said),
  );
  return sentenceOf({
    role,
    name: textOf(node.name?.value),
    value: valueRoles.test(role) ? textOf(node.value?.value) : '',
    states,
    position,
    description: textOf(node.description?.value),
  });
}

/** Reads the tree of one page. */
export class Hearing {
  #session: CDPSession | undefined;
  #isPlain = false;
  /** What focus stood in before the last key, and what it stands in now. */
  #before: readonly string[] = [];
  #around: readonly string[] = [];

  constructor(readonly page: Page) {}

  /** What is said of what has focus now: what it stands in, where that is new, and itself. */
  async focus(position: string): Promise<string> {
    const chain = await this.#chain();
    if (!chain) return this.#plain();
    const [node, ...around] = chain.nodes;
    if (!node) return '';
    const named = around.filter(
      (each) =>
        places.test(roleOf(each)) && (!/^(group|region)$/.test(roleOf(each)) || textOf(each.name?.value)),
    );
    const ids = named.map(({ nodeId }) => nodeId);
    const entered = named.filter(({ nodeId }) => !this.#before.includes(nodeId)).reverse();
    this.#around = ids;
    const active = chain.active ? `; ${sayNode(chain.active, position)}` : '';
    const own = sayNode(node, chain.active ? '' : position);
    return [...entered.map((each) => sayNode(each, '')), `${own}${active}`].join('; ');
  }

  /** Something is about to be done: what focus stands in by now is not new any more. */
  async begin(): Promise<void> {
    this.#before = this.#around;
    await this.#tell(false);
  }

  /** Forgets where focus was: what comes next is said with all that it stands in. */
  async forget(): Promise<void> {
    this.#around = [];
    this.#before = [];
    await this.#tell(true);
  }

  /** The node of what has focus, what is around it, and the one that it says is active. */
  async #chain(): Promise<{ nodes: Node[]; active: Node | undefined } | undefined> {
    if (this.#isPlain) return undefined;
    try {
      this.#session ??= await this.page.context().newCDPSession(this.page);
    } catch {
      this.#isPlain = true;
      return undefined;
    }
    const session = this.#session;
    const { result } = await session.send('Runtime.evaluate', {
      expression:
        '(() => { let at = document.activeElement; while (at?.shadowRoot?.activeElement) at = at.shadowRoot.activeElement; return at; })()',
    });
    if (!result.objectId) return { nodes: [], active: undefined };
    const ask = async (by: { objectId: string } | { backendNodeId: number }): Promise<Node[]> => {
      const { nodes } = await session.send('Accessibility.getPartialAXTree', { ...by, fetchRelatives: true });
      return nodes;
    };
    const nodes = await ask({ objectId: result.objectId });
    const byId = new Map(nodes.map((node) => [node.nodeId, node]));
    const chain: Node[] = [];
    for (let at = nodes[0]; at; at = at.parentId === undefined ? undefined : byId.get(at.parentId))
      chain.push(at);
    const activeId = nodes[0]?.properties?.find(({ name }) => name === 'activedescendant')?.value
      .relatedNodes?.[0]?.backendDOMNodeId;
    const active = activeId === undefined ? undefined : (await ask({ backendNodeId: activeId }))[0];
    return { nodes: chain, active };
  }

  /** What the page itself makes of it. */
  #plain(): Promise<string> {
    return this.page.evaluate(() => elasticRehearsal.focus());
  }

  /** Tells the page what is not new any more. */
  async #tell(isForgotten: boolean): Promise<void> {
    if (this.#isPlain)
      await this.page.evaluate((all) => elasticRehearsal.begin(all), isForgotten).catch(() => undefined);
  }
}
