CREATE TABLE "equipment_store" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"thing" text NOT NULL,
	"on_hand" integer NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_store_thing_check" CHECK ("equipment_store"."thing" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'another-surface', 'chair', 'headset', 'desk-lamp', 'paper-holder', 'vertical-mouse', 'power-strip', 'sit-stand-converter')),
	CONSTRAINT "equipment_store_on_hand_check" CHECK ("equipment_store"."on_hand" >= 0)
);
--> statement-breakpoint
ALTER TABLE "equipment_requests" DROP CONSTRAINT "equipment_requests_purchase_check";--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "from_store" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD COLUMN "back_by" date;--> statement-breakpoint
CREATE UNIQUE INDEX "equipment_store_thing_key" ON "equipment_store" USING btree ("thing");--> statement-breakpoint
ALTER TABLE "equipment_requests" ADD CONSTRAINT "equipment_requests_purchase_check" CHECK ("equipment_requests"."purchase" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'another-surface', 'chair', 'headset', 'desk-lamp', 'paper-holder', 'vertical-mouse', 'power-strip', 'sit-stand-converter'));