import type { Bundle, BundleEntry, FhirResource, Patient, ServiceRequest } from 'fhir/r4';
import type { Checklist } from '../../questionnaire/checklist/checklist';
import type { FhirRecord } from './fhir-record';
import type { FhirWords } from './fhir-words';
import { addressOf, FHIR_SYSTEMS, NO_OUTCOME } from './systems';
import { discomfortObservation, lengthObservation, signObservation } from './write-observations';
import { writeQuestionnaire } from './write-questionnaire';
import { writeResponse } from './write-response';

/** Checklists by version. */
export type ChecklistAt = (version: number) => Checklist;

function patientOf({ id, name, email, phone, staffNumber, language }: FhirRecord['person']): Patient {
	const telecom = [
		...(email ? [{ system: 'email', value: email } as const] : []),
		...(phone ? [{ system: 'phone', value: phone } as const] : [])
	];
	return {
		resourceType: 'Patient',
		id,
		identifier: [
			{ system: FHIR_SYSTEMS.person, value: id },
			...(staffNumber ? [{ system: FHIR_SYSTEMS.staffNumber, value: staffNumber }] : [])
		],
		name: [{ text: name }],
		...(telecom.length > 0 ? { telecom } : {}),
		communication: [{ language: { coding: [{ system: 'urn:ietf:bcp:47', code: language }] } }]
	};
}

/** A referral to a clinician as a request that somebody looks at the person. It asks; it orders no treatment. */
function requestOf(referral: FhirRecord['referrals'][number], personId: string): ServiceRequest {
	const { id, at, to, question, answerBy, consentHow, endedAt, outcome } = referral;
	const ended = endedAt ? [{ time: endedAt, text: outcome || NO_OUTCOME }] : [];
	return {
		resourceType: 'ServiceRequest',
		id,
		identifier: [{ system: FHIR_SYSTEMS.source, value: id }],
		...(consentHow ? { extension: [{ url: FHIR_SYSTEMS.consent, valueCode: consentHow }] } : {}),
		status: endedAt ? 'completed' : 'active',
		intent: 'proposal',
		subject: { reference: addressOf(personId) },
		authoredOn: at,
		...(to ? { performer: [{ display: to }] } : {}),
		...(answerBy ? { occurrenceDateTime: answerBy } : {}),
		reasonCode: [{ text: question }],
		...(ended.length > 0 ? { note: ended } : {})
	};
}

const entryOf = (resource: FhirResource): BundleEntry => ({
	// Only what has a number of its own is referred to from outside the bundle.
	fullUrl: /^[0-9a-f-]{36}$/.test(resource.id ?? '')
		? addressOf(resource.id ?? '')
		: `urn:easy-corner:fhir:resource:${resource.resourceType}:${resource.id ?? ''}`,
	resource
});

/** The questionnaires of some versions, as entries of a bundle. */
export const questionnaireEntries = (
	versions: readonly number[],
	checklistAt: ChecklistAt,
	words: FhirWords
): BundleEntry[] =>
	[...new Set(versions)]
		.sort((a, b) => a - b)
		.map((version) => entryOf(writeQuestionnaire(checklistAt(version), words)));

/** Everything of one person as entries of a bundle, without the questionnaires. Cost: linear in the answers. */
export function personEntries(record: FhirRecord, checklistAt: ChecklistAt, words: FhirWords): BundleEntry[] {
	const { id } = record.person;
	return [
		patientOf(record.person),
		...record.assessments.flatMap((one) => [
			writeResponse(one, checklistAt(one.checklistVersion), id, words),
			...one.lengths.map((length) => lengthObservation(length, one, id, words))
		]),
		...record.discomfort.flatMap((one) =>
			one.regions.map((report) => discomfortObservation(report, one, id, words))
		),
		...record.signs.map((sign) => signObservation(sign, id, words)),
		...record.referrals.map((referral) => requestOf(referral, id))
	].map(entryOf);
}

/**
 * One person's self-assessments, discomfort, warning signs and referrals as an HL7 FHIR R4 bundle.
 * @param at ISO 8601, when it was made
 */
export function writeBundle(
	record: FhirRecord,
	checklistAt: ChecklistAt,
	words: FhirWords,
	at: string
): Bundle {
	const versions = record.assessments.map(({ checklistVersion }) => checklistVersion);
	return {
		resourceType: 'Bundle',
		type: 'collection',
		timestamp: at,
		entry: [
			...questionnaireEntries(versions, checklistAt, words),
			...personEntries(record, checklistAt, words)
		]
	};
}
