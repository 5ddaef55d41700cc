using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class BrewsAsEntries : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Tastings_BrewId",
                table: "Tastings");

            migrationBuilder.AddColumn<int>(
                name: "BaristaId",
                table: "Tastings",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Entries",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    EntryId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Step = table.Column<int>(type: "INTEGER", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    Undoes = table.Column<Guid>(type: "TEXT", nullable: true),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    ReceivedAtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Entries", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Entries_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Facts",
                columns: table => new
                {
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    ModelVersion = table.Column<string>(type: "TEXT", nullable: false),
                    DoseG = table.Column<double>(type: "REAL", nullable: false),
                    WaterG = table.Column<double>(type: "REAL", nullable: false),
                    WaterTemperatureC = table.Column<double>(type: "REAL", nullable: false),
                    MedianUm = table.Column<double>(type: "REAL", nullable: false),
                    FinalG = table.Column<double>(type: "REAL", nullable: false),
                    FinalTdsPercent = table.Column<double>(type: "REAL", nullable: false),
                    ExtractionYieldPercent = table.Column<double>(type: "REAL", nullable: false),
                    Tilt = table.Column<double>(type: "REAL", nullable: false),
                    FinishS = table.Column<double>(type: "REAL", nullable: false),
                    DrawdownS = table.Column<double>(type: "REAL", nullable: true),
                    PressS = table.Column<double>(type: "REAL", nullable: true),
                    Assumed = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Facts", x => x.BrewId);
                    table.ForeignKey(
                        name: "FK_Facts_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Observations",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Value = table.Column<double>(type: "REAL", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Observations", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Observations_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            // Every press becomes an entry at its moment. The first of a brew, and one at 0:00 after an undo, was its start; an undo
            // took back the last before it, which is what one that names nothing still means.
            migrationBuilder.Sql("""
                INSERT INTO Entries (Id, BrewId, EntryId, Kind, Step, AtMs, Undoes, "By", ReceivedAtMs)
                SELECT p.Id, p.BrewId, p."Key",
                    CASE WHEN p.Kind = 1 THEN 'undo'
                         WHEN p.ElapsedS = 0 AND coalesce((SELECT q.Kind FROM Presses q WHERE q.BrewId = p.BrewId AND q.Id < p.Id ORDER BY q.Id DESC LIMIT 1), 1) = 1 THEN 'start'
                         ELSE 'done' END,
                    p.StepIndex,
                    coalesce(b.StartedAtMs + CAST(round(p.ElapsedS * 1000) AS INTEGER), p.ReceivedAtMs),
                    NULL, '', p.ReceivedAtMs
                FROM Presses p JOIN Brews b ON b.Id = p.BrewId;
                """);
            migrationBuilder.DropTable(
                name: "Presses");

            // Until now whoever brewed also tasted.
            migrationBuilder.Sql("UPDATE Tastings SET BaristaId = (SELECT BaristaId FROM Brews WHERE Brews.Id = Tastings.BrewId);");

            migrationBuilder.CreateIndex(
                name: "IX_Tastings_BaristaId",
                table: "Tastings",
                column: "BaristaId");

            migrationBuilder.CreateIndex(
                name: "IX_Tastings_BrewId_BaristaId",
                table: "Tastings",
                columns: new[] { "BrewId", "BaristaId" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Entries_BrewId",
                table: "Entries",
                column: "BrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Entries_EntryId",
                table: "Entries",
                column: "EntryId",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Observations_BrewId_Name",
                table: "Observations",
                columns: new[] { "BrewId", "Name" },
                unique: true);

            migrationBuilder.AddForeignKey(
                name: "FK_Tastings_Baristas_BaristaId",
                table: "Tastings",
                column: "BaristaId",
                principalTable: "Baristas",
                principalColumn: "Id",
                onDelete: ReferentialAction.SetNull);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "FK_Tastings_Baristas_BaristaId",
                table: "Tastings");

            migrationBuilder.DropTable(
                name: "Entries");

            migrationBuilder.DropTable(
                name: "Facts");

            migrationBuilder.DropTable(
                name: "Observations");

            migrationBuilder.DropIndex(
                name: "IX_Tastings_BaristaId",
                table: "Tastings");

            migrationBuilder.DropIndex(
                name: "IX_Tastings_BrewId_BaristaId",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "BaristaId",
                table: "Tastings");

            migrationBuilder.CreateTable(
                name: "Presses",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    ElapsedS = table.Column<double>(type: "REAL", nullable: false),
                    Key = table.Column<Guid>(type: "TEXT", nullable: false),
                    Kind = table.Column<int>(type: "INTEGER", nullable: false),
                    ReceivedAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    StepIndex = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Presses", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Presses_Brews_BrewId",
                        column: x => x.BrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Tastings_BrewId",
                table: "Tastings",
                column: "BrewId",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Presses_BrewId",
                table: "Presses",
                column: "BrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Presses_Key",
                table: "Presses",
                column: "Key",
                unique: true);
        }
    }
}
