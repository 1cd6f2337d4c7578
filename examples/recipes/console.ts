// Fails a test of a recipe if a framework writes a warning to the console, as React does about a <dialog> in
// a <p>.
import { afterEach, expect, vi } from 'vitest';

const complaints = vi.spyOn(console, 'error');
afterEach(() => expect(complaints.mock.calls).toEqual([]));
