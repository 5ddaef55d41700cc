using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class PairsGearAndHouse : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "OutletMm",
                table: "Vessels",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Heaped",
                table: "Spoons",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<long>(
                name: "WantedAtMs",
                table: "Sheets",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Estimated",
                table: "Mills",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "Looks",
                table: "Mills",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Usuals",
                table: "Mills",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "NoMill",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "NoScale",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "NoThermometer",
                table: "Baristas",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateTable(
                name: "BlindSessions",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Tasters = table.Column<int>(type: "INTEGER", nullable: false),
                    Seed = table.Column<int>(type: "INTEGER", nullable: false),
                    FirstBrewId = table.Column<int>(type: "INTEGER", nullable: true),
                    SecondBrewId = table.Column<int>(type: "INTEGER", nullable: true),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    OpenedAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    RevealedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    By = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BlindSessions", x => x.Id);
                    table.ForeignKey(
                        name: "FK_BlindSessions_Brews_FirstBrewId",
                        column: x => x.FirstBrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_BlindSessions_Brews_SecondBrewId",
                        column: x => x.SecondBrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                });

            migrationBuilder.CreateTable(
                name: "Devices",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Role = table.Column<int>(type: "INTEGER", nullable: false),
                    TokenHash = table.Column<string>(type: "TEXT", nullable: false),
                    TokenAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    BeforeHash = table.Column<string>(type: "TEXT", nullable: false),
                    PairedAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    SeenAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    PutOutAtMs = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Devices", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "HouseRecords",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    Who = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_HouseRecords", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Pairs",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    FirstPlanId = table.Column<int>(type: "INTEGER", nullable: true),
                    SecondPlanId = table.Column<int>(type: "INTEGER", nullable: true),
                    StaggerS = table.Column<double>(type: "REAL", nullable: false),
                    FirstBrewId = table.Column<int>(type: "INTEGER", nullable: true),
                    SecondBrewId = table.Column<int>(type: "INTEGER", nullable: true),
                    MadeAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    BaristaId = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Pairs", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Pairs_Baristas_BaristaId",
                        column: x => x.BaristaId,
                        principalTable: "Baristas",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Pairs_Brews_FirstBrewId",
                        column: x => x.FirstBrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Pairs_Brews_SecondBrewId",
                        column: x => x.SecondBrewId,
                        principalTable: "Brews",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Pairs_Sheets_FirstPlanId",
                        column: x => x.FirstPlanId,
                        principalTable: "Sheets",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                    table.ForeignKey(
                        name: "FK_Pairs_Sheets_SecondPlanId",
                        column: x => x.SecondPlanId,
                        principalTable: "Sheets",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.SetNull);
                });

            migrationBuilder.CreateTable(
                name: "BlindAnswers",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SessionId = table.Column<int>(type: "INTEGER", nullable: false),
                    Taster = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Picked = table.Column<string>(type: "TEXT", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_BlindAnswers", x => x.Id);
                    table.ForeignKey(
                        name: "FK_BlindAnswers_BlindSessions_SessionId",
                        column: x => x.SessionId,
                        principalTable: "BlindSessions",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Sheets_ParentId",
                table: "Sheets",
                column: "ParentId");

            migrationBuilder.CreateIndex(
                name: "IX_Sheets_WantedAtMs",
                table: "Sheets",
                column: "WantedAtMs");

            migrationBuilder.CreateIndex(
                name: "IX_LogRows_Barista_Family_OpenedAtMs",
                table: "LogRows",
                columns: new[] { "Barista", "Family", "OpenedAtMs" });

            migrationBuilder.CreateIndex(
                name: "IX_BlindAnswers_SessionId_Taster",
                table: "BlindAnswers",
                columns: new[] { "SessionId", "Taster" },
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_BlindSessions_FirstBrewId",
                table: "BlindSessions",
                column: "FirstBrewId");

            migrationBuilder.CreateIndex(
                name: "IX_BlindSessions_SecondBrewId",
                table: "BlindSessions",
                column: "SecondBrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Devices_TokenHash",
                table: "Devices",
                column: "TokenHash",
                unique: true);

            migrationBuilder.CreateIndex(
                name: "IX_Pairs_BaristaId",
                table: "Pairs",
                column: "BaristaId");

            migrationBuilder.CreateIndex(
                name: "IX_Pairs_FirstBrewId",
                table: "Pairs",
                column: "FirstBrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Pairs_FirstPlanId",
                table: "Pairs",
                column: "FirstPlanId");

            migrationBuilder.CreateIndex(
                name: "IX_Pairs_SecondBrewId",
                table: "Pairs",
                column: "SecondBrewId");

            migrationBuilder.CreateIndex(
                name: "IX_Pairs_SecondPlanId",
                table: "Pairs",
                column: "SecondPlanId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "BlindAnswers");

            migrationBuilder.DropTable(
                name: "Devices");

            migrationBuilder.DropTable(
                name: "HouseRecords");

            migrationBuilder.DropTable(
                name: "Pairs");

            migrationBuilder.DropTable(
                name: "BlindSessions");

            migrationBuilder.DropIndex(
                name: "IX_Sheets_ParentId",
                table: "Sheets");

            migrationBuilder.DropIndex(
                name: "IX_Sheets_WantedAtMs",
                table: "Sheets");

            migrationBuilder.DropIndex(
                name: "IX_LogRows_Barista_Family_OpenedAtMs",
                table: "LogRows");

            migrationBuilder.DropColumn(
                name: "OutletMm",
                table: "Vessels");

            migrationBuilder.DropColumn(
                name: "Heaped",
                table: "Spoons");

            migrationBuilder.DropColumn(
                name: "WantedAtMs",
                table: "Sheets");

            migrationBuilder.DropColumn(
                name: "Estimated",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "Looks",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "Usuals",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "NoMill",
                table: "Baristas");

            migrationBuilder.DropColumn(
                name: "NoScale",
                table: "Baristas");

            migrationBuilder.DropColumn(
                name: "NoThermometer",
                table: "Baristas");
        }
    }
}
