PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE "__EFMigrationsLock" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK___EFMigrationsLock" PRIMARY KEY,
    "Timestamp" TEXT NOT NULL
);
CREATE TABLE "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);
CREATE TABLE "Bags" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Bags" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Origin" TEXT NOT NULL,
    "Roast" REAL NOT NULL,
    "RoastedOn" TEXT NOT NULL,
    "LeftG" REAL NOT NULL,
    "TastesOf" TEXT NOT NULL
, "BoughtGround" INTEGER NOT NULL DEFAULT 0, "Decaffeinated" INTEGER NOT NULL DEFAULT 0, "GroundSpread" REAL NOT NULL DEFAULT 0.69999999999999996, "GroundUm" REAL NOT NULL DEFAULT 800.0, "OpenedOn" TEXT NULL, "RemovedAtMs" INTEGER NULL, "UsedUpOn" TEXT NULL);
CREATE TABLE "Baristas" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Baristas" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Mass" INTEGER NOT NULL,
    "Temperature" INTEGER NOT NULL,
    "Volume" INTEGER NOT NULL,
    "CupMl" REAL NOT NULL
, "UsesLearned" INTEGER NOT NULL DEFAULT 1, "NoMill" INTEGER NOT NULL DEFAULT 0, "NoScale" INTEGER NOT NULL DEFAULT 0, "NoThermometer" INTEGER NOT NULL DEFAULT 0);
CREATE TABLE "Mills" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Mills" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "SettingName" TEXT NOT NULL,
    "Least" REAL NOT NULL,
    "Most" REAL NOT NULL,
    "Step" REAL NOT NULL,
    "UmAtZero" REAL NOT NULL,
    "UmPerSetting" REAL NOT NULL,
    "Spread" REAL NOT NULL,
    "UsualFilterSetting" REAL NULL
, "Labels" TEXT NOT NULL DEFAULT '', "Notches" INTEGER NOT NULL DEFAULT 0, "RemovedAtMs" INTEGER NULL, "SecondsPerG" REAL NOT NULL DEFAULT 0.5, "Estimated" INTEGER NOT NULL DEFAULT 0, "Looks" TEXT NOT NULL DEFAULT '', "Usuals" TEXT NOT NULL DEFAULT '');
CREATE TABLE "Places" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Places" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "AltitudeM" REAL NOT NULL,
    "AmbientC" REAL NOT NULL,
    "Water" TEXT NOT NULL
, "RemovedAtMs" INTEGER NULL);
CREATE TABLE "Vessels" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Vessels" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Family" INTEGER NOT NULL,
    "CapacityMl" REAL NOT NULL,
    "Material" INTEGER NULL
, "Cone" INTEGER NULL, "Filter" INTEGER NULL, "Marks" TEXT NOT NULL DEFAULT '', "RemovedAtMs" INTEGER NULL, "Wrapped" INTEGER NOT NULL DEFAULT 0, "OutletMm" REAL NULL);
CREATE TABLE "Notes" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Notes" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Text" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Notes_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Weighings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Weighings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "StepIndex" INTEGER NOT NULL,
    "TotalG" REAL NOT NULL, "Seen" INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT "FK_Weighings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Filters" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Filters" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "Filter" INTEGER NOT NULL,
    "Family" INTEGER NULL,
    "Left" INTEGER NOT NULL,
    "CareEvery" INTEGER NOT NULL,
    "UsedSinceCare" INTEGER NOT NULL,
    "Care" TEXT NOT NULL
);
CREATE TABLE "Kettles" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Kettles" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "CapacityMl" REAL NOT NULL,
    "KeepsTemperature" INTEGER NOT NULL,
    "SecondsPerLitre" REAL NOT NULL,
    "CoolsPerS" REAL NOT NULL
);
CREATE TABLE "Servers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Servers" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "CapacityMl" REAL NOT NULL
);
CREATE TABLE "Sheets" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Sheets" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RecipeId" TEXT NOT NULL,
    "ParentId" INTEGER NULL,
    "ParentName" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "Why" TEXT NOT NULL,
    "BaristaId" INTEGER NULL,
    "KeptAtMs" INTEGER NULL,
    "ChangedAtMs" INTEGER NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "Position" INTEGER NOT NULL,
    "AcceptedJson" TEXT NOT NULL
, "ChangedJson" TEXT NOT NULL DEFAULT '', "FromBrewId" INTEGER NULL, "WantedAtMs" INTEGER NULL);
CREATE TABLE "Spoons" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Spoons" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "HoldsG" REAL NOT NULL,
    "WeighedWith" TEXT NOT NULL
, "Heaped" INTEGER NOT NULL DEFAULT 0);
CREATE TABLE "Waters" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Waters" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "HardnessMgL" REAL NOT NULL,
    "AlkalinityMgL" REAL NOT NULL,
    "Concentrate" INTEGER NOT NULL
);
CREATE TABLE "Turns" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Turns" PRIMARY KEY AUTOINCREMENT,
    "SheetId" INTEGER NOT NULL,
    "Position" INTEGER NOT NULL,
    "StateJson" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Turns_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Brews" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Brews" PRIMARY KEY AUTOINCREMENT,
    "BagId" INTEGER NULL,
    "BaristaId" INTEGER NULL,
    "CoffeeName" TEXT NOT NULL,
    "EndedAtMs" INTEGER NULL,
    "FilterStockId" INTEGER NULL,
    "ForecastJson" TEXT NOT NULL,
    "GrindText" TEXT NOT NULL,
    "ModelVersion" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "OpenedAtMs" INTEGER NOT NULL,
    "PlaceName" TEXT NOT NULL,
    "PlanJson" TEXT NOT NULL,
    "RecipeId" TEXT NOT NULL,
    "SheetId" INTEGER NULL,
    "StartedAtMs" INTEGER NULL,
    "State" INTEGER NOT NULL,
    "TakenG" REAL NOT NULL,
    "TinyTide" TEXT NOT NULL,
    "Why" TEXT NOT NULL,
    "WhyAbandoned" TEXT NULL, "PlannedJson" TEXT NULL, "BenchJson" TEXT NULL, "ReadingToken" TEXT NULL, "Rehearsal" INTEGER NOT NULL DEFAULT 0, "Speed" INTEGER NOT NULL DEFAULT 1, "StartsItself" INTEGER NOT NULL DEFAULT 0, "ChangedJson" TEXT NOT NULL DEFAULT '', "MillName" TEXT NOT NULL DEFAULT '', "ModelJson" TEXT NULL, "ParentBrewId" INTEGER NULL, "VesselName" TEXT NOT NULL DEFAULT '', "BrewedJson" TEXT NULL, "FileId" TEXT NOT NULL DEFAULT '00000000-0000-0000-0000-000000000000', "FileJson" TEXT NULL, "ImportId" INTEGER NULL, "TakenAwayAtMs" INTEGER NULL,
    CONSTRAINT "FK_Brews_Bags_BagId" FOREIGN KEY ("BagId") REFERENCES "Bags" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Filters_FilterStockId" FOREIGN KEY ("FilterStockId") REFERENCES "Filters" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE SET NULL
);
CREATE TABLE "Extras" (
    "SheetId" INTEGER NOT NULL CONSTRAINT "PK_Extras" PRIMARY KEY,
    "Json" TEXT NOT NULL,
    CONSTRAINT "FK_Extras_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Jobs" (
    "Key" TEXT NOT NULL CONSTRAINT "PK_Jobs" PRIMARY KEY,
    "Address" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL
);
CREATE TABLE "Pulses" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Pulses" PRIMARY KEY AUTOINCREMENT,
    "Text" TEXT NOT NULL
);
CREATE TABLE "Entries" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Entries" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "EntryId" TEXT NOT NULL,
    "Kind" TEXT NOT NULL,
    "Step" INTEGER NOT NULL,
    "AtMs" INTEGER NOT NULL,
    "Undoes" TEXT NULL,
    "By" TEXT NOT NULL,
    "ReceivedAtMs" INTEGER NOT NULL, "Seen" INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT "FK_Entries_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Facts" (
    "BrewId" INTEGER NOT NULL CONSTRAINT "PK_Facts" PRIMARY KEY,
    "ModelVersion" TEXT NOT NULL,
    "DoseG" REAL NOT NULL,
    "WaterG" REAL NOT NULL,
    "WaterTemperatureC" REAL NOT NULL,
    "MedianUm" REAL NOT NULL,
    "FinalG" REAL NOT NULL,
    "FinalTdsPercent" REAL NOT NULL,
    "ExtractionYieldPercent" REAL NOT NULL,
    "Tilt" REAL NOT NULL,
    "FinishS" REAL NOT NULL,
    "DrawdownS" REAL NULL,
    "PressS" REAL NULL,
    "Assumed" INTEGER NOT NULL, "DoseOffG" REAL NOT NULL DEFAULT 0.0, "Drawn" REAL NOT NULL DEFAULT 0.0, "Family" TEXT NOT NULL DEFAULT '', "Flow" TEXT NULL, "ForetoldDrawdownHighS" REAL NULL, "ForetoldDrawdownLowS" REAL NULL, "ForetoldDrawdownS" REAL NULL, "ForetoldTdsHigh" REAL NOT NULL DEFAULT 0.0, "ForetoldTdsLow" REAL NOT NULL DEFAULT 0.0, "ForetoldTdsPercent" REAL NOT NULL DEFAULT 0.0, "ForetoldTilt" REAL NOT NULL DEFAULT 0.0, "ForetoldTiltHigh" REAL NOT NULL DEFAULT 0.0, "ForetoldTiltLow" REAL NOT NULL DEFAULT 0.0, "ReleaseOffS" REAL NULL, "RestDays" REAL NOT NULL DEFAULT 0.0, "TemperatureOffC" REAL NOT NULL DEFAULT 0.0, "Version" INTEGER NOT NULL DEFAULT 1, "WaterOffG" REAL NOT NULL DEFAULT 0.0,
    CONSTRAINT "FK_Facts_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Observations" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Observations" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Value" REAL NOT NULL,
    "AtMs" INTEGER NOT NULL, "Seen" INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT "FK_Observations_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Tastings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Tastings" PRIMARY KEY AUTOINCREMENT,
    "AtMs" INTEGER NOT NULL,
    "BaristaId" INTEGER NULL,
    "BrewId" INTEGER NOT NULL,
    "Note" TEXT NOT NULL,
    "ReadTdsPercent" REAL NULL,
    "Score" REAL NULL,
    "SharpHarsh" INTEGER NULL,
    "ThinHeavy" INTEGER NULL, "Bed" TEXT NULL, "Crust" TEXT NOT NULL DEFAULT '', "NotesFound" TEXT NOT NULL DEFAULT '', "Sediment" INTEGER NULL,
    CONSTRAINT "FK_Tastings_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Tastings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "SlipAnswers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_SlipAnswers" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Kind" TEXT NOT NULL,
    "Step" INTEGER NOT NULL,
    "Taken" INTEGER NOT NULL,
    "Said" TEXT NOT NULL,
    "ReleaseAtS" REAL NULL,
    "LetDownG" REAL NOT NULL,
    "AtMs" INTEGER NOT NULL,
    "UndoneAtMs" INTEGER NULL,
    "By" TEXT NOT NULL,
    CONSTRAINT "FK_SlipAnswers_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Readings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Readings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Of" TEXT NOT NULL,
    "Packed" BLOB NOT NULL,
    CONSTRAINT "FK_Readings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Learned" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Learned" PRIMARY KEY,
    "ModelVersion" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    "Json" TEXT NOT NULL
);
CREATE TABLE "Sips" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Sips" PRIMARY KEY AUTOINCREMENT,
    "TastingId" INTEGER NOT NULL,
    "When" TEXT NOT NULL,
    "SharpHarsh" INTEGER NULL,
    "ThinHeavy" INTEGER NULL,
    "Sweet" INTEGER NULL,
    "Clear" INTEGER NULL,
    "Finish" INTEGER NULL,
    "Dry" INTEGER NULL,
    CONSTRAINT "FK_Sips_Tastings_TastingId" FOREIGN KEY ("TastingId") REFERENCES "Tastings" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Imports" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Imports" PRIMARY KEY AUTOINCREMENT,
    "AtMs" INTEGER NOT NULL,
    "By" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "UndoneAtMs" INTEGER NULL,
    "BeforeJson" TEXT NULL,
    "Brought" TEXT NOT NULL
);
CREATE TABLE "KeptSearches" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_KeptSearches" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Query" TEXT NOT NULL
);
CREATE TABLE "LogRows" (
    "BrewId" INTEGER NOT NULL CONSTRAINT "PK_LogRows" PRIMARY KEY,
    "Seq" INTEGER NOT NULL,
    "Stands" INTEGER NOT NULL,
    "OpenedAtMs" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "RecipeId" TEXT NOT NULL,
    "Coffee" TEXT NOT NULL,
    "Family" TEXT NOT NULL,
    "Vessel" TEXT NOT NULL,
    "Mill" TEXT NOT NULL,
    "Barista" TEXT NOT NULL,
    "Place" TEXT NOT NULL,
    "State" INTEGER NOT NULL,
    "Tastings" INTEGER NOT NULL,
    "Score" REAL NULL,
    "SharpHarsh" REAL NULL,
    "ThinHeavy" REAL NULL,
    "ReadTdsPercent" REAL NULL,
    "DoseG" REAL NULL,
    "WaterG" REAL NULL,
    "WaterTemperatureC" REAL NULL,
    "MedianUm" REAL NULL,
    "RestDays" REAL NULL,
    "FinalTdsPercent" REAL NULL,
    "ExtractionYieldPercent" REAL NULL,
    "Tilt" REAL NULL,
    "Drawn" REAL NULL,
    "DrawdownS" REAL NULL,
    "PressS" REAL NULL,
    "Flow" TEXT NULL,
    "ReleaseOffS" REAL NULL,
    "WaterOffG" REAL NULL,
    "DoseOffG" REAL NULL,
    "TemperatureOffC" REAL NULL,
    "ForetoldTdsPercent" REAL NULL,
    "ForetoldTdsLow" REAL NULL,
    "ForetoldTdsHigh" REAL NULL,
    "ForetoldTiltLow" REAL NULL,
    "ForetoldTiltHigh" REAL NULL,
    "ForetoldDrawdownLowS" REAL NULL,
    "ForetoldDrawdownHighS" REAL NULL
);
CREATE VIRTUAL TABLE BrewWords USING fts5(Words, content='', contentless_delete=1, tokenize="unicode61 remove_diacritics 2");
CREATE TABLE "BlindSessions" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_BlindSessions" PRIMARY KEY AUTOINCREMENT,
    "Kind" TEXT NOT NULL,
    "Tasters" INTEGER NOT NULL,
    "Seed" INTEGER NOT NULL,
    "FirstBrewId" INTEGER NULL,
    "SecondBrewId" INTEGER NULL,
    "What" TEXT NOT NULL,
    "OpenedAtMs" INTEGER NOT NULL,
    "RevealedAtMs" INTEGER NULL,
    "By" TEXT NOT NULL,
    CONSTRAINT "FK_BlindSessions_Brews_FirstBrewId" FOREIGN KEY ("FirstBrewId") REFERENCES "Brews" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_BlindSessions_Brews_SecondBrewId" FOREIGN KEY ("SecondBrewId") REFERENCES "Brews" ("Id") ON DELETE SET NULL
);
CREATE TABLE "Devices" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Devices" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Role" INTEGER NOT NULL,
    "TokenHash" TEXT NOT NULL,
    "TokenAtMs" INTEGER NOT NULL,
    "BeforeHash" TEXT NOT NULL,
    "PairedAtMs" INTEGER NOT NULL,
    "SeenAtMs" INTEGER NOT NULL,
    "PutOutAtMs" INTEGER NULL
);
CREATE TABLE "HouseRecords" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_HouseRecords" PRIMARY KEY AUTOINCREMENT,
    "AtMs" INTEGER NOT NULL,
    "What" TEXT NOT NULL,
    "Who" TEXT NOT NULL
);
CREATE TABLE "Pairs" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Pairs" PRIMARY KEY AUTOINCREMENT,
    "FirstPlanId" INTEGER NULL,
    "SecondPlanId" INTEGER NULL,
    "StaggerS" REAL NOT NULL,
    "FirstBrewId" INTEGER NULL,
    "SecondBrewId" INTEGER NULL,
    "MadeAtMs" INTEGER NOT NULL,
    "BaristaId" INTEGER NULL,
    CONSTRAINT "FK_Pairs_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Pairs_Brews_FirstBrewId" FOREIGN KEY ("FirstBrewId") REFERENCES "Brews" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Pairs_Brews_SecondBrewId" FOREIGN KEY ("SecondBrewId") REFERENCES "Brews" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Pairs_Sheets_FirstPlanId" FOREIGN KEY ("FirstPlanId") REFERENCES "Sheets" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Pairs_Sheets_SecondPlanId" FOREIGN KEY ("SecondPlanId") REFERENCES "Sheets" ("Id") ON DELETE SET NULL
);
CREATE TABLE "BlindAnswers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_BlindAnswers" PRIMARY KEY AUTOINCREMENT,
    "SessionId" INTEGER NOT NULL,
    "Taster" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Picked" TEXT NOT NULL,
    "Note" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_BlindAnswers_BlindSessions_SessionId" FOREIGN KEY ("SessionId") REFERENCES "BlindSessions" ("Id") ON DELETE CASCADE
);
CREATE UNIQUE INDEX "IX_Baristas_Name" ON "Baristas" ("Name");
CREATE INDEX "IX_Notes_BrewId" ON "Notes" ("BrewId");
CREATE UNIQUE INDEX "IX_Weighings_BrewId_StepIndex" ON "Weighings" ("BrewId", "StepIndex");
CREATE INDEX "IX_Sheets_KeptAtMs_ChangedAtMs" ON "Sheets" ("KeptAtMs", "ChangedAtMs");
CREATE UNIQUE INDEX "IX_Turns_SheetId_Position" ON "Turns" ("SheetId", "Position");
CREATE INDEX "IX_Brews_BagId" ON "Brews" ("BagId");
CREATE INDEX "IX_Brews_BaristaId" ON "Brews" ("BaristaId");
CREATE INDEX "IX_Brews_CoffeeName_State_OpenedAtMs" ON "Brews" ("CoffeeName", "State", "OpenedAtMs");
CREATE INDEX "IX_Brews_FilterStockId" ON "Brews" ("FilterStockId");
CREATE INDEX "IX_Brews_OpenedAtMs" ON "Brews" ("OpenedAtMs");
CREATE INDEX "IX_Brews_RecipeId_OpenedAtMs" ON "Brews" ("RecipeId", "OpenedAtMs");
CREATE INDEX "IX_Brews_SheetId" ON "Brews" ("SheetId");
CREATE INDEX "IX_Brews_State_OpenedAtMs" ON "Brews" ("State", "OpenedAtMs");
CREATE INDEX "IX_Jobs_AtMs" ON "Jobs" ("AtMs");
CREATE INDEX "IX_Entries_BrewId" ON "Entries" ("BrewId");
CREATE UNIQUE INDEX "IX_Entries_EntryId" ON "Entries" ("EntryId");
CREATE UNIQUE INDEX "IX_Observations_BrewId_Name" ON "Observations" ("BrewId", "Name");
CREATE INDEX "IX_Tastings_BaristaId" ON "Tastings" ("BaristaId");
CREATE UNIQUE INDEX "IX_Tastings_BrewId_BaristaId" ON "Tastings" ("BrewId", "BaristaId");
CREATE INDEX "IX_SlipAnswers_BrewId" ON "SlipAnswers" ("BrewId");
CREATE INDEX "IX_Readings_BrewId" ON "Readings" ("BrewId");
CREATE INDEX "IX_Brews_ParentBrewId" ON "Brews" ("ParentBrewId");
CREATE UNIQUE INDEX "IX_Sips_TastingId_When" ON "Sips" ("TastingId", "When");
CREATE UNIQUE INDEX "IX_Brews_FileId" ON "Brews" ("FileId");
CREATE INDEX "IX_Brews_ImportId" ON "Brews" ("ImportId");
CREATE UNIQUE INDEX "IX_KeptSearches_Name" ON "KeptSearches" ("Name");
CREATE UNIQUE INDEX "IX_LogRows_Seq" ON "LogRows" ("Seq");
CREATE INDEX "IX_Sheets_ParentId" ON "Sheets" ("ParentId");
CREATE INDEX "IX_Sheets_WantedAtMs" ON "Sheets" ("WantedAtMs");
CREATE INDEX "IX_LogRows_Barista_Family_OpenedAtMs" ON "LogRows" ("Barista", "Family", "OpenedAtMs");
CREATE UNIQUE INDEX "IX_BlindAnswers_SessionId_Taster" ON "BlindAnswers" ("SessionId", "Taster");
CREATE INDEX "IX_BlindSessions_FirstBrewId" ON "BlindSessions" ("FirstBrewId");
CREATE INDEX "IX_BlindSessions_SecondBrewId" ON "BlindSessions" ("SecondBrewId");
CREATE UNIQUE INDEX "IX_Devices_TokenHash" ON "Devices" ("TokenHash");
CREATE INDEX "IX_Pairs_BaristaId" ON "Pairs" ("BaristaId");
CREATE INDEX "IX_Pairs_FirstBrewId" ON "Pairs" ("FirstBrewId");
CREATE INDEX "IX_Pairs_FirstPlanId" ON "Pairs" ("FirstPlanId");
CREATE INDEX "IX_Pairs_SecondBrewId" ON "Pairs" ("SecondBrewId");
CREATE INDEX "IX_Pairs_SecondPlanId" ON "Pairs" ("SecondPlanId");
CREATE TRIGGER Log_Brews_INSERT AFTER INSERT ON Brews BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.Id;
DELETE FROM BrewWords WHERE rowid = NEW.Id;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.Id AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Brews_UPDATE AFTER UPDATE ON Brews BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.Id;
DELETE FROM BrewWords WHERE rowid = NEW.Id;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.Id AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Brews_DELETE AFTER DELETE ON Brews BEGIN UPDATE LogRows SET Stands = 0, Seq = (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows) WHERE BrewId = OLD.Id; DELETE FROM BrewWords WHERE rowid = OLD.Id; END;
CREATE TRIGGER Log_Facts_INSERT AFTER INSERT ON Facts BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId;
DELETE FROM BrewWords WHERE rowid = NEW.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Facts_UPDATE AFTER UPDATE ON Facts BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId;
DELETE FROM BrewWords WHERE rowid = NEW.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Facts_DELETE AFTER DELETE ON Facts BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = OLD.BrewId;
DELETE FROM BrewWords WHERE rowid = OLD.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = OLD.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Tastings_INSERT AFTER INSERT ON Tastings BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId;
DELETE FROM BrewWords WHERE rowid = NEW.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Tastings_UPDATE AFTER UPDATE ON Tastings BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId;
DELETE FROM BrewWords WHERE rowid = NEW.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Tastings_DELETE AFTER DELETE ON Tastings BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = OLD.BrewId;
DELETE FROM BrewWords WHERE rowid = OLD.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = OLD.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Notes_INSERT AFTER INSERT ON Notes BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId;
DELETE FROM BrewWords WHERE rowid = NEW.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Notes_UPDATE AFTER UPDATE ON Notes BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId;
DELETE FROM BrewWords WHERE rowid = NEW.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = NEW.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Notes_DELETE AFTER DELETE ON Notes BEGIN INSERT OR REPLACE INTO LogRows (BrewId, Seq, Stands, OpenedAtMs, Name, RecipeId, Coffee, Family, Vessel, Mill, Barista, Place, State, Tastings, Score, SharpHarsh, ThinHeavy, ReadTdsPercent,
DoseG, WaterG, WaterTemperatureC, MedianUm, RestDays, FinalTdsPercent, ExtractionYieldPercent, Tilt, Drawn, DrawdownS, PressS, Flow, ReleaseOffS, WaterOffG, DoseOffG, TemperatureOffC,
ForetoldTdsPercent, ForetoldTdsLow, ForetoldTdsHigh, ForetoldTiltLow, ForetoldTiltHigh, ForetoldDrawdownLowS, ForetoldDrawdownHighS)
SELECT b.Id, (SELECT COALESCE(MAX(Seq), 0) + 1 FROM LogRows), b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL, b.OpenedAtMs, b.Name, b.RecipeId, b.CoffeeName, COALESCE(f.Family, ''), b.VesselName, b.MillName, COALESCE(r.Name, ''), b.PlaceName, b.State,
    (SELECT COUNT(*) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.Score) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.SharpHarsh) FROM Tastings t WHERE t.BrewId = b.Id),
    (SELECT AVG(t.ThinHeavy) FROM Tastings t WHERE t.BrewId = b.Id), (SELECT AVG(t.ReadTdsPercent) FROM Tastings t WHERE t.BrewId = b.Id),
    f.DoseG, f.WaterG, f.WaterTemperatureC, f.MedianUm, f.RestDays, f.FinalTdsPercent, f.ExtractionYieldPercent, f.Tilt, f.Drawn, f.DrawdownS, f.PressS, f.Flow, f.ReleaseOffS, f.WaterOffG, f.DoseOffG, f.TemperatureOffC,
    f.ForetoldTdsPercent, f.ForetoldTdsLow, f.ForetoldTdsHigh, f.ForetoldTiltLow, f.ForetoldTiltHigh, f.ForetoldDrawdownLowS, f.ForetoldDrawdownHighS
FROM Brews b LEFT JOIN Facts f ON f.BrewId = b.Id AND f.Version > 1 LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = OLD.BrewId;
DELETE FROM BrewWords WHERE rowid = OLD.BrewId;
INSERT INTO BrewWords (rowid, Words)
SELECT b.Id, b.Name || ' ' || b.RecipeId || ' ' || b.CoffeeName || ' ' || b.VesselName || ' ' || b.MillName || ' ' || b.GrindText || ' ' || b.PlaceName || ' ' || b.Why || ' ' || COALESCE(b.WhyAbandoned, '') || ' ' || COALESCE(r.Name, '')
    || ' ' || COALESCE((SELECT group_concat(t.Note || ' ' || t.Crust || ' ' || t.NotesFound, ' ') FROM Tastings t WHERE t.BrewId = b.Id), '')
    || ' ' || COALESCE((SELECT group_concat(n.Text, ' ') FROM Notes n WHERE n.BrewId = b.Id), '')
FROM Brews b LEFT JOIN Baristas r ON r.Id = b.BaristaId WHERE b.Id = OLD.BrewId AND b.Rehearsal = 0 AND b.TakenAwayAtMs IS NULL; END;
CREATE TRIGGER Log_Baristas_UPDATE AFTER UPDATE OF Name ON Baristas BEGIN UPDATE Brews SET Id = Id WHERE BaristaId = NEW.Id; END;
INSERT INTO "__EFMigrationsHistory" VALUES('20261123143507_FirstBrew','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123153118_VesselDetails','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123164137_ShelfAndPlans','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261125225957_JobsAndExtras','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126020227_BrewsAsEntries','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126065710_SlipAnswers','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126095948_Readings','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126131919_TasteAndLearning','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126164714_LogAndFiles','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261127055405_PairsGearAndHouse','10.0.14');
INSERT INTO "Bags" VALUES(1,'Kestrel Terrace','Rwanda, washed',0.2,'2026-11-17',212,'blackcurrant, tea, lime',0,0,0.7,800,'2026-11-20',NULL,NULL);
INSERT INTO "Bags" VALUES(2,'Blue Ferry','Timor-Leste, natural',0.35,'2026-11-21',640,'plum, cocoa nib',0,0,0.7,800,'2026-11-23',NULL,NULL);
INSERT INTO "Bags" VALUES(3,'Quiet Orchard','Bolivia, honey',0.4,'2026-11-12',31,'apricot, almond',0,0,0.7,800,'2026-11-14',NULL,NULL);
INSERT INTO "Bags" VALUES(4,'Night Barge','blend',0.6,'2026-11-23',1150,'treacle, walnut',0,0,0.7,800,'2026-11-25',NULL,NULL);
INSERT INTO "Bags" VALUES(5,'Tidewrack','Malawi, decaffeinated',0.5,'2026-11-05',180,'malt, dried apple',0,1,0.7,800,'2026-11-07',NULL,NULL);
INSERT INTO "Bags" VALUES(6,'Night Barge, ground','blend, bought ground at High Hut',0.6,'2026-11-02',250,'treacle, walnut',1,0,0.75,800,NULL,NULL,NULL);
INSERT INTO "Baristas" VALUES(1,'Imre',1,0,0,180,1,0,0,0);
INSERT INTO "Baristas" VALUES(2,'Solveig',0,0,0,180,1,0,0,0);
INSERT INTO "Baristas" VALUES(3,'Wanjiru',0,0,0,180,1,0,0,0);
INSERT INTO "Baristas" VALUES(4,'Teo',0,0,0,180,1,0,0,0);
INSERT INTO "Mills" VALUES(1,'Ferrule','clicks',0,60,1,60,26,0.42,20,'',0,NULL,2.2,0,'','');
INSERT INTO "Mills" VALUES(2,'Counter 64','settings',0,20,0.25,220,55,0.47,6.5,'F = 6.5',0,NULL,0.5,0,'','');
INSERT INTO "Mills" VALUES(3,'Hut mill','turns',0,6,0.25,250,210,0.68,NULL,'',1,NULL,2.6,0,'','');
INSERT INTO "Places" VALUES(1,'Weir House',12,21,'medium-hard tap water through a filter jug',NULL);
INSERT INTO "Places" VALUES(2,'High Hut',2340,17,'very soft spring water',NULL);
INSERT INTO "Vessels" VALUES(1,'Small French press',0,350,NULL,NULL,NULL,'100, 200, 300',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(2,'French press',0,1000,NULL,NULL,NULL,'250, 500, 750, 950',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(3,'Hut French press',0,1000,3,NULL,NULL,'300, 600, 900',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(4,'Tube press',1,280,NULL,NULL,NULL,'60, 120, 180, 240',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(5,'Tube press, metal disc',1,280,NULL,NULL,3,'60, 120, 180, 240',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(6,'Valve dripper',2,500,NULL,NULL,NULL,'200, 350, 450',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(7,'Lever dripper, ridged',3,360,NULL,0,NULL,'150, 300',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(8,'Lever dripper, smooth',3,360,NULL,1,NULL,'150, 300',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(9,'Small siphon',4,360,NULL,NULL,NULL,'120, 240, 360',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(10,'Siphon',4,600,NULL,NULL,NULL,'240, 360, 480, 600',NULL,0,NULL);
INSERT INTO "Vessels" VALUES(11,'Jar',5,475,NULL,NULL,NULL,'100, 200, 300, 400',NULL,0,NULL);
INSERT INTO "Weighings" VALUES(39,41,3,237,0);
INSERT INTO "Weighings" VALUES(40,42,3,241,0);
INSERT INTO "Weighings" VALUES(41,43,3,239,0);
INSERT INTO "Weighings" VALUES(42,44,3,242,0);
INSERT INTO "Filters" VALUES(1,'Tube papers',NULL,0,1,214,0,0,'');
INSERT INTO "Filters" VALUES(2,'Cone papers',NULL,0,NULL,8,0,0,'');
INSERT INTO "Filters" VALUES(3,'Dense cone papers',NULL,1,NULL,41,0,0,'');
INSERT INTO "Filters" VALUES(4,'Siphon cloth',NULL,4,4,1,10,9,'Rinsed hot without soap, boiled for ten minutes, kept wet in the cold with fresh water every second day.');
INSERT INTO "Kettles" VALUES(1,'Small kettle',NULL,1000,1,330,0.0017);
INSERT INTO "Kettles" VALUES(2,'Big kettle',NULL,1700,0,190,0.0017);
INSERT INTO "Servers" VALUES(1,'Large server',NULL,800);
INSERT INTO "Servers" VALUES(2,'Small server',NULL,400);
INSERT INTO "Servers" VALUES(3,'Tall cup',NULL,240);
INSERT INTO "Servers" VALUES(4,'Short cup',NULL,180);
INSERT INTO "Sheets" VALUES(1,'River dripper','vd-water-first',NULL,'Water below','temperature 97 °C → 94 °C; grind 560 µm → 578 µm','It drained slowly in the damp.',NULL,1795549704410,1795549704410,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL,NULL);
INSERT INTO "Sheets" VALUES(2,'River dripper for two','vd-water-first',1,'River dripper','dose 22.0 g → 27.5 g; water 340 g → 427 g','Two cups from one paper, as much as it holds.',NULL,1795549704495,1795549704495,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL,NULL);
INSERT INTO "Spoons" VALUES(1,'house tablespoon',NULL,6.2,'Night Barge',0);
INSERT INTO "Waters" VALUES(1,'Weir House tap',NULL,190,140,0);
INSERT INTO "Waters" VALUES(2,'Weir House, filter jug',NULL,95,55,0);
INSERT INTO "Waters" VALUES(3,'High Hut spring',NULL,22,18,0);
INSERT INTO "Waters" VALUES(4,'Mineral drops',NULL,9000,3200,1);
INSERT INTO "Turns" VALUES(1,1,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795549704410);
INSERT INTO "Turns" VALUES(2,2,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795549704495);
INSERT INTO "Brews" VALUES(41,NULL,2,'Blue Ferry',1792489554173,NULL,'{"finishS":173.35229942609882,"beverageG":207.5870043088923,"tdsPercent":1.1378382364327677,"extractionYieldPercent":15.238737476722022,"dissolvedYieldPercent":18.16924666423098,"tilt":-0.27386215103484657,"slurryEndC":79.56469393156432,"streamC":81.3664431713831,"drawdownS":38.352299426098796,"pressForceN":null,"peakVolumeMl":263.4931159438529,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0009257428016297169}','Counter 64, 10 settings','1.0','Closed all the way',1792489200000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-closed",
  "name": "Closed all the way",
  "school": "coffee-first",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 15.5,
    "roast": 0.35,
    "restDays": 12
  },
  "grind": {
    "medianUm": 770,
    "spread": 0.47
  },
  "water": {
    "temperatureC": 92
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 238,
      "overS": 20
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "lid"
    },
    {
      "do": "open-valve",
      "at": 135
    },
    {
      "do": "drain"
    }
  ],
  "target": {
    "tdsPercent": [
      1.24,
      1.36
    ],
    "tilt": [
      -0.1,
      0.4
    ]
  }
}','ld-closed',NULL,1792489380000,1,0,'0,24 1,22.8 2,20.3 3,18.9 4,16.4 5,13.6 6,11.9 7,10.7 8,8 9,6.4 10,4.8 11,3 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,3.1 80,4 81,6 82,7 83,8.6 84,9.4 85,10.8 86,11.5 87,12.7 88,13.8 89,14.4 90,15 91,15.9 92,16.8 93,17.2 94,18 95,18.3 96,19 97,19.6 98,19.9 99,20.4 100,20.8 100,24 0,24','It is weaker than it should be. Less water on the same coffee is stronger and less of it: about 1.11 % TDS, balanced.',NULL,NULL,NULL,NULL,0,1,0,'{"Setting":"waterG","From":272,"To":238,"Unit":"g","What":"Less water, 272 \u2192 238 g","TdsPercent":1.105363530077491,"ExtractionYieldPercent":14.702102666129598,"Tilt":-0.3936618274498844}','Counter 64',NULL,NULL,'Lever dripper, ridged',NULL,'01A21966-E816-751F-9699-377AA75E360F',NULL,NULL,NULL);
INSERT INTO "Brews" VALUES(42,NULL,2,'Blue Ferry',1792574777540,NULL,'{"finishS":195.94579473912842,"beverageG":207.92100885772936,"tdsPercent":1.296650808798757,"extractionYieldPercent":17.39360930978247,"dissolvedYieldPercent":20.663911538223175,"tilt":0.1584958680438735,"slurryEndC":78.10757809486523,"streamC":80.93818841566774,"drawdownS":60.94579473912839,"pressForceN":null,"peakVolumeMl":263.4931159438529,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011663658350067354}','Counter 64, 5.5 settings','1.0','Closed all the way',1792574400000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-closed",
  "name": "Closed all the way",
  "school": "coffee-first",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 15.5,
    "roast": 0.35,
    "restDays": 12
  },
  "grind": {
    "medianUm": 522.5,
    "spread": 0.47
  },
  "water": {
    "temperatureC": 92
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 238,
      "overS": 20
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "lid"
    },
    {
      "do": "open-valve",
      "at": 135
    },
    {
      "do": "drain"
    }
  ],
  "target": {
    "tdsPercent": [
      1.24,
      1.36
    ],
    "tilt": [
      -0.1,
      0.4
    ]
  }
}','ld-closed',NULL,1792574580000,1,0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,4.8 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2.3 71,3 72,4.3 73,5.5 74,6.1 75,7.5 76,8.1 77,9.3 78,9.9 79,10.9 80,11.4 81,12.3 82,12.7 83,13.5 84,14.2 85,14.6 86,15.2 87,15.8 88,16.3 89,16.9 90,17.2 91,17.8 92,18 93,18.4 94,18.9 95,19.3 96,19.5 97,19.9 98,20.2 99,20.5 100,20.8 100,24 0,24','It is sharp. Finer gives more, and holds the water longer: about 1.27 % TDS, balanced, draining in 1:03.',NULL,NULL,NULL,NULL,0,1,0,'{"Setting":"medianUm","From":770,"To":522.5,"Unit":"\u00B5m","What":"Grind finer, 10 \u2192 5.5 settings","TdsPercent":1.2737122142893116,"ExtractionYieldPercent":16.96319630628779,"Tilt":0.074707783427531}','Counter 64',NULL,41,'Lever dripper, ridged',NULL,'01A21966-E851-71B4-8C91-45A72F2F2D5E',NULL,NULL,NULL);
INSERT INTO "Brews" VALUES(43,NULL,2,'Blue Ferry',1792660457240,NULL,'{"finishS":195.94579473912842,"beverageG":207.92100885772936,"tdsPercent":1.296650808798757,"extractionYieldPercent":17.39360930978247,"dissolvedYieldPercent":20.663911538223175,"tilt":0.1584958680438735,"slurryEndC":78.10757809486523,"streamC":80.93818841566774,"drawdownS":60.94579473912839,"pressForceN":null,"peakVolumeMl":263.4931159438529,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011663658350067354}','Counter 64, 5.5 settings','1.0','Closed all the way',1792660080000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-closed",
  "name": "Closed all the way",
  "school": "coffee-first",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 15.5,
    "roast": 0.35,
    "restDays": 12
  },
  "grind": {
    "medianUm": 522.5,
    "spread": 0.47
  },
  "water": {
    "temperatureC": 92
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 238,
      "overS": 20
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "lid"
    },
    {
      "do": "open-valve",
      "at": 135
    },
    {
      "do": "drain"
    }
  ],
  "target": {
    "tdsPercent": [
      1.24,
      1.36
    ],
    "tilt": [
      -0.1,
      0.4
    ]
  }
}','ld-closed',NULL,1792660260000,1,0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,4.8 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2.3 71,3 72,4.3 73,5.5 74,6.1 75,7.5 76,8.1 77,9.3 78,9.9 79,10.9 80,11.4 81,12.3 82,12.7 83,13.5 84,14.2 85,14.6 86,15.2 87,15.8 88,16.3 89,16.9 90,17.2 91,17.8 92,18 93,18.4 94,18.9 95,19.3 96,19.5 97,19.9 98,20.2 99,20.5 100,20.8 100,24 0,24','The same again, to be sure of it.',NULL,NULL,NULL,NULL,0,1,0,'','Counter 64',NULL,42,'Lever dripper, ridged',NULL,'01A21966-E871-72AC-8849-5A5EDF5EAAFF',NULL,NULL,NULL);
INSERT INTO "Brews" VALUES(44,NULL,2,'Blue Ferry',1792747936740,NULL,'{"finishS":195.94579473912842,"beverageG":207.92100885772936,"tdsPercent":1.296650808798757,"extractionYieldPercent":17.39360930978247,"dissolvedYieldPercent":20.663911538223175,"tilt":0.1584958680438735,"slurryEndC":78.10757809486523,"streamC":80.93818841566774,"drawdownS":60.94579473912839,"pressForceN":null,"peakVolumeMl":263.4931159438529,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011663658350067354}','Counter 64, 5.5 settings','1.0','Closed all the way',1792747560000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-closed",
  "name": "Closed all the way",
  "school": "coffee-first",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 15.5,
    "roast": 0.35,
    "restDays": 12
  },
  "grind": {
    "medianUm": 522.5,
    "spread": 0.47
  },
  "water": {
    "temperatureC": 92
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 238,
      "overS": 20
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "lid"
    },
    {
      "do": "open-valve",
      "at": 135
    },
    {
      "do": "drain"
    }
  ],
  "target": {
    "tdsPercent": [
      1.24,
      1.36
    ],
    "tilt": [
      -0.1,
      0.4
    ]
  }
}','ld-closed',NULL,1792747740000,1,0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,4.8 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2.3 71,3 72,4.3 73,5.5 74,6.1 75,7.5 76,8.1 77,9.3 78,9.9 79,10.9 80,11.4 81,12.3 82,12.7 83,13.5 84,14.2 85,14.6 86,15.2 87,15.8 88,16.3 89,16.9 90,17.2 91,17.8 92,18 93,18.4 94,18.9 95,19.3 96,19.5 97,19.9 98,20.2 99,20.5 100,20.8 100,24 0,24','The same again, to be sure of it.',NULL,NULL,NULL,NULL,0,1,0,'','Counter 64',NULL,43,'Lever dripper, ridged',NULL,'01A21966-E898-7E37-9184-6AFA34697381',NULL,NULL,NULL);
INSERT INTO "Entries" VALUES(283,41,'12996181-0001-0002-0304-050607080103','start',3,1792489380000,NULL,'',1792489380000,0);
INSERT INTO "Entries" VALUES(284,41,'01F66E1A-0001-0002-0304-050607080303','done',3,1792489401700,NULL,'',1792489401700,0);
INSERT INTO "Entries" VALUES(285,41,'4DB86046-0001-0002-0304-050607080304','done',4,1792489404100,NULL,'',1792489404100,0);
INSERT INTO "Entries" VALUES(286,41,'453FBAF1-0001-0002-0304-050607080305','done',5,1792489404100,NULL,'',1792489404100,0);
INSERT INTO "Entries" VALUES(287,41,'61082CAD-0001-0002-0304-050607080306','done',6,1792489515900,NULL,'',1792489515900,0);
INSERT INTO "Entries" VALUES(288,41,'7E9A44B6-0001-0002-0304-050607080307','done',7,1792489554173,NULL,'',1792489554173,0);
INSERT INTO "Entries" VALUES(289,42,'7F304B96-0001-0002-0304-050607080103','start',3,1792574580000,NULL,'',1792574580000,0);
INSERT INTO "Entries" VALUES(290,42,'7E103C21-0001-0002-0304-050607080303','done',3,1792574602300,NULL,'',1792574602300,0);
INSERT INTO "Entries" VALUES(291,42,'7CDB7FA8-0001-0002-0304-050607080304','done',4,1792574604300,NULL,'',1792574604300,0);
INSERT INTO "Entries" VALUES(292,42,'367E4FC1-0001-0002-0304-050607080305','done',5,1792574604700,NULL,'',1792574604700,0);
INSERT INTO "Entries" VALUES(293,42,'783F4E39-0001-0002-0304-050607080306','done',6,1792574716700,NULL,'',1792574716700,0);
INSERT INTO "Entries" VALUES(294,42,'50392651-0001-0002-0304-050607080307','done',7,1792574777540,NULL,'',1792574777540,0);
INSERT INTO "Entries" VALUES(295,43,'532FC694-0001-0002-0304-050607080103','start',3,1792660260000,NULL,'',1792660260000,0);
INSERT INTO "Entries" VALUES(296,43,'24E3E085-0001-0002-0304-050607080303','done',3,1792660282400,NULL,'',1792660282400,0);
INSERT INTO "Entries" VALUES(297,43,'1964F08E-0001-0002-0304-050607080304','done',4,1792660285000,NULL,'',1792660285000,0);
INSERT INTO "Entries" VALUES(298,43,'6CC78E72-0001-0002-0304-050607080305','done',5,1792660285500,NULL,'',1792660285500,0);
INSERT INTO "Entries" VALUES(299,43,'70DCCDA9-0001-0002-0304-050607080306','done',6,1792660395500,NULL,'',1792660395500,0);
INSERT INTO "Entries" VALUES(300,43,'332A8FA1-0001-0002-0304-050607080307','done',7,1792660457240,NULL,'',1792660457240,0);
INSERT INTO "Entries" VALUES(301,44,'09F8081A-0001-0002-0304-050607080103','start',3,1792747740000,NULL,'',1792747740000,0);
INSERT INTO "Entries" VALUES(302,44,'53B9C190-0001-0002-0304-050607080303','done',3,1792747760700,NULL,'',1792747760700,0);
INSERT INTO "Entries" VALUES(303,44,'50AC6CB4-0001-0002-0304-050607080304','done',4,1792747764500,NULL,'',1792747764500,0);
INSERT INTO "Entries" VALUES(304,44,'09EF76C5-0001-0002-0304-050607080305','done',5,1792747764500,NULL,'',1792747764500,0);
INSERT INTO "Entries" VALUES(305,44,'0F6DF309-0001-0002-0304-050607080306','done',6,1792747876900,NULL,'',1792747876900,0);
INSERT INTO "Entries" VALUES(306,44,'35AFAF3A-0001-0002-0304-050607080307','done',7,1792747936740,NULL,'',1792747936740,0);
INSERT INTO "Facts" VALUES(41,'1.0',15.5,237,92,770,206.5888956166945,1.144251054558744,15.250939462550257,-0.281363026337919,174.173,38.272999999999996,NULL,0,0,0.8130461675308885,'lever-dripper','within',50.25844538772799,26.446153464469607,38.352299426098796,1.1901808942794647,1.0854955785860707,1.1378382364327677,-0.27386215103484657,-0.06765163662257523,-0.4800726654471179,0.8999999999999773,12,0,2,-1);
INSERT INTO "Facts" VALUES(42,'1.0',15.5,241,92,522.5,210.93275736035392,1.2837066954993013,17.469405995071988,0.1579694852570865,197.54,60.84,NULL,0,0,0.9248628611496544,'lever-dripper','within',85.2636417267548,36.62794775150198,60.94579473912839,1.3439407774841663,1.2493608401133476,1.296650808798757,0.1584958680438735,0.3149641736581513,0.0020275624295956474,1.6999999999999602,12,0,2,3);
INSERT INTO "Facts" VALUES(43,'1.0',15.5,239,92,522.5,208.92587621916627,1.2927437558506734,17.425007865674704,0.15434231052949876,197.24,61.74000000000001,NULL,0,0,0.9240998449401868,'lever-dripper','within',85.2636417267548,36.62794775150198,60.94579473912839,1.3439407774841663,1.2493608401133476,1.296650808798757,0.1584958680438735,0.3149641736581513,0.0020275624295956474,0.4999999999999716,12,0,2,1);
INSERT INTO "Facts" VALUES(44,'1.0',15.5,242,92,522.5,211.9352947525018,1.2788312374660291,17.48577259684319,0.16107708993986164,196.74,59.84,NULL,0,0,0.9249819620559645,'lever-dripper','within',85.2636417267548,36.62794775150198,60.94579473912839,1.3439407774841663,1.2493608401133476,1.296650808798757,0.1584958680438735,0.3149641736581513,0.0020275624295956474,1.8999999999999773,12,0,2,4);
INSERT INTO "Observations" VALUES(2,41,'beverageG',205,1792490154173,0);
INSERT INTO "Observations" VALUES(3,42,'beverageG',210,1792575377540,0);
INSERT INTO "Observations" VALUES(4,43,'beverageG',208,1792661057240,0);
INSERT INTO "Observations" VALUES(5,44,'beverageG',211,1792748536740,0);
INSERT INTO "Tastings" VALUES(40,1792490154173,2,41,'Balanced, thin. Plum as it cooled.',1.12,6.5,-1,-3,'domed','','',NULL);
INSERT INTO "Tastings" VALUES(41,1792575377540,2,42,'Balanced, of middling body. Cocoa nib as it cooled.',1.26,8,0,-1,'domed','','',NULL);
INSERT INTO "Tastings" VALUES(42,1792661057240,2,43,'Balanced, of middling body. Cocoa nib as it cooled.',1.28,8,0,-1,'domed','','',NULL);
INSERT INTO "Tastings" VALUES(43,1792748536740,2,44,'Balanced, of middling body. Cocoa nib as it cooled.',1.23,8,0,-1,'domed','','',NULL);
INSERT INTO "Sips" VALUES(68,40,'hot',-1,-3,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(69,40,'warm',-1,-3,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(70,40,'cool',-2,-3,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(71,41,'hot',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(72,41,'warm',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(73,41,'cool',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(74,42,'hot',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(75,42,'warm',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(76,42,'cool',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(77,43,'hot',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(78,43,'warm',0,-1,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(79,43,'cool',0,-1,3,5,NULL,NULL);
INSERT INTO "KeptSearches" VALUES(1,'Ferry','words=ferry');
INSERT INTO "Devices" VALUES(1,'Kitchen phone',1,'00',1764200000000,'',1764200000000,1764200000000,NULL);
INSERT INTO "HouseRecords" VALUES(1,1764200000000,'Kitchen phone was paired as barista.','the code');
COMMIT;
