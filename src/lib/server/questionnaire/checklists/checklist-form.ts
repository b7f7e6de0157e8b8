import { Type, type Static } from 'typebox';
import { VERSION_NOTE_LENGTH } from '../../../core/platform/version-note';
import { CHECKLIST_STATIONS } from '../../../core/questionnaire/checklist/stations';
import { FINDING_IDS } from '../../../core/questionnaire/checklist/findings';
import { OWN_ANSWER_PATTERN, OWN_ID_PATTERN } from '../../../core/questionnaire/checklist/own-ids';
import type { ChecklistDocument } from '../../../core/questionnaire/checklist/own-checklist';
import { OWN_ANSWERS } from '../../../core/questionnaire/checklist-editor/checklist-limits';
import {
	byLanguage,
	findingWordsSchema,
	itemWordsSchema,
	ownFindingSchema,
	ownItemSchema,
	validateChecklistDocument
} from '../../../core/questionnaire/checklist-editor/document-schema';
import { compileSchema } from '../../../core/platform/schema/compile-schema';
import { DomainError } from '../../platform/domain-error';
import { text, version } from '../../platform/http/fields';
import { formReader } from '../../platform/http/read-body';

const id = Type.String({ pattern: '^[a-z0-9][a-z0-9-]{0,59}$' });

/** The version of the draft that the page showed. */
const seen = version;

export const readAbout = formReader({ seen, part: id });

/** Reads where a question is moved to, counted within its station. */
export const readMove = formReader({ seen, part: id, to: Type.String({ pattern: '^[0-9]{1,3}$' }) });

export const readStart = formReader({ seen, version });

export const readPublish = formReader({ seen, note: text(VERSION_NOTE_LENGTH) });

/** Reads which draft is discarded; the button stands in the form that publishes, whose note comes along where there is one. */
export const readDiscard = formReader({ seen, note: Type.Optional(text(VERSION_NOTE_LENGTH)) });

export const readChecklistFile = formReader({ seen, file: text(240_000) });

/** A question or problem as its form posts it: one document, since its lists and languages vary. */
const readDocument = formReader({ seen, document: text(60_000) });

const closed = { additionalProperties: false } as const;
const isSafety = Type.Boolean();
const station = Type.Enum([...CHECKLIST_STATIONS]);

const problemParts = {
	isSafety,
	finding: Type.Omit(ownFindingSchema, ['id']),
	words: byLanguage(findingWordsSchema)
} as const;

const { id: _id, station: _station, answers: _answers, ...itemParts } = ownItemSchema.properties;

/** An answer of a question: it may lead to a problem that is added along with it, by its place in the list from 1 on. */
const answerSchema = Type.Object(
	{
		id: Type.String({ pattern: `^${OWN_ANSWER_PATTERN}$` }),
		finding: Type.Union([
			Type.Enum([...FINDING_IDS]),
			Type.String({ pattern: `^(?:${OWN_ID_PATTERN}|new-[1-8])$` }),
			Type.Null()
		])
	},
	closed
);

/** A question as its form posts it; new where its id is null. */
const questionSchema = Type.Object(
	{
		id: Type.Union([id, Type.Null()]),
		station,
		isSafety,
		/** Null for a question of the software, of which only words are changed. */
		item: Type.Union([
			Type.Object(
				{ ...itemParts, answers: Type.Array(answerSchema, { maxItems: OWN_ANSWERS.most }) },
				closed
			),
			Type.Null()
		]),
		words: byLanguage(itemWordsSchema),
		problems: Type.Array(Type.Object(problemParts, closed), { maxItems: OWN_ANSWERS.most })
	},
	closed
);

/** A problem on its own; new where its id is null. */
const problemSchema = Type.Object({ id: Type.Union([id, Type.Null()]), station, ...problemParts }, closed);

/** See {@link questionSchema}. */
export type PostedQuestion = Static<typeof questionSchema>;

/** See {@link problemSchema}. */
export type PostedProblem = Static<typeof problemSchema>;

function parsed(json: string, at: string): unknown {
	try {
		return JSON.parse(json.replace(/^\uFEFF/, ''));
	} catch {
		throw new DomainError('invalid', 'checklistNotJson', at);
	}
}

/** @throws DomainError saying what can't be used, and where */
function documentReader<T>(check: ReturnType<typeof compileSchema<T>>) {
	return async (request: Request): Promise<{ readonly seen: number; readonly posted: T }> => {
		const fields = await readDocument(request);
		const checked = check(parsed(fields.document, '/document'));
		if (!checked.ok)
			throw new DomainError(
				'invalid',
				{ code: 'checklistPart', facts: { why: checked.issue.text } },
				'/document'
			);
		return { seen: Number(fields.seen), posted: checked.value };
	};
}

export const readQuestion = documentReader(compileSchema<PostedQuestion>(questionSchema));

export const readProblem = documentReader(compileSchema<PostedProblem>(problemSchema));

/** @throws DomainError saying where the file can't be used */
export function checklistOfFile(file: string): ChecklistDocument {
	const checked = validateChecklistDocument(parsed(file, '/file'));
	if (!checked.ok)
		throw new DomainError('invalid', { code: 'checklistFile', facts: { why: checked.issue.text } }, '/file');
	return checked.value;
}
