// Chance that is the same again: a generator with a seed.

/** Draws numbers from 0 to below 1; the same ones for the same seed. */
export function drawer(seed) {
  let state = seed || 1;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}
