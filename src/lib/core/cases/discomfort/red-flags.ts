/** Warning signs of an emergency. Asked before anything else; the text says what to do. Common practice in first aid. */
export const EMERGENCY_RED_FLAGS = [
	/** Pressure or pain in the chest, or going into arm or jaw. */
	'chest-pain',
	'sudden-breathlessness',
	/** A drooping face, sudden weakness or numbness of one side, trouble speaking. */
	'sudden-one-sided-weakness',
	/** The worst headache ever, sudden, or with a stiff neck and fever. */
	'sudden-worst-headache',
	/** Sudden loss of sight, or double vision. */
	'sudden-loss-of-sight',
	/** With back pain: numb between the legs, trouble passing or holding water, or both legs weak or numb. */
	'saddle-numbness',
	/** Has a calm question and page of its own, and never appears in a list with the others. */
	'thoughts-of-ending-life'
] as const;

/** Warning signs that a clinician must hear about on the same working day. Common practice and published red-flag lists, from memory. */
export const URGENT_RED_FLAGS = [
	/** New weakness of an arm, hand, leg or foot: a foot that drags, things that drop. */
	'new-weakness',
	/** Swollen, warm and sore. */
	'one-calf-swollen',
	/** Back pain with fever, with weight lost for no reason, or after cancer. */
	'back-pain-with-fever',
	/** Clumsy hands or unsteady walking, new. */
	'clumsy-hands'
] as const;

/** Warning signs that need a clinician. Common practice. */
export const CLINICIAN_RED_FLAGS = [
	/** Numbness or tingling that wakes at night. */
	'wakes-at-night',
	/** Numbness or tingling that stays. */
	'numbness-stays',
	/** Pain that runs down an arm or a leg. */
	'runs-down-a-limb',
	/** Pain that does not ease in spite of changes. */
	'does-not-ease',
	/** Anything after a fall, a blow or another injury. */
	'after-injury',
	/** Back pain that is worst at night in bed. */
	'worst-at-night'
] as const;

/** A warning sign of an emergency. */
export type EmergencyRedFlag = (typeof EMERGENCY_RED_FLAGS)[number];

/** A warning sign for the same working day. */
export type UrgentRedFlag = (typeof URGENT_RED_FLAGS)[number];

/** A warning sign for a clinician. */
type ClinicianRedFlag = (typeof CLINICIAN_RED_FLAGS)[number];

/** Any warning sign that is asked about. */
export type RedFlag = EmergencyRedFlag | UrgentRedFlag | ClinicianRedFlag;

/** Every warning sign, the most serious first. */
export const RED_FLAGS: readonly RedFlag[] = [
	...EMERGENCY_RED_FLAGS,
	...URGENT_RED_FLAGS,
	...CLINICIAN_RED_FLAGS
];

/** Whether a text is the id of a warning sign. */
function isRedFlag(text: string): text is RedFlag {
	return (RED_FLAGS as readonly string[]).includes(text);
}

/** Whether a warning sign is an emergency: the employee's pages stop and say what to do. */
export function isEmergency(sign: RedFlag): sign is EmergencyRedFlag {
	return (EMERGENCY_RED_FLAGS as readonly RedFlag[]).includes(sign);
}

/** Whether a warning sign is distress: asked about and answered calmly, never in one list with the others. */
export const isDistressFlag = (sign: RedFlag) => sign === 'thoughts-of-ending-life';

/** Whether a warning sign is for the same working day. */
export function isUrgent(sign: RedFlag): sign is UrgentRedFlag {
	return (URGENT_RED_FLAGS as readonly RedFlag[]).includes(sign);
}

/** Checklist versions 1 and 2 asked about numbness with weakness; it is read as the weakness it is. */
const LEGACY_RED_FLAGS = { 'with-weakness': 'new-weakness' } as const satisfies Record<string, RedFlag>;

/** A warning sign by its present id or an older checklist's; null where there is none. */
export function redFlagNamed(text: string): RedFlag | null {
	if (isRedFlag(text)) return text;
	return Object.hasOwn(LEGACY_RED_FLAGS, text)
		? LEGACY_RED_FLAGS[text as keyof typeof LEGACY_RED_FLAGS]
		: null;
}

/**
 * How a person can lift the stop of an emergency: seen by a doctor or emergency service, tapped by mistake, or safe with someone there. It
 * closes no warning sign.
 */
export const EMERGENCY_CLEARANCES = ['seen', 'mistake', 'safe-now'] as const;

/** One of {@link EMERGENCY_CLEARANCES}. */
export type EmergencyClearance = (typeof EMERGENCY_CLEARANCES)[number];
