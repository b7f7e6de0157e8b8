import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
import type { ReasonCode } from '$lib/core/cases/case-assessment/vocabulary';
import { typed } from '../../../typed';
import { triageTexts } from './triage';

/** What a text can depend on: an assessment result, or the part of it that a line of a list has. */
export type ReplyGrounds = Pick<AssessmentResult, 'reasons' | 'evidence'> & {
	readonly worsts: readonly unknown[];
	readonly plan: Pick<NonNullable<AssessmentResult['plan']>, 'carriedOut'> | null;
};

/**
 * Texts that match a reason; none where no text of ours could know what to say, as with a message that someone has to read. A
 * text about a warning sign agrees with the page that the person saw: with a sign for a clinician, easy steps may be done but nothing that has
 * to be forced; with an emergency, nothing.
 */
export const replyTexts = {
	reasons: typed<
		Readonly<Record<ReasonCode, ((name: string, assessmentResult: ReplyGrounds) => string) | null>>
	>({
		'emergency-sign': (name) =>
			`Hello ${name}, you reported a warning sign that can’t wait. If you have it now, or it comes back, call the emergency number at once. Don’t wait for me, and leave your desk as it is. I’m trying to reach you by phone as well.`,
		'urgent-sign': (name) =>
			`Hello ${name}, thank you for telling me. A doctor should look at this today: please call yours now, or an urgent-care line. Until then, please don’t exercise or change your desk. I’m trying to reach you by phone as well.`,
		'professional-sign': (name) =>
			`Hello ${name}, thank you for telling me. A doctor should look at what you describe. Easy steps of your plan are fine until then, but nothing that hurts or that you have to force. I can arrange an appointment. Would that suit you, and when can I reach you?`,
		'reported-weakness': (name) =>
			`Hello ${name}, thank you for telling me. A doctor should look at the weakness today: please call yours now. Until then, don’t do exercises that strain or stretch it. When can I reach you?`,
		'reported-tingling': (name) =>
			`Hello ${name}, thank you for telling me. A doctor should look at tingling or numbness that comes back. Easy steps of your plan are fine until then, but nothing that hurts or that you have to force. When can I reach you?`,
		severe: (name) =>
			`Hello ${name}, that’s a lot of pain to work with. Please let a doctor look at it; I can arrange that. Until then, work in short spells, change position every half hour, and stop what makes it worse.`,
		'not-better': (name) =>
			`Hello ${name}, you’ve done your part, and it’s no better. It’s time for a doctor to look at it, rather than changing your desk again. May I arrange that?`,
		moderate: (name, { evidence, plan }) => {
			const region = evidence.moderate?.[0]?.region;
			const sore = region ? `your ${triageTexts.regions[region]}` : 'that';
			return plan && plan.carriedOut === null
				? `Hello ${name}, thank you for your answers. The steps of your plan should help ${sore}. Start at the floor and tick each step when it’s done. How is it after a week? You can write to me here.`
				: `Hello ${name}, thank you for your answers. I see that ${sore} still hurts. When is it better, and when is it worse? You can write to me here.`;
		},
		'hinders-much': (name, { plan }) =>
			plan && plan.carriedOut === null
				? `Hello ${name}, thank you for your answers. It gets in the way of your work a lot. Please do the steps of your plan this week, and tell me if anything stops you.`
				: `Hello ${name}, thank you for your answers. It gets in the way of your work a lot, so I’d like to talk about it. When can I reach you?`,
		'back-again': (name) =>
			`Hello ${name}, it got better, and now it’s worse again. What has changed? If something at your desk has come undone, your plan shows how to put it back. When can I reach you?`,
		unclosable: (name) =>
			`Hello ${name}, the items you have at home can’t fix the last problem, so that’s our job. You can request equipment on your plan page. Tell me here if it wouldn’t fit.`,
		hazard: (name) =>
			`Hello ${name}, thank you for your answers. One thing at your desk isn’t safe. Your plan page shows how to fix it. Please do it today, or tell me here if anything stops you.`,
		request: null,
		stuck: (name) =>
			`Hello ${name}, you haven’t started your plan yet. What’s in the way? Is it time, something missing, or something that doesn’t work at your desk? Write to me here, and we’ll find another way.`,
		'open-plan': (name) =>
			`Hello ${name}, your plan only needs items you have at home. Start at the floor, tick each step, and check the heights at the end. Write to me if something wobbles or is missing.`,
		findings: (name) =>
			`Hello ${name}, thank you for your answers. Your plan page shows a few things that you can fix yourself. Tick them as you go, and write to me if something doesn’t work.`,
		'nothing-open': (name, { worsts }) =>
			worsts.length > 0
				? `Hello ${name}, thank you for your answers. There’s nothing left to do. Keep moving, and write to me if something changes.`
				: ''
	}),
	silent: (name: string) =>
		`Hello ${name}, I haven’t heard from you yet. Is something in the way? Your link still works, and you can write to me here.`
};
