import { deskWords } from './index';

/** An audit-log act in words; its code where an older version wrote one that we no longer know. */
export function recordActWords(act: string): string {
	const acts: Readonly<Record<string, string>> = deskWords.states.acts;
	return Object.hasOwn(acts, act) ? (acts[act] ?? act) : act;
}
