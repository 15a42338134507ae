CREATE TABLE "cards" (
	"id" text PRIMARY KEY NOT NULL,
	"plan" jsonb NOT NULL,
	"revision" integer NOT NULL,
	"embedded" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	"binned_at" timestamp with time zone,
	CONSTRAINT "cards_revision" CHECK ("cards"."revision" >= 1)
);
--> statement-breakpoint
CREATE TABLE "designers" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	CONSTRAINT "designers_name_unique" UNIQUE("name")
);
--> statement-breakpoint
CREATE TABLE "house" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"habits" jsonb NOT NULL,
	CONSTRAINT "house_one_row" CHECK ("house"."id" = 1)
);
--> statement-breakpoint
CREATE TABLE "library_items" (
	"id" text NOT NULL,
	"version" integer NOT NULL,
	"data" jsonb NOT NULL,
	CONSTRAINT "library_items_id_version_pk" PRIMARY KEY("id","version"),
	CONSTRAINT "library_items_version" CHECK ("library_items"."version" >= 1)
);
--> statement-breakpoint
CREATE TABLE "releases" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"on_sale" date
);
--> statement-breakpoint
CREATE TABLE "revisions" (
	"card_id" text NOT NULL,
	"number" integer NOT NULL,
	"save_id" text NOT NULL,
	"author" text,
	"at" timestamp with time zone NOT NULL,
	"edits" jsonb NOT NULL,
	"plan" jsonb,
	CONSTRAINT "revisions_card_id_number_pk" PRIMARY KEY("card_id","number"),
	CONSTRAINT "revisions_save_id" UNIQUE("card_id","save_id")
);
--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_card_id_cards_id_fk" FOREIGN KEY ("card_id") REFERENCES "public"."cards"("id") ON DELETE cascade ON UPDATE no action;