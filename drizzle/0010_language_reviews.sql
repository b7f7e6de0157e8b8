CREATE TABLE "language_reviews" (
	"language" text PRIMARY KEY NOT NULL,
	"reviewed_by" text NOT NULL,
	"texts_hash" text NOT NULL,
	"reviewed_at" timestamp with time zone NOT NULL
);
