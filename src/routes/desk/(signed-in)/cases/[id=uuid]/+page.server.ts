import { redirect } from '@sveltejs/kit';
import { choiceOf } from '$lib/core/answers';
import { checkInsAfter, DEFAULT_POLICY } from '$lib/core/triage';
import { civilDate } from '$lib/core/calendar';
import { checkCorner } from '$lib/core/checks';
import { sendAssessment } from '$lib/server/assessments/send-assessment';
import { decideEquipment, type RequestState } from '$lib/server/cases/decide-equipment';
import { LONGEST_MESSAGE, writeToPerson } from '$lib/server/cases/messages';
import { addNote, LONGEST_NOTE } from '$lib/server/cases/notes';
import { readCase } from '$lib/server/cases/read-case';
import { clinicians, endReferral, referCase } from '$lib/server/cases/refer';
import { reopenCase, settleCases } from '$lib/server/cases/settle-case';
import { addDays, isIsoDay, isoDay } from '$lib/server/clock';
import { finishFollowUp, setFollowUp } from '$lib/server/follow-ups/set-follow-up';
import { Fault } from '$lib/server/fault';
import { changePerson, type PersonDetails } from '$lib/server/people/change-people';
import { workCalendarOf } from '$lib/server/people/work-calendar-of';
import { adviceAtSpots } from '$lib/server/planning/advice-at-spot';
import { adviceForPage } from '$lib/messages/advice-for-page';
import { replyEn } from '$lib/messages/replies-en';
import { orErrorPage, orFailedForm } from '$lib/server/http/answer-fault';
import { UUID_PATTERN } from '$lib/server/http/person-schema';
import { formReader } from '$lib/server/http/read-body';
import { signedIn } from '$lib/server/signed-in';
import type { Way } from '$lib/core/corner';
import type { Actions, PageServerLoad } from './$types';

/** The longest of the usual times until the next look, days. Common practice: half a year. */
const LATER_DAYS = 180;

export const load: PageServerLoad = ({ locals, params }) =>
	orErrorPage(async () => {
		const actor = signedIn(locals);
		const { person, listed, answered, newest, followUp, spots, answers, ...rest } = await readCase(
			locals.db,
			actor,
			params.id,
			locals.now
		);
		// Further spots are read only with their corners.
		const corners = [answered, ...spots].flatMap((spot) => spot?.corner ?? []);
		const [first, ...others] = await adviceAtSpots(corners, locals.planning);
		const today = isoDay(locals.now, locals.config.timeZone);
		const day = civilDate(today);
		const offered = day
			? [...checkInsAfter(day, DEFAULT_POLICY, workCalendarOf(person.country)), addDays(today, LATER_DAYS)]
			: [];
		return {
			...rest,
			role: actor.kind === 'user' ? actor.role : 'reader',
			person,
			listed,
			newest: newest && { sentAt: newest.sentAt, expiresAt: newest.expiresAt, savedAt: newest.savedAt },
			answered: answered && { at: answered.answeredAt, way: answered.way, isSeen: answered.seenAt !== null },
			corner: first?.corner ?? null,
			spots: others.flatMap(({ advice, corner: share }, i) => {
				const spot = spots[i];
				return spot
					? [{ id: spot.id, corner: share, before: advice.before, plan: advice.plans[0] ?? null }]
					: [];
			}),
			drawnAs: choiceOf(answered?.answers ?? {}, 'drawnAs'),
			advice: first && answered ? adviceForPage(first.corner, first.advice, answered, 'en') : null,
			over: answers.flatMap(({ id, answeredAt, corner, discomfort }) =>
				answeredAt && corner ? [{ id, at: answeredAt, corner, checks: checkCorner(corner), discomfort }] : []
			),
			signs: newest?.signs.length ? newest.signs : (answered?.signs ?? []),
			discomfort: answered?.discomfort ?? [],
			followUp: followUp && { due: followUp.due, reason: followUp.reason, version: followUp.version },
			clinicians: await clinicians(locals.db),
			reply: replyEn(person.name, listed.reasons),
			today,
			offered
		};
	});

const text = (maxLength: number) => ({ type: 'string', maxLength }) as const;
const VERSION = { type: 'string', pattern: '^[0-9]{1,9}$' } as const;

const readSend = formReader<{ way?: Way }>({
	type: 'object',
	additionalProperties: false,
	properties: { way: { enum: ['upright', 'open', 'forearms-down', 'active'] } }
});

const readFollowUp = formReader<{ due: string; reason?: string; version: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['due', 'version'],
	properties: { due: text(10), reason: text(300), version: VERSION }
});

const readDone = formReader<{ outcome?: string; due?: string; reason?: string }>({
	type: 'object',
	additionalProperties: false,
	properties: { outcome: text(300), due: text(10), reason: text(300) }
});

const readSettle = formReader<{ reason?: string; version: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['version'],
	properties: { reason: text(300), version: VERSION }
});

const readNothing = formReader<Record<string, never>>({ type: 'object', additionalProperties: false });

const readMessage = formReader<{ text: string; key: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['text', 'key'],
	properties: { text: text(LONGEST_MESSAGE), key: { type: 'string', pattern: UUID_PATTERN } }
});

const readNote = formReader<{ text: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['text'],
	properties: { text: text(LONGEST_NOTE) }
});

const readRefer = formReader<{ clinician: string; question: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['clinician', 'question'],
	properties: { clinician: { type: 'string', pattern: UUID_PATTERN }, question: text(2000) }
});

const readEnd = formReader<{ outcome?: string }>({
	type: 'object',
	additionalProperties: false,
	properties: { outcome: text(2000) }
});

const readEquipment = formReader<{ request: string; to: RequestState; reason?: string; version: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['request', 'to', 'version'],
	properties: {
		request: { type: 'string', pattern: UUID_PATTERN },
		to: { enum: ['asked', 'approved', 'declined', 'sent', 'arrived'] },
		reason: text(300),
		version: VERSION
	}
});

const readPerson = formReader<Partial<PersonDetails> & { name: string; email: string; version: string }>({
	type: 'object',
	additionalProperties: false,
	required: ['name', 'email', 'version'],
	properties: {
		name: { type: 'string', minLength: 1, maxLength: 120 },
		email: { type: 'string', maxLength: 254, pattern: '^\\s*[^\\s@]+@[^\\s@]+\\.[^\\s@]+\\s*$' },
		team: text(80),
		country: { type: 'string', pattern: '^(?:[A-Z]{2})?$' },
		timeZone: text(60),
		language: { type: 'string', pattern: '^[a-z]{2,3}(?:-[A-Za-z0-9]{2,8})*$' },
		version: VERSION
	}
});

function needDay(due: string, today: string): string {
	if (!isIsoDay(due)) throw new Fault('invalid', 'Choose a day that exists.', '/due');
	if (due < today) throw new Fault('invalid', 'Choose today or a later day.', '/due');
	return due;
}

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
			locals.wake('letters');
			// Told once, to who sent it: only a hash is kept.
			return { link: `${url.origin}/c/${sent.token}` };
		}),

	followUp: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { due, reason = '', version } = await readFollowUp(request);
			needDay(due, isoDay(locals.now, locals.config.timeZone));
			const input = { personId: params.id, due, reason: reason.trim(), version: Number(version) };
			return await setFollowUp(locals.db, signedIn(locals), input, locals.now);
		}),

	done: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { outcome = '', due, reason = '' } = await readDone(request);
			const next = due ? { due: needDay(due, isoDay(locals.now, locals.config.timeZone)), reason } : null;
			const input = { personId: params.id, outcome: outcome.trim(), next };
			await finishFollowUp(locals.db, signedIn(locals), input, locals.now);
			redirect(303, `/desk/cases/${params.id}`);
		}),

	settle: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { reason = '', version } = await readSettle(request);
			const input = { personIds: [params.id], reason: reason.trim(), version: Number(version) };
			await settleCases(locals.db, signedIn(locals), input, locals.now);
			return { settled: true };
		}),

	reopen: ({ request, locals, params }) =>
		orFailedForm(async () => {
			await readNothing(request);
			await reopenCase(locals.db, signedIn(locals), params.id, locals.now);
			return { reopened: true };
		}),

	message: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const input = await readMessage(request);
			await writeToPerson(locals.db, signedIn(locals), { personId: params.id, ...input }, locals.now);
			locals.wake('letters');
			return { written: true };
		}),

	note: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const input = await readNote(request);
			await addNote(locals.db, signedIn(locals), { personId: params.id, ...input }, locals.now);
			return { noted: true };
		}),

	refer: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { clinician, question } = await readRefer(request);
			const input = { personId: params.id, clinicianId: clinician, question };
			await referCase(locals.db, signedIn(locals), input, locals.now);
			return { referred: true };
		}),

	endReferral: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const { outcome = '' } = await readEnd(request);
			const actor = signedIn(locals);
			await endReferral(locals.db, actor, { personId: params.id, outcome }, locals.now);
			// A clinician sees the case no more from here on.
			if (actor.kind === 'user' && actor.role === 'clinician') redirect(303, '/desk');
			return { ended: true };
		}),

	equipment: ({ request, locals }) =>
		orFailedForm(async () => {
			const { request: requestId, to, reason = '', version } = await readEquipment(request);
			const input = { requestId, to, reason, version: Number(version) };
			await decideEquipment(locals.db, signedIn(locals), input, locals.now);
			return { decided: to };
		}),

	person: ({ request, locals, params }) =>
		orFailedForm(async () => {
			const {
				version,
				team = '',
				country = '',
				timeZone = '',
				language = 'en',
				...rest
			} = await readPerson(request);
			const details = { ...rest, team, country, timeZone, language };
			const input = { id: params.id, version: Number(version), ...details };
			await changePerson(locals.db, signedIn(locals), input, locals.now);
			return { changed: true };
		})
};
