using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Metadata;
using Microsoft.Extensions.DependencyInjection;
using Nerezza.Data;
using Nerezza.Tests.Shared;

namespace Nerezza.Web.Tests;

/// <summary>What the migrations leave is what the model says, and rows of earlier versions arrive whole.</summary>
public sealed class MigrationTests
{
    [Fact]
    public async Task The_database_is_as_the_model_says_down_to_what_may_be_missing()
    {
        using Site site = new();
        using IServiceScope scope = site.Services.CreateScope();
        NerezzaContext context = scope.ServiceProvider.GetRequiredService<NerezzaContext>();
        Assert.False(context.Database.HasPendingModelChanges());
        IEnumerable<string> modelled = context
            .Model.GetEntityTypes()
            .SelectMany(entity =>
            {
                var table = StoreObjectIdentifier.Table(entity.GetTableName()!, entity.GetSchema());
                return entity
                    .GetProperties()
                    .Select(property => (Column: property.GetColumnName(table), Missing: property.IsColumnNullable(table)))
                    // A row's version is a column that every table has by itself.
                    .Where(row => row.Column is not (null or "xmin"))
                    .Select(row => $"{table.Name}.{row.Column} {(row.Missing ? "YES" : "NO")}");
            });
        List<string> there = await TestDatabase.Rows(
            site.Connection,
            "SELECT table_name || '.' || column_name || ' ' || is_nullable FROM information_schema.columns WHERE table_schema = 'public'"
        );
        Assert.Equal(modelled.Order(), there.Where(row => !row.StartsWith("__EF", StringComparison.Ordinal)).Order());
    }

    [Fact]
    public async Task A_plan_from_before_spans_were_kept_gets_its_days_from_its_document()
    {
        using TestDatabase database = new();
        using (Site old = new(database.Connection, Migrated.Already))
        {
            await old.Migrate("20261127042400_PastTraining");
            await TestDatabase.Rows(
                database.Connection,
                """
                INSERT INTO coaches (coach_id, name) VALUES ('0190a000-0000-7000-8000-00000000000c', 'Quay');
                INSERT INTO clients (coach_id, id, name, facts, schools, observed)
                VALUES ('0190a000-0000-7000-8000-00000000000c', '0190a000-0000-7000-8000-00000000000d', 'Ana', '{}', '{}', '{}');
                INSERT INTO plans (coach_id, id, client_id, number, made_at, engine_version, inputs_hash, inputs, document)
                SELECT '0190a000-0000-7000-8000-00000000000c', gen_random_uuid(), '0190a000-0000-7000-8000-00000000000d', number, now(),
                    '1', '', jsonb_build_object('block', jsonb_build_object('start', '2026-11-02')), document::jsonb
                FROM (VALUES
                    (1, '{"block": {"weeks": [
                        {"sessions": [{"date": "2026-11-05"}, {"date": "2026-11-02"}]},
                        {"sessions": [{"date": "2026-11-09"}]}]}}'),
                    (2, '{"block": null}')) AS plan (number, document);
                """
            );
            await old.Migrate(null);
        }
        Assert.Equal(
            ["1 2026-11-02 2026-11-15 {2026-11-02,2026-11-05,2026-11-09}", "2 2026-11-02 2026-11-08 {}"],
            await TestDatabase.Rows(
                database.Connection,
                "SELECT number || ' ' || starts || ' ' || ends || ' ' || dates::text FROM plans ORDER BY number"
            )
        );
    }
}
