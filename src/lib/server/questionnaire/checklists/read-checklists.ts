import { desc, eq, inArray } from 'drizzle-orm';
import {
	checklistOf,
	newestChecklist,
	CHECKLIST_VERSIONS,
	type Checklist
} from '../../../core/questionnaire/checklist/checklist';
import {
	makeOwnChecklist,
	ownChecklistNumber,
	wordsOnlyIn,
	type ChecklistDocument
} from '../../../core/questionnaire/checklist/own-checklist';
import { languageOf, type Language } from '../../../messages/languages';
import { schema, type Db } from '../../platform/db/client';

const { checklists } = schema;

/** The version that the software comes with and that an organisation starts from. */
export const SHIPPED_CHECKLIST = newestChecklist(CHECKLIST_VERSIONS);

/** The newest checklist that the organisation has published; null where there is none. One key look-up. */
export async function newestOwnChecklist(db: Db) {
	const [row] = await db.select().from(checklists).orderBy(desc(checklists.version)).limit(1);
	return row ?? null;
}

/** The version that self-assessments are sent with. One key look-up. */
export async function checklistVersionToSend(db: Db): Promise<number> {
	const [row] = await db
		.select({ version: checklists.version })
		.from(checklists)
		.orderBy(desc(checklists.version))
		.limit(1);
	return row?.version ?? SHIPPED_CHECKLIST.version;
}

/** The document of a published version; null for the software's own versions and unknown ones. One key look-up. */
export async function checklistDocumentAt(db: Db, version: number): Promise<ChecklistDocument | null> {
	if (ownChecklistNumber(version) === null) return null;
	const [row] = await db
		.select({ document: checklists.document })
		.from(checklists)
		.where(eq(checklists.version, version));
	return row?.document ?? null;
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
	const rows = wanted.length
		? await db
				.select({ version: checklists.version, document: checklists.document })
				.from(checklists)
				.where(inArray(checklists.version, wanted))
		: [];
	const own = new Map(rows.map((row) => [row.version, makeOwnChecklist(row.document, row.version)]));
	return (version) => own.get(version) ?? checklistOf(version) ?? { version, items: [] };
}

/** One checklist; without questions where there is no such version. */
export async function checklistAt(db: Db, version: number): Promise<Checklist> {
	return (await checklistsAt(db, [version]))(version);
}

/** Names of the problems that the organisation has added, in a language of the desk. One key look-up. */
export async function ownFindingNames(db: Db, language: Language): Promise<Readonly<Record<string, string>>> {
	const [row] = await db
		.select({ names: checklists.findingNames })
		.from(checklists)
		.orderBy(desc(checklists.version))
		.limit(1);
	const names = row?.names ?? {};
	return { ...Object.values(names)[0], ...names[language] };
}
