/** What somebody who has nothing but the archive must know of it. English, as the names in it are. */
export const READ_ME = `Easy Corner archive

Everything that an organisation, or one person, has in Easy Corner, in open formats.

manifest.json   the tables and files, with the number of rows, and the size and SHA-256 of every file
*/*.csv         tables (RFC 4180, UTF-8; an empty field is no value, "" is an empty text)
*/*.jsonl       tables with documents in them: one JSON document a line
drawings/       side views of each workstation (SVG): as measured, and as planned

Tables are in parts of whole rows, in the order of their names; every part of a CSV table begins with the headings. Lengths are in mm,
times in UTC.

Not in it: passwords, second factors and passkeys, sign-ins, calendar addresses, and the addresses and secrets of webhooks. It does have
health data: keep it encrypted.

To take it into an empty installation of the same version: npm run app -- archive load FILE
`;
