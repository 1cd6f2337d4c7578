// Whether a server renders the page. Then some things are open and selected initially.
import { getContext } from 'svelte';

export const served = 'served';
export const useServed = (): boolean => getContext<boolean | undefined>(served) ?? false;
