import { AsyncLocalStorage } from 'node:async_hooks';
import {
	deskLanguageOf,
	DESK_LANGUAGES,
	ENGLISH_READER,
	findDeskReaderBy,
	type DeskLanguage,
	type DeskReader
} from '../../../messages/desk-language';
import { ownFindingNames } from '../../questionnaire/checklists/read-checklists';
import { ownItemNames } from '../organisation-settings/own-items';
import { areSignsReviewed } from '../organisation/language-reviews';
import type { Db } from '../db/client';

const readers = new AsyncLocalStorage<DeskReader>();

// Whatever a request writes is for its own reader, even while others are being answered. A job has none: it says by itself for whom it writes.
findDeskReaderBy(() => readers.getStore() ?? ENGLISH_READER);

/** The first language that a browser asks for and the desk has. @param accepted the `accept-language` header */
export function acceptedLanguage(accepted: string | null): DeskLanguage {
	const wanted = (accepted ?? '').split(',').map((part) => {
		const [tag = '', weight = 'q=1'] = part.trim().split(/\s*;\s*/);
		return {
			language: tag.split('-')[0]?.toLowerCase() ?? '',
			weight: Number(weight.replace('q=', '')) || 0
		};
	});
	wanted.sort((a, b) => b.weight - a.weight);
	const found = wanted.find(
		({ language, weight }) => weight > 0 && DESK_LANGUAGES.some((one) => one === language)
	);
	return deskLanguageOf(found?.language ?? 'en');
}

/** The reader of a desk page. Cost: two key look-ups, and another where the language is a translation. */
export async function readDeskReader(db: Db, language: DeskLanguage): Promise<DeskReader> {
	const [isReviewed, problems, items] = await Promise.all([
		areSignsReviewed(db, language),
		ownFindingNames(db, language),
		ownItemNames(db, language)
	]);
	return { language, areSignsReviewed: isReviewed, ownNames: { ...problems, ...items } };
}

/** Answers a request for its reader. */
export const forReader = <T>(reader: DeskReader, answer: () => T): T => readers.run(reader, answer);
