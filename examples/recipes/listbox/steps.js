// What its test does; `elastic-shell new --test` writes the rest around it.
const option = () => document.querySelector('[role=option][data-key=ketch]') ?? named('Ketch');
await until(() => option() !== null);
option()?.click();
await until(() => document.querySelector('output')?.textContent === 'ketch');
