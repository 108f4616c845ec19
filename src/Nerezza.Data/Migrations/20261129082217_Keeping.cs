using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nerezza.Data.Migrations
{
    /// <inheritdoc />
    public partial class Keeping : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "access_tokens",
                columns: table => new
                {
                    token_hash = table.Column<string>(type: "character varying(64)", maxLength: 64, nullable: false),
                    id = table.Column<Guid>(type: "uuid", nullable: false),
                    user_id = table.Column<Guid>(type: "uuid", nullable: false),
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    name = table.Column<string>(type: "character varying(80)", maxLength: 80, nullable: false),
                    scope = table.Column<string>(type: "character varying(5)", maxLength: 5, nullable: false),
                    made_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    expires_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    used_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_access_tokens", x => x.token_hash);
                    table.ForeignKey(
                        name: "fk_access_tokens_asp_net_users_user_id",
                        column: x => x.user_id,
                        principalTable: "AspNetUsers",
                        principalColumn: "id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "fk_access_tokens_practices_practice_id",
                        column: x => x.practice_id,
                        principalTable: "practices",
                        principalColumn: "practice_id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "backups",
                columns: table => new
                {
                    at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: false),
                    file = table.Column<string>(type: "character varying(255)", maxLength: 255, nullable: false),
                    bytes = table.Column<long>(type: "bigint", nullable: false),
                    seconds = table.Column<int>(type: "integer", nullable: false),
                    fault = table.Column<string>(type: "character varying(500)", maxLength: 500, nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_backups", x => x.at);
                });

            migrationBuilder.CreateTable(
                name: "calendars",
                columns: table => new
                {
                    practice_id = table.Column<Guid>(type: "uuid", nullable: false),
                    client_id = table.Column<Guid>(type: "uuid", nullable: false),
                    zone = table.Column<string>(type: "character varying(60)", maxLength: 60, nullable: true),
                    times = table.Column<string>(type: "jsonb", nullable: false),
                    feed_hash = table.Column<string>(type: "character varying(64)", maxLength: 64, nullable: true),
                    feed_made_at = table.Column<DateTimeOffset>(type: "timestamp with time zone", nullable: true),
                    xmin = table.Column<uint>(type: "xid", rowVersion: true, nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("pk_calendars", x => new { x.practice_id, x.client_id });
                    table.ForeignKey(
                        name: "fk_calendars_clients_practice_id_client_id",
                        columns: x => new { x.practice_id, x.client_id },
                        principalTable: "clients",
                        principalColumns: new[] { "practice_id", "id" },
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "ix_access_tokens_practice_id",
                table: "access_tokens",
                column: "practice_id");

            migrationBuilder.CreateIndex(
                name: "ix_access_tokens_user_id",
                table: "access_tokens",
                column: "user_id");

            migrationBuilder.CreateIndex(
                name: "ix_calendars_feed_hash",
                table: "calendars",
                column: "feed_hash",
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "access_tokens");

            migrationBuilder.DropTable(
                name: "backups");

            migrationBuilder.DropTable(
                name: "calendars");
        }
    }
}
