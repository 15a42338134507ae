CREATE TABLE "standing_cards" (
	"card_id" text PRIMARY KEY NOT NULL,
	"key" text NOT NULL,
	"items" jsonb NOT NULL,
	"card" text NOT NULL,
	"found" text NOT NULL,
	"picture" text
);
--> statement-breakpoint
ALTER TABLE "standing_cards" ADD CONSTRAINT "standing_cards_card_id_cards_id_fk" FOREIGN KEY ("card_id") REFERENCES "public"."cards"("id") ON DELETE cascade ON UPDATE no action;