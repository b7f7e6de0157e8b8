import { createContext } from 'svelte';
import type { Shortcuts } from './shortcuts.svelte';

/** The shortcuts of the frame, for the pages within it. */
export const [useShortcuts, provideShortcuts] = createContext<Shortcuts>();
