CREATE TABLE "book_moments" (
	"book_id" text NOT NULL,
	"revision" integer NOT NULL,
	"name" text NOT NULL,
	"by_id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "book_moments_book_id_revision_pk" PRIMARY KEY("book_id","revision")
);
--> statement-breakpoint
ALTER TABLE "book_moments" ADD CONSTRAINT "book_moments_book_id_books_id_fk" FOREIGN KEY ("book_id") REFERENCES "public"."books"("id") ON DELETE cascade ON UPDATE no action;