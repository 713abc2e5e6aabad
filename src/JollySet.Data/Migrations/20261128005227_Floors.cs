using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace JollySet.Data.Migrations
{
    /// <inheritdoc />
    public partial class Floors : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Floors",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    StudioId = table.Column<int>(type: "INTEGER", nullable: false),
                    ClassId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Block = table.Column<int>(type: "INTEGER", nullable: false),
                    Places = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Floors", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Floors_Studios_StudioId",
                        column: x => x.StudioId,
                        principalTable: "Studios",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Floors_ClassId_Block",
                table: "Floors",
                columns: new[] { "ClassId", "Block" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Floors_StudioId",
                table: "Floors",
                column: "StudioId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Floors");
        }
    }
}
