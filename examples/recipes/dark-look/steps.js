// The steps of its test. `elastic-shell new --test` writes the rest.
// Before it is in the page.
const noMatch = () => ({ matches: false, addEventListener() {} });
Object.assign(globalThis, { matchMedia: globalThis.matchMedia ?? noMatch });

const before = document.documentElement.style.colorScheme;
find('[role=switch]').click();
await until(() => document.documentElement.style.colorScheme !== before);
