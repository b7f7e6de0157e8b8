import type { ExcludedGroup } from '$lib/core/platform/sending';
import { deskWords } from './index';

/** Names listed before the rest is counted. */
const NAMED = 5;

/** People left out of an act, in words. */
export function leftOutWords({ why, n, names }: ExcludedGroup): string {
	const texts = deskWords.leftOut;
	return texts.group(names.slice(0, NAMED), n - Math.min(n, NAMED), texts.reasons[why]);
}
