// The steps of its test. `elastic-shell new --test` writes the rest.
const more = find('li button');
more.click();
await until(() => more.getAttribute('aria-expanded') === 'true');
named('Edit').click();
await until(() => document.querySelector('output')?.textContent === 'edit W1041');
