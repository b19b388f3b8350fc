-- A book is written with every change: to compress its text each time takes longer than to write it plainly.
ALTER TABLE "books" ALTER COLUMN "state" SET STORAGE EXTERNAL;
--> statement-breakpoint
ALTER TABLE "book_snapshots" ALTER COLUMN "state" SET STORAGE EXTERNAL;
