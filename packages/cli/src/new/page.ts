// A recipe in plain markup, split into the markup, the scripts, and the style sheets that it links to.

/** The parts of a recipe in plain markup. */
export interface PageParts {
  /** The markup, without the comment at the start. */
  markup: string;
  /** The texts of its module scripts, with their indentation. */
  scripts: string[];
  /** The addresses of its style sheets. */
  sheets: string[];
}

/** Splits a recipe in plain markup. */
export const pageParts = (text: string): PageParts => ({
  markup: text
    .replaceAll(/<script[\s\S]*?<\/script>\n*/g, '')
    .replaceAll(/<link [^>]*>\n*/g, '')
    .replace(/^<!--.*-->\n/, '')
    .trim(),
  scripts: [...text.matchAll(/<script type="module">\n([\s\S]*?)<\/script>/g)].map(([, script]) => script!),
  sheets: [...text.matchAll(/<link rel="stylesheet" href="([^"]+)"/g)].map(([, href]) => href!),
});
