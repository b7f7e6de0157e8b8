import {
	checklistOf,
	newestChecklist,
	CHECKLIST_VERSIONS,
	type Checklist
} from '../../../core/questionnaire/checklist/checklist';
import {
	makeOwnChecklist,
	ownChecklistNumber,
	ownChecklistVersion,
	wordsOnlyIn,
	type ChecklistDocument
} from '../../../core/questionnaire/checklist/own-checklist';
import { unchangedChecklist } from '../../../core/questionnaire/checklist-editor/edit-checklist';
import { languageOf, type Language } from '../../../messages/languages';
import type { Db } from '../../platform/db/client';
import type { PublishedSubject } from '../../platform/versions/published-subject';
import { newestVersion, versionAt, versionsAt } from '../../platform/versions/read-versions';

/** The version that the software comes with and that an organisation starts from. */
const SHIPPED_CHECKLIST = newestChecklist(CHECKLIST_VERSIONS);

/** A checklist as it is published. */
export interface PublishedChecklist {
	readonly document: ChecklistDocument;
	/** Names of the problems that this and earlier versions have added, by language and problem: what the desk shows. */
	readonly findingNames: Readonly<Record<string, Readonly<Record<string, string>>>>;
}

/** The checklist that self-assessments are sent with. Answers are shown and judged by the version they were given to. */
export const CHECKLIST: PublishedSubject<PublishedChecklist> = {
	key: 'checklist',
	base: ownChecklistVersion(0),
	published: 'checklist-published',
	discarded: 'checklist-discarded',
	detail: {},
	conflict: 'checklistChanged',
	read: (content) =>
		(content as PublishedChecklist | null) ?? {
			document: unchangedChecklist(SHIPPED_CHECKLIST.version),
			findingNames: {}
		}
};

/** The version that self-assessments are sent with. One key look-up. */
export async function checklistVersionToSend(db: Db): Promise<number> {
	const { version } = await newestVersion(db, CHECKLIST);
	return version === CHECKLIST.base ? SHIPPED_CHECKLIST.version : version;
}

/** The document of a published version; null for the software's own versions and unknown ones. One key look-up. */
export async function checklistDocumentAt(db: Db, version: number): Promise<ChecklistDocument | null> {
	if (ownChecklistNumber(version) === null) return null;
	return (await versionAt(db, CHECKLIST, version))?.document ?? null;
}

/** The same with the words of one language only, as a person's pages need it. */
export async function checklistForPage(
	db: Db,
	version: number,
	locale: string
): Promise<ChecklistDocument | null> {
	const document = await checklistDocumentAt(db, version);
	return document && wordsOnlyIn(document, languageOf(locale));
}

/**
 * Checklists by version, each read once. An unknown version has no questions. Cost: one statement, and none where all are the software's.
 */
export async function checklistsAt(
	db: Db,
	versions: readonly number[]
): Promise<(version: number) => Checklist> {
	const wanted = [...new Set(versions)].filter((version) => ownChecklistNumber(version) !== null);
	const stored = await versionsAt(db, CHECKLIST, wanted);
	const own = new Map(
		[...stored].map(([version, { document }]) => [version, makeOwnChecklist(document, version)])
	);
	return (version) => own.get(version) ?? checklistOf(version) ?? { version, items: [] };
}

/** One checklist; without questions where there is no such version. */
export async function checklistAt(db: Db, version: number): Promise<Checklist> {
	return (await checklistsAt(db, [version]))(version);
}

/** Names of the problems that the organisation has added, in a language of the desk. One key look-up. */
export async function ownFindingNames(db: Db, language: Language): Promise<Readonly<Record<string, string>>> {
	const { findingNames: names } = (await newestVersion(db, CHECKLIST)).content;
	return { ...Object.values(names)[0], ...names[language] };
}
