/** What the command of a server can do, as it says itself. */
export const USAGE = `usage: npm run app -- COMMAND

  start                     serves people; refuses where something that it needs is missing
  check                     tells whether it could start, and how each part stands
  migrate                   brings the database to this version (by EASY_CORNER_MIGRATION_DATABASE_URL)
  migrate --dry-run         says what that would do, on a copy that is thrown away
  user add EMAIL NAME       adds a coordinator's account, and prints its password once
  user password EMAIL       gives an account a new password, prints it once, and ends its sign-ins
  archive write FILE        writes everything in open formats to FILE, readable for you alone
  archive load FILE         loads such a file into an empty database (by EASY_CORNER_MIGRATION_DATABASE_URL)
  backup FILE               writes everything of one moment to FILE, readable for you alone
  restore FILE              puts a backup in the place of the database (by EASY_CORNER_ADMIN_DATABASE_URL, for the role of
                            EASY_CORNER_MIGRATION_DATABASE_URL)
  replay-erasures FILE      erases again who was erased since the backup; the door is closed until then`;

/** A command that can't be carried out as it was typed, or not here; the text is one sentence. */
export class CommandFault extends Error {}
