import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js';
import { pointerToken, type Checked, type Issue } from '../issue';

const ajv = new Ajv2020({ allErrors: false, allowUnionTypes: true, strict: true, verbose: true });

/** What each schema keyword's error means in plain words. */
const WORDS: Readonly<Record<string, (error: ErrorObject) => string>> = {
	required: () => 'is missing',
	additionalProperties: () => 'is not a part of this format',
	'false schema': () => 'is not a part of this version of the format',
	type: (e) => `must be ${typeWords(e)}`,
	minimum: (e) => `must be ${rangeWords(e)}`,
	maximum: (e) => `must be ${rangeWords(e)}`,
	enum: (e) => `must be one of: ${(e.params as { allowedValues: unknown[] }).allowedValues.join(', ')}`,
	const: (e) => `must be ${JSON.stringify((e.params as { allowedValue: unknown }).allowedValue)}`,
	minItems: (e) => `must have at least ${limitOf(e)} entries`,
	maxItems: (e) => `must have at most ${limitOf(e)} entries`,
	minLength: (e) => (limitOf(e) === 1 ? 'must not be empty' : `must have at least ${limitOf(e)} characters`),
	maxLength: (e) => `must have at most ${limitOf(e)} characters`,
	pattern: () => 'is not of the expected form'
};

function limitOf(error: ErrorObject): number {
	return (error.params as { limit: number }).limit;
}

function rangeWords(error: ErrorObject): string {
	const { minimum, maximum } = error.parentSchema as { minimum?: number; maximum?: number };
	if (minimum === undefined) return `at most ${maximum}`;
	if (maximum === undefined) return `at least ${minimum}`;
	return `from ${minimum} to ${maximum}`;
}

function typeWords(error: ErrorObject): string {
	const types = [(error.params as { type: string | string[] }).type].flat();
	const names = types.map((t) => (t === 'integer' ? 'a whole number' : t === 'null' ? 'null' : `a ${t}`));
	return names.join(' or ').replace(/\ba (?=[aeio])/g, 'an ');
}

function placeOf(error: ErrorObject): string {
	const { missingProperty, additionalProperty } = error.params as Record<string, string | undefined>;
	const inner = missingProperty ?? additionalProperty;
	return inner === undefined ? error.instancePath : `${error.instancePath}/${pointerToken(inner)}`;
}

function issueOf(error: ErrorObject): Issue {
	const at = placeOf(error);
	const words = WORDS[error.keyword]?.(error) ?? error.message ?? 'is not allowed';
	return { code: error.keyword, at, text: `${at === '' ? 'the document' : at} ${words}` };
}

/**
 * Compiles a JSON Schema (draft 2020-12) into a check that returns the typed value, or the first error with its JSON Pointer. Compiling
 * generates code at run time: for the server and the command line, not for a page under a content security policy.
 */
export function compileSchema<T>(schema: object): (value: unknown) => Checked<T> {
	const validate = ajv.compile(schema);
	return (value) => {
		if (validate(value)) return { ok: true, value: value as T };
		const error = validate.errors?.[0];
		if (!error) throw new Error('A schema check failed without naming a fault');
		return { ok: false, issue: issueOf(error) };
	};
}
