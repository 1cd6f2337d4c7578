// A recipe in plain markup, taken apart: the markup, the scripts, the style sheets that it names.

/** What a recipe in plain markup is made of. */
export interface PageParts {
  /** The markup alone, without the comment that it begins with. */
  markup: string;
  /** The texts of its module scripts, indented as they stand there. */
  scripts: string[];
  /** The addresses of its style sheets. */
  sheets: string[];
}

/** Takes a recipe in plain markup apart. */
export const pageParts = (text: string): PageParts => ({
  markup: text
    .replaceAll(/<script[\s\S]*?<\/script>\n*/g, '')
    .replaceAll(/<link [^>]*>\n*/g, '')
    .replace(/^<!--.*-->\n/, '')
    .trim(),
  scripts: [...text.matchAll(/<script type="module">\n([\s\S]*?)<\/script>/g)].map(([, script]) => script!),
  sheets: [...text.matchAll(/<link rel="stylesheet" href="([^"]+)"/g)].map(([, href]) => href!),
});
