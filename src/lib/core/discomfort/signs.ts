/** Signs that are an emergency. Asked before anything else; the text says what to do. Common practice in first aid. */
export const EMERGENCY_SIGNS = [
	/** Pressure or pain in the chest, or going into arm or jaw. */
	'chest-pain',
	/** A face that drops, an arm that gives way, trouble speaking. */
	'sudden-one-sided-weakness',
	/** The worst headache ever, sudden, or with a stiff neck and fever. */
	'sudden-worst-headache',
	/** Sudden loss of sight, or double sight. */
	'sudden-loss-of-sight',
	/** Back pain with numbness between the legs, or bladder or bowel that no longer obey. */
	'saddle-numbness'
] as const;

/** Signs that need a clinician. Common practice. */
export const PROFESSIONAL_SIGNS = [
	/** Numbness or tingling that wakes at night. */
	'wakes-at-night',
	/** Numbness or tingling that stays. */
	'numbness-stays',
	/** Numbness or tingling with weakness. */
	'with-weakness',
	/** Pain that runs down an arm or a leg. */
	'runs-down-a-limb',
	/** Pain that does not ease in spite of changes. */
	'does-not-ease',
	/** Anything after a fall, a blow or another injury. */
	'after-injury'
] as const;

/** A sign that is an emergency. */
export type EmergencySign = (typeof EMERGENCY_SIGNS)[number];

/** A sign for a clinician. */
export type ProfessionalSign = (typeof PROFESSIONAL_SIGNS)[number];

/** Any sign that is asked about. */
export type Sign = EmergencySign | ProfessionalSign;

/** Every sign, emergencies first: the order in which they are asked. */
export const SIGNS: readonly Sign[] = [...EMERGENCY_SIGNS, ...PROFESSIONAL_SIGNS];

/** Whether a text names a sign. */
export function isSign(text: string): text is Sign {
	return (SIGNS as readonly string[]).includes(text);
}

/** Whether a sign is an emergency: the walk stops and says what to do. */
export function isEmergency(sign: Sign): sign is EmergencySign {
	return (EMERGENCY_SIGNS as readonly Sign[]).includes(sign);
}
