import { createHash } from 'node:crypto';
import { join } from 'node:path';
import { exec } from './exec.mjs';
import { PlainFault } from './say.mjs';

/** Three database roles: one owns the tables, one changes their structure, one works with their contents. */
const ROLES = {
	owner: 'easy_corner_owner',
	migrator: 'easy_corner_migrator',
	app: 'easy_corner_app'
};

/**
 * A role's password, derived from the server's: the same for every process that starts.
 * @param {URL} url
 * @param {string} role
 */
const passwordOf = (url, role) =>
	createHash('sha256')
		.update(`${role} ${decodeURIComponent(url.password)}`)
		.digest('base64url');

/** @param {string} text */
const literal = (text) => `'${text.replaceAll("'", "''")}'`;

/**
 * SQL that creates a role with login, or brings it up to date.
 * @param {URL} url
 * @param {string} role
 * @param {string} more
 */
const login = (url, role, more = '') =>
	`if not exists (select from pg_roles where rolname = ${literal(role)}) then create role ${role}; end if;
	alter role ${role} login nosuperuser nocreatedb nocreaterole nobypassrls password ${literal(passwordOf(url, role))}; ${more}`;

/** What a pooler's sessions begin with: it passes no settings on. The application asks for the same where it signs in by itself. */
const APP_SESSION = [
	'timezone to UTC',
	'statement_timeout to 120000',
	'idle_in_transaction_session_timeout to 60000',
	'random_page_cost to 1.1'
]
	.map((setting) => `alter role ${ROLES.app} set ${setting};`)
	.join(' ');

/** @typedef {{ owner: string, migrator: string, app: string }} Roles names of the three */

/** A name as SQL takes it. @param {string} name */
const quoted = (name) => `"${name.replaceAll('"', '""')}"`;

/**
 * SQL that gives tables, functions and types to their owner and lets the two login roles open the database; repeated after a restore.
 * @param {Roles} roles
 */
const ownership = ({
	owner,
	migrator,
	app
}) => `execute format('grant connect, temporary on database %I to ${quoted(migrator)}, ${quoted(app)}', current_database());
	-- The queue asks for its schema at each start, though it is there.
	execute format('grant create on database %I to ${quoted(owner)}, ${quoted(app)}', current_database());
	alter schema public owner to ${quoted(owner)};
	create schema if not exists drizzle;
	alter schema drizzle owner to ${quoted(owner)};
	create schema if not exists pgboss;
	alter schema pgboss owner to ${quoted(app)};
	for r in
		select format('alter table %I.%I owner to %I', schemaname, tablename, w) as q
		from pg_tables, lateral (select case schemaname when 'pgboss' then ${literal(app)} else ${literal(owner)} end as w) as to_whom
		where schemaname in ('public', 'drizzle', 'pgboss') and tableowner <> w
		union all
		select format('alter %s %s owner to %I', case p.prokind when 'p' then 'procedure' else 'function' end, p.oid::regprocedure,
			case n.nspname when 'pgboss' then ${literal(app)} else ${literal(owner)} end)
		from pg_proc p join pg_namespace n on n.oid = p.pronamespace where n.nspname in ('public', 'pgboss')
			and not exists (select from pg_depend d where d.objid = p.oid and d.deptype = 'e')
		union all
		select format('alter type %I.%I owner to %I', n.nspname, t.typname,
			case n.nspname when 'pgboss' then ${literal(app)} else ${literal(owner)} end)
		from pg_type t join pg_namespace n on n.oid = t.typnamespace where n.nspname in ('public', 'pgboss') and t.typtype = 'e'
	loop execute r.q; end loop;`;

/**
 * SQL for everything the three roles need, safe to repeat: after a restore everything belongs to whoever restored it. The owner can't sign
 * in; the application can neither change the tables' structure nor alter a line of the audit log.
 * @param {URL} url
 */
const sqlFor = (url) => `
do $$
declare r record;
begin
	perform pg_advisory_xact_lock(727301444);
	if not exists (select from pg_roles where rolname = '${ROLES.owner}') then create role ${ROLES.owner} nologin; end if;
	${login(url, ROLES.migrator, `grant ${ROLES.owner} to ${ROLES.migrator};`)}
	${login(url, ROLES.app, APP_SESSION)}
	${ownership(ROLES)}
end $$;`;

/** The server's messages where another program was setting up the same role, and how often it is tried again. */
const MEANWHILE = /concurrently updated|duplicate key|already exists/;
const ATTEMPTS = 10;

/**
 * Sets up the roles on a database and gives the addresses by which each signs in.
 * @param {string} bin folder of PostgreSQL's programs
 * @param {string} url of the database, by a role that may do anything
 * @returns {Promise<{ appUrl: string, migratorUrl: string }>}
 */
export async function setUpRoles(bin, url) {
	const parsed = new URL(url);
	const attempt = () =>
		exec(join(bin, 'psql'), ['-qX', '-v', 'ON_ERROR_STOP=1', '-d', url, '-c', sqlFor(parsed)]);
	let { code, output } = await attempt();
	// Roles belong to the server, locks to one database: a program that starts on another database of the same server may be setting them
	// up at the same time.
	for (let more = ATTEMPTS; code !== 0 && MEANWHILE.test(output) && more > 0; more -= 1)
		({ code, output } = await attempt());
	if (code !== 0)
		throw new PlainFault(`The database's roles could not be set up: ${output.trim().split('\n')[0]}`);
	const as = (/** @type {string} */ role) => {
		const other = new URL(url);
		[other.username, other.password] = [role, passwordOf(parsed, role)];
		return other;
	};
	const migrator = as(ROLES.migrator);
	// What it creates belongs to the owner of the rest.
	migrator.searchParams.set('options', `-c role=${ROLES.owner}`);
	return { appUrl: as(ROLES.app).toString(), migratorUrl: migrator.toString() };
}

/**
 * Gives everything in a database to its owner after a restore.
 * @param {string} bin folder of PostgreSQL's programs
 * @param {string} url of the database, by a role that may do anything
 * @param {Roles} roles
 */
export async function giveToOwners(bin, url, roles) {
	const sql = `
do $$
declare r record;
begin
	${ownership(roles)}
end $$;`;
	const { code, output } = await exec(join(bin, 'psql'), [
		'-qX',
		'-v',
		'ON_ERROR_STOP=1',
		'-d',
		url,
		'-c',
		sql
	]);
	if (code !== 0)
		throw new PlainFault(`The tables could not be given to their owner: ${output.trim().split('\n')[0]}`);
}
