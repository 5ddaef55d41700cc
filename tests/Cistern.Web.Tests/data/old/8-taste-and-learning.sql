PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE "Bags" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Bags" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Origin" TEXT NOT NULL,
    "Roast" REAL NOT NULL,
    "RoastedOn" TEXT NOT NULL,
    "LeftG" REAL NOT NULL,
    "TastesOf" TEXT NOT NULL
, "BoughtGround" INTEGER NOT NULL DEFAULT 0, "Decaffeinated" INTEGER NOT NULL DEFAULT 0, "GroundSpread" REAL NOT NULL DEFAULT 0.69999999999999996, "GroundUm" REAL NOT NULL DEFAULT 800.0, "OpenedOn" TEXT NULL, "RemovedAtMs" INTEGER NULL, "UsedUpOn" TEXT NULL);
INSERT INTO "Bags" VALUES(1,'Kestrel Terrace','Rwanda, washed',0.2,'2026-11-17',212.0,'blackcurrant, tea, lime',0,0,0.7,800.0,'2026-11-20',NULL,NULL);
INSERT INTO "Bags" VALUES(2,'Blue Ferry','Timor-Leste, natural',0.35,'2026-11-21',640.0,'plum, cocoa nib',0,0,0.7,800.0,'2026-11-23',NULL,NULL);
INSERT INTO "Bags" VALUES(3,'Quiet Orchard','Bolivia, honey',0.4,'2026-11-12',31.0,'apricot, almond',0,0,0.7,800.0,'2026-11-14',NULL,NULL);
INSERT INTO "Bags" VALUES(4,'Night Barge','blend',0.6,'2026-11-23',1150.0,'treacle, walnut',0,0,0.7,800.0,'2026-11-25',NULL,NULL);
INSERT INTO "Bags" VALUES(5,'Tidewrack','Malawi, decaffeinated',0.5,'2026-11-05',180.0,'malt, dried apple',0,1,0.7,800.0,'2026-11-07',NULL,NULL);
INSERT INTO "Bags" VALUES(6,'Night Barge, ground','blend, bought ground at High Hut',0.6,'2026-11-02',250.0,'treacle, walnut',1,0,0.75,800.0,NULL,NULL,NULL);
CREATE TABLE "Baristas" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Baristas" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Mass" INTEGER NOT NULL,
    "Temperature" INTEGER NOT NULL,
    "Volume" INTEGER NOT NULL,
    "CupMl" REAL NOT NULL
, "UsesLearned" INTEGER NOT NULL DEFAULT 1);
INSERT INTO "Baristas" VALUES(1,'Imre',0,0,0,180.0,1);
INSERT INTO "Baristas" VALUES(2,'Solveig',0,0,0,180.0,1);
INSERT INTO "Baristas" VALUES(3,'Wanjiru',0,0,0,180.0,1);
INSERT INTO "Baristas" VALUES(4,'Teo',0,0,0,180.0,1);
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
    "WhyAbandoned" TEXT NULL, "PlannedJson" TEXT NULL, "BenchJson" TEXT NULL, "ReadingToken" TEXT NULL, "Rehearsal" INTEGER NOT NULL DEFAULT 0, "Speed" INTEGER NOT NULL DEFAULT 1, "StartsItself" INTEGER NOT NULL DEFAULT 0, "ChangedJson" TEXT NOT NULL DEFAULT '', "MillName" TEXT NOT NULL DEFAULT '', "ModelJson" TEXT NULL, "ParentBrewId" INTEGER NULL, "VesselName" TEXT NOT NULL DEFAULT '',
    CONSTRAINT "FK_Brews_Bags_BagId" FOREIGN KEY ("BagId") REFERENCES "Bags" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Filters_FilterStockId" FOREIGN KEY ("FilterStockId") REFERENCES "Filters" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE SET NULL
);
INSERT INTO "Brews" VALUES(1,5,3,'Tidewrack',1794043302499,NULL,'{"finishS":519.9999999999995,"beverageG":727.0933050777534,"tdsPercent":1.113104057104228,"extractionYieldPercent":17.5941414733776,"dissolvedYieldPercent":20.059010967733784,"tilt":-0.144554083440804,"slurryEndC":82.90470584160903,"streamC":83.13898025839738,"drawdownS":null,"pressForceN":29.166667796859517,"peakVolumeMl":920.2698064893771,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.08482270432757252}','Ferrule, 39 clicks','1.0','Slow eight',1794042600000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-slow-eight",
  "name": "Slow eight",
  "school": "patient",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000
  },
  "coffee": {
    "doseG": 46,
    "roast": 0.5,
    "restDays": 2
  },
  "grind": {
    "medianUm": 1074,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 94
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "preheat"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 130,
      "overS": 12
    },
    {
      "do": "pour",
      "at": 50,
      "toG": 819,
      "overS": 25
    },
    {
      "do": "lid"
    },
    {
      "do": "plunge",
      "at": 475,
      "overS": 30
    },
    {
      "do": "decant",
      "overS": 15
    }
  ]
}','fp-slow-eight',NULL,1794042780000,1,0.0,'0,24 1,23 2,21.2 3,20.3 4,20.3 5,20.3 6,20.3 7,20.3 8,20.3 9,20.3 10,20.3 11,16.2 12,12.2 13,8.5 14,3.5 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,3.9 99,11.4 100,18.1 100,24 0,24','',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'French press');
INSERT INTO "Brews" VALUES(5,1,2,'Kestrel Terrace',1795184199900,NULL,'{"finishS":579,"beverageG":413.73010364549316,"tdsPercent":1.3849859111056089,"extractionYieldPercent":17.90657389216473,"dissolvedYieldPercent":21.07670398090097,"tilt":0.1587122520179761,"slurryEndC":78.89961653795083,"streamC":79.20895754130302,"drawdownS":null,"pressForceN":null,"peakVolumeMl":541.5110310072525,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.1017617134601219}','Ferrule, 32 clicks','1.0','Long settle',1795183440000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-long-settle",
  "name": "Long settle",
  "school": "patient",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000
  },
  "coffee": {
    "doseG": 32,
    "roast": 0.2,
    "restDays": 3
  },
  "grind": {
    "medianUm": 892,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 96
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "preheat"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "level-bed"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 480,
      "overS": 18
    },
    {
      "do": "lid"
    },
    {
      "do": "smell"
    },
    {
      "do": "break-crust",
      "at": 270,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "skim",
      "overS": 15
    },
    {
      "do": "wait",
      "forS": 270,
      "window": [
        200,
        420
      ]
    },
    {
      "do": "plunge",
      "depth": "surface",
      "overS": 6
    },
    {
      "do": "decant",
      "overS": 15
    },
    {
      "do": "clear"
    }
  ],
  "target": {
    "tdsPercent": [
      1.25,
      1.45
    ],
    "tilt": [
      -0.3,
      0.4
    ]
  }
}','fp-long-settle',NULL,1795183620000,1,0.0,'0,24 1,19.9 2,12.4 3,4.5 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,2.4 99,9.6 100,17.5 100,24 0,24','',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'French press');
INSERT INTO "Brews" VALUES(19,NULL,3,'Quiet Orchard',1793182907812,NULL,'{"finishS":645.4120534781474,"beverageG":338.442496835472,"tdsPercent":1.371723964597277,"extractionYieldPercent":19.343736814473125,"dissolvedYieldPercent":22.399716663925645,"tilt":0.6536186223852075,"slurryEndC":65.54575952950644,"streamC":81.85473588617805,"drawdownS":462.41205347814724,"pressForceN":null,"peakVolumeMl":427.64695741912857,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0015666471588052181}','Ferrule, 9 clicks','1.0','Coffee below',1793182080000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "vd-coffee-first",
  "name": "Coffee below",
  "school": "coffee-first",
  "brewer": {
    "family": "valve-dripper",
    "capacityMl": 500
  },
  "coffee": {
    "doseG": 24,
    "roast": 0.4,
    "restDays": 9
  },
  "grind": {
    "medianUm": 294,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 96
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
      "toG": 384,
      "stirring": true,
      "overS": 24
    },
    {
      "do": "lid"
    },
    {
      "do": "tap-raft",
      "at": 35,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "stir",
      "at": 180,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "drain"
    },
    {
      "do": "stir-cup"
    }
  ],
  "target": {
    "tdsPercent": [
      1.2,
      1.4
    ],
    "finishS": [
      270,
      330
    ]
  }
}','vd-coffee-first',NULL,1793182260000,1,0.0,'0,24 1,19.8 2,14 3,8 4,1.2 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1.2 30,1.8 31,2.5 32,3.1 33,3.6 34,4.3 35,4.8 36,5.3 37,5.9 38,6.4 39,7 40,7.4 41,7.9 42,8.4 43,8.8 44,9.2 45,9.6 46,10 47,10.5 48,10.9 49,11.2 50,11.6 51,11.9 52,12.3 53,12.6 54,12.9 55,13.2 56,13.5 57,13.8 58,14.1 59,14.4 60,14.7 61,14.9 62,15.2 63,15.4 64,15.6 65,15.9 66,16.1 67,16.3 68,16.6 69,16.8 70,17 71,17.2 72,17.4 73,17.5 74,17.7 75,17.9 76,18.1 77,18.2 78,18.4 79,18.5 80,18.7 81,18.8 82,19 83,19.1 84,19.3 85,19.4 86,19.5 87,19.6 88,19.8 89,19.9 90,20 91,20.1 92,20.2 93,20.3 94,20.4 95,20.5 96,20.6 97,20.7 98,20.8 99,20.9 100,21 100,24 0,24','',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'Valve dripper');
INSERT INTO "Brews" VALUES(22,NULL,3,'Quiet Orchard',1793464226829,NULL,'{"finishS":325.1293354472518,"beverageG":338.22805718330915,"tdsPercent":1.30919274414584,"extractionYieldPercent":18.450238263788858,"dissolvedYieldPercent":21.515197432069375,"tilt":0.28963718991467624,"slurryEndC":79.8693719325345,"streamC":85.5011922391562,"drawdownS":142.1293354472516,"pressForceN":null,"peakVolumeMl":425.60242741555214,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0010427928792702634}','Ferrule, 20 clicks','1.0','Coffee below',1793463720000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "vd-coffee-first",
  "name": "Coffee below",
  "school": "coffee-first",
  "brewer": {
    "family": "valve-dripper",
    "capacityMl": 500
  },
  "coffee": {
    "doseG": 24,
    "roast": 0.4,
    "restDays": 12
  },
  "grind": {
    "medianUm": 580,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 96
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
      "toG": 384,
      "stirring": true,
      "overS": 24
    },
    {
      "do": "lid"
    },
    {
      "do": "tap-raft",
      "at": 35,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "stir",
      "at": 180,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "drain"
    },
    {
      "do": "stir-cup"
    }
  ],
  "target": {
    "tdsPercent": [
      1.2,
      1.4
    ],
    "finishS": [
      270,
      330
    ]
  }
}','vd-coffee-first',NULL,1793463900000,1,0.0,'0,24 1,21.9 2,18.6 3,15.3 4,12.9 5,9.4 6,6.5 7,3.1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1.5 58,2.4 59,3.4 60,4.2 61,5.2 62,5.9 63,6.7 64,7.6 65,8.4 66,8.8 67,9.6 68,10.3 69,10.9 70,11.5 71,11.8 72,12.4 73,13 74,13.5 75,13.9 76,14.4 77,14.8 78,15.2 79,15.6 80,15.9 81,16.4 82,16.7 83,17 84,17.3 85,17.7 86,17.9 87,18.2 88,18.5 89,18.7 90,19 91,19.2 92,19.4 93,19.6 94,19.9 95,20 96,20.2 97,20.4 98,20.6 99,20.8 100,21 100,24 0,24','3 clicks coarser: to see whether less is cleaner.',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'Valve dripper');
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
INSERT INTO "Entries" VALUES(1,1,'5FB75640-0001-0002-0304-050607080102','start',2,1794042780000,NULL,'',1794042780000,0);
INSERT INTO "Entries" VALUES(2,1,'1E2CFD22-0001-0002-0304-050607080302','done',2,1794042794099,NULL,'',1794042794099,0);
INSERT INTO "Entries" VALUES(3,1,'3CE92CBE-0001-0002-0304-050607080303','done',3,1794042857199,NULL,'',1794042857199,0);
INSERT INTO "Entries" VALUES(4,1,'0364E768-0001-0002-0304-050607080304','done',4,1794042857199,NULL,'',1794042857199,0);
INSERT INTO "Entries" VALUES(5,1,'0A71FCA5-0001-0002-0304-050607080205','begun',5,1794043254999,NULL,'',1794043254999,0);
INSERT INTO "Entries" VALUES(6,1,'6FF3755F-0001-0002-0304-050607080305','done',5,1794043285999,NULL,'',1794043285999,0);
INSERT INTO "Entries" VALUES(7,1,'42A91484-0001-0002-0304-050607080306','done',6,1794043302499,NULL,'',1794043302499,0);
INSERT INTO "Entries" VALUES(29,5,'5EF84BEA-0001-0002-0304-050607080103','start',3,1795183620000,NULL,'',1795183620000,0);
INSERT INTO "Entries" VALUES(30,5,'1FC9D84F-0001-0002-0304-050607080303','done',3,1795183640200,NULL,'',1795183640200,0);
INSERT INTO "Entries" VALUES(31,5,'2118D82A-0001-0002-0304-050607080304','done',4,1795183640300,NULL,'',1795183640300,0);
INSERT INTO "Entries" VALUES(32,5,'73D96761-0001-0002-0304-050607080305','done',5,1795183640300,NULL,'',1795183640300,0);
INSERT INTO "Entries" VALUES(33,5,'19D6DB56-0001-0002-0304-050607080306','done',6,1795183893500,NULL,'',1795183893500,0);
INSERT INTO "Entries" VALUES(34,5,'6AEA2805-0001-0002-0304-050607080307','done',7,1795183908500,NULL,'',1795183908500,0);
INSERT INTO "Entries" VALUES(35,5,'48AB38D9-0001-0002-0304-050607080209','begun',9,1795184177999,NULL,'',1795184177999,0);
INSERT INTO "Entries" VALUES(36,5,'1FCA2C3D-0001-0002-0304-050607080309','done',9,1795184184599,NULL,'',1795184184599,0);
INSERT INTO "Entries" VALUES(37,5,'7D52806D-0001-0002-0304-05060708030A','done',10,1795184199900,NULL,'',1795184199900,0);
INSERT INTO "Entries" VALUES(38,5,'3A31AE66-0001-0002-0304-05060708030B','done',11,1795184199900,NULL,'',1795184199900,0);
INSERT INTO "Entries" VALUES(134,19,'16A5DE71-0001-0002-0304-050607080103','start',3,1793182260000,NULL,'',1793182260000,0);
INSERT INTO "Entries" VALUES(135,19,'4703A398-0001-0002-0304-050607080303','done',3,1793182285800,NULL,'',1793182285800,0);
INSERT INTO "Entries" VALUES(136,19,'74CD45DF-0001-0002-0304-050607080304','done',4,1793182286500,NULL,'',1793182286500,0);
INSERT INTO "Entries" VALUES(137,19,'7A73D4B9-0001-0002-0304-050607080305','done',5,1793182300199,NULL,'',1793182300199,0);
INSERT INTO "Entries" VALUES(138,19,'780BD4D7-0001-0002-0304-050607080306','done',6,1793182443900,NULL,'',1793182443900,0);
INSERT INTO "Entries" VALUES(139,19,'799F7D50-0001-0002-0304-050607080207','begun',7,1793182443900,NULL,'',1793182443900,0);
INSERT INTO "Entries" VALUES(140,19,'53544FE5-0001-0002-0304-050607080307','done',7,1793182907112,NULL,'',1793182907112,0);
INSERT INTO "Entries" VALUES(141,19,'6C14F9CA-0001-0002-0304-050607080308','done',8,1793182907812,NULL,'',1793182907812,0);
INSERT INTO "Entries" VALUES(158,22,'224A5D7E-0001-0002-0304-050607080103','start',3,1793463900000,NULL,'',1793463900000,0);
INSERT INTO "Entries" VALUES(159,22,'2AC6AC2D-0001-0002-0304-050607080303','done',3,1793463926300,NULL,'',1793463926300,0);
INSERT INTO "Entries" VALUES(160,22,'680DA7D2-0001-0002-0304-050607080304','done',4,1793463926300,NULL,'',1793463926300,0);
INSERT INTO "Entries" VALUES(161,22,'15462382-0001-0002-0304-050607080305','done',5,1793463938599,NULL,'',1793463938599,0);
INSERT INTO "Entries" VALUES(162,22,'5E2F9844-0001-0002-0304-050607080306','done',6,1793464084800,NULL,'',1793464084800,0);
INSERT INTO "Entries" VALUES(163,22,'510B379E-0001-0002-0304-050607080207','begun',7,1793464084800,NULL,'',1793464084800,0);
INSERT INTO "Entries" VALUES(164,22,'5214D03E-0001-0002-0304-050607080307','done',7,1793464226529,NULL,'',1793464226529,0);
INSERT INTO "Entries" VALUES(165,22,'606DFA3D-0001-0002-0304-050607080308','done',8,1793464226829,NULL,'',1793464226829,0);
CREATE TABLE "Extras" (
    "SheetId" INTEGER NOT NULL CONSTRAINT "PK_Extras" PRIMARY KEY,
    "Json" TEXT NOT NULL,
    CONSTRAINT "FK_Extras_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
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
    "Assumed" INTEGER NOT NULL,
    CONSTRAINT "FK_Facts_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Facts" VALUES(1,'1.0',46.0,820.0,94.0,1074.0,7.28101819637440598846e+02,1.11273168380147224887e+00,1.76126513857409818797e+01,-1.45733778107260208978e-01,522.499,NULL,31.0,0);
INSERT INTO "Facts" VALUES(5,'1.0',32.0,480.0,96.0,892.0,4.13731414108439423662e+02,1.38529826670045808079e+00,1.79106690888734547688e+01,1.57791914556055345997e-01,579.9,NULL,NULL,0);
INSERT INTO "Facts" VALUES(19,'1.0',24.0,387.0,96.0,294.0,3.41448543333949828594e+02,1.36141841126776563797e+00,1.93689305581416171264e+01,6.53977446341746815328e-01,647.812,463.212,NULL,0);
INSERT INTO "Facts" VALUES(22,'1.0',24.0,388.0,96.0,580.0,3.42239736570361344539e+02,1.2972592297003131545e+00,1.84989023765043789637e+01,2.91481982862630217834e-01,326.829,1.41728999999999984993e+02,NULL,0);
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
INSERT INTO "Filters" VALUES(1,'Tube papers',NULL,0,1,214,0,0,'');
INSERT INTO "Filters" VALUES(2,'Cone papers',NULL,0,NULL,8,0,0,'');
INSERT INTO "Filters" VALUES(3,'Dense cone papers',NULL,1,NULL,41,0,0,'');
INSERT INTO "Filters" VALUES(4,'Siphon cloth',NULL,4,4,1,10,9,'Rinsed hot without soap, boiled for ten minutes, kept wet in the cold with fresh water every second day.');
CREATE TABLE "Jobs" (
    "Key" TEXT NOT NULL CONSTRAINT "PK_Jobs" PRIMARY KEY,
    "Address" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL
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
INSERT INTO "Kettles" VALUES(1,'Small kettle',NULL,1000.0,1,330.0,0.0017);
INSERT INTO "Kettles" VALUES(2,'Big kettle',NULL,1700.0,0,190.0,0.0017);
CREATE TABLE "Learned" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Learned" PRIMARY KEY,
    "ModelVersion" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    "Json" TEXT NOT NULL
);
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
, "Labels" TEXT NOT NULL DEFAULT '', "Notches" INTEGER NOT NULL DEFAULT 0, "RemovedAtMs" INTEGER NULL, "SecondsPerG" REAL NOT NULL DEFAULT 0.5);
INSERT INTO "Mills" VALUES(1,'Ferrule','clicks',0.0,60.0,1.0,60.0,26.0,0.42,20.0,'',0,NULL,2.2);
INSERT INTO "Mills" VALUES(2,'Counter 64','settings',0.0,20.0,0.25,220.0,55.0,0.47,6.5,'F = 6.5',0,NULL,0.5);
INSERT INTO "Mills" VALUES(3,'Hut mill','turns',0.0,6.0,0.25,250.0,210.0,0.68,NULL,'',1,NULL,2.6);
CREATE TABLE "Notes" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Notes" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Text" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Notes_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Observations" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Observations" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Value" REAL NOT NULL,
    "AtMs" INTEGER NOT NULL, "Seen" INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT "FK_Observations_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Places" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Places" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "AltitudeM" REAL NOT NULL,
    "AmbientC" REAL NOT NULL,
    "Water" TEXT NOT NULL
, "RemovedAtMs" INTEGER NULL);
INSERT INTO "Places" VALUES(1,'Weir House',12.0,21.0,'medium-hard tap water through a filter jug',NULL);
INSERT INTO "Places" VALUES(2,'High Hut',2340.0,17.0,'very soft spring water',NULL);
CREATE TABLE "Pulses" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Pulses" PRIMARY KEY AUTOINCREMENT,
    "Text" TEXT NOT NULL
);
CREATE TABLE "Readings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Readings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Of" TEXT NOT NULL,
    "Packed" BLOB NOT NULL,
    CONSTRAINT "FK_Readings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE "Servers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Servers" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "CapacityMl" REAL NOT NULL
);
INSERT INTO "Servers" VALUES(1,'Large server',NULL,800.0);
INSERT INTO "Servers" VALUES(2,'Small server',NULL,400.0);
INSERT INTO "Servers" VALUES(3,'Tall cup',NULL,240.0);
INSERT INTO "Servers" VALUES(4,'Short cup',NULL,180.0);
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
, "ChangedJson" TEXT NOT NULL DEFAULT '', "FromBrewId" INTEGER NULL);
INSERT INTO "Sheets" VALUES(1,'River dripper','vd-water-first',NULL,'Water below','temperature 97 °C → 94 °C; grind 560 µm → 578 µm','It drained slowly in the damp.',NULL,1795533455349,1795533455349,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL);
INSERT INTO "Sheets" VALUES(2,'River dripper for two','vd-water-first',1,'River dripper','dose 22.0 g → 27.5 g; water 340 g → 427 g','Two cups from one paper, as much as it holds.',NULL,1795533455439,1795533455439,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL);
INSERT INTO "Sheets" VALUES(3,'Coffee below','vd-coffee-first',NULL,'Coffee below','Grind coarser, 9 → 15 clicks','It was to be done by 5:30. Coarser gives less and lets water through more easily: about 1.36 % TDS, harsh and dry, draining in 3:37.',1,1795706264066,1795706264066,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-coffee-first\u0022,\n  \u0022name\u0022: \u0022Coffee below\u0022,\n  \u0022school\u0022: \u0022coffee-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 24,\n    \u0022roast\u0022: 0.4,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 450,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 96\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022first-water\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022at\u0022: 0,\n      \u0022toG\u0022: 384,\n      \u0022stirring\u0022: true,\n      \u0022overS\u0022: 24\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022tap-raft\u0022,\n      \u0022at\u0022: 35,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 180,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ],\n  \u0022target\u0022: {\n    \u0022tdsPercent\u0022: [\n      1.2,\n      1.4\n    ],\n    \u0022finishS\u0022: [\n      270,\n      330\n    ]\n  }\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-coffee-first\u0022,\n  \u0022name\u0022: \u0022Coffee below\u0022,\n  \u0022school\u0022: \u0022coffee-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 24,\n    \u0022roast\u0022: 0.4,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 294,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 96\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022first-water\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022at\u0022: 0,\n      \u0022toG\u0022: 384,\n      \u0022stirring\u0022: true,\n      \u0022overS\u0022: 24\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022tap-raft\u0022,\n      \u0022at\u0022: 35,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 180,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ],\n  \u0022target\u0022: {\n    \u0022tdsPercent\u0022: [\n      1.2,\n      1.4\n    ],\n    \u0022finishS\u0022: [\n      270,\n      330\n    ]\n  }\n}","Settled":true,"BagId":3,"MillId":1,"MillSetting":15,"AskedUm":null,"PlaceId":1,"VesselId":6,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','{"Setting":"medianUm","From":294,"To":450,"Unit":"\u00B5m","What":"Grind coarser, 9 \u2192 15 clicks","TdsPercent":1.3560136474008087,"ExtractionYieldPercent":19.107419429446278,"Tilt":0.5043148542050353}',19);
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
INSERT INTO "Sips" VALUES(1,1,'hot',0,-3,3,2,NULL,NULL);
INSERT INTO "Sips" VALUES(2,1,'warm',0,-3,3,2,NULL,NULL);
INSERT INTO "Sips" VALUES(3,1,'cool',0,-3,3,2,NULL,NULL);
INSERT INTO "Sips" VALUES(9,5,'warm',0,1,NULL,NULL,NULL,NULL);
INSERT INTO "Sips" VALUES(30,18,'hot',2,1,2,5,NULL,NULL);
INSERT INTO "Sips" VALUES(31,18,'warm',2,1,2,5,NULL,NULL);
INSERT INTO "Sips" VALUES(32,18,'cool',3,1,2,5,NULL,NULL);
INSERT INTO "Sips" VALUES(35,21,'hot',1,0,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(36,21,'warm',1,0,3,5,NULL,NULL);
INSERT INTO "Sips" VALUES(37,21,'cool',2,0,3,5,NULL,NULL);
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
CREATE TABLE "Spoons" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Spoons" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "HoldsG" REAL NOT NULL,
    "WeighedWith" TEXT NOT NULL
);
INSERT INTO "Spoons" VALUES(1,'house tablespoon',NULL,6.2,'Night Barge');
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
INSERT INTO "Tastings" VALUES(1,1794043902499,3,1,'Balanced, thin. Dried apple as it cooled.',NULL,7.5,0,-3,NULL,'','',NULL);
INSERT INTO "Tastings" VALUES(5,1795184799900,2,5,'Balanced, of middling body. Lime as it cooled.',NULL,8.0,0,1,NULL,'','',NULL);
INSERT INTO "Tastings" VALUES(18,1793183507812,3,19,'It stalled: 7:44 to drain. Harsh, of middling body. Almond as it cooled.',1.37,7.0,2,1,'mud','','',NULL);
INSERT INTO "Tastings" VALUES(21,1793464826829,3,22,'Balanced, of middling body. Almond as it cooled.',1.32,8.0,1,0,'domed','','',NULL);
CREATE TABLE "Turns" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Turns" PRIMARY KEY AUTOINCREMENT,
    "SheetId" INTEGER NOT NULL,
    "Position" INTEGER NOT NULL,
    "StateJson" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Turns_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
);
INSERT INTO "Turns" VALUES(1,1,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795533455349);
INSERT INTO "Turns" VALUES(2,2,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795533455439);
INSERT INTO "Turns" VALUES(3,3,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-coffee-first\u0022,\n  \u0022name\u0022: \u0022Coffee below\u0022,\n  \u0022school\u0022: \u0022coffee-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 24,\n    \u0022roast\u0022: 0.4,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 450,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 96\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022first-water\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022at\u0022: 0,\n      \u0022toG\u0022: 384,\n      \u0022stirring\u0022: true,\n      \u0022overS\u0022: 24\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022tap-raft\u0022,\n      \u0022at\u0022: 35,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 180,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ],\n  \u0022target\u0022: {\n    \u0022tdsPercent\u0022: [\n      1.2,\n      1.4\n    ],\n    \u0022finishS\u0022: [\n      270,\n      330\n    ]\n  }\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-coffee-first\u0022,\n  \u0022name\u0022: \u0022Coffee below\u0022,\n  \u0022school\u0022: \u0022coffee-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 24,\n    \u0022roast\u0022: 0.4,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 294,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 96\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022first-water\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022at\u0022: 0,\n      \u0022toG\u0022: 384,\n      \u0022stirring\u0022: true,\n      \u0022overS\u0022: 24\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022tap-raft\u0022,\n      \u0022at\u0022: 35,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 180,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ],\n  \u0022target\u0022: {\n    \u0022tdsPercent\u0022: [\n      1.2,\n      1.4\n    ],\n    \u0022finishS\u0022: [\n      270,\n      330\n    ]\n  }\n}","Settled":true,"BagId":3,"MillId":1,"MillSetting":15,"AskedUm":null,"PlaceId":1,"VesselId":6,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795706264019);
CREATE TABLE "Vessels" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Vessels" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Family" INTEGER NOT NULL,
    "CapacityMl" REAL NOT NULL,
    "Material" INTEGER NULL
, "Cone" INTEGER NULL, "Filter" INTEGER NULL, "Marks" TEXT NOT NULL DEFAULT '', "RemovedAtMs" INTEGER NULL, "Wrapped" INTEGER NOT NULL DEFAULT 0);
INSERT INTO "Vessels" VALUES(1,'Small French press',0,350.0,NULL,NULL,NULL,'100, 200, 300',NULL,0);
INSERT INTO "Vessels" VALUES(2,'French press',0,1000.0,NULL,NULL,NULL,'250, 500, 750, 950',NULL,0);
INSERT INTO "Vessels" VALUES(3,'Hut French press',0,1000.0,3,NULL,NULL,'300, 600, 900',NULL,0);
INSERT INTO "Vessels" VALUES(4,'Tube press',1,280.0,NULL,NULL,NULL,'60, 120, 180, 240',NULL,0);
INSERT INTO "Vessels" VALUES(5,'Tube press, metal disc',1,280.0,NULL,NULL,3,'60, 120, 180, 240',NULL,0);
INSERT INTO "Vessels" VALUES(6,'Valve dripper',2,500.0,NULL,NULL,NULL,'200, 350, 450',NULL,0);
INSERT INTO "Vessels" VALUES(7,'Lever dripper, ridged',3,360.0,NULL,0,NULL,'150, 300',NULL,0);
INSERT INTO "Vessels" VALUES(8,'Lever dripper, smooth',3,360.0,NULL,1,NULL,'150, 300',NULL,0);
INSERT INTO "Vessels" VALUES(9,'Small siphon',4,360.0,NULL,NULL,NULL,'120, 240, 360',NULL,0);
INSERT INTO "Vessels" VALUES(10,'Siphon',4,600.0,NULL,NULL,NULL,'240, 360, 480, 600',NULL,0);
INSERT INTO "Vessels" VALUES(11,'Jar',5,475.0,NULL,NULL,NULL,'100, 200, 300, 400',NULL,0);
CREATE TABLE "Waters" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Waters" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "HardnessMgL" REAL NOT NULL,
    "AlkalinityMgL" REAL NOT NULL,
    "Concentrate" INTEGER NOT NULL
);
INSERT INTO "Waters" VALUES(1,'Weir House tap',NULL,190.0,140.0,0);
INSERT INTO "Waters" VALUES(2,'Weir House, filter jug',NULL,95.0,55.0,0);
INSERT INTO "Waters" VALUES(3,'High Hut spring',NULL,22.0,18.0,0);
INSERT INTO "Waters" VALUES(4,'Mineral drops',NULL,9000.0,3200.0,1);
CREATE TABLE "Weighings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Weighings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "StepIndex" INTEGER NOT NULL,
    "TotalG" REAL NOT NULL, "Seen" INTEGER NOT NULL DEFAULT 0,
    CONSTRAINT "FK_Weighings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Weighings" VALUES(1,1,2,128.0,0);
INSERT INTO "Weighings" VALUES(2,1,3,820.0,0);
INSERT INTO "Weighings" VALUES(3,5,3,480.0,0);
INSERT INTO "Weighings" VALUES(18,19,3,387.0,0);
INSERT INTO "Weighings" VALUES(21,22,3,388.0,0);
CREATE TABLE "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);
INSERT INTO "__EFMigrationsHistory" VALUES('20261123143507_FirstBrew','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123153118_VesselDetails','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123164137_ShelfAndPlans','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261125225957_JobsAndExtras','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126020227_BrewsAsEntries','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126065710_SlipAnswers','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126095948_Readings','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126131919_TasteAndLearning','10.0.14');
CREATE TABLE "__EFMigrationsLock" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK___EFMigrationsLock" PRIMARY KEY,
    "Timestamp" TEXT NOT NULL
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
DELETE FROM "sqlite_sequence";
INSERT INTO "sqlite_sequence" VALUES('Brews',44);
INSERT INTO "sqlite_sequence" VALUES('Entries',306);
INSERT INTO "sqlite_sequence" VALUES('Tastings',43);
INSERT INTO "sqlite_sequence" VALUES('Bags',6);
INSERT INTO "sqlite_sequence" VALUES('Baristas',4);
INSERT INTO "sqlite_sequence" VALUES('Filters',4);
INSERT INTO "sqlite_sequence" VALUES('Kettles',2);
INSERT INTO "sqlite_sequence" VALUES('Mills',3);
INSERT INTO "sqlite_sequence" VALUES('Places',2);
INSERT INTO "sqlite_sequence" VALUES('Servers',4);
INSERT INTO "sqlite_sequence" VALUES('Spoons',1);
INSERT INTO "sqlite_sequence" VALUES('Vessels',11);
INSERT INTO "sqlite_sequence" VALUES('Waters',4);
INSERT INTO "sqlite_sequence" VALUES('Weighings',42);
INSERT INTO "sqlite_sequence" VALUES('Sips',79);
INSERT INTO "sqlite_sequence" VALUES('Observations',5);
INSERT INTO "sqlite_sequence" VALUES('Sheets',3);
INSERT INTO "sqlite_sequence" VALUES('Turns',3);
COMMIT;
