// The pages that are checked in addition to the named ones: those of a sitemap, and those that links of the
// same origin lead to.
import type { Page } from 'playwright-core';
import { Misuse } from '../misuse.js';

/** Files that aren't pages, by extension. */
const isFile =
  /\.(?!html?$|php$|aspx?$|jsp$)(avif|css|csv|docx?|epub|gif|gz|ico|jpe?g|js|json|map|md|mjs|mp[34]|odt|pdf|png|pptx?|rss|svg|tar|txt|wasm|webm|webp|woff2?|xlsx?|xml|zip)$/i;

/** Returns an address without its fragment. */
const withoutHash = (address: string): string => {
  const url = new URL(address);
  url.hash = '';
  return url.href;
};

/** A waiting page, and the number of links that led to it. */
export interface Waiting {
  address: string;
  depth: number;
}

/** The pages of a run, each once, in the order in which they were found. */
export class Crawl {
  readonly #waiting: Waiting[] = [];
  readonly #seen = new Set<string>();
  /** How many pages were found beyond the maximum. */
  leftCount = 0;

  /** `depth` is how many links are followed in a row. `most` is the maximum number of pages. */
  constructor(
    readonly depth: number,
    readonly most: number,
  ) {}

  /** Adds an address, if it is new. */
  add(address: string, depth = 0): void {
    const plain = withoutHash(address);
    if (this.#seen.has(plain)) return;
    if (this.#seen.size >= this.most) return void this.leftCount++;
    this.#seen.add(plain);
    this.#waiting.push({ address, depth });
  }

  /** Returns the pages, including those that are added meanwhile. */
  *pages(): Generator<Waiting> {
    for (const page of this.#waiting) yield page;
  }

  /** Adds the links of a page to its own origin. */
  async follow(page: Page, { address, depth }: Waiting): Promise<void> {
    if (depth >= this.depth) return;
    const links = await page.evaluate<string[]>('[...document.links].map(({ href }) => href)');
    const { origin } = new URL(address);
    for (const link of links) {
      if (!URL.canParse(link)) continue;
      const { origin: other, pathname } = new URL(link);
      if (other === origin && !isFile.test(pathname)) this.add(withoutHash(link), depth + 1);
    }
  }
}

/** How many sitemaps one may list (Sitemaps XML format, sitemap index). */
const mostSitemaps = 50;

const locations = (xml: string): string[] =>
  [...xml.matchAll(/<loc>\s*(?:<!\[CDATA\[)?\s*([^<\]]+?)\s*(?:\]\]>)?\s*<\/loc>/g)].map(([, address]) =>
    (address ?? '').replaceAll('&amp;', '&'),
  );

/** Returns the addresses in a sitemap, and in those that it lists. Throws `Misuse` if it cannot be read. */
export async function addressesIn(sitemap: string, depth = 0): Promise<string[]> {
  let xml: string;
  try {
    const response = await fetch(sitemap);
    if (!response.ok) throw new Error(`its status is ${response.status}`);
    xml = await response.text();
  } catch (error) {
    throw new Misuse(`${sitemap} can't be read: ${error instanceof Error ? error.message : String(error)}.`);
  }
  const found = locations(xml);
  if (!found.length) throw new Misuse(`${sitemap} isn't a sitemap: it has no <loc>.`);
  if (!/<sitemapindex[\s>]/.test(xml)) return found;
  if (depth)
    throw new Misuse(`${sitemap} is a sitemap index in a sitemap index, which the standard doesn't allow.`);
  return (await Promise.all(found.slice(0, mostSitemaps).map((each) => addressesIn(each, 1)))).flat();
}
