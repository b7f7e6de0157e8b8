/** Pages that have to use something before it lies in the file of what is shared. */
const SHARED_BY = 14;

/**
 * Puts what many pages share into one file: a phone that asks for sixty of them is busy with the asking. Of the browser's program only.
 * @returns {import('vite').Plugin}
 */
export function fewerFiles() {
	return {
		name: 'fewer-files',
		outputOptions(options) {
			if (!String(options.entryFileNames).startsWith('_app')) return null;
			return { ...options, codeSplitting: { groups: [{ name: 'shared', minShareCount: SHARED_BY }] } };
		}
	};
}
