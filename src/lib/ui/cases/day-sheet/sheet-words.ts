import { dayWords, timeWords } from '$lib/messages/dates';
import { reasonWords, type Grounds } from '$lib/messages/desk/triage-words';
import { civilDateIn } from '$lib/core/platform/calendar/time-zone';
import { daysBetween, parseCivilDate } from '$lib/core/platform/calendar/civil-date';
import { DAY_SHEET_GROUPS, daySheetGroup, type DaySheetGroup } from '$lib/core/cases/day-sheet';
import type { ShownCheck } from '$lib/core/workstation/checks/check-corner';
import type { AssessmentResult, TriageReason } from '$lib/core/cases/case-assessment/assessment-result';
import type { ReasonCode } from '$lib/core/cases/case-assessment/vocabulary';
import type { LengthUnit } from '$lib/core/body/length/mm';
import { isMoreUrgent, type TriageLevel } from '$lib/core/cases/triage/policy';
import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
import type { Catalogue } from '$lib/messages/shapes';
import { checkWords } from '../../workstation/gap-mark/check-words';
import { deskWords } from '$lib/messages/desk';

/** The part of an assessment that a line shows. */
type Shown = Grounds & {
	readonly reasons: AssessmentResult['reasons'];
	readonly off: readonly ShownCheck[];
	/** Those that had another value at first. */
	readonly first: readonly ShownCheck[];
	/** Worst score of each report, oldest first. */
	readonly worsts: readonly number[];
	readonly plan: Pick<NonNullable<AssessmentResult['plan']>, 'carriedOut'> | null;
};

export interface DaySheetRow {
	readonly personId: string;
	readonly name: string;
	readonly team: string;
	readonly level: TriageLevel;
	readonly assessmentResult: Shown | null;
	readonly openSince: string | null;
	readonly actBy: string | null;
	readonly worst: number;
	readonly followUpOn: string | null;
	readonly followUpReason: string | null;
	readonly followUpVersion: number | null;
	/** The day of a referral not answered yet; the clinician, and the day an answer is wanted. */
	readonly referredOn: string | null;
	readonly referral: { readonly name: string; readonly answerBy: string | null } | null;
	/** The newest unread text from a clinician. */
	readonly clinicianSaid: string | null;
	/** Whether emails to them bounce. */
	readonly hasBounced: boolean;
	readonly ownerId: string | null;
	readonly ownerName: string | null;
	readonly laterOn: string | null;
	readonly laterReason: string;
	readonly laterFor: readonly ReasonCode[];
	readonly version: number;
	/** The newest unanswered message. */
	readonly message: string | null;
	readonly lastAct: { readonly kind: string; readonly at: string; readonly by: string } | null;
}

/** Whether there is an unread message from the person, or from a clinician about them. */
export const hasUnreadMessage = (line: Pick<DaySheetRow, 'message' | 'clinicianSaid'>) =>
	line.message !== null || line.clinicianSaid !== null;

/** Whether a line is there only for a follow-up. */
export const isFollowUp = (line: DaySheetRow) => line.openSince === null;

/** Why a line is on the list: level, reasons with their warning sign or problem, what a coordinator wanted to follow up, and mail. */
const whyListed = (line: DaySheetRow, today: string) =>
	JSON.stringify([
		isFollowUp(line),
		line.level,
		line.followUpOn !== null && line.followUpOn <= today ? line.followUpReason : null,
		hasUnreadMessage(line),
		(line.assessmentResult?.reasons ?? []).map(({ code, sign, finding, what }) => [code, sign, finding, what])
	]);

/** Whether two lines are on the list for the same: what is done about one fits the other. */
export const isAlike = (a: DaySheetRow, b: DaySheetRow, today: string) =>
	whyListed(a, today) === whyListed(b, today);

/** Whether only an outcome takes a line off the day sheet. */
const needsRedFlagOutcome = (line: DaySheetRow) => !isFollowUp(line) && isMoreUrgent(line.level, 'soon');

/** Whether a hazard is open: the line leaves the list once the person has fixed it. */
const hasHazard = ({ assessmentResult }: DaySheetRow) =>
	assessmentResult?.reasons.some(({ code }) => code === 'hazard') ?? false;

/** Whether a key marks a line as done: nothing serious is open, no hazard, and no unread message. */
export const mayBeSettled = (line: DaySheetRow) =>
	!isFollowUp(line) && !needsRedFlagOutcome(line) && !hasHazard(line) && !hasUnreadMessage(line);

/**
 * The lines of each group, in the order of the day sheet.
 * @param policy the settings by which levels are given, for the rule of each
 */
export function daySheetGroupsOf(lines: readonly DaySheetRow[], today: string, policy: PolicySettings) {
	const { ownGroups } = deskWords.daySheet;
	const { levels } = deskWords.triage;
	const groups = new Map<DaySheetGroup, DaySheetRow[]>();
	for (const line of lines) {
		const group = daySheetGroup(
			{
				...line,
				isReferred: line.referredOn !== null,
				hasMessage: hasUnreadMessage(line),
				reasons: line.assessmentResult?.reasons.map(({ code }) => code) ?? []
			},
			today
		);
		groups.set(group, [...(groups.get(group) ?? []), line]);
	}
	return DAY_SHEET_GROUPS.flatMap((id) => {
		const mine = groups.get(id);
		if (!mine) return [];
		if (id in ownGroups) return [{ id, ...ownGroups[id as keyof typeof ownGroups], lines: mine }];
		const { name, rule } = levels[id as TriageLevel];
		return [{ id, name, rule: rule(policy), lines: mine }];
	});
}

/** Longest excerpt of a message in a line; all of it is next to the list. */
const MESSAGE_SHOWN = 160;

const quoted = (text: string) =>
	deskWords.daySheet.quote(`${text.slice(0, MESSAGE_SHOWN)}${text.length > MESSAGE_SHOWN ? '…' : ''}`);

/** Most other reasons in a line, besides those that need an outcome. */
const MOST_OTHERS = 3;

export interface LineReasons {
	/** Reasons that need an outcome: a line shows all of them. */
	readonly grave: readonly string[];
	/** Everything else: the person's message first, in their words; no tool interprets it. */
	readonly others: readonly string[];
}

/** The reasons of a line, in words. */
export function rowReasons(line: DaySheetRow, today: string, t: Catalogue, unit: LengthUnit): LineReasons {
	const said = [
		...(line.message === null ? [] : [quoted(line.message)]),
		...(line.clinicianSaid === null
			? []
			: [`${line.referral?.name ?? deskWords.daySheet.theClinician}: ${quoted(line.clinicianSaid)}`])
	];
	const { assessmentResult } = line;
	const reasons =
		assessmentResult && !isFollowUp(line)
			? assessmentResult.reasons.filter(
					({ code, what }) =>
						code !== 'nothing-open' &&
						!(what === 'message' && line.message !== null) &&
						!(what === 'clinician' && line.clinicianSaid !== null)
				)
			: [];
	const words = (of: readonly TriageReason[]) =>
		assessmentResult ? of.map((reason) => reasonWords(reason, assessmentResult)) : [];
	const grave = words(reasons.filter(({ level }) => isMoreUrgent(level, 'soon')));
	const lesser = words(reasons.filter(({ level }) => !isMoreUrgent(level, 'soon')).slice(0, MOST_OTHERS));
	const due =
		line.followUpOn && line.followUpOn <= today ? [line.followUpReason || deskWords.sheet.followUpDue] : [];
	const later =
		line.laterOn && line.laterOn > today
			? [deskWords.sheet.postponed(dayWords(line.laterOn, 'short'), line.laterReason)]
			: [];
	const others = [...said, ...later, ...due, ...lesser];
	// The gaps are drawn next to it: they are put in words only where there are no other reasons.
	return grave.length + others.length > later.length
		? { grave, others }
		: { grave, others: (assessmentResult?.off ?? []).map((check) => checkWords(check, t, unit)) };
}

function daysSince(from: string, today: string): number {
	const [a, b] = [parseCivilDate(from), parseCivilDate(today)];
	return a && b ? Math.max(0, daysBetween(a, b)) : 0;
}

/** How long a line has waited, and by when to act on it. */
export function dueWords(line: DaySheetRow, today: string): { words: string; isLate: boolean } {
	if (line.referredOn !== null && line.referral) {
		const { answerBy } = line.referral;
		const waits = daysSince(line.referredOn, today);
		const words = deskWords.sheet.due.referred(waits, answerBy && dayWords(answerBy, 'short'));
		return { words, isLate: answerBy !== null && answerBy < today };
	}
	const isLate = line.actBy !== null && line.actBy < today;
	if (isFollowUp(line) || (!isLate && line.followUpOn !== null && line.followUpOn < today)) {
		const waits = daysSince(line.followUpOn ?? today, today);
		return { words: deskWords.sheet.due.followUp(waits), isLate: waits > 0 };
	}
	const waits = daysSince(line.openSince ?? today, today);
	const by = line.actBy && dayWords(line.actBy, 'short');
	return isLate && by
		? { words: deskWords.sheet.due.late(by), isLate: true }
		: { words: deskWords.sheet.due.waits(waits, by), isLate: false };
}

/** The last act: the act, its time and its author. */
export function lastActWords(line: DaySheetRow, today: string, timeZone: string): string {
	const { lastAct } = line;
	if (!lastAct) return '';
	const at = new Date(lastAct.at);
	const when = civilDateIn(timeZone, at) === today ? timeWords(at, timeZone) : dayWords(at, 'short');
	const { deskActs } = deskWords.states;
	const act = deskActs[lastAct.kind as keyof typeof deskActs] ?? lastAct.kind;
	return deskWords.sheet.lastAct(act, when, lastAct.by, waitsForAnswer(line));
}

/** Whether the last message was to the person, whose answer is awaited. */
const waitsForAnswer = (line: DaySheetRow) => line.lastAct?.kind === 'written' && !hasUnreadMessage(line);

/** The most sensible next act. */
export type NextAct = 'read' | 'outcome' | 'write' | 'approve' | 'call' | 'done' | 'settle';

export function nextActOf(line: DaySheetRow): NextAct {
	if (line.clinicianSaid !== null) return 'read';
	if (isFollowUp(line)) return 'done';
	if (needsRedFlagOutcome(line)) return 'outcome';
	if (line.message !== null) return 'write';
	const [first] = line.assessmentResult?.reasons ?? [];
	if (first?.what === 'equipment') return 'approve';
	if (first?.what === 'silent') return 'call';
	const isToWrite = first?.code === 'stuck' || first?.what === 'stuck-step' || line.level === 'soon';
	return isToWrite && !waitsForAnswer(line) ? 'write' : 'settle';
}
