import { generateKeyPairSync } from 'node:crypto';
import { once } from 'node:events';
import { createServer } from 'node:http';
import { Provider } from 'oidc-provider';
import MemoryAdapter from 'oidc-provider/lib/adapters/memory_adapter.js';

/**
 * A stand-in for an organisation's own sign-in, for the demo and the tests: on loopback, it knows the demo's accounts and lets anybody be
 * any of them. Built on a library that follows the standard, so that what works with it works with a real one.
 */

/** Easy Corner's client there. */
const CLIENT = { id: 'easy-corner', secret: 'only-for-the-demo' };

/** Everybody it knows. The last one has no account at the desk. */
const PEOPLE = [
	{ sub: 'coordinator', email: 'coordinator@lanterns.example', name: 'Coordinator' },
	{ sub: 'second', email: 'second@lanterns.example', name: 'Second coordinator' },
	{ sub: 'clinician', email: 'clinician@lanterns.example', name: 'Clinician' },
	{ sub: 'reader', email: 'reader@lanterns.example', name: 'Reader' },
	{ sub: 'visitor', email: 'visitor@lanterns.example', name: 'Someone without an account' }
];

/** @param {string} action @param {string} again */
const page = (action, again) => `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Lanterns sign-in (stand-in)</title>
<style>
body { font: 1.1rem/1.5 sans-serif; max-width: 26rem; margin: 12vh auto; padding: 0 1.5rem; color: #222; background: #f6f4ef }
button { font: inherit; display: block; width: 100%; min-height: 3rem; margin: .5rem 0; text-align: left; padding: 0 1rem; border: 1px solid #777; background: #fff; cursor: pointer }
</style></head><body>
<h1>Lanterns sign-in</h1>
<p>A stand-in for your organisation’s own sign-in${again}. Who are you?</p>
<form method="post" action="${action}">
${PEOPLE.map(({ sub, name }) => `<button name="who" value="${sub}">${name}</button>`).join('\n')}
<button name="who" value="">Nobody: go back</button>
</form></body></html>`;

/** @param {import('node:http').IncomingMessage} request */
async function bodyOf(request) {
	let body = '';
	for await (const piece of request) body += piece;
	return new URLSearchParams(body);
}

/**
 * Starts the stand-in.
 * @param {{ port?: number, appPort: number }} options port: 0 for one that is free; appPort: where Easy Corner is reached
 * @returns {Promise<{ issuer: string, env: NodeJS.ProcessEnv, stop: () => Promise<void> }>}
 */
export async function startIdentity({ port = 0, appPort }) {
	const server = createServer();
	server.listen(port, '127.0.0.1');
	await once(server, 'listening');
	const address = server.address();
	if (address === null || typeof address === 'string') throw new Error('The stand-in has no port');
	const issuer = `http://127.0.0.1:${address.port}`;
	const { privateKey } = generateKeyPairSync('rsa', { modulusLength: 2048 });
	const provider = new Provider(issuer, {
		// What it stores is lost when it stops, like everything in a demo.
		adapter: class extends MemoryAdapter {},
		clients: [
			{
				client_id: CLIENT.id,
				client_secret: CLIENT.secret,
				redirect_uris: ['127.0.0.1', 'localhost'].map(
					(host) => `http://${host}:${appPort}/desk/sign-in/provider/back`
				)
			}
		],
		claims: { openid: ['sub'], email: ['email', 'email_verified'], profile: ['name'] },
		// Claims are put into the token itself, as most real providers do.
		conformIdTokenClaims: false,
		jwks: { keys: [{ ...privateKey.export({ format: 'jwk' }), use: 'sig', alg: 'RS256', kid: 'demo' }] },
		cookies: { keys: ['only for the demo'] },
		features: { devInteractions: { enabled: false } },
		ttl: { Session: 3600, Interaction: 600, Grant: 3600, IdToken: 600, AccessToken: 600 },
		findAccount: (_, sub) => {
			const found = PEOPLE.find((one) => one.sub === sub);
			return found && { accountId: sub, claims: async () => ({ ...found, email_verified: true }) };
		},
		interactions: { url: (_, { uid }) => `/interaction/${uid}` },
		// Nobody is asked whether their own employer may see their address.
		loadExistingGrant: async (context) => {
			const { client, session } = context.oidc;
			if (!client || !session?.accountId) return undefined;
			const grant = new context.oidc.provider.Grant({
				clientId: client.clientId,
				accountId: session.accountId
			});
			grant.addOIDCScope('openid email profile');
			await grant.save();
			return grant;
		}
	});
	server.on('request', async (request, response) => {
		if (!request.url?.startsWith('/interaction/')) return provider.callback()(request, response);
		try {
			const { uid, params } = await provider.interactionDetails(request, response);
			if (request.method === 'GET') {
				response.setHeader('content-type', 'text/html; charset=utf-8');
				return response.end(page(`/interaction/${uid}`, params.prompt === 'login' ? ', asked again' : ''));
			}
			const who = (await bodyOf(request)).get('who');
			await provider.interactionFinished(
				request,
				response,
				who ? { login: { accountId: who } } : { error: 'access_denied', error_description: 'Nobody' },
				{ mergeWithLastSubmission: false }
			);
		} catch (error) {
			response.statusCode = 400;
			response.end(error instanceof Error ? error.message : 'This could not be read.');
		}
	});
	return {
		issuer,
		env: {
			EASY_CORNER_OIDC_ISSUER: issuer,
			EASY_CORNER_PRIVATE_HOSTS: '127.0.0.1',
			EASY_CORNER_OIDC_CLIENT_ID: CLIENT.id,
			EASY_CORNER_OIDC_CLIENT_SECRET: CLIENT.secret,
			EASY_CORNER_OIDC_NAME: 'Lanterns'
		},
		stop: async () => {
			server.closeAllConnections();
			await new Promise((resolve) => server.close(resolve));
		}
	};
}
