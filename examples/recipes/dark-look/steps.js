// What its test does; `elastic-shell new --test` writes the rest around it.
// Before it is on the page.
globalThis.matchMedia ??= () => ({ matches: false, addEventListener() {} });

const before = document.documentElement.style.colorScheme;
document.querySelector('[role=switch]')?.click();
await until(() => document.documentElement.style.colorScheme !== before);
