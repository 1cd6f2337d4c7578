// The content of the frame for an edited example. It gets HTML from the page around it, and runs the script
// of the recipe. It is a classic script with all recipes, because a sandboxed frame may not load modules from
// a server that does not allow it.
import 'elastic-shell/structure.css';
import 'elastic-shell/skin.css';
import 'elastic-shell/controls.css';
import './try.css';
import recipes from 'try:recipes';

interface Asked {
  recipe: string;
  markup: string;
  isDark: boolean;
  isRtl: boolean;
}

interface Policies {
  createPolicy(
    name: string,
    rules: { createHTML(text: string): string },
  ): { createHTML(text: string): string };
}

const policy = (globalThis as { trustedTypes?: Policies }).trustedTypes?.createPolicy('try', {
  createHTML: (text) => text,
});

function wrong(error: unknown): void {
  const words = document.createElement('p');
  words.setAttribute('role', 'alert');
  words.textContent = error instanceof Error ? error.message : String(error);
  document.body.append(words);
}

addEventListener('error', ({ error, message }) => wrong(error ?? message));
addEventListener('unhandledrejection', ({ reason }) => wrong(reason));
addEventListener('message', ({ source, data }: MessageEvent<Asked>) => {
  if (source !== parent) return;
  const { recipe, markup, isDark, isRtl } = data;
  document.documentElement.style.setProperty('color-scheme', isDark ? 'dark' : 'light');
  document.documentElement.dir = isRtl ? 'rtl' : 'ltr';
  document.body.innerHTML = policy?.createHTML(markup) ?? markup;
  void recipes[recipe]?.().catch(wrong);
});
parent.postMessage('ready', '*');
