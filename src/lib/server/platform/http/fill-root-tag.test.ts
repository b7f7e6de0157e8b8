import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { fillRootTag } from './fill-root-tag';

const READER = { lang: 'de', theme: 'dark', text: 'large', door: 'employee' };

it('says who reads a page in its first tag, and leaves what people wrote as it is', () => {
	const page = readFileSync('src/app.html', 'utf8').replace('%sveltekit.body%', '<p>%lang% is 100 %</p>');
	const filled = fillRootTag(page, READER);
	expect(filled).toContain('<html lang="de" data-theme="dark" data-text="large" data-door="employee">');
	expect(filled).toContain('<p>%lang% is 100 %</p>');
});

it('leaves a later part of a page as it is', () => {
	expect(fillRootTag('<script>"%theme%"</script>', READER)).toBe('<script>"%theme%"</script>');
});
