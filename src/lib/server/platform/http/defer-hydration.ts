/** How the framework starts a page's scripts: the two entry files, the only ones it names. */
const START = /Promise\.all\(\[\s*import\("[^"]+"\),\s*import\("[^"]+"\)\s*\]\)/;

/** When scripts start even if the page is never painted, as in a background tab, ms. */
const UNSEEN_MS = 2000;

/** Files fetched at a time: each is a small task of its own. */
const AT_ONCE = 2;

/**
 * What a page runs before its scripts: after the first paint, the script files are fetched and then run one by one, with room for the
 * person's input in between. Whoever answers before that uses a plain form.
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
 * A page whose scripts come later: until it is painted, it has the network and the processor to itself.
 * @param html a whole page; one without scripts is returned unchanged
 * @param files URLs of its scripts, each after those it needs
 */
export const deferHydration = (html: string, files: readonly string[]): string =>
	html.replace(START, (start) => `${begin(files)}.then(() => ${start})`);
