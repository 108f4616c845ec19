-- What the application may do with the tables that there are. Run by the owner after the migrations:
--   psql -v app=nerezza_app -f grants.sql nerezza
\set ON_ERROR_STOP on
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO :"app";
GRANT USAGE ON ALL SEQUENCES IN SCHEMA public TO :"app";
-- Facts are added, never changed; the structure is the owner's. Clients go by erase_due() alone, after their day of grace.
REVOKE UPDATE, DELETE ON logged_sets, plans, changes FROM :"app";
-- A next block is taken back by a mark; a file of sets that was taken in goes as one.
GRANT UPDATE (taken_back_at) ON plans TO :"app";
REVOKE EXECUTE ON FUNCTION take_back_import(uuid, uuid, uuid) FROM PUBLIC;
GRANT EXECUTE ON FUNCTION take_back_import(uuid, uuid, uuid) TO :"app";
-- Backups are told of by whoever takes them.
REVOKE INSERT, UPDATE, DELETE ON backups FROM :"app";
REVOKE DELETE ON clients FROM :"app";
REVOKE INSERT, UPDATE, DELETE ON "__EFMigrationsHistory" FROM :"app";
REVOKE EXECUTE ON FUNCTION erase_due() FROM PUBLIC;
GRANT EXECUTE ON FUNCTION erase_due() TO :"app";
