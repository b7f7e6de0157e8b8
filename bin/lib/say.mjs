/** A fault told to the user in one sentence, without a stack trace. */
export class PlainFault extends Error {}

/**
 * Whether an error is one that is told in a sentence.
 * @param {unknown} error
 */
export const isPlainFault = (error) => error instanceof PlainFault;

const start = Date.now();

/** Prints a line of progress. @param {string} text */
export function say(text) {
	process.stdout.write(`${text}\n`);
}

/** Seconds since the command began, for progress lines. */
export function elapsed() {
	return `${((Date.now() - start) / 1000).toFixed(1)} s`;
}

/**
 * Runs something that may take long, and shows that it is still working.
 * @template T
 * @param {string} label what is being done
 * @param {() => Promise<T>} work
 * @returns {Promise<T>}
 */
export async function withProgress(label, work) {
	const began = Date.now();
	const seconds = () => Math.round((Date.now() - began) / 1000);
	say(`${label} …`);
	const timer = setInterval(() => say(`  … still at it (${seconds()} s)`), 10_000);
	try {
		return await work();
	} finally {
		clearInterval(timer);
	}
}

/**
 * Runs a command's main function; a plain fault becomes one sentence and exit code 1.
 * @param {() => Promise<number | void>} main
 */
export async function run(main) {
	try {
		process.exitCode = (await main()) ?? 0;
	} catch (error) {
		if (!(error instanceof PlainFault)) throw error;
		process.stderr.write(`${error.message}\n`);
		process.exitCode = 1;
	}
}
