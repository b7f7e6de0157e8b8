import { FINDING_IDS } from '$lib/core/checklist';
import { findings } from './en/findings';

/** A finding as the coordinator reads it, in a sentence: what the person's page says, without "your". */
export function findingEn(id: string): string {
	const known = FINDING_IDS.find((one) => one === id);
	if (!known) return id.replaceAll('-', ' ');
	const words = findings[known].replace(/\byour\b/gi, 'their').replace(/\byou\b/g, 'them');
	return words.charAt(0).toLowerCase() + words.slice(1);
}
