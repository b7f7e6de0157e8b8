import { checkCorner } from '$lib/core/checks';
import { readCase } from '$lib/server/cases/read-case';
import { orErrorPage } from '$lib/server/http/answer-fault';
import { signedIn } from '$lib/server/signed-in';
import type { PageServerLoad } from './$types';

/** What a clinician needs of a case and nothing else: no messages, no notes, no household, no address. */
export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const { person, answers, referrals, listed } = await readCase(locals.db, actor, params.id, locals.now);
		const newest = answers.at(-1);
		const open = referrals.find(({ endedAt }) => endedAt === null);
		return {
			name: person.name,
			by: actor.kind === 'user' ? actor.name : '',
			at: locals.now,
			question: open?.question ?? '',
			clinician: open?.clinicianName ?? '',
			reasons: listed.reasons.filter(
				({ level }) => level === 'now' || level === 'clinician' || level === 'soon'
			),
			signs: newest?.signs ?? [],
			over: answers.flatMap(({ answeredAt, discomfort }) =>
				answeredAt ? [{ at: answeredAt, discomfort }] : []
			),
			checks: newest?.corner ? checkCorner(newest.corner) : [],
			corner: newest?.corner
				? {
						posture: newest.corner.spot.posture,
						screen: newest.corner.spot.screen.kind,
						hand: newest.corner.person.hand
					}
				: null
		};
	});
