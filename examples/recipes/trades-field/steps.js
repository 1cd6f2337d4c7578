// What its test does; `elastic-shell new --test` writes the rest around it.
const field = find('[role=combobox]');
press(field, 'ArrowDown');
await until(() => document.querySelector('[role=option]') !== null);
find('[role=option]').click();
await until(() => document.querySelector('output')?.textContent === 'shipwright');
