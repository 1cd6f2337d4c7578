// Fails a test of a recipe in which a framework complains on the console, as React does of a <dialog> in a <p>.
import { afterEach, expect, vi } from 'vitest';

const complaints = vi.spyOn(console, 'error');
afterEach(() => expect(complaints.mock.calls).toEqual([]));
