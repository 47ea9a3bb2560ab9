-- Readings over time were one number for each try, worked out by hand. Where there are such numbers they stay as they are, measured;
-- a plan without any takes its readings at the same times from now on.
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', jsonb_build_object('kind', 'measure', 'was', "plan"#>'{recording,kind}'))
WHERE "plan"#>>'{recording,kind}' IN ('intervals', 'daily') AND NOT ("plan"->'recording' ? 'score')
	AND EXISTS (SELECT 1 FROM "entries" one WHERE one."lesson_id" = "lessons"."id");--> statement-breakpoint
UPDATE "lessons" SET "plan" = jsonb_set("plan", '{recording}', "plan"->'recording' || '{"score":"end"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'daily' AND NOT ("plan"->'recording' ? 'score');--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set("plan", '{recording}', "plan"->'recording' || '{"score":"end"}'::jsonb)
WHERE "plan"#>>'{recording,kind}' = 'daily' AND NOT ("plan"->'recording' ? 'score');--> statement-breakpoint
UPDATE "lessons" SET "plan" = jsonb_set(jsonb_set("plan", '{recording}', jsonb_build_object('kind', 'intervals', 'score', 'lost', 'minutes',
	(SELECT jsonb_agg(n * ("plan"#>>'{recording,everyMinutes}')::int ORDER BY n) FROM generate_series(0, ("plan"#>>'{recording,times}')::int) n))),
	'{measured,name}', to_jsonb(regexp_replace("plan"#>>'{measured,name}', '\s+lost$', '')))
WHERE "plan"#>>'{recording,kind}' = 'intervals' AND "plan"->'recording' ? 'everyMinutes';--> statement-breakpoint
UPDATE "investigations" SET "plan" = jsonb_set(jsonb_set("plan", '{recording}', jsonb_build_object('kind', 'intervals', 'score', 'lost', 'minutes',
	(SELECT jsonb_agg(n * ("plan"#>>'{recording,everyMinutes}')::int ORDER BY n) FROM generate_series(0, ("plan"#>>'{recording,times}')::int) n))),
	'{measured,name}', to_jsonb(regexp_replace("plan"#>>'{measured,name}', '\s+lost$', '')))
WHERE "plan"#>>'{recording,kind}' = 'intervals' AND "plan"->'recording' ? 'everyMinutes';
