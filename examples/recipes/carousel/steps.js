// What its test does; `elastic-shell new --test` writes the rest around it.
expect(document.querySelector('section')?.getAttribute('aria-roledescription')).toBe('carousel');
expect(document.querySelectorAll('[aria-roledescription=slide]')).toHaveLength(3);
