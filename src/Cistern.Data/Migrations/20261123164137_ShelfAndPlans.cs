using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Cistern.Data.Migrations
{
    /// <inheritdoc />
    public partial class ShelfAndPlans : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Marks",
                table: "Vessels",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<long>(
                name: "RemovedAtMs",
                table: "Vessels",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Wrapped",
                table: "Vessels",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<double>(
                name: "ReadTdsPercent",
                table: "Tastings",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "RemovedAtMs",
                table: "Places",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Labels",
                table: "Mills",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "Notches",
                table: "Mills",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<long>(
                name: "RemovedAtMs",
                table: "Mills",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "SecondsPerG",
                table: "Mills",
                type: "REAL",
                nullable: false,
                defaultValue: 0.5);

            migrationBuilder.AddColumn<int>(
                name: "FilterStockId",
                table: "Brews",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "SheetId",
                table: "Brews",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Why",
                table: "Brews",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "BoughtGround",
                table: "Bags",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "Decaffeinated",
                table: "Bags",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<double>(
                name: "GroundSpread",
                table: "Bags",
                type: "REAL",
                nullable: false,
                defaultValue: 0.7);

            migrationBuilder.AddColumn<double>(
                name: "GroundUm",
                table: "Bags",
                type: "REAL",
                nullable: false,
                defaultValue: 800.0);

            migrationBuilder.AddColumn<DateOnly>(
                name: "OpenedOn",
                table: "Bags",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<long>(
                name: "RemovedAtMs",
                table: "Bags",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<DateOnly>(
                name: "UsedUpOn",
                table: "Bags",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "Filters",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RemovedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    Filter = table.Column<int>(type: "INTEGER", nullable: false),
                    Family = table.Column<int>(type: "INTEGER", nullable: true),
                    Left = table.Column<int>(type: "INTEGER", nullable: false),
                    CareEvery = table.Column<int>(type: "INTEGER", nullable: false),
                    UsedSinceCare = table.Column<int>(type: "INTEGER", nullable: false),
                    Care = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Filters", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Kettles",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RemovedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    CapacityMl = table.Column<double>(type: "REAL", nullable: false),
                    KeepsTemperature = table.Column<bool>(type: "INTEGER", nullable: false),
                    SecondsPerLitre = table.Column<double>(type: "REAL", nullable: false),
                    CoolsPerS = table.Column<double>(type: "REAL", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Kettles", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Servers",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RemovedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    CapacityMl = table.Column<double>(type: "REAL", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Servers", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Sheets",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RecipeId = table.Column<string>(type: "TEXT", nullable: false),
                    ParentId = table.Column<int>(type: "INTEGER", nullable: true),
                    ParentName = table.Column<string>(type: "TEXT", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    Why = table.Column<string>(type: "TEXT", nullable: false),
                    BaristaId = table.Column<int>(type: "INTEGER", nullable: true),
                    KeptAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    ChangedAtMs = table.Column<long>(type: "INTEGER", nullable: false),
                    RemovedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    Position = table.Column<int>(type: "INTEGER", nullable: false),
                    AcceptedJson = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Sheets", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Spoons",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RemovedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    HoldsG = table.Column<double>(type: "REAL", nullable: false),
                    WeighedWith = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Spoons", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Waters",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    RemovedAtMs = table.Column<long>(type: "INTEGER", nullable: true),
                    HardnessMgL = table.Column<double>(type: "REAL", nullable: false),
                    AlkalinityMgL = table.Column<double>(type: "REAL", nullable: false),
                    Concentrate = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Waters", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Turns",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    SheetId = table.Column<int>(type: "INTEGER", nullable: false),
                    Position = table.Column<int>(type: "INTEGER", nullable: false),
                    StateJson = table.Column<string>(type: "TEXT", nullable: false),
                    What = table.Column<string>(type: "TEXT", nullable: false),
                    AtMs = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Turns", x => x.Id);
                    table.ForeignKey(
                        name: "FK_Turns_Sheets_SheetId",
                        column: x => x.SheetId,
                        principalTable: "Sheets",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Brews_CoffeeName_State_OpenedAtMs",
                table: "Brews",
                columns: new[] { "CoffeeName", "State", "OpenedAtMs" });

            migrationBuilder.CreateIndex(
                name: "IX_Brews_FilterStockId",
                table: "Brews",
                column: "FilterStockId");

            migrationBuilder.CreateIndex(
                name: "IX_Brews_SheetId",
                table: "Brews",
                column: "SheetId");

            migrationBuilder.CreateIndex(
                name: "IX_Sheets_KeptAtMs_ChangedAtMs",
                table: "Sheets",
                columns: new[] { "KeptAtMs", "ChangedAtMs" });

            migrationBuilder.CreateIndex(
                name: "IX_Turns_SheetId_Position",
                table: "Turns",
                columns: new[] { "SheetId", "Position" },
                unique: true);

            migrationBuilder.AddForeignKey(
                name: "FK_Brews_Filters_FilterStockId",
                table: "Brews",
                column: "FilterStockId",
                principalTable: "Filters",
                principalColumn: "Id",
                onDelete: ReferentialAction.SetNull);

            migrationBuilder.AddForeignKey(
                name: "FK_Brews_Sheets_SheetId",
                table: "Brews",
                column: "SheetId",
                principalTable: "Sheets",
                principalColumn: "Id",
                onDelete: ReferentialAction.SetNull);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropForeignKey(
                name: "FK_Brews_Filters_FilterStockId",
                table: "Brews");

            migrationBuilder.DropForeignKey(
                name: "FK_Brews_Sheets_SheetId",
                table: "Brews");

            migrationBuilder.DropTable(
                name: "Filters");

            migrationBuilder.DropTable(
                name: "Kettles");

            migrationBuilder.DropTable(
                name: "Servers");

            migrationBuilder.DropTable(
                name: "Spoons");

            migrationBuilder.DropTable(
                name: "Turns");

            migrationBuilder.DropTable(
                name: "Waters");

            migrationBuilder.DropTable(
                name: "Sheets");

            migrationBuilder.DropIndex(
                name: "IX_Brews_CoffeeName_State_OpenedAtMs",
                table: "Brews");

            migrationBuilder.DropIndex(
                name: "IX_Brews_FilterStockId",
                table: "Brews");

            migrationBuilder.DropIndex(
                name: "IX_Brews_SheetId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "Marks",
                table: "Vessels");

            migrationBuilder.DropColumn(
                name: "RemovedAtMs",
                table: "Vessels");

            migrationBuilder.DropColumn(
                name: "Wrapped",
                table: "Vessels");

            migrationBuilder.DropColumn(
                name: "ReadTdsPercent",
                table: "Tastings");

            migrationBuilder.DropColumn(
                name: "RemovedAtMs",
                table: "Places");

            migrationBuilder.DropColumn(
                name: "Labels",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "Notches",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "RemovedAtMs",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "SecondsPerG",
                table: "Mills");

            migrationBuilder.DropColumn(
                name: "FilterStockId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "SheetId",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "Why",
                table: "Brews");

            migrationBuilder.DropColumn(
                name: "BoughtGround",
                table: "Bags");

            migrationBuilder.DropColumn(
                name: "Decaffeinated",
                table: "Bags");

            migrationBuilder.DropColumn(
                name: "GroundSpread",
                table: "Bags");

            migrationBuilder.DropColumn(
                name: "GroundUm",
                table: "Bags");

            migrationBuilder.DropColumn(
                name: "OpenedOn",
                table: "Bags");

            migrationBuilder.DropColumn(
                name: "RemovedAtMs",
                table: "Bags");

            migrationBuilder.DropColumn(
                name: "UsedUpOn",
                table: "Bags");
        }
    }
}
