import type { PolicySettings } from '$lib/core/cases/triage/policy-settings';
import type { HazardId } from '$lib/core/questionnaire/checklist/hazards';
import type { Closable, ReasonCode, WaitingKind } from '$lib/core/cases/case-assessment/vocabulary';
import type { EmergencyClearance, RedFlag } from '$lib/core/cases/discomfort/red-flags';
import type { Region } from '$lib/core/cases/discomfort/regions';
import type { TriageLevel } from '$lib/core/cases/triage/policy';
import { typed } from '../../../typed';

/** A level: its name, and its rule by the organisation's settings. */
export interface LevelWords {
	readonly name: string;
	readonly rule: (settings: PolicySettings) => string;
}

const within = (workingDays: number) => {
	if (workingDays === 0) return 'the same day';
	return workingDays === 1 ? 'within one working day' : `within ${workingDays} working days`;
};

/** Values that fill the text of a reason. Lists are already joined. */
export interface ReasonFacts {
	/** The warning sign; null where it is of another checklist. */
	readonly sign: string | null;
	/** Body regions with their scores. */
	readonly scores: string;
	readonly regions: string;
	/** Height problems that nothing at home fixes. */
	readonly gaps: string;
	readonly hazard: string | null;
	/** Whether the person says that the hazard can't be fixed there. */
	readonly isRefused: boolean;
	/** The kind of request; null where we don't know it. */
	readonly request: string | null;
}

/** Reasons why a case needs a coordinator. Each is a sentence without a full stop. */
export const triageTexts = {
	/** Body regions, for use within a sentence. */
	regions: {
		head: 'head',
		eyes: 'eyes',
		neck: 'neck',
		shoulder: 'shoulder',
		'upper-back': 'upper back',
		elbow: 'elbow',
		'wrist-hand': 'wrist or hand',
		'low-back': 'low back',
		'hip-thigh': 'hip or thigh',
		knee: 'knee',
		'ankle-foot': 'ankle or foot'
	} satisfies Record<Region, string>,
	signs: {
		'chest-pain': 'pressure or pain in the chest',
		'sudden-breathlessness': 'sudden trouble breathing',
		'sudden-one-sided-weakness': 'sudden weakness or numbness on one side, or trouble speaking',
		'sudden-worst-headache': 'a sudden headache, the worst ever',
		'sudden-loss-of-sight': 'sudden loss of sight, or double vision',
		'saddle-numbness': 'back pain with numbness between the legs, bladder trouble, or both legs weak or numb',
		'thoughts-of-ending-life': 'thoughts of ending their life',
		'new-weakness': 'new weakness in an arm, hand, leg or foot',
		'one-calf-swollen': 'one calf swollen, warm and sore',
		'back-pain-with-fever': 'back pain with fever, unexplained weight loss, or after cancer',
		'clumsy-hands': 'clumsy hands or unsteady walking, new',
		'wakes-at-night': 'numbness or tingling that wakes them at night',
		'numbness-stays': 'numbness or tingling that stays',
		'runs-down-a-limb': 'pain that runs down an arm or a leg',
		'does-not-ease': 'pain that does not ease despite the changes',
		'after-injury': 'pain after a fall, a blow or another injury',
		'worst-at-night': 'back pain that is worst at night in bed'
	} satisfies Record<RedFlag, string>,
	/** A translated sign that nobody has confirmed, with the English one. */
	unreviewedSign: (translated: string, english: string) => `${translated} (${english})`,
	hazards: {
		'cables-in-the-way': 'loose cables near their feet',
		'chained-strips': 'power strips plugged into each other',
		'stack-wobbles': 'a wobbly stack',
		'vents-covered': 'covered laptop vents'
	} satisfies Record<HazardId, string>,
	ownHazard: 'a safety problem from your own checklist',
	requests: {
		equipment: 'requested equipment or an eye test',
		message: 'sent a message',
		clinician: 'message from a clinician',
		'stuck-step': 'needs help: nothing at home works for a step',
		silent: 'hasn’t answered any reminder: please call'
	} satisfies Record<WaitingKind, string>,
	/** What an outcome can close, besides the warning signs. */
	closables: {
		'reported-weakness': 'reported weakness',
		'reported-tingling': 'reported tingling or numbness',
		severe: 'a high score',
		'not-better': 'no better after the plan'
	} satisfies Record<Exclude<Closable, RedFlag>, string>,
	bothSides: (region: string) => `${region}, both sides`,
	sided: (region: string, side: 'left' | 'right') => `${side} ${region}`,
	score: (region: string, worst: number, days: number) =>
		`${region} ${worst} of 10, ${days === 7 ? 'every day' : `${days} of 7 days`}`,
	gaps: typed<Readonly<Record<string, string>>>({
		'knee low': 'seat too low',
		'knee high': 'seat too high',
		'elbow low': 'keyboard too high',
		'elbow high': 'keyboard too low',
		'eye low': 'screen too low',
		'eye high': 'screen too high',
		'thigh low': 'too little room for the thighs'
	}),
	/** What a tap on the stop page said. */
	lifted: {
		seen: 'a doctor or emergency service has seen them',
		mistake: 'they tapped it by mistake',
		'safe-now': 'they’re safe now and someone is with them'
	} satisfies Record<EmergencyClearance, string>,
	/** After an emergency sign: what the person tapped, and when. The sign stays open all the same. */
	liftedOn: (reason: string, day: string, what: string) => `${reason}. They said on ${day}: ${what}`,
	reasons: typed<Readonly<Record<ReasonCode, (facts: ReasonFacts) => string>>>({
		'emergency-sign': ({ sign }) => `Emergency: ${sign ?? 'a warning sign'}`,
		'urgent-sign': ({ sign }) => `Urgent today: ${sign ?? 'a warning sign'}`,
		'professional-sign': ({ sign }) => `Needs a clinician: ${sign ?? 'a warning sign'}`,
		'reported-weakness': ({ scores }) => `Urgent today: weakness, ${scores}`,
		'reported-tingling': ({ scores }) => `Needs a clinician: tingling or numbness, ${scores}`,
		severe: ({ scores }) => `Needs a clinician: ${scores}`,
		'not-better': ({ scores }) => `Needs a clinician: no better weeks after the plan, ${scores}`,
		moderate: ({ scores }) => scores,
		'hinders-much': ({ regions }) => `${regions} hinders work a lot`,
		'back-again': ({ scores }) => `worse again after getting better: ${scores}`,
		unclosable: ({ gaps, regions }) => `${gaps}, and nothing at home fixes it. Discomfort: ${regions}`,
		hazard: ({ hazard, isRefused }) =>
			`Hazard: ${hazard ?? 'at the workstation'}${isRefused ? ' (they say it can’t be fixed there)' : ''}`,
		request: ({ request }) => request ?? 'waiting for you',
		stuck: () => 'plan not started',
		'open-plan': () => 'is carrying out the plan at home',
		findings: () => 'has problems to fix at home',
		'nothing-open': () => 'nothing to do'
	}),
	/** Names of the levels, and the rule of each: shown wherever a case has a place in the order. */
	levels: typed<Readonly<Record<TriageLevel, LevelWords>>>({
		emergency: {
			name: 'Emergency',
			rule: () => 'An emergency warning sign that is still open. Act the same day.'
		},
		urgent: {
			name: 'Urgent today',
			rule: () => 'A warning sign that a clinician must know about today, or reported weakness.'
		},
		clinician: {
			name: 'For a clinician',
			rule: ({ clinicianFrom, notBetterDays, clinicianDays }) =>
				`A warning sign for a clinician, a score of ${clinicianFrom} or more, lasting tingling, or no better ${notBetterDays} days after the plan. Act ${within(clinicianDays)}.`
		},
		soon: {
			name: 'This week',
			rule: ({ soonFrom, clinicianFrom, soonDays }) =>
				`A score of ${soonFrom < clinicianFrom - 1 ? `${soonFrom} to ${clinicianFrom - 1}` : soonFrom}, work hindered a lot, or worse again after the plan. Also a hazard, or a problem that no plan fixes where it hurts. Act ${within(soonDays)}.`
		},
		help: {
			name: 'Waiting for you',
			rule: ({ helpDays, answerDays }) =>
				`Equipment requests, requests for help and calls: ${within(helpDays)}. Messages: ${within(answerDays)}.`
		},
		home: {
			name: 'Self-help',
			rule: ({ homeDays }) => `Problems that they can fix at home. Act ${within(homeDays)}.`
		},
		done: { name: 'Nothing to do', rule: () => 'New answers, no problems.' }
	})
};
