import { RED_FLAGS } from '../../cases/discomfort/red-flags';
import { REGIONS } from '../../cases/discomfort/regions';
import { BODY_MEASURING_METHODS } from '../../workstation/corner/vocabulary';
import { CONSENT_WAYS } from '../../cases/referral/consent';
import { compileSchema } from '../schema/compile-schema';
import { FHIR_LENGTHS } from './fhir-record';
import { FHIR_SYSTEMS, QUESTIONNAIRE_URL, UCUM } from './systems';

const UUID = '^[0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12}$';
const id = { type: 'string', pattern: UUID } as const;
const text = { type: 'string', minLength: 1, maxLength: 10_000 } as const;
const moment = {
	type: 'string',
	pattern: '^\\d{4}-\\d{2}-\\d{2}T\\d{2}:\\d{2}:\\d{2}(?:\\.\\d+)?(?:Z|[+-]\\d{2}:\\d{2})$'
} as const;
const day = { type: 'string', pattern: '^\\d{4}-\\d{2}-\\d{2}$' } as const;

/** An object that may have more members than these. */
const having = (properties: Record<string, unknown>, optional: readonly string[] = []) => ({
	type: 'object',
	required: Object.keys(properties).filter((name) => !optional.includes(name)),
	properties
});
const listOf = (items: unknown, minItems = 0) => ({ type: 'array', items, minItems });

const subject = having({ reference: { type: 'string', pattern: `^urn:uuid:${UUID.slice(1)}` } });
const coding = (system: string, code: unknown = text) => having({ system: { const: system }, code });
const concept = (system: string, code?: unknown) => having({ coding: listOf(coding(system, code), 1) });

/** A bundle as far as every one is alike. */
export interface AnyBundle {
	readonly entry?: readonly {
		readonly resource: { readonly resourceType: string } & Readonly<Record<string, unknown>>;
	}[];
}

/** Checks that something is a FHIR bundle. */
export const checkBundle = compileSchema<AnyBundle>(
	having(
		{
			resourceType: { const: 'Bundle' },
			entry: listOf(having({ resource: having({ resourceType: { type: 'string' } }) }))
		},
		['entry']
	)
);

/** A person. */
export interface OurPatient {
	readonly id: string;
	readonly identifier: readonly { readonly system?: string; readonly value?: string }[];
	readonly name: readonly { readonly text: string }[];
	readonly telecom?: readonly { readonly system?: string; readonly value?: string }[];
	readonly communication?: readonly {
		readonly language: { readonly coding: readonly { readonly code: string }[] };
	}[];
}

const valued = having({ system: { type: 'string' }, value: { type: 'string' } }, ['system', 'value']);

const patient = having(
	{
		id,
		identifier: listOf(valued),
		name: listOf(having({ text }), 1),
		telecom: listOf(valued),
		communication: listOf(having({ language: having({ coding: listOf(having({ code: text }), 1) }) }))
	},
	['telecom', 'communication']
);

/** One answer: a text, a choice or a whole number, never two of them. */
interface ItemAnswer {
	readonly valueString?: string;
	readonly valueInteger?: number;
	readonly valueCoding?: { readonly code: string };
}

/** A group of answers, or an answer. */
export interface ResponseItem {
	readonly linkId: string;
	readonly item?: readonly ResponseItem[];
	readonly answer?: readonly ItemAnswer[];
}

/** What somebody answered. */
export interface OurResponse {
	readonly id: string;
	readonly questionnaire: string;
	readonly subject: { readonly reference: string };
	readonly authored: string;
	readonly item?: readonly ResponseItem[];
}

const itemAnswer = {
	// The published schema lets two values of one answer through.
	oneOf: [
		{ type: 'object', required: ['valueString'], properties: { valueString: text } },
		{
			type: 'object',
			required: ['valueInteger'],
			properties: { valueInteger: { type: 'integer', minimum: 0 } }
		},
		{
			type: 'object',
			required: ['valueCoding'],
			properties: { valueCoding: coding(FHIR_SYSTEMS.answer) }
		}
	]
};

const response = {
	$defs: {
		item: having({ linkId: text, item: listOf({ $ref: '#/$defs/item' }), answer: listOf(itemAnswer, 1) }, [
			'item',
			'answer'
		])
	},
	...having(
		{
			id,
			questionnaire: {
				type: 'string',
				pattern: `^${QUESTIONNAIRE_URL}\\|[1-9][0-9]{0,8}$`
			},
			status: { const: 'completed' },
			subject,
			authored: moment,
			item: listOf({ $ref: '#/$defs/item' })
		},
		['item']
	)
};

/** Something observed: a length, discomfort in a region, or a warning sign. */
export interface OurObservation {
	readonly id: string;
	readonly identifier?: readonly { readonly value: string }[];
	readonly subject: { readonly reference: string };
	readonly effectiveDateTime: string;
	readonly code: { readonly coding: readonly { readonly system?: string; readonly code: string }[] };
	readonly valueQuantity?: { readonly value: number };
	readonly method?: { readonly coding: readonly { readonly code: string }[] };
	readonly component?: readonly {
		readonly code: { readonly coding: readonly { readonly code: string }[] };
		readonly valueInteger?: number;
		readonly valueQuantity?: { readonly value: number };
		readonly valueDateTime?: string;
		readonly valueCodeableConcept?: { readonly coding: readonly { readonly code: string }[] };
	}[];
}

const codes = having({
	coding: listOf(having({ system: { type: 'string' }, code: { type: 'string' } }, ['system']), 1)
});
const sourced = { identifier: listOf(having({ system: { const: FHIR_SYSTEMS.source }, value: id }), 1) };
const observed = {
	resourceType: { const: 'Observation' },
	status: { const: 'final' },
	subject,
	effectiveDateTime: moment,
	code: codes
};

/** @param system of the code that makes it ours */
const codedBy = (system: string, code: unknown) => ({
	code: { ...codes, properties: { coding: { type: 'array', contains: coding(system, code) } } }
});

const component = (properties: Record<string, unknown>) =>
	having({ code: concept(FHIR_SYSTEMS.discomfort), ...properties }, Object.keys(properties));

const OBSERVATIONS = {
	[FHIR_SYSTEMS.length]: having({
		...observed,
		...sourced,
		...codedBy(FHIR_SYSTEMS.length, { enum: FHIR_LENGTHS }),
		valueQuantity: having({ value: { type: 'number' }, system: { const: UCUM }, code: { const: 'mm' } }),
		method: concept(FHIR_SYSTEMS.method, { enum: BODY_MEASURING_METHODS })
	}),
	[FHIR_SYSTEMS.region]: having({
		...observed,
		...sourced,
		...codedBy(FHIR_SYSTEMS.region, { enum: REGIONS }),
		component: listOf(
			component({
				valueInteger: { type: 'integer', minimum: 0, maximum: 10 },
				valueCodeableConcept: concept(FHIR_SYSTEMS.discomfort)
			}),
			3
		)
	}),
	[FHIR_SYSTEMS.sign]: having(
		{
			...observed,
			id,
			...codedBy(FHIR_SYSTEMS.sign, { enum: RED_FLAGS }),
			valueBoolean: { const: true },
			component: listOf(
				having({ code: concept(FHIR_SYSTEMS.signPart, { const: 'taken-back' }), valueDateTime: moment })
			)
		},
		['component']
	)
} as const;

/** A referral. */
export interface OurRequest {
	readonly id: string;
	readonly status: 'active' | 'completed';
	readonly extension?: readonly { readonly valueCode: (typeof CONSENT_WAYS)[number] }[];
	readonly subject: { readonly reference: string };
	readonly authoredOn: string;
	readonly performer?: readonly { readonly display: string }[];
	readonly occurrenceDateTime?: string;
	readonly reasonCode: readonly { readonly text: string }[];
	readonly note?: readonly { readonly time: string; readonly text: string }[];
}

const request = having(
	{
		id,
		extension: listOf(having({ url: { const: FHIR_SYSTEMS.consent }, valueCode: { enum: CONSENT_WAYS } }), 1),
		status: { enum: ['active', 'completed'] },
		intent: { const: 'proposal' },
		subject,
		authoredOn: moment,
		performer: listOf(having({ display: text }), 1),
		occurrenceDateTime: day,
		reasonCode: listOf(having({ text }), 1),
		note: listOf(having({ time: moment, text }), 1)
	},
	['extension', 'performer', 'occurrenceDateTime', 'note']
);

/** The checks of resources that are ours, by what makes them so. */
export const CHECKS = {
	patient: compileSchema<OurPatient>(patient),
	response: compileSchema<OurResponse>(response),
	length: compileSchema<OurObservation>(OBSERVATIONS[FHIR_SYSTEMS.length]),
	region: compileSchema<OurObservation>(OBSERVATIONS[FHIR_SYSTEMS.region]),
	sign: compileSchema<OurObservation>(OBSERVATIONS[FHIR_SYSTEMS.sign]),
	request: compileSchema<OurRequest>(request)
} as const;

/** Kinds of resources that are ours. */
export type OurKind = keyof typeof CHECKS;
