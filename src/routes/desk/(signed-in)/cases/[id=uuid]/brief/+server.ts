import { choiceOf } from '$lib/core/answers';
import { readCase } from '$lib/server/cases/read-case';
import { orJsonFault } from '$lib/server/http/answer-fault';
import { Fault } from '$lib/server/fault';
import { replyEn } from '$lib/messages/replies-en';
import type { RequestHandler } from './$types';

/** What the day sheet shows of a case beside its list. */
export const GET: RequestHandler = ({ locals, params }) =>
	orJsonFault(async () => {
		if (!locals.user) throw new Fault('not-allowed', 'Sign in again: your session has ended.');
		const { person, listed, answered, equipment, messages, notes, followUp } = await readCase(
			locals.db,
			locals.user,
			params.id,
			locals.now
		);
		const corner = answered?.corner ?? null;
		const advice = corner ? await locals.planning.advise(corner) : null;
		return Response.json({
			id: person.id,
			name: person.name,
			team: person.team,
			email: person.email,
			reasons: listed.reasons,
			version: listed.version,
			corner,
			plan: advice?.plans[0] ?? null,
			drawnAs: choiceOf(answered?.answers ?? {}, 'drawnAs'),
			discomfort: answered?.discomfort ?? [],
			equipment: equipment.filter(
				({ state }) => state === 'asked' || state === 'approved' || state === 'sent'
			),
			message: messages.at(-1) ?? null,
			note: notes[0] ?? null,
			followUp: followUp && { due: followUp.due, reason: followUp.reason, version: followUp.version },
			reply: replyEn(person.name, listed.reasons)
		});
	});
