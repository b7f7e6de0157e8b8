import { deskWords } from './index';
import type { ReplyGrounds } from './en/replies';

/**
 * The text that matches the first of a case's reasons, to be read through and sent or changed; empty where none fits, as with a message
 * that someone has to read and answer in their own words.
 */
export function replyWords(name: string, judgement: ReplyGrounds | null): string {
	const [first] = judgement?.reasons ?? [];
	if (!judgement || !first) return '';
	const given = name.split(' ')[0] ?? name;
	const texts = deskWords.replies;
	if (first.code === 'request' && first.what === 'silent') return texts.silent(given);
	return texts.reasons[first.code]?.(given, judgement) ?? '';
}
