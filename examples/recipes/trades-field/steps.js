// What its test does; `elastic-shell new --test` writes the rest around it.
const field = document.querySelector('[role=combobox]');
press(field, 'ArrowDown');
await until(() => document.querySelector('[role=option]') !== null);
document.querySelector('[role=option]')?.click();
await until(() => document.querySelector('output')?.textContent === 'shipwright');
