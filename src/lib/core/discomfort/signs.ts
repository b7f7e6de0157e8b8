/** Signs that are an emergency. Asked before anything else; the text says what to do. Common practice in first aid. */
export const EMERGENCY_SIGNS = [
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
	/** Has a calm question and page of its own, and never shares a list with the others. */
	'thoughts-of-ending-life'
] as const;

/** Signs that a clinician has to hear of on the same working day. Common practice and published red-flag lists, from memory. */
export const URGENT_SIGNS = [
	/** New weakness of an arm, hand, leg or foot: a foot that drags, things that drop. */
	'new-weakness',
	/** Swollen, warm and sore. */
	'one-calf-swollen',
	/** Back pain with fever, with weight lost for no reason, or after cancer. */
	'back-pain-with-fever',
	/** Clumsy hands or unsteady walking, new. */
	'clumsy-hands'
] as const;

/** Signs that need a clinician. Common practice. */
export const CLINICIAN_SIGNS = [
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

/** A sign that is an emergency. */
export type EmergencySign = (typeof EMERGENCY_SIGNS)[number];

/** A sign for the same working day. */
export type UrgentSign = (typeof URGENT_SIGNS)[number];

/** A sign for a clinician. */
export type ClinicianSign = (typeof CLINICIAN_SIGNS)[number];

/** Any sign that is asked about. */
export type Sign = EmergencySign | UrgentSign | ClinicianSign;

/** Every sign, gravest first. */
export const SIGNS: readonly Sign[] = [...EMERGENCY_SIGNS, ...URGENT_SIGNS, ...CLINICIAN_SIGNS];

/** Whether a text names a sign. */
export function isSign(text: string): text is Sign {
	return (SIGNS as readonly string[]).includes(text);
}

/** Whether a sign is an emergency: it stops the employee's side and says what to do. */
export function isEmergency(sign: Sign): sign is EmergencySign {
	return (EMERGENCY_SIGNS as readonly Sign[]).includes(sign);
}

/** Whether a sign is distress: told and answered calmly, and never in one list with the others. */
export const isDistress = (sign: Sign) => sign === 'thoughts-of-ending-life';

/** Whether a sign is for the same working day. */
export function isUrgent(sign: Sign): sign is UrgentSign {
	return (URGENT_SIGNS as readonly Sign[]).includes(sign);
}

/** What checklists 1 and 2 asked as numbness with weakness; read as the weakness it is. */
export const OLDER_SIGNS = { 'with-weakness': 'new-weakness' } as const satisfies Record<string, Sign>;

/** A sign by its name of now or of an older checklist; null where there is none of that name. */
export function signNamed(text: string): Sign | null {
	if (isSign(text)) return text;
	return Object.hasOwn(OLDER_SIGNS, text) ? OLDER_SIGNS[text as keyof typeof OLDER_SIGNS] : null;
}

/** How an emergency is lifted for the person: seen by a doctor or emergency service, tapped by mistake, or safe with somebody there. It closes no sign. */
export const LIFT_WAYS = ['seen', 'mistake', 'safe-now'] as const;

/** One of {@link LIFT_WAYS}. */
export type LiftWay = (typeof LIFT_WAYS)[number];
