-- Gives a client :sets sets before today: four days a week, fourteen sets a day, fifteen exercises in turn. Nothing is random.
DELETE FROM logged_sets WHERE client_id = :'client';
INSERT INTO logged_sets (practice_id, id, client_id, date, exercise, place, load_kg, reps, rpe, amrap, withdrawn, logged_at)
SELECT practice_id, gen_random_uuid(), :'client', day, exercise, place, load, reps, 7 + (n % 3), false, false, day + interval '17 hours' + n % 14 * interval '4 minutes'
FROM (
  SELECT n, n % 14 % 3 AS place,
    current_date - 1 - (n / 56) * 7 - (ARRAY[0, 2, 4, 5])[n / 14 % 4 + 1] AS day,
    (ARRAY['back-squat-high-bar', 'conventional-deadlift', 'romanian-deadlift', 'front-squat', 'barbell-hip-thrust', 'leg-press', 'seated-leg-curl', 'leg-extension',
      'bench-press', 'overhead-press', 'chest-supported-row', 'lat-pulldown', 'dumbbell-split-squat', 'standing-calf-raise', 'cable-row'])[(n / 14 % 4 * 5 + n % 14 / 3) % 15 + 1] AS exercise,
    40 + (n / 56) % 9 * 2.5 + n % 14 / 3 * 10 AS load, 5 + n % 5 AS reps
  FROM generate_series(0, :sets - 1) AS n
) AS made, (SELECT practice_id FROM clients WHERE id = :'client') AS practice;
