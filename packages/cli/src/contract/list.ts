// Every pattern's notes, in the order in which they are shown.
import { dialogNotes, disclosureNotes, popoverNotes, type Notes } from 'elastic-shell/core';

export const contracts: readonly Notes[] = [dialogNotes, popoverNotes, disclosureNotes];
