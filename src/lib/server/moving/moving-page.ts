import { redirect } from '@sveltejs/kit';
import { openAssessment } from '../assessments/open-assessment';
import type { Db } from '../db/client';
import { orErrorPage } from '../http/answer-fault';
import { readMoving } from './read-day';

/** What both pages of moving are made of; at the door first for who has not begun. */
export const loadMoving = ({
	locals,
	params
}: {
	locals: { db: Db; now: Date };
	params: { token: string };
}) =>
	orErrorPage(async () => {
		const open = await openAssessment(locals.db, params.token);
		if (open.assessment.consentedAt === null) redirect(303, `/c/${params.token}`);
		return readMoving(locals.db, open, locals.now);
	});
