CREATE TABLE "webhook_messages" (
	"number" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"webhook_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"queued_at" timestamp with time zone NOT NULL,
	"tries" integer DEFAULT 0 NOT NULL,
	"next_try_at" timestamp with time zone,
	"taken_at" timestamp with time zone,
	"fault" text DEFAULT '' NOT NULL,
	CONSTRAINT "webhook_messages_kind_check" CHECK ("webhook_messages"."kind" in ('people-imported', 'person-added', 'person-left', 'person-returned', 'person-erased', 'round-sent', 'round-closed', 'assessment-sent', 'answered', 'checked-in', 'case-seen', 'follow-up-set', 'follow-up-done', 'equipment-asked', 'equipment-decided', 'equipment-not-needed', 'test'))
);
--> statement-breakpoint
CREATE TABLE "webhooks" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"name" text NOT NULL,
	"url" text NOT NULL,
	"secret" text NOT NULL,
	"kinds" text[] NOT NULL,
	"is_on" boolean NOT NULL,
	"failing_since" timestamp with time zone,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	CONSTRAINT "webhooks_kinds_check" CHECK ("webhooks"."kinds" <@ array['people-imported', 'person-added', 'person-left', 'person-returned', 'person-erased', 'round-sent', 'round-closed', 'assessment-sent', 'answered', 'checked-in', 'case-seen', 'follow-up-set', 'follow-up-done', 'equipment-asked', 'equipment-decided', 'equipment-not-needed']::text[])
);
--> statement-breakpoint
ALTER TABLE "webhook_messages" ADD CONSTRAINT "webhook_messages_webhook_id_webhooks_id_fk" FOREIGN KEY ("webhook_id") REFERENCES "public"."webhooks"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "webhook_messages_due_idx" ON "webhook_messages" USING btree ("webhook_id","next_try_at") WHERE "webhook_messages"."next_try_at" is not null;--> statement-breakpoint
CREATE INDEX "webhook_messages_newest_idx" ON "webhook_messages" USING btree ("webhook_id","queued_at" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "webhook_messages_queued_idx" ON "webhook_messages" USING btree ("queued_at");