CREATE TABLE "work_batches" (
	"card_id" text PRIMARY KEY NOT NULL,
	"data" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "designers" ADD COLUMN "evenings" jsonb;--> statement-breakpoint
ALTER TABLE "work_batches" ADD CONSTRAINT "work_batches_card_id_cards_id_fk" FOREIGN KEY ("card_id") REFERENCES "public"."cards"("id") ON DELETE cascade ON UPDATE no action;