const BASE = 'urn:easy-corner:fhir';

/**
 * Names of our own codes in HL7 FHIR R4 (4.0.1): URNs, since no address of ours answers with their meaning. The questionnaire in the same
 * bundle has the words.
 */
export const FHIR_SYSTEMS = {
	/** Options of the questionnaire's answers. */
	answer: `${BASE}:answer`,
	/** Lengths of the body and the furniture. */
	length: `${BASE}:length`,
	/** How a length was measured. */
	method: `${BASE}:measuring-method`,
	/** Regions of the body. */
	region: `${BASE}:body-region`,
	/** What is said about discomfort in a region. */
	discomfort: `${BASE}:discomfort`,
	/** Warning signs. */
	sign: `${BASE}:warning-sign`,
	/** What is said about a warning sign. */
	signPart: `${BASE}:warning-sign-part`,
	/** Our own number for a person. */
	person: `${BASE}:person`,
	/** The organisation's number for a person. */
	staffNumber: `${BASE}:staff-number`,
	/** The report or self-assessment from which something was read. */
	source: `${BASE}:source`,
	/** How the person consented to a referral. */
	consent: `${BASE}:referral-consent`
} as const;

/** The canonical name of the questionnaire; its version is that of the checklist. */
export const QUESTIONNAIRE_URL = `${BASE}:questionnaire`;

/** LOINC's code for body height. From memory. */
export const LOINC_BODY_HEIGHT = { system: 'http://loinc.org', code: '8302-2' } as const;

/** The code system of units (UCUM). */
export const UCUM = 'http://unitsofmeasure.org';

/** The address of a resource within a bundle. @param id UUID */
export const addressOf = (id: string): string => `urn:uuid:${id}`;

/** What stands as the outcome of a referral that ended without words: FHIR has no empty texts. */
export const NO_OUTCOME = '-';

/** The part of a length that says how well it is known. */
export const STANDARD_DEVIATION = 'standard-deviation';
