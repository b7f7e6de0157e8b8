import js from '@eslint/js';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import ts from 'typescript-eslint';
import svelteConfig from './svelte.config.js';

/** Names of a form's own methods: a control of such a name hides the method, and the page can't be taken down any more. */
const NAMES_OF_FORMS =
	/^(?:remove|submit|reset|requestSubmit|append|prepend|before|after|replaceWith|replaceChildren|closest|matches|contains|querySelector|querySelectorAll|addEventListener|removeEventListener|dispatchEvent|setAttribute|getAttribute|removeAttribute|hasAttribute|insertBefore|appendChild|removeChild|cloneNode|focus|blur|click|scrollIntoView|animate|getBoundingClientRect|elements|length|action|method|target|parentNode|firstChild|lastChild|nextSibling|previousSibling|children|childNodes|style|id|classList|attributes|dataset|isConnected)$/;

const SVELTE = ['**/*.svelte', '**/*.svelte.ts'];

const NAMES_HIDDEN = {
	selector: `SvelteAttribute[key.name='name'] > SvelteLiteral[value=${NAMES_OF_FORMS}]`,
	message: 'A control of this name hides a property of its form.'
};

export default ts.config(
	{ ignores: ['build/', '.svelte-kit/', '.data/', 'node_modules/', 'drizzle/'] },
	js.configs.recommended,
	...ts.configs.recommended,
	// Its rules are about components; asked of every other file too, they take a third of the time.
	...svelte.configs.recommended.map((config) => ({ ...config, files: config.files ?? SVELTE })),
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			eqeqeq: 'error',
			'@typescript-eslint/no-explicit-any': 'error',
			'@typescript-eslint/no-unused-vars': [
				'error',
				{ argsIgnorePattern: '^_', varsIgnorePattern: '^_', ignoreRestSiblings: true }
			]
		}
	},
	{
		files: SVELTE,
		languageOptions: { parserOptions: { parser: ts.parser, extraFileExtensions: ['.svelte'], svelteConfig } },
		rules: {
			'no-restricted-syntax': ['error', NAMES_HIDDEN],
			// Links are written out as paths: the application is always served from the root of its address.
			'svelte/no-navigation-without-resolve': 'off'
		}
	},
	{
		// Controls come from the kit, which knows their states and works before scripts have loaded.
		files: ['src/routes/**/*.svelte', 'src/lib/ui/**/*.svelte'],
		ignores: ['src/lib/ui/kit/**'],
		rules: {
			'svelte/no-restricted-html-elements': [
				'error',
				{
					elements: ['select', 'dialog', 'textarea'],
					message: 'Use the kit: src/lib/ui/kit.'
				}
			],
			'no-restricted-syntax': [
				'error',
				NAMES_HIDDEN,
				{
					selector:
						"SvelteElement[name.name='input']:not(:has(SvelteAttribute[key.name='type'][value.0.value='hidden']))",
					message: 'Use the kit: src/lib/ui/kit.'
				},
				{
					// But for the hidden one that Enter presses.
					selector: "SvelteElement[name.name='button']:not(:has(SvelteAttribute[key.name='aria-hidden']))",
					message: 'Use the kit: src/lib/ui/kit.'
				},
				{
					selector:
						"SvelteAttribute[key.name='class'] > SvelteLiteral[value=/(^|\\s)(btn|btn-main|btn-small|link-button|field)(\\s|$)/]",
					message: 'Use the Button of the kit.'
				}
			]
		}
	},
	{
		files: ['src/lib/core/**/*.ts'],
		ignores: ['**/*.test.ts'],
		rules: {
			'max-lines-per-function': ['error', { max: 60 }],
			'max-lines': ['error', { max: 350 }],
			'no-console': 'error',
			'no-restricted-globals': [
				'error',
				...[
					'window',
					'document',
					'fetch',
					'process',
					'localStorage',
					'performance',
					'setTimeout',
					'setInterval'
				].map((name) => ({ name, message: 'The core takes what it needs as arguments.' }))
			],
			'no-restricted-syntax': [
				'error',
				{
					selector: "CallExpression[callee.object.name='Math'][callee.property.name='random']",
					message: 'Chance is an argument.'
				},
				{
					selector: "CallExpression[callee.object.name='Date'][callee.property.name='now']",
					message: 'The time is an argument.'
				},
				{
					selector: "NewExpression[callee.name='Date'][arguments.length=0]",
					message: 'The time is an argument.'
				},
				{ selector: 'ExportAllDeclaration', message: 'Export by name.' }
			]
		}
	}
);
