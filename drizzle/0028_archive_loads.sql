CREATE TABLE "archive_loads" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"digest" text NOT NULL,
	"begun_at" timestamp with time zone NOT NULL,
	"loaded" text[] DEFAULT '{}' NOT NULL,
	"finished_at" timestamp with time zone
);
