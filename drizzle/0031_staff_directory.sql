CREATE TABLE "directory" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"settings" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"wanted_at" timestamp with time zone,
	"claimed_until" timestamp with time zone,
	"tried_at" timestamp with time zone,
	"fault" text DEFAULT '' NOT NULL,
	"read_at" timestamp with time zone,
	"roster" jsonb,
	"comparison" jsonb,
	CONSTRAINT "directory_one_check" CHECK ("directory"."id" = 1)
);
