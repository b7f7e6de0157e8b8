import { expect, it } from 'vitest';
import { USAGE } from '../../cli/app/usage';
import { openApiDocument } from '../../src/lib/core/platform/api/openapi';
import { READ_ME } from '../../src/lib/server/platform/archive/read-me';
import { BARE, CLUMSY } from '../support/voice';

/** Every summary and description of a document. */
function textsOf(value: unknown): string[] {
	if (!value || typeof value !== 'object') return [];
	return Object.entries(value).flatMap(([name, inner]) =>
		(name === 'description' || name === 'summary') && typeof inner === 'string' ? [inner] : textsOf(inner)
	);
}

it('texts for programs and for administrators are written in the same words as the pages', () => {
	const described = textsOf(openApiDocument('https://corner.example').paths);
	expect(described.length).toBeGreaterThan(40);
	const lines = [...USAGE.split('\n'), ...READ_ME.split('\n')];
	for (const text of [...described, ...lines]) {
		expect(text).not.toMatch(CLUMSY);
		expect(text).not.toMatch(BARE);
	}
});
