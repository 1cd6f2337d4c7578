// Words that people search for, by the route of the page that they should find. A page is also found by its own words. Those of a
// pattern are in its notes.

/** By route. */
export const keywords = {
  'start/':
    'getting started start begin introduction quick start setup install installation overview frameworks tutorial npm add hello',
  'start/html/':
    'vanilla javascript plain js script without framework install first dialog vite esbuild bundler',
  'start/elements/':
    'web component web components custom element custom elements cdn import map no build without bundler',
  'start/react/':
    'react install first dialog hook hooks jsx next nextjs usestate ref suspense activity portal error boundary compiler strictmode',
  'start/vue/':
    'vue install composable nuxt keepalive teleport transitiongroup v-model definemodel template ref',
  'start/svelte/': 'svelte install runes sveltekit bind attachment',
  'start/solid/': 'solid install signals primitive solidstart',
  'start/angular/': 'angular install directive signal forms ngmodel zoneless ssr',
  'start/server/': 'ssr server side rendering server rendering hydration hydrate prerender static',
  'start/server-pages/':
    'php rails django laravel template server rendered html progressive enhancement multi page htmx',
  'patterns/': 'components widgets list of components overview',
  'guides/controlled-state/':
    'controlled uncontrolled value onchange two way binding state store open state redux zustand pinia signals callback events',
  'guides/guards/':
    'wait for server async confirm prevent close block closing pending before close cancel unsaved changes validation loading spinner double click',
  'guides/focus/':
    'focus trap autofocus initial focus return focus restore focus tab order focus management keep focus lost',
  'guides/layers/':
    'click outside outside click escape esc z-index z index stacking nested modal top layer scroll lock dismiss close on escape',
  'guides/placement/':
    'position positioning anchor align alignment side flip offset arrow place popover placement',
  'guides/forms/':
    'form input name value submit validation required reset formdata react hook form angular forms formcontrol field',
  'guides/form-errors/': 'validation errors server error 422 invalid aria-invalid',
  'guides/routing/': 'router navigation route change page change back button url deep link history',
  'guides/notifications/':
    'toast toasts snackbar notification alert message live region announce status announcement aria-live',
  'guides/motion/':
    'animate animation animations transition transitions fade height auto reduced motion duration',
  'guides/long-lists/':
    'virtual virtualised virtualized virtual scrolling windowing large list big data performance thousands rows table async options debounce lazy branches',
  'guides/lazy-content/':
    'lazy load loading async content dynamic import code splitting spinner skeleton suspense third party widget chart',
  'guides/internationalisation/':
    'i18n internationalization localization localisation l10n translate translation language messages rtl right to left locale text labels',
  'guides/server-components/': 'rsc server components use client next nextjs app router',
  'guides/partial-updates/': 'htmx morphdom idiomorph turbo innerhtml ajax partial page fragments streams',
  'guides/dynamic-pages/':
    'morph dom changes mutation replace move remove elements data-wire wirewithin micro frontend third party',
  'guides/shadow-roots/': 'shadow dom shadow root slot slots web component lit',
  'guides/content-security-policy/':
    'csp content security policy trusted types nonce inline style security headers',
  'guides/testing/':
    'test tests jest vitest jsdom testing library unit test mock playwright cypress snapshot expectcontract',
  'guides/check/': 'lint linter eslint rules static analysis ci baseline accessibility checker audit',
  'guides/rehearse/': 'e2e keyboard test accessibility audit screen reader test ci crawl',
  'guides/inspector/': 'devtools debug debugging debugger why did it close log journal console warnings',
  'guides/native-elements/':
    'native dialog element popover attribute details why not alternatives when not to use compare html only',
  'guides/faq/': 'faq questions help problems troubleshooting not working',
  'guides/glossary/': 'glossary terms words definitions meaning',
  'guides/migrating/': 'migrate migration legacy jquery replace hand written existing code',
  'guides/upgrading/':
    'upgrade update version versioning semver breaking changes migration deprecated renamed',
  'guides/custom-patterns/':
    'custom component own pattern extend plugin definepattern new widget build your own',
  'guides/concepts/': 'concepts terminology reasons commands invoker commandfor keys cells api overview wire',
  'guides/reading-state/': 'attributes css selectors data attributes state styling read state query',
  'guides/lifecycle/': 'lifecycle unwire destroy dispose cleanup memory leak unmount',
  'styling/':
    'css theme theming style styles custom properties variables tokens dark mode skin colours colors tailwind design',
  'styling/theme/': 'theme editor generator customise customize colors',
  'reference/command-line/': 'cli command line terminal npx options flags configuration config',
  'reference/names/': 'api reference options methods states commands all options',
  'diagnostics/': 'errors warnings rules messages codes diagnostics',
  'support/reliability/':
    'size bundle size kilobytes gzip browser support versions semver production ready stability conformance license licence trust tree shaking dependencies report bug',
  'support/': 'browser support browsers compatibility safari firefox chrome edge ie polyfill minimum version',
  'support/heard/': 'screen reader orca nvda jaws voiceover announcements transcript',
  'support/errors/': 'error code production minified error',
  'accessibility/':
    'accessibility a11y wcag aria screen reader keyboard conformance section 508 en 301 549 vpat',
  'changelog/': 'changelog release notes history whats new',
  'recipes/': 'examples samples templates snippets code components copy paste',
};
