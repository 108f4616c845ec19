using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class PlanDates : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<DateOnly[]>(name: "dates", table: "plans", type: "date[]", nullable: true);
            // The days of a plan that is there already: from its document; none where no block could be made.
            migrationBuilder.Sql(
                """
                UPDATE plans SET dates = ARRAY(
                    SELECT (day #>> '{}')::date
                    FROM jsonb_path_query(document, '$.block.weeks[*].sessions[*].date') AS day
                    ORDER BY 1);
                """
            );
            // starts and ends as well: the migration before left them nullable.
            foreach ((string column, string type) in new[] { ("dates", "date[]"), ("starts", "date"), ("ends", "date") })
                migrationBuilder.AlterColumn<object>(name: column, table: "plans", type: type, nullable: false, oldNullable: true);
            migrationBuilder.DropIndex(name: "ix_plans_coach_id_client_id_number", table: "plans");
            migrationBuilder
                .CreateIndex(
                    name: "ix_plans_coach_id_client_id_number",
                    table: "plans",
                    columns: new[] { "coach_id", "client_id", "number" },
                    unique: true
                )
                .Annotation("Npgsql:IndexInclude", new[] { "id", "starts", "ends" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(name: "ix_plans_coach_id_client_id_number", table: "plans");
            migrationBuilder.DropColumn(name: "dates", table: "plans");
            migrationBuilder.CreateIndex(
                name: "ix_plans_coach_id_client_id_number",
                table: "plans",
                columns: new[] { "coach_id", "client_id", "number" },
                unique: true
            );
        }
    }
}
