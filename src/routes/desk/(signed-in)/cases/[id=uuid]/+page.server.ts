import { redirect } from '@sveltejs/kit';
import { DomainError } from '$lib/server/platform/domain-error';
import { mergedInto } from '$lib/server/people/merge-people';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { readCasePage } from '$lib/server/cases/case-page';
import * as read from '$lib/server/cases/case-forms';
import { orderEquipment } from '$lib/server/plan/equipment/order-equipment';
import { decideEquipment } from '$lib/server/plan/equipment/decide-equipment';
import { postponeCase, setOwner } from '$lib/server/cases/case-owner';
import { markMessagesRead, writeToPerson } from '$lib/server/cases/messages';
import { addNote } from '$lib/server/cases/notes';
import { changePersonSettings } from '$lib/server/cases/set-up';
import { reopenCase, settleCase } from '$lib/server/cases/settle-case';
import { isoDay } from '$lib/server/platform/clock';
import { recordContact } from '$lib/server/cases/contacts/record-contact';
import { finishFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { withErrorPage, withFormError } from '$lib/server/platform/http/error-responses';
import { changePerson } from '$lib/server/people/change-person';
import { endReferral, writeOnReferral } from '$lib/server/cases/referrals/answer-referral';
import { referCase } from '$lib/server/cases/referrals/refer';
import { signedIn } from '$lib/server/platform/signed-in';
import type { Actor } from '$lib/server/platform/actor';
import type { Actions, PageServerLoad, RequestEvent } from './$types';

export const load: PageServerLoad = ({ locals, params }) =>
	withErrorPage(async () => {
		const actor = signedIn(locals);
		try {
			return await readCasePage(locals.db, actor, params.id, locals.now, locals.timeZone);
		} catch (thrown) {
			const into =
				thrown instanceof DomainError && thrown.kind === 'not-found'
					? await mergedInto(locals.db, params.id)
					: null;
			if (into) redirect(301, `/desk/cases/${into}`);
			throw thrown;
		}
	});

/** What an act works with: whose case, who acts, when. */
interface Here {
	readonly locals: App.Locals;
	readonly actor: Actor;
	readonly personId: string;
}

/** Reads a form, carries out its act, and shows the case again. */
const act =
	<T>(
		reader: (request: Request) => Promise<T>,
		work: (form: T, here: Here, event: RequestEvent) => Promise<object | void>
	) =>
	(event: RequestEvent) =>
		withFormError(async () => {
			const { locals, params, request } = event;
			const here = { locals, actor: signedIn(locals), personId: params.id };
			return (await work(await reader(request), here, event)) ?? { done: true };
		});

const versioned = ({ key, version }: { key: string; version: string }, { personId }: Here) => ({
	key,
	personId,
	version: Number(version)
});

const todayOf = ({ locals }: Here) => isoDay(locals.now, locals.timeZone);

export const actions: Actions = {
	send: act(read.readSend, async (form, here, { url }) => {
		const input = {
			...versioned(form, here),
			...(form.sittingStyle ? { sittingStyle: form.sittingStyle } : {})
		};
		const sent = await sendAssessment(here.locals.db, here.actor, input, here.locals.now);
		// Without a mail server, the sender passes the link on, so it is shown once. Otherwise only its person sees it.
		const isPassedOn = here.locals.config.smtpUrl === '';
		return sent && isPassedOn ? { link: `${url.origin}/c/${sent.token}` } : undefined;
	}),

	followUp: act(read.readFollowUp, ({ key, kind, due, reason = '', version }, here) => {
		read.requireFutureDay(due, todayOf(here));
		const input = { key, kind, personId: here.personId, due, reason: reason.trim(), seen: Number(version) };
		return setFollowUp(here.locals.db, here.actor, input, here.locals.now);
	}),

	done: act(read.readFinishFollowUp, async ({ key, version, outcome, due, reason = '' }, here) => {
		const next = due ? { due: read.requireFutureDay(due, todayOf(here)), reason } : null;
		const input = { key, personId: here.personId, seen: Number(version), outcome, next };
		await finishFollowUp(here.locals.db, here.actor, input, here.locals.now);
	}),

	settle: act(read.readSettle, async (form, here) => {
		const input = { ...versioned(form, here), reason: form.reason?.trim() ?? '' };
		await settleCase(here.locals.db, here.actor, input, here.locals.now);
	}),

	owner: act(read.readOwnerForm, (form, here) => {
		const input = { ...versioned(form, here), ownerId: form.owner || null };
		return setOwner(here.locals.db, here.actor, input, here.locals.now);
	}),

	later: act(read.readPostpone, (form, here) => {
		const until = form.until ? read.requireFutureDay(form.until, todayOf(here)) : '';
		const input = { ...versioned(form, here), until, reason: form.reason ?? '' };
		return postponeCase(here.locals.db, here.actor, input, here.locals.now);
	}),

	reopen: act(read.readVersioned, (form, here) =>
		reopenCase(here.locals.db, here.actor, versioned(form, here), here.locals.now)
	),

	contact: act(read.readContact, (form, here) =>
		recordContact(here.locals.db, here.actor, read.contactOf(form, here.personId), here.locals.now)
	),

	message: act(read.readMessage, async ({ key, text }, here) => {
		await writeToPerson(here.locals.db, here.actor, { key, text, personId: here.personId }, here.locals.now);
	}),

	read: act(read.readVersioned, (form, here) =>
		markMessagesRead(here.locals.db, here.actor, versioned(form, here), here.locals.now)
	),

	note: act(read.readNote, ({ key, text, isKeptBack }, here) => {
		const note = { key, text, personId: here.personId, isDisclosed: isKeptBack === undefined };
		return addNote(here.locals.db, here.actor, note, here.locals.now);
	}),

	refer: act(read.readRefer, async (form, here) => {
		const { clinician: clinicianId = '', toName = '', question, consentHow = null } = form;
		const answerBy = form.answerBy ? read.requireFutureDay(form.answerBy, todayOf(here)) : '';
		const input = { ...versioned(form, here), clinicianId, toName, question, consentHow, answerBy };
		await referCase(here.locals.db, here.actor, input, here.locals.now);
	}),

	writeReferral: act(read.readReferralWords, async ({ key, text, referral: referralId = '' }, here) => {
		await writeOnReferral(here.locals.db, here.actor, { key, text, referralId }, here.locals.now);
	}),

	endReferral: act(read.readReferralWords, ({ key, text, referral: referralId = '' }, here) =>
		endReferral(here.locals.db, here.actor, { key, text, referralId }, here.locals.now)
	),

	equipment: act(read.readEquipment, async (form, here) => {
		const { key, request, to, reason = '', version, supplier, orderNumber, cost, currency } = form;
		const isOrder = supplier !== undefined || orderNumber !== undefined || cost !== undefined;
		const order = {
			supplier: supplier ?? '',
			number: orderNumber ?? '',
			cost: cost ?? '',
			currency: currency ?? 'EUR'
		};
		const input = {
			key,
			requestId: request,
			to,
			reason,
			version: Number(version),
			isReserved: form.isReserved === 'yes',
			...(isOrder ? { order } : {}),
			...(form.fromStore
				? { lent: { backBy: form.backBy ? read.requireFutureDay(form.backBy, todayOf(here)) : '' } }
				: {})
		};
		await decideEquipment(here.locals.db, here.actor, input, here.locals.now);
	}),

	askFor: act(read.readEquipmentOrder, ({ thing, ...form }, here) =>
		orderEquipment(here.locals.db, here.actor, { ...versioned(form, here), thing }, here.locals.now)
	),

	setUp: act(read.readSetUp, ({ sittingStyle, questionnaireMode, breakSchedule, ...form }, here) => {
		const wanted = {
			sittingStyle: sittingStyle || null,
			questionnaireMode: questionnaireMode || null,
			breakSchedule: breakSchedule || null
		};
		const input = { ...versioned(form, here), ...wanted };
		return changePersonSettings(here.locals.db, here.actor, input, here.locals.now, here.locals.planning);
	}),

	person: act(read.readPerson, ({ version, ...details }, here) => {
		const input = { ...read.personDetailsOf(details), id: here.personId, version: Number(version) };
		return changePerson(here.locals.db, here.actor, input, here.locals.now);
	})
};
