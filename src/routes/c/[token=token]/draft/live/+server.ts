import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { withJsonError } from '$lib/server/platform/http/error-responses';
import { eventStream } from '$lib/server/platform/live/event-stream';
import type { RequestHandler } from './$types';

/** Tells an open page when another device saves answers; a link that ends in the meantime ends the stream. */
export const GET: RequestHandler = ({ locals, params }) =>
	withJsonError(async () => {
		const { assessment } = await openAssessment(locals.db, params.token);
		const what = `answers:${assessment.id}` as const;
		const state = async () => {
			const open = await openAssessment(locals.db, params.token);
			return { revision: open.assessment.answersRevision };
		};
		const ended = locals.streams.open(`link:${assessment.id}`);
		return eventStream(
			(follower) => locals.changes.follow(what, follower),
			() => locals.changes.read([what], state),
			ended
		);
	});
