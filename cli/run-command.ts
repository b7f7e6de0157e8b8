import { adviseCorner } from '../src/lib/core/advice';
import { NEWEST_CHECKLIST } from '../src/lib/core/checklist';
import { cornerSchema, type Corner } from '../src/lib/core/corner';
import { validateCorner } from '../src/lib/core/corner/validate-corner';
import { planCorner, reportCorner } from '../src/lib/core/plan';
import type { ReadText } from './read-input';

/** What a command reads from and writes to. */
export interface CommandIo {
	document(): Promise<ReadText>;
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
	{ readonly ok: true; readonly result: unknown } | { readonly ok: false; readonly fault: CommandError };

const USAGE = 'usage: core check|plan|advise [--lines] < corner.json, or: core schema|checklist';

const BAD_INPUT = 2;

function parse(read: ReadText): Outcome {
	if ('fault' in read) return { ok: false, fault: { error: read.fault, at: '' } };
	try {
		return { ok: true, result: JSON.parse(read.text.replace(/^\uFEFF/, '')) as unknown };
	} catch {
		return { ok: false, fault: { error: 'the document is not valid JSON', at: '' } };
	}
}

function answer(read: ReadText, compute: (corner: Corner) => unknown): Outcome {
	const parsed = parse(read);
	if (!parsed.ok) return parsed;
	const checked = validateCorner(parsed.result);
	if (!checked.ok) return { ok: false, fault: { error: checked.issue.text, at: checked.issue.at } };
	return { ok: true, result: compute(checked.value) };
}

const COMPUTE: Readonly<Record<string, (corner: Corner) => unknown>> = {
	check: reportCorner,
	plan: (corner) => planCorner(corner),
	advise: adviseCorner
};

/** What is printed as it is, without a document. */
const PRINT: Readonly<Record<string, unknown>> = {
	schema: cornerSchema,
	checklist: NEWEST_CHECKLIST
};

async function runLines(io: CommandIo, compute: (corner: Corner) => unknown): Promise<number> {
	for await (const line of io.lines()) {
		const outcome = answer(line, compute);
		io.out(`${JSON.stringify(outcome.ok ? outcome.result : outcome.fault)}\n`);
	}
	return 0;
}

/**
 * Runs one command.
 *
 * @param args `check`, `plan`, `advise`, `schema` or `checklist`, and `--lines` for one document a line
 * @returns the exit code: 0, or 2 for bad input with one JSON line on standard error and nothing on standard output.
 *   With `--lines` a bad line gives an error object in its place and the run goes on.
 */
export async function runCommand(args: readonly string[], io: CommandIo): Promise<number> {
	const [command = '', ...flags] = args;
	const compute = Object.hasOwn(COMPUTE, command) ? COMPUTE[command] : undefined;
	const printed = Object.hasOwn(PRINT, command) ? PRINT[command] : undefined;
	if (printed && flags.length === 0) {
		io.out(`${JSON.stringify(printed, null, '\t')}\n`);
		return 0;
	}
	if (!compute || flags.some((flag) => flag !== '--lines')) {
		io.err(`${JSON.stringify({ error: USAGE, at: '' })}\n`);
		return BAD_INPUT;
	}
	if (flags.length > 0) return runLines(io, compute);
	const outcome = answer(await io.document(), compute);
	if (outcome.ok) io.out(`${JSON.stringify(outcome.result)}\n`);
	else io.err(`${JSON.stringify(outcome.fault)}\n`);
	return outcome.ok ? 0 : BAD_INPUT;
}
