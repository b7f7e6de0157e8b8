import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

/**
 * `sideEffects` in package.json lists the modules that do something when they are loaded. The bundler leaves out any other of which a page
 * uses nothing, so one that does something and isn't listed would be left out with what it does.
 */
const listed = (JSON.parse(readFileSync('package.json', 'utf8')) as { sideEffects: string[] }).sideEffects;

/** A statement at the top of a module that calls, assigns or loops: everything else there only declares. */
const ACTS =
	/^(?:(?:await |void |new )?[A-Za-z_$][\w$.]*(?:\[[^\]]*\])?(?:\(| \??\??\|?\|?= )|for |if |while )/m;

describe('modules that do something when they are loaded', () => {
	it('are listed for the bundler, and nothing is listed that isn’t one', () => {
		expect(ACTS.test('Chart.register(\n\tBar\n);')).toBe(true);
		expect(ACTS.test('window.x = 1;\nexport const a = f();\n/** x(y) */\nfunction g() {\n\tf();\n}')).toBe(
			true
		);
		expect(ACTS.test("import { a } from 'b';\nexport const c = a(1);\nfunction g() {\n\tf();\n}\n")).toBe(
			false
		);
		const found = readdirSync('src', { recursive: true, encoding: 'utf8' })
			.map((name) => name.replaceAll('\\', '/'))
			.filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts') && !name.startsWith('routes/'))
			// Run by themselves, not imported: a thread, the service worker, the hooks of the kit.
			.filter((name) => !/^(?:lib\/workers\/|service-worker|hooks)/.test(name))
			.filter((name) => ACTS.test(readFileSync(`src/${name}`, 'utf8')))
			.map((name) => `./src/${name}`);
		expect(found).toEqual(listed.filter((name) => name.endsWith('.ts')));
	});
});
