/** Number of pages that must use something before it goes into the shared file. */
const SHARED_BY = 14;

/** Employees' pages, and what surrounds every page. */
const FOR_EMPLOYEES = /\/src\/routes\/(?:c\/|\+)/;

/**
 * Puts code shared by many pages into one file for each door: a phone that requests sixty files spends its time on the requests, and has no
 * use for the desk's. For the browser's program only.
 * @returns {import('vite').Plugin}
 */
export function fewerFiles() {
	/**
	 * Walks everything that imports a module, once each, since libraries import each other in circles: a thousand steps for each of a
	 * thousand modules.
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
			/** @type {(id: string, context: { getModuleInfo(id: string): { readonly importers: readonly string[] } | null }) => string | null} */
			const shared = (id, context) =>
				isForEmployees(id, (one) => context.getModuleInfo(one)) ? 'shared' : null;
			// A group takes along what its modules import: the desk's must find all that employees need already taken.
			return {
				...options,
				codeSplitting: {
					groups: [
						{ name: shared, debugName: 'shared by both doors', minShareCount: SHARED_BY, priority: 2 },
						{ name: 'desk', debugName: 'shared by the desk', minShareCount: SHARED_BY, priority: 1 }
					]
				}
			};
		}
	};
}
