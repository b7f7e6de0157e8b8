/** Dependencies run one way: routes to ui and server, these to the core. `tests/unit/boundaries.test.ts` proves that it can fail. */
module.exports = {
	forbidden: [
		{
			name: 'core-is-pure',
			comment:
				'The core imports itself and small pure libraries, nothing of the interface, the server or Node.',
			severity: 'error',
			from: { path: '^src/lib/core/', pathNot: '\\.test\\.ts$' },
			to: {
				pathNot: [
					'^src/lib/core/',
					'^node_modules/(@internationalized/date|ajv|ical\\.js|jstat|papaparse|typebox|suncalc|date-holidays)/',
					// Types alone.
					'^(?:node_modules/@types/fhir|fhir/r4)'
				]
			}
		},
		{
			name: 'messages-know-only-the-core',
			severity: 'error',
			from: { path: '^src/lib/messages/', pathNot: '\\.test\\.ts$' },
			to: { pathNot: ['^src/lib/core/', '^src/lib/messages/'] }
		},
		{
			name: 'ui-never-imports-server',
			severity: 'error',
			from: { path: '^src/lib/ui/' },
			to: { path: ['^src/lib/server/', '^src/routes/'] }
		},
		{
			name: 'server-never-imports-ui',
			severity: 'error',
			from: { path: '^src/lib/server/' },
			to: { path: ['^src/lib/ui/', '^src/routes/', '^node_modules/svelte/'] }
		},
		{
			name: 'validation-stays-out-of-the-browser',
			comment: 'Ajv makes code at run time, which the content security policy of the pages forbids.',
			severity: 'error',
			from: { path: '^src/lib/(ui|messages)/|^src/routes/.*\\.svelte$' },
			to: {
				path: '^src/lib/core/(platform/schema|workstation/corner/validate-corner|cases/case-assessment/validate-case-record)|^node_modules/(ajv|typebox)/'
			}
		},
		{
			name: 'holiday-tables-stay-out-of-the-browser',
			comment: 'The tables of all countries are megabytes: they are for the server and the command line.',
			severity: 'error',
			from: {
				pathNot:
					'^src/lib/(server|core/platform/calendar/public-holidays|core/cases/case-assessment/assess-case-record)|\\.test\\.ts$|^(cli|seed|bench|tests/support)/'
			},
			to: { path: '^src/lib/core/platform/calendar/public-holidays|^node_modules/date-holidays/' }
		},
		{
			name: 'desk-words-stay-out-of-the-employees-pages',
			comment: 'The texts of the desk are as heavy as all the rest that a phone loads.',
			severity: 'error',
			from: { path: ['^src/routes/c/.*\\.svelte$', '^src/routes/\\+[a-z]+\\.svelte$'] },
			to: { path: '^src/lib/messages/desk/', reachable: true }
		},
		{ name: 'no-circles', severity: 'error', from: {}, to: { circular: true } }
	],
	options: {
		doNotFollow: { path: 'node_modules' },
		tsConfig: { fileName: 'tsconfig.boundaries.json' },
		tsPreCompilationDeps: true,
		enhancedResolveOptions: {
			extensions: ['.ts', '.svelte', '.js', '.mjs'],
			exportsFields: ['exports'],
			conditionNames: ['import', 'require', 'node', 'default', 'types']
		}
	}
};
