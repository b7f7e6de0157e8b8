import { createContext } from 'svelte';
import type { Shortcuts } from './shortcuts.svelte';

/** The frame's shortcuts, for the pages within it. */
export const [useShortcuts, provideShortcuts] = createContext<Shortcuts>();
