import { spawn } from 'node:child_process';
import { setPriority } from 'node:os';

/**
 * @typedef {object} Finished
 * @property {number} code exit code; 128 + signal where a signal ended it
 * @property {string} output standard output and error together
 */

/**
 * Runs a command to its end. Output is collected, and shown as it comes where `show` is set.
 * @param {string} command
 * @param {string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv, show?: boolean, input?: import('node:stream').Readable, inherit?: boolean, niceness?: number }} [options]
 *   niceness: how far it gives way to others, from 0 to 19
 * @returns {Promise<Finished>}
 */
export function exec(command, args, options = {}) {
	const { show = false, inherit = false, cwd, env = process.env, niceness = 0 } = options;
	return new Promise((resolve) => {
		const child = spawn(command, args, { cwd, env, stdio: inherit ? 'inherit' : ['ignore', 'pipe', 'pipe'] });
		if (niceness > 0 && child.pid !== undefined) setPriority(child.pid, niceness);
		let output = '';
		for (const stream of [child.stdout, child.stderr]) {
			stream?.on('data', (/** @type {Buffer} */ chunk) => {
				output += chunk.toString();
				if (show) process.stdout.write(chunk);
			});
		}
		child.on('error', (error) => resolve({ code: 127, output: String(error) }));
		child.on('close', (code, signal) => resolve({ code: code ?? (signal ? 128 : 1), output }));
	});
}
