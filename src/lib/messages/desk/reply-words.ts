import {
	filledFields,
	firstNameOf,
	REPLY_REASONS,
	type ReplyKind
} from '$lib/core/platform/sending/own-texts';
import { deskLanguageOf, deskLocale } from '../desk-language';
import type { ReplyGrounds } from './en/cases/replies';
import { deskTextsIn } from './index';

/** The reader of a reply. */
export interface ReplyReader {
	/** BCP 47. */
	readonly language: string;
	/** Replies that the organisation has worded in that language, with their fields. */
	readonly own: Readonly<Partial<Record<ReplyKind, string>>>;
}

/** The first of a case's reasons as a kind of reply; null where the organisation can't word it. */
function kindOf({ reasons: [first] }: ReplyGrounds): ReplyKind | null {
	if (first?.code === 'request') return first.what === 'silent' ? 'silent' : null;
	return REPLY_REASONS.find((reason) => reason === first?.code) ?? null;
}

/**
 * The text that matches the first of a case's reasons, to be read through and sent or changed; empty where none fits, as with a message
 * that someone has to read and answer in their own words.
 * @param reader the person; without one, it is in the language of whoever writes
 */
export function replyWords(
	name: string,
	assessmentResult: ReplyGrounds | null,
	reader: ReplyReader = { language: deskLocale(), own: {} }
): string {
	const [first] = assessmentResult?.reasons ?? [];
	if (!assessmentResult || !first) return '';
	const given = firstNameOf(name);
	const kind = kindOf(assessmentResult);
	const own = kind && reader.own[kind];
	if (own) return filledFields(own, { name: given });
	const texts = deskTextsIn(deskLanguageOf(reader.language)).replies;
	if (kind === 'silent') return texts.silent(given);
	return texts.reasons[first.code]?.(given, assessmentResult) ?? '';
}

/** Facts of nobody, for a reply to start from. */
const NOBODY: ReplyGrounds = { reasons: [], evidence: {}, worsts: [null], plan: null };

/** The software's words of a reply with a field in place of the name, to start from; English where there are none in that language. */
export function replyWithFields(kind: ReplyKind, language: string): string {
	const { reasons, silent } = deskTextsIn(deskLanguageOf(language)).replies;
	return kind === 'silent' ? silent('{name}') : (reasons[kind]?.('{name}', NOBODY) ?? '');
}
