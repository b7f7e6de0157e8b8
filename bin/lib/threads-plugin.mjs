import { fileURLToPath } from 'node:url';
import { build } from 'vite';

/** A module's name, with the thread's: `virtual:plan-thread` is `src/lib/workers/plan-thread.ts`. */
const NAME = /^virtual:(\w+)-thread$/;
const RESOLVED = '\0';
/** @type {Readonly<Record<string, URL>>} */
const THREADS = {
	plan: new URL('../../src/lib/workers/plan-thread.ts', import.meta.url),
	reassess: new URL('../../src/lib/workers/reassess-thread.ts', import.meta.url)
};
const LIB = fileURLToPath(new URL('../../src/lib', import.meta.url));

/**
 * Gives the server its threads' code as bundled text: the same in development, in tests and in the built application, and without separate
 * files that moving the build could lose.
 * @returns {import('vite').Plugin}
 */
export function threads() {
	return {
		name: 'threads',
		resolveId: (id) => (NAME.test(id) ? `${RESOLVED}${id}` : null),
		async load(id) {
			const thread = id.startsWith(RESOLVED) ? (NAME.exec(id.slice(RESOLVED.length))?.[1] ?? '') : '';
			const entry = THREADS[thread];
			if (!entry) return null;
			const result = await build({
				configFile: false,
				logLevel: 'error',
				resolve: { alias: { $lib: LIB } },
				ssr: { noExternal: true },
				build: {
					ssr: fileURLToPath(entry),
					write: false,
					// The database's client would use it if it were there.
					rollupOptions: { external: ['pg-native'], output: { format: 'cjs', codeSplitting: false } }
				}
			});
			const outputs = Array.isArray(result)
				? result.flatMap((r) => r.output)
				: 'output' in result
					? result.output
					: [];
			const chunk = outputs.find((output) => output.type === 'chunk');
			if (!chunk || chunk.type !== 'chunk') throw new Error(`The thread ${thread} was not bundled`);
			return `export default ${JSON.stringify(chunk.code)};`;
		}
	};
}
