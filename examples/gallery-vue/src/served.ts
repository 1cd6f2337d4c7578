// Whether the page is rendered by a server: then some things are open and chosen from the first.
import { inject, type InjectionKey } from 'vue';

export const served: InjectionKey<boolean> = Symbol('served');
export const useServed = () => inject(served, false);
