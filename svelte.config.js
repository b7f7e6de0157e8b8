import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
const config = {
	preprocess: vitePreprocess(),
	kit: {
		// Whatever builds or tests beside a check of the types writes them elsewhere: half a file is no type.
		outDir: process.env.KIT_DIR ?? '.svelte-kit',
		adapter: adapter({ out: 'build' }),
		// Styles of one component are a line or two: fetching each holds the page up longer than reading it along.
		inlineStyleThreshold: 4096,
		// Done by the employee's door, once its page has been taken over.
		serviceWorker: { register: false },
		// Looked at in the hook, for every method and kind of body, with more of its own addresses than one.
		csrf: { trustedOrigins: ['*'] },
		csp: {
			mode: 'nonce',
			directives: {
				'default-src': ['self'],
				'img-src': ['self', 'data:'],
				'style-src': ['self'],
				// The one style attribute that scripts write: SvelteKit's line for screen readers, by the hash of its text.
				'style-src-attr': ['unsafe-hashes', 'sha256-S8qMpvofolR8Mpjy4kQvEm7m1q8clzU4dfDH0AmvZjo='],
				'font-src': ['self'],
				'connect-src': ['self'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none'],
				'object-src': ['none']
			}
		}
	}
};

export default config;
