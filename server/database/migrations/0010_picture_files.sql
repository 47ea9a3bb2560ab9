ALTER TABLE "pictures" ALTER COLUMN "bytes" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "pictures" ADD COLUMN "hash" text;