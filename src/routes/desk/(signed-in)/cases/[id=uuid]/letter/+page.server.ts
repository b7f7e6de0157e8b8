import { isGraver } from '$lib/core/triage';
import { reportsOf } from '$lib/server/cases/case-page';
import { readCase } from '$lib/server/cases/read-case';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

/** What a clinician needs of a case and nothing else: no messages, no notes, no household, no address. */
export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const { person, answers, referrals, judgement, signs, checkIns } = await readCase(
			locals.db,
			actor,
			params.id,
			locals.now
		);
		const newest = answers.at(-1);
		const open = referrals.find(({ endedAt }) => endedAt === null);
		return {
			name: person.name,
			by: actor.kind === 'user' ? actor.name : '',
			at: locals.now,
			question: open?.question ?? '',
			clinician: open?.clinicianName ?? '',
			judgement: judgement && {
				...judgement,
				reasons: judgement.reasons.filter(({ level }) => isGraver(level, 'help'))
			},
			signs: [...new Set(signs.map(({ sign }) => sign))],
			over: reportsOf({ answers, checkIns }),
			checks: judgement?.standing ?? [],
			corner: newest?.corner
				? {
						posture: newest.corner.spot.posture,
						screen: newest.corner.spot.screen.kind,
						hand: newest.corner.person.hand
					}
				: null
		};
	});
