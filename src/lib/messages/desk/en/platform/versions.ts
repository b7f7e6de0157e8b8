/** Words for whatever the organisation publishes in versions. */
export const versionTexts = {
	heading: 'Versions',
	version: (n: number) => `Version ${n}`,
	current: (version: string) => `${version}, applies now`,
	note: 'Why you change this',
	noteHint: 'Colleagues read it in the list of versions.',
	publish: 'Publish',
	by: (name: string, when: string) => `${name}, ${when}`,
	gone: 'a closed account',
	use: 'Start from this version',
	download: 'Download'
};
