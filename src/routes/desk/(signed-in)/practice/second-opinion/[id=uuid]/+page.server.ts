import { Type } from 'typebox';
import { levelField, OPINION_SIZE } from '$lib/core/cases/second-opinion/compare-opinions';
import { TRIAGE_LEVELS } from '$lib/core/cases/triage/policy';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReader } from '$lib/server/platform/http/read-body';
import { judgeSecondOpinion, readSecondOpinion } from '$lib/server/cases/second-opinions/second-opinions';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(() => readSecondOpinion(locals.db, signedIn(locals), params.id));

const places = Array.from({ length: OPINION_SIZE }, (_, place) => place);

/** The level of each case, by its place: as the rows of choices post them, with or without scripts. */
const read = formReader(
	Object.fromEntries(places.map((place) => [levelField(place), Type.Optional(Type.Enum([...TRIAGE_LEVELS]))]))
);

export const actions: Actions = {
	judge: ({ request, locals, params }) =>
		withFormError(async () => {
			const form = await read(request);
			const levels = places.map((place) => form[levelField(place)]);
			await judgeSecondOpinion(locals.db, signedIn(locals), params.id, levels);
		})
};
