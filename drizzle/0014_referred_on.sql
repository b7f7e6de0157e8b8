ALTER TABLE "cases" DROP CONSTRAINT "cases_referred_to_users_id_fk";
--> statement-breakpoint
ALTER TABLE "cases" DROP COLUMN "referred_to";