CREATE TABLE "own_texts" (
	"kind" text NOT NULL,
	"language" text NOT NULL,
	"version" integer NOT NULL,
	"subject" text,
	"body" text,
	"changes" integer DEFAULT 1 NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"by" uuid,
	CONSTRAINT "own_texts_kind_language_version_pk" PRIMARY KEY("kind","language","version"),
	CONSTRAINT "own_texts_kind_check" CHECK ("own_texts"."kind" in ('invitation', 'reminder', 'message', 'equipment', 'plan-reminder', 'check-in', 'check-in-reminder', 'recheck', 'recheck-reminder', 'reply-severe', 'reply-not-better', 'reply-moderate', 'reply-hinders-much', 'reply-back-again', 'reply-unclosable', 'reply-hazard', 'reply-stuck', 'reply-open-plan', 'reply-findings', 'reply-nothing-open', 'reply-silent')),
	CONSTRAINT "own_texts_language_check" CHECK ("own_texts"."language" in ('en', 'de', 'fr', 'es')),
	CONSTRAINT "own_texts_version_check" CHECK ("own_texts"."version" >= 0)
);
--> statement-breakpoint
ALTER TABLE "own_texts" ADD CONSTRAINT "own_texts_by_users_id_fk" FOREIGN KEY ("by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;