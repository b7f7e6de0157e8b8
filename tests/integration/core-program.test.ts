import { execFile } from 'node:child_process';
import { expect, it } from 'vitest';

it('npm run -s core runs as a program', async () => {
	const outcome = await new Promise<{ code: number; out: string; err: string }>((resolve) => {
		const child = execFile('npm', ['run', '-s', 'core', '--', 'check'], (error, out, err) =>
			resolve({ code: typeof error?.code === 'number' ? error.code : 0, out, err })
		);
		child.stdin?.end('{');
	});
	expect({ code: outcome.code, out: outcome.out }).toEqual({ code: 2, out: '' });
	expect(outcome.err).toContain('"at":""');
});
