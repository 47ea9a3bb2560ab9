-- A place in a race, how many of the others something beats, and the place of a word were numbers worked out by hand. Where there are such
-- numbers they stay as they are, measured; a plan without any takes what is seen from now on.
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', jsonb_build_object('kind', 'measure', 'was', "plan"#>'{recording,kind}'))
WHERE ("plan"#>>'{recording,kind}' IN ('race', 'pairs', 'word-scale')
	OR ("plan"#>>'{recording,kind}' = 'rounds' AND coalesce("plan"->>'aim', 'compare') <> 'improve'))
	AND EXISTS (SELECT 1 FROM "entries" one WHERE one."lesson_id" = "lessons"."id");--> statement-breakpoint
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', "plan"->'recording' || jsonb_build_object('seen', 'once', 'minutes', '[0, 5, 10]'::jsonb, 'days', 5, 'score', 'end', 'awaited', coalesce("plan"#>>'{recording,words,-1}', '')))
WHERE "plan"#>>'{recording,kind}' = 'word-scale' AND NOT ("plan"->'recording' ? 'seen');--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{recording}', "plan"->'recording' || jsonb_build_object('seen', 'once', 'minutes', '[0, 5, 10]'::jsonb, 'days', 5, 'score', 'end', 'awaited', coalesce("plan"#>>'{recording,words,-1}', '')))
WHERE "plan"#>>'{recording,kind}' = 'word-scale' AND NOT ("plan"->'recording' ? 'seen');--> statement-breakpoint
-- That a design is improved in rounds was said twice; now the way of recording says it.
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"rounds"}'::jsonb)
WHERE "plan"->>'aim' = 'improve' AND "plan"#>>'{recording,kind}' <> 'rounds';--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"rounds"}'::jsonb)
WHERE "plan"->>'aim' = 'improve' AND "plan"#>>'{recording,kind}' <> 'rounds';--> statement-breakpoint
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"measure","was":"rounds"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'rounds' AND coalesce("plan"->>'aim', 'compare') <> 'improve';--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{recording}', '{"kind":"measure","was":"rounds"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'rounds' AND coalesce("plan"->>'aim', 'compare') <> 'improve';--> statement-breakpoint
UPDATE "lessons" SET "plan" = "plan" - 'aim';--> statement-breakpoint
UPDATE "investigations" SET "plan" = "plan" - 'aim';
