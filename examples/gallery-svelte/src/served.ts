// Whether the page is rendered by a server: then some things are open and chosen from the first.
import { getContext } from 'svelte';

export const served = 'served';
export const useServed = (): boolean => getContext<boolean | undefined>(served) ?? false;
