using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class LogAndFiles : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "DoseOffG",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "Drawn",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<string>(
                name: "Family",
                table: "Facts",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Flow",
                table: "Facts",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldDrawdownHighS",
                table: "Facts",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldDrawdownLowS",
                table: "Facts",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldDrawdownS",
                table: "Facts",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldTdsHigh",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldTdsLow",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldTdsPercent",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldTilt",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldTiltHigh",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "ForetoldTiltLow",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "ReleaseOffS",
                table: "Facts",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "RestDays",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<double>(
                name: "TemperatureOffC",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<int>(
                name: "Version",
                table: "Facts",
                type: "INTEGER",
                nullable: false,
                defaultValue: 1);

            migrationBuilder.AddColumn<double>(
                name: "WaterOffG",
                table: "Facts",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<string>(
                name: "BrewedJson",
                table: "Brews",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "FileId",
                table: "Brews",
                type: "TEXT",
                nullable: false,
                defaultValue: new Guid("00000000-0000-0000-0000-000000000000"));

            migrationBuilder.AddColumn<string>(
                name: "FileJson",
                table: "Brews",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "ImportId",
                table: "Brews",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "TakenAwayAtMs",
                table: "Brews",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Imports",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    UndoneAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    BeforeJson = table.Column<string>(type: "TEXT", nullable: true),
                    Brought = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Imports", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "KeptSearches",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Query = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_KeptSearches", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "LogRows",
                columns: table => new
                {
                    BrewId = table.Column<int>(type: "INTEGER", nullable: false),
                    Seq = table.Column<long>(type: "INTEGER", nullable: false),
                    Stands = table.Column<bool>(type: "INTEGER", nullable: false),
                    OpenedAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RecipeId = table.Column<string>(type: "TEXT", nullable: false),
                    Coffee = table.Column<string>(type: "TEXT", nullable: false),
                    Family = table.Column<string>(type: "TEXT", nullable: false),
                    Vessel = table.Column<string>(type: "TEXT", nullable: false),
                    Mill = table.Column<string>(type: "TEXT", nullable: false),
                    Barista = table.Column<string>(type: "TEXT", nullable: false),
                    Place = table.Column<string>(type: "TEXT", nullable: false),
                    State = table.Column<int>(type: "INTEGER", nullable: false),
                    Tastings = table.Column<int>(type: "INTEGER", nullable: false),
                    Score = table.Column<double>(type: "REAL", nullable: true),
                    SharpHarsh = table.Column<double>(type: "REAL", nullable: true),
                    ThinHeavy = table.Column<double>(type: "REAL", nullable: true),
                    ReadTdsPercent = table.Column<double>(type: "REAL", nullable: true),
                    DoseG = table.Column<double>(type: "REAL", nullable: true),
                    WaterG = table.Column<double>(type: "REAL", nullable: true),
                    WaterTemperatureC = table.Column<double>(type: "REAL", nullable: true),
                    MedianUm = table.Column<double>(type: "REAL", nullable: true),
                    RestDays = table.Column<double>(type: "REAL", nullable: true),
                    FinalTdsPercent = table.Column<double>(type: "REAL", nullable: true),
                    ExtractionYieldPercent = table.Column<double>(type: "REAL", nullable: true),
                    Tilt = table.Column<double>(type: "REAL", nullable: true),
                    Drawn = table.Column<double>(type: "REAL", nullable: true),
                    DrawdownS = table.Column<double>(type: "REAL", nullable: true),
                    PressS = table.Column<double>(type: "REAL", nullable: true),
                    Flow = table.Column<string>(type: "TEXT", nullable: true),
                    ReleaseOffS = table.Column<double>(type: "REAL", nullable: true),
                    WaterOffG = table.Column<double>(type: "REAL", nullable: true),
                    DoseOffG = table.Column<double>(type: "REAL", nullable: true),
                    TemperatureOffC = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldTdsPercent = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldTdsLow = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldTdsHigh = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldTiltLow = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldTiltHigh = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldDrawdownLowS = table.Column<double>(type: "REAL", nullable: true),
                    ForetoldDrawdownHighS = table.Column<double>(type: "REAL", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_LogRows", x => x.BrewId);
                });

            // What was brewed before gets a name for files of its own: a random UUID each.
            migrationBuilder.Sql("UPDATE Brews SET FileId = upper(hex(randomblob(4)) || '-' || hex(randomblob(2)) || '-4' || substr(hex(randomblob(2)), 2) || '-A' || substr(hex(randomblob(2)), 2) || '-' || hex(randomblob(6)))");

            migrationBuilder.CreateIndex(
                name: "IX_Brews_FileId",
                table: "Brews",
                column: "FileId",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Brews_ImportId",
                table: "Brews",
                column: "ImportId");

            migrationBuilder.CreateIndex(
                name: "IX_KeptSearches_Name",
                table: "KeptSearches",
                column: "Name",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_LogRows_Seq",
                table: "LogRows",
                column: "Seq",
                unique: true);

            migrationBuilder.Sql(LogTriggers.Words);
            foreach (var (_, sql) in LogTriggers.All)
            {
                migrationBuilder.Sql(sql);
            }

            migrationBuilder.Sql(LogTriggers.FillAll);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            foreach (var (name, _) in LogTriggers.All)
            {
                migrationBuilder.Sql($"DROP TRIGGER {name}");
            }

            migrationBuilder.Sql("DROP TABLE BrewWords");

            migrationBuilder.DropTable(
                name: "Imports");

            migrationBuilder.DropTable(
                name: "KeptSearches");

            migrationBuilder.DropTable(
                name: "LogRows");

            migrationBuilder.DropIndex(
                name: "IX_Brews_FileId",
                table: "Brews");

            migrationBuilder.DropIndex(
                name: "IX_Brews_ImportId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "DoseOffG",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "Drawn",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "Family",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "Flow",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldDrawdownHighS",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldDrawdownLowS",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldDrawdownS",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldTdsHigh",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldTdsLow",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldTdsPercent",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldTilt",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldTiltHigh",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ForetoldTiltLow",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "ReleaseOffS",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "RestDays",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "TemperatureOffC",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "Version",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "WaterOffG",
                table: "Facts");

            migrationBuilder.DropColumn(
                name: "BrewedJson",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "FileId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "FileJson",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "ImportId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "TakenAwayAtMs",
                table: "Brews");
        }
    }
}
