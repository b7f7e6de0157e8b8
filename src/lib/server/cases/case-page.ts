import { precautionsOf } from '../../core/questionnaire/answers/precaution-answers';
import { checklistAnswersOf, factsOfAnswers } from '../../core/questionnaire/answers/checklist-fields';
import { chosenOption } from '../../core/questionnaire/answers/fields';
import { devicesOf } from '../../core/questionnaire/answers/device-answers';
import { photoNumbersOf } from '../../core/questionnaire/answers/photo-answers';
import { addDays } from '../../core/platform/calendar/civil-date';
import { nextWorkingDay } from '../../core/platform/calendar/working-days';
import { mayBePostponed } from '../../core/cases/day-sheet';
import { CLOSABLE, type Closable } from '../../core/cases/case-assessment/vocabulary';
import type { AssessmentResult } from '../../core/cases/case-assessment/assessment-result';
import { checklistAt, checklistForPage } from '../questionnaire/checklists/read-checklists';
import { deskLocale } from '../../messages/desk-language';
import { adviceForPage } from '../../messages/advice/advice-for-page';
import { readOutAnswersOf } from '../questionnaire/shared-sessions/read-out-answers';
import { readByPhone } from '../questionnaire/assessments/read-by-phone';
import { replyTo } from '../platform/texts/reply-to';
import type { Actor } from '../platform/actor';
import { isoDay } from '../platform/clock';
import type { Db } from '../platform/db/client';
import { loadCaseRecord } from './case-assessments/load-case-record';
import { readPersonPlace } from '../people/lock-person';
import type { PolicySettings } from '../../core/cases/triage/policy-settings';
import { settingsInForce } from '../platform/rules/read-rules';
import { stepTicksOfPlan } from '../plan/plans/current-plan';
import { planProgressOf } from '../plan/plans/plan-progress';
import { clinicians } from './referrals/refer';
import { coordinators, postponeDaysOf, postponeOptionsOf } from './case-owner';
import { breaksOf } from '../breaks/choose-break-schedule';
import { readCase, type Case } from './read-case';
import { reportsOf } from './reports-of';
import { lettersOf, timelineOf } from './timeline';

/** The longest of the usual times until the next self-assessment, days. Common practice: half a year. */
const LATER_DAYS = 180;

/** What only an outcome closes, from an assessment. */
export function closableItemsOf(assessmentResult: AssessmentResult | null): Closable[] {
	const open = new Set<string>((assessmentResult?.reasons ?? []).map(({ code, sign }) => sign ?? code));
	return CLOSABLE.filter((one) => open.has(one));
}

/** The hazards that are open, by an assessment. */
export const openHazardsOf = (assessmentResult: AssessmentResult | null): string[] =>
	(assessmentResult?.reasons ?? []).flatMap(({ code, finding }) =>
		code === 'hazard' && finding !== undefined ? [finding] : []
	);

/** The workstation with its stored plan and progress; null where nothing was answered. */
export async function cornerViewOf(db: Db, { answered, plan, events }: Case, personId: string, now: Date) {
	const person = await readPersonPlace(db, personId);
	if (!answered || !plan || !person) return null;
	const standing = planProgressOf(await loadCaseRecord(db, person, now), plan);
	const checklist = await checklistAt(db, answered.checklistVersion);
	return {
		corner: {
			corner: plan.workstation,
			plan: plan.plan,
			hasSteps: plan.steps.length > 0,
			standing,
			drawnAs: chosenOption(answered.answers, 'drawnAs'),
			way: answered.sittingStyle,
			answeredAt: answered.answeredAt,
			measureNext: plan.advice.measureNext
		},
		plan: { steps: plan.steps, chosen: plan.chosen, ticks: stepTicksOfPlan(events), madeAt: plan.madeAt },
		advice: adviceForPage(plan.workstation, plan.advice, { ...answered, checklist }, plan, deskLocale())
	};
}

/** Days offered for the next follow-up: the policy's check-ins from today, and half a year. */
function offeredDays(
	today: string,
	person: NonNullable<Awaited<ReturnType<typeof readPersonPlace>>>,
	{ checkInDays }: PolicySettings,
	now: Date
) {
	const { calendar, dayOf } = person.place;
	const days = [...checkInDays, LATER_DAYS];
	return days.map((n) => nextWorkingDay(addDays(dayOf(now), n), calendar)).filter((day) => day > today);
}

/**
 * The case page's data as sent to the browser: read as stored; no plan is solved.
 * @param zone the reader's time zone, which defines "today"
 */
export async function readCasePage(db: Db, actor: Actor, personId: string, now: Date, zone: string) {
	const read = await readCase(db, actor, personId, now);
	const { person, listed, assessmentResult, judged, signs, followUp, policyDays, spots, earlier, newest } =
		read;
	const hasUnread =
		read.messages.some(({ isOpen }) => isOpen) ||
		read.referrals.some(({ lines }) => lines.some(({ isOpen }) => isOpen));
	const corner = await cornerViewOf(db, read, personId, now);
	const today = isoDay(now, zone);
	const [here, all, policy] = await Promise.all([
		readPersonPlace(db, personId),
		coordinators(db),
		settingsInForce(db)
	]);
	return {
		person,
		listed,
		place: { zone: read.place.zone, isZoneKnown: read.place.isZoneKnown },
		state: read.state,
		canWait: mayBePostponed({ level: listed.level, hasMessage: hasUnread }),
		newest: newest && { sentAt: newest.sentAt, savedAt: newest.savedAt },
		answered: read.answered && { at: read.answered.answeredAt },
		assessmentResult,
		policy,
		judged: judged.map(({ id, at, level, document }) => ({ id, at, level, document })),
		closable: closableItemsOf(assessmentResult),
		hazards: openHazardsOf(assessmentResult),
		takenBack: signs.filter(({ takenBackAt }) => takenBackAt !== null).map(({ sign }) => sign),
		corner: corner?.corner ?? null,
		plan: corner && {
			...corner.plan,
			earlier: earlier.map(({ id, madeAt, steps }) => ({ id, madeAt, steps }))
		},
		advice: corner?.advice ?? null,
		spots: spots.flatMap(({ id, plan }) =>
			plan ? [{ id, corner: plan.workstation, before: plan.advice.before, plan: plan.plan }] : []
		),
		over: read.answers.flatMap(({ answeredAt, workstation: answeredCorner }) =>
			answeredAt && answeredCorner ? [{ at: answeredAt, corner: answeredCorner }] : []
		),
		reports: reportsOf(read),
		followUps: {
			followUp: followUp && { due: followUp.due, reason: followUp.reason, version: followUp.version },
			policyDays: policyDays.map(({ kind, due, reason, version }) => ({ kind, due, reason, version })),
			offered: here ? offeredDays(today, here, policy, now) : []
		},
		owner: all.find(({ id }) => id === person.ownerId) ?? null,
		coordinators: all,
		later: postponeOptionsOf(person, today),
		laterDays: here ? postponeDaysOf(here, now) : [],
		chain: read.chain,
		equipment: read.equipment,
		hasUnread,
		referrals: read.referrals,
		clinicians: (await clinicians(db)).map(({ id, name }) => ({ id, name })),
		moving: await breaksOf(db, actor, personId),
		sentBreakSchedule: newest?.breakSchedule ?? null,
		timeline: timelineOf(read, await lettersOf(db, personId)),
		reply: await replyTo(db, person, assessmentResult),
		history: read.history,
		checklist: read.answered && {
			version: read.answered.checklistVersion,
			own: await checklistForPage(db, read.answered.checklistVersion, deskLocale()),
			answers: checklistAnswersOf(read.answered.answers),
			facts: factsOfAnswers(read.answered.answers, read.answered.sittingStyle),
			care: precautionsOf(read.answered.answers),
			devices: devicesOf(read.answered.answers),
			photo: photoNumbersOf(read.answered.answers),
			arms: chosenOption(read.answered.answers, 'arms'),
			/** Who asked on the phone; null where the person answered alone. */
			byPhone: await readByPhone(db, read.answered, null)
		},
		readOut: read.answered ? await readOutAnswersOf(db, read.answered) : [],
		userId: actor.kind === 'user' ? actor.id : null,
		today
	};
}
