import { fileURLToPath } from 'node:url';
import { build } from 'vite';

const NAME = 'virtual:plan-thread';
const ENTRY = fileURLToPath(new URL('../../src/lib/workers/plan-thread.ts', import.meta.url));
const LIB = fileURLToPath(new URL('../../src/lib', import.meta.url));

/**
 * Gives the server its planning thread's code as bundled text: the same in development, in tests and in the built application, and without
 * a separate file that moving the build could lose.
 * @returns {import('vite').Plugin}
 */
export function planThread() {
	return {
		name: 'plan-thread',
		resolveId: (id) => (id === NAME ? `\0${NAME}` : null),
		async load(id) {
			if (id !== `\0${NAME}`) return null;
			const result = await build({
				configFile: false,
				logLevel: 'error',
				resolve: { alias: { $lib: LIB } },
				ssr: { noExternal: true },
				build: {
					ssr: ENTRY,
					write: false,
					rollupOptions: { output: { format: 'cjs', codeSplitting: false } }
				}
			});
			const outputs = Array.isArray(result)
				? result.flatMap((r) => r.output)
				: 'output' in result
					? result.output
					: [];
			const chunk = outputs.find((output) => output.type === 'chunk');
			if (!chunk || chunk.type !== 'chunk') throw new Error('The planning thread was not bundled');
			return `export default ${JSON.stringify(chunk.code)};`;
		}
	};
}
