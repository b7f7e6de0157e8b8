import type { CodeableConcept, Observation, ObservationComponent } from 'fhir/r4';
import type { RegionReport } from '../../cases/discomfort/report';
import type { FhirLength, FhirRecord } from './fhir-record';
import type { FhirWords } from './fhir-words';
import { addressOf, FHIR_SYSTEMS, LOINC_BODY_HEIGHT, STANDARD_DEVIATION, UCUM } from './systems';

const coded = (system: string, code: string, text?: string): CodeableConcept => ({
	coding: [{ system, code, ...(text ? { display: text } : {}) }],
	...(text ? { text } : {})
});

/** What everything observed of a person has in common. */
const observed = (personId: string, at: string) =>
	({
		resourceType: 'Observation',
		status: 'final',
		subject: { reference: addressOf(personId) },
		effectiveDateTime: at
	}) as const;

const source = (id: string) => [{ system: FHIR_SYSTEMS.source, value: id }];

/** A measured length, in mm. Body height has LOINC's code beside ours. */
export function lengthObservation(
	{ name, mm, by, sd }: FhirLength,
	{ id, at }: Pick<FhirRecord['assessments'][number], 'id' | 'at'>,
	personId: string,
	words: FhirWords
): Observation {
	const code = coded(FHIR_SYSTEMS.length, name, words.length(name));
	return {
		...observed(personId, at),
		id: `${id}.${name}`,
		identifier: source(id),
		code: name === 'stature' ? { ...code, coding: [LOINC_BODY_HEIGHT, ...(code.coding ?? [])] } : code,
		valueQuantity: { value: mm, unit: 'mm', system: UCUM, code: 'mm' },
		method: coded(FHIR_SYSTEMS.method, by),
		...(sd === undefined
			? {}
			: {
					component: [
						{
							code: coded(FHIR_SYSTEMS.method, STANDARD_DEVIATION),
							valueQuantity: { value: sd, unit: 'mm', system: UCUM, code: 'mm' }
						}
					]
				}),
		derivedFrom: [{ reference: addressOf(id) }]
	};
}

/** What someone says about one region of the body: the worst of seven days (0 to 10), on how many days, and what kind. */
export function discomfortObservation(
	report: RegionReport,
	{ id, at }: Pick<FhirRecord['discomfort'][number], 'id' | 'at'>,
	personId: string,
	words: FhirWords
): Observation {
	const { region, side, worst, days, hinders, kinds, parts } = report;
	const part = (code: string, value: Partial<ObservationComponent>): ObservationComponent => ({
		code: coded(FHIR_SYSTEMS.discomfort, code),
		...value
	});
	const concept = (code: string, value: string) =>
		part(code, { valueCodeableConcept: coded(FHIR_SYSTEMS.discomfort, value) });
	return {
		...observed(personId, at),
		id: [id, region, ...(side ? [side] : [])].join('.'),
		identifier: source(id),
		code: coded(FHIR_SYSTEMS.region, region, words.region(report)),
		component: [
			...(side ? [concept('side', side)] : []),
			part('worst', { valueInteger: worst }),
			part('days', { valueInteger: days }),
			concept('hinders', hinders),
			...kinds.map((kind) => concept('kind', kind)),
			...(parts ?? []).map((one) => concept('part', one))
		]
	};
}

/** A warning sign as reported. One that was taken back stays, with the moment at which it was. */
export function signObservation(
	{ id, sign, at, takenBackAt }: FhirRecord['signs'][number],
	personId: string,
	words: FhirWords
): Observation {
	return {
		...observed(personId, at),
		id,
		code: coded(FHIR_SYSTEMS.sign, sign, words.sign(sign)),
		valueBoolean: true,
		...(takenBackAt
			? { component: [{ code: coded(FHIR_SYSTEMS.signPart, 'taken-back'), valueDateTime: takenBackAt }] }
			: {})
	};
}
