// The announcement that a screen reader can make, from the browser's own accessibility tree. Chromium
// provides the tree over its protocol. For other browsers it is computed in the page by the same standards.
// The position in a group ("1 of 4") is counted in the page, because the tree does not contain it.
import './agent.js';
import { places, sentenceOf, stateWord, valueRoles } from 'elastic-shell/rehearsal';
import type { CDPSession, Page } from 'playwright-core';

/** A node of the tree, in the form of the protocol. */
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

/** Returns the announcement of a node: role, name, states. */
function sayNode(node: Node, position: string): string {
  const role = roleOf(node);
  // A combobox opens a list by definition.
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
  /** The containers of focus before the last key, and now. */
  #before: readonly string[] = [];
  #around: readonly string[] = [];

  constructor(readonly page: Page) {}

  /** Returns the announcement of the focused element, with containers that are new. */
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

  /** Called before an action: the containers of focus are no longer new. */
  async begin(): Promise<void> {
    this.#before = this.#around;
    await this.#tell(false);
  }

  /** Forgets where focus was, so that all containers are announced next. */
  async forget(): Promise<void> {
    this.#around = [];
    this.#before = [];
    await this.#tell(true);
  }

  /** Returns the node with focus, its ancestors, and its active node. */
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

  /** Returns the announcement that is computed in the page. */
  #plain(): Promise<string> {
    return this.page.evaluate(() => elasticRehearsal.focus());
  }

  /** Passes to the page which containers are no longer new. */
  async #tell(isForgotten: boolean): Promise<void> {
    if (this.#isPlain)
      await this.page.evaluate((all) => elasticRehearsal.begin(all), isForgotten).catch(() => undefined);
  }
}
