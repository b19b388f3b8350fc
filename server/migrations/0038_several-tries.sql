CREATE TABLE "earlier_tries" (
	"try_id" text NOT NULL,
	"number" integer NOT NULL,
	"book_id" text NOT NULL,
	"started_at" timestamp with time zone NOT NULL,
	"handed_in_at" timestamp with time zone,
	"given_back_at" timestamp with time zone,
	"points" integer,
	"out_of" integer,
	"check_id" text,
	"file_name" text,
	"giving" text,
	"notes" text NOT NULL,
	CONSTRAINT "earlier_tries_try_id_number_pk" PRIMARY KEY("try_id","number")
);
--> statement-breakpoint
ALTER TABLE "hand_outs" ADD COLUMN "minutes" integer;--> statement-breakpoint
ALTER TABLE "hand_outs" ADD COLUMN "tries" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "hand_outs" ADD COLUMN "counts" text DEFAULT 'best' NOT NULL;--> statement-breakpoint
ALTER TABLE "earlier_tries" ADD CONSTRAINT "earlier_tries_try_id_tries_id_fk" FOREIGN KEY ("try_id") REFERENCES "public"."tries"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "earlier_tries" ADD CONSTRAINT "earlier_tries_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "earlier_tries_book" ON "earlier_tries" USING btree ("book_id");