CREATE TABLE "hints" (
	"id" text PRIMARY KEY NOT NULL,
	"book_id" text NOT NULL,
	"step" text NOT NULL,
	"kind" text NOT NULL,
	"about" text NOT NULL,
	"piece" text NOT NULL,
	"says" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "hints_up_to" text;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "hint_cost" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "hints" ADD CONSTRAINT "hints_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "hints_once" ON "hints" USING btree ("book_id","kind","about","piece");