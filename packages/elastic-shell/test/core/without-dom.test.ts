// Importing any entry where there is no document is harmless: nothing runs, nothing throws.
it.each([
  'index',
  'engine',
  'core/index',
  'patterns/dialog/wire',
  'patterns/disclosure/wire',
  'elements/index',
  'journal/index',
  'journal/rules/index',
])('src/%s loads without a DOM', async (entry) => {
  expect(typeof document).toBe('undefined');
  await expect(import(`../../src/${entry}`)).resolves.toBeDefined();
});
