import { Type } from 'typebox';
import { PRACTICE_ACTS, type PracticeAct } from '$lib/core/cases/practice/score-practice';
import { PRACTICE_SIZE } from '$lib/core/cases/practice/practice-cases';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { formReaderOf } from '$lib/server/platform/http/read-body';
import { answerPractice, readPractice } from '$lib/server/cases/practice/practice-rounds';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(() => readPractice(locals.db, signedIn(locals), params.id));

const IDS = Array.from({ length: PRACTICE_SIZE }, (_, id) => id);
const actField = (id: number) => `act.${id}` as const;

/** A round as posted: the order, the message, and an act for each case or none. */
type RoundForm = { readonly order: string; readonly message: string } & Readonly<
	Record<`act.${number}`, PracticeAct | '' | undefined>
>;

const read = formReaderOf(
	Type.Unsafe<RoundForm>({
		type: 'object',
		required: ['order', 'message'],
		properties: {
			order: { type: 'string', pattern: '^[0-9]{1,2}(?:,[0-9]{1,2}){0,19}$' },
			message: { type: 'string', maxLength: 4000 },
			...Object.fromEntries(IDS.map((id) => [actField(id), { enum: ['', ...PRACTICE_ACTS] }]))
		},
		additionalProperties: false
	})
);

export const actions: Actions = {
	answer: ({ request, locals, params }) =>
		withFormError(async () => {
			const form = await read(request);
			const acts = IDS.flatMap((id): [number, PracticeAct][] => {
				const chosen = form[actField(id)];
				return chosen ? [[id, chosen]] : [];
			});
			const order = form.order.split(',').map(Number);
			const answer = { order, acts: Object.fromEntries(acts) };
			const input = { id: params.id, answer, message: form.message.trim() };
			await answerPractice(locals.db, signedIn(locals), input, locals.now);
		})
};
