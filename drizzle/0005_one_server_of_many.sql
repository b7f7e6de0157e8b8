CREATE TABLE "heartbeat" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
INSERT INTO "heartbeat" DEFAULT VALUES;
--> statement-breakpoint
CREATE UNLOGGED TABLE "write_limits" (
	"key" text PRIMARY KEY NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"expire" bigint
);
