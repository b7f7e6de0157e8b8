ALTER TABLE "cases" ADD COLUMN "software_version" text;--> statement-breakpoint
UPDATE "cases" SET "software_version" = regexp_replace("rules_version", '(, days off \d+)?, policy \d+$', '') WHERE "rules_version" <> '';
