import { Type } from 'typebox';
import { TRIAGE_LEVELS, type TriageLevel } from '$lib/core/triage';
import { withErrorPage, withFormError } from '$lib/server/http/error-responses';
import { formReader } from '$lib/server/http/read-body';
import { judgeSecondOpinion, readSecondOpinion } from '$lib/server/second-opinions/second-opinions';
import { signedIn } from '$lib/server/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(() => readSecondOpinion(locals.db, signedIn(locals), params.id));

const levelPattern = `(?:${TRIAGE_LEVELS.join('|')})`;

/** The levels by the places of the cases, separated by commas. */
const read = formReader({ levels: Type.String({ pattern: `^${levelPattern}(?:,${levelPattern}){0,19}$` }) });

export const actions: Actions = {
	judge: ({ request, locals, params }) =>
		withFormError(async () => {
			const levels = (await read(request)).levels.split(',') as TriageLevel[];
			await judgeSecondOpinion(locals.db, signedIn(locals), params.id, levels);
		})
};
