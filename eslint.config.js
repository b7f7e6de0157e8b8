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

/** A navigation that is under way ends without a word where a page is invalidated. */
const DROPS_NAVIGATION = [
	{ name: '$app/forms', importNames: ['enhance'], message: 'Use enhanceForm of the kit.' },
	{
		name: '$app/navigation',
		importNames: ['invalidateAll', 'invalidate'],
		message: 'Use refreshPage of the kit.'
	}
];

export default ts.config(
	// Everything that is no component is linted by oxlint (.oxlintrc.json), in a second.
	{ ignores: ['build/', '.svelte-kit/', '.data/', 'node_modules/', '**/*.{js,mjs,ts}', '!**/*.svelte.ts'] },
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
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
			'no-restricted-imports': ['error', { paths: DROPS_NAVIGATION }],
			// Links are written out as paths: the application is always served from the root of its address.
			'svelte/no-navigation-without-resolve': 'off'
		}
	},
	{
		// Controls come from the kit, which knows their states and works before scripts have loaded.
		files: ['src/routes/**/*.svelte', 'src/lib/ui/**/*.svelte'],
		ignores: ['src/lib/ui/platform/kit/**'],
		rules: {
			'svelte/no-restricted-html-elements': [
				'error',
				{
					elements: ['select', 'dialog', 'textarea'],
					message: 'Use the kit: src/lib/ui/platform/kit.'
				}
			],
			'no-restricted-syntax': [
				'error',
				NAMES_HIDDEN,
				{
					selector:
						"SvelteElement[name.name='input']:not(:has(SvelteAttribute[key.name='type'][value.0.value='hidden']))",
					message: 'Use the kit: src/lib/ui/platform/kit.'
				},
				{
					// But for the hidden one that Enter presses.
					selector: "SvelteElement[name.name='button']:not(:has(SvelteAttribute[key.name='aria-hidden']))",
					message: 'Use the kit: src/lib/ui/platform/kit.'
				},
				{
					selector:
						"SvelteAttribute[key.name='class'] > SvelteLiteral[value=/(^|\\s)(btn|btn-main|btn-small|link-button|field)(\\s|$)/]",
					message: 'Use the Button of the kit.'
				}
			]
		}
	}
);
