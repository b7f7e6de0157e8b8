import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';

const ROUTES = 'src/routes';

/** A route of the program, by the files that answer it. */
export interface FoundRoute {
	/** As SvelteKit names it. */
	readonly route: string;
	/** Whether there is a page; else it answers with data. */
	readonly hasPage: boolean;
}

/** Every route that answers by itself, in the order of its name. */
export function routesIn(at = ''): FoundRoute[] {
	const names = readdirSync(join(ROUTES, at));
	const hasPage = names.includes('+page.svelte') || (at === '' && names.includes('+page.server.ts'));
	const own = hasPage || names.includes('+server.ts') ? [{ route: `/${at}`, hasPage }] : [];
	const folders = names.filter((name) => statSync(join(ROUTES, at, name)).isDirectory());
	return [...own, ...folders.flatMap((name) => routesIn(join(at, name)))].sort((a, b) =>
		a.route < b.route ? -1 : 1
	);
}

/** The routes of the coordinator's door behind the sign-in. */
export const deskRoutes = () => routesIn().filter(({ route }) => route.startsWith('/desk/(signed-in)'));

/** Names of a page's form actions, by the file that carries them out. */
export function actionsOf(route: string): string[] {
	const file = join(ROUTES, route, '+page.server.ts');
	const acts = existsSync(file) ? readFileSync(file, 'utf8').split('export const actions')[1] : undefined;
	return [...(acts ?? '').matchAll(/^\t(\w+): (?:async |act)?\(/gm)].flatMap(([, name]) => name ?? []);
}
