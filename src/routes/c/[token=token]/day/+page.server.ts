import { Type } from 'typebox';
import { RHYTHMS, STANDING_SHARES } from '$lib/core/moving/rhythm';
import { openAssessment } from '$lib/server/assessments/open-assessment';
import { orFailedForm } from '$lib/server/http/answer-fault';
import { yesNo } from '$lib/server/http/fields';
import { formReader } from '$lib/server/http/read-body';
import { chooseRhythm, shareBreaks } from '$lib/server/moving/choose-moving';
import { loadMoving } from '$lib/server/moving/moving-page';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = loadMoving;

const readChoice = formReader({
	rhythm: Type.Enum(['', ...RHYTHMS]),
	share: Type.Optional(Type.Enum(STANDING_SHARES))
});

const readShare = formReader({ shared: yesNo });

export const actions: Actions = {
	choose: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { rhythm, share = 'moving' } = await readChoice(request);
			const open = await openAssessment(locals.db, params.token);
			await chooseRhythm(locals.db, open, { rhythm: rhythm || null, share });
			return { chosen: true };
		}),

	share: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { shared } = await readShare(request);
			const open = await openAssessment(locals.db, params.token);
			await shareBreaks(locals.db, open, shared === 'yes', locals.now);
			return { shared: true };
		})
};
