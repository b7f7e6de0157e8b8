import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { exec } from './exec.mjs';
import { packageProgram, root } from './paths.mjs';
import { say } from './say.mjs';

/** @typedef {{ passed: number, failed: number, skipped: number }} Counts */
/** @typedef {Counts & { failing: string[] }} Report counts, and the names of the tests that failed */

/** Adds up the results of the stages of a check. */
export class Stages {
	/** @type {Counts} */
	counts = { passed: 0, failed: 0, skipped: 0 };
	/** Failures by stage and name, repeated at the end below pages of output. @type {string[]} */
	#failing = [];
	/** How far its commands give way to others, from 0 to 19. */
	#niceness = 0;

	/**
	 * The same results, from commands run at a lower priority.
	 * @param {number} niceness from 0 to 19
	 */
	yielding(niceness) {
		const stages = new Stages();
		stages.counts = this.counts;
		stages.#failing = this.#failing;
		stages.#niceness = niceness;
		return stages;
	}

	/**
	 * A stage that is one check: it passes or it does not.
	 * @param {string} name @param {string} command @param {string[]} args
	 */
	async check(name, command, args) {
		const began = Date.now();
		const { code, output } = await exec(command, args, { cwd: root, niceness: this.#niceness });
		this.#tell(name, { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1, skipped: 0 }, began);
		if (code !== 0) process.stdout.write(output);
	}

	/**
	 * A stage that runs tests and reads their counts from a report.
	 * @param {string} name @param {string} command @param {string[]} args
	 * @param {{ report: string, read: (report: any) => Report, env?: NodeJS.ProcessEnv, mayBeNone?: boolean }} how
	 *   mayBeNone: that it runs no test is no failure
	 */
	async tests(name, command, args, { report, read, env, mayBeNone = false }) {
		const began = Date.now();
		const file = join(root, report);
		rmSync(file, { force: true });
		mkdirSync(join(root, 'test-results'), { recursive: true });
		const { code, output } = await exec(command, args, {
			cwd: root,
			niceness: this.#niceness,
			env: { ...process.env, KIT_DIR: '.svelte-kit/tests', ...env }
		});
		const counts = existsSync(file)
			? read(JSON.parse(readFileSync(file, 'utf8')))
			: { passed: 0, failed: 0, skipped: 0, failing: [] };
		// A runner that failed without a failed test (it broke, or ran nothing) is a failure too.
		if (counts.failed === 0 && (code !== 0 || (counts.passed === 0 && !mayBeNone))) counts.failed = 1;
		this.#tell(name, counts, began);
		for (const test of counts.failing) this.#failing.push(`${name}: ${test}`);
		if (counts.failed > 0) process.stdout.write(output);
	}

	/**
	 * A check whose outcome is waited for.
	 * @param {string} name @param {() => Promise<boolean>} isSo
	 */
	async outcome(name, isSo) {
		const began = Date.now();
		const holds = await isSo();
		this.#tell(name, { passed: holds ? 1 : 0, failed: holds ? 0 : 1, skipped: 0 }, began);
	}

	/** @param {string} name @param {Counts} counts @param {number} began */
	#tell(name, counts, began) {
		for (const key of /** @type {const} */ (['passed', 'failed', 'skipped'])) this.counts[key] += counts[key];
		const seconds = ((Date.now() - began) / 1000).toFixed(0);
		say(
			`${counts.failed === 0 ? 'ok  ' : 'FAIL'} ${name}: ${counts.passed} passed, ${counts.failed} failed (${seconds} s)`
		);
	}

	/** Prints the closing line and gives the exit code. */
	close() {
		const { passed, failed, skipped } = this.counts;
		for (const line of this.#failing) say(`failed: ${line}`);
		say(`${passed} passed, ${failed} failed${skipped ? `, ${skipped} skipped` : ''}`);
		return failed === 0 ? 0 : 1;
	}
}

const LONGEST_REASON = 600;

/** What a failed test says of itself, on one line: a log is often cut, and its end is what remains. @param {string | undefined} message */
const reason = (message) =>
	message ? `: ${stripVTControlCharacters(message).replace(/\s+/g, ' ').slice(0, LONGEST_REASON)}` : '';

/** Reads a Vitest report. @param {any} report @returns {Report} */
export function vitestCounts(report) {
	const broken = report.testResults.filter(
		(/** @type {any} */ file) => file.status === 'failed' && file.assertionResults.length === 0
	);
	return {
		passed: report.numPassedTests,
		failed: report.numFailedTests + broken.length,
		skipped: report.numPendingTests + report.numTodoTests,
		failing: report.testResults.flatMap((/** @type {any} */ file) =>
			file.assertionResults
				.filter((/** @type {any} */ { status }) => status === 'failed')
				.map((/** @type {any} */ { fullName, failureMessages: [why] }) => `${fullName}${reason(why)}`)
		)
	};
}

/**
 * The failed tests in a Playwright report's suites, each with why.
 * @param {any[]} suites
 * @returns {string[]}
 */
function failingIn(suites) {
	return suites.flatMap((suite) => [
		...(suite.specs ?? [])
			.filter((/** @type {any} */ { ok }) => !ok)
			.map((/** @type {any} */ { file, line, title, tests: [test] }) => {
				const error = test?.results.at(-1)?.error;
				const at = error?.location ? ` (line ${error.location.line})` : '';
				return `${file}:${line} ${title}${at}${reason(error?.message)}`;
			}),
		...failingIn(suite.suites ?? [])
	]);
}

/** Reads a Playwright report. @param {any} report @returns {Report} */
export function playwrightCounts({ stats, suites }) {
	const { expected, flaky, unexpected: failed, skipped } = stats;
	return { passed: expected + flaky, failed, skipped, failing: failingIn(suites) };
}

/** Arguments that make Vitest run one project and write its report. @param {string} project */
export function vitestArgs(project) {
	return [
		'run',
		'--project',
		project,
		'--reporter=default',
		'--reporter=json',
		`--outputFile.json=test-results/${project}.json`
	];
}

/**
 * Checks all types. TypeScript's native compiler does most of the work, several times faster than the one other tools are written for; its
 * results for each component are kept for the next run.
 * @type {[command: string, args: string[]]}
 */
export const TYPES = [packageProgram('svelte-check'), ['--tsgo', '--incremental', '--fail-on-warnings']];

/** Lints everything except components. @type {[command: string, args: string[]]} */
export const LINT = [packageProgram('oxlint'), []];

/**
 * Lints the components; one unchanged since it was last linted is skipped.
 * @type {[command: string, args: string[]]}
 */
export const LINT_COMPONENTS = [
	packageProgram('eslint'),
	['--cache', '--cache-location', 'node_modules/.cache/eslint/', '.']
];
