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
);
INSERT INTO "Baristas" VALUES(1,'Imre',0,0,0,180.0);
INSERT INTO "Baristas" VALUES(2,'Solveig',0,0,0,180.0);
INSERT INTO "Baristas" VALUES(3,'Wanjiru',0,0,0,180.0);
INSERT INTO "Baristas" VALUES(4,'Teo',0,0,0,180.0);
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
    "WhyAbandoned" TEXT NULL,
    CONSTRAINT "FK_Brews_Bags_BagId" FOREIGN KEY ("BagId") REFERENCES "Bags" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Filters_FilterStockId" FOREIGN KEY ("FilterStockId") REFERENCES "Filters" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE SET NULL
);
INSERT INTO "Brews" VALUES(1,5,3,'Tidewrack',1794043302199,NULL,'{"finishS":519.9999999999995,"beverageG":727.0933050777534,"tdsPercent":1.113104057104228,"extractionYieldPercent":17.5941414733776,"dissolvedYieldPercent":20.059010967733784,"tilt":-0.144554083440804,"slurryEndC":82.90470584160903,"streamC":83.13898025839738,"drawdownS":null,"pressForceN":29.166667796859517,"peakVolumeMl":920.2698064893771,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.08482270432757252}','Ferrule, 39 clicks','1.0','Slow eight',1794042600000,'Weir House','{
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
}','fp-slow-eight',NULL,1794042780000,1,0.0,'0,24 1,23 2,21.2 3,20.3 4,20.3 5,20.3 6,20.3 7,20.3 8,20.3 9,20.3 10,20.3 11,16.2 12,12.2 13,8.5 14,3.5 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,3.9 99,11.4 100,18.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(2,3,2,'Quiet Orchard',1794656298000,NULL,'{"finishS":257.0000000000002,"beverageG":331.52950517400205,"tdsPercent":1.064612687232714,"extractionYieldPercent":14.706271558342761,"dissolvedYieldPercent":17.263015766216945,"tilt":-0.4099433683975729,"slurryEndC":83.68097494385434,"streamC":83.88650944354822,"drawdownS":null,"pressForceN":14.327214490570409,"peakVolumeMl":433.8372508654724,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.09410937967635293}','Ferrule, 38 clicks','1.0','Water before coffee',1794655860000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-water-first",
  "name": "Water before coffee",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000,
    "wrapped": true
  },
  "coffee": {
    "doseG": 24,
    "roast": 0.4,
    "restDays": 2
  },
  "grind": {
    "medianUm": 1048,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 93
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 384,
      "overS": 15
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "plunge",
      "at": 225,
      "overS": 20,
      "window": [
        210,
        255
      ]
    },
    {
      "do": "decant",
      "overS": 12
    },
    {
      "do": "clear"
    }
  ]
}','fp-water-first',NULL,1794656040000,1,0.0,'0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(3,3,3,'Quiet Orchard',1794739279100,NULL,'{"finishS":257.0000000000002,"beverageG":331.7073732472695,"tdsPercent":1.1176638043876328,"extractionYieldPercent":15.447388530290489,"dissolvedYieldPercent":18.126851528957587,"tilt":-0.259422596175613,"slurryEndC":83.68097494385434,"streamC":83.88651006987907,"drawdownS":null,"pressForceN":15.13122286057957,"peakVolumeMl":432.6324861861374,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.10014598535248663}','Ferrule, 34 clicks','1.0','Water before coffee',1794738840000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-water-first",
  "name": "Water before coffee",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000,
    "wrapped": true
  },
  "coffee": {
    "doseG": 24,
    "roast": 0.4,
    "restDays": 3
  },
  "grind": {
    "medianUm": 944,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 93
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 384,
      "overS": 15
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "plunge",
      "at": 225,
      "overS": 20,
      "window": [
        210,
        255
      ]
    },
    {
      "do": "decant",
      "overS": 12
    },
    {
      "do": "clear"
    }
  ]
}','fp-water-first',NULL,1794739020000,1,0.0,'0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24','4 clicks finer: it was thin.',NULL);
INSERT INTO "Brews" VALUES(4,3,1,'Quiet Orchard',1794821478800,NULL,'{"finishS":257.0000000000002,"beverageG":331.92901031505323,"tdsPercent":1.1836899436190305,"extractionYieldPercent":16.370876312722746,"dissolvedYieldPercent":19.20183043466437,"tilt":-0.06660293886118133,"slurryEndC":83.68097494385434,"streamC":83.88651108892559,"drawdownS":null,"pressForceN":16.582114892450363,"peakVolumeMl":431.5107746349065,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.10938354941644313}','Ferrule, 29 clicks','1.0','Water before coffee',1794821040000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-water-first",
  "name": "Water before coffee",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000,
    "wrapped": true
  },
  "coffee": {
    "doseG": 24,
    "roast": 0.4,
    "restDays": 4
  },
  "grind": {
    "medianUm": 814,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 93
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 384,
      "overS": 15
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "plunge",
      "at": 225,
      "overS": 20,
      "window": [
        210,
        255
      ]
    },
    {
      "do": "decant",
      "overS": 12
    },
    {
      "do": "clear"
    }
  ]
}','fp-water-first',NULL,1794821220000,1,0.0,'0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24','5 clicks finer: it was thin.',NULL);
INSERT INTO "Brews" VALUES(5,1,4,'Kestrel Terrace',1795187200400,NULL,'{"finishS":579,"beverageG":413.73010364549316,"tdsPercent":1.3849859111056089,"extractionYieldPercent":17.90657389216473,"dissolvedYieldPercent":21.07670398090097,"tilt":0.1587122520179761,"slurryEndC":78.89961653795083,"streamC":79.20895754130302,"drawdownS":null,"pressForceN":null,"peakVolumeMl":541.5110310072525,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.1017617134601219}','Ferrule, 32 clicks','1.0','Long settle',1795186440000,'Weir House','{
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
}','fp-long-settle',NULL,1795186620000,1,0.0,'0,24 1,19.9 2,12.4 3,4.5 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,2.4 99,9.6 100,17.5 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(6,1,2,'Kestrel Terrace',1795350131000,NULL,'{"finishS":310.00000000000045,"beverageG":409.55598924285465,"tdsPercent":1.3565884491460964,"extractionYieldPercent":16.836331038953322,"dissolvedYieldPercent":19.94584466455116,"tilt":-0.12029284960343584,"slurryEndC":80.18250929074938,"streamC":80.48906025344128,"drawdownS":null,"pressForceN":24.69119837082384,"peakVolumeMl":537.0714756470429,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.24539049245917308}','Ferrule, 29 clicks','1.0','High Hut press',1795349640000,'High Hut','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "hut-press",
  "name": "High Hut press",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000,
    "material": "steel"
  },
  "coffee": {
    "doseG": 33,
    "roast": 0.2,
    "restDays": 5
  },
  "grind": {
    "medianUm": 814,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 99
  },
  "place": {
    "altitudeM": 2340,
    "ambientC": 17
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
      "toG": 478,
      "overS": 18
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "lid"
    },
    {
      "do": "break-crust",
      "at": 270,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "plunge",
      "overS": 25
    },
    {
      "do": "decant",
      "overS": 12
    }
  ]
}','hut-press',NULL,1795349820000,1,0.0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,18 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(7,2,2,'Blue Ferry',1795518177300,NULL,'{"finishS":295.00000000000045,"beverageG":347.2253102525834,"tdsPercent":1.2168785304014962,"extractionYieldPercent":15.64929723179138,"dissolvedYieldPercent":18.51714771615603,"tilt":-0.4054253125497419,"slurryEndC":82.3034553476727,"streamC":82.5975367450129,"drawdownS":null,"pressForceN":17.623142916207396,"peakVolumeMl":458.1527187007868,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20639261682665822}','Ferrule, 35 clicks','1.0','Bloomed and broken',1795517520000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-bloomed",
  "name": "Bloomed and broken",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000
  },
  "coffee": {
    "doseG": 27,
    "roast": 0.35,
    "restDays": 3
  },
  "grind": {
    "medianUm": 970,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 95
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
      "toG": 55,
      "overS": 6
    },
    {
      "do": "swirl",
      "turns": 2,
      "overS": 3
    },
    {
      "do": "pour",
      "at": 40,
      "toG": 405,
      "overS": 16
    },
    {
      "do": "lid"
    },
    {
      "do": "break-crust",
      "at": 255,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "plunge",
      "overS": 25
    },
    {
      "do": "decant",
      "overS": 12
    }
  ]
}','fp-bloomed',NULL,1795517700000,1,0.0,'0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(8,2,4,'Blue Ferry',1795599595900,NULL,'{"finishS":295.00000000000045,"beverageG":347.2297593467145,"tdsPercent":1.218144249695852,"extractionYieldPercent":15.66577535820277,"dissolvedYieldPercent":18.53637262942004,"tilt":-0.40303797904849503,"slurryEndC":82.3034553476727,"streamC":82.59753680311807,"drawdownS":null,"pressForceN":17.53027838785529,"peakVolumeMl":456.9358619733355,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20638997229474382}','Ferrule, 35 clicks','1.0','Bloomed and broken',1795599120000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "fp-bloomed",
  "name": "Bloomed and broken",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000
  },
  "coffee": {
    "doseG": 27,
    "roast": 0.35,
    "restDays": 4
  },
  "grind": {
    "medianUm": 970,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 95
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
      "toG": 55,
      "overS": 6
    },
    {
      "do": "swirl",
      "turns": 2,
      "overS": 3
    },
    {
      "do": "pour",
      "at": 40,
      "toG": 405,
      "overS": 16
    },
    {
      "do": "lid"
    },
    {
      "do": "break-crust",
      "at": 255,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "plunge",
      "overS": 25
    },
    {
      "do": "decant",
      "overS": 12
    }
  ]
}','fp-bloomed',NULL,1795599300000,1,0.0,'0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(9,NULL,4,'Blue Ferry',1792157962400,NULL,'{"finishS":80.00000000000004,"beverageG":203.88117901233912,"tdsPercent":1.4131657597311553,"extractionYieldPercent":19.20786008225706,"dissolvedYieldPercent":21.5747395013123,"tilt":0.4561660534317488,"slurryEndC":87.00296131438799,"streamC":87.80654398629206,"drawdownS":null,"pressForceN":155.7961141337752,"peakVolumeMl":247.97052062824838,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001625395177030253}','Ferrule, 9 clicks','1.0','Upright, short and fine',1792157700000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-upright-short",
  "name": "Upright, short and fine",
  "school": "upright",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280
  },
  "coffee": {
    "doseG": 15,
    "roast": 0.35,
    "restDays": 8
  },
  "grind": {
    "medianUm": 294,
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
      "toG": 225,
      "overS": 12
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "press",
      "at": 55,
      "overS": 25,
      "window": [
        20,
        35
      ]
    },
    {
      "do": "stop-drip"
    }
  ],
  "target": {
    "tdsPercent": [
      1.2,
      1.4
    ],
    "finishS": [
      70,
      95
    ]
  }
}','tp-upright-short',NULL,1792157880000,1,0.0,'0,24 1,22.1 3,20 4,18.1 5,16.2 6,14.3 8,12.3 9,10.4 10,8.5 11,6.6 13,4.7 14,2.8 15,1 17,1 18,1.1 19,1.1 21,1.1 22,1.1 23,1.1 25,1.1 26,1.1 27,1.1 29,1.1 31,1.1 33,1.1 34,1.1 35,1.1 37,1.1 39,1.1 41,1.1 43,1.1 45,1.1 47,1.1 48,1.1 50,1.1 51,1.2 52,1.2 53,1.2 55,1.2 56,1.2 57,1.2 58,1.2 60,1.2 61,1.2 62,1.2 63,1.2 65,1.2 66,1.2 67,1.2 68,1.2 70,1.8 71,2.7 72,3.6 74,4.6 75,5.5 77,6.6 78,7.5 80,8.5 82,9.7 83,10.6 85,11.5 86,12.5 88,13.6 90,14.8 92,16.1 94,17.4 96,18.9 98,20.5 100,21.3 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(10,NULL,4,'Blue Ferry',1792239801800,NULL,'{"finishS":80.00000000000004,"beverageG":203.77215137182395,"tdsPercent":1.360417188100209,"extractionYieldPercent":18.481009145492457,"dissolvedYieldPercent":20.809946667231944,"tilt":0.30988593904803297,"slurryEndC":86.99662088192268,"streamC":87.80801351086069,"drawdownS":null,"pressForceN":109.85550893406807,"peakVolumeMl":245.62947642656204,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0014121274875791845}','Ferrule, 12 clicks','1.0','Upright, short and fine',1792239540000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-upright-short",
  "name": "Upright, short and fine",
  "school": "upright",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280
  },
  "coffee": {
    "doseG": 15,
    "roast": 0.35,
    "restDays": 9
  },
  "grind": {
    "medianUm": 372,
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
      "toG": 225,
      "overS": 12
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "press",
      "at": 55,
      "overS": 25,
      "window": [
        20,
        35
      ]
    },
    {
      "do": "stop-drip"
    }
  ],
  "target": {
    "tdsPercent": [
      1.2,
      1.4
    ],
    "finishS": [
      70,
      95
    ]
  }
}','tp-upright-short',NULL,1792239720000,1,0.0,'0,24 1,22.1 3,20 4,18.1 5,16.2 6,14.2 8,12.3 9,10.4 10,8.5 11,6.6 13,4.7 14,2.8 15,1 17,1.1 18,1.1 19,1.1 21,1.1 22,1.1 23,1.1 25,1.2 26,1.2 27,1.2 29,1.2 31,1.2 33,1.2 34,1.2 35,1.2 37,1.2 39,1.2 41,1.2 43,1.2 45,1.2 47,1.2 48,1.2 50,1.2 51,1.2 52,1.2 53,1.2 55,1.2 56,1.2 57,1.2 58,1.2 60,1.3 61,1.3 62,1.3 63,1.3 65,1.3 66,1.3 67,1.3 68,1.3 70,1.9 71,2.8 72,3.7 74,4.6 75,5.6 77,6.6 78,7.6 80,8.6 82,9.8 83,10.6 85,11.5 86,12.5 88,13.6 90,14.8 92,16.1 94,17.4 96,18.9 98,20.5 100,21.3 100,24 0,24','3 clicks coarser: it took 146 N at the hand.',NULL);
INSERT INTO "Brews" VALUES(11,NULL,1,'Blue Ferry',1792324162300,NULL,'{"finishS":80.00000000000004,"beverageG":203.64342187623814,"tdsPercent":1.2980639648867727,"extractionYieldPercent":17.62281250825196,"dissolvedYieldPercent":19.89875761224979,"tilt":0.15972214230569254,"slurryEndC":86.98909931706947,"streamC":87.8097782916914,"drawdownS":null,"pressForceN":84.75378617122387,"peakVolumeMl":243.09151344307173,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001260510904708268}','Ferrule, 15 clicks','1.0','Upright, short and fine',1792323900000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-upright-short",
  "name": "Upright, short and fine",
  "school": "upright",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280
  },
  "coffee": {
    "doseG": 15,
    "roast": 0.35,
    "restDays": 10
  },
  "grind": {
    "medianUm": 450,
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
      "toG": 225,
      "overS": 12
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "press",
      "at": 55,
      "overS": 25,
      "window": [
        20,
        35
      ]
    },
    {
      "do": "stop-drip"
    }
  ],
  "target": {
    "tdsPercent": [
      1.2,
      1.4
    ],
    "finishS": [
      70,
      95
    ]
  }
}','tp-upright-short',NULL,1792324080000,1,0.0,'0,24 1,22 3,20 4,18.1 5,16.1 6,14.2 8,12.3 9,10.4 10,8.5 11,6.6 13,4.7 14,2.8 15,1 17,1.1 18,1.1 19,1.2 21,1.2 22,1.2 23,1.2 25,1.2 26,1.2 27,1.2 29,1.2 31,1.2 33,1.3 34,1.3 35,1.3 37,1.3 39,1.3 41,1.3 43,1.3 45,1.3 47,1.3 48,1.3 50,1.3 51,1.3 52,1.3 53,1.3 55,1.3 56,1.3 57,1.3 58,1.3 60,1.4 61,1.4 62,1.4 63,1.4 65,1.4 66,1.4 67,1.4 68,1.4 70,2 71,2.9 72,3.8 74,4.7 75,5.6 77,6.7 78,7.6 80,8.7 82,9.8 83,10.7 85,11.6 86,12.6 88,13.7 90,14.8 92,16.1 94,17.5 96,18.9 98,20.5 100,21.3 100,24 0,24','3 clicks coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(12,NULL,2,'Tidewrack',1792489099000,NULL,'{"finishS":138.00000000000003,"beverageG":211.28994316842724,"tdsPercent":1.367761818234761,"extractionYieldPercent":18.06214480267296,"dissolvedYieldPercent":20.414415600631127,"tilt":0.16209127692230652,"slurryEndC":86.43447773181802,"streamC":87.35193770888573,"drawdownS":null,"pressForceN":71.5484442776245,"peakVolumeMl":255.23361807549085,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001177372926780669}','Ferrule, 18 clicks','1.0','Upright, held back',1792488780000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-upright-held",
  "name": "Upright, held back",
  "school": "upright",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280
  },
  "coffee": {
    "doseG": 16,
    "roast": 0.5,
    "restDays": 8
  },
  "grind": {
    "medianUm": 528,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 95
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
      "toG": 234,
      "overS": 12
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "seat-plunger",
      "drawBack": true
    },
    {
      "do": "press",
      "at": 110,
      "overS": 28
    }
  ]
}','tp-upright-held',NULL,1792488960000,1,0.0,'0,24 1,22 2,19.9 3,16.1 4,14.2 5,10.3 6,8.4 7,6.5 8,2.7 9,1 10,1.1 11,1.2 12,1.2 13,1.2 14,1.2 15,1.2 16,1.2 17,1.2 18,1.2 19,1.2 20,1.2 21,1.2 22,1.2 24,1.2 25,1.2 26,1.2 27,1.2 28,1.2 29,1.2 30,1.2 31,1.2 32,1.2 33,1.2 34,1.2 35,1.2 36,1.2 37,1.2 38,1.2 39,1.2 40,1.2 41,1.2 42,1.2 43,1.2 44,1.2 45,1.2 46,1.2 47,1.2 48,1.2 49,1.2 50,1.2 51,1.2 52,1.2 53,1.2 54,1.2 55,1.2 56,1.2 57,1.2 58,1.2 59,1.2 61,1.2 62,1.2 63,1.2 64,1.2 66,1.2 67,1.2 68,1.2 70,1.2 71,1.2 72,1.2 73,1.2 74,1.2 75,1.2 76,1.2 77,1.2 78,1.2 79,1.2 80,1.6 81,2.4 82,3.2 83,4 84,5.7 85,6.5 86,7.4 87,8.4 88,9.2 89,10.8 90,11.8 91,12.8 92,13.9 94,15 95,16.3 96,17.7 97,18.4 98,19.1 99,20.6 100,21.3 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(13,NULL,4,'Tidewrack',1792569910800,NULL,'{"finishS":129.0000000000001,"beverageG":203.20354998431557,"tdsPercent":1.478099169304575,"extractionYieldPercent":16.686388801753196,"dissolvedYieldPercent":19.221451146896776,"tilt":-0.33168658068087986,"slurryEndC":78.67039412129105,"streamC":79.74106793241617,"drawdownS":null,"pressForceN":66.51599928195026,"peakVolumeMl":258.90248335558346,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0012679755582729077}','Ferrule, 21 clicks','1.0','Turned over',1792569600000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-turned",
  "name": "Turned over",
  "school": "inverted",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280,
    "position": "turned"
  },
  "coffee": {
    "doseG": 18,
    "roast": 0.5,
    "restDays": 9
  },
  "grind": {
    "medianUm": 606,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 89
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
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 229,
      "overS": 16
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 3
    },
    {
      "do": "purge-air",
      "overS": 0
    },
    {
      "do": "flip",
      "at": 95,
      "overS": 4
    },
    {
      "do": "press",
      "overS": 30
    }
  ]
}','tp-turned',NULL,1792569780000,1,0.0,'0,24 1,22.5 2,20.9 3,17.6 4,15.9 5,14.5 6,12.8 7,11 8,8.9 9,7.4 10,5.8 11,4 12,2.1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 61,1 62,1 63,1 64,1 65,1 67,1 68,1 69,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1.7 79,3.1 80,4 81,4.8 82,5.4 83,6.2 84,7.1 85,8 86,8.7 87,9.5 88,10.3 89,11.2 90,12.2 91,13.3 92,14.4 93,15.1 95,16.4 96,17.7 97,18.4 98,19 99,20.4 100,21.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(14,NULL,3,'Quiet Orchard',1792770070400,NULL,'{"finishS":129.0000000000001,"beverageG":203.15699046008996,"tdsPercent":1.455519917573732,"extractionYieldPercent":16.427724778277643,"dissolvedYieldPercent":18.932793081088256,"tilt":-0.3919774814554289,"slurryEndC":78.67039412129105,"streamC":79.74105856034173,"drawdownS":null,"pressForceN":61.944649706414125,"peakVolumeMl":255.94705451039803,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001236698203291976}','Ferrule, 22 clicks','1.0','Turned over',1792769760000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-turned",
  "name": "Turned over",
  "school": "inverted",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280,
    "position": "turned"
  },
  "coffee": {
    "doseG": 18,
    "roast": 0.4,
    "restDays": 14
  },
  "grind": {
    "medianUm": 632,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 89
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
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 229,
      "overS": 16
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 3
    },
    {
      "do": "purge-air",
      "overS": 0
    },
    {
      "do": "flip",
      "at": 95,
      "overS": 4
    },
    {
      "do": "press",
      "overS": 30
    }
  ]
}','tp-turned',NULL,1792769940000,1,0.0,'0,24 1,22.5 2,20.9 3,17.6 4,15.9 5,14.5 6,12.8 7,11 8,8.9 9,7.4 10,5.8 11,4 12,2.1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 61,1 62,1 63,1 64,1 65,1 67,1 68,1 69,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1.7 79,3.1 80,4 81,4.8 82,5.4 83,6.2 84,7.1 85,8 86,8.7 87,9.5 88,10.3 89,11.2 90,12.2 91,13.3 92,14.4 93,15.1 95,16.4 96,17.7 97,18.4 98,19 99,20.4 100,21.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(15,NULL,1,'Kestrel Terrace',1792850764300,NULL,'{"finishS":122.00000000000011,"beverageG":179.4225064295884,"tdsPercent":1.4616373841693326,"extractionYieldPercent":15.42650840934405,"dissolvedYieldPercent":17.959323500693564,"tilt":-0.7418755492432967,"slurryEndC":75.77155253811011,"streamC":76.78880818202703,"drawdownS":null,"pressForceN":55.51521811126263,"peakVolumeMl":229.39427831311212,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0012612221328037534}','Ferrule, 24 clicks','1.0','Turned over, cooler and brighter',1792850460000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-turned-cool",
  "name": "Turned over, cooler and brighter",
  "school": "inverted",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280,
    "position": "turned"
  },
  "coffee": {
    "doseG": 17,
    "roast": 0.2,
    "restDays": 10
  },
  "grind": {
    "medianUm": 684,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 86
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
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 204,
      "overS": 18
    },
    {
      "do": "stir",
      "turns": 6,
      "overS": 3
    },
    {
      "do": "purge-air",
      "overS": 0
    },
    {
      "do": "flip",
      "at": 90,
      "overS": 4
    },
    {
      "do": "press",
      "overS": 28
    }
  ]
}','tp-turned-cool',NULL,1792850640000,1,0.0,'0,24 1,22.6 2,21.2 3,19.9 4,18.3 5,16.8 6,14.1 7,12.4 9,10.6 10,7.8 11,6.2 13,4.5 14,2.6 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 34,1 35,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 66,1 67,1 68,1 69,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1.7 79,2.4 80,3.3 81,4.2 82,5 83,6.5 84,7.4 86,8.5 87,9.2 88,10.9 90,11.9 91,12.9 92,14 93,15.2 95,16.5 97,17.9 98,19.4 99,20.2 100,20.9 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(16,NULL,2,'Night Barge',1793019337300,NULL,'{"finishS":95.00000000000011,"beverageG":97.93567101614735,"tdsPercent":3.201765999673397,"extractionYieldPercent":14.253050073395451,"dissolvedYieldPercent":19.831924722582034,"tilt":-0.06953308887038977,"slurryEndC":81.2717922925624,"streamC":81.99640903451473,"drawdownS":null,"pressForceN":77.78416585677637,"peakVolumeMl":161.92284067979466,"dilutedG":207.93567101614735,"dilutedTdsPercent":1.5080005276744928,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.003716814170571802}','Ferrule, 16 clicks','1.0','Short brew, let down',1793019060000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-short-bypass",
  "name": "Short brew, let down",
  "school": "concentrate",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.6,
    "restDays": 6
  },
  "grind": {
    "medianUm": 476,
    "spread": 0.42
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
      "toG": 130,
      "stirring": true,
      "overS": 8
    },
    {
      "do": "stir",
      "turns": 8,
      "overS": 8
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "press",
      "at": 75,
      "overS": 20
    },
    {
      "do": "dilute",
      "waterG": 110,
      "temperatureC": 80
    }
  ]
}','tp-short-bypass',NULL,1793019240000,1,0.0,'0,24 1,21.1 2,18.2 3,15.1 4,12.2 5,9.3 6,6.5 7,3.6 8,1 9,1 10,1.1 11,1.1 12,1.2 13,1.2 14,1.2 15,1.3 17,1.3 18,1.3 19,1.3 20,1.3 21,1.3 22,1.3 24,1.4 25,1.4 26,1.4 28,1.4 29,1.4 30,1.4 32,1.4 33,1.4 34,1.4 36,1.4 38,1.4 40,1.4 42,1.4 43,1.4 44,1.4 45,1.4 46,1.4 47,1.4 48,1.4 49,1.4 50,1.4 51,1.4 52,1.4 53,1.4 55,1.4 56,1.4 57,1.4 58,1.4 59,1.5 60,1.5 61,1.5 62,1.5 63,1.5 64,1.5 65,1.5 67,1.5 68,1.5 69,1.5 70,1.5 72,1.5 73,1.5 75,1.5 76,1.5 78,1.5 79,1.5 80,2.4 81,3.3 82,4.1 84,5.1 85,6 86,6.9 87,7.8 88,8.8 90,10 91,10.9 92,11.8 94,12.8 95,13.9 97,15.1 98,16.3 100,17.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(17,NULL,1,'Night Barge',1793101716800,NULL,'{"finishS":95.00000000000011,"beverageG":97.879611990885,"tdsPercent":3.146326316834447,"extractionYieldPercent":13.998236322202997,"dissolvedYieldPercent":19.507109082651088,"tilt":-0.1343999240359601,"slurryEndC":81.26584792263438,"streamC":82.00050988822751,"drawdownS":null,"pressForceN":72.33791227382679,"peakVolumeMl":160.61166171308076,"dilutedG":207.879611990885,"dilutedTdsPercent":1.4814401284430398,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.003602147180961973}','Ferrule, 17 clicks','1.0','Short brew, let down',1793101440000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "tp-short-bypass",
  "name": "Short brew, let down",
  "school": "concentrate",
  "brewer": {
    "family": "tube-press",
    "capacityMl": 280
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.6,
    "restDays": 7
  },
  "grind": {
    "medianUm": 502,
    "spread": 0.42
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
      "toG": 130,
      "stirring": true,
      "overS": 8
    },
    {
      "do": "stir",
      "turns": 8,
      "overS": 8
    },
    {
      "do": "seat-plunger"
    },
    {
      "do": "press",
      "at": 75,
      "overS": 20
    },
    {
      "do": "dilute",
      "waterG": 110,
      "temperatureC": 80
    }
  ]
}','tp-short-bypass',NULL,1793101620000,1,0.0,'0,24 1,21.1 2,18.2 3,15.1 4,12.2 5,9.3 6,6.5 7,3.6 8,1 9,1 10,1.1 11,1.1 12,1.2 13,1.2 14,1.3 15,1.3 17,1.4 18,1.4 19,1.4 20,1.4 21,1.4 22,1.4 24,1.4 25,1.4 26,1.4 28,1.4 29,1.4 30,1.4 32,1.4 33,1.4 34,1.4 36,1.4 38,1.4 40,1.4 42,1.5 43,1.5 44,1.5 45,1.5 46,1.5 47,1.5 48,1.5 49,1.5 50,1.5 51,1.5 52,1.5 53,1.5 55,1.5 56,1.5 57,1.5 58,1.5 59,1.5 60,1.5 61,1.5 62,1.5 63,1.5 64,1.5 65,1.5 67,1.5 68,1.5 69,1.5 70,1.5 72,1.5 73,1.5 75,1.5 76,1.5 78,1.6 79,1.6 80,2.4 81,3.3 82,4.1 84,5.1 85,6.1 86,6.9 87,7.8 88,8.9 90,10 91,10.9 92,11.8 94,12.8 95,13.9 97,15.1 98,16.3 100,17.7 100,24 0,24','1 click coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(18,NULL,4,'Blue Ferry',1793183689703,NULL,'{"finishS":228.0033265051785,"beverageG":298.82452660903135,"tdsPercent":1.3133214510754707,"extractionYieldPercent":17.838757313777894,"dissolvedYieldPercent":20.984930001471238,"tilt":0.23948724158188317,"slurryEndC":83.05309167329585,"streamC":86.89240861815323,"drawdownS":89.00332650517834,"pressForceN":null,"peakVolumeMl":379.8492664760332,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011121255647934735}','Ferrule, 19 clicks','1.0','Water below',1793183280000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "vd-water-first",
  "name": "Water below",
  "school": "water-first",
  "brewer": {
    "family": "valve-dripper",
    "capacityMl": 500
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.35,
    "restDays": 10
  },
  "grind": {
    "medianUm": 554,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 97
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 341,
      "overS": 16
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 6
    },
    {
      "do": "lid"
    },
    {
      "do": "stir",
      "at": 136,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "drain"
    },
    {
      "do": "stir-cup"
    }
  ]
}','vd-water-first',NULL,1793183460000,1,0.0,'0,24 1,20.6 2,17.6 3,14.5 4,11 5,7.4 6,4 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,2.6 66,3.5 67,4.4 68,5.5 69,6.3 70,7.2 71,8.1 72,8.9 73,9.6 74,10.3 75,11 76,11.6 77,12.5 78,13 79,13.5 80,14 81,14.6 82,15 83,15.6 84,15.9 85,16.4 86,16.8 87,17.2 88,17.6 89,18 90,18.3 91,18.6 92,18.8 93,19.1 94,19.4 95,19.7 96,20 97,20.2 98,20.4 99,20.6 100,20.8 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(19,NULL,1,'Quiet Orchard',1793184587612,NULL,'{"finishS":645.4120534781474,"beverageG":338.442496835472,"tdsPercent":1.371723964597277,"extractionYieldPercent":19.343736814473125,"dissolvedYieldPercent":22.399716663925645,"tilt":0.6536186223852075,"slurryEndC":65.54575952950644,"streamC":81.85473588617805,"drawdownS":462.41205347814724,"pressForceN":null,"peakVolumeMl":427.64695741912857,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0015666471588052181}','Ferrule, 9 clicks','1.0','Coffee below',1793183760000,'Weir House','{
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
}','vd-coffee-first',NULL,1793183940000,1,0.0,'0,24 1,19.8 2,14 3,8 4,1.2 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1.2 30,1.8 31,2.5 32,3.1 33,3.6 34,4.3 35,4.8 36,5.3 37,5.9 38,6.4 39,7 40,7.4 41,7.9 42,8.4 43,8.8 44,9.2 45,9.6 46,10 47,10.5 48,10.9 49,11.2 50,11.6 51,11.9 52,12.3 53,12.6 54,12.9 55,13.2 56,13.5 57,13.8 58,14.1 59,14.4 60,14.7 61,14.9 62,15.2 63,15.4 64,15.6 65,15.9 66,16.1 67,16.3 68,16.6 69,16.8 70,17 71,17.2 72,17.4 73,17.5 74,17.7 75,17.9 76,18.1 77,18.2 78,18.4 79,18.5 80,18.7 81,18.8 82,19 83,19.1 84,19.3 85,19.4 86,19.5 87,19.6 88,19.8 89,19.9 90,20 91,20.1 92,20.2 93,20.3 94,20.4 95,20.5 96,20.6 97,20.7 98,20.8 99,20.9 100,21 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(20,NULL,1,'Quiet Orchard',1793267430937,NULL,'{"finishS":448.63750225797844,"beverageG":338.405263740758,"tdsPercent":1.3608725548117868,"extractionYieldPercent":19.18860149286008,"dissolvedYieldPercent":22.26156329779249,"tilt":0.5572795154395356,"slurryEndC":73.94731231812352,"streamC":84.01573484267965,"drawdownS":265.63750225797827,"pressForceN":null,"peakVolumeMl":426.916230703373,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001306464252702142}','Ferrule, 13 clicks','1.0','Coffee below',1793266800000,'Weir House','{
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
    "restDays": 10
  },
  "grind": {
    "medianUm": 398,
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
}','vd-coffee-first',NULL,1793266980000,1,0.0,'0,24 1,20.9 2,16.6 3,12.9 4,8 5,3.1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1.6 43,2.4 44,3.2 45,3.8 46,4.6 47,5.1 48,5.8 49,6.3 50,7 51,7.5 52,8 53,8.6 54,9.1 55,9.6 56,10.1 57,10.6 58,10.9 59,11.4 60,11.9 61,12.3 62,12.7 63,13 64,13.4 65,13.7 66,14.1 67,14.4 68,14.7 69,15 70,15.3 71,15.6 72,16 73,16.2 74,16.4 75,16.7 76,17 77,17.2 78,17.4 79,17.6 80,17.9 81,18.1 82,18.3 83,18.5 84,18.7 85,18.8 86,19 87,19.2 88,19.4 89,19.5 90,19.7 91,19.8 92,20 93,20.1 94,20.2 95,20.4 96,20.5 97,20.6 98,20.7 99,20.8 100,20.9 100,24 0,24','4 clicks coarser: it drained for 7:43.',NULL);
INSERT INTO "Brews" VALUES(21,NULL,3,'Quiet Orchard',1793350743929,NULL,'{"finishS":362.2294099815703,"beverageG":338.32054217538337,"tdsPercent":1.3361713558145047,"extractionYieldPercent":18.835592397432514,"dissolvedYieldPercent":21.91435608454694,"tilt":0.4116780237436761,"slurryEndC":78.03561795935501,"streamC":85.04385539924517,"drawdownS":179.22940998157014,"pressForceN":null,"peakVolumeMl":426.2358782561977,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011368780607437649}','Ferrule, 17 clicks','1.0','Coffee below',1793350200000,'Weir House','{
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
    "restDays": 11
  },
  "grind": {
    "medianUm": 502,
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
}','vd-coffee-first',NULL,1793350380000,1,0.0,'0,24 1,21.9 2,18.6 3,14 4,11.8 5,8 6,4.9 7,1.2 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1.9 53,3 54,3.6 55,4.4 56,5.3 57,6.1 58,6.7 59,7.4 60,7.9 61,8.6 62,9.1 63,9.8 64,10.3 65,10.8 66,11.4 67,11.9 68,12.3 69,12.9 70,13.3 71,13.7 72,14.1 73,14.5 74,14.8 75,15.2 76,15.6 77,16 78,16.3 79,16.6 80,16.9 81,17.2 82,17.4 83,17.7 84,17.9 85,18.2 86,18.4 87,18.6 88,18.9 89,19.1 90,19.3 91,19.5 92,19.7 93,19.8 94,20 95,20.2 96,20.4 97,20.5 98,20.7 99,20.8 100,20.9 100,24 0,24','4 clicks coarser: it drained for 4:26.',NULL);
INSERT INTO "Brews" VALUES(22,NULL,1,'Quiet Orchard',1793464226329,NULL,'{"finishS":325.1293354472518,"beverageG":338.22805718330915,"tdsPercent":1.30919274414584,"extractionYieldPercent":18.450238263788858,"dissolvedYieldPercent":21.515197432069375,"tilt":0.28963718991467624,"slurryEndC":79.8693719325345,"streamC":85.5011922391562,"drawdownS":142.1293354472516,"pressForceN":null,"peakVolumeMl":425.60242741555214,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0010427928792702634}','Ferrule, 20 clicks','1.0','Coffee below',1793463720000,'Weir House','{
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
}','vd-coffee-first',NULL,1793463900000,1,0.0,'0,24 1,21.9 2,18.6 3,15.3 4,12.9 5,9.4 6,6.5 7,3.1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1.5 58,2.4 59,3.4 60,4.2 61,5.2 62,5.9 63,6.7 64,7.6 65,8.4 66,8.8 67,9.6 68,10.3 69,10.9 70,11.5 71,11.8 72,12.4 73,13 74,13.5 75,13.9 76,14.4 77,14.8 78,15.2 79,15.6 80,15.9 81,16.4 82,16.7 83,17 84,17.3 85,17.7 86,17.9 87,18.2 88,18.5 89,18.7 90,19 91,19.2 92,19.4 93,19.6 94,19.9 95,20 96,20.2 97,20.4 98,20.6 99,20.8 100,21 100,24 0,24','3 clicks coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(23,NULL,4,'Kestrel Terrace',1793630517071,NULL,'{"finishS":355.2713942938042,"beverageG":348.2706040863807,"tdsPercent":1.3267281338606955,"extractionYieldPercent":17.11334846807633,"dissolvedYieldPercent":20.41725816439136,"tilt":-0.11970312495661668,"slurryEndC":77.13477278333089,"streamC":84.1220725959168,"drawdownS":192.2713942938039,"pressForceN":null,"peakVolumeMl":445.62660191434384,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0004836121561324289}','Ferrule, 27 clicks','1.0','Two pours, dense paper',1793629980000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "vd-two-pours",
  "name": "Two pours, dense paper",
  "school": "coffee-first",
  "brewer": {
    "family": "valve-dripper",
    "capacityMl": 500,
    "filter": "dense-paper"
  },
  "coffee": {
    "doseG": 27,
    "roast": 0.2,
    "restDays": 9
  },
  "grind": {
    "medianUm": 762,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 95
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "water-in",
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
      "toG": 90,
      "overS": 8
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "pour",
      "at": 50,
      "toG": 400,
      "overS": 18
    },
    {
      "do": "lid"
    },
    {
      "do": "stir",
      "at": 160,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "drain"
    },
    {
      "do": "stir-cup"
    }
  ]
}','vd-two-pours',NULL,1793630160000,1,0.0,'0,24 1,22.6 2,20.4 3,18.8 4,18.8 5,18.8 6,18.8 7,18.8 8,18.8 9,18.8 10,18.8 11,18.8 12,18.8 13,18.8 14,18.8 15,18.8 16,18.8 17,16.5 18,13.3 19,8.4 20,5 21,2.3 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1.5 49,2.3 50,3 51,3.8 52,4.6 53,5.2 54,5.9 55,6.7 56,7.2 57,7.8 58,8.5 59,9 60,9.6 61,10.1 62,10.6 63,11.1 64,11.5 65,12 66,12.4 67,12.8 68,13.3 69,13.6 70,14 71,14.3 72,14.7 73,15 74,15.4 75,15.7 76,16.1 77,16.4 78,16.5 79,16.8 80,17.1 81,17.3 82,17.6 83,17.8 84,18.1 85,18.3 86,18.5 87,18.6 88,18.9 89,19 90,19.2 91,19.4 92,19.6 93,19.7 94,19.9 95,20 96,20.2 97,20.3 98,20.5 99,20.6 100,20.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(24,NULL,4,'Tidewrack',1793713604709,NULL,'{"finishS":222.50998874980218,"beverageG":298.7984187663836,"tdsPercent":1.3046985932851236,"extractionYieldPercent":17.720085301832725,"dissolvedYieldPercent":20.863693460835613,"tilt":0.1983066569871716,"slurryEndC":83.3619967733309,"streamC":86.971914372326,"drawdownS":83.509988749802,"pressForceN":null,"peakVolumeMl":379.5282164471319,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0010820338121878424}','Ferrule, 20 clicks','1.0','Water below',1793713200000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "vd-water-first",
  "name": "Water below",
  "school": "water-first",
  "brewer": {
    "family": "valve-dripper",
    "capacityMl": 500
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.5,
    "restDays": 12
  },
  "grind": {
    "medianUm": 580,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 97
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 341,
      "overS": 16
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 6
    },
    {
      "do": "lid"
    },
    {
      "do": "stir",
      "at": 136,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "drain"
    },
    {
      "do": "stir-cup"
    }
  ]
}','vd-water-first',NULL,1793713380000,1,0.0,'0,24 1,22.3 2,17.6 3,14.5 4,11 5,7.4 6,4 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1.7 67,3.1 68,4.1 69,5.2 70,6.2 71,7.1 72,7.9 73,8.7 74,9.5 75,10.2 76,11.2 77,11.8 78,12.4 79,12.9 80,13.7 81,14 82,14.7 83,15.3 84,15.8 85,16.1 86,16.6 87,17 88,17.4 89,17.8 90,18.1 91,18.4 92,18.8 93,19 94,19.3 95,19.6 96,19.9 97,20.2 98,20.4 99,20.6 100,20.8 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(25,NULL,1,'Kestrel Terrace',1793796617614,NULL,'{"finishS":196.71477801919875,"beverageG":239.1230616939883,"tdsPercent":1.2433186799015967,"extractionYieldPercent":17.488598199964567,"dissolvedYieldPercent":20.585472668220554,"tilt":0.20369493561289287,"slurryEndC":81.84573941312739,"streamC":84.76261017576547,"drawdownS":61.71477801919872,"pressForceN":null,"peakVolumeMl":300.7467919510817,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0010739272000164705}','Ferrule, 19 clicks','1.0','Closed all the way',1793796240000,'Weir House','{
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
    "doseG": 17,
    "roast": 0.2,
    "restDays": 11
  },
  "grind": {
    "medianUm": 554,
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
      "toG": 272,
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
  ]
}','ld-closed',NULL,1793796420000,1,0.0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,3 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2.4 71,3.7 72,5 73,5.6 74,7 75,7.6 76,8.9 77,9.4 78,10.5 79,11 80,12 81,12.8 82,13.2 83,14 84,14.6 85,15 86,15.6 87,16.1 88,16.7 89,17.3 90,17.5 91,18 92,18.5 93,18.7 94,19.1 95,19.5 96,19.8 97,20 98,20.3 99,20.6 100,20.9 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(26,NULL,1,'Blue Ferry',1793879060187,NULL,'{"finishS":198.48772387955475,"beverageG":239.13480367083977,"tdsPercent":1.2481678220909342,"extractionYieldPercent":17.557668651998544,"dissolvedYieldPercent":20.67068601263282,"tilt":0.20145854880553077,"slurryEndC":81.73256438673567,"streamC":84.73074667894201,"drawdownS":63.48772387955472,"pressForceN":null,"peakVolumeMl":302.9434674516057,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001073874468134163}','Ferrule, 19 clicks','1.0','Closed all the way',1793878680000,'Weir House','{
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
    "doseG": 17,
    "roast": 0.35,
    "restDays": 8
  },
  "grind": {
    "medianUm": 554,
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
      "toG": 272,
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
  ]
}','ld-closed',NULL,1793878860000,1,0.0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,3 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1.7 70,3 71,4.3 72,5.5 73,6.2 74,7.5 75,8.1 76,9.3 77,9.9 78,10.9 79,11.4 80,12.3 81,12.7 82,13.5 83,14.2 84,14.6 85,15.2 86,15.8 87,16.3 88,16.8 89,17.4 90,17.6 91,18.1 92,18.3 93,18.7 94,19.1 95,19.5 96,19.9 97,20 98,20.3 99,20.6 100,20.9 100,24 0,24','One of a pair, tasted beside First runoff and tail left out.',NULL);
INSERT INTO "Brews" VALUES(27,NULL,3,'Blue Ferry',1793878738868,NULL,'{"finishS":177.56815993596592,"beverageG":201.00032508572366,"tdsPercent":1.3847084653000175,"extractionYieldPercent":15.462602870792056,"dissolvedYieldPercent":20.632568278588533,"tilt":0.18245571475148978,"slurryEndC":80.02925827503266,"streamC":82.90145898343266,"drawdownS":57.56815993596598,"pressForceN":null,"peakVolumeMl":313.31156242438647,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0013923506890678738}','Ferrule, 18 clicks','1.0','First runoff and tail left out',1793878380000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-split",
  "name": "First runoff and tail left out",
  "school": "split",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 18,
    "roast": 0.35,
    "restDays": 8
  },
  "grind": {
    "medianUm": 528,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 95
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
      "toG": 281,
      "overS": 20
    },
    {
      "do": "stir",
      "turns": 3,
      "overS": 3
    },
    {
      "do": "open-valve",
      "at": 120
    },
    {
      "do": "drain",
      "untilG": 20
    },
    {
      "do": "swap-cup",
      "keep": false
    },
    {
      "do": "drain",
      "untilG": 201
    }
  ]
}','ld-split',NULL,1793878560000,1,0.0,'0,24 1,22.8 2,20.3 3,17.6 4,16.4 5,13.6 6,11.9 7,9.4 8,8 9,6.4 10,3 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,2.1 70,3.2 71,3.7 72,4.8 73,5.8 74,6.3 75,7.5 76,7.9 77,8.7 78,9.1 79,9.9 80,10.7 81,11.2 82,11.7 83,12.1 84,13 85,13.3 86,13.7 87,14.4 88,14.7 89,15.1 90,15.6 91,15.9 92,16.4 93,16.7 94,17.1 95,17.3 96,17.7 97,17.9 98,18.3 99,18.5 100,18.8 100,24 0,24','One of a pair, tasted beside Closed all the way.',NULL);
INSERT INTO "Brews" VALUES(28,NULL,1,'Quiet Orchard',1793960717979,NULL,'{"finishS":136.57983385941446,"beverageG":118.73771709739773,"tdsPercent":2.1372459901014924,"extractionYieldPercent":15.860731858763671,"dissolvedYieldPercent":21.00250295191979,"tilt":0.1857852495769322,"slurryEndC":75.34076878275542,"streamC":80.58003536510667,"drawdownS":76.57983385941449,"pressForceN":null,"peakVolumeMl":175.13849474331082,"dilutedG":188.73771709739773,"dilutedTdsPercent":1.3445733775049338,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0024823023989975304}','Ferrule, 13 clicks','1.0','Float, hold, let down',1793960400000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-float",
  "name": "Float, hold, let down",
  "school": "concentrate",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "smooth"
  },
  "coffee": {
    "doseG": 16,
    "roast": 0.4,
    "restDays": 8
  },
  "grind": {
    "medianUm": 398,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 95
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 30,
      "overS": 4
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "pour",
      "at": 8,
      "toG": 150,
      "overS": 20
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 4
    },
    {
      "do": "open-valve",
      "at": 60
    },
    {
      "do": "drain"
    },
    {
      "do": "dilute",
      "waterG": 70,
      "temperatureC": 85
    }
  ]
}','ld-float',NULL,1793960580000,1,0.0,'0,24 1,22.6 2,21.3 3,19.4 4,19.4 5,19.4 6,19.4 7,19.4 8,19.4 9,19 10,18 11,16 12,15.1 13,13.9 14,13 15,10.7 16,9.3 17,8.3 18,7.2 19,6 20,4.7 21,3.3 22,1.8 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 42,1 43,1 44,1 45,1 46,1 47,1.7 48,2.2 49,3 50,3.5 51,3.9 52,4.3 53,4.8 54,5.2 55,5.6 56,6.4 57,6.8 58,7.2 59,7.6 60,8 61,8.4 62,8.7 63,9.1 64,9.4 65,9.7 66,10 67,10.7 68,11 69,11.2 70,11.5 71,11.8 72,12.3 73,12.5 74,12.8 75,13 76,13.4 77,13.6 78,13.8 79,14.3 80,14.6 81,14.9 82,15.1 83,15.4 84,15.6 85,15.8 86,16 87,16.2 88,16.4 89,16.7 90,16.9 91,17.1 92,17.2 93,17.6 94,17.8 95,17.9 96,18.1 97,18.2 98,18.5 99,18.6 100,18.8 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(29,NULL,2,'Kestrel Terrace',1794126492587,NULL,'{"finishS":311.68794083364025,"beverageG":196.81979361496252,"tdsPercent":2.067776953391618,"extractionYieldPercent":16.27917732833257,"dissolvedYieldPercent":21.406998270185476,"tilt":0.20982654343151103,"slurryEndC":70.14811840538277,"streamC":75.25837962143773,"drawdownS":101.6879408336404,"pressForceN":null,"peakVolumeMl":278.1905112504453,"dilutedG":null,"dilutedTdsPercent":null,"meltG":144.67005137898545,"chilledC":4,"chilledG":341.48984499394794,"chilledTdsPercent":1.191776092830892,"sedimentGPer100G":0.0020356459646923737}','Ferrule, 17 clicks','1.0','Soak, then rinse on to ice',1794126000000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-long-soak-iced",
  "name": "Soak, then rinse on to ice",
  "school": "iced",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 25,
    "roast": 0.2,
    "restDays": 5
  },
  "grind": {
    "medianUm": 502,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 97
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
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 180,
      "overS": 10
    },
    {
      "do": "stir",
      "at": 150,
      "turns": 4,
      "overS": 3
    },
    {
      "do": "pour",
      "toG": 245,
      "overS": 12
    },
    {
      "do": "open-valve",
      "at": 210,
      "window": [
        150,
        420
      ]
    },
    {
      "do": "drain"
    },
    {
      "do": "ice",
      "iceG": 220,
      "iceC": -6,
      "where": "shaker",
      "untilC": 4
    }
  ],
  "target": {
    "tdsPercent": [
      1.1,
      1.4
    ]
  }
}','ld-long-soak-iced',NULL,1794126180000,1,0.0,'0,24 1,20.3 2,14.5 3,8.7 4,7.1 5,7.1 6,7.1 7,7.1 8,7.1 9,7.1 10,7.1 11,7.1 12,7.1 13,7.1 14,7.1 15,7.1 16,7.1 17,7.1 18,7.1 19,7.1 20,7.1 21,7.1 22,7.1 23,7.1 24,7.1 25,7.1 26,7.1 27,7.1 28,7.1 29,7.1 30,7.1 31,7.1 32,7.1 33,7.1 34,7.1 35,7.1 36,7.1 37,7.1 38,7.1 39,7.1 40,7.1 41,7.1 42,7.1 43,7.1 44,7.1 45,7.1 46,7.1 47,7.1 48,7.1 49,7.1 50,6.4 51,4.8 52,3.2 53,1.2 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1.4 69,2.5 70,3.5 71,4.4 72,5.4 73,6.1 74,7 75,7.7 76,8.4 77,9.1 78,9.8 79,10.7 80,11.2 81,11.7 82,12.2 83,12.9 84,13.3 85,13.9 86,14.3 87,14.8 88,15.2 89,15.5 90,15.9 91,16.3 92,16.7 93,17.1 94,17.4 95,17.7 96,17.9 97,18.2 98,18.6 99,18.7 100,19 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(30,NULL,1,'Kestrel Terrace',1794242760313,NULL,'{"finishS":239.81366079004118,"beverageG":190.83913291779137,"tdsPercent":2.0379116475373995,"extractionYieldPercent":18.519680560909762,"dissolvedYieldPercent":22.435064557454304,"tilt":0.4199595102328143,"slurryEndC":74.51499541759173,"streamC":80.00804603245747,"drawdownS":74.81366079004113,"pressForceN":null,"peakVolumeMl":197.03586055189803,"dilutedG":null,"dilutedTdsPercent":null,"meltG":166.15149760795396,"chilledC":0,"chilledG":356.99063052574536,"chilledTdsPercent":1.0894215660684055,"sedimentGPer100G":0.0018831182579348378}','Ferrule, 15 clicks','1.0','Open, then closed, over ice',1794242340000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "ld-open-closed-iced",
  "name": "Open, then closed, over ice",
  "school": "iced",
  "brewer": {
    "family": "lever-dripper",
    "capacityMl": 360,
    "cone": "ridged"
  },
  "coffee": {
    "doseG": 21,
    "roast": 0.2,
    "restDays": 6
  },
  "grind": {
    "medianUm": 450,
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
      "do": "ice",
      "iceG": 175,
      "iceC": -6,
      "where": "server"
    },
    {
      "do": "open-valve"
    },
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 70,
      "overS": 9
    },
    {
      "do": "pour",
      "at": 40,
      "toG": 110,
      "overS": 6
    },
    {
      "do": "close-valve",
      "at": 75
    },
    {
      "do": "pour",
      "toG": 231,
      "overS": 14
    },
    {
      "do": "stir",
      "turns": 2,
      "overS": 3
    },
    {
      "do": "open-valve",
      "at": 165
    },
    {
      "do": "drain"
    }
  ]
}','ld-open-closed-iced',NULL,1794242520000,1,0.0,'0,24 1,21.8 2,19.7 3,17.6 4,15.4 5,16.1 6,16.7 7,17.2 8,17.9 9,17.9 10,17.9 11,17.9 12,17.9 13,17.9 14,17.9 15,17.9 16,17.9 17,17.9 18,16.3 19,14 20,13.5 21,13.9 22,14.4 23,14.9 24,15.3 25,15.7 26,16.1 27,16.4 28,16.8 29,17.1 30,17.4 31,17.8 32,16.2 33,13.7 34,11.1 35,8.5 36,5.2 37,2.6 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2 71,2.7 72,3.5 73,4.4 74,5.2 75,6 76,6.8 77,7.2 78,7.9 79,8.6 80,9.2 81,9.8 82,10.3 83,10.9 84,11.6 85,12.1 86,12.5 87,12.9 88,13.5 89,14 90,14.4 91,14.7 92,15.1 93,15.4 94,15.8 95,16.2 96,16.6 97,16.9 98,17.2 99,17.5 100,17.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(31,NULL,4,'Night Barge',1794326069958,NULL,'{"finishS":88.25822390497379,"beverageG":336.0969699893714,"tdsPercent":1.3677511081039635,"extractionYieldPercent":17.680653966667204,"dissolvedYieldPercent":20.240385581822515,"tilt":0.016331357708544138,"slurryEndC":91.70479425608494,"streamC":92.35376999629814,"drawdownS":18.25822390497376,"pressForceN":null,"peakVolumeMl":415.48224715470394,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.012027673755658193}','Ferrule, 18 clicks','1.0','Kept turning',1794325800000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "si-whirl",
  "name": "Kept turning",
  "school": "moving",
  "brewer": {
    "family": "siphon",
    "capacityMl": 600
  },
  "coffee": {
    "doseG": 26,
    "roast": 0.6,
    "restDays": 11
  },
  "grind": {
    "medianUm": 528,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 100
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "light-burner"
    },
    {
      "do": "seat-chamber",
      "waterG": 390
    },
    {
      "do": "wait-for",
      "event": "fine-bubbles",
      "expectS": 40
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 4,
      "continuous": true,
      "overS": 66
    },
    {
      "do": "remove-burner",
      "at": 70
    },
    {
      "do": "stir",
      "turns": 6,
      "overS": 4
    },
    {
      "do": "drain"
    }
  ]
}','si-whirl',NULL,1794325980000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 16,1 17,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 47,1 48,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1.2 88,1.6 89,2.2 90,2.8 91,4.7 92,6 93,7.3 94,8.8 95,10.5 96,12.2 97,13.9 98,17.3 99,18.9 100,20.5 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(32,NULL,4,'Night Barge',1794408746923,NULL,'{"finishS":86.32348704761353,"beverageG":335.95079491922473,"tdsPercent":1.324835358789588,"extractionYieldPercent":17.11844199701763,"dissolvedYieldPercent":19.603213899549246,"tilt":-0.09465891004983228,"slurryEndC":91.85750160897531,"streamC":92.41584538065693,"drawdownS":16.323487047613497,"pressForceN":null,"peakVolumeMl":415.3253926608298,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.011373499716192689}','Ferrule, 20 clicks','1.0','Kept turning',1794408480000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "si-whirl",
  "name": "Kept turning",
  "school": "moving",
  "brewer": {
    "family": "siphon",
    "capacityMl": 600
  },
  "coffee": {
    "doseG": 26,
    "roast": 0.6,
    "restDays": 12
  },
  "grind": {
    "medianUm": 580,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 100
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "light-burner"
    },
    {
      "do": "seat-chamber",
      "waterG": 390
    },
    {
      "do": "wait-for",
      "event": "fine-bubbles",
      "expectS": 40
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 4,
      "continuous": true,
      "overS": 66
    },
    {
      "do": "remove-burner",
      "at": 70
    },
    {
      "do": "stir",
      "turns": 6,
      "overS": 4
    },
    {
      "do": "drain"
    }
  ]
}','si-whirl',NULL,1794408660000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 16,1 17,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1.7 90,2.4 91,3.1 92,4.1 93,5.4 94,6.9 95,8.4 96,11.9 97,13.9 98,15.9 99,17.8 100,21.2 100,24 0,24','2 clicks coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(33,3,2,'Quiet Orchard',1794490479705,NULL,'{"finishS":98.70545618049297,"beverageG":262.22392786700874,"tdsPercent":1.4201327458176518,"extractionYieldPercent":16.926944850039316,"dissolvedYieldPercent":19.65046493698406,"tilt":0.16807004598732417,"slurryEndC":91.42502121480891,"streamC":92.25524443973256,"drawdownS":23.705456180493,"pressForceN":null,"peakVolumeMl":345.438139771096,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.013044374272600166}','Ferrule, 18 clicks','1.0','Left in layers',1794490200000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "si-layers",
  "name": "Left in layers",
  "school": "still",
  "brewer": {
    "family": "siphon",
    "capacityMl": 360
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.4,
    "restDays": 0
  },
  "grind": {
    "medianUm": 528,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 100
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "light-burner"
    },
    {
      "do": "seat-chamber",
      "waterG": 310
    },
    {
      "do": "wait-for",
      "event": "fine-bubbles",
      "expectS": 30
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 6
    },
    {
      "do": "remove-burner",
      "at": 75
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "drain"
    }
  ]
}','si-layers',NULL,1794490380000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 79,1 80,1 81,1 82,1 83,1.2 84,1.4 85,1.8 86,2.8 87,3.6 88,4.4 89,5.4 90,6.4 91,7.5 92,9.9 93,11.1 94,12.3 95,13.5 96,14.7 97,17 98,18.1 99,19.3 100,20.4 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(34,NULL,2,'Blue Ferry',1794571476077,NULL,'{"finishS":95.97749625972929,"beverageG":262.1535453941322,"tdsPercent":1.3936662152094719,"extractionYieldPercent":16.607024518781124,"dissolvedYieldPercent":19.27759284479459,"tilt":0.13560170629784293,"slurryEndC":91.6237641448042,"streamC":92.33360333278814,"drawdownS":20.97749625972932,"pressForceN":null,"peakVolumeMl":338.5667837762994,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.012676936904651524}','Ferrule, 19 clicks','1.0','Left in layers',1794571200000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "si-layers",
  "name": "Left in layers",
  "school": "still",
  "brewer": {
    "family": "siphon",
    "capacityMl": 360
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.35,
    "restDays": 6
  },
  "grind": {
    "medianUm": 554,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 100
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "light-burner"
    },
    {
      "do": "seat-chamber",
      "waterG": 310
    },
    {
      "do": "wait-for",
      "event": "fine-bubbles",
      "expectS": 30
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 6
    },
    {
      "do": "remove-burner",
      "at": 75
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "drain"
    }
  ]
}','si-layers',NULL,1794571380000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 15,1 16,1 17,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 77,1 78,1 79,1 80,1 82,1 83,1 84,1 85,1.2 86,1.5 87,2.4 88,3.1 89,4 90,5 91,6 92,7.1 93,9.8 94,11.1 95,12.5 96,13.9 97,15.3 98,18 99,19.3 100,20.6 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(35,5,1,'Tidewrack',1794902890100,NULL,'{"finishS":308.00000000000034,"beverageG":268.019617270675,"tdsPercent":1.4997474108828255,"extractionYieldPercent":14.355775966696452,"dissolvedYieldPercent":19.07907957319437,"tilt":-0.5173451431336965,"slurryEndC":73.4043411190743,"streamC":73.85578482845243,"drawdownS":null,"pressForceN":null,"peakVolumeMl":394.0323497039561,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.3466296034370589}','Ferrule, 32 clicks','1.0','Two spoons and a jar',1794902400000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "jar-spoons",
  "name": "Two spoons and a jar",
  "school": "improvised",
  "brewer": {
    "family": "jar",
    "capacityMl": 475
  },
  "coffee": {
    "doseG": 28,
    "roast": 0.5,
    "restDays": 12
  },
  "grind": {
    "medianUm": 892,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 99
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 350,
      "overS": 18
    },
    {
      "do": "smell"
    },
    {
      "do": "break-crust",
      "at": 225,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "skim",
      "overS": 20
    },
    {
      "do": "wait",
      "forS": 45
    },
    {
      "do": "decant",
      "leaveG": 30,
      "overS": 15
    }
  ]
}','jar-spoons',NULL,1794902580000,1,0.0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,6.2 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,3.5 97,6.1 98,10 99,13.1 100,17.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(36,NULL,4,'Night Barge',1795018928700,NULL,'{"finishS":308,"beverageG":304.7957405400466,"tdsPercent":1.5078099621417898,"extractionYieldPercent":14.406710156886096,"dissolvedYieldPercent":19.195397581436737,"tilt":-0.4512517760064375,"slurryEndC":75.48936311125757,"streamC":75.91428535761895,"drawdownS":null,"pressForceN":null,"peakVolumeMl":453.38641459254507,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.3618821998812906}','Ferrule, 32 clicks','1.0','Two spoons and a jar',1795018440000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "jar-spoons",
  "name": "Two spoons and a jar",
  "school": "improvised",
  "brewer": {
    "family": "jar",
    "capacityMl": 475
  },
  "coffee": {
    "doseG": 31.9,
    "roast": 0.6,
    "restDays": 9
  },
  "grind": {
    "medianUm": 892,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 99
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "first-water",
  "steps": [
    {
      "do": "add-coffee"
    },
    {
      "do": "pour",
      "at": 0,
      "toG": 399,
      "overS": 24
    },
    {
      "do": "smell"
    },
    {
      "do": "break-crust",
      "at": 225,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "skim",
      "overS": 20
    },
    {
      "do": "wait",
      "forS": 45
    },
    {
      "do": "decant",
      "leaveG": 35,
      "overS": 15
    }
  ]
}','jar-spoons',NULL,1795018620000,1,0.0,'0,24 1,21.9 2,18.6 3,16.6 4,12.9 5,10.7 6,6.5 7,3.1 8,1.2 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,3.5 97,6.1 98,10 99,13.1 100,17.1 100,24 0,24','Less coffee and water: 36 g would have filled the vessel to 508 of 475 ml.',NULL);
INSERT INTO "Brews" VALUES(37,NULL,3,'Night Barge',1795103082099,NULL,'{"finishS":519.9999999999995,"beverageG":694.7238964190811,"tdsPercent":1.1117936865125575,"extractionYieldPercent":17.554310043366783,"dissolvedYieldPercent":20.02531217440697,"tilt":-0.17790270387914722,"slurryEndC":82.5834078588328,"streamC":82.82467017409337,"drawdownS":null,"pressForceN":25.490280361374488,"peakVolumeMl":866.1463088662584,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0833376557017145}','Ferrule, 40 clicks','1.0','Slow eight',1795102380000,'Weir House','{
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
    "doseG": 44,
    "roast": 0.6,
    "restDays": 10
  },
  "grind": {
    "medianUm": 1100,
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
      "toG": 124,
      "overS": 12
    },
    {
      "do": "pour",
      "at": 50,
      "toG": 783,
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
}','fp-slow-eight',NULL,1795102560000,1,0.0,'0,24 1,23 2,21.3 3,20.4 4,20.4 5,20.4 6,20.4 7,20.4 8,20.4 9,20.4 10,20.4 11,16.3 12,12.2 13,8.5 14,3.5 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,3.9 99,11.4 100,18.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(38,NULL,3,'Night Barge',1795268290500,NULL,'{"finishS":310.00000000000045,"beverageG":409.66799810781043,"tdsPercent":1.3835589145332159,"extractionYieldPercent":17.175751841849628,"dissolvedYieldPercent":20.346512213587282,"tilt":-0.07150159571341619,"slurryEndC":80.18250929074938,"streamC":80.4890604888824,"drawdownS":null,"pressForceN":25.143304024675576,"peakVolumeMl":533.8913879100556,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.250148490375843}','Ferrule, 28 clicks','1.0','High Hut press',1795267800000,'High Hut','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "hut-press",
  "name": "High Hut press",
  "school": "pressed",
  "brewer": {
    "family": "french-press",
    "capacityMl": 1000,
    "material": "steel"
  },
  "coffee": {
    "doseG": 33,
    "roast": 0.6,
    "restDays": 12
  },
  "grind": {
    "medianUm": 788,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 99
  },
  "place": {
    "altitudeM": 2340,
    "ambientC": 17
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
      "toG": 478,
      "overS": 18
    },
    {
      "do": "stir",
      "turns": 4,
      "overS": 3
    },
    {
      "do": "lid"
    },
    {
      "do": "break-crust",
      "at": 270,
      "turns": 3,
      "overS": 3
    },
    {
      "do": "plunge",
      "overS": 25
    },
    {
      "do": "decant",
      "overS": 12
    }
  ]
}','hut-press',NULL,1795267980000,1,0.0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,18 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(39,2,4,'Blue Ferry',1795434896262,NULL,'{"finishS":233.96295982376546,"beverageG":298.819309118869,"tdsPercent":1.3115983469831005,"extractionYieldPercent":17.815041449406394,"dissolvedYieldPercent":20.967377796541253,"tilt":0.23387788064568624,"slurryEndC":82.7193917738048,"streamC":86.80640739482416,"drawdownS":94.96295982376529,"pressForceN":null,"peakVolumeMl":386.5733982762766,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011121449828967102}','Ferrule, 19 clicks','1.0','Water below',1795434480000,'Weir House','{
  "format": "cistern/recipe",
  "version": 1,
  "id": "vd-water-first",
  "name": "Water below",
  "school": "water-first",
  "brewer": {
    "family": "valve-dripper",
    "capacityMl": 500
  },
  "coffee": {
    "doseG": 22,
    "roast": 0.35,
    "restDays": 2
  },
  "grind": {
    "medianUm": 554,
    "spread": 0.42
  },
  "water": {
    "temperatureC": 97
  },
  "place": {
    "altitudeM": 12,
    "ambientC": 21
  },
  "clockStarts": "coffee-in",
  "steps": [
    {
      "do": "rinse-filter"
    },
    {
      "do": "preheat"
    },
    {
      "do": "pour",
      "toG": 341,
      "overS": 16
    },
    {
      "do": "add-coffee",
      "at": 0
    },
    {
      "do": "stir",
      "turns": 5,
      "overS": 6
    },
    {
      "do": "lid"
    },
    {
      "do": "stir",
      "at": 136,
      "turns": 2,
      "overS": 3
    },
    {
      "do": "drain"
    },
    {
      "do": "stir-cup"
    }
  ]
}','vd-water-first',NULL,1795434660000,1,0.0,'0,24 1,20.6 2,17.6 3,14.5 4,11 5,7.4 6,4 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1.6 64,2.9 65,3.8 66,4.7 67,5.6 68,6.5 69,7.4 70,8.2 71,9 72,9.7 73,10.4 74,11.1 75,11.7 76,12.3 77,12.8 78,13.3 79,14 80,14.5 81,14.9 82,15.5 83,15.8 84,16.2 85,16.6 86,17.1 87,17.5 88,17.7 89,18 90,18.3 91,18.7 92,19 93,19.2 94,19.5 95,19.7 96,20 97,20.2 98,20.4 99,20.6 100,20.9 100,24 0,24','',NULL);
CREATE TABLE "Extras" (
    "SheetId" INTEGER NOT NULL CONSTRAINT "PK_Extras" PRIMARY KEY,
    "Json" TEXT NOT NULL,
    CONSTRAINT "FK_Extras_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
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
CREATE TABLE "Places" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Places" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "AltitudeM" REAL NOT NULL,
    "AmbientC" REAL NOT NULL,
    "Water" TEXT NOT NULL
, "RemovedAtMs" INTEGER NULL);
INSERT INTO "Places" VALUES(1,'Weir House',12.0,21.0,'medium-hard tap water through a filter jug',NULL);
INSERT INTO "Places" VALUES(2,'High Hut',2340.0,17.0,'very soft spring water',NULL);
CREATE TABLE "Presses" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Presses" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Kind" INTEGER NOT NULL,
    "StepIndex" INTEGER NOT NULL,
    "ElapsedS" REAL NOT NULL,
    "ReceivedAtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Presses_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Presses" VALUES(1,1,'5FB75640-0001-0002-0304-050607080902',0,2,0.0,1794042780000);
INSERT INTO "Presses" VALUES(2,1,'1E2CFD22-0001-0002-0304-050607080902',0,2,1.40999999999999925393e+01,1794042794099);
INSERT INTO "Presses" VALUES(3,1,'3CE92CBE-0001-0002-0304-050607080903',0,3,7.71999999999999602078e+01,1794042857199);
INSERT INTO "Presses" VALUES(4,1,'0364E768-0001-0002-0304-050607080904',0,4,7.71999999999999602078e+01,1794042857199);
INSERT INTO "Presses" VALUES(5,1,'30DAE5FF-0001-0002-0304-050607080905',0,5,5.0519999999999942019e+02,1794043285199);
INSERT INTO "Presses" VALUES(6,1,'7DA4B1B5-0001-0002-0304-050607080906',0,6,5.2219999999999959072e+02,1794043302199);
INSERT INTO "Presses" VALUES(7,2,'1BFAB865-0001-0002-0304-050607080902',0,2,0.0,1794656040000);
INSERT INTO "Presses" VALUES(8,2,'3CB6796A-0001-0002-0304-050607080903',0,3,3.10000000000000719424e+00,1794656043100);
INSERT INTO "Presses" VALUES(9,2,'2F9DC629-0001-0002-0304-050607080904',0,4,4.90000000000000746069e+00,1794656044900);
INSERT INTO "Presses" VALUES(10,2,'547CB92A-0001-0002-0304-050607080905',0,5,2.45000000000000113693e+02,1794656285000);
INSERT INTO "Presses" VALUES(11,2,'108D7D76-0001-0002-0304-050607080906',0,6,2.58000000000000227371e+02,1794656298000);
INSERT INTO "Presses" VALUES(12,2,'0918FF49-0001-0002-0304-050607080907',0,7,2.58000000000000227371e+02,1794656298000);
INSERT INTO "Presses" VALUES(13,3,'3EB6E2E9-0001-0002-0304-050607080902',0,2,0.0,1794739020000);
INSERT INTO "Presses" VALUES(14,3,'509ACB1E-0001-0002-0304-050607080903',0,3,4.60000000000000675015e+00,1794739024600);
INSERT INTO "Presses" VALUES(15,3,'0167D22E-0001-0002-0304-050607080904',0,4,4.60000000000000675015e+00,1794739024600);
INSERT INTO "Presses" VALUES(16,3,'28215103-0001-0002-0304-050607080905',0,5,2.46900000000000119371e+02,1794739266900);
INSERT INTO "Presses" VALUES(17,3,'22DF9E14-0001-0002-0304-050607080906',0,6,2.59100000000000250119e+02,1794739279100);
INSERT INTO "Presses" VALUES(18,3,'44B39E23-0001-0002-0304-050607080907',0,7,2.59100000000000250119e+02,1794739279100);
INSERT INTO "Presses" VALUES(19,4,'0CE3B653-0001-0002-0304-050607080902',0,2,0.0,1794821220000);
INSERT INTO "Presses" VALUES(20,4,'5DE89748-0001-0002-0304-050607080903',0,3,5.20000000000000728306e+00,1794821225200);
INSERT INTO "Presses" VALUES(21,4,'13D669A5-0001-0002-0304-050607080904',0,4,5.20000000000000728306e+00,1794821225200);
INSERT INTO "Presses" VALUES(22,4,'19896F7A-0001-0002-0304-050607080905',0,5,2.4640000000000011936e+02,1794821466400);
INSERT INTO "Presses" VALUES(23,4,'28272B25-0001-0002-0304-050607080906',0,6,2.58000000000000227371e+02,1794821478000);
INSERT INTO "Presses" VALUES(24,4,'155F0FC5-0001-0002-0304-050607080907',0,7,2.58800000000000238751e+02,1794821478800);
INSERT INTO "Presses" VALUES(25,5,'33D02D75-0001-0002-0304-050607080903',0,3,0.0,1795186620000);
INSERT INTO "Presses" VALUES(26,5,'09FD71B8-0001-0002-0304-050607080903',0,3,18.7,1795186638700);
INSERT INTO "Presses" VALUES(27,5,'72240315-0001-0002-0304-050607080904',0,4,19.9,1795186639900);
INSERT INTO "Presses" VALUES(28,5,'2D09E697-0001-0002-0304-050607080905',0,5,19.9,1795186639900);
INSERT INTO "Presses" VALUES(29,5,'2118D82A-0001-0002-0304-050607080906',0,6,2.7530000000000040927e+02,1795186895300);
INSERT INTO "Presses" VALUES(30,5,'73D96761-0001-0002-0304-050607080907',0,7,2.89600000000000534338e+02,1795186909600);
INSERT INTO "Presses" VALUES(31,5,'19D6DB56-0001-0002-0304-050607080909',0,9,5.64499999999999772619e+02,1795187184499);
INSERT INTO "Presses" VALUES(32,5,'6AEA2805-0001-0002-0304-05060708090A',0,10,579.5,1795187199500);
INSERT INTO "Presses" VALUES(33,5,'2051A7DC-0001-0002-0304-05060708090B',0,11,580.4,1795187200400);
INSERT INTO "Presses" VALUES(34,6,'7D52806D-0001-0002-0304-050607080902',0,2,0.0,1795349820000);
INSERT INTO "Presses" VALUES(35,6,'3A31AE66-0001-0002-0304-050607080902',0,2,18.5,1795349838500);
INSERT INTO "Presses" VALUES(36,6,'63797BF0-0001-0002-0304-050607080903',0,3,2.24000000000000056834e+01,1795349842400);
INSERT INTO "Presses" VALUES(37,6,'1A683D35-0001-0002-0304-050607080904',0,4,2.24000000000000056834e+01,1795349842400);
INSERT INTO "Presses" VALUES(38,6,'6F4000A5-0001-0002-0304-050607080905',0,5,2.73800000000000238738e+02,1795350093800);
INSERT INTO "Presses" VALUES(39,6,'76106E44-0001-0002-0304-050607080906',0,6,3.00100000000000363795e+02,1795350120100);
INSERT INTO "Presses" VALUES(40,6,'092C5EDF-0001-0002-0304-050607080907',0,7,3.11000000000000454748e+02,1795350131000);
INSERT INTO "Presses" VALUES(41,7,'3AB62C6B-0001-0002-0304-050607080902',0,2,0.0,1795517700000);
INSERT INTO "Presses" VALUES(42,7,'5532C563-0001-0002-0304-050607080902',0,2,6.39999999999999857891e+00,1795517706399);
INSERT INTO "Presses" VALUES(43,7,'5FD9CFBB-0001-0002-0304-050607080903',0,3,1.0299999999999995381e+01,1795517710299);
INSERT INTO "Presses" VALUES(44,7,'3CCFBF1E-0001-0002-0304-050607080904',0,4,5.83999999999999701554e+01,1795517758399);
INSERT INTO "Presses" VALUES(45,7,'2E725C0A-0001-0002-0304-050607080905',0,5,5.83999999999999701554e+01,1795517758399);
INSERT INTO "Presses" VALUES(46,7,'1D109F6F-0001-0002-0304-050607080906',0,6,2.6050000000000022738e+02,1795517960500);
INSERT INTO "Presses" VALUES(47,7,'148BBCA4-0001-0002-0304-050607080907',0,7,4.64200000000000329676e+02,1795518164200);
INSERT INTO "Presses" VALUES(48,7,'4C791E95-0001-0002-0304-050607080908',0,8,4.77300000000000466124e+02,1795518177300);
INSERT INTO "Presses" VALUES(49,8,'1965BDA3-0001-0002-0304-050607080902',0,2,0.0,1795599300000);
INSERT INTO "Presses" VALUES(50,8,'1EBBB63F-0001-0002-0304-050607080902',0,2,7.99999999999999822364e+00,1795599307999);
INSERT INTO "Presses" VALUES(51,8,'4CF68FA6-0001-0002-0304-050607080903',0,3,1.13999999999999950266e+01,1795599311399);
INSERT INTO "Presses" VALUES(52,8,'0496469E-0001-0002-0304-050607080904',0,4,5.60999999999999730002e+01,1795599356099);
INSERT INTO "Presses" VALUES(53,8,'5A36236C-0001-0002-0304-050607080905',0,5,5.69999999999999715791e+01,1795599356999);
INSERT INTO "Presses" VALUES(54,8,'106179E0-0001-0002-0304-050607080906',0,6,2.59200000000000216012e+02,1795599559200);
INSERT INTO "Presses" VALUES(55,8,'7281BD3F-0001-0002-0304-050607080907',0,7,2.83800000000000352418e+02,1795599583800);
INSERT INTO "Presses" VALUES(56,8,'35E20CC9-0001-0002-0304-050607080908',0,8,2.95900000000000432016e+02,1795599595900);
INSERT INTO "Presses" VALUES(57,9,'6B161925-0001-0002-0304-050607080903',0,3,0.0,1792157880000);
INSERT INTO "Presses" VALUES(58,9,'21EDFEBC-0001-0002-0304-050607080903',0,3,1.26000000000000600408e+01,1792157892600);
INSERT INTO "Presses" VALUES(59,9,'28857FA6-0001-0002-0304-050607080904',0,4,1.68000000000000611062e+01,1792157896800);
INSERT INTO "Presses" VALUES(60,9,'257ADF4B-0001-0002-0304-050607080905',0,5,1.68000000000000611062e+01,1792157896800);
INSERT INTO "Presses" VALUES(61,9,'6B369CD9-0001-0002-0304-050607080906',0,6,8.24000000000000483186e+01,1792157962400);
INSERT INTO "Presses" VALUES(62,9,'76FB5A7F-0001-0002-0304-050607080907',0,7,8.24000000000000483186e+01,1792157962400);
INSERT INTO "Presses" VALUES(63,10,'21B5F434-0001-0002-0304-050607080903',0,3,0.0,1792239720000);
INSERT INTO "Presses" VALUES(64,10,'3EA3A385-0001-0002-0304-050607080903',0,3,1.37000000000000596853e+01,1792239733700);
INSERT INTO "Presses" VALUES(65,10,'59B3F569-0001-0002-0304-050607080904',0,4,1.60000000000000603956e+01,1792239736000);
INSERT INTO "Presses" VALUES(66,10,'3D752AE6-0001-0002-0304-050607080905',0,5,1.66000000000000618176e+01,1792239736600);
INSERT INTO "Presses" VALUES(67,10,'718A535A-0001-0002-0304-050607080906',0,6,8.18000000000000397886e+01,1792239801800);
INSERT INTO "Presses" VALUES(68,10,'334D953F-0001-0002-0304-050607080907',0,7,8.18000000000000397886e+01,1792239801800);
INSERT INTO "Presses" VALUES(69,11,'54EB296C-0001-0002-0304-050607080903',0,3,0.0,1792324080000);
INSERT INTO "Presses" VALUES(70,11,'0D090785-0001-0002-0304-050607080903',0,3,1.28000000000000611065e+01,1792324092800);
INSERT INTO "Presses" VALUES(71,11,'4CAA7554-0001-0002-0304-050607080904',0,4,1.58000000000000611071e+01,1792324095800);
INSERT INTO "Presses" VALUES(72,11,'49FDB9F8-0001-0002-0304-050607080905',0,5,1.68000000000000611062e+01,1792324096800);
INSERT INTO "Presses" VALUES(73,11,'6A29705E-0001-0002-0304-050607080906',0,6,8.23000000000000397903e+01,1792324162300);
INSERT INTO "Presses" VALUES(74,11,'3603FA49-0001-0002-0304-050607080907',0,7,8.23000000000000397903e+01,1792324162300);
INSERT INTO "Presses" VALUES(75,12,'0809FD54-0001-0002-0304-050607080903',0,3,0.0,1792488960000);
INSERT INTO "Presses" VALUES(76,12,'2C3DD9B9-0001-0002-0304-050607080903',0,3,1.25000000000000621724e+01,1792488972500);
INSERT INTO "Presses" VALUES(77,12,'52270A23-0001-0002-0304-050607080904',0,4,1.59000000000000625273e+01,1792488975900);
INSERT INTO "Presses" VALUES(78,12,'551DB7BB-0001-0002-0304-050607080905',0,5,1.72000000000000632383e+01,1792488977200);
INSERT INTO "Presses" VALUES(79,12,'1439856E-0001-0002-0304-050607080906',0,6,1.39000000000000028426e+02,1792489099000);
INSERT INTO "Presses" VALUES(80,13,'2CC9B5EB-0001-0002-0304-050607080902',0,2,0.0,1792569780000);
INSERT INTO "Presses" VALUES(81,13,'42352794-0001-0002-0304-050607080902',0,2,16.9,1792569796900);
INSERT INTO "Presses" VALUES(82,13,'2A706D8D-0001-0002-0304-050607080903',0,3,2.13000000000000078159e+01,1792569801300);
INSERT INTO "Presses" VALUES(83,13,'16F63DBC-0001-0002-0304-050607080904',0,4,2.13000000000000078159e+01,1792569801300);
INSERT INTO "Presses" VALUES(84,13,'52C8BB96-0001-0002-0304-050607080905',0,5,1.00600000000000036951e+02,1792569880600);
INSERT INTO "Presses" VALUES(85,13,'7C0A9426-0001-0002-0304-050607080906',0,6,1.30800000000000125053e+02,1792569910800);
INSERT INTO "Presses" VALUES(86,14,'12940487-0001-0002-0304-050607080902',0,2,0.0,1792769940000);
INSERT INTO "Presses" VALUES(87,14,'5E31F414-0001-0002-0304-050607080902',0,2,17.7,1792769957700);
INSERT INTO "Presses" VALUES(88,14,'7E3BB7D6-0001-0002-0304-050607080903',0,3,2.08000000000000078164e+01,1792769960800);
INSERT INTO "Presses" VALUES(89,14,'2B8942FA-0001-0002-0304-050607080904',0,4,2.08000000000000078164e+01,1792769960800);
INSERT INTO "Presses" VALUES(90,14,'41E3DF59-0001-0002-0304-050607080905',0,5,1.0000000000000004263e+02,1792770040000);
INSERT INTO "Presses" VALUES(91,14,'49AAEE1B-0001-0002-0304-050607080906',0,6,1.30400000000000119374e+02,1792770070400);
INSERT INTO "Presses" VALUES(92,15,'2F655C7E-0001-0002-0304-050607080902',0,2,0.0,1792850640000);
INSERT INTO "Presses" VALUES(93,15,'76B0C874-0001-0002-0304-050607080902',0,2,20.5,1792850660500);
INSERT INTO "Presses" VALUES(94,15,'38839861-0001-0002-0304-050607080903',0,3,2.28000000000000078168e+01,1792850662800);
INSERT INTO "Presses" VALUES(95,15,'2D85D019-0001-0002-0304-050607080904',0,4,2.28000000000000078168e+01,1792850662800);
INSERT INTO "Presses" VALUES(96,15,'47141385-0001-0002-0304-050607080905',0,5,9.42000000000000454764e+01,1792850734200);
INSERT INTO "Presses" VALUES(97,15,'168D45E5-0001-0002-0304-050607080906',0,6,1.24300000000000110845e+02,1792850764300);
INSERT INTO "Presses" VALUES(98,16,'56EBFA7C-0001-0002-0304-050607080903',0,3,0.0,1793019240000);
INSERT INTO "Presses" VALUES(99,16,'3B32146F-0001-0002-0304-050607080903',0,3,8.99999999999998223643e+00,1793019248999);
INSERT INTO "Presses" VALUES(100,16,'53B1F962-0001-0002-0304-050607080904',0,4,1.81999999999999744204e+01,1793019258199);
INSERT INTO "Presses" VALUES(101,16,'16F34B70-0001-0002-0304-050607080905',0,5,1.81999999999999744204e+01,1793019258199);
INSERT INTO "Presses" VALUES(102,16,'5F63E693-0001-0002-0304-050607080906',0,6,9.73000000000001108446e+01,1793019337300);
INSERT INTO "Presses" VALUES(103,16,'0366A2D2-0001-0002-0304-050607080907',0,7,9.73000000000001108446e+01,1793019337300);
INSERT INTO "Presses" VALUES(104,17,'7835C0AC-0001-0002-0304-050607080903',0,3,0.0,1793101620000);
INSERT INTO "Presses" VALUES(105,17,'6B1731BF-0001-0002-0304-050607080903',0,3,7.99999999999998223643e+00,1793101627999);
INSERT INTO "Presses" VALUES(106,17,'3A761F4A-0001-0002-0304-050607080904',0,4,1.67999999999999758415e+01,1793101636799);
INSERT INTO "Presses" VALUES(107,17,'50C2442D-0001-0002-0304-050607080905',0,5,1.7999999999999975131e+01,1793101637999);
INSERT INTO "Presses" VALUES(108,17,'655E133D-0001-0002-0304-050607080906',0,6,9.68000000000001108429e+01,1793101716800);
INSERT INTO "Presses" VALUES(109,17,'14893CAE-0001-0002-0304-050607080907',0,7,9.68000000000001108429e+01,1793101716800);
INSERT INTO "Presses" VALUES(110,18,'171DE08F-0001-0002-0304-050607080903',0,3,0.0,1793183460000);
INSERT INTO "Presses" VALUES(111,18,'446F7CD4-0001-0002-0304-050607080904',0,4,7.90000000000000746069e+00,1793183467900);
INSERT INTO "Presses" VALUES(112,18,'63BAD2FE-0001-0002-0304-050607080905',0,5,7.90000000000000746069e+00,1793183467900);
INSERT INTO "Presses" VALUES(113,18,'0029EBD5-0001-0002-0304-050607080906',0,6,1.40700000000000159162e+02,1793183600700);
INSERT INTO "Presses" VALUES(114,18,'1519340F-0001-0002-0304-050607080907',0,7,2.28103326505178500833e+02,1793183688103);
INSERT INTO "Presses" VALUES(115,18,'2EFCC81F-0001-0002-0304-050607080908',0,8,2.29703326505178495164e+02,1793183689703);
INSERT INTO "Presses" VALUES(116,19,'08E1AE0A-0001-0002-0304-050607080903',0,3,0.0,1793183940000);
INSERT INTO "Presses" VALUES(117,19,'3F92BF62-0001-0002-0304-050607080903',0,3,2.45000000000000071062e+01,1793183964500);
INSERT INTO "Presses" VALUES(118,19,'1EA04C78-0001-0002-0304-050607080904',0,4,2.58000000000000078164e+01,1793183965800);
INSERT INTO "Presses" VALUES(119,19,'07774A29-0001-0002-0304-050607080905',0,5,3.89999999999999786837e+01,1793183978999);
INSERT INTO "Presses" VALUES(120,19,'488FD2A4-0001-0002-0304-050607080906',0,6,1.84800000000000181898e+02,1793184124800);
INSERT INTO "Presses" VALUES(121,19,'33239098-0001-0002-0304-050607080907',0,7,6.47612053478147458923e+02,1793184587612);
INSERT INTO "Presses" VALUES(122,19,'0629B64F-0001-0002-0304-050607080908',0,8,6.47612053478147458923e+02,1793184587612);
INSERT INTO "Presses" VALUES(123,20,'5C7EA983-0001-0002-0304-050607080903',0,3,0.0,1793266980000);
INSERT INTO "Presses" VALUES(124,20,'5A84D12E-0001-0002-0304-050607080903',0,3,2.44000000000000056839e+01,1793267004400);
INSERT INTO "Presses" VALUES(125,20,'7F70DDE0-0001-0002-0304-050607080904',0,4,2.59000000000000056847e+01,1793267005900);
INSERT INTO "Presses" VALUES(126,20,'72C49ADD-0001-0002-0304-050607080905',0,5,4.02999999999999758415e+01,1793267020299);
INSERT INTO "Presses" VALUES(127,20,'2CA32A73-0001-0002-0304-050607080906',0,6,1.85400000000000176212e+02,1793267165400);
INSERT INTO "Presses" VALUES(128,20,'799F7D50-0001-0002-0304-050607080907',0,7,4.50937502257978451315e+02,1793267430937);
INSERT INTO "Presses" VALUES(129,20,'53544FE5-0001-0002-0304-050607080908',0,8,4.50937502257978451315e+02,1793267430937);
INSERT INTO "Presses" VALUES(130,21,'47E09623-0001-0002-0304-050607080903',0,3,0.0,1793350380000);
INSERT INTO "Presses" VALUES(131,21,'25CB53DB-0001-0002-0304-050607080903',0,3,2.53000000000000078168e+01,1793350405300);
INSERT INTO "Presses" VALUES(132,21,'1E6BCE79-0001-0002-0304-050607080904',0,4,2.53000000000000078168e+01,1793350405300);
INSERT INTO "Presses" VALUES(133,21,'48785DAE-0001-0002-0304-050607080905',0,5,3.88999999999999772626e+01,1793350418899);
INSERT INTO "Presses" VALUES(134,21,'1763360E-0001-0002-0304-050607080906',0,6,1.84200000000000159161e+02,1793350564200);
INSERT INTO "Presses" VALUES(135,21,'5D7E775B-0001-0002-0304-050607080907',0,7,3.63929409981570302075e+02,1793350743929);
INSERT INTO "Presses" VALUES(136,21,'4E73922E-0001-0002-0304-050607080908',0,8,3.63929409981570302075e+02,1793350743929);
INSERT INTO "Presses" VALUES(137,22,'7C245E65-0001-0002-0304-050607080903',0,3,0.0,1793463900000);
INSERT INTO "Presses" VALUES(138,22,'73DC5450-0001-0002-0304-050607080903',0,3,2.45000000000000071062e+01,1793463924500);
INSERT INTO "Presses" VALUES(139,22,'17DC0400-0001-0002-0304-050607080904',0,4,2.48000000000000078151e+01,1793463924800);
INSERT INTO "Presses" VALUES(140,22,'66DC1781-0001-0002-0304-050607080905',0,5,3.94999999999999786828e+01,1793463939499);
INSERT INTO "Presses" VALUES(141,22,'71FD2204-0001-0002-0304-050607080906',0,6,1.84900000000000176211e+02,1793464084900);
INSERT INTO "Presses" VALUES(142,22,'0DD7CCD8-0001-0002-0304-050607080907',0,7,3.26329335447251764898e+02,1793464226329);
INSERT INTO "Presses" VALUES(143,22,'753B82BE-0001-0002-0304-050607080908',0,8,3.26329335447251764898e+02,1793464226329);
INSERT INTO "Presses" VALUES(144,23,'3E49202B-0001-0002-0304-050607080903',0,3,0.0,1793630160000);
INSERT INTO "Presses" VALUES(145,23,'3008AD56-0001-0002-0304-050607080903',0,3,0.4,1793630160400);
INSERT INTO "Presses" VALUES(146,23,'783A0FF7-0001-0002-0304-050607080904',0,4,3.7,1793630163700);
INSERT INTO "Presses" VALUES(147,23,'7E8B45E9-0001-0002-0304-050607080905',0,5,6.8800000000000082422e+01,1793630228800);
INSERT INTO "Presses" VALUES(148,23,'1F2962E5-0001-0002-0304-050607080906',0,6,7.00000000000000852659e+01,1793630230000);
INSERT INTO "Presses" VALUES(149,23,'5EA992D4-0001-0002-0304-050607080907',0,7,1.63400000000000289899e+02,1793630323400);
INSERT INTO "Presses" VALUES(150,23,'510B379E-0001-0002-0304-050607080908',0,8,3.57071394293804189601e+02,1793630517071);
INSERT INTO "Presses" VALUES(151,23,'5214D03E-0001-0002-0304-050607080909',0,9,3.57071394293804189601e+02,1793630517071);
INSERT INTO "Presses" VALUES(152,24,'7DB062B9-0001-0002-0304-050607080903',0,3,0.0,1793713380000);
INSERT INTO "Presses" VALUES(153,24,'2CEF0D40-0001-0002-0304-050607080904',0,4,6.60000000000000675015e+00,1793713386600);
INSERT INTO "Presses" VALUES(154,24,'5E867513-0001-0002-0304-050607080905',0,5,7.80000000000000692779e+00,1793713387800);
INSERT INTO "Presses" VALUES(155,24,'2C6EAC74-0001-0002-0304-050607080906',0,6,1.40800000000000181902e+02,1793713520800);
INSERT INTO "Presses" VALUES(156,24,'3AA090D6-0001-0002-0304-050607080907',0,7,2.24709988749802164415e+02,1793713604709);
INSERT INTO "Presses" VALUES(157,24,'2227B34F-0001-0002-0304-050607080908',0,8,2.24709988749802164415e+02,1793713604709);
INSERT INTO "Presses" VALUES(158,25,'22F880FB-0001-0002-0304-050607080903',0,3,0.0,1793796420000);
INSERT INTO "Presses" VALUES(159,25,'12A25FDE-0001-0002-0304-050607080903',0,3,2.03000000000000078168e+01,1793796440300);
INSERT INTO "Presses" VALUES(160,25,'59DA00E7-0001-0002-0304-050607080904',0,4,2.41000000000000156328e+01,1793796444100);
INSERT INTO "Presses" VALUES(161,25,'4915A823-0001-0002-0304-050607080905',0,5,2.41000000000000156328e+01,1793796444100);
INSERT INTO "Presses" VALUES(162,25,'0466E6A4-0001-0002-0304-050607080906',0,6,1.36600000000000022738e+02,1793796556600);
INSERT INTO "Presses" VALUES(163,25,'2B9C169D-0001-0002-0304-050607080907',0,7,1.97614778019198752186e+02,1793796617614);
INSERT INTO "Presses" VALUES(164,26,'13CD89C0-0001-0002-0304-050607080903',0,3,0.0,1793878860000);
INSERT INTO "Presses" VALUES(165,26,'4516193F-0001-0002-0304-050607080903',0,3,2.21000000000000085265e+01,1793878882100);
INSERT INTO "Presses" VALUES(166,26,'1598BBB0-0001-0002-0304-050607080904',0,4,2.3600000000000015631e+01,1793878883600);
INSERT INTO "Presses" VALUES(167,26,'7B215E2F-0001-0002-0304-050607080905',0,5,2.45000000000000142099e+01,1793878884500);
INSERT INTO "Presses" VALUES(168,26,'676F301A-0001-0002-0304-050607080906',0,6,1.35600000000000022739e+02,1793878995600);
INSERT INTO "Presses" VALUES(169,26,'6D4704F3-0001-0002-0304-050607080907',0,7,2.00187723879554738451e+02,1793879060187);
INSERT INTO "Presses" VALUES(170,27,'384CC1C0-0001-0002-0304-050607080903',0,3,0.0,1793878560000);
INSERT INTO "Presses" VALUES(171,27,'6F8AC999-0001-0002-0304-050607080903',0,3,2.13000000000000078159e+01,1793878581300);
INSERT INTO "Presses" VALUES(172,27,'7ED642F3-0001-0002-0304-050607080904',0,4,2.42000000000000135011e+01,1793878584200);
INSERT INTO "Presses" VALUES(173,27,'4E052641-0001-0002-0304-050607080905',0,5,1.21199999999999946003e+02,1793878681199);
INSERT INTO "Presses" VALUES(174,27,'47EC9736-0001-0002-0304-050607080906',0,6,1.24230757088498009463e+02,1793878684230);
INSERT INTO "Presses" VALUES(175,27,'7D55F097-0001-0002-0304-050607080907',0,7,1.24230757088498009463e+02,1793878684230);
INSERT INTO "Presses" VALUES(176,27,'2F22FD56-0001-0002-0304-050607080908',0,8,1.78868159935965934442e+02,1793878738868);
INSERT INTO "Presses" VALUES(177,28,'2F69C3BB-0001-0002-0304-050607080903',0,3,0.0,1793960580000);
INSERT INTO "Presses" VALUES(178,28,'591BA6FC-0001-0002-0304-050607080904',0,4,2.82999999999999936051e+01,1793960608299);
INSERT INTO "Presses" VALUES(179,28,'758A7796-0001-0002-0304-050607080905',0,5,3.20999999999999801052e+01,1793960612099);
INSERT INTO "Presses" VALUES(180,28,'041C2210-0001-0002-0304-050607080906',0,6,5.99999999999999786845e+01,1793960639999);
INSERT INTO "Presses" VALUES(181,28,'4799EF3A-0001-0002-0304-050607080907',0,7,1.37979833859414469543e+02,1793960717979);
INSERT INTO "Presses" VALUES(182,28,'70AE1D08-0001-0002-0304-050607080908',0,8,1.37979833859414469543e+02,1793960717979);
INSERT INTO "Presses" VALUES(183,29,'4AD4AE76-0001-0002-0304-050607080902',0,2,0.0,1794126180000);
INSERT INTO "Presses" VALUES(184,29,'54517632-0001-0002-0304-050607080902',0,2,1.0299999999999997158e+01,1794126190299);
INSERT INTO "Presses" VALUES(185,29,'14DC1D0A-0001-0002-0304-050607080903',0,3,1.53300000000000039793e+02,1794126333300);
INSERT INTO "Presses" VALUES(186,29,'6C0FE0C4-0001-0002-0304-050607080904',0,4,1.67099999999999965887e+02,1794126347099);
INSERT INTO "Presses" VALUES(187,29,'45C8637E-0001-0002-0304-050607080905',0,5,2.11399999999999863584e+02,1794126391399);
INSERT INTO "Presses" VALUES(188,29,'7D298208-0001-0002-0304-050607080906',0,6,3.12587940833640232085e+02,1794126492587);
INSERT INTO "Presses" VALUES(189,29,'20B5A0A7-0001-0002-0304-050607080907',0,7,3.12587940833640232085e+02,1794126492587);
INSERT INTO "Presses" VALUES(190,30,'50542301-0001-0002-0304-050607080905',0,5,0.0,1794242520000);
INSERT INTO "Presses" VALUES(191,30,'6A4E7F07-0001-0002-0304-050607080905',0,5,9.09999999999997477573e+00,1794242529099);
INSERT INTO "Presses" VALUES(192,30,'6EDB866A-0001-0002-0304-050607080906',0,6,4.78999999999995722515e+01,1794242567899);
INSERT INTO "Presses" VALUES(193,30,'4E603D7C-0001-0002-0304-050607080907',0,7,7.59999999999999431565e+01,1794242595999);
INSERT INTO "Presses" VALUES(194,30,'41C9D273-0001-0002-0304-050607080908',0,8,91.2,1794242611200);
INSERT INTO "Presses" VALUES(195,30,'13D9EF0E-0001-0002-0304-050607080909',0,9,93.1,1794242613100);
INSERT INTO "Presses" VALUES(196,30,'1335A7FD-0001-0002-0304-05060708090A',0,10,1.66800000000000068212e+02,1794242686800);
INSERT INTO "Presses" VALUES(197,30,'4F246E5D-0001-0002-0304-05060708090B',0,11,2.40313660790041183201e+02,1794242760313);
INSERT INTO "Presses" VALUES(198,31,'1BD4C8B6-0001-0002-0304-050607080904',0,4,0.0,1794325980000);
INSERT INTO "Presses" VALUES(199,31,'13384969-0001-0002-0304-050607080905',0,5,6.60999999999999658922e+01,1794326046099);
INSERT INTO "Presses" VALUES(200,31,'3A30D008-0001-0002-0304-050607080906',0,6,7.13000000000000255795e+01,1794326051300);
INSERT INTO "Presses" VALUES(201,31,'52D8BF35-0001-0002-0304-050607080907',0,7,7.44000000000000625286e+01,1794326054400);
INSERT INTO "Presses" VALUES(202,31,'7860F58D-0001-0002-0304-050607080908',0,8,8.99582239049737921766e+01,1794326069958);
INSERT INTO "Presses" VALUES(203,32,'27E6FB3D-0001-0002-0304-050607080904',0,4,0.0,1794408660000);
INSERT INTO "Presses" VALUES(204,32,'6B97AC9B-0001-0002-0304-050607080905',0,5,6.76999999999999744213e+01,1794408727699);
INSERT INTO "Presses" VALUES(205,32,'06393A22-0001-0002-0304-050607080906',0,6,7.13000000000000255795e+01,1794408731300);
INSERT INTO "Presses" VALUES(206,32,'23074D15-0001-0002-0304-050607080907',0,7,7.61000000000000511582e+01,1794408736100);
INSERT INTO "Presses" VALUES(207,32,'5EBD0C19-0001-0002-0304-050607080908',0,8,8.69234870476135199589e+01,1794408746923);
INSERT INTO "Presses" VALUES(208,33,'76881C48-0001-0002-0304-050607080904',0,4,0.0,1794490380000);
INSERT INTO "Presses" VALUES(209,33,'31AC8832-0001-0002-0304-050607080905',0,5,6.50000000000000710542e+00,1794490386500);
INSERT INTO "Presses" VALUES(210,33,'1A9A8338-0001-0002-0304-050607080906',0,6,7.69999999999999715791e+01,1794490456999);
INSERT INTO "Presses" VALUES(211,33,'4ACC88A4-0001-0002-0304-050607080907',0,7,7.98999999999999772643e+01,1794490459899);
INSERT INTO "Presses" VALUES(212,33,'6947F0D3-0001-0002-0304-050607080908',0,8,9.97054561804929733153e+01,1794490479705);
INSERT INTO "Presses" VALUES(213,34,'5716359E-0001-0002-0304-050607080904',0,4,0.0,1794571380000);
INSERT INTO "Presses" VALUES(214,34,'2625B3D7-0001-0002-0304-050607080905',0,5,7.90000000000000746069e+00,1794571387900);
INSERT INTO "Presses" VALUES(215,34,'60518199-0001-0002-0304-050607080906',0,6,7.67999999999999687343e+01,1794571456799);
INSERT INTO "Presses" VALUES(216,34,'55FF47EE-0001-0002-0304-050607080907',0,7,7.97999999999999687361e+01,1794571459799);
INSERT INTO "Presses" VALUES(217,34,'5E63510A-0001-0002-0304-050607080908',0,8,9.60774962597292869759e+01,1794571476077);
INSERT INTO "Presses" VALUES(218,35,'3C56EF44-0001-0002-0304-050607080901',0,1,0.0,1794902580000);
INSERT INTO "Presses" VALUES(219,35,'5250F741-0001-0002-0304-050607080901',0,1,20.2,1794902600200);
INSERT INTO "Presses" VALUES(220,35,'486BD002-0001-0002-0304-050607080902',0,2,20.2,1794902600200);
INSERT INTO "Presses" VALUES(221,35,'3F9D0AD9-0001-0002-0304-050607080903',0,3,2.29500000000000341053e+02,1794902809500);
INSERT INTO "Presses" VALUES(222,35,'5F006D34-0001-0002-0304-050607080904',0,4,2.49800000000000238737e+02,1794902829800);
INSERT INTO "Presses" VALUES(223,35,'4CD1C6AD-0001-0002-0304-050607080906',0,6,3.10100000000000363808e+02,1794902890100);
INSERT INTO "Presses" VALUES(224,36,'6A6764EF-0001-0002-0304-050607080901',0,1,0.0,1795018620000);
INSERT INTO "Presses" VALUES(225,36,'1751C157-0001-0002-0304-050607080901',0,1,2.52000000000000063944e+01,1795018645200);
INSERT INTO "Presses" VALUES(226,36,'0B74E560-0001-0002-0304-050607080902',0,2,2.52000000000000063944e+01,1795018645200);
INSERT INTO "Presses" VALUES(227,36,'2303A57E-0001-0002-0304-050607080903',0,3,2.2880000000000006821e+02,1795018848800);
INSERT INTO "Presses" VALUES(228,36,'69CE7B1C-0001-0002-0304-050607080904',0,4,2.50099999999999937465e+02,1795018870099);
INSERT INTO "Presses" VALUES(229,36,'445876BF-0001-0002-0304-050607080906',0,6,308.7,1795018928700);
INSERT INTO "Presses" VALUES(230,37,'0521EE12-0001-0002-0304-050607080902',0,2,0.0,1795102560000);
INSERT INTO "Presses" VALUES(231,37,'1F7DA76E-0001-0002-0304-050607080902',0,2,1.40999999999999925393e+01,1795102574099);
INSERT INTO "Presses" VALUES(232,37,'0C2E04D6-0001-0002-0304-050607080903',0,3,7.72999999999999545243e+01,1795102637299);
INSERT INTO "Presses" VALUES(233,37,'48498BF6-0001-0002-0304-050607080904',0,4,7.72999999999999545243e+01,1795102637299);
INSERT INTO "Presses" VALUES(234,37,'662644DD-0001-0002-0304-050607080905',0,5,5.06499999999999431579e+02,1795103066499);
INSERT INTO "Presses" VALUES(235,37,'1E6F7BE2-0001-0002-0304-050607080906',0,6,5.22099999999999567993e+02,1795103082099);
INSERT INTO "Presses" VALUES(236,38,'208C3BB5-0001-0002-0304-050607080902',0,2,0.0,1795267980000);
INSERT INTO "Presses" VALUES(237,38,'156D659E-0001-0002-0304-050607080902',0,2,20.1,1795268000100);
INSERT INTO "Presses" VALUES(238,38,'75EA1CA9-0001-0002-0304-050607080903',0,3,2.34000000000000056847e+01,1795268003400);
INSERT INTO "Presses" VALUES(239,38,'3EAD8697-0001-0002-0304-050607080904',0,4,2.34000000000000056847e+01,1795268003400);
INSERT INTO "Presses" VALUES(240,38,'303F5331-0001-0002-0304-050607080905',0,5,2.75100000000000250105e+02,1795268255100);
INSERT INTO "Presses" VALUES(241,38,'68C73A48-0001-0002-0304-050607080906',0,6,3.00300000000000352437e+02,1795268280300);
INSERT INTO "Presses" VALUES(242,38,'05B458EB-0001-0002-0304-050607080907',0,7,3.10500000000000454737e+02,1795268290500);
INSERT INTO "Presses" VALUES(243,39,'00AAD99C-0001-0002-0304-050607080903',0,3,0.0,1795434660000);
INSERT INTO "Presses" VALUES(244,39,'3A7B1CC7-0001-0002-0304-050607080904',0,4,6.20000000000000728306e+00,1795434666200);
INSERT INTO "Presses" VALUES(245,39,'3F82C5C6-0001-0002-0304-050607080905',0,5,8.20000000000000639488e+00,1795434668200);
INSERT INTO "Presses" VALUES(246,39,'571498AC-0001-0002-0304-050607080906',0,6,1.39700000000000159163e+02,1795434799700);
INSERT INTO "Presses" VALUES(247,39,'6C930E9B-0001-0002-0304-050607080907',0,7,2.34362959823765464755e+02,1795434894362);
INSERT INTO "Presses" VALUES(248,39,'758CAD12-0001-0002-0304-050607080908',0,8,2.36262959823765470454e+02,1795434896262);
CREATE TABLE "Pulses" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Pulses" PRIMARY KEY AUTOINCREMENT,
    "Text" TEXT NOT NULL
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
);
INSERT INTO "Sheets" VALUES(1,'River dripper','vd-water-first',NULL,'Water below','temperature 97 °C → 94 °C; grind 560 µm → 578 µm','It drained slowly in the damp.',NULL,1795486943128,1795486943128,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}');
INSERT INTO "Sheets" VALUES(2,'River dripper for two','vd-water-first',1,'River dripper','dose 22.0 g → 27.5 g; water 340 g → 427 g','Two cups from one paper, as much as it holds.',NULL,1795486943223,1795486943223,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}');
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
    "BrewId" INTEGER NOT NULL,
    "SharpHarsh" INTEGER NULL,
    "ThinHeavy" INTEGER NULL,
    "Score" REAL NULL,
    "Note" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL, "ReadTdsPercent" REAL NULL,
    CONSTRAINT "FK_Tastings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Tastings" VALUES(1,1,0,-3,7.5,'Balanced, thin. Dried apple as it cooled.',1794043902199,NULL);
INSERT INTO "Tastings" VALUES(2,2,-1,-4,6.5,'Balanced, thin. Apricot as it cooled.',1794656898000,1.05);
INSERT INTO "Tastings" VALUES(3,3,-1,-3,6.5,'Balanced, thin. Apricot as it cooled.',1794739879100,1.12);
INSERT INTO "Tastings" VALUES(4,4,0,-2,7.5,'Balanced, thin. Almond as it cooled.',1794822078800,1.2);
INSERT INTO "Tastings" VALUES(5,5,0,1,8.0,'Balanced, of middling body. Lime as it cooled.',1795187800400,NULL);
INSERT INTO "Tastings" VALUES(6,6,0,1,8.0,'Balanced, of middling body. Lime as it cooled.',1795350731000,NULL);
INSERT INTO "Tastings" VALUES(7,7,-1,1,7.5,'Forgot it on the bench: released 3 minutes late. Balanced, of middling body. Plum as it cooled.',1795518777300,NULL);
INSERT INTO "Tastings" VALUES(8,9,1,2,7.0,'Hard to push, about 146 N. Balanced, heavy. Cocoa nib as it cooled.',1792158562400,NULL);
INSERT INTO "Tastings" VALUES(9,10,1,1,7.5,'Balanced, of middling body. Cocoa nib as it cooled.',1792240401800,NULL);
INSERT INTO "Tastings" VALUES(10,11,0,0,8.5,'Balanced, of middling body. Cocoa nib as it cooled.',1792324762300,NULL);
INSERT INTO "Tastings" VALUES(11,12,0,1,8.0,'Balanced, of middling body. Dried apple as it cooled.',1792489699000,NULL);
INSERT INTO "Tastings" VALUES(12,13,-1,3,6.5,'Balanced, heavy. Malt as it cooled.',1792570510800,NULL);
INSERT INTO "Tastings" VALUES(13,14,-1,2,7.0,'Balanced, heavy. Apricot as it cooled.',1792770670400,NULL);
INSERT INTO "Tastings" VALUES(14,15,-2,2,6.5,'Sharp, heavy. Blackcurrant as it cooled.',1792851364300,NULL);
INSERT INTO "Tastings" VALUES(15,16,0,4,7.0,'Balanced, heavy. Walnut as it cooled.',1793019937300,NULL);
INSERT INTO "Tastings" VALUES(16,17,0,3,7.5,'Balanced, heavy. Walnut as it cooled.',1793102316800,NULL);
INSERT INTO "Tastings" VALUES(17,18,1,0,8.0,'Balanced, of middling body. Cocoa nib as it cooled.',1793184289703,NULL);
INSERT INTO "Tastings" VALUES(18,19,2,1,7.0,'It stalled: 7:43 to drain. Harsh, of middling body. Almond as it cooled.',1793185187612,1.38);
INSERT INTO "Tastings" VALUES(19,20,2,1,7.0,'It stalled: 4:26 to drain. Harsh, of middling body. Almond as it cooled.',1793268030937,1.38);
INSERT INTO "Tastings" VALUES(20,21,1,1,7.5,'Balanced, of middling body. Almond as it cooled.',1793351343929,1.32);
INSERT INTO "Tastings" VALUES(21,22,1,0,8.0,'Balanced, of middling body. Almond as it cooled.',1793464826329,1.33);
INSERT INTO "Tastings" VALUES(22,23,-1,-1,7.5,'Balanced, of middling body. Blackcurrant as it cooled.',1793631117071,NULL);
INSERT INTO "Tastings" VALUES(23,24,1,0,8.0,'Balanced, of middling body. Dried apple as it cooled.',1793714204709,NULL);
INSERT INTO "Tastings" VALUES(24,25,1,-1,7.5,'Balanced, of middling body. Lime as it cooled.',1793797217614,NULL);
INSERT INTO "Tastings" VALUES(25,26,1,-1,7.5,'Balanced, of middling body. Cocoa nib as it cooled.',1793879660187,NULL);
INSERT INTO "Tastings" VALUES(26,27,1,1,7.5,'Balanced, of middling body. Cocoa nib as it cooled.',1793879338868,NULL);
INSERT INTO "Tastings" VALUES(27,28,1,1,7.5,'Balanced, of middling body. Almond as it cooled.',1793961317979,NULL);
INSERT INTO "Tastings" VALUES(28,29,1,-2,7.0,'Balanced, thin. Lime as it cooled. Cold and clear.',1794127092587,NULL);
INSERT INTO "Tastings" VALUES(29,30,1,-4,6.5,'Balanced, thin. Lime as it cooled. Cold and clear.',1794243360313,NULL);
INSERT INTO "Tastings" VALUES(30,31,0,1,8.0,'Balanced, of middling body. Walnut as it cooled.',1794326669958,NULL);
INSERT INTO "Tastings" VALUES(31,32,0,0,8.5,'Balanced, of middling body. Walnut as it cooled.',1794409346923,NULL);
INSERT INTO "Tastings" VALUES(32,33,1,2,7.0,'Balanced, heavy. Almond as it cooled.',1794491079705,NULL);
INSERT INTO "Tastings" VALUES(33,34,0,2,7.5,'Balanced, heavy. Cocoa nib as it cooled.',1794572076077,NULL);
INSERT INTO "Tastings" VALUES(34,35,-2,3,6.0,'Sharp, heavy. Malt as it cooled.',1794903490100,NULL);
INSERT INTO "Tastings" VALUES(35,36,-1,4,6.5,'Balanced, heavy. Treacle as it cooled.',1795019528700,NULL);
INSERT INTO "Tastings" VALUES(36,37,-1,-3,6.5,'Balanced, thin. Treacle as it cooled.',1795103682099,NULL);
INSERT INTO "Tastings" VALUES(37,38,0,2,7.5,'Balanced, heavy. Walnut as it cooled.',1795268890500,NULL);
INSERT INTO "Tastings" VALUES(38,39,1,0,8.0,'Balanced, of middling body. Cocoa nib as it cooled.',1795435496262,NULL);
CREATE TABLE "Turns" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Turns" PRIMARY KEY AUTOINCREMENT,
    "SheetId" INTEGER NOT NULL,
    "Position" INTEGER NOT NULL,
    "StateJson" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Turns_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
);
INSERT INTO "Turns" VALUES(1,1,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795486943128);
INSERT INTO "Turns" VALUES(2,2,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795486943223);
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
    "TotalG" REAL NOT NULL,
    CONSTRAINT "FK_Weighings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Weighings" VALUES(1,1,2,128.0);
INSERT INTO "Weighings" VALUES(2,1,3,820.0);
INSERT INTO "Weighings" VALUES(3,5,3,480.0);
INSERT INTO "Weighings" VALUES(4,6,2,481.0);
INSERT INTO "Weighings" VALUES(5,7,2,54.0);
INSERT INTO "Weighings" VALUES(6,7,4,403.0);
INSERT INTO "Weighings" VALUES(7,8,2,58.0);
INSERT INTO "Weighings" VALUES(8,8,4,403.0);
INSERT INTO "Weighings" VALUES(9,9,3,229.0);
INSERT INTO "Weighings" VALUES(10,10,3,224.0);
INSERT INTO "Weighings" VALUES(11,11,3,228.0);
INSERT INTO "Weighings" VALUES(12,12,3,235.0);
INSERT INTO "Weighings" VALUES(13,13,2,229.0);
INSERT INTO "Weighings" VALUES(14,14,2,231.0);
INSERT INTO "Weighings" VALUES(15,15,2,208.0);
INSERT INTO "Weighings" VALUES(16,16,3,130.0);
INSERT INTO "Weighings" VALUES(17,17,3,130.0);
INSERT INTO "Weighings" VALUES(18,19,3,386.0);
INSERT INTO "Weighings" VALUES(19,20,3,385.0);
INSERT INTO "Weighings" VALUES(20,21,3,385.0);
INSERT INTO "Weighings" VALUES(21,22,3,386.0);
INSERT INTO "Weighings" VALUES(22,23,3,92.0);
INSERT INTO "Weighings" VALUES(23,23,5,400.0);
INSERT INTO "Weighings" VALUES(24,25,3,270.0);
INSERT INTO "Weighings" VALUES(25,26,3,272.0);
INSERT INTO "Weighings" VALUES(26,27,3,282.0);
INSERT INTO "Weighings" VALUES(27,28,4,149.0);
INSERT INTO "Weighings" VALUES(28,29,2,178.0);
INSERT INTO "Weighings" VALUES(29,29,4,247.0);
INSERT INTO "Weighings" VALUES(30,30,5,70.0);
INSERT INTO "Weighings" VALUES(31,30,6,110.0);
INSERT INTO "Weighings" VALUES(32,30,8,235.0);
INSERT INTO "Weighings" VALUES(33,35,1,349.0);
INSERT INTO "Weighings" VALUES(34,36,1,398.0);
INSERT INTO "Weighings" VALUES(35,37,2,126.0);
INSERT INTO "Weighings" VALUES(36,37,3,787.0);
INSERT INTO "Weighings" VALUES(37,38,2,476.0);
CREATE TABLE "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);
INSERT INTO "__EFMigrationsHistory" VALUES('20261123143507_FirstBrew','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123153118_VesselDetails','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123164137_ShelfAndPlans','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261125225957_JobsAndExtras','10.0.14');
CREATE TABLE "__EFMigrationsLock" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK___EFMigrationsLock" PRIMARY KEY,
    "Timestamp" TEXT NOT NULL
);
CREATE UNIQUE INDEX "IX_Baristas_Name" ON "Baristas" ("Name");
CREATE INDEX "IX_Notes_BrewId" ON "Notes" ("BrewId");
CREATE INDEX "IX_Presses_BrewId" ON "Presses" ("BrewId");
CREATE UNIQUE INDEX "IX_Presses_Key" ON "Presses" ("Key");
CREATE UNIQUE INDEX "IX_Tastings_BrewId" ON "Tastings" ("BrewId");
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
DELETE FROM "sqlite_sequence";
INSERT INTO "sqlite_sequence" VALUES('Brews',39);
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
INSERT INTO "sqlite_sequence" VALUES('Presses',248);
INSERT INTO "sqlite_sequence" VALUES('Tastings',38);
INSERT INTO "sqlite_sequence" VALUES('Weighings',37);
INSERT INTO "sqlite_sequence" VALUES('Sheets',2);
INSERT INTO "sqlite_sequence" VALUES('Turns',2);
COMMIT;
