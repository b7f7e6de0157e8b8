import { Type } from 'typebox';
import { DECISION_KINDS, DECISION_RESULTS, type DecisionKind } from '$lib/core/workforce/decision-outcome';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { text } from '$lib/server/platform/http/fields';
import { formReader } from '$lib/server/platform/http/read-body';
import { readLetterhead } from '$lib/server/platform/organisation/read-organisation';
import { signedIn } from '$lib/server/platform/signed-in';
import { readReport, recordOnReport } from '$lib/server/workforce/create-report';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const { id, madeAt, document, remark, decided, version } = await readReport(
			locals.db,
			signedIn(locals),
			params.id
		);
		return {
			id,
			madeAt,
			report: document,
			remark,
			decided,
			version,
			letterhead: await readLetterhead(locals.db)
		};
	});

const REMARK_LETTERS = 2000;
const NOTE_LETTERS = 300;

const result = Type.Optional(Type.Enum(DECISION_RESULTS));
const note = Type.Optional(text(NOTE_LETTERS));

const readNotes = formReader({
	remark: text(REMARK_LETTERS),
	version: Type.String({ pattern: '^\\d{1,9}$' }),
	'result.buy': result,
	'result.teams': result,
	'result.time': result,
	'result.first': result,
	'note.buy': note,
	'note.teams': note,
	'note.time': note,
	'note.first': note
} satisfies Record<'remark' | 'version' | `result.${DecisionKind}` | `note.${DecisionKind}`, unknown>);

export const actions: Actions = {
	record: ({ request, locals, params }) =>
		withFormError(async () => {
			const { remark, version, ...typed } = await readNotes(request);
			const decided = Object.fromEntries(
				DECISION_KINDS.map((kind) => [
					kind,
					{ result: typed[`result.${kind}`] ?? ('open' as const), note: typed[`note.${kind}`] ?? '' }
				])
			);
			const notes = { remark, decided, version: Number(version) };
			await recordOnReport(locals.db, signedIn(locals), params.id, notes, locals.now);
			return { kept: true };
		})
};
