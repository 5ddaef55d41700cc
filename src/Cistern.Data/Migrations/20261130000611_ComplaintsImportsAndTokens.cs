using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class ComplaintsImportsAndTokens : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Complaints",
                table: "Tastings",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "WentWrong",
                table: "Tastings",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<long>(
                name: "KeptAtMs",
                table: "Imports",
                type: "INTEGER",
                nullable: true);

            // Those of earlier versions were kept in one commit.
            migrationBuilder.Sql("UPDATE Imports SET KeptAtMs = AtMs");

            migrationBuilder.AddColumn<long>(
                name: "TokenUsedAtMs",
                table: "Devices",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "DeviceId",
                table: "BlindAnswers",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "ImportedBrews",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ImportId = table.Column<int>(type: "INTEGER", nullable: false),
                    FileId = table.Column<Guid>(type: "TEXT", nullable: false),
                    BeforeJson = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ImportedBrews", x => x.Id);
                    table.ForeignKey(
                        name: "FK_ImportedBrews_Imports_ImportId",
                        column: x => x.ImportId,
                        principalTable: "Imports",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_ImportedBrews_FileId",
                table: "ImportedBrews",
                column: "FileId");

            migrationBuilder.CreateIndex(
                name: "IX_ImportedBrews_ImportId",
                table: "ImportedBrews",
                column: "ImportId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "ImportedBrews");

            migrationBuilder.DropColumn(
                name: "Complaints",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "WentWrong",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "KeptAtMs",
                table: "Imports");

            migrationBuilder.DropColumn(
                name: "TokenUsedAtMs",
                table: "Devices");

            migrationBuilder.DropColumn(
                name: "DeviceId",
                table: "BlindAnswers");
        }
    }
}
