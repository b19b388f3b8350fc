CREATE TABLE "mends" (
	"try_id" text PRIMARY KEY NOT NULL,
	"book_id" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "stock_notes" (
	"id" text PRIMARY KEY NOT NULL,
	"owner_id" text NOT NULL,
	"text" text NOT NULL,
	"points" integer DEFAULT 0 NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "giving" text;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "may_file" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "checks" ADD COLUMN "scaled_from" integer;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "giving" text;--> statement-breakpoint
ALTER TABLE "mends" ADD CONSTRAINT "mends_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "mends" ADD CONSTRAINT "mends_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "stock_notes" ADD CONSTRAINT "stock_notes_owner_id_people_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "mends_book" ON "mends" USING btree ("book_id");--> statement-breakpoint
CREATE INDEX "stock_notes_owner" ON "stock_notes" USING btree ("owner_id");