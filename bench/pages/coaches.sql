-- So many practices beside, ten clients each with a board and twenty sets of today. Nothing is random.
BEGIN;
CREATE TEMP TABLE pattern AS SELECT c.*, b.document, b.day, b.engine FROM clients c JOIN boards b ON b.client_id = c.id WHERE c.name = 'Client 1';
CREATE TEMP TABLE other AS SELECT gen_random_uuid() AS id, n FROM generate_series(1, :coaches) AS n;
INSERT INTO practices (practice_id, name, is_demo, units) SELECT id, 'Practice ' || n, true, 'Kg' FROM other;
CREATE TEMP TABLE made AS SELECT o.id AS practice_id, gen_random_uuid() AS id, k FROM other o, generate_series(1, 10) AS k;
INSERT INTO clients (practice_id, id, name, facts, schools, observed)
  SELECT m.practice_id, m.id, 'Client ' || m.k, p.facts, p.schools, p.observed FROM pattern p, made m;
UPDATE boards b SET document = p.document, day = p.day, engine = p.engine, due = NULL FROM pattern p, made m WHERE b.client_id = m.id AND b.practice_id = m.practice_id;
INSERT INTO logged_sets (practice_id, id, client_id, date, exercise, place, load_kg, reps, rpe, amrap, withdrawn, logged_at)
  SELECT m.practice_id, gen_random_uuid(), m.id, current_date, 'back-squat-high-bar', n, 100, 5, 8, false, false, now() FROM made m, generate_series(0, 19) AS n;
UPDATE boards SET due = NULL WHERE practice_id IN (SELECT id FROM other);
COMMIT;
