using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class PlanSpan : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<DateOnly>(name: "starts", table: "plans", type: "date", nullable: true);
            migrationBuilder.AddColumn<DateOnly>(name: "ends", table: "plans", type: "date", nullable: true);
            migrationBuilder.AddColumn<DateOnly>(name: "follows", table: "plans", type: "date", nullable: true);
            // The span of a plan that is there already: from its inputs, and as many weeks as it has; one week where it has none.
            migrationBuilder.Sql(
                """
                UPDATE plans SET
                    starts = (inputs->'block'->>'start')::date,
                    ends = (inputs->'block'->>'start')::date - 1
                        + 7 * GREATEST(1, COALESCE(jsonb_array_length(NULLIF(document->'block'->'weeks', 'null'::jsonb)), 1));
                """
            );
            migrationBuilder.AlterColumn<DateOnly>(name: "starts", table: "plans", type: "date", nullable: false);
            migrationBuilder.AlterColumn<DateOnly>(name: "ends", table: "plans", type: "date", nullable: false);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(name: "follows", table: "plans");
            migrationBuilder.DropColumn(name: "ends", table: "plans");
            migrationBuilder.DropColumn(name: "starts", table: "plans");
        }
    }
}
