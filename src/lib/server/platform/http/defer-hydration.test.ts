import { expect, it } from 'vitest';
import { deferHydration } from './defer-hydration';

const START = 'Promise.all([\n\timport("../_app/start.js"),\n\timport("../_app/app.js")\n])';

it('begins the program once its files are there, in their order, and leaves a page without one as it is', () => {
	const html = deferHydration(`<script>${START}.then(begin)</script>`, ['a.js', 'b.js']);
	expect(html).toContain('["a.js","b.js"])');
	expect(html).toContain(`.then(() => ${START}).then(begin)`);
	expect(deferHydration('<p>Promise.all is a word</p>', ['a.js'])).toBe('<p>Promise.all is a word</p>');
});
