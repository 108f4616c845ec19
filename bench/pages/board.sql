-- Sixty clients with three years of sets each, and :coaches practices beside, ten clients each. Nothing is random.
BEGIN;
CREATE TEMP TABLE pattern AS SELECT * FROM clients WHERE name LIKE 'Ilario%' LIMIT 1;
CREATE TEMP TABLE made AS SELECT gen_random_uuid() AS id, n FROM generate_series(1, :clients) AS n;
INSERT INTO clients (practice_id, id, name, facts, schools, observed)
  SELECT p.practice_id, m.id, 'Client ' || m.n, p.facts, p.schools, p.observed FROM pattern p, made m;
INSERT INTO equipment (practice_id, client_id, room_id, elsewhere, document)
  SELECT e.practice_id, m.id, e.room_id, e.elsewhere, e.document FROM equipment e, pattern p, made m WHERE e.client_id = p.id;
INSERT INTO screens (practice_id, id, client_id, date, screen, faults)
  SELECT s.practice_id, gen_random_uuid(), m.id, s.date, s.screen, s.faults FROM screens s, pattern p, made m WHERE s.client_id = p.id;
INSERT INTO plans
  SELECT (jsonb_populate_record(l, jsonb_build_object('id', gen_random_uuid(), 'client_id', m.id))).* FROM plans l, pattern p, made m WHERE l.client_id = p.id;
INSERT INTO logged_sets (practice_id, id, client_id, date, exercise, place, load_kg, reps, rpe, amrap, withdrawn, logged_at)
SELECT p.practice_id, gen_random_uuid(), m.id, day, exercise, place, load, reps, 7 + (k % 3), false, false, day + interval '17 hours' + k % 14 * interval '4 minutes'
FROM pattern p, made m, (
  SELECT k, k % 14 % 3 AS place, current_date - (k / 56) * 7 - (ARRAY[0, 2, 4, 5])[k / 14 % 4 + 1] AS day,
    (ARRAY['back-squat-high-bar', 'conventional-deadlift', 'romanian-deadlift', 'front-squat', 'barbell-hip-thrust', 'leg-press', 'seated-leg-curl', 'leg-extension',
      'bench-press', 'overhead-press', 'chest-supported-row', 'lat-pulldown', 'dumbbell-split-squat', 'standing-calf-raise', 'cable-row'])[(k / 14 % 4 * 5 + k % 14 / 3) % 15 + 1] AS exercise,
    40 + (k / 56) % 9 * 2.5 + k % 14 / 3 * 10 AS load, 5 + k % 5 AS reps
  FROM generate_series(0, 8735) AS k
) AS sets;
COMMIT;
