import { parseCivilDate, type CivilDate } from '../../platform/calendar/civil-date';
import { SITTING_STYLES, type SittingStyle } from '../../workstation/corner/vocabulary';
import type { Answers } from './fields';

/** Names of the fields of a trial: what is tried, since when, and how each day was. */
export const TRIAL_FIELDS = {
	way: 'style.way',
	since: 'style.since',
	plan: 'try.plan',
	/** The plan that the tried one is compared with; a new plan ends the trial. */
	planId: 'try.of',
	comfort: 'try.comfort',
	ownOn: 'try.own.on',
	ownComfort: 'try.own.comfort'
} as const;

/** What can be tried: another sitting style, or another of the offered plans, by its index. */
export type Tried =
	| { readonly kind: 'style'; readonly way: SittingStyle }
	| { readonly kind: 'plan'; readonly plan: number; readonly planId: string };

/** How comfortable a day was: 0 very bad, 10 very good. */
export const COMFORT_SCALE = Array.from({ length: 11 }, (_, n) => String(n));

/** Something tried for a day, compared with a day of what someone has. */
export interface DayTrial {
	readonly tried: Tried;
	/** The day of what is tried. */
	readonly since: CivilDate;
	/** How that day was, 0 to 10; null until it is answered. */
	readonly comfort: number | null;
	/** The day back with what they have; null before the first day is answered. */
	readonly ownOn: CivilDate | null;
	readonly ownComfort: number | null;
}

/** A sitting style on trial. */
export interface StyleTrial {
	readonly way: SittingStyle;
	readonly since: CivilDate;
}

function comfortOf(text: string | undefined): number | null {
	return text !== undefined && COMFORT_SCALE.includes(text) ? Number(text) : null;
}

function triedOf(answers: Answers): Tried | null {
	const way = SITTING_STYLES.find((one) => one === answers[TRIAL_FIELDS.way]);
	if (way) return { kind: 'style', way };
	const planId = answers[TRIAL_FIELDS.planId] ?? '';
	const plan = /^[0-9]$/.test(answers[TRIAL_FIELDS.plan] ?? '') ? Number(answers[TRIAL_FIELDS.plan]) : null;
	return plan !== null && planId !== '' ? { kind: 'plan', plan, planId } : null;
}

/** What someone is trying; null for nothing. */
export function dayTrialOf(answers: Answers): DayTrial | null {
	const tried = triedOf(answers);
	const since = parseCivilDate(answers[TRIAL_FIELDS.since] ?? '');
	if (!tried || !since) return null;
	return {
		tried,
		since,
		comfort: comfortOf(answers[TRIAL_FIELDS.comfort]),
		ownOn: parseCivilDate(answers[TRIAL_FIELDS.ownOn] ?? ''),
		ownComfort: comfortOf(answers[TRIAL_FIELDS.ownComfort])
	};
}

/** The sitting style someone is trying; null for none. */
export function styleTrialOf(answers: Answers): StyleTrial | null {
	const trial = dayTrialOf(answers);
	return trial?.tried.kind === 'style' ? { way: trial.tried.way, since: trial.since } : null;
}

/** Whether fields change what someone is trying, or how a day of it was. */
export const speakOfTrial = (fields: Answers): boolean =>
	Object.values(TRIAL_FIELDS).some((field) => fields[field] !== undefined);

/** Fields that end a trial. */
export const noTrialFields = (): Record<string, string> =>
	Object.fromEntries(Object.values(TRIAL_FIELDS).map((field) => [field, '']));

/** Fields that start a trial on a day. */
export function trialFields(tried: Tried, since: string): Record<string, string> {
	return {
		...noTrialFields(),
		...(tried.kind === 'style'
			? { [TRIAL_FIELDS.way]: tried.way }
			: { [TRIAL_FIELDS.plan]: String(tried.plan), [TRIAL_FIELDS.planId]: tried.planId }),
		[TRIAL_FIELDS.since]: since
	};
}

/** From this minute of the day on the question stands open. Our assumption: most people stop working at home later. */
export const EVENING_FROM_MINUTE = 16 * 60;

/** Where a trial stands: what the day is for, whether it is evening, or that both days are answered. */
export type TrialStage = {
	readonly day: 'tried' | 'own';
	/** Later: that day has not come. */
	readonly part: 'later' | 'day' | 'evening';
} | null;

/** The day that a trial is at, in whose evening its question is asked; null once both days are answered. */
export function trialDay(trial: DayTrial): { readonly day: 'tried' | 'own'; readonly on: CivilDate } | null {
	if (trial.comfort === null) return { day: 'tried', on: trial.since };
	return trial.ownComfort === null ? { day: 'own', on: trial.ownOn ?? trial.since } : null;
}

/**
 * Where a trial stands; null once both days are answered.
 * @param now the day and the minute of it where the person is
 */
export function trialStage(
	trial: DayTrial,
	now: { readonly today: CivilDate; readonly minute: number }
): TrialStage {
	const at = trialDay(trial);
	if (!at) return null;
	const { day, on } = at;
	if (on > now.today) return { day, part: 'later' };
	return { day, part: on < now.today || now.minute >= EVENING_FROM_MINUTE ? 'evening' : 'day' };
}

/**
 * Fields that answer for the day a trial is at: how comfortable it was, or null where it was not done, which moves it to the next day. After
 * the first day, the next one is for what the person has.
 * @param nextDay the next day on which the person works
 */
export function comfortFields(
	trial: DayTrial,
	comfort: number | null,
	nextDay: CivilDate
): Record<string, string> {
	const isOwn = trial.comfort !== null;
	if (comfort === null) return { [isOwn ? TRIAL_FIELDS.ownOn : TRIAL_FIELDS.since]: nextDay };
	return isOwn
		? { [TRIAL_FIELDS.ownComfort]: String(comfort) }
		: { [TRIAL_FIELDS.comfort]: String(comfort), [TRIAL_FIELDS.ownOn]: nextDay };
}

/** Fewer points apart are no difference: as with discomfort, a change counts from two. */
const LEAST_DIFFERENCE = 2;

/** Which day was better; null until both are answered. */
export function betterDay({ comfort, ownComfort }: DayTrial): 'tried' | 'own' | 'same' | null {
	if (comfort === null || ownComfort === null) return null;
	if (Math.abs(comfort - ownComfort) < LEAST_DIFFERENCE) return 'same';
	return comfort > ownComfort ? 'tried' : 'own';
}
