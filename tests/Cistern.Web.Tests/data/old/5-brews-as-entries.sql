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
}','fp-slow-eight',NULL,1794042780000,1,0.0,'0,24 1,23 2,21.2 3,20.3 4,20.3 5,20.3 6,20.3 7,20.3 8,20.3 9,20.3 10,20.3 11,16.2 12,12.2 13,8.5 14,3.5 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,3.9 99,11.4 100,18.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(2,3,2,'Quiet Orchard',1794655397500,NULL,'{"finishS":257.0000000000002,"beverageG":331.52950517400205,"tdsPercent":1.064612687232714,"extractionYieldPercent":14.706271558342761,"dissolvedYieldPercent":17.263015766216945,"tilt":-0.4099433683975729,"slurryEndC":83.68097494385434,"streamC":83.88650944354822,"drawdownS":null,"pressForceN":14.327214490570409,"peakVolumeMl":433.8372508654724,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.09410937967635293}','Ferrule, 38 clicks','1.0','Water before coffee',1794654960000,'Weir House','{
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
}','fp-water-first',NULL,1794655140000,1,0.0,'0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(3,3,2,'Quiet Orchard',1794738438300,NULL,'{"finishS":257.0000000000002,"beverageG":331.7073732472695,"tdsPercent":1.1176638043876328,"extractionYieldPercent":15.447388530290489,"dissolvedYieldPercent":18.126851528957587,"tilt":-0.259422596175613,"slurryEndC":83.68097494385434,"streamC":83.88651006987907,"drawdownS":null,"pressForceN":15.13122286057957,"peakVolumeMl":432.6324861861374,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.10014598535248663}','Ferrule, 34 clicks','1.0','Water before coffee',1794738000000,'Weir House','{
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
}','fp-water-first',NULL,1794738180000,1,0.0,'0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24','4 clicks finer: it was thin.',NULL);
INSERT INTO "Brews" VALUES(4,3,4,'Quiet Orchard',1794820399100,NULL,'{"finishS":257.0000000000002,"beverageG":331.92901031505323,"tdsPercent":1.1836899436190305,"extractionYieldPercent":16.370876312722746,"dissolvedYieldPercent":19.20183043466437,"tilt":-0.06660293886118133,"slurryEndC":83.68097494385434,"streamC":83.88651108892559,"drawdownS":null,"pressForceN":16.582114892450363,"peakVolumeMl":431.5107746349065,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.10938354941644313}','Ferrule, 29 clicks','1.0','Water before coffee',1794819960000,'Weir House','{
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
}','fp-water-first',NULL,1794820140000,1,0.0,'0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24','5 clicks finer: it was thin.',NULL);
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
}','fp-long-settle',NULL,1795183620000,1,0.0,'0,24 1,19.9 2,12.4 3,4.5 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,2.4 99,9.6 100,17.5 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(6,1,3,'Kestrel Terrace',1795352291700,NULL,'{"finishS":310.00000000000045,"beverageG":409.55598924285465,"tdsPercent":1.3565884491460964,"extractionYieldPercent":16.836331038953322,"dissolvedYieldPercent":19.94584466455116,"tilt":-0.12029284960343584,"slurryEndC":80.18250929074938,"streamC":80.48906025344128,"drawdownS":null,"pressForceN":24.69119837082384,"peakVolumeMl":537.0714756470429,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.24539049245917308}','Ferrule, 29 clicks','1.0','High Hut press',1795351800000,'High Hut','{
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
}','hut-press',NULL,1795351980000,1,0.0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,18 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(7,2,3,'Blue Ferry',1795516916800,NULL,'{"finishS":295.00000000000045,"beverageG":347.2253102525834,"tdsPercent":1.2168785304014962,"extractionYieldPercent":15.64929723179138,"dissolvedYieldPercent":18.51714771615603,"tilt":-0.4054253125497419,"slurryEndC":82.3034553476727,"streamC":82.5975367450129,"drawdownS":null,"pressForceN":17.623142916207396,"peakVolumeMl":458.1527187007868,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20639261682665822}','Ferrule, 35 clicks','1.0','Bloomed and broken',1795516260000,'Weir House','{
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
}','fp-bloomed',NULL,1795516440000,1,0.0,'0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(8,2,1,'Blue Ferry',1795599836800,NULL,'{"finishS":295.00000000000045,"beverageG":347.2297593467145,"tdsPercent":1.218144249695852,"extractionYieldPercent":15.66577535820277,"dissolvedYieldPercent":18.53637262942004,"tilt":-0.40303797904849503,"slurryEndC":82.3034553476727,"streamC":82.59753680311807,"drawdownS":null,"pressForceN":17.53027838785529,"peakVolumeMl":456.9358619733355,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20638997229474382}','Ferrule, 35 clicks','1.0','Bloomed and broken',1795599360000,'Weir House','{
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
}','fp-bloomed',NULL,1795599540000,1,0.0,'0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(9,NULL,2,'Blue Ferry',1792157301800,NULL,'{"finishS":80.00000000000004,"beverageG":203.88117901233912,"tdsPercent":1.4131657597311553,"extractionYieldPercent":19.20786008225706,"dissolvedYieldPercent":21.5747395013123,"tilt":0.4561660534317488,"slurryEndC":87.00296131438799,"streamC":87.80654398629206,"drawdownS":null,"pressForceN":155.7961141337752,"peakVolumeMl":247.97052062824838,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001625395177030253}','Ferrule, 9 clicks','1.0','Upright, short and fine',1792157040000,'Weir House','{
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
}','tp-upright-short',NULL,1792157220000,1,0.0,'0,24 1,22.1 3,20 4,18.1 5,16.2 6,14.3 8,12.3 9,10.4 10,8.5 11,6.6 13,4.7 14,2.8 15,1 17,1 18,1.1 19,1.1 21,1.1 22,1.1 23,1.1 25,1.1 26,1.1 27,1.1 29,1.1 31,1.1 33,1.1 34,1.1 35,1.1 37,1.1 39,1.1 41,1.1 43,1.1 45,1.1 47,1.1 48,1.1 50,1.1 51,1.2 52,1.2 53,1.2 55,1.2 56,1.2 57,1.2 58,1.2 60,1.2 61,1.2 62,1.2 63,1.2 65,1.2 66,1.2 67,1.2 68,1.2 70,1.8 71,2.7 72,3.6 74,4.6 75,5.5 77,6.6 78,7.5 80,8.5 82,9.7 83,10.6 85,11.5 86,12.5 88,13.6 90,14.8 92,16.1 94,17.4 96,18.9 98,20.5 100,21.3 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(10,NULL,3,'Blue Ferry',1792240341800,NULL,'{"finishS":80.00000000000004,"beverageG":203.77215137182395,"tdsPercent":1.360417188100209,"extractionYieldPercent":18.481009145492457,"dissolvedYieldPercent":20.809946667231944,"tilt":0.30988593904803297,"slurryEndC":86.99662088192268,"streamC":87.80801351086069,"drawdownS":null,"pressForceN":109.85550893406807,"peakVolumeMl":245.62947642656204,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0014121274875791845}','Ferrule, 12 clicks','1.0','Upright, short and fine',1792240080000,'Weir House','{
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
}','tp-upright-short',NULL,1792240260000,1,0.0,'0,24 1,22.1 3,20 4,18.1 5,16.2 6,14.2 8,12.3 9,10.4 10,8.5 11,6.6 13,4.7 14,2.8 15,1 17,1.1 18,1.1 19,1.1 21,1.1 22,1.1 23,1.1 25,1.2 26,1.2 27,1.2 29,1.2 31,1.2 33,1.2 34,1.2 35,1.2 37,1.2 39,1.2 41,1.2 43,1.2 45,1.2 47,1.2 48,1.2 50,1.2 51,1.2 52,1.2 53,1.2 55,1.2 56,1.2 57,1.2 58,1.2 60,1.3 61,1.3 62,1.3 63,1.3 65,1.3 66,1.3 67,1.3 68,1.3 70,1.9 71,2.8 72,3.7 74,4.6 75,5.6 77,6.6 78,7.6 80,8.6 82,9.8 83,10.6 85,11.5 86,12.5 88,13.6 90,14.8 92,16.1 94,17.4 96,18.9 98,20.5 100,21.3 100,24 0,24','3 clicks coarser: it took 156 N at the hand.',NULL);
INSERT INTO "Brews" VALUES(11,NULL,4,'Blue Ferry',1792324821700,NULL,'{"finishS":80.00000000000004,"beverageG":203.64342187623814,"tdsPercent":1.2980639648867727,"extractionYieldPercent":17.62281250825196,"dissolvedYieldPercent":19.89875761224979,"tilt":0.15972214230569254,"slurryEndC":86.98909931706947,"streamC":87.8097782916914,"drawdownS":null,"pressForceN":84.75378617122387,"peakVolumeMl":243.09151344307173,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001260510904708268}','Ferrule, 15 clicks','1.0','Upright, short and fine',1792324560000,'Weir House','{
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
}','tp-upright-short',NULL,1792324740000,1,0.0,'0,24 1,22 3,20 4,18.1 5,16.1 6,14.2 8,12.3 9,10.4 10,8.5 11,6.6 13,4.7 14,2.8 15,1 17,1.1 18,1.1 19,1.2 21,1.2 22,1.2 23,1.2 25,1.2 26,1.2 27,1.2 29,1.2 31,1.2 33,1.3 34,1.3 35,1.3 37,1.3 39,1.3 41,1.3 43,1.3 45,1.3 47,1.3 48,1.3 50,1.3 51,1.3 52,1.3 53,1.3 55,1.3 56,1.3 57,1.3 58,1.3 60,1.4 61,1.4 62,1.4 63,1.4 65,1.4 66,1.4 67,1.4 68,1.4 70,2 71,2.9 72,3.8 74,4.7 75,5.6 77,6.7 78,7.6 80,8.7 82,9.8 83,10.7 85,11.6 86,12.6 88,13.7 90,14.8 92,16.1 94,17.5 96,18.9 98,20.5 100,21.3 100,24 0,24','3 clicks coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(12,NULL,1,'Tidewrack',1792487659600,NULL,'{"finishS":138.00000000000003,"beverageG":211.28994316842724,"tdsPercent":1.367761818234761,"extractionYieldPercent":18.06214480267296,"dissolvedYieldPercent":20.414415600631127,"tilt":0.16209127692230652,"slurryEndC":86.43447773181802,"streamC":87.35193770888573,"drawdownS":null,"pressForceN":71.5484442776245,"peakVolumeMl":255.23361807549085,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001177372926780669}','Ferrule, 18 clicks','1.0','Upright, held back',1792487340000,'Weir House','{
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
}','tp-upright-held',NULL,1792487520000,1,0.0,'0,24 1,22 2,19.9 3,16.1 4,14.2 5,10.3 6,8.4 7,6.5 8,2.7 9,1 10,1.1 11,1.2 12,1.2 13,1.2 14,1.2 15,1.2 16,1.2 17,1.2 18,1.2 19,1.2 20,1.2 21,1.2 22,1.2 24,1.2 25,1.2 26,1.2 27,1.2 28,1.2 29,1.2 30,1.2 31,1.2 32,1.2 33,1.2 34,1.2 35,1.2 36,1.2 37,1.2 38,1.2 39,1.2 40,1.2 41,1.2 42,1.2 43,1.2 44,1.2 45,1.2 46,1.2 47,1.2 48,1.2 49,1.2 50,1.2 51,1.2 52,1.2 53,1.2 54,1.2 55,1.2 56,1.2 57,1.2 58,1.2 59,1.2 61,1.2 62,1.2 63,1.2 64,1.2 66,1.2 67,1.2 68,1.2 70,1.2 71,1.2 72,1.2 73,1.2 74,1.2 75,1.2 76,1.2 77,1.2 78,1.2 79,1.2 80,1.6 81,2.4 82,3.2 83,4 84,5.7 85,6.5 86,7.4 87,8.4 88,9.2 89,10.8 90,11.8 91,12.8 92,13.9 94,15 95,16.3 96,17.7 97,18.4 98,19.1 99,20.6 100,21.3 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(13,NULL,4,'Tidewrack',1792572550300,NULL,'{"finishS":129.0000000000001,"beverageG":203.20354998431557,"tdsPercent":1.478099169304575,"extractionYieldPercent":16.686388801753196,"dissolvedYieldPercent":19.221451146896776,"tilt":-0.33168658068087986,"slurryEndC":78.67039412129105,"streamC":79.74106793241617,"drawdownS":null,"pressForceN":66.51599928195026,"peakVolumeMl":258.90248335558346,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0012679755582729077}','Ferrule, 21 clicks','1.0','Turned over',1792572240000,'Weir House','{
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
}','tp-turned',NULL,1792572420000,1,0.0,'0,24 1,22.5 2,20.9 3,17.6 4,15.9 5,14.5 6,12.8 7,11 8,8.9 9,7.4 10,5.8 11,4 12,2.1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 61,1 62,1 63,1 64,1 65,1 67,1 68,1 69,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1.7 79,3.1 80,4 81,4.8 82,5.4 83,6.2 84,7.1 85,8 86,8.7 87,9.5 88,10.3 89,11.2 90,12.2 91,13.3 92,14.4 93,15.1 95,16.4 96,17.7 97,18.4 98,19 99,20.4 100,21.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(14,NULL,1,'Quiet Orchard',1792769951300,NULL,'{"finishS":129.0000000000001,"beverageG":203.15699046008996,"tdsPercent":1.455519917573732,"extractionYieldPercent":16.427724778277643,"dissolvedYieldPercent":18.932793081088256,"tilt":-0.3919774814554289,"slurryEndC":78.67039412129105,"streamC":79.74105856034173,"drawdownS":null,"pressForceN":61.944649706414125,"peakVolumeMl":255.94705451039803,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001236698203291976}','Ferrule, 22 clicks','1.0','Turned over',1792769640000,'Weir House','{
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
}','tp-turned',NULL,1792769820000,1,0.0,'0,24 1,22.5 2,20.9 3,17.6 4,15.9 5,14.5 6,12.8 7,11 8,8.9 9,7.4 10,5.8 11,4 12,2.1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 61,1 62,1 63,1 64,1 65,1 67,1 68,1 69,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1.7 79,3.1 80,4 81,4.8 82,5.4 83,6.2 84,7.1 85,8 86,8.7 87,9.5 88,10.3 89,11.2 90,12.2 91,13.3 92,14.4 93,15.1 95,16.4 96,17.7 97,18.4 98,19 99,20.4 100,21.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(15,NULL,2,'Kestrel Terrace',1792853762100,NULL,'{"finishS":122.00000000000011,"beverageG":179.4225064295884,"tdsPercent":1.4616373841693326,"extractionYieldPercent":15.42650840934405,"dissolvedYieldPercent":17.959323500693564,"tilt":-0.7418755492432967,"slurryEndC":75.77155253811011,"streamC":76.78880818202703,"drawdownS":null,"pressForceN":55.51521811126263,"peakVolumeMl":229.39427831311212,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0012612221328037534}','Ferrule, 24 clicks','1.0','Turned over, cooler and brighter',1792853460000,'Weir House','{
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
}','tp-turned-cool',NULL,1792853640000,1,0.0,'0,24 1,22.6 2,21.2 3,19.9 4,18.3 5,16.8 6,14.1 7,12.4 9,10.6 10,7.8 11,6.2 13,4.5 14,2.6 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 34,1 35,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 66,1 67,1 68,1 69,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1.7 79,2.4 80,3.3 81,4.2 82,5 83,6.5 84,7.4 86,8.5 87,9.2 88,10.9 90,11.9 91,12.9 92,14 93,15.2 95,16.5 97,17.9 98,19.4 99,20.2 100,20.9 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(16,NULL,4,'Night Barge',1793016276200,NULL,'{"finishS":95.00000000000011,"beverageG":97.93567101614735,"tdsPercent":3.201765999673397,"extractionYieldPercent":14.253050073395451,"dissolvedYieldPercent":19.831924722582034,"tilt":-0.06953308887038977,"slurryEndC":81.2717922925624,"streamC":81.99640903451473,"drawdownS":null,"pressForceN":77.78416585677637,"peakVolumeMl":161.92284067979466,"dilutedG":207.93567101614735,"dilutedTdsPercent":1.5080005276744928,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.003716814170571802}','Ferrule, 16 clicks','1.0','Short brew, let down',1793016000000,'Weir House','{
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
}','tp-short-bypass',NULL,1793016180000,1,0.0,'0,24 1,21.1 2,18.2 3,15.1 4,12.2 5,9.3 6,6.5 7,3.6 8,1 9,1 10,1.1 11,1.1 12,1.2 13,1.2 14,1.2 15,1.3 17,1.3 18,1.3 19,1.3 20,1.3 21,1.3 22,1.3 24,1.4 25,1.4 26,1.4 28,1.4 29,1.4 30,1.4 32,1.4 33,1.4 34,1.4 36,1.4 38,1.4 40,1.4 42,1.4 43,1.4 44,1.4 45,1.4 46,1.4 47,1.4 48,1.4 49,1.4 50,1.4 51,1.4 52,1.4 53,1.4 55,1.4 56,1.4 57,1.4 58,1.4 59,1.5 60,1.5 61,1.5 62,1.5 63,1.5 64,1.5 65,1.5 67,1.5 68,1.5 69,1.5 70,1.5 72,1.5 73,1.5 75,1.5 76,1.5 78,1.5 79,1.5 80,2.4 81,3.3 82,4.1 84,5.1 85,6 86,6.9 87,7.8 88,8.8 90,10 91,10.9 92,11.8 94,12.8 95,13.9 97,15.1 98,16.3 100,17.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(17,NULL,1,'Night Barge',1793101295900,NULL,'{"finishS":95.00000000000011,"beverageG":97.879611990885,"tdsPercent":3.146326316834447,"extractionYieldPercent":13.998236322202997,"dissolvedYieldPercent":19.507109082651088,"tilt":-0.1343999240359601,"slurryEndC":81.26584792263438,"streamC":82.00050988822751,"drawdownS":null,"pressForceN":72.33791227382679,"peakVolumeMl":160.61166171308076,"dilutedG":207.879611990885,"dilutedTdsPercent":1.4814401284430398,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.003602147180961973}','Ferrule, 17 clicks','1.0','Short brew, let down',1793101020000,'Weir House','{
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
}','tp-short-bypass',NULL,1793101200000,1,0.0,'0,24 1,21.1 2,18.2 3,15.1 4,12.2 5,9.3 6,6.5 7,3.6 8,1 9,1 10,1.1 11,1.1 12,1.2 13,1.2 14,1.3 15,1.3 17,1.4 18,1.4 19,1.4 20,1.4 21,1.4 22,1.4 24,1.4 25,1.4 26,1.4 28,1.4 29,1.4 30,1.4 32,1.4 33,1.4 34,1.4 36,1.4 38,1.4 40,1.4 42,1.5 43,1.5 44,1.5 45,1.5 46,1.5 47,1.5 48,1.5 49,1.5 50,1.5 51,1.5 52,1.5 53,1.5 55,1.5 56,1.5 57,1.5 58,1.5 59,1.5 60,1.5 61,1.5 62,1.5 63,1.5 64,1.5 65,1.5 67,1.5 68,1.5 69,1.5 70,1.5 72,1.5 73,1.5 75,1.5 76,1.5 78,1.6 79,1.6 80,2.4 81,3.3 82,4.1 84,5.1 85,6.1 86,6.9 87,7.8 88,8.9 90,10 91,10.9 92,11.8 94,12.8 95,13.9 97,15.1 98,16.3 100,17.7 100,24 0,24','1 click coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(18,NULL,2,'Blue Ferry',1793182609703,NULL,'{"finishS":228.0033265051785,"beverageG":298.82452660903135,"tdsPercent":1.3133214510754707,"extractionYieldPercent":17.838757313777894,"dissolvedYieldPercent":20.984930001471238,"tilt":0.23948724158188317,"slurryEndC":83.05309167329585,"streamC":86.89240861815323,"drawdownS":89.00332650517834,"pressForceN":null,"peakVolumeMl":379.8492664760332,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011121255647934735}','Ferrule, 19 clicks','1.0','Water below',1793182200000,'Weir House','{
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
}','vd-water-first',NULL,1793182380000,1,0.0,'0,24 1,20.6 2,17.6 3,14.5 4,11 5,7.4 6,4 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,2.6 66,3.5 67,4.4 68,5.5 69,6.3 70,7.2 71,8.1 72,8.9 73,9.6 74,10.3 75,11 76,11.6 77,12.5 78,13 79,13.5 80,14 81,14.6 82,15 83,15.6 84,15.9 85,16.4 86,16.8 87,17.2 88,17.6 89,18 90,18.3 91,18.6 92,18.8 93,19.1 94,19.4 95,19.7 96,20 97,20.2 98,20.4 99,20.6 100,20.8 100,24 0,24','',NULL);
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
}','vd-coffee-first',NULL,1793182260000,1,0.0,'0,24 1,19.8 2,14 3,8 4,1.2 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1.2 30,1.8 31,2.5 32,3.1 33,3.6 34,4.3 35,4.8 36,5.3 37,5.9 38,6.4 39,7 40,7.4 41,7.9 42,8.4 43,8.8 44,9.2 45,9.6 46,10 47,10.5 48,10.9 49,11.2 50,11.6 51,11.9 52,12.3 53,12.6 54,12.9 55,13.2 56,13.5 57,13.8 58,14.1 59,14.4 60,14.7 61,14.9 62,15.2 63,15.4 64,15.6 65,15.9 66,16.1 67,16.3 68,16.6 69,16.8 70,17 71,17.2 72,17.4 73,17.5 74,17.7 75,17.9 76,18.1 77,18.2 78,18.4 79,18.5 80,18.7 81,18.8 82,19 83,19.1 84,19.3 85,19.4 86,19.5 87,19.6 88,19.8 89,19.9 90,20 91,20.1 92,20.2 93,20.3 94,20.4 95,20.5 96,20.6 97,20.7 98,20.8 99,20.9 100,21 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(20,NULL,3,'Quiet Orchard',1793267010137,NULL,'{"finishS":448.63750225797844,"beverageG":338.405263740758,"tdsPercent":1.3608725548117868,"extractionYieldPercent":19.18860149286008,"dissolvedYieldPercent":22.26156329779249,"tilt":0.5572795154395356,"slurryEndC":73.94731231812352,"streamC":84.01573484267965,"drawdownS":265.63750225797827,"pressForceN":null,"peakVolumeMl":426.916230703373,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001306464252702142}','Ferrule, 13 clicks','1.0','Coffee below',1793266380000,'Weir House','{
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
}','vd-coffee-first',NULL,1793266560000,1,0.0,'0,24 1,20.9 2,16.6 3,12.9 4,8 5,3.1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1.6 43,2.4 44,3.2 45,3.8 46,4.6 47,5.1 48,5.8 49,6.3 50,7 51,7.5 52,8 53,8.6 54,9.1 55,9.6 56,10.1 57,10.6 58,10.9 59,11.4 60,11.9 61,12.3 62,12.7 63,13 64,13.4 65,13.7 66,14.1 67,14.4 68,14.7 69,15 70,15.3 71,15.6 72,16 73,16.2 74,16.4 75,16.7 76,17 77,17.2 78,17.4 79,17.6 80,17.9 81,18.1 82,18.3 83,18.5 84,18.7 85,18.8 86,19 87,19.2 88,19.4 89,19.5 90,19.7 91,19.8 92,20 93,20.1 94,20.2 95,20.4 96,20.5 97,20.6 98,20.7 99,20.8 100,20.9 100,24 0,24','4 clicks coarser: it drained for 7:44.',NULL);
INSERT INTO "Brews" VALUES(21,NULL,4,'Quiet Orchard',1793348404629,NULL,'{"finishS":362.2294099815703,"beverageG":338.32054217538337,"tdsPercent":1.3361713558145047,"extractionYieldPercent":18.835592397432514,"dissolvedYieldPercent":21.91435608454694,"tilt":0.4116780237436761,"slurryEndC":78.03561795935501,"streamC":85.04385539924517,"drawdownS":179.22940998157014,"pressForceN":null,"peakVolumeMl":426.2358782561977,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011368780607437649}','Ferrule, 17 clicks','1.0','Coffee below',1793347860000,'Weir House','{
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
}','vd-coffee-first',NULL,1793348040000,1,0.0,'0,24 1,21.9 2,18.6 3,14 4,11.8 5,8 6,4.9 7,1.2 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1.9 53,3 54,3.6 55,4.4 56,5.3 57,6.1 58,6.7 59,7.4 60,7.9 61,8.6 62,9.1 63,9.8 64,10.3 65,10.8 66,11.4 67,11.9 68,12.3 69,12.9 70,13.3 71,13.7 72,14.1 73,14.5 74,14.8 75,15.2 76,15.6 77,16 78,16.3 79,16.6 80,16.9 81,17.2 82,17.4 83,17.7 84,17.9 85,18.2 86,18.4 87,18.6 88,18.9 89,19.1 90,19.3 91,19.5 92,19.7 93,19.8 94,20 95,20.2 96,20.4 97,20.5 98,20.7 99,20.8 100,20.9 100,24 0,24','4 clicks coarser: it drained for 4:25.',NULL);
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
}','vd-coffee-first',NULL,1793463900000,1,0.0,'0,24 1,21.9 2,18.6 3,15.3 4,12.9 5,9.4 6,6.5 7,3.1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1.5 58,2.4 59,3.4 60,4.2 61,5.2 62,5.9 63,6.7 64,7.6 65,8.4 66,8.8 67,9.6 68,10.3 69,10.9 70,11.5 71,11.8 72,12.4 73,13 74,13.5 75,13.9 76,14.4 77,14.8 78,15.2 79,15.6 80,15.9 81,16.4 82,16.7 83,17 84,17.3 85,17.7 86,17.9 87,18.2 88,18.5 89,18.7 90,19 91,19.2 92,19.4 93,19.6 94,19.9 95,20 96,20.2 97,20.4 98,20.6 99,20.8 100,21 100,24 0,24','3 clicks coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(23,NULL,1,'Kestrel Terrace',1793632016371,NULL,'{"finishS":355.2713942938042,"beverageG":348.2706040863807,"tdsPercent":1.3267281338606955,"extractionYieldPercent":17.11334846807633,"dissolvedYieldPercent":20.41725816439136,"tilt":-0.11970312495661668,"slurryEndC":77.13477278333089,"streamC":84.1220725959168,"drawdownS":192.2713942938039,"pressForceN":null,"peakVolumeMl":445.62660191434384,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0004836121561324289}','Ferrule, 27 clicks','1.0','Two pours, dense paper',1793631480000,'Weir House','{
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
}','vd-two-pours',NULL,1793631660000,1,0.0,'0,24 1,22.6 2,20.4 3,18.8 4,18.8 5,18.8 6,18.8 7,18.8 8,18.8 9,18.8 10,18.8 11,18.8 12,18.8 13,18.8 14,18.8 15,18.8 16,18.8 17,16.5 18,13.3 19,8.4 20,5 21,2.3 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1.5 49,2.3 50,3 51,3.8 52,4.6 53,5.2 54,5.9 55,6.7 56,7.2 57,7.8 58,8.5 59,9 60,9.6 61,10.1 62,10.6 63,11.1 64,11.5 65,12 66,12.4 67,12.8 68,13.3 69,13.6 70,14 71,14.3 72,14.7 73,15 74,15.4 75,15.7 76,16.1 77,16.4 78,16.5 79,16.8 80,17.1 81,17.3 82,17.6 83,17.8 84,18.1 85,18.3 86,18.5 87,18.6 88,18.9 89,19 90,19.2 91,19.4 92,19.6 93,19.7 94,19.9 95,20 96,20.2 97,20.3 98,20.5 99,20.6 100,20.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(24,NULL,3,'Tidewrack',1793712103509,NULL,'{"finishS":222.50998874980218,"beverageG":298.7984187663836,"tdsPercent":1.3046985932851236,"extractionYieldPercent":17.720085301832725,"dissolvedYieldPercent":20.863693460835613,"tilt":0.1983066569871716,"slurryEndC":83.3619967733309,"streamC":86.971914372326,"drawdownS":83.509988749802,"pressForceN":null,"peakVolumeMl":379.5282164471319,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0010820338121878424}','Ferrule, 20 clicks','1.0','Water below',1793711700000,'Weir House','{
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
}','vd-water-first',NULL,1793711880000,1,0.0,'0,24 1,22.3 2,17.6 3,14.5 4,11 5,7.4 6,4 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1.7 67,3.1 68,4.1 69,5.2 70,6.2 71,7.1 72,7.9 73,8.7 74,9.5 75,10.2 76,11.2 77,11.8 78,12.4 79,12.9 80,13.7 81,14 82,14.7 83,15.3 84,15.8 85,16.1 86,16.6 87,17 88,17.4 89,17.8 90,18.1 91,18.4 92,18.8 93,19 94,19.3 95,19.6 96,19.9 97,20.2 98,20.4 99,20.6 100,20.8 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(25,NULL,1,'Kestrel Terrace',1793797399214,NULL,'{"finishS":196.71477801919875,"beverageG":239.1230616939883,"tdsPercent":1.2433186799015967,"extractionYieldPercent":17.488598199964567,"dissolvedYieldPercent":20.585472668220554,"tilt":0.20369493561289287,"slurryEndC":81.84573941312739,"streamC":84.76261017576547,"drawdownS":61.71477801919872,"pressForceN":null,"peakVolumeMl":300.7467919510817,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0010739272000164705}','Ferrule, 19 clicks','1.0','Closed all the way',1793797020000,'Weir House','{
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
}','ld-closed',NULL,1793797200000,1,0.0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,3 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2.4 71,3.7 72,5 73,5.6 74,7 75,7.6 76,8.9 77,9.4 78,10.5 79,11 80,12 81,12.8 82,13.2 83,14 84,14.6 85,15 86,15.6 87,16.1 88,16.7 89,17.3 90,17.5 91,18 92,18.5 93,18.7 94,19.1 95,19.5 96,19.8 97,20 98,20.3 99,20.6 100,20.9 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(26,NULL,2,'Blue Ferry',1793878940187,NULL,'{"finishS":198.48772387955475,"beverageG":239.13480367083977,"tdsPercent":1.2481678220909342,"extractionYieldPercent":17.557668651998544,"dissolvedYieldPercent":20.67068601263282,"tilt":0.20145854880553077,"slurryEndC":81.73256438673567,"streamC":84.73074667894201,"drawdownS":63.48772387955472,"pressForceN":null,"peakVolumeMl":302.9434674516057,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001073874468134163}','Ferrule, 19 clicks','1.0','Closed all the way',1793878560000,'Weir House','{
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
}','ld-closed',NULL,1793878740000,1,0.0,'0,24 1,22.8 2,20.3 3,17.6 4,15.1 5,13.6 6,10.7 7,8 8,6.4 9,3 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1.7 70,3 71,4.3 72,5.5 73,6.2 74,7.5 75,8.1 76,9.3 77,9.9 78,10.9 79,11.4 80,12.3 81,12.7 82,13.5 83,14.2 84,14.6 85,15.2 86,15.8 87,16.3 88,16.8 89,17.4 90,17.6 91,18.1 92,18.3 93,18.7 94,19.1 95,19.5 96,19.9 97,20 98,20.3 99,20.6 100,20.9 100,24 0,24','One of a pair, tasted beside First runoff and tail left out.',NULL);
INSERT INTO "Brews" VALUES(27,NULL,4,'Blue Ferry',1793876877868,NULL,'{"finishS":177.56815993596592,"beverageG":201.00032508572366,"tdsPercent":1.3847084653000175,"extractionYieldPercent":15.462602870792056,"dissolvedYieldPercent":20.632568278588533,"tilt":0.18245571475148978,"slurryEndC":80.02925827503266,"streamC":82.90145898343266,"drawdownS":57.56815993596598,"pressForceN":null,"peakVolumeMl":313.31156242438647,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0013923506890678738}','Ferrule, 18 clicks','1.0','First runoff and tail left out',1793876520000,'Weir House','{
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
}','ld-split',NULL,1793876700000,1,0.0,'0,24 1,22.8 2,20.3 3,17.6 4,16.4 5,13.6 6,11.9 7,9.4 8,8 9,6.4 10,3 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,2.1 70,3.2 71,3.7 72,4.8 73,5.8 74,6.3 75,7.5 76,7.9 77,8.7 78,9.1 79,9.9 80,10.7 81,11.2 82,11.7 83,12.1 84,13 85,13.3 86,13.7 87,14.4 88,14.7 89,15.1 90,15.6 91,15.9 92,16.4 93,16.7 94,17.1 95,17.3 96,17.7 97,17.9 98,18.3 99,18.5 100,18.8 100,24 0,24','One of a pair, tasted beside Closed all the way.',NULL);
INSERT INTO "Brews" VALUES(28,NULL,4,'Quiet Orchard',1793962458679,NULL,'{"finishS":136.57983385941446,"beverageG":118.73771709739773,"tdsPercent":2.1372459901014924,"extractionYieldPercent":15.860731858763671,"dissolvedYieldPercent":21.00250295191979,"tilt":0.1857852495769322,"slurryEndC":75.34076878275542,"streamC":80.58003536510667,"drawdownS":76.57983385941449,"pressForceN":null,"peakVolumeMl":175.13849474331082,"dilutedG":188.73771709739773,"dilutedTdsPercent":1.3445733775049338,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0024823023989975304}','Ferrule, 13 clicks','1.0','Float, hold, let down',1793962140000,'Weir House','{
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
}','ld-float',NULL,1793962320000,1,0.0,'0,24 1,22.6 2,21.3 3,19.4 4,19.4 5,19.4 6,19.4 7,19.4 8,19.4 9,19 10,18 11,16 12,15.1 13,13.9 14,13 15,10.7 16,9.3 17,8.3 18,7.2 19,6 20,4.7 21,3.3 22,1.8 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 42,1 43,1 44,1 45,1 46,1 47,1.7 48,2.2 49,3 50,3.5 51,3.9 52,4.3 53,4.8 54,5.2 55,5.6 56,6.4 57,6.8 58,7.2 59,7.6 60,8 61,8.4 62,8.7 63,9.1 64,9.4 65,9.7 66,10 67,10.7 68,11 69,11.2 70,11.5 71,11.8 72,12.3 73,12.5 74,12.8 75,13 76,13.4 77,13.6 78,13.8 79,14.3 80,14.6 81,14.9 82,15.1 83,15.4 84,15.6 85,15.8 86,16 87,16.2 88,16.4 89,16.7 90,16.9 91,17.1 92,17.2 93,17.6 94,17.8 95,17.9 96,18.1 97,18.2 98,18.5 99,18.6 100,18.8 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(29,NULL,4,'Kestrel Terrace',1794127993787,NULL,'{"finishS":311.68794083364025,"beverageG":196.81979361496252,"tdsPercent":2.067776953391618,"extractionYieldPercent":16.27917732833257,"dissolvedYieldPercent":21.406998270185476,"tilt":0.20982654343151103,"slurryEndC":70.14811840538277,"streamC":75.25837962143773,"drawdownS":101.6879408336404,"pressForceN":null,"peakVolumeMl":278.1905112504453,"dilutedG":null,"dilutedTdsPercent":null,"meltG":144.67005137898545,"chilledC":4,"chilledG":341.48984499394794,"chilledTdsPercent":1.191776092830892,"sedimentGPer100G":0.0020356459646923737}','Ferrule, 17 clicks','1.0','Soak, then rinse on to ice',1794127500000,'Weir House','{
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
}','ld-long-soak-iced',NULL,1794127680000,1,0.0,'0,24 1,20.3 2,14.5 3,8.7 4,7.1 5,7.1 6,7.1 7,7.1 8,7.1 9,7.1 10,7.1 11,7.1 12,7.1 13,7.1 14,7.1 15,7.1 16,7.1 17,7.1 18,7.1 19,7.1 20,7.1 21,7.1 22,7.1 23,7.1 24,7.1 25,7.1 26,7.1 27,7.1 28,7.1 29,7.1 30,7.1 31,7.1 32,7.1 33,7.1 34,7.1 35,7.1 36,7.1 37,7.1 38,7.1 39,7.1 40,7.1 41,7.1 42,7.1 43,7.1 44,7.1 45,7.1 46,7.1 47,7.1 48,7.1 49,7.1 50,6.4 51,4.8 52,3.2 53,1.2 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1.4 69,2.5 70,3.5 71,4.4 72,5.4 73,6.1 74,7 75,7.7 76,8.4 77,9.1 78,9.8 79,10.7 80,11.2 81,11.7 82,12.2 83,12.9 84,13.3 85,13.9 86,14.3 87,14.8 88,15.2 89,15.5 90,15.9 91,16.3 92,16.7 93,17.1 94,17.4 95,17.7 96,17.9 97,18.2 98,18.6 99,18.7 100,19 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(30,NULL,1,'Kestrel Terrace',1794241200513,NULL,'{"finishS":239.81366079004118,"beverageG":190.83913291779137,"tdsPercent":2.0379116475373995,"extractionYieldPercent":18.519680560909762,"dissolvedYieldPercent":22.435064557454304,"tilt":0.4199595102328143,"slurryEndC":74.51499541759173,"streamC":80.00804603245747,"drawdownS":74.81366079004113,"pressForceN":null,"peakVolumeMl":197.03586055189803,"dilutedG":null,"dilutedTdsPercent":null,"meltG":166.15149760795396,"chilledC":0,"chilledG":356.99063052574536,"chilledTdsPercent":1.0894215660684055,"sedimentGPer100G":0.0018831182579348378}','Ferrule, 15 clicks','1.0','Open, then closed, over ice',1794240780000,'Weir House','{
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
}','ld-open-closed-iced',NULL,1794240960000,1,0.0,'0,24 1,21.8 2,19.7 3,17.6 4,15.4 5,16.1 6,16.7 7,17.2 8,17.9 9,17.9 10,17.9 11,17.9 12,17.9 13,17.9 14,17.9 15,17.9 16,17.9 17,17.9 18,16.3 19,14 20,13.5 21,13.9 22,14.4 23,14.9 24,15.3 25,15.7 26,16.1 27,16.4 28,16.8 29,17.1 30,17.4 31,17.8 32,16.2 33,13.7 34,11.1 35,8.5 36,5.2 37,2.6 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,2 71,2.7 72,3.5 73,4.4 74,5.2 75,6 76,6.8 77,7.2 78,7.9 79,8.6 80,9.2 81,9.8 82,10.3 83,10.9 84,11.6 85,12.1 86,12.5 87,12.9 88,13.5 89,14 90,14.4 91,14.7 92,15.1 93,15.4 94,15.8 95,16.2 96,16.6 97,16.9 98,17.2 99,17.5 100,17.7 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(31,NULL,3,'Night Barge',1794325709758,NULL,'{"finishS":88.25822390497379,"beverageG":336.0969699893714,"tdsPercent":1.3677511081039635,"extractionYieldPercent":17.680653966667204,"dissolvedYieldPercent":20.240385581822515,"tilt":0.016331357708544138,"slurryEndC":91.70479425608494,"streamC":92.35376999629814,"drawdownS":18.25822390497376,"pressForceN":null,"peakVolumeMl":415.48224715470394,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.012027673755658193}','Ferrule, 18 clicks','1.0','Kept turning',1794325440000,'Weir House','{
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
}','si-whirl',NULL,1794325620000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 16,1 17,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 47,1 48,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1.2 88,1.6 89,2.2 90,2.8 91,4.7 92,6 93,7.3 94,8.8 95,10.5 96,12.2 97,13.9 98,17.3 99,18.9 100,20.5 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(32,NULL,1,'Night Barge',1794408808023,NULL,'{"finishS":86.32348704761353,"beverageG":335.95079491922473,"tdsPercent":1.324835358789588,"extractionYieldPercent":17.11844199701763,"dissolvedYieldPercent":19.603213899549246,"tilt":-0.09465891004983228,"slurryEndC":91.85750160897531,"streamC":92.41584538065693,"drawdownS":16.323487047613497,"pressForceN":null,"peakVolumeMl":415.3253926608298,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.011373499716192689}','Ferrule, 20 clicks','1.0','Kept turning',1794408540000,'Weir House','{
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
}','si-whirl',NULL,1794408720000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 16,1 17,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1.7 90,2.4 91,3.1 92,4.1 93,5.4 94,6.9 95,8.4 96,11.9 97,13.9 98,15.9 99,17.8 100,21.2 100,24 0,24','2 clicks coarser: to see whether less is cleaner.',NULL);
INSERT INTO "Brews" VALUES(33,3,1,'Quiet Orchard',1794491319905,NULL,'{"finishS":98.70545618049297,"beverageG":262.22392786700874,"tdsPercent":1.4201327458176518,"extractionYieldPercent":16.926944850039316,"dissolvedYieldPercent":19.65046493698406,"tilt":0.16807004598732417,"slurryEndC":91.42502121480891,"streamC":92.25524443973256,"drawdownS":23.705456180493,"pressForceN":null,"peakVolumeMl":345.438139771096,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.013044374272600166}','Ferrule, 18 clicks','1.0','Left in layers',1794491040000,'Weir House','{
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
}','si-layers',NULL,1794491220000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 79,1 80,1 81,1 82,1 83,1.2 84,1.4 85,1.8 86,2.8 87,3.6 88,4.4 89,5.4 90,6.4 91,7.5 92,9.9 93,11.1 94,12.3 95,13.5 96,14.7 97,17 98,18.1 99,19.3 100,20.4 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(34,NULL,4,'Blue Ferry',1794574116177,NULL,'{"finishS":95.97749625972929,"beverageG":262.1535453941322,"tdsPercent":1.3936662152094719,"extractionYieldPercent":16.607024518781124,"dissolvedYieldPercent":19.27759284479459,"tilt":0.13560170629784293,"slurryEndC":91.6237641448042,"streamC":92.33360333278814,"drawdownS":20.97749625972932,"pressForceN":null,"peakVolumeMl":338.5667837762994,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.012676936904651524}','Ferrule, 19 clicks','1.0','Left in layers',1794573840000,'Weir House','{
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
}','si-layers',NULL,1794574020000,1,0.0,'0,24 1,1 2,1 3,1 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 15,1 16,1 17,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 77,1 78,1 79,1 80,1 82,1 83,1 84,1 85,1.2 86,1.5 87,2.4 88,3.1 89,4 90,5 91,6 92,7.1 93,9.8 94,11.1 95,12.5 96,13.9 97,15.3 98,18 99,19.3 100,20.6 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(35,5,4,'Tidewrack',1794903850300,NULL,'{"finishS":308.00000000000034,"beverageG":268.019617270675,"tdsPercent":1.4997474108828255,"extractionYieldPercent":14.355775966696452,"dissolvedYieldPercent":19.07907957319437,"tilt":-0.5173451431336965,"slurryEndC":73.4043411190743,"streamC":73.85578482845243,"drawdownS":null,"pressForceN":null,"peakVolumeMl":394.0323497039561,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.3466296034370589}','Ferrule, 32 clicks','1.0','Two spoons and a jar',1794903360000,'Weir House','{
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
}','jar-spoons',NULL,1794903540000,1,0.0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,6.2 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,3.5 97,6.1 98,10 99,13.1 100,17.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(36,NULL,3,'Night Barge',1795020068500,NULL,'{"finishS":308,"beverageG":304.7957405400466,"tdsPercent":1.5078099621417898,"extractionYieldPercent":14.406710156886096,"dissolvedYieldPercent":19.195397581436737,"tilt":-0.4512517760064375,"slurryEndC":75.48936311125757,"streamC":75.91428535761895,"drawdownS":null,"pressForceN":null,"peakVolumeMl":453.38641459254507,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.3618821998812906}','Ferrule, 32 clicks','1.0','Two spoons and a jar',1795019580000,'Weir House','{
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
}','jar-spoons',NULL,1795019760000,1,0.0,'0,24 1,21.9 2,18.6 3,16.6 4,12.9 5,10.7 6,6.5 7,3.1 8,1.2 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,3.5 97,6.1 98,10 99,13.1 100,17.1 100,24 0,24','Less coffee and water: 36 g would have filled the vessel to 508 of 475 ml.',NULL);
INSERT INTO "Brews" VALUES(37,NULL,2,'Night Barge',1795104040699,NULL,'{"finishS":519.9999999999995,"beverageG":694.7238964190811,"tdsPercent":1.1117936865125575,"extractionYieldPercent":17.554310043366783,"dissolvedYieldPercent":20.02531217440697,"tilt":-0.17790270387914722,"slurryEndC":82.5834078588328,"streamC":82.82467017409337,"drawdownS":null,"pressForceN":25.490280361374488,"peakVolumeMl":866.1463088662584,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0833376557017145}','Ferrule, 40 clicks','1.0','Slow eight',1795103340000,'Weir House','{
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
}','fp-slow-eight',NULL,1795103520000,1,0.0,'0,24 1,23 2,21.3 3,20.4 4,20.4 5,20.4 6,20.4 7,20.4 8,20.4 9,20.4 10,20.4 11,16.3 12,12.2 13,8.5 14,3.5 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,3.9 99,11.4 100,18.1 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(38,NULL,4,'Night Barge',1795266971500,NULL,'{"finishS":310.00000000000045,"beverageG":409.66799810781043,"tdsPercent":1.3835589145332159,"extractionYieldPercent":17.175751841849628,"dissolvedYieldPercent":20.346512213587282,"tilt":-0.07150159571341619,"slurryEndC":80.18250929074938,"streamC":80.4890604888824,"drawdownS":null,"pressForceN":25.143304024675576,"peakVolumeMl":533.8913879100556,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.250148490375843}','Ferrule, 28 clicks','1.0','High Hut press',1795266480000,'High Hut','{
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
}','hut-press',NULL,1795266660000,1,0.0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,18 100,24 0,24','',NULL);
INSERT INTO "Brews" VALUES(39,2,2,'Blue Ferry',1795433215962,NULL,'{"finishS":233.96295982376546,"beverageG":298.819309118869,"tdsPercent":1.3115983469831005,"extractionYieldPercent":17.815041449406394,"dissolvedYieldPercent":20.967377796541253,"tilt":0.23387788064568624,"slurryEndC":82.7193917738048,"streamC":86.80640739482416,"drawdownS":94.96295982376529,"pressForceN":null,"peakVolumeMl":386.5733982762766,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.0011121449828967102}','Ferrule, 19 clicks','1.0','Water below',1795432800000,'Weir House','{
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
}','vd-water-first',NULL,1795432980000,1,0.0,'0,24 1,20.6 2,17.6 3,14.5 4,11 5,7.4 6,4 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1.6 64,2.9 65,3.8 66,4.7 67,5.6 68,6.5 69,7.4 70,8.2 71,9 72,9.7 73,10.4 74,11.1 75,11.7 76,12.3 77,12.8 78,13.3 79,14 80,14.5 81,14.9 82,15.5 83,15.8 84,16.2 85,16.6 86,17.1 87,17.5 88,17.7 89,18 90,18.3 91,18.7 92,19 93,19.2 94,19.5 95,19.7 96,20 97,20.2 98,20.4 99,20.6 100,20.9 100,24 0,24','',NULL);
CREATE TABLE "Entries" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Entries" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "EntryId" TEXT NOT NULL,
    "Kind" TEXT NOT NULL,
    "Step" INTEGER NOT NULL,
    "AtMs" INTEGER NOT NULL,
    "Undoes" TEXT NULL,
    "By" TEXT NOT NULL,
    "ReceivedAtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Entries_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Entries" VALUES(1,1,'5FB75640-0001-0002-0304-050607080102','start',2,1794042780000,NULL,'',1794042780000);
INSERT INTO "Entries" VALUES(2,1,'1E2CFD22-0001-0002-0304-050607080302','done',2,1794042794099,NULL,'',1794042794099);
INSERT INTO "Entries" VALUES(3,1,'3CE92CBE-0001-0002-0304-050607080303','done',3,1794042857199,NULL,'',1794042857199);
INSERT INTO "Entries" VALUES(4,1,'0364E768-0001-0002-0304-050607080304','done',4,1794042857199,NULL,'',1794042857199);
INSERT INTO "Entries" VALUES(5,1,'0A71FCA5-0001-0002-0304-050607080205','begun',5,1794043254999,NULL,'',1794043254999);
INSERT INTO "Entries" VALUES(6,1,'6FF3755F-0001-0002-0304-050607080305','done',5,1794043285999,NULL,'',1794043285999);
INSERT INTO "Entries" VALUES(7,1,'42A91484-0001-0002-0304-050607080306','done',6,1794043302499,NULL,'',1794043302499);
INSERT INTO "Entries" VALUES(8,2,'1BFAB865-0001-0002-0304-050607080102','start',2,1794655140000,NULL,'',1794655140000);
INSERT INTO "Entries" VALUES(9,2,'609CD1A5-0001-0002-0304-050607080303','done',3,1794655144200,NULL,'',1794655144200);
INSERT INTO "Entries" VALUES(10,2,'028060C3-0001-0002-0304-050607080304','done',4,1794655144200,NULL,'',1794655144200);
INSERT INTO "Entries" VALUES(11,2,'547CB92A-0001-0002-0304-050607080205','begun',5,1794655365000,NULL,'',1794655365000);
INSERT INTO "Entries" VALUES(12,2,'108D7D76-0001-0002-0304-050607080305','done',5,1794655386000,NULL,'',1794655386000);
INSERT INTO "Entries" VALUES(13,2,'0918FF49-0001-0002-0304-050607080306','done',6,1794655397200,NULL,'',1794655397200);
INSERT INTO "Entries" VALUES(14,2,'490C05D6-0001-0002-0304-050607080307','done',7,1794655397500,NULL,'',1794655397500);
INSERT INTO "Entries" VALUES(15,3,'50299D10-0001-0002-0304-050607080102','start',2,1794738180000,NULL,'',1794738180000);
INSERT INTO "Entries" VALUES(16,3,'0167D22E-0001-0002-0304-050607080303','done',3,1794738184500,NULL,'',1794738184500);
INSERT INTO "Entries" VALUES(17,3,'28215103-0001-0002-0304-050607080304','done',4,1794738184900,NULL,'',1794738184900);
INSERT INTO "Entries" VALUES(18,3,'6DF549F7-0001-0002-0304-050607080205','begun',5,1794738405000,NULL,'',1794738405000);
INSERT INTO "Entries" VALUES(19,3,'47EC1139-0001-0002-0304-050607080305','done',5,1794738425700,NULL,'',1794738425700);
INSERT INTO "Entries" VALUES(20,3,'39D527E9-0001-0002-0304-050607080306','done',6,1794738438300,NULL,'',1794738438300);
INSERT INTO "Entries" VALUES(21,3,'121F8612-0001-0002-0304-050607080307','done',7,1794738438300,NULL,'',1794738438300);
INSERT INTO "Entries" VALUES(22,4,'5DE89748-0001-0002-0304-050607080102','start',2,1794820140000,NULL,'',1794820140000);
INSERT INTO "Entries" VALUES(23,4,'480034C9-0001-0002-0304-050607080303','done',3,1794820143400,NULL,'',1794820143400);
INSERT INTO "Entries" VALUES(24,4,'35C15FDB-0001-0002-0304-050607080304','done',4,1794820143500,NULL,'',1794820143500);
INSERT INTO "Entries" VALUES(25,4,'28272B25-0001-0002-0304-050607080205','begun',5,1794820365000,NULL,'',1794820365000);
INSERT INTO "Entries" VALUES(26,4,'155F0FC5-0001-0002-0304-050607080305','done',5,1794820386800,NULL,'',1794820386800);
INSERT INTO "Entries" VALUES(27,4,'7429B6A4-0001-0002-0304-050607080306','done',6,1794820399100,NULL,'',1794820399100);
INSERT INTO "Entries" VALUES(28,4,'33D02D75-0001-0002-0304-050607080307','done',7,1794820399100,NULL,'',1794820399100);
INSERT INTO "Entries" VALUES(29,5,'5EF84BEA-0001-0002-0304-050607080103','start',3,1795183620000,NULL,'',1795183620000);
INSERT INTO "Entries" VALUES(30,5,'1FC9D84F-0001-0002-0304-050607080303','done',3,1795183640200,NULL,'',1795183640200);
INSERT INTO "Entries" VALUES(31,5,'2118D82A-0001-0002-0304-050607080304','done',4,1795183640300,NULL,'',1795183640300);
INSERT INTO "Entries" VALUES(32,5,'73D96761-0001-0002-0304-050607080305','done',5,1795183640300,NULL,'',1795183640300);
INSERT INTO "Entries" VALUES(33,5,'19D6DB56-0001-0002-0304-050607080306','done',6,1795183893500,NULL,'',1795183893500);
INSERT INTO "Entries" VALUES(34,5,'6AEA2805-0001-0002-0304-050607080307','done',7,1795183908500,NULL,'',1795183908500);
INSERT INTO "Entries" VALUES(35,5,'48AB38D9-0001-0002-0304-050607080209','begun',9,1795184177999,NULL,'',1795184177999);
INSERT INTO "Entries" VALUES(36,5,'1FCA2C3D-0001-0002-0304-050607080309','done',9,1795184184599,NULL,'',1795184184599);
INSERT INTO "Entries" VALUES(37,5,'7D52806D-0001-0002-0304-05060708030A','done',10,1795184199900,NULL,'',1795184199900);
INSERT INTO "Entries" VALUES(38,5,'3A31AE66-0001-0002-0304-05060708030B','done',11,1795184199900,NULL,'',1795184199900);
INSERT INTO "Entries" VALUES(39,6,'63797BF0-0001-0002-0304-050607080102','start',2,1795351980000,NULL,'',1795351980000);
INSERT INTO "Entries" VALUES(40,6,'1A683D35-0001-0002-0304-050607080302','done',2,1795351998700,NULL,'',1795351998700);
INSERT INTO "Entries" VALUES(41,6,'6C08C268-0001-0002-0304-050607080303','done',3,1795352003200,NULL,'',1795352003200);
INSERT INTO "Entries" VALUES(42,6,'33F79A5E-0001-0002-0304-050607080304','done',4,1795352003300,NULL,'',1795352003300);
INSERT INTO "Entries" VALUES(43,6,'6F0F709E-0001-0002-0304-050607080305','done',5,1795352253200,NULL,'',1795352253200);
INSERT INTO "Entries" VALUES(44,6,'262F032C-0001-0002-0304-050607080206','begun',6,1795352253200,NULL,'',1795352253200);
INSERT INTO "Entries" VALUES(45,6,'12C92C10-0001-0002-0304-050607080306','done',6,1795352279100,NULL,'',1795352279100);
INSERT INTO "Entries" VALUES(46,6,'1FFB82FC-0001-0002-0304-050607080307','done',7,1795352291700,NULL,'',1795352291700);
INSERT INTO "Entries" VALUES(47,7,'787C7115-0001-0002-0304-050607080102','start',2,1795516440000,NULL,'',1795516440000);
INSERT INTO "Entries" VALUES(48,7,'0D83B8AC-0001-0002-0304-050607080302','done',2,1795516447199,NULL,'',1795516447199);
INSERT INTO "Entries" VALUES(49,7,'7FB29423-0001-0002-0304-050607080303','done',3,1795516449899,NULL,'',1795516449899);
INSERT INTO "Entries" VALUES(50,7,'3D3D031F-0001-0002-0304-050607080304','done',4,1795516496599,NULL,'',1795516496599);
INSERT INTO "Entries" VALUES(51,7,'4C791E95-0001-0002-0304-050607080305','done',5,1795516498299,NULL,'',1795516498299);
INSERT INTO "Entries" VALUES(52,7,'67766AAA-0001-0002-0304-050607080306','done',6,1795516699400,NULL,'',1795516699400);
INSERT INTO "Entries" VALUES(53,7,'1965BDA3-0001-0002-0304-050607080207','begun',7,1795516878000,NULL,'',1795516878000);
INSERT INTO "Entries" VALUES(54,7,'1EBBB63F-0001-0002-0304-050607080307','done',7,1795516905000,NULL,'',1795516905000);
INSERT INTO "Entries" VALUES(55,7,'7B7ECFF9-0001-0002-0304-050607080308','done',8,1795516916800,NULL,'',1795516916800);
INSERT INTO "Entries" VALUES(56,8,'0496469E-0001-0002-0304-050607080102','start',2,1795599540000,NULL,'',1795599540000);
INSERT INTO "Entries" VALUES(57,8,'351015C1-0001-0002-0304-050607080302','done',2,1795599546099,NULL,'',1795599546099);
INSERT INTO "Entries" VALUES(58,8,'106179E0-0001-0002-0304-050607080303','done',3,1795599550199,NULL,'',1795599550199);
INSERT INTO "Entries" VALUES(59,8,'7281BD3F-0001-0002-0304-050607080304','done',4,1795599596799,NULL,'',1795599596799);
INSERT INTO "Entries" VALUES(60,8,'4B1EE278-0001-0002-0304-050607080305','done',5,1795599597099,NULL,'',1795599597099);
INSERT INTO "Entries" VALUES(61,8,'6B161925-0001-0002-0304-050607080306','done',6,1795599800500,NULL,'',1795599800500);
INSERT INTO "Entries" VALUES(62,8,'1D78B0B2-0001-0002-0304-050607080207','begun',7,1795599800500,NULL,'',1795599800500);
INSERT INTO "Entries" VALUES(63,8,'7D61EF47-0001-0002-0304-050607080307','done',7,1795599823700,NULL,'',1795599823700);
INSERT INTO "Entries" VALUES(64,8,'28857FA6-0001-0002-0304-050607080308','done',8,1795599836800,NULL,'',1795599836800);
INSERT INTO "Entries" VALUES(65,9,'7D579DC5-0001-0002-0304-050607080103','start',3,1792157220000,NULL,'',1792157220000);
INSERT INTO "Entries" VALUES(66,9,'5AB44401-0001-0002-0304-050607080303','done',3,1792157234100,NULL,'',1792157234100);
INSERT INTO "Entries" VALUES(67,9,'6DBAC2DF-0001-0002-0304-050607080304','done',4,1792157235800,NULL,'',1792157235800);
INSERT INTO "Entries" VALUES(68,9,'55A9B2FB-0001-0002-0304-050607080305','done',5,1792157235800,NULL,'',1792157235800);
INSERT INTO "Entries" VALUES(69,9,'3EA3A385-0001-0002-0304-050607080206','begun',6,1792157275000,NULL,'',1792157275000);
INSERT INTO "Entries" VALUES(70,9,'343FB220-0001-0002-0304-050607080306','done',6,1792157300500,NULL,'',1792157300500);
INSERT INTO "Entries" VALUES(71,9,'5304F355-0001-0002-0304-050607080307','done',7,1792157301800,NULL,'',1792157301800);
INSERT INTO "Entries" VALUES(72,10,'718A535A-0001-0002-0304-050607080103','start',3,1792240260000,NULL,'',1792240260000);
INSERT INTO "Entries" VALUES(73,10,'334D953F-0001-0002-0304-050607080303','done',3,1792240272200,NULL,'',1792240272200);
INSERT INTO "Entries" VALUES(74,10,'54EB296C-0001-0002-0304-050607080304','done',4,1792240275600,NULL,'',1792240275600);
INSERT INTO "Entries" VALUES(75,10,'0D090785-0001-0002-0304-050607080305','done',5,1792240275800,NULL,'',1792240275800);
INSERT INTO "Entries" VALUES(76,10,'5EA9AFDA-0001-0002-0304-050607080206','begun',6,1792240315000,NULL,'',1792240315000);
INSERT INTO "Entries" VALUES(77,10,'4CAA7554-0001-0002-0304-050607080306','done',6,1792240340800,NULL,'',1792240340800);
INSERT INTO "Entries" VALUES(78,10,'49FDB9F8-0001-0002-0304-050607080307','done',7,1792240341800,NULL,'',1792240341800);
INSERT INTO "Entries" VALUES(79,11,'40FDB372-0001-0002-0304-050607080103','start',3,1792324740000,NULL,'',1792324740000);
INSERT INTO "Entries" VALUES(80,11,'4677B013-0001-0002-0304-050607080303','done',3,1792324753100,NULL,'',1792324753100);
INSERT INTO "Entries" VALUES(81,11,'195FA9C4-0001-0002-0304-050607080304','done',4,1792324755200,NULL,'',1792324755200);
INSERT INTO "Entries" VALUES(82,11,'3E14BB41-0001-0002-0304-050607080305','done',5,1792324755900,NULL,'',1792324755900);
INSERT INTO "Entries" VALUES(83,11,'309ED3BD-0001-0002-0304-050607080206','begun',6,1792324795000,NULL,'',1792324795000);
INSERT INTO "Entries" VALUES(84,11,'6EAB85AB-0001-0002-0304-050607080306','done',6,1792324821600,NULL,'',1792324821600);
INSERT INTO "Entries" VALUES(85,11,'33DE19BA-0001-0002-0304-050607080307','done',7,1792324821700,NULL,'',1792324821700);
INSERT INTO "Entries" VALUES(86,12,'716AED0E-0001-0002-0304-050607080103','start',3,1792487520000,NULL,'',1792487520000);
INSERT INTO "Entries" VALUES(87,12,'2DA0EE3F-0001-0002-0304-050607080303','done',3,1792487532900,NULL,'',1792487532900);
INSERT INTO "Entries" VALUES(88,12,'75A245EA-0001-0002-0304-050607080304','done',4,1792487535900,NULL,'',1792487535900);
INSERT INTO "Entries" VALUES(89,12,'486A4A66-0001-0002-0304-050607080305','done',5,1792487535900,NULL,'',1792487535900);
INSERT INTO "Entries" VALUES(90,12,'16F63DBC-0001-0002-0304-050607080206','begun',6,1792487630000,NULL,'',1792487630000);
INSERT INTO "Entries" VALUES(91,12,'52C8BB96-0001-0002-0304-050607080306','done',6,1792487659600,NULL,'',1792487659600);
INSERT INTO "Entries" VALUES(92,13,'4D0CD50F-0001-0002-0304-050607080102','start',2,1792572420000,NULL,'',1792572420000);
INSERT INTO "Entries" VALUES(93,13,'12940487-0001-0002-0304-050607080302','done',2,1792572437800,NULL,'',1792572437800);
INSERT INTO "Entries" VALUES(94,13,'547A3326-0001-0002-0304-050607080303','done',3,1792572440800,NULL,'',1792572440800);
INSERT INTO "Entries" VALUES(95,13,'7E3BB7D6-0001-0002-0304-050607080304','done',4,1792572440800,NULL,'',1792572440800);
INSERT INTO "Entries" VALUES(96,13,'133C4556-0001-0002-0304-050607080205','begun',5,1792572515000,NULL,'',1792572515000);
INSERT INTO "Entries" VALUES(97,13,'356B2D92-0001-0002-0304-050607080305','done',5,1792572519900,NULL,'',1792572519900);
INSERT INTO "Entries" VALUES(98,13,'454C79A1-0001-0002-0304-050607080306','done',6,1792572550300,NULL,'',1792572550300);
INSERT INTO "Entries" VALUES(99,14,'0DF42B1C-0001-0002-0304-050607080102','start',2,1792769820000,NULL,'',1792769820000);
INSERT INTO "Entries" VALUES(100,14,'7FCD71B0-0001-0002-0304-050607080302','done',2,1792769836900,NULL,'',1792769836900);
INSERT INTO "Entries" VALUES(101,14,'5D075531-0001-0002-0304-050607080303','done',3,1792769841400,NULL,'',1792769841400);
INSERT INTO "Entries" VALUES(102,14,'1FE0BF69-0001-0002-0304-050607080304','done',4,1792769841400,NULL,'',1792769841400);
INSERT INTO "Entries" VALUES(103,14,'2D85D019-0001-0002-0304-050607080205','begun',5,1792769915000,NULL,'',1792769915000);
INSERT INTO "Entries" VALUES(104,14,'47141385-0001-0002-0304-050607080305','done',5,1792769919200,NULL,'',1792769919200);
INSERT INTO "Entries" VALUES(105,14,'168D45E5-0001-0002-0304-050607080306','done',6,1792769951300,NULL,'',1792769951300);
INSERT INTO "Entries" VALUES(106,15,'56EBFA7C-0001-0002-0304-050607080102','start',2,1792853640000,NULL,'',1792853640000);
INSERT INTO "Entries" VALUES(107,15,'3B32146F-0001-0002-0304-050607080302','done',2,1792853659000,NULL,'',1792853659000);
INSERT INTO "Entries" VALUES(108,15,'53B1F962-0001-0002-0304-050607080303','done',3,1792853663200,NULL,'',1792853663200);
INSERT INTO "Entries" VALUES(109,15,'16F34B70-0001-0002-0304-050607080304','done',4,1792853663200,NULL,'',1792853663200);
INSERT INTO "Entries" VALUES(110,15,'76EBC3A6-0001-0002-0304-050607080205','begun',5,1792853730000,NULL,'',1792853730000);
INSERT INTO "Entries" VALUES(111,15,'393CC2B4-0001-0002-0304-050607080305','done',5,1792853735900,NULL,'',1792853735900);
INSERT INTO "Entries" VALUES(112,15,'5E2EA7B8-0001-0002-0304-050607080306','done',6,1792853762100,NULL,'',1792853762100);
INSERT INTO "Entries" VALUES(113,16,'0051483B-0001-0002-0304-050607080103','start',3,1793016180000,NULL,'',1793016180000);
INSERT INTO "Entries" VALUES(114,16,'2BF757CF-0001-0002-0304-050607080303','done',3,1793016190099,NULL,'',1793016190099);
INSERT INTO "Entries" VALUES(115,16,'6790E13D-0001-0002-0304-050607080304','done',4,1793016197099,NULL,'',1793016197099);
INSERT INTO "Entries" VALUES(116,16,'5C17F321-0001-0002-0304-050607080305','done',5,1793016197599,NULL,'',1793016197599);
INSERT INTO "Entries" VALUES(117,16,'655E133D-0001-0002-0304-050607080206','begun',6,1793016255000,NULL,'',1793016255000);
INSERT INTO "Entries" VALUES(118,16,'14893CAE-0001-0002-0304-050607080306','done',6,1793016275600,NULL,'',1793016275600);
INSERT INTO "Entries" VALUES(119,16,'650E346D-0001-0002-0304-050607080307','done',7,1793016276200,NULL,'',1793016276200);
INSERT INTO "Entries" VALUES(120,17,'5FF308B2-0001-0002-0304-050607080103','start',3,1793101200000,NULL,'',1793101200000);
INSERT INTO "Entries" VALUES(121,17,'10A207F4-0001-0002-0304-050607080303','done',3,1793101209299,NULL,'',1793101209299);
INSERT INTO "Entries" VALUES(122,17,'0029EBD5-0001-0002-0304-050607080304','done',4,1793101217699,NULL,'',1793101217699);
INSERT INTO "Entries" VALUES(123,17,'1519340F-0001-0002-0304-050607080305','done',5,1793101217699,NULL,'',1793101217699);
INSERT INTO "Entries" VALUES(124,17,'58A307E9-0001-0002-0304-050607080206','begun',6,1793101275000,NULL,'',1793101275000);
INSERT INTO "Entries" VALUES(125,17,'4E61257F-0001-0002-0304-050607080306','done',6,1793101295900,NULL,'',1793101295900);
INSERT INTO "Entries" VALUES(126,17,'08E1AE0A-0001-0002-0304-050607080307','done',7,1793101295900,NULL,'',1793101295900);
INSERT INTO "Entries" VALUES(127,18,'59A0B25F-0001-0002-0304-050607080103','start',3,1793182380000,NULL,'',1793182380000);
INSERT INTO "Entries" VALUES(128,18,'35500F6C-0001-0002-0304-050607080304','done',4,1793182386600,NULL,'',1793182386600);
INSERT INTO "Entries" VALUES(129,18,'5BFCE1C5-0001-0002-0304-050607080305','done',5,1793182386600,NULL,'',1793182386600);
INSERT INTO "Entries" VALUES(130,18,'6ECB99D9-0001-0002-0304-050607080306','done',6,1793182520400,NULL,'',1793182520400);
INSERT INTO "Entries" VALUES(131,18,'33239098-0001-0002-0304-050607080207','begun',7,1793182520400,NULL,'',1793182520400);
INSERT INTO "Entries" VALUES(132,18,'0629B64F-0001-0002-0304-050607080307','done',7,1793182609403,NULL,'',1793182609403);
INSERT INTO "Entries" VALUES(133,18,'55D40131-0001-0002-0304-050607080308','done',8,1793182609703,NULL,'',1793182609703);
INSERT INTO "Entries" VALUES(134,19,'16A5DE71-0001-0002-0304-050607080103','start',3,1793182260000,NULL,'',1793182260000);
INSERT INTO "Entries" VALUES(135,19,'4703A398-0001-0002-0304-050607080303','done',3,1793182285800,NULL,'',1793182285800);
INSERT INTO "Entries" VALUES(136,19,'74CD45DF-0001-0002-0304-050607080304','done',4,1793182286500,NULL,'',1793182286500);
INSERT INTO "Entries" VALUES(137,19,'7A73D4B9-0001-0002-0304-050607080305','done',5,1793182300199,NULL,'',1793182300199);
INSERT INTO "Entries" VALUES(138,19,'780BD4D7-0001-0002-0304-050607080306','done',6,1793182443900,NULL,'',1793182443900);
INSERT INTO "Entries" VALUES(139,19,'799F7D50-0001-0002-0304-050607080207','begun',7,1793182443900,NULL,'',1793182443900);
INSERT INTO "Entries" VALUES(140,19,'53544FE5-0001-0002-0304-050607080307','done',7,1793182907112,NULL,'',1793182907112);
INSERT INTO "Entries" VALUES(141,19,'6C14F9CA-0001-0002-0304-050607080308','done',8,1793182907812,NULL,'',1793182907812);
INSERT INTO "Entries" VALUES(142,20,'25CB53DB-0001-0002-0304-050607080103','start',3,1793266560000,NULL,'',1793266560000);
INSERT INTO "Entries" VALUES(143,20,'3A344C05-0001-0002-0304-050607080303','done',3,1793266585400,NULL,'',1793266585400);
INSERT INTO "Entries" VALUES(144,20,'48785DAE-0001-0002-0304-050607080304','done',4,1793266585400,NULL,'',1793266585400);
INSERT INTO "Entries" VALUES(145,20,'1763360E-0001-0002-0304-050607080305','done',5,1793266599199,NULL,'',1793266599199);
INSERT INTO "Entries" VALUES(146,20,'5D7E775B-0001-0002-0304-050607080306','done',6,1793266744700,NULL,'',1793266744700);
INSERT INTO "Entries" VALUES(147,20,'1BCA41E5-0001-0002-0304-050607080207','begun',7,1793266744700,NULL,'',1793266744700);
INSERT INTO "Entries" VALUES(148,20,'27009D39-0001-0002-0304-050607080307','done',7,1793267010137,NULL,'',1793267010137);
INSERT INTO "Entries" VALUES(149,20,'03E92D72-0001-0002-0304-050607080308','done',8,1793267010137,NULL,'',1793267010137);
INSERT INTO "Entries" VALUES(150,21,'516E6D75-0001-0002-0304-050607080103','start',3,1793348040000,NULL,'',1793348040000);
INSERT INTO "Entries" VALUES(151,21,'17DC0400-0001-0002-0304-050607080303','done',3,1793348064800,NULL,'',1793348064800);
INSERT INTO "Entries" VALUES(152,21,'5FE11BEE-0001-0002-0304-050607080304','done',4,1793348066000,NULL,'',1793348066000);
INSERT INTO "Entries" VALUES(153,21,'3D443A94-0001-0002-0304-050607080305','done',5,1793348080199,NULL,'',1793348080199);
INSERT INTO "Entries" VALUES(154,21,'05FEE415-0001-0002-0304-050607080306','done',6,1793348223300,NULL,'',1793348223300);
INSERT INTO "Entries" VALUES(155,21,'753B82BE-0001-0002-0304-050607080207','begun',7,1793348223300,NULL,'',1793348223300);
INSERT INTO "Entries" VALUES(156,21,'470E96CD-0001-0002-0304-050607080307','done',7,1793348404529,NULL,'',1793348404529);
INSERT INTO "Entries" VALUES(157,21,'3E49202B-0001-0002-0304-050607080308','done',8,1793348404629,NULL,'',1793348404629);
INSERT INTO "Entries" VALUES(158,22,'224A5D7E-0001-0002-0304-050607080103','start',3,1793463900000,NULL,'',1793463900000);
INSERT INTO "Entries" VALUES(159,22,'2AC6AC2D-0001-0002-0304-050607080303','done',3,1793463926300,NULL,'',1793463926300);
INSERT INTO "Entries" VALUES(160,22,'680DA7D2-0001-0002-0304-050607080304','done',4,1793463926300,NULL,'',1793463926300);
INSERT INTO "Entries" VALUES(161,22,'15462382-0001-0002-0304-050607080305','done',5,1793463938599,NULL,'',1793463938599);
INSERT INTO "Entries" VALUES(162,22,'5E2F9844-0001-0002-0304-050607080306','done',6,1793464084800,NULL,'',1793464084800);
INSERT INTO "Entries" VALUES(163,22,'510B379E-0001-0002-0304-050607080207','begun',7,1793464084800,NULL,'',1793464084800);
INSERT INTO "Entries" VALUES(164,22,'5214D03E-0001-0002-0304-050607080307','done',7,1793464226529,NULL,'',1793464226529);
INSERT INTO "Entries" VALUES(165,22,'606DFA3D-0001-0002-0304-050607080308','done',8,1793464226829,NULL,'',1793464226829);
INSERT INTO "Entries" VALUES(166,23,'2CEF0D40-0001-0002-0304-050607080103','start',3,1793631660000,NULL,'',1793631660000);
INSERT INTO "Entries" VALUES(167,23,'2C6EAC74-0001-0002-0304-050607080304','done',4,1793631664800,NULL,'',1793631664800);
INSERT INTO "Entries" VALUES(168,23,'3AA090D6-0001-0002-0304-050607080305','done',5,1793631730200,NULL,'',1793631730200);
INSERT INTO "Entries" VALUES(169,23,'5F9D2D0C-0001-0002-0304-050607080306','done',6,1793631730200,NULL,'',1793631730200);
INSERT INTO "Entries" VALUES(170,23,'22F880FB-0001-0002-0304-050607080307','done',7,1793631823400,NULL,'',1793631823400);
INSERT INTO "Entries" VALUES(171,23,'102A7203-0001-0002-0304-050607080208','begun',8,1793631823400,NULL,'',1793631823400);
INSERT INTO "Entries" VALUES(172,23,'00D51C62-0001-0002-0304-050607080308','done',8,1793632015671,NULL,'',1793632015671);
INSERT INTO "Entries" VALUES(173,23,'59DA00E7-0001-0002-0304-050607080309','done',9,1793632016371,NULL,'',1793632016371);
INSERT INTO "Entries" VALUES(174,24,'52E3278B-0001-0002-0304-050607080103','start',3,1793711880000,NULL,'',1793711880000);
INSERT INTO "Entries" VALUES(175,24,'2B9C169D-0001-0002-0304-050607080304','done',4,1793711886900,NULL,'',1793711886900);
INSERT INTO "Entries" VALUES(176,24,'0137891A-0001-0002-0304-050607080305','done',5,1793711887600,NULL,'',1793711887600);
INSERT INTO "Entries" VALUES(177,24,'6C3902F5-0001-0002-0304-050607080306','done',6,1793712019400,NULL,'',1793712019400);
INSERT INTO "Entries" VALUES(178,24,'4516193F-0001-0002-0304-050607080207','begun',7,1793712019400,NULL,'',1793712019400);
INSERT INTO "Entries" VALUES(179,24,'1E0B913F-0001-0002-0304-050607080307','done',7,1793712103509,NULL,'',1793712103509);
INSERT INTO "Entries" VALUES(180,24,'4ED5F153-0001-0002-0304-050607080308','done',8,1793712103509,NULL,'',1793712103509);
INSERT INTO "Entries" VALUES(181,25,'676F301A-0001-0002-0304-050607080103','start',3,1793797200000,NULL,'',1793797200000);
INSERT INTO "Entries" VALUES(182,25,'6D4704F3-0001-0002-0304-050607080303','done',3,1793797221700,NULL,'',1793797221700);
INSERT INTO "Entries" VALUES(183,25,'384CC1C0-0001-0002-0304-050607080304','done',4,1793797224500,NULL,'',1793797224500);
INSERT INTO "Entries" VALUES(184,25,'6F8AC999-0001-0002-0304-050607080305','done',5,1793797224500,NULL,'',1793797224500);
INSERT INTO "Entries" VALUES(185,25,'3F8C35D8-0001-0002-0304-050607080306','done',6,1793797336400,NULL,'',1793797336400);
INSERT INTO "Entries" VALUES(186,25,'3BB111D9-0001-0002-0304-050607080307','done',7,1793797399214,NULL,'',1793797399214);
INSERT INTO "Entries" VALUES(187,26,'47EC9736-0001-0002-0304-050607080103','start',3,1793878740000,NULL,'',1793878740000);
INSERT INTO "Entries" VALUES(188,26,'7D55F097-0001-0002-0304-050607080303','done',3,1793878760500,NULL,'',1793878760500);
INSERT INTO "Entries" VALUES(189,26,'2ACD3B2E-0001-0002-0304-050607080304','done',4,1793878763900,NULL,'',1793878763900);
INSERT INTO "Entries" VALUES(190,26,'7D20B112-0001-0002-0304-050607080305','done',5,1793878763900,NULL,'',1793878763900);
INSERT INTO "Entries" VALUES(191,26,'0CF08114-0001-0002-0304-050607080306','done',6,1793878875900,NULL,'',1793878875900);
INSERT INTO "Entries" VALUES(192,26,'18A122B4-0001-0002-0304-050607080307','done',7,1793878940187,NULL,'',1793878940187);
INSERT INTO "Entries" VALUES(193,27,'013806DE-0001-0002-0304-050607080103','start',3,1793876700000,NULL,'',1793876700000);
INSERT INTO "Entries" VALUES(194,27,'4A04715C-0001-0002-0304-050607080303','done',3,1793876720100,NULL,'',1793876720100);
INSERT INTO "Entries" VALUES(195,27,'70AE1D08-0001-0002-0304-050607080304','done',4,1793876723800,NULL,'',1793876723800);
INSERT INTO "Entries" VALUES(196,27,'2BD24964-0001-0002-0304-050607080305','done',5,1793876820799,NULL,'',1793876820799);
INSERT INTO "Entries" VALUES(197,27,'11E2D380-0001-0002-0304-050607080306','done',6,1793876824530,NULL,'',1793876824530);
INSERT INTO "Entries" VALUES(198,27,'10C8E663-0001-0002-0304-050607080307','done',7,1793876824630,NULL,'',1793876824630);
INSERT INTO "Entries" VALUES(199,27,'14DC1D0A-0001-0002-0304-050607080308','done',8,1793876877868,NULL,'',1793876877868);
INSERT INTO "Entries" VALUES(200,28,'52BFB10B-0001-0002-0304-050607080103','start',3,1793962320000,NULL,'',1793962320000);
INSERT INTO "Entries" VALUES(201,28,'2DD02B35-0001-0002-0304-050607080304','done',4,1793962349399,NULL,'',1793962349399);
INSERT INTO "Entries" VALUES(202,28,'20B5A0A7-0001-0002-0304-050607080305','done',5,1793962352499,NULL,'',1793962352499);
INSERT INTO "Entries" VALUES(203,28,'1FB2F3FD-0001-0002-0304-050607080306','done',6,1793962381699,NULL,'',1793962381699);
INSERT INTO "Entries" VALUES(204,28,'0516706D-0001-0002-0304-050607080307','done',7,1793962458179,NULL,'',1793962458179);
INSERT INTO "Entries" VALUES(205,28,'25990F42-0001-0002-0304-050607080308','done',8,1793962458679,NULL,'',1793962458679);
INSERT INTO "Entries" VALUES(206,29,'332A40CF-0001-0002-0304-050607080102','start',2,1794127680000,NULL,'',1794127680000);
INSERT INTO "Entries" VALUES(207,29,'4E603D7C-0001-0002-0304-050607080302','done',2,1794127690999,NULL,'',1794127690999);
INSERT INTO "Entries" VALUES(208,29,'7587C47B-0001-0002-0304-050607080303','done',3,1794127834300,NULL,'',1794127834300);
INSERT INTO "Entries" VALUES(209,29,'13D9EF0E-0001-0002-0304-050607080304','done',4,1794127846099,NULL,'',1794127846099);
INSERT INTO "Entries" VALUES(210,29,'1C1A4DD2-0001-0002-0304-050607080305','done',5,1794127890399,NULL,'',1794127890399);
INSERT INTO "Entries" VALUES(211,29,'6B731D17-0001-0002-0304-050607080306','done',6,1794127993187,NULL,'',1794127993187);
INSERT INTO "Entries" VALUES(212,29,'1E5A16F3-0001-0002-0304-050607080307','done',7,1794127993787,NULL,'',1794127993787);
INSERT INTO "Entries" VALUES(213,30,'13384969-0001-0002-0304-050607080105','start',5,1794240960000,NULL,'',1794240960000);
INSERT INTO "Entries" VALUES(214,30,'3A30D008-0001-0002-0304-050607080305','done',5,1794240970299,NULL,'',1794240970299);
INSERT INTO "Entries" VALUES(215,30,'5870BC41-0001-0002-0304-050607080306','done',6,1794241007599,NULL,'',1794241007599);
INSERT INTO "Entries" VALUES(216,30,'63668168-0001-0002-0304-050607080307','done',7,1794241036999,NULL,'',1794241036999);
INSERT INTO "Entries" VALUES(217,30,'27E6FB3D-0001-0002-0304-050607080308','done',8,1794241051300,NULL,'',1794241051300);
INSERT INTO "Entries" VALUES(218,30,'40E4B0BB-0001-0002-0304-050607080309','done',9,1794241054100,NULL,'',1794241054100);
INSERT INTO "Entries" VALUES(219,30,'6A7E2A96-0001-0002-0304-05060708030A','done',10,1794241125100,NULL,'',1794241125100);
INSERT INTO "Entries" VALUES(220,30,'21273563-0001-0002-0304-05060708030B','done',11,1794241200513,NULL,'',1794241200513);
INSERT INTO "Entries" VALUES(221,31,'26895A4E-0001-0002-0304-050607080104','start',4,1794325620000,NULL,'',1794325620000);
INSERT INTO "Entries" VALUES(222,31,'1B835D52-0001-0002-0304-050607080305','done',5,1794325688299,NULL,'',1794325688299);
INSERT INTO "Entries" VALUES(223,31,'68715A45-0001-0002-0304-050607080306','done',6,1794325691000,NULL,'',1794325691000);
INSERT INTO "Entries" VALUES(224,31,'610F3436-0001-0002-0304-050607080307','done',7,1794325694500,NULL,'',1794325694500);
INSERT INTO "Entries" VALUES(225,31,'3542838F-0001-0002-0304-050607080308','done',8,1794325709758,NULL,'',1794325709758);
INSERT INTO "Entries" VALUES(226,32,'347F5A4B-0001-0002-0304-050607080104','start',4,1794408720000,NULL,'',1794408720000);
INSERT INTO "Entries" VALUES(227,32,'623F2C4B-0001-0002-0304-050607080305','done',5,1794408787699,NULL,'',1794408787699);
INSERT INTO "Entries" VALUES(228,32,'5B4656AE-0001-0002-0304-050607080306','done',6,1794408790700,NULL,'',1794408790700);
INSERT INTO "Entries" VALUES(229,32,'599B1E07-0001-0002-0304-050607080307','done',7,1794408795900,NULL,'',1794408795900);
INSERT INTO "Entries" VALUES(230,32,'070BB2E0-0001-0002-0304-050607080308','done',8,1794408808023,NULL,'',1794408808023);
INSERT INTO "Entries" VALUES(231,33,'0F55587C-0001-0002-0304-050607080104','start',4,1794491220000,NULL,'',1794491220000);
INSERT INTO "Entries" VALUES(232,33,'5250F741-0001-0002-0304-050607080305','done',5,1794491228200,NULL,'',1794491228200);
INSERT INTO "Entries" VALUES(233,33,'64A643C6-0001-0002-0304-050607080306','done',6,1794491295399,NULL,'',1794491295399);
INSERT INTO "Entries" VALUES(234,33,'4AD874F1-0001-0002-0304-050607080307','done',7,1794491299399,NULL,'',1794491299399);
INSERT INTO "Entries" VALUES(235,33,'5B3C93BA-0001-0002-0304-050607080308','done',8,1794491319905,NULL,'',1794491319905);
INSERT INTO "Entries" VALUES(236,34,'4CD1C6AD-0001-0002-0304-050607080104','start',4,1794574020000,NULL,'',1794574020000);
INSERT INTO "Entries" VALUES(237,34,'6A6764EF-0001-0002-0304-050607080305','done',5,1794574027900,NULL,'',1794574027900);
INSERT INTO "Entries" VALUES(238,34,'1751C157-0001-0002-0304-050607080306','done',6,1794574096199,NULL,'',1794574096199);
INSERT INTO "Entries" VALUES(239,34,'2E23FDD9-0001-0002-0304-050607080307','done',7,1794574098599,NULL,'',1794574098599);
INSERT INTO "Entries" VALUES(240,34,'268E1E33-0001-0002-0304-050607080308','done',8,1794574116177,NULL,'',1794574116177);
INSERT INTO "Entries" VALUES(241,35,'69CE7B1C-0001-0002-0304-050607080101','start',1,1794903540000,NULL,'',1794903540000);
INSERT INTO "Entries" VALUES(242,35,'445876BF-0001-0002-0304-050607080301','done',1,1794903558700,NULL,'',1794903558700);
INSERT INTO "Entries" VALUES(243,35,'0521EE12-0001-0002-0304-050607080302','done',2,1794903559300,NULL,'',1794903559300);
INSERT INTO "Entries" VALUES(244,35,'1F7DA76E-0001-0002-0304-050607080303','done',3,1794903770100,NULL,'',1794903770100);
INSERT INTO "Entries" VALUES(245,35,'75BD2E00-0001-0002-0304-050607080304','done',4,1794903789400,NULL,'',1794903789400);
INSERT INTO "Entries" VALUES(246,35,'0C2E04D6-0001-0002-0304-050607080206','begun',6,1794903833000,NULL,'',1794903833000);
INSERT INTO "Entries" VALUES(247,35,'76B1FDA8-0001-0002-0304-050607080306','done',6,1794903850300,NULL,'',1794903850300);
INSERT INTO "Entries" VALUES(248,36,'662644DD-0001-0002-0304-050607080101','start',1,1795019760000,NULL,'',1795019760000);
INSERT INTO "Entries" VALUES(249,36,'1E6F7BE2-0001-0002-0304-050607080301','done',1,1795019786100,NULL,'',1795019786100);
INSERT INTO "Entries" VALUES(250,36,'208C3BB5-0001-0002-0304-050607080302','done',2,1795019786100,NULL,'',1795019786100);
INSERT INTO "Entries" VALUES(251,36,'156D659E-0001-0002-0304-050607080303','done',3,1795019990100,NULL,'',1795019990100);
INSERT INTO "Entries" VALUES(252,36,'795DAF24-0001-0002-0304-050607080304','done',4,1795020008099,NULL,'',1795020008099);
INSERT INTO "Entries" VALUES(253,36,'75EA1CA9-0001-0002-0304-050607080206','begun',6,1795020052999,NULL,'',1795020052999);
INSERT INTO "Entries" VALUES(254,36,'3EAD8697-0001-0002-0304-050607080306','done',6,1795020068500,NULL,'',1795020068500);
INSERT INTO "Entries" VALUES(255,37,'755608E7-0001-0002-0304-050607080102','start',2,1795103520000,NULL,'',1795103520000);
INSERT INTO "Entries" VALUES(256,37,'195349C6-0001-0002-0304-050607080302','done',2,1795103533999,NULL,'',1795103533999);
INSERT INTO "Entries" VALUES(257,37,'71E705D9-0001-0002-0304-050607080303','done',3,1795103596999,NULL,'',1795103596999);
INSERT INTO "Entries" VALUES(258,37,'0A02C128-0001-0002-0304-050607080304','done',4,1795103596999,NULL,'',1795103596999);
INSERT INTO "Entries" VALUES(259,37,'3A7B1CC7-0001-0002-0304-050607080205','begun',5,1795103994999,NULL,'',1795103994999);
INSERT INTO "Entries" VALUES(260,37,'3F82C5C6-0001-0002-0304-050607080305','done',5,1795104027199,NULL,'',1795104027199);
INSERT INTO "Entries" VALUES(261,37,'571498AC-0001-0002-0304-050607080306','done',6,1795104040699,NULL,'',1795104040699);
INSERT INTO "Entries" VALUES(262,38,'73B56746-0001-0002-0304-050607080102','start',2,1795266660000,NULL,'',1795266660000);
INSERT INTO "Entries" VALUES(263,38,'4C23A0D0-0001-0002-0304-050607080302','done',2,1795266680300,NULL,'',1795266680300);
INSERT INTO "Entries" VALUES(264,38,'6D05697D-0001-0002-0304-050607080303','done',3,1795266682300,NULL,'',1795266682300);
INSERT INTO "Entries" VALUES(265,38,'49C0DEED-0001-0002-0304-050607080304','done',4,1795266683000,NULL,'',1795266683000);
INSERT INTO "Entries" VALUES(266,38,'7DD1F9B0-0001-0002-0304-050607080305','done',5,1795266934500,NULL,'',1795266934500);
INSERT INTO "Entries" VALUES(267,38,'0E8CA838-0001-0002-0304-050607080206','begun',6,1795266934500,NULL,'',1795266934500);
INSERT INTO "Entries" VALUES(268,38,'4E634741-0001-0002-0304-050607080306','done',6,1795266959200,NULL,'',1795266959200);
INSERT INTO "Entries" VALUES(269,38,'695D0913-0001-0002-0304-050607080307','done',7,1795266971500,NULL,'',1795266971500);
INSERT INTO "Entries" VALUES(270,39,'197BF0FA-0001-0002-0304-050607080103','start',3,1795432980000,NULL,'',1795432980000);
INSERT INTO "Entries" VALUES(271,39,'5C024F27-0001-0002-0304-050607080304','done',4,1795432986700,NULL,'',1795432986700);
INSERT INTO "Entries" VALUES(272,39,'5FC70FD1-0001-0002-0304-050607080305','done',5,1795432988200,NULL,'',1795432988200);
INSERT INTO "Entries" VALUES(273,39,'45D877D6-0001-0002-0304-050607080306','done',6,1795433120700,NULL,'',1795433120700);
INSERT INTO "Entries" VALUES(274,39,'6C2BD9F0-0001-0002-0304-050607080207','begun',7,1795433120700,NULL,'',1795433120700);
INSERT INTO "Entries" VALUES(275,39,'0740B569-0001-0002-0304-050607080307','done',7,1795433214362,NULL,'',1795433214362);
INSERT INTO "Entries" VALUES(276,39,'610975EE-0001-0002-0304-050607080308','done',8,1795433215962,NULL,'',1795433215962);
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
INSERT INTO "Facts" VALUES(2,'1.0',24.0,384.0,93.0,1048.0,3.31529022111440042409e+02,1.06446853097943905375e+00,1.47042587976672738396e+01,-4.12637475547535881315e-01,257.5,NULL,21.0,0);
INSERT INTO "Facts" VALUES(3,'1.0',24.0,384.0,93.0,944.0,3.31709072601109198783e+02,1.11817038105844068773e+00,1.54544691712885100547e+01,-2.62106337676536460534e-01,258.3,NULL,2.06999999999999886304e+01,0);
INSERT INTO "Facts" VALUES(4,'1.0',24.0,384.0,93.0,814.0,3.31934550476293850347e+02,1.18533923951217134984e+00,1.63939603178910253689e+01,-6.52058812055229530812e-02,259.1,NULL,2.18000000000000113695e+01,0);
INSERT INTO "Facts" VALUES(5,'1.0',32.0,480.0,96.0,892.0,4.13731414108439423662e+02,1.38529826670045808079e+00,1.79106690888734547688e+01,1.57791914556055345997e-01,579.9,NULL,NULL,0);
INSERT INTO "Facts" VALUES(6,'1.0',33.0,478.0,99.0,814.0,4.09562934760944074262e+02,1.3582612802085984871e+00,1.68573780634663812345e+01,-1.20988026709962934179e-01,311.7,NULL,2.5900000000000034106e+01,0);
INSERT INTO "Facts" VALUES(7,'1.0',27.0,404.0,95.0,970.0,3.46611192467232910987e+02,1.3303645604776259681e+00,1.70784906193813377228e+01,-1.65476188356441761273e-01,476.8,NULL,27.0,0);
INSERT INTO "Facts" VALUES(8,'1.0',27.0,405.0,95.0,970.0,3.47236150403948158789e+02,1.21996237978676780322e+00,1.56894459405480244384e+01,-4.01592473124630922054e-01,296.8,NULL,2.31999999999999886304e+01,0);
INSERT INTO "Facts" VALUES(9,'1.0',15.0,229.0,94.0,294.0,2.07890907639593649483e+02,1.39058878159598697799e+00,1.92727175972950917071e+01,4.56237423470149616733e-01,81.8,NULL,25.5,0);
INSERT INTO "Facts" VALUES(10,'1.0',15.0,228.0,94.0,372.0,2.06779605878822223983e+02,1.34423598836453,1.85307058588097710583e+01,3.09718679898880522305e-01,81.8,NULL,2.57999999999999971586e+01,0);
INSERT INTO "Facts" VALUES(11,'1.0',15.0,225.0,94.0,450.0,2.03650492552020295983e+02,1.30149086250976320222e+00,1.76699503468044660792e+01,1.5752424562576627931e-01,81.7,NULL,2.65999999999999943152e+01,0);
INSERT INTO "Facts" VALUES(12,'1.0',16.0,235.0,95.0,528.0,2.12296165010992808684e+02,1.36420976367746837887e+00,1.8101031318704958295e+01,1.62179129669271282487e-01,139.6,NULL,2.95999999999999943147e+01,0);
INSERT INTO "Facts" VALUES(13,'1.0',18.0,231.0,89.0,606.0,2.05214485336491208049e+02,1.46894374027650820302e+00,1.674714075828355675e+01,-3.32449663766373748607e-01,130.3,NULL,3.04000000000000056852e+01,0);
INSERT INTO "Facts" VALUES(14,'1.0',18.0,233.0,89.0,632.0,2.07177150065176903133e+02,1.43700695961885460683e+00,1.65397225843143900192e+01,-3.89394993042252168802e-01,131.3,NULL,3.21000000000000085265e+01,0);
INSERT INTO "Facts" VALUES(15,'1.0',17.0,204.0,86.0,684.0,1.79427319018110466688e+02,1.46428037407470013064e+00,1.54548177535917261593e+01,-7.45684870818191902763e-01,122.1,NULL,2.61999999999999886321e+01,0);
INSERT INTO "Facts" VALUES(16,'1.0',22.0,130.0,92.0,476.0,2.07941182786934604105e+02,1.51061119535572219163e+00,1.42781035769751820652e+01,-7.54483477862722545781e-02,96.2,NULL,2.0599999999999994316e+01,0);
INSERT INTO "Facts" VALUES(17,'1.0',22.0,133.0,92.0,502.0,2.10915381803549166765e+02,1.47707662518899551784e+00,1.41608263797652220716e+01,-1.35277258634510760826e-01,95.9,NULL,2.09000000000000056847e+01,0);
INSERT INTO "Facts" VALUES(18,'1.0',22.0,341.0,97.0,554.0,2.98826765072380510449e+02,1.31406069714988515961e+00,1.78489321471844242239e+01,2.40542867052169900832e-01,229.703,8.9002999999999985901e+01,NULL,0);
INSERT INTO "Facts" VALUES(19,'1.0',24.0,387.0,96.0,294.0,3.41448543333949828594e+02,1.36141841126776563797e+00,1.93689305581416171264e+01,6.53977446341746815328e-01,647.812,463.212,NULL,0);
INSERT INTO "Facts" VALUES(20,'1.0',24.0,383.0,96.0,398.0,3.37403966736378094996e+02,1.36452655874557926551e+00,1.9183194734912412116e+01,5.58022387642845396626e-01,450.137,265.437,NULL,0);
INSERT INTO "Facts" VALUES(21,'1.0',24.0,386.0,96.0,502.0,3.40325156632510868355e+02,1.32965681396383428314e+00,18.8548193116553,4.11991888687015472836e-01,364.629,1.81228999999999984991e+02,NULL,0);
INSERT INTO "Facts" VALUES(22,'1.0',24.0,388.0,96.0,580.0,3.42239736570361344539e+02,1.2972592297003131545e+00,1.84989023765043789637e+01,2.91481982862630217834e-01,326.829,1.41728999999999984993e+02,NULL,0);
INSERT INTO "Facts" VALUES(23,'1.0',27.0,400.0,95.0,762.0,3.48276347038310916557e+02,1.32835522068971645381e+00,1.71346186604105099604e+01,-1.20338202176581809954e-01,356.371,192.271,NULL,0);
INSERT INTO "Facts" VALUES(24,'1.0',22.0,341.0,97.0,580.0,2.98798446967057770955e+02,1.30470790817367743308e+00,1.77202134867242477866e+01,1.96868503069833611363e-01,223.509,8.41089999999999804458e+01,NULL,0);
INSERT INTO "Facts" VALUES(25,'1.0',17.0,273.0,96.0,554.0,2.40129240637679174596e+02,1.24068215506258083813e+00,1.75249449275233466489e+01,2.02415713769716926195e-01,199.214,6.28139999999999929522e+01,NULL,0);
INSERT INTO "Facts" VALUES(26,'1.0',17.0,273.0,96.0,554.0,2.40139745415488363271e+02,1.24500232575647329369e+00,1.75867377381676703862e+01,2.0164020104422047952e-01,200.187,64.287,NULL,0);
INSERT INTO "Facts" VALUES(27,'1.0',18.0,282.0,95.0,528.0,2.01000261251775896192e+02,1.38135980459257212693e+00,1.54252045336560605903e+01,1.84172771259998535597e-01,177.868,5.70689999999999884048e+01,NULL,0);
INSERT INTO "Facts" VALUES(28,'1.0',16.0,154.0,95.0,398.0,1.9276653579660506921e+02,1.3314218601267393538e+00,1.60408487287814764958e+01,1.92176191916113153768e-01,138.679,76.48,NULL,0);
INSERT INTO "Facts" VALUES(29,'1.0',25.0,248.0,97.0,502.0,3.47000548643491470092e+02,1.17839893688273766869e+00,1.63562031047686815554e+01,2.14873137855683460362e-01,313.787,1.02788000000000010912e+02,NULL,0);
INSERT INTO "Facts" VALUES(30,'1.0',21.0,233.0,96.0,450.0,3.61022202828359809237e+02,1.0877090470403985023e+00,1.86993864856600353618e+01,4.31741535414633392786e-01,240.513,7.54130000000000109148e+01,NULL,0);
INSERT INTO "Facts" VALUES(31,'1.0',26.0,390.0,100.0,528.0,3.3609154952640494685e+02,1.36616036103114768529e+00,1.76598058707888938556e+01,1.65529590162561066057e-02,89.758,1.87579999999999955662e+01,NULL,0);
INSERT INTO "Facts" VALUES(32,'1.0',26.0,390.0,100.0,580.0,3.35944644893903102914e+02,1.32302894582732699646e+00,1.70947880534737031155e+01,-9.43723099586627478529e-02,88.023,1.73229999999999932929e+01,NULL,0);
INSERT INTO "Facts" VALUES(33,'1.0',22.0,310.0,100.0,528.0,2.62216519825512193618e+02,1.41734799194212,1.68932753558518555792e+01,1.68991396102648627763e-01,99.905,24.506,NULL,0);
INSERT INTO "Facts" VALUES(34,'1.0',22.0,310.0,100.0,554.0,2.62154251143865735674e+02,1.3939316749283907626e+00,1.66102324721166709768e+01,1.3686302393775487407e-01,96.177,1.99780000000000086401e+01,NULL,0);
INSERT INTO "Facts" VALUES(35,'1.0',28.0,351.0,99.0,892.0,2.69028111312399516915e+02,1.49728267902904943476e+00,1.43861118299983878898e+01,-5.14955056419691636904e-01,310.3,NULL,NULL,0);
INSERT INTO "Facts" VALUES(36,'1.0',31.9,400.0,99.0,892.0,3.05802128919576034606e+02,1.50493684783546433081e+00,1.44267364250031686627e+01,-4.5483769764284776027e-01,308.5,NULL,NULL,0);
INSERT INTO "Facts" VALUES(37,'1.0',44.0,782.0,94.0,1100.0,6.93725187192089606455e+02,1.11358032470433832017e+00,1.75572436183851117159e+01,-1.80929952810951505393e-01,520.699,NULL,3.21999999999999886313e+01,0);
INSERT INTO "Facts" VALUES(38,'1.0',33.0,478.0,99.0,788.0,4.09673035835838788903e+02,1.38477159578352759794e+00,1.71910176843599025175e+01,-7.30930150300736491963e-02,311.5,NULL,2.46999999999999886313e+01,0);
INSERT INTO "Facts" VALUES(39,'1.0',22.0,341.0,97.0,554.0,2.98822008552418424184e+02,1.31248985689451047598e+00,1.78273116019042667801e+01,2.34703207383630152449e-01,235.962,93.662,NULL,0);
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
CREATE TABLE "Observations" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Observations" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Name" TEXT NOT NULL,
    "Value" REAL NOT NULL,
    "AtMs" INTEGER NOT NULL,
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
INSERT INTO "Sheets" VALUES(1,'River dripper','vd-water-first',NULL,'Water below','temperature 97 °C → 94 °C; grind 560 µm → 578 µm','It drained slowly in the damp.',NULL,1795500574696,1795500574696,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}');
INSERT INTO "Sheets" VALUES(2,'River dripper for two','vd-water-first',1,'River dripper','dose 22.0 g → 27.5 g; water 340 g → 427 g','Two cups from one paper, as much as it holds.',NULL,1795500574888,1795500574888,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}');
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
    "ThinHeavy" INTEGER NULL,
    CONSTRAINT "FK_Tastings_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Tastings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO "Tastings" VALUES(1,1794043902499,3,1,'Balanced, thin. Dried apple as it cooled.',NULL,7.5,0,-3);
INSERT INTO "Tastings" VALUES(2,1794655997500,2,2,'Balanced, thin. Apricot as it cooled.',1.08,6.5,-1,-4);
INSERT INTO "Tastings" VALUES(3,1794739038300,2,3,'Balanced, thin. Apricot as it cooled.',1.13,6.5,-1,-3);
INSERT INTO "Tastings" VALUES(4,1794820999100,4,4,'Balanced, thin. Almond as it cooled.',1.17,7.5,0,-2);
INSERT INTO "Tastings" VALUES(5,1795184799900,2,5,'Balanced, of middling body. Lime as it cooled.',NULL,8.0,0,1);
INSERT INTO "Tastings" VALUES(6,1795352891700,3,6,'Balanced, of middling body. Lime as it cooled.',NULL,8.0,0,1);
INSERT INTO "Tastings" VALUES(7,1795517516800,3,7,'Forgot it on the bench: released 3 minutes late. Balanced, of middling body. Cocoa nib as it cooled.',NULL,8.0,0,1);
INSERT INTO "Tastings" VALUES(8,1792157901800,2,9,'Hard to push, about 156 N. Balanced, heavy. Cocoa nib as it cooled.',NULL,7.0,1,2);
INSERT INTO "Tastings" VALUES(9,1792240941800,3,10,'Balanced, of middling body. Cocoa nib as it cooled.',NULL,7.5,1,1);
INSERT INTO "Tastings" VALUES(10,1792325421700,4,11,'Balanced, of middling body. Cocoa nib as it cooled.',NULL,8.5,0,0);
INSERT INTO "Tastings" VALUES(11,1792488259600,1,12,'Balanced, of middling body. Dried apple as it cooled.',NULL,8.0,0,1);
INSERT INTO "Tastings" VALUES(12,1792573150300,4,13,'Balanced, heavy. Malt as it cooled.',NULL,6.5,-1,3);
INSERT INTO "Tastings" VALUES(13,1792770551300,1,14,'Balanced, heavy. Apricot as it cooled.',NULL,7.0,-1,2);
INSERT INTO "Tastings" VALUES(14,1792854362100,2,15,'Sharp, heavy. Blackcurrant as it cooled.',NULL,6.0,-2,3);
INSERT INTO "Tastings" VALUES(15,1793016876200,4,16,'Balanced, heavy. Walnut as it cooled.',NULL,7.0,0,4);
INSERT INTO "Tastings" VALUES(16,1793101895900,1,17,'Balanced, heavy. Walnut as it cooled.',NULL,7.5,0,3);
INSERT INTO "Tastings" VALUES(17,1793183209703,2,18,'Balanced, of middling body. Cocoa nib as it cooled.',NULL,8.0,1,0);
INSERT INTO "Tastings" VALUES(18,1793183507812,3,19,'It stalled: 7:44 to drain. Harsh, of middling body. Almond as it cooled.',1.37,7.0,2,1);
INSERT INTO "Tastings" VALUES(19,1793267610137,3,20,'It stalled: 4:25 to drain. Harsh, of middling body. Almond as it cooled.',1.39,7.0,2,1);
INSERT INTO "Tastings" VALUES(20,1793349004629,4,21,'Balanced, of middling body. Almond as it cooled.',1.31,8.0,1,0);
INSERT INTO "Tastings" VALUES(21,1793464826829,3,22,'Balanced, of middling body. Almond as it cooled.',1.32,8.0,1,0);
INSERT INTO "Tastings" VALUES(22,1793632616371,1,23,'Balanced, of middling body. Lime as it cooled.',NULL,8.5,0,0);
INSERT INTO "Tastings" VALUES(23,1793712703509,3,24,'Balanced, of middling body. Dried apple as it cooled.',NULL,8.0,1,0);
INSERT INTO "Tastings" VALUES(24,1793797999214,1,25,'Balanced, of middling body. Lime as it cooled.',NULL,7.5,1,-1);
INSERT INTO "Tastings" VALUES(25,1793879540187,2,26,'Balanced, of middling body. Cocoa nib as it cooled.',NULL,7.5,1,-1);
INSERT INTO "Tastings" VALUES(26,1793877477868,4,27,'Balanced, of middling body. Cocoa nib as it cooled.',NULL,7.5,1,1);
INSERT INTO "Tastings" VALUES(27,1793963058679,4,28,'Balanced, of middling body. Almond as it cooled.',NULL,7.5,1,1);
INSERT INTO "Tastings" VALUES(28,1794128593787,4,29,'Balanced, thin. Lime as it cooled. Cold and clear.',NULL,7.0,1,-2);
INSERT INTO "Tastings" VALUES(29,1794241800513,1,30,'Balanced, thin. Lime as it cooled. Cold and clear.',NULL,6.5,1,-4);
INSERT INTO "Tastings" VALUES(30,1794326309758,3,31,'Balanced, of middling body. Walnut as it cooled.',NULL,8.0,0,1);
INSERT INTO "Tastings" VALUES(31,1794409408023,1,32,'Balanced, of middling body. Walnut as it cooled.',NULL,8.5,0,0);
INSERT INTO "Tastings" VALUES(32,1794491919905,1,33,'Balanced, heavy. Almond as it cooled.',NULL,7.0,1,2);
INSERT INTO "Tastings" VALUES(33,1794574716177,4,34,'Balanced, heavy. Cocoa nib as it cooled.',NULL,7.5,0,2);
INSERT INTO "Tastings" VALUES(34,1794904450300,4,35,'Sharp, heavy. Malt as it cooled.',NULL,6.0,-2,3);
INSERT INTO "Tastings" VALUES(35,1795020668500,3,36,'Balanced, heavy. Treacle as it cooled.',NULL,6.5,-1,3);
INSERT INTO "Tastings" VALUES(36,1795104640699,2,37,'Balanced, thin. Treacle as it cooled.',NULL,6.5,-1,-3);
INSERT INTO "Tastings" VALUES(37,1795267571500,4,38,'Balanced, of middling body. Walnut as it cooled.',NULL,8.0,0,1);
INSERT INTO "Tastings" VALUES(38,1795433815962,2,39,'Balanced, of middling body. Cocoa nib as it cooled.',NULL,8.0,1,0);
CREATE TABLE "Turns" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Turns" PRIMARY KEY AUTOINCREMENT,
    "SheetId" INTEGER NOT NULL,
    "Position" INTEGER NOT NULL,
    "StateJson" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Turns_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
);
INSERT INTO "Turns" VALUES(1,1,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795500574696);
INSERT INTO "Turns" VALUES(2,2,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795500574888);
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
INSERT INTO "Weighings" VALUES(4,6,2,478.0);
INSERT INTO "Weighings" VALUES(5,7,2,54.0);
INSERT INTO "Weighings" VALUES(6,7,4,404.0);
INSERT INTO "Weighings" VALUES(7,8,2,57.0);
INSERT INTO "Weighings" VALUES(8,8,4,405.0);
INSERT INTO "Weighings" VALUES(9,9,3,229.0);
INSERT INTO "Weighings" VALUES(10,10,3,228.0);
INSERT INTO "Weighings" VALUES(11,11,3,225.0);
INSERT INTO "Weighings" VALUES(12,12,3,235.0);
INSERT INTO "Weighings" VALUES(13,13,2,231.0);
INSERT INTO "Weighings" VALUES(14,14,2,233.0);
INSERT INTO "Weighings" VALUES(15,15,2,204.0);
INSERT INTO "Weighings" VALUES(16,16,3,130.0);
INSERT INTO "Weighings" VALUES(17,17,3,133.0);
INSERT INTO "Weighings" VALUES(18,19,3,387.0);
INSERT INTO "Weighings" VALUES(19,20,3,383.0);
INSERT INTO "Weighings" VALUES(20,21,3,386.0);
INSERT INTO "Weighings" VALUES(21,22,3,388.0);
INSERT INTO "Weighings" VALUES(22,23,3,93.0);
INSERT INTO "Weighings" VALUES(23,23,5,400.0);
INSERT INTO "Weighings" VALUES(24,25,3,273.0);
INSERT INTO "Weighings" VALUES(25,26,3,273.0);
INSERT INTO "Weighings" VALUES(26,27,3,282.0);
INSERT INTO "Weighings" VALUES(27,28,4,154.0);
INSERT INTO "Weighings" VALUES(28,29,2,184.0);
INSERT INTO "Weighings" VALUES(29,29,4,248.0);
INSERT INTO "Weighings" VALUES(30,30,5,69.0);
INSERT INTO "Weighings" VALUES(31,30,6,114.0);
INSERT INTO "Weighings" VALUES(32,30,8,233.0);
INSERT INTO "Weighings" VALUES(33,35,1,351.0);
INSERT INTO "Weighings" VALUES(34,36,1,400.0);
INSERT INTO "Weighings" VALUES(35,37,2,122.0);
INSERT INTO "Weighings" VALUES(36,37,3,782.0);
INSERT INTO "Weighings" VALUES(37,38,2,478.0);
CREATE TABLE "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);
INSERT INTO "__EFMigrationsHistory" VALUES('20261123143507_FirstBrew','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123153118_VesselDetails','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261123164137_ShelfAndPlans','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261125225957_JobsAndExtras','10.0.14');
INSERT INTO "__EFMigrationsHistory" VALUES('20261126020227_BrewsAsEntries','10.0.14');
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
DELETE FROM "sqlite_sequence";
INSERT INTO "sqlite_sequence" VALUES('Brews',39);
INSERT INTO "sqlite_sequence" VALUES('Entries',276);
INSERT INTO "sqlite_sequence" VALUES('Tastings',38);
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
INSERT INTO "sqlite_sequence" VALUES('Weighings',37);
INSERT INTO "sqlite_sequence" VALUES('Sheets',2);
INSERT INTO "sqlite_sequence" VALUES('Turns',2);
COMMIT;
