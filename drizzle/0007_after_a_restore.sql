CREATE TABLE "restore_state" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"restored_at" timestamp with time zone,
	"replayed_at" timestamp with time zone
);
