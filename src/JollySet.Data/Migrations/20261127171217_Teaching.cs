using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JollySet.Data.Migrations
{
    /// <inheritdoc />
    public partial class Teaching : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "DisplayCode",
                table: "Sessions",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "FollowCode",
                table: "Sessions",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Incident",
                table: "Sessions",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Note",
                table: "Sessions",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "RemoteCode",
                table: "Sessions",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "FollowNotes",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    StudioId = table.Column<int>(type: "INTEGER", nullable: false),
                    SessionId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Nickname = table.Column<string>(type: "TEXT", nullable: false),
                    Set = table.Column<int>(type: "INTEGER", nullable: false),
                    Reps = table.Column<int>(type: "INTEGER", nullable: true),
                    Kilograms = table.Column<decimal>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_FollowNotes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_FollowNotes_Sessions_SessionId",
                        column: x => x.SessionId,
                        principalTable: "Sessions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_FollowNotes_Studios_StudioId",
                        column: x => x.StudioId,
                        principalTable: "Studios",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Voices",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    StudioId = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Pattern = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Voices", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Voices_Studios_StudioId",
                        column: x => x.StudioId,
                        principalTable: "Studios",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Sessions_DisplayCode",
                table: "Sessions",
                column: "DisplayCode",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Sessions_FollowCode",
                table: "Sessions",
                column: "FollowCode",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Sessions_RemoteCode",
                table: "Sessions",
                column: "RemoteCode",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_FollowNotes_SessionId_Nickname_Set",
                table: "FollowNotes",
                columns: new[] { "SessionId", "Nickname", "Set" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_FollowNotes_StudioId",
                table: "FollowNotes",
                column: "StudioId");

            migrationBuilder.CreateIndex(
                name: "IX_Voices_StudioId_Name",
                table: "Voices",
                columns: new[] { "StudioId", "Name" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "FollowNotes");

            migrationBuilder.DropTable(
                name: "Voices");

            migrationBuilder.DropIndex(
                name: "IX_Sessions_DisplayCode",
                table: "Sessions");

            migrationBuilder.DropIndex(
                name: "IX_Sessions_FollowCode",
                table: "Sessions");

            migrationBuilder.DropIndex(
                name: "IX_Sessions_RemoteCode",
                table: "Sessions");

            migrationBuilder.DropColumn(
                name: "DisplayCode",
                table: "Sessions");

            migrationBuilder.DropColumn(
                name: "FollowCode",
                table: "Sessions");

            migrationBuilder.DropColumn(
                name: "Incident",
                table: "Sessions");

            migrationBuilder.DropColumn(
                name: "Note",
                table: "Sessions");

            migrationBuilder.DropColumn(
                name: "RemoteCode",
                table: "Sessions");
        }
    }
}
