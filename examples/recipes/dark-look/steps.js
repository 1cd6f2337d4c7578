// What its test does; `elastic-shell new --test` writes the rest around it.
const before = document.documentElement.style.colorScheme;
document.querySelector('[role=switch]')?.click();
await until(() => document.documentElement.style.colorScheme !== before);
