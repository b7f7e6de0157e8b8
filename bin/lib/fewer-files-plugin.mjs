/** Pages that have to use something before it lies in the file of what is shared. */
const SHARED_BY = 14;

/** Pages that employees open, and what stands around every page. */
const FOR_EMPLOYEES = /\/src\/routes\/(?:c\/|\+)/;

/**
 * Puts what many pages share into one file for each door: a phone that asks for sixty of them is busy with the asking, and has no use for the desk's.
 * Of the browser's program only.
 * @returns {import('vite').Plugin}
 */
export function fewerFiles() {
	/**
	 * All that needs a module is walked through, as libraries import each other in circles: a thousand steps for each of a thousand modules.
	 * @param {string} id
	 * @param {(id: string) => { readonly importers: readonly string[] } | null} infoOf
	 */
	const isForEmployees = (id, infoOf) => {
		const met = new Set([id]);
		for (const by of met) {
			if (FOR_EMPLOYEES.test(by)) return true;
			for (const importer of infoOf(by)?.importers ?? []) met.add(importer);
		}
		return false;
	};

	return {
		name: 'fewer-files',
		outputOptions(options) {
			if (!String(options.entryFileNames).startsWith('_app')) return null;
			/** @type {(id: string, context: { getModuleInfo(id: string): { readonly importers: readonly string[] } | null }) => string} */
			const name = (id, context) =>
				isForEmployees(id, (one) => context.getModuleInfo(one)) ? 'shared' : 'desk';
			return {
				...options,
				codeSplitting: { groups: [{ name, debugName: 'shared by a door', minShareCount: SHARED_BY }] }
			};
		}
	};
}
