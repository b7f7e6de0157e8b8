import { redirect } from '@sveltejs/kit';
import { choiceOf } from '$lib/core/answers';
import { sendAssessment } from '$lib/server/assessments/send-assessment';
import { markSeen, markUnseen, readCase } from '$lib/server/cases/read-case';
import { addDays, isIsoDay, isoDay } from '$lib/server/clock';
import { finishFollowUp, setFollowUp } from '$lib/server/follow-ups/set-follow-up';
import { Fault } from '$lib/server/fault';
import { adviceAt } from '$lib/server/planning/advice-at-spot';
import { adviceForPage } from '$lib/messages/advice-for-page';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Way } from '$lib/core/corner';
import type { Actions, PageServerLoad } from './$types';

/** Usual days until the next look, offered beside the date. Common practice: soon after a change, and after some weeks. */
const OFFERED_DAYS = [14, 42, 180] as const;

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const { person, answered, newest, followUp, spots, ...rest } = await readCase(
			locals.db,
			signedIn(locals),
			params.id,
			locals.now
		);
		const corner = answered?.corner ?? null;
		const today = isoDay(locals.now, locals.config.timeZone);
		return {
			...rest,
			person: { id: person.id, name: person.name, email: person.email, team: person.team },
			newest: newest && { sentAt: newest.sentAt, expiresAt: newest.expiresAt, savedAt: newest.savedAt },
			answered: answered && { at: answered.answeredAt, way: answered.way, isSeen: answered.seenAt !== null },
			corner,
			spots: await Promise.all(
				spots.flatMap(({ id, corner: at }) =>
					at
						? [
								adviceAt(at, corner, locals.planning).then(({ before, plans }) => ({
									id,
									corner: at,
									before,
									plan: plans[0] ?? null
								}))
							]
						: []
				)
			),
			drawnAs: choiceOf(answered?.answers ?? {}, 'drawnAs'),
			advice:
				corner && answered
					? adviceForPage(corner, await locals.planning.advise(corner), answered, 'en')
					: null,
			signs: newest?.signs.length ? newest.signs : (answered?.signs ?? []),
			discomfort: answered?.discomfort ?? [],
			reasons: (newest?.reasons.length ? newest : answered)?.reasons ?? [],
			followUp: followUp && { due: followUp.due, reason: followUp.reason, version: followUp.version },
			today,
			offered: OFFERED_DAYS.map((days) => ({ days, due: addDays(today, days) }))
		};
	});

const readSend = formReader<{ way?: Way }>({
	type: 'object',
	additionalProperties: false,
	properties: { way: { enum: ['upright', 'open', 'forearms-down', 'active'] } }
});

const readFollowUp = formReader<{ due: string; reason?: string; version: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['due', 'version'],
	properties: {
		due: { type: 'string', maxLength: 10 },
		reason: { type: 'string', maxLength: 300 },
		version: { type: 'string', pattern: '^[0-9]{1,9}$' }
	}
});

const readNothing = formReader<Record<string, never>>({ type: 'object', additionalProperties: false });

export const actions: Actions = {
	send: ({ request, locals, params, url }) =>
		orFailedForm(async () => {
			const input = await readSend(request);
			const sent = await sendAssessment(
				locals.db,
				signedIn(locals),
				{ personId: params.id, ...input },
				locals.now
			);
			// Told once, to who sent it: only a hash is kept.
			return { link: `${url.origin}/c/${sent.token}` };
		}),

	followUp: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { due, reason = '', version } = await readFollowUp(request);
			const today = isoDay(locals.now, locals.config.timeZone);
			if (!isIsoDay(due)) throw new Fault('invalid', 'Choose a day that exists.', '/due');
			if (due < today) throw new Fault('invalid', 'Choose today or a later day.', '/due');
			const input = { personId: params.id, due, reason: reason.trim(), version: Number(version) };
			await setFollowUp(locals.db, signedIn(locals), input, locals.now);
			return { set: due };
		}),

	done: ({ request, locals, params }) =>
		orFailedForm(async () => {
			await readNothing(request);
			await finishFollowUp(locals.db, signedIn(locals), params.id, locals.now);
			redirect(303, `/desk/cases/${params.id}`);
		}),

	seen: ({ request, locals, params }) =>
		orFailedForm(async () => {
			await readNothing(request);
			await markSeen(locals.db, signedIn(locals), params.id, locals.now);
			redirect(303, `/desk/cases/${params.id}`);
		}),

	unseen: ({ request, locals, params }) =>
		orFailedForm(async () => {
			await readNothing(request);
			await markUnseen(locals.db, signedIn(locals), params.id);
			redirect(303, `/desk/cases/${params.id}`);
		})
};
