/** How the framework begins a page's program: the two files that start it, the only ones it names. */
const START = /Promise\.all\(\[\s*import\("[^"]+"\),\s*import\("[^"]+"\)\s*\]\)/;

/** Where scripts begin even if the page is never painted, as in a tab behind another, ms. */
const UNSEEN_MS = 2000;

/** Files asked for in one go: each is a little work of its own. */
const AT_ONCE = 2;

/**
 * What a page runs before its program: once it has been painted, the files of the program are fetched, and then run one by one, with room for what the
 * person does between them. Whoever reads and answers before that has a plain form.
 */
const begin = (files: readonly string[]) =>
	`(async (files) => {
		const pause = () => new Promise((done) => setTimeout(done));
		await new Promise((done) => {
			requestAnimationFrame(() => setTimeout(done));
			setTimeout(done, ${UNSEEN_MS});
		});
		for (const [i, href] of files.entries()) {
			document.head.append(Object.assign(document.createElement('link'), { rel: 'modulepreload', href }));
			if (i % ${AT_ONCE} === 0) await pause();
		}
		for (const file of files) {
			await import(new URL(file, document.baseURI));
			await pause();
		}
	})(${JSON.stringify(files)})`;

/**
 * A page whose scripts come after it: what it shows has the network and the processor to itself until it stands there.
 *
 * @param html a whole page; one without a program comes back as it is
 * @param files addresses of the files of its program, each after those that it needs
 */
export const deferHydration = (html: string, files: readonly string[]): string =>
	html.replace(START, (start) => `${begin(files)}.then(() => ${start})`);
