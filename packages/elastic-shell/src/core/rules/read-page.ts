// Reads a page once, and answers the questions of rules about ids, ancestors and descendants. Elements are
// numbered in document order, so the descendants of one are a range of numbers. Answers about ids, ancestors
// and descendants are computed for the whole page at once when first needed: the time grows with the size of
// the page, not with its square. An answer that depends on something unknown raises doubt (doubt.ts), also
// when it is remembered.
import { ask, clearDoubt, raiseDoubt } from './doubt.js';
import type { Markup } from './markup.js';
import { firstFrom } from './growing.js';
import type { InnerTest, Page, PageKind, Test } from './page.js';

/** The elements that pass a test, and those that may, as marks by number and as sorted lists. */
interface Passing {
  passes: Uint8Array;
  doubts: Uint8Array;
  places: number[];
  doubtful: number[];
  elements: Markup[];
}

/**
 * The nearest ancestor that passes a test for each element, by number (-1: none), and whether it is in doubt.
 */
interface Nearest {
  places: Int32Array;
  doubts: Uint8Array;
}

const numberOf = (element: Markup): number => element.number ?? -1;

/** A template whose copies may be anywhere. Templates for shadow trees don't count. */
const isTemplate = (element: Markup): boolean =>
  element.tag === 'template' && element.attribute('shadowrootmode') === null;

class ReadPage implements Page {
  readonly elements: Markup[] = [];
  readonly isPart: boolean;
  readonly isScripted: boolean;
  /**
   * By number: the parent (-1: none), the number after the last descendant, the tree (-1 for that of the
   * page).
   */
  readonly #parents: number[] = [];
  readonly #ends: number[] = [];
  readonly #trees: number[] = [];
  /** By tree: every id with the first element that has it. */
  readonly #ids = new Map<number, Map<string, Markup>>();
  /** The ids of elements in templates and shadow trees. */
  readonly #inTemplates = new Set<string>();
  #allIds: readonly string[] | undefined;
  /** By the first element with an id, the second. */
  readonly #doubled = new Map<Markup, Markup>();
  #hasUnknownIds = false;
  readonly #tests = new Map<Test, Passing>();
  readonly #nearest = new Map<Test, Nearest>();
  readonly #owned = new Map<Test, Map<Test, Map<number, Markup[]>>>();
  readonly #inner = new Map<InnerTest, Pick<Passing, 'passes' | 'doubts'>>();

  constructor(roots: Iterable<Markup>, { isPart = false, isScripted = false }: PageKind) {
    this.isPart = isPart;
    this.isScripted = isScripted;
    const waiting: (Markup | number)[] = [...roots].reverse();
    for (let at = waiting.pop(); at !== undefined; at = waiting.pop()) {
      // A number means that this element has been read to its end.
      if (typeof at === 'number') this.#ends[at] = this.elements.length;
      else this.#add(at, waiting);
    }
  }

  #add(element: Markup, waiting: (Markup | number)[]): void {
    const number = this.elements.length;
    const parent = element.parent?.number ?? -1;
    const around = this.elements[parent];
    const tree = around?.tag === 'template' ? parent : (this.#trees[parent] ?? -1);
    this.elements.push(element);
    element.number = number;
    this.#parents.push(parent);
    this.#trees.push(tree);
    const { value: id, doubt } = ask(() => element.attribute('id'));
    if (doubt) this.#hasUnknownIds = true;
    else if (id) {
      const ids = this.#ids.get(tree) ?? new Map<string, Markup>();
      this.#ids.set(tree, ids);
      const first = ids.get(id);
      if (tree >= 0) this.#inTemplates.add(id);
      if (!first) ids.set(id, element);
      else if (!this.#doubled.has(first)) this.#doubled.set(first, element);
    }
    waiting.push(number);
    const { children } = element;
    for (let at = children.length - 1; at >= 0; at--) {
      const child = children[at];
      if (child !== undefined && typeof child !== 'string') waiting.push(child);
    }
  }

  named(id: string, from: Markup): Markup | undefined {
    for (let tree = this.#trees[numberOf(from)] ?? -1; ; tree = this.#trees[tree] ?? -1) {
      const found = this.#ids.get(tree)?.get(id);
      if (found) return found;
      const root = this.elements[tree];
      // References in a shadow tree never leave it.
      if (!root || !isTemplate(root)) break;
    }
    if (this.isPart || this.#hasUnknownIds || this.#inTemplates.has(id)) raiseDoubt();
    return undefined;
  }

  doubled(element: Markup): Markup | undefined {
    const first = this.#ids.get(this.#trees[numberOf(element)] ?? -1)?.get(element.attribute('id') ?? '');
    return first && this.#doubled.get(first) === element ? first : undefined;
  }

  ids(): readonly string[] {
    this.#allIds ??= [...this.#ids.values()].flatMap((ids) => [...ids.keys()]);
    return this.#allIds;
  }

  #passing(test: Test): Passing {
    const known = this.#tests.get(test);
    if (known) return known;
    const count = this.elements.length;
    const marks = { passes: new Uint8Array(count), doubts: new Uint8Array(count) };
    const passing: Passing = { ...marks, places: [], doubtful: [], elements: [] };
    const before = clearDoubt();
    for (const [number, element] of this.elements.entries()) {
      const isPassing = test(element);
      if (clearDoubt()) {
        passing.doubts[number] = 1;
        passing.doubtful.push(number);
      } else if (isPassing) {
        passing.passes[number] = 1;
        passing.places.push(number);
        passing.elements.push(element);
      }
    }
    if (before) raiseDoubt();
    this.#tests.set(test, passing);
    return passing;
  }

  #near(test: Test): Nearest {
    const known = this.#nearest.get(test);
    if (known) return known;
    const { passes, doubts } = this.#passing(test);
    const count = this.elements.length;
    const near: Nearest = { places: new Int32Array(count), doubts: new Uint8Array(count) };
    for (const [number, parent] of this.#parents.entries()) {
      const isPassing = passes[parent] === 1;
      near.places[number] = isPassing ? parent : (near.places[parent] ?? -1);
      // Beyond the root of a part or a template, anything may be.
      const isEdge = parent < 0 ? this.isPart : this.#trees[number] === parent;
      const isInDoubt = isEdge || doubts[parent] === 1 || near.doubts[parent] === 1;
      near.doubts[number] = !isPassing && isInDoubt ? 1 : 0;
    }
    this.#nearest.set(test, near);
    return near;
  }

  around(element: Markup, test: Test): Markup | undefined {
    const near = this.#near(test);
    const number = numberOf(element);
    if (near.doubts[number]) raiseDoubt();
    return this.elements[near.places[number] ?? -1];
  }

  /** Raises doubt if a descendant may pass. */
  #doubtInside(doubtful: readonly number[], number: number): void {
    const place = doubtful[firstFrom(doubtful, number + 1)];
    if (place !== undefined && place < (this.#ends[number] ?? 0)) raiseDoubt();
  }

  within(element: Markup, test: Test): Markup | undefined {
    const { places, doubtful } = this.#passing(test);
    const number = numberOf(element);
    const place = places[firstFrom(places, number + 1)];
    if (place !== undefined && place < (this.#ends[number] ?? 0)) return this.elements[place];
    this.#doubtInside(doubtful, number);
    return undefined;
  }

  count(element: Markup, test: Test, until?: Markup): number {
    const { places, doubtful } = this.#passing(test);
    const number = numberOf(element);
    this.#doubtInside(doubtful, number);
    const end = until ? numberOf(until) : (this.#ends[number] ?? 0);
    return firstFrom(places, end) - firstFrom(places, number + 1);
  }

  inside(element: Markup, test: Test): readonly Markup[] {
    const { places, doubtful, elements } = this.#passing(test);
    const number = numberOf(element);
    this.#doubtInside(doubtful, number);
    return elements.slice(firstFrom(places, number + 1), firstFrom(places, this.#ends[number] ?? 0));
  }

  owned(element: Markup, test: Test, owner: Test): readonly Markup[] {
    const byOwner = this.#owned.get(owner) ?? new Map<Test, Map<number, Markup[]>>();
    this.#owned.set(owner, byOwner);
    const { places, doubtful } = this.#passing(test);
    let lists = byOwner.get(test);
    if (!lists) {
      lists = new Map();
      const near = this.#near(owner);
      for (const place of places) {
        const each = this.elements[place];
        const list = lists.get(near.places[place] ?? -1) ?? [];
        lists.set(near.places[place] ?? -1, list);
        if (each) list.push(each);
      }
      byOwner.set(test, lists);
    }
    const number = numberOf(element);
    this.#doubtInside(doubtful, number);
    return lists.get(number) ?? [];
  }

  all(test: Test): readonly Markup[] {
    const { elements, doubtful } = this.#passing(test);
    if (this.isPart || doubtful.length) raiseDoubt();
    return elements;
  }

  first(test: Test): Markup | undefined {
    return this.#passing(test).elements[0];
  }

  holds(outer: Markup, inner: Markup): boolean {
    const [from, at] = [numberOf(outer), numberOf(inner)];
    return from <= at && at < (this.#ends[from] ?? 0);
  }

  fromInside(element: Markup, test: InnerTest): boolean {
    const count = this.elements.length;
    let known = this.#inner.get(test);
    if (!known) {
      known = { passes: new Uint8Array(count), doubts: new Uint8Array(count) };
      this.#inner.set(test, known);
      const before = clearDoubt();
      for (let number = count - 1; number >= 0; number--) {
        const each = this.elements[number];
        if (each && test(each, this)) known.passes[number] = 1;
        if (clearDoubt()) known.doubts[number] = 1;
      }
      if (before) raiseDoubt();
    }
    const number = numberOf(element);
    if (known.doubts[number]) raiseDoubt();
    return known.passes[number] === 1;
  }
}

/**
 * Reads a page.
 *
 * @param roots - Its topmost elements.
 * @param kind - What is known about it.
 * @returns The page.
 */
export const pageOf = (roots: Iterable<Markup>, kind: PageKind = {}): Page => new ReadPage(roots, kind);
