// What its test does; `elastic-shell new --test` writes the rest around it.
const more = find('li button');
more.click();
await until(() => more.getAttribute('aria-expanded') === 'true');
named('Edit').click();
await until(() => document.querySelector('output')?.textContent === 'edit W1041');
