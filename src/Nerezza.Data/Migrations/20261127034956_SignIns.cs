using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class SignIns : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "signed_in",
                columns: table => new
                {
                    key_hash = table.Column<string>(type: "character varying(64)", maxLength: 64, nullable: false),
                    user_id = table.Column<Guid>(type: "uuid", nullable: false),
                    ticket = table.Column<byte[]>(type: "bytea", nullable: false),
                    started_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    expires_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    ends_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_signed_in", x => x.key_hash);
                    table.ForeignKey(
                        name: "fk_signed_in_asp_net_users_user_id",
                        column: x => x.user_id,
                        principalTable: "AspNetUsers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                });

            // Where two facts follow the same one, the later follows the earlier: the last word counts alone, and nothing is lost.
            migrationBuilder.Sql("""
                UPDATE logged_sets AS later SET supersedes = chain.before
                FROM (SELECT coach_id, id, lag(id) OVER (PARTITION BY coach_id, supersedes ORDER BY logged_at, id) AS before
                      FROM logged_sets WHERE supersedes IS NOT NULL) AS chain
                WHERE later.coach_id = chain.coach_id AND later.id = chain.id AND chain.before IS NOT NULL;
                """);

            migrationBuilder.CreateIndex(
                name: "ix_logged_sets_coach_id_supersedes",
                table: "logged_sets",
                columns: new[] { "coach_id", "supersedes" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "ix_signed_in_expires_at",
                table: "signed_in",
                column: "expires_at");

            migrationBuilder.CreateIndex(
                name: "ix_signed_in_user_id",
                table: "signed_in",
                column: "user_id");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "signed_in");

            migrationBuilder.DropIndex(
                name: "ix_logged_sets_coach_id_supersedes",
                table: "logged_sets");
        }
    }
}
