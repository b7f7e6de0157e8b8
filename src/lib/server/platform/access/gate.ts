import type { Role } from '../../../core/platform/access/roles';
import type { Session } from './sessions';

const CODE = '/desk/sign-in/code';
const SET_UP = '/desk/(signed-in)/account/second-factor';
const PASSKEYS = '/desk/(signed-in)/account/passkeys';

/** Routes that are open whatever a session lacks: for signing out, and for supplying what is missing. */
const ALWAYS: readonly (string | null)[] = [
	'/desk/sign-out',
	'/desk/(signed-in)/confirm',
	'/desk/sign-in/passkey',
	'/desk/sign-in/provider',
	'/desk/sign-in/provider/back'
];

/**
 * Acts that ask for the password again after a while: inviting accounts, exporting people, erasing, the audit log, the second factor. For a
 * file, the page to return to. ASVS 4.0.3, 4.3.1 and 2.1.5 (from memory).
 */
const ASKS_ANEW: Readonly<Record<string, (path: string) => string>> = {
	'/desk/(signed-in)/account/tokens': (path) => path,
	'/desk/(signed-in)/users': (path) => path,
	'/desk/(signed-in)/people/export': () => '/desk/people',
	'/desk/(signed-in)/people/export/fhir': () => '/desk/people',
	'/desk/(signed-in)/equipment/export': () => '/desk/equipment',
	'/desk/(signed-in)/record/export': () => '/desk/record',
	'/desk/(signed-in)/cases/[id=uuid]/erase': (path) => path,
	'/desk/(signed-in)/cases/[id=uuid]/merge': (path) => path,
	'/desk/(signed-in)/cases/[id=uuid]/everything': (path) => path,
	'/desk/(signed-in)/cases/[id=uuid]/everything/archive': (path) => path.replace(/\/archive$/, ''),
	'/desk/(signed-in)/cases/[id=uuid]/everything/data': (path) => path.replace(/\/data$/, ''),
	'/desk/(signed-in)/cases/[id=uuid]/everything/fhir': (path) => path.replace(/\/fhir$/, ''),
	'/desk/(signed-in)/retention': (path) => path,
	'/desk/(signed-in)/organisation': (path) => path,
	'/desk/(signed-in)/organisation/archive': (path) => path,
	'/desk/(signed-in)/organisation/archive/file': () => '/desk/organisation/archive',
	'/desk/(signed-in)/organisation/checklist': (path) => path,
	'/desk/(signed-in)/organisation/checklist/file': () => '/desk/organisation/checklist',
	'/desk/(signed-in)/organisation/cover': (path) => path,
	'/desk/(signed-in)/organisation/policy': (path) => path,
	'/desk/(signed-in)/organisation/policy/file': () => '/desk/organisation/policy',
	'/desk/(signed-in)/organisation/settings/[area=area]': (path) => path,
	'/desk/(signed-in)/organisation/settings/[area=area]/file': (path) => path.replace(/\/file$/, ''),
	'/desk/(signed-in)/organisation/translations': (path) => path,
	'/desk/(signed-in)/organisation/webhooks': (path) => path,
	'/desk/(signed-in)/organisation/logo': () => '/desk/organisation',
	[SET_UP]: (path) => path,
	// A request of that page, not a page to return to.
	[PASSKEYS]: () => '/desk/account/second-factor'
};

/** What a session must do before a route opens: the path to go to, or null where it may proceed. */
export function gateFor(
	route: string | null,
	path: string,
	session: Session | null,
	rolesWithCode: readonly Role[]
): string | null {
	if (!session || !route?.startsWith('/desk') || ALWAYS.includes(route)) return null;
	if (session.isPending) return route === CODE || route === '/desk/sign-in' ? null : CODE;
	const mustSetUp = !session.hasFactor && rolesWithCode.includes(session.user.role);
	if (mustSetUp && route !== SET_UP && route !== PASSKEYS) return '/desk/account/second-factor';
	const back = ASKS_ANEW[route];
	return back && !session.isFresh ? `/desk/confirm?to=${encodeURIComponent(back(path))}` : null;
}
