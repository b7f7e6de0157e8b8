import { DomainError } from './domain-error';

/** A line of the log. Only route patterns and kinds: no URL with a token, no name, no answer. */
export interface LogLine {
	readonly level: 'info' | 'warn' | 'error';
	readonly event: string;
	readonly [detail: string]: string | number | undefined;
}

/** Writes a line of JSON to standard output. */
export function log(line: LogLine): void {
	process.stdout.write(`${JSON.stringify({ at: new Date().toISOString(), ...line })}\n`);
}

/**
 * What may be logged about an unexpected error: its class and where it was thrown. Not its message: database messages contain the values of
 * a statement.
 */
export function describeError(error: unknown): { kind: string; where?: string } {
	if (error instanceof DomainError) return { kind: `fault:${error.kind}` };
	if (!(error instanceof Error)) return { kind: typeof error };
	const cause = error.cause as { code?: unknown } | undefined;
	const code = (error as { code?: unknown }).code ?? cause?.code;
	const frame = error.stack
		?.split('\n')
		.find((line) => line.includes('    at '))
		?.trim();
	return {
		kind: typeof code === 'string' ? `${error.name}:${code}` : error.name,
		...(frame ? { where: frame } : {})
	};
}
