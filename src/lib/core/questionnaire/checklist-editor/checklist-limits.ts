/** Longest texts of what an organisation adds, characters. */
export const CHECKLIST_TEXT_LENGTHS = {
	question: 160,
	why: 300,
	look: 300,
	answer: 80,
	name: 80,
	fix: 200
} as const;

/** How many answers a question of the organisation has. */
export const OWN_ANSWERS = { fewest: 2, most: 8 } as const;

/** How long such a question may take, s. */
export const OWN_SECONDS = { least: 5, most: 60, usual: 8 } as const;

/**
 * Time that everyone can be asked for with questions of the organisation, s. Our assumption: with more, the minutes that the email promises
 * would no longer do for what is about the workstation.
 */
export const SECONDS_FOR_ALL = 60;

/** Most questions and most problems that an organisation can add. */
export const OWN_PARTS = 40;

/** Most conditions of one question. */
export const OWN_CONDITIONS = 4;
