import type { Region } from '../../cases/discomfort/regions';
import type { HouseholdFix, PurchaseFix } from './fixes';

/** The words of a question. For a shipped one, an empty text leaves the shipped words. */
export interface OwnItemWords {
	readonly question: string;
	readonly why: string;
	/** How to look; may be empty. */
	readonly look: string;
	/** By answer. */
	readonly answers: Readonly<Partial<Record<string, string>>>;
}

/** The words of a problem that was added. */
export interface OwnFindingWords {
	readonly name: string;
	/** What to do about it with household items; may be empty where a shipped fix is named. */
	readonly fix: string;
}

/** An organisation's words, in one language. */
export interface OwnWords {
	readonly items: Readonly<Partial<Record<string, OwnItemWords>>>;
	readonly findings: Readonly<Partial<Record<string, OwnFindingWords>>>;
}

/** What a problem that was added is tied to and leads to. */
export interface OwnFindingRule {
	readonly regions: readonly Region[];
	readonly household: readonly HouseholdFix[];
	readonly shop: readonly PurchaseFix[];
}

/** What an organisation has added to a checklist. */
export interface OwnParts {
	readonly findings: Readonly<Partial<Record<string, OwnFindingRule>>>;
	/** By language, as a BCP 47 tag. */
	readonly words: Readonly<Partial<Record<string, OwnWords>>>;
}

/** An organisation's words in a language; those of its first language where it has none in that one. */
export function ownWordsIn({ words }: OwnParts, language: string): OwnWords | null {
	return words[language] ?? Object.values(words)[0] ?? null;
}
