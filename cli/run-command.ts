import { SHIPPED_RULES } from '../src/lib/core/platform/rules/shipped-rules';
import { adviseCorner } from '../src/lib/core/plan/advice/advise-corner';
import { cornerSchema } from '../src/lib/core/workstation/corner/corner-schema';
import { validateCorner } from '../src/lib/core/workstation/corner/validate-corner';
import type { Checked } from '../src/lib/core/platform/issue';
import { caseRecordSchema } from '../src/lib/core/cases/case-assessment/case-record-schema';
import { assessCaseRecord } from '../src/lib/core/cases/case-assessment/assess-case-record';
import { assessmentResultSchema } from '../src/lib/core/cases/case-assessment/assessment-result-schema';
import { validateCaseRecord } from '../src/lib/core/cases/case-assessment/validate-case-record';
import { readBundle } from '../src/lib/core/platform/fhir/read-bundle';
import { planCorner, reportCorner } from '../src/lib/core/plan/plan-corner';
import { statistic, validateStatistic } from '../src/lib/core/workforce/statistics/statistic';
import { LARGEST_BUNDLE_BYTES, type ReadText } from './read-input';

/** What a command reads from and writes to. */
export interface CommandIo {
	/** @param largestBytes the largest document taken; a usual one if left out */
	document(largestBytes?: number): Promise<ReadText>;
	lines(): AsyncIterable<ReadText>;
	out(text: string): void;
	err(text: string): void;
}

interface CommandError {
	readonly error: string;
	/** JSON Pointer of the fault; the empty string is the whole document. */
	readonly at: string;
}

type Outcome =
	| { readonly ok: true; readonly result: unknown }
	| { readonly ok: false; readonly fault: CommandError };

const USAGE =
	'usage: core check|plan|advise|judge|statistic|fhir [--lines] < document.json, or: core schema [corner|file|judgement], core checklist';

const BAD_INPUT = 2;

function parse(read: ReadText): Outcome {
	if ('fault' in read) return { ok: false, fault: { error: read.fault, at: '' } };
	try {
		return { ok: true, result: JSON.parse(read.text.replace(/^\uFEFF/, '')) as unknown };
	} catch {
		return { ok: false, fault: { error: 'the document is not valid JSON', at: '' } };
	}
}

/** A command that answers one document: checks it, then computes. */
type Compute = (document: unknown) => Outcome;

function computing<T>(check: (value: unknown) => Checked<T>, compute: (value: T) => unknown): Compute {
	return (document) => {
		const checked = check(document);
		return checked.ok
			? { ok: true, result: compute(checked.value) }
			: { ok: false, fault: { error: checked.issue.text, at: checked.issue.at } };
	};
}

function answer(read: ReadText, compute: Compute): Outcome {
	const parsed = parse(read);
	return parsed.ok ? compute(parsed.result) : parsed;
}

const COMPUTE: Readonly<Record<string, Compute>> = {
	check: computing(validateCorner, reportCorner),
	plan: computing(validateCorner, (corner) => planCorner(corner)),
	advise: computing(validateCorner, adviseCorner),
	judge: computing(validateCaseRecord, (file) => assessCaseRecord(file, SHIPPED_RULES)),
	statistic: computing(validateStatistic, statistic),
	fhir: computing(readBundle, (read) => read)
};

/** Commands that take larger documents than usual, in bytes. */
const LARGEST: Readonly<Record<string, number | undefined>> = { fhir: LARGEST_BUNDLE_BYTES };

/** What is printed as it is, without a document. */
const PRINT: Readonly<Record<string, unknown>> = {
	schema: cornerSchema,
	'schema corner': cornerSchema,
	'schema file': caseRecordSchema,
	'schema judgement': assessmentResultSchema,
	checklist: SHIPPED_RULES.checklist
};

async function runLines(io: CommandIo, compute: Compute): Promise<number> {
	for await (const line of io.lines()) {
		const outcome = answer(line, compute);
		io.out(`${JSON.stringify(outcome.ok ? outcome.result : outcome.fault)}\n`);
	}
	return 0;
}

/**
 * Runs one command.
 *
 * @param args `check`, `plan`, `advise`, `judge`, `statistic` or `fhir`, with `--lines` for one document a line; or `schema` of a format, `checklist`
 * @returns the exit code: 0, or 2 for bad input with one JSON line on standard error and nothing on standard output.
 *   With `--lines` a bad line gives an error object in its place and the run goes on.
 */
export async function runCommand(args: readonly string[], io: CommandIo): Promise<number> {
	const [command = '', ...flags] = args;
	const compute = Object.hasOwn(COMPUTE, command) ? COMPUTE[command] : undefined;
	const whole = args.join(' ');
	const printed = Object.hasOwn(PRINT, whole) ? PRINT[whole] : undefined;
	if (printed) {
		io.out(`${JSON.stringify(printed, null, '\t')}\n`);
		return 0;
	}
	if (!compute || flags.some((flag) => flag !== '--lines')) {
		io.err(`${JSON.stringify({ error: USAGE, at: '' })}\n`);
		return BAD_INPUT;
	}
	if (flags.length > 0) return runLines(io, compute);
	const outcome = answer(await io.document(LARGEST[command]), compute);
	if (outcome.ok) io.out(`${JSON.stringify(outcome.result)}\n`);
	else io.err(`${JSON.stringify(outcome.fault)}\n`);
	return outcome.ok ? 0 : BAD_INPUT;
}
