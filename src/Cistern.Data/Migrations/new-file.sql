BEGIN;
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
, "UsesLearned" INTEGER NOT NULL DEFAULT 1, "NoMill" INTEGER NOT NULL DEFAULT 0, "NoScale" INTEGER NOT NULL DEFAULT 0, "NoThermometer" INTEGER NOT NULL DEFAULT 0, "Dose" INTEGER NOT NULL DEFAULT 0, "Pin" TEXT NOT NULL DEFAULT '');
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
CREATE UNIQUE INDEX "IX_Baristas_Name" ON "Baristas" ("Name");
CREATE INDEX "IX_Notes_BrewId" ON "Notes" ("BrewId");
CREATE UNIQUE INDEX "IX_Weighings_BrewId_StepIndex" ON "Weighings" ("BrewId", "StepIndex");
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
CREATE INDEX "IX_Sheets_KeptAtMs_ChangedAtMs" ON "Sheets" ("KeptAtMs", "ChangedAtMs");
CREATE UNIQUE INDEX "IX_Turns_SheetId_Position" ON "Turns" ("SheetId", "Position");
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
CREATE INDEX "IX_Brews_BagId" ON "Brews" ("BagId");
CREATE INDEX "IX_Brews_BaristaId" ON "Brews" ("BaristaId");
CREATE INDEX "IX_Brews_CoffeeName_State_OpenedAtMs" ON "Brews" ("CoffeeName", "State", "OpenedAtMs");
CREATE INDEX "IX_Brews_FilterStockId" ON "Brews" ("FilterStockId");
CREATE INDEX "IX_Brews_OpenedAtMs" ON "Brews" ("OpenedAtMs");
CREATE INDEX "IX_Brews_RecipeId_OpenedAtMs" ON "Brews" ("RecipeId", "OpenedAtMs");
CREATE INDEX "IX_Brews_SheetId" ON "Brews" ("SheetId");
CREATE INDEX "IX_Brews_State_OpenedAtMs" ON "Brews" ("State", "OpenedAtMs");
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
CREATE INDEX "IX_Jobs_AtMs" ON "Jobs" ("AtMs");
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
CREATE INDEX "IX_Entries_BrewId" ON "Entries" ("BrewId");
CREATE UNIQUE INDEX "IX_Entries_EntryId" ON "Entries" ("EntryId");
CREATE UNIQUE INDEX "IX_Observations_BrewId_Name" ON "Observations" ("BrewId", "Name");
CREATE TABLE "Tastings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Tastings" PRIMARY KEY AUTOINCREMENT,
    "AtMs" INTEGER NOT NULL,
    "BaristaId" INTEGER NULL,
    "BrewId" INTEGER NOT NULL,
    "Note" TEXT NOT NULL,
    "ReadTdsPercent" REAL NULL,
    "Score" REAL NULL,
    "SharpHarsh" INTEGER NULL,
    "ThinHeavy" INTEGER NULL, "Bed" TEXT NULL, "Crust" TEXT NOT NULL DEFAULT '', "NotesFound" TEXT NOT NULL DEFAULT '', "Sediment" INTEGER NULL, "Complaints" TEXT NOT NULL DEFAULT '', "WentWrong" TEXT NOT NULL DEFAULT '',
    CONSTRAINT "FK_Tastings_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Tastings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE INDEX "IX_Tastings_BaristaId" ON "Tastings" ("BaristaId");
CREATE UNIQUE INDEX "IX_Tastings_BrewId_BaristaId" ON "Tastings" ("BrewId", "BaristaId");
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
CREATE INDEX "IX_SlipAnswers_BrewId" ON "SlipAnswers" ("BrewId");
CREATE TABLE "Readings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Readings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Of" TEXT NOT NULL,
    "Packed" BLOB NOT NULL,
    CONSTRAINT "FK_Readings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE INDEX "IX_Readings_BrewId" ON "Readings" ("BrewId");
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
CREATE INDEX "IX_Brews_ParentBrewId" ON "Brews" ("ParentBrewId");
CREATE UNIQUE INDEX "IX_Sips_TastingId_When" ON "Sips" ("TastingId", "When");
CREATE TABLE "Imports" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Imports" PRIMARY KEY AUTOINCREMENT,
    "AtMs" INTEGER NOT NULL,
    "By" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "UndoneAtMs" INTEGER NULL,
    "BeforeJson" TEXT NULL,
    "Brought" TEXT NOT NULL
, "KeptAtMs" INTEGER NULL);
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
CREATE UNIQUE INDEX "IX_Brews_FileId" ON "Brews" ("FileId");
CREATE INDEX "IX_Brews_ImportId" ON "Brews" ("ImportId");
CREATE UNIQUE INDEX "IX_KeptSearches_Name" ON "KeptSearches" ("Name");
CREATE UNIQUE INDEX "IX_LogRows_Seq" ON "LogRows" ("Seq");
CREATE VIRTUAL TABLE BrewWords USING fts5(Words, content='', contentless_delete=1, tokenize="unicode61 remove_diacritics 2");
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
, "TokenUsedAtMs" INTEGER NULL);
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
    "AtMs" INTEGER NOT NULL, "DeviceId" INTEGER NULL,
    CONSTRAINT "FK_BlindAnswers_BlindSessions_SessionId" FOREIGN KEY ("SessionId") REFERENCES "BlindSessions" ("Id") ON DELETE CASCADE
);
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
CREATE TABLE "ImportedBrews" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_ImportedBrews" PRIMARY KEY AUTOINCREMENT,
    "ImportId" INTEGER NOT NULL,
    "FileId" TEXT NOT NULL,
    "BeforeJson" TEXT NULL,
    CONSTRAINT "FK_ImportedBrews_Imports_ImportId" FOREIGN KEY ("ImportId") REFERENCES "Imports" ("Id") ON DELETE CASCADE
);
CREATE INDEX "IX_ImportedBrews_FileId" ON "ImportedBrews" ("FileId");
CREATE INDEX "IX_ImportedBrews_ImportId" ON "ImportedBrews" ("ImportId");
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
INSERT INTO "__EFMigrationsHistory" VALUES('20261127063618_DoseUnitAndPin','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261130000611_ComplaintsImportsAndTokens','10.0.14');
COMMIT;
