-- Two roles and the database: the owner changes its structure, the application reads and writes rows. Run by a superuser before the migrations:
--   psql -v database=nerezza -v owner=nerezza_owner -v owner_password=... -v app=nerezza_app -v app_password=... -f roles.sql postgres
\set ON_ERROR_STOP on
SELECT format('CREATE ROLE %I', :'owner') WHERE NOT EXISTS (SELECT FROM pg_roles WHERE rolname = :'owner') \gexec
SELECT format('CREATE ROLE %I', :'app') WHERE NOT EXISTS (SELECT FROM pg_roles WHERE rolname = :'app') \gexec
ALTER ROLE :"owner" LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE PASSWORD :'owner_password';
ALTER ROLE :"app" LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE PASSWORD :'app_password';
SELECT format('CREATE DATABASE %I OWNER %I', :'database', :'owner') WHERE NOT EXISTS (SELECT FROM pg_database WHERE datname = :'database') \gexec
ALTER DATABASE :"database" OWNER TO :"owner";
REVOKE ALL ON DATABASE :"database" FROM PUBLIC;
GRANT CONNECT ON DATABASE :"database" TO :"app";
\connect :"database"
ALTER SCHEMA public OWNER TO :"owner";
REVOKE ALL ON SCHEMA public FROM PUBLIC;
GRANT USAGE ON SCHEMA public TO :"app";
-- Tables of an earlier version, made by the superuser.
SELECT format('ALTER TABLE %s OWNER TO %I', oid::regclass, :'owner')
FROM pg_class WHERE relnamespace = 'public'::regnamespace AND relkind IN ('r', 'p', 'v') \gexec
