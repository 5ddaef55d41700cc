PRAGMA foreign_keys=OFF;
BEGIN TRANSACTION;
CREATE TABLE IF NOT EXISTS "__EFMigrationsLock" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK___EFMigrationsLock" PRIMARY KEY,
    "Timestamp" TEXT NOT NULL
);
CREATE TABLE IF NOT EXISTS "__EFMigrationsHistory" (
    "MigrationId" TEXT NOT NULL CONSTRAINT "PK___EFMigrationsHistory" PRIMARY KEY,
    "ProductVersion" TEXT NOT NULL
);
INSERT INTO __EFMigrationsHistory VALUES('20261123143507_FirstBrew','10.0.14');
CREATE TABLE IF NOT EXISTS "Bags" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Bags" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Origin" TEXT NOT NULL,
    "Roast" REAL NOT NULL,
    "RoastedOn" TEXT NOT NULL,
    "LeftG" REAL NOT NULL,
    "TastesOf" TEXT NOT NULL
);
INSERT INTO Bags VALUES(1,'Kestrel Terrace','Rwanda, washed',0.2000000000000000111,'2026-11-16',212.0,'blackcurrant, tea, lime');
INSERT INTO Bags VALUES(2,'Blue Ferry','Timor-Leste, natural',0.34999999999999997779,'2026-11-20',640.0,'plum, cocoa nib');
INSERT INTO Bags VALUES(3,'Quiet Orchard','Bolivia, honey',0.4000000000000000222,'2026-11-11',31.0,'apricot, almond');
INSERT INTO Bags VALUES(4,'Night Barge','blend',0.59999999999999997779,'2026-11-22',1150.0,'treacle, walnut');
INSERT INTO Bags VALUES(5,'Tidewrack','Malawi, decaffeinated',0.5,'2026-11-04',180.0,'malt, dried apple');
CREATE TABLE IF NOT EXISTS "Baristas" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Baristas" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Mass" INTEGER NOT NULL,
    "Temperature" INTEGER NOT NULL,
    "Volume" INTEGER NOT NULL,
    "CupMl" REAL NOT NULL
);
INSERT INTO Baristas VALUES(1,'Imre',0,0,0,180.0);
INSERT INTO Baristas VALUES(2,'Solveig',0,0,0,180.0);
INSERT INTO Baristas VALUES(3,'Wanjiru',0,0,0,180.0);
INSERT INTO Baristas VALUES(4,'Teo',0,0,0,180.0);
CREATE TABLE IF NOT EXISTS "Mills" (
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
);
INSERT INTO Mills VALUES(1,'Ferrule','clicks',0.0,60.0,1.0,60.0,26.0,0.41999999999999998445,20.0);
INSERT INTO Mills VALUES(2,'Counter 64','settings',0.0,20.0,0.25,220.0,55.0,0.46999999999999997335,6.5);
INSERT INTO Mills VALUES(3,'Hut mill','turns',0.0,6.0,0.25,250.0,210.0,0.68000000000000004884,NULL);
CREATE TABLE IF NOT EXISTS "Places" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Places" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "AltitudeM" REAL NOT NULL,
    "AmbientC" REAL NOT NULL,
    "Water" TEXT NOT NULL
);
INSERT INTO Places VALUES(1,'Weir House',12.0,21.0,'medium-hard tap water through a filter jug');
INSERT INTO Places VALUES(2,'High Hut',2340.0,17.0,'very soft spring water');
CREATE TABLE IF NOT EXISTS "Vessels" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Vessels" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Family" INTEGER NOT NULL,
    "CapacityMl" REAL NOT NULL,
    "Material" INTEGER NULL
);
INSERT INTO Vessels VALUES(1,'Small French press',0,350.0,NULL);
INSERT INTO Vessels VALUES(2,'French press',0,1000.0,NULL);
INSERT INTO Vessels VALUES(3,'Hut French press',0,1000.0,3);
CREATE TABLE IF NOT EXISTS "Brews" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Brews" PRIMARY KEY AUTOINCREMENT,
    "RecipeId" TEXT NOT NULL,
    "Name" TEXT NOT NULL,
    "PlanJson" TEXT NOT NULL,
    "ModelVersion" TEXT NOT NULL,
    "ForecastJson" TEXT NOT NULL,
    "TinyTide" TEXT NOT NULL,
    "BaristaId" INTEGER NULL,
    "BagId" INTEGER NULL,
    "TakenG" REAL NOT NULL,
    "CoffeeName" TEXT NOT NULL,
    "PlaceName" TEXT NOT NULL,
    "GrindText" TEXT NOT NULL,
    "State" INTEGER NOT NULL,
    "OpenedAtMs" INTEGER NOT NULL,
    "StartedAtMs" INTEGER NULL,
    "EndedAtMs" INTEGER NULL,
    "WhyAbandoned" TEXT NULL,
    CONSTRAINT "FK_Brews_Bags_BagId" FOREIGN KEY ("BagId") REFERENCES "Bags" ("Id") ON DELETE SET NULL,
    CONSTRAINT "FK_Brews_Baristas_BaristaId" FOREIGN KEY ("BaristaId") REFERENCES "Baristas" ("Id") ON DELETE SET NULL
);
INSERT INTO Brews VALUES(1,'fp-slow-eight','Slow eight',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-slow-eight",\n  "name": "Slow eight",\n  "school": "patient",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000\n  },\n  "coffee": {\n    "doseG": 46,\n    "roast": 0.5,\n    "restDays": 2\n  },\n  "grind": {\n    "medianUm": 1074,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 94\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "first-water",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "add-coffee"\n    },\n    {\n      "do": "pour",\n      "at": 0,\n      "toG": 130,\n      "overS": 12\n    },\n    {\n      "do": "pour",\n      "at": 50,\n      "toG": 819,\n      "overS": 25\n    },\n    {\n      "do": "lid"\n    },\n    {\n      "do": "plunge",\n      "at": 475,\n      "overS": 30\n    },\n    {\n      "do": "decant",\n      "overS": 15\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":519.9999999999995,"beverageG":727.0933050777534,"tdsPercent":1.113104057104228,"extractionYieldPercent":17.5941414733776,"dissolvedYieldPercent":20.059010967733784,"tilt":-0.144554083440804,"slurryEndC":82.90470584160903,"streamC":83.13898025839738,"drawdownS":null,"pressForceN":29.166667796859517,"peakVolumeMl":920.2698064893771,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.08482270432757252}','0,24 1,23 2,21.2 3,20.3 4,20.3 5,20.3 6,20.3 7,20.3 8,20.3 9,20.3 10,20.3 11,16.2 12,12.2 13,8.5 14,3.5 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,3.9 99,11.4 100,18.1 100,24 0,24',3,5,0.0,'Tidewrack','Weir House','Ferrule, 39 clicks',1,1793956200000,1793956380000,1793956902199,NULL);
INSERT INTO Brews VALUES(2,'fp-water-first','Water before coffee',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-water-first",\n  "name": "Water before coffee",\n  "school": "pressed",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000,\n    "wrapped": true\n  },\n  "coffee": {\n    "doseG": 24,\n    "roast": 0.4,\n    "restDays": 2\n  },\n  "grind": {\n    "medianUm": 1048,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 93\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "coffee-in",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "pour",\n      "toG": 384,\n      "overS": 15\n    },\n    {\n      "do": "add-coffee",\n      "at": 0\n    },\n    {\n      "do": "stir",\n      "turns": 4,\n      "overS": 3\n    },\n    {\n      "do": "seat-plunger"\n    },\n    {\n      "do": "plunge",\n      "at": 225,\n      "overS": 20,\n      "window": [\n        210,\n        255\n      ]\n    },\n    {\n      "do": "decant",\n      "overS": 12\n    },\n    {\n      "do": "clear"\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":257.0000000000002,"beverageG":331.52950517400205,"tdsPercent":1.064612687232714,"extractionYieldPercent":14.706271558342761,"dissolvedYieldPercent":17.263015766216945,"tilt":-0.4099433683975729,"slurryEndC":83.68097494385434,"streamC":83.88650944354822,"drawdownS":null,"pressForceN":14.327214490570409,"peakVolumeMl":433.8372508654724,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.09410937967635293}','0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24',2,3,0.0,'Quiet Orchard','Weir House','Ferrule, 38 clicks',1,1794569460000,1794569640000,1794569898000,NULL);
INSERT INTO Brews VALUES(3,'fp-water-first','Water before coffee',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-water-first",\n  "name": "Water before coffee",\n  "school": "pressed",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000,\n    "wrapped": true\n  },\n  "coffee": {\n    "doseG": 24,\n    "roast": 0.4,\n    "restDays": 3\n  },\n  "grind": {\n    "medianUm": 996,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 93\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "coffee-in",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "pour",\n      "toG": 384,\n      "overS": 15\n    },\n    {\n      "do": "add-coffee",\n      "at": 0\n    },\n    {\n      "do": "stir",\n      "turns": 4,\n      "overS": 3\n    },\n    {\n      "do": "seat-plunger"\n    },\n    {\n      "do": "plunge",\n      "at": 225,\n      "overS": 20,\n      "window": [\n        210,\n        255\n      ]\n    },\n    {\n      "do": "decant",\n      "overS": 12\n    },\n    {\n      "do": "clear"\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":257.0000000000002,"beverageG":331.61889298770603,"tdsPercent":1.0912807033103658,"extractionYieldPercent":15.07872078210953,"dissolvedYieldPercent":17.69724560690304,"tilt":-0.33505037518227754,"slurryEndC":83.68097494385434,"streamC":83.8865097402385,"drawdownS":null,"pressForceN":14.669403089622394,"peakVolumeMl":432.6324861861374,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.09700117555901332}','0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24',3,3,0.0,'Quiet Orchard','Weir House','Ferrule, 36 clicks',1,1794651060000,1794651240000,1794651497800,NULL);
INSERT INTO Brews VALUES(4,'fp-water-first','Water before coffee',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-water-first",\n  "name": "Water before coffee",\n  "school": "pressed",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000,\n    "wrapped": true\n  },\n  "coffee": {\n    "doseG": 24,\n    "roast": 0.4,\n    "restDays": 4\n  },\n  "grind": {\n    "medianUm": 944,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 93\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "coffee-in",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "pour",\n      "toG": 384,\n      "overS": 15\n    },\n    {\n      "do": "add-coffee",\n      "at": 0\n    },\n    {\n      "do": "stir",\n      "turns": 4,\n      "overS": 3\n    },\n    {\n      "do": "seat-plunger"\n    },\n    {\n      "do": "plunge",\n      "at": 225,\n      "overS": 20,\n      "window": [\n        210,\n        255\n      ]\n    },\n    {\n      "do": "decant",\n      "overS": 12\n    },\n    {\n      "do": "clear"\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":257.0000000000002,"beverageG":331.70863783841804,"tdsPercent":1.118040778975673,"extractionYieldPercent":15.452657660076012,"dissolvedYieldPercent":18.13297114892302,"tilt":-0.2589491039937344,"slurryEndC":83.68097494385434,"streamC":83.88651007796767,"drawdownS":null,"pressForceN":15.067438363993736,"peakVolumeMl":431.5107746349065,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.10014560356041917}','0,24 1,20.4 2,17.2 3,12.1 4,7.9 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,6.2 98,10.2 99,15.8 100,19.9 100,24 0,24',2,3,0.0,'Quiet Orchard','Weir House','Ferrule, 34 clicks',1,1794735120000,1794735300000,1794735558400,NULL);
INSERT INTO Brews VALUES(5,'fp-long-settle','Long settle',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-long-settle",\n  "name": "Long settle",\n  "school": "patient",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000\n  },\n  "coffee": {\n    "doseG": 32,\n    "roast": 0.2,\n    "restDays": 3\n  },\n  "grind": {\n    "medianUm": 892,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 96\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "first-water",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "add-coffee"\n    },\n    {\n      "do": "level-bed"\n    },\n    {\n      "do": "pour",\n      "at": 0,\n      "toG": 480,\n      "overS": 18\n    },\n    {\n      "do": "lid"\n    },\n    {\n      "do": "smell"\n    },\n    {\n      "do": "break-crust",\n      "at": 270,\n      "turns": 3,\n      "overS": 3\n    },\n    {\n      "do": "skim",\n      "overS": 15\n    },\n    {\n      "do": "wait",\n      "forS": 270,\n      "window": [\n        200,\n        420\n      ]\n    },\n    {\n      "do": "plunge",\n      "depth": "surface",\n      "overS": 6\n    },\n    {\n      "do": "decant",\n      "overS": 15\n    },\n    {\n      "do": "clear"\n    }\n  ],\n  "target": {\n    "tdsPercent": [\n      1.25,\n      1.45\n    ],\n    "tilt": [\n      -0.3,\n      0.4\n    ]\n  }\n}','\n',char(10)),'1.0','{"finishS":579,"beverageG":413.73010364549316,"tdsPercent":1.3849859111056089,"extractionYieldPercent":17.90657389216473,"dissolvedYieldPercent":21.07670398090097,"tilt":0.1587122520179761,"slurryEndC":78.89961653795083,"streamC":79.20895754130302,"drawdownS":null,"pressForceN":null,"peakVolumeMl":541.5110310072525,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.1017617134601219}','0,24 1,19.9 2,12.4 3,4.5 4,1 5,1 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,1 98,2.4 99,9.6 100,17.5 100,24 0,24',1,1,0.0,'Kestrel Terrace','Weir House','Ferrule, 32 clicks',1,1795099380000,1795099560000,1795100141300,NULL);
INSERT INTO Brews VALUES(6,'hut-press','High Hut press',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "hut-press",\n  "name": "High Hut press",\n  "school": "pressed",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000,\n    "material": "steel"\n  },\n  "coffee": {\n    "doseG": 33,\n    "roast": 0.2,\n    "restDays": 5\n  },\n  "grind": {\n    "medianUm": 814,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 99\n  },\n  "place": {\n    "altitudeM": 2340,\n    "ambientC": 17\n  },\n  "clockStarts": "first-water",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "add-coffee"\n    },\n    {\n      "do": "pour",\n      "at": 0,\n      "toG": 478,\n      "overS": 18\n    },\n    {\n      "do": "stir",\n      "turns": 4,\n      "overS": 3\n    },\n    {\n      "do": "lid"\n    },\n    {\n      "do": "break-crust",\n      "at": 270,\n      "turns": 3,\n      "overS": 3\n    },\n    {\n      "do": "plunge",\n      "overS": 25\n    },\n    {\n      "do": "decant",\n      "overS": 12\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":310.00000000000045,"beverageG":409.55598924285465,"tdsPercent":1.3565884491460964,"extractionYieldPercent":16.836331038953322,"dissolvedYieldPercent":19.94584466455116,"tilt":-0.12029284960343584,"slurryEndC":80.18250929074938,"streamC":80.48906025344128,"drawdownS":null,"pressForceN":24.69119837082384,"peakVolumeMl":537.0714756470429,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.24539049245917308}','0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,18 100,24 0,24',3,1,0.0,'Kestrel Terrace','High Hut','Ferrule, 29 clicks',1,1795265400000,1795265580000,1795265892200,NULL);
INSERT INTO Brews VALUES(7,'fp-bloomed','Bloomed and broken',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-bloomed",\n  "name": "Bloomed and broken",\n  "school": "pressed",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000\n  },\n  "coffee": {\n    "doseG": 27,\n    "roast": 0.35,\n    "restDays": 3\n  },\n  "grind": {\n    "medianUm": 970,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 95\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "first-water",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "add-coffee"\n    },\n    {\n      "do": "pour",\n      "at": 0,\n      "toG": 55,\n      "overS": 6\n    },\n    {\n      "do": "swirl",\n      "turns": 2,\n      "overS": 3\n    },\n    {\n      "do": "pour",\n      "at": 40,\n      "toG": 405,\n      "overS": 16\n    },\n    {\n      "do": "lid"\n    },\n    {\n      "do": "break-crust",\n      "at": 255,\n      "turns": 3,\n      "overS": 3\n    },\n    {\n      "do": "plunge",\n      "overS": 25\n    },\n    {\n      "do": "decant",\n      "overS": 12\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":295.00000000000045,"beverageG":347.2253102525834,"tdsPercent":1.2168785304014962,"extractionYieldPercent":15.64929723179138,"dissolvedYieldPercent":18.51714771615603,"tilt":-0.4054253125497419,"slurryEndC":82.3034553476727,"streamC":82.5975367450129,"drawdownS":null,"pressForceN":17.623142916207396,"peakVolumeMl":458.1527187007868,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20639261682665822}','0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24',2,2,0.0,'Blue Ferry','Weir House','Ferrule, 35 clicks',1,1795431300000,1795431480000,1795431955600,NULL);
INSERT INTO Brews VALUES(8,'fp-bloomed','Bloomed and broken',replace('{\n  "format": "cistern/recipe",\n  "version": 1,\n  "id": "fp-bloomed",\n  "name": "Bloomed and broken",\n  "school": "pressed",\n  "brewer": {\n    "family": "french-press",\n    "capacityMl": 1000\n  },\n  "coffee": {\n    "doseG": 27,\n    "roast": 0.35,\n    "restDays": 4\n  },\n  "grind": {\n    "medianUm": 970,\n    "spread": 0.42\n  },\n  "water": {\n    "temperatureC": 95\n  },\n  "place": {\n    "altitudeM": 12,\n    "ambientC": 21\n  },\n  "clockStarts": "first-water",\n  "steps": [\n    {\n      "do": "preheat"\n    },\n    {\n      "do": "add-coffee"\n    },\n    {\n      "do": "pour",\n      "at": 0,\n      "toG": 55,\n      "overS": 6\n    },\n    {\n      "do": "swirl",\n      "turns": 2,\n      "overS": 3\n    },\n    {\n      "do": "pour",\n      "at": 40,\n      "toG": 405,\n      "overS": 16\n    },\n    {\n      "do": "lid"\n    },\n    {\n      "do": "break-crust",\n      "at": 255,\n      "turns": 3,\n      "overS": 3\n    },\n    {\n      "do": "plunge",\n      "overS": 25\n    },\n    {\n      "do": "decant",\n      "overS": 12\n    }\n  ]\n}','\n',char(10)),'1.0','{"finishS":295.00000000000045,"beverageG":347.2297593467145,"tdsPercent":1.218144249695852,"extractionYieldPercent":15.66577535820277,"dissolvedYieldPercent":18.53637262942004,"tilt":-0.40303797904849503,"slurryEndC":82.3034553476727,"streamC":82.59753680311807,"drawdownS":null,"pressForceN":17.53027838785529,"peakVolumeMl":456.9358619733355,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20638997229474382}','0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24',4,2,0.0,'Blue Ferry','Weir House','Ferrule, 35 clicks',1,1795511340000,1795511520000,1795511815300,NULL);
CREATE TABLE IF NOT EXISTS "Notes" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Notes" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Text" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Notes_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
CREATE TABLE IF NOT EXISTS "Presses" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Presses" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "Key" TEXT NOT NULL,
    "Kind" INTEGER NOT NULL,
    "StepIndex" INTEGER NOT NULL,
    "ElapsedS" REAL NOT NULL,
    "ReceivedAtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Presses_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO Presses VALUES(1,1,'5FB75640-0001-0002-0304-050607080902',0,2,0.0,1793956380000);
INSERT INTO Presses VALUES(2,1,'1E2CFD22-0001-0002-0304-050607080902',0,2,14.099999999999992539,1793956394099);
INSERT INTO Presses VALUES(3,1,'3CE92CBE-0001-0002-0304-050607080903',0,3,77.199999999999960207,1793956457199);
INSERT INTO Presses VALUES(4,1,'0364E768-0001-0002-0304-050607080904',0,4,77.199999999999960207,1793956457199);
INSERT INTO Presses VALUES(5,1,'30DAE5FF-0001-0002-0304-050607080905',0,5,505.19999999999942019,1793956885199);
INSERT INTO Presses VALUES(6,1,'7DA4B1B5-0001-0002-0304-050607080906',0,6,522.19999999999959072,1793956902199);
INSERT INTO Presses VALUES(7,2,'1BFAB865-0001-0002-0304-050607080902',0,2,0.0,1794569640000);
INSERT INTO Presses VALUES(8,2,'3CB6796A-0001-0002-0304-050607080903',0,3,3.1000000000000071942,1794569643100);
INSERT INTO Presses VALUES(9,2,'2F9DC629-0001-0002-0304-050607080904',0,4,4.9000000000000074606,1794569644900);
INSERT INTO Presses VALUES(10,2,'547CB92A-0001-0002-0304-050607080905',0,5,245.00000000000011369,1794569885000);
INSERT INTO Presses VALUES(11,2,'108D7D76-0001-0002-0304-050607080906',0,6,258.00000000000022737,1794569898000);
INSERT INTO Presses VALUES(12,2,'0918FF49-0001-0002-0304-050607080907',0,7,258.00000000000022737,1794569898000);
INSERT INTO Presses VALUES(13,3,'2B79B0BA-0001-0002-0304-050607080902',0,2,0.0,1794651240000);
INSERT INTO Presses VALUES(14,3,'50299D10-0001-0002-0304-050607080903',0,3,4.200000000000007283,1794651244200);
INSERT INTO Presses VALUES(15,3,'4C76F623-0001-0002-0304-050607080904',0,4,4.6000000000000067501,1794651244600);
INSERT INTO Presses VALUES(16,3,'6253B917-0001-0002-0304-050607080905',0,5,245.00000000000011369,1794651485000);
INSERT INTO Presses VALUES(17,3,'6DF549F7-0001-0002-0304-050607080906',0,6,257.80000000000023875,1794651497800);
INSERT INTO Presses VALUES(18,3,'47EC1139-0001-0002-0304-050607080907',0,7,257.80000000000023875,1794651497800);
INSERT INTO Presses VALUES(19,4,'121F8612-0001-0002-0304-050607080902',0,2,0.0,1794735300000);
INSERT INTO Presses VALUES(20,4,'0CE3B653-0001-0002-0304-050607080903',0,3,4.9000000000000074606,1794735304900);
INSERT INTO Presses VALUES(21,4,'5DE89748-0001-0002-0304-050607080904',0,4,5.200000000000007283,1794735305200);
INSERT INTO Presses VALUES(22,4,'13D669A5-0001-0002-0304-050607080905',0,5,246.80000000000012505,1794735546800);
INSERT INTO Presses VALUES(23,4,'19896F7A-0001-0002-0304-050607080906',0,6,258.40000000000020463,1794735558400);
INSERT INTO Presses VALUES(24,4,'28272B25-0001-0002-0304-050607080907',0,7,258.40000000000020463,1794735558400);
INSERT INTO Presses VALUES(25,5,'6C434AD2-0001-0002-0304-050607080903',0,3,0.0,1795099560000);
INSERT INTO Presses VALUES(26,5,'64C8EB18-0001-0002-0304-050607080903',0,3,20.30000000000000071,1795099580300);
INSERT INTO Presses VALUES(27,5,'09FD71B8-0001-0002-0304-050607080904',0,4,20.30000000000000071,1795099580300);
INSERT INTO Presses VALUES(28,5,'5EF84BEA-0001-0002-0304-050607080905',0,5,20.30000000000000071,1795099580300);
INSERT INTO Presses VALUES(29,5,'1FC9D84F-0001-0002-0304-050607080906',0,6,275.20000000000038654,1795099835200);
INSERT INTO Presses VALUES(30,5,'76321E60-0001-0002-0304-050607080907',0,7,288.90000000000048885,1795099848900);
INSERT INTO Presses VALUES(31,5,'504691B1-0001-0002-0304-050607080909',0,9,564.59999999999979534,1795100124599);
INSERT INTO Presses VALUES(32,5,'198DD8BF-0001-0002-0304-05060708090A',0,10,581.2999999999999545,1795100141300);
INSERT INTO Presses VALUES(33,5,'18B0C06C-0001-0002-0304-05060708090B',0,11,581.2999999999999545,1795100141300);
INSERT INTO Presses VALUES(34,6,'2051A7DC-0001-0002-0304-050607080902',0,2,0.0,1795265580000);
INSERT INTO Presses VALUES(35,6,'2DECDF26-0001-0002-0304-050607080902',0,2,18.600000000000001421,1795265598600);
INSERT INTO Presses VALUES(36,6,'3A31AE66-0001-0002-0304-050607080903',0,3,21.500000000000007104,1795265601500);
INSERT INTO Presses VALUES(37,6,'488281E9-0001-0002-0304-050607080904',0,4,23.100000000000008525,1795265603100);
INSERT INTO Presses VALUES(38,6,'252D736F-0001-0002-0304-050607080905',0,5,274.90000000000020463,1795265854900);
INSERT INTO Presses VALUES(39,6,'28739FF9-0001-0002-0304-050607080906',0,6,298.50000000000034105,1795265878500);
INSERT INTO Presses VALUES(40,6,'6C08C268-0001-0002-0304-050607080907',0,7,312.20000000000044338,1795265892200);
INSERT INTO Presses VALUES(41,7,'092C5EDF-0001-0002-0304-050607080902',0,2,0.0,1795431480000);
INSERT INTO Presses VALUES(42,7,'262F032C-0001-0002-0304-050607080902',0,2,8.1999999999999992894,1795431488200);
INSERT INTO Presses VALUES(43,7,'5532C563-0001-0002-0304-050607080903',0,3,9.3999999999999950262,1795431489399);
INSERT INTO Presses VALUES(44,7,'42D6C600-0001-0002-0304-050607080904',0,4,56.599999999999972997,1795431536599);
INSERT INTO Presses VALUES(45,7,'3CCFBF1E-0001-0002-0304-050607080905',0,5,58.399999999999970155,1795431538399);
INSERT INTO Presses VALUES(46,7,'1FFD0243-0001-0002-0304-050607080906',0,6,258.30000000000023874,1795431738300);
INSERT INTO Presses VALUES(47,7,'7FB29423-0001-0002-0304-050607080907',0,7,463.9000000000003183,1795431943900);
INSERT INTO Presses VALUES(48,7,'3D3D031F-0001-0002-0304-050607080908',0,8,475.60000000000047749,1795431955600);
INSERT INTO Presses VALUES(49,8,'4C791E95-0001-0002-0304-050607080902',0,2,0.0,1795511520000);
INSERT INTO Presses VALUES(50,8,'67766AAA-0001-0002-0304-050607080902',0,2,7.3999999999999985789,1795511527399);
INSERT INTO Presses VALUES(51,8,'1EBBB63F-0001-0002-0304-050607080903',0,3,10.999999999999994671,1795511530999);
INSERT INTO Presses VALUES(52,8,'7B7ECFF9-0001-0002-0304-050607080904',0,4,57.799999999999968737,1795511577799);
INSERT INTO Presses VALUES(53,8,'0496469E-0001-0002-0304-050607080905',0,5,57.799999999999968737,1795511577799);
INSERT INTO Presses VALUES(54,8,'351015C1-0001-0002-0304-050607080906',0,6,258.10000000000025012,1795511778100);
INSERT INTO Presses VALUES(55,8,'3FE1CD03-0001-0002-0304-050607080907',0,7,284.80000000000035243,1795511804800);
INSERT INTO Presses VALUES(56,8,'2AC76AB7-0001-0002-0304-050607080908',0,8,295.3000000000004661,1795511815300);
CREATE TABLE IF NOT EXISTS "Tastings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Tastings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "SharpHarsh" INTEGER NULL,
    "ThinHeavy" INTEGER NULL,
    "Score" REAL NULL,
    "Note" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Tastings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO Tastings VALUES(1,1,0,-3,7.5,'Malt and a dry edge. Coarse enough.',1793957502199);
INSERT INTO Tastings VALUES(2,2,-1,-4,6.5,'A little sharp. Two clicks finer next time.',1794570498000);
INSERT INTO Tastings VALUES(3,3,-1,-3,6.5,'Better: apricot at the front.',1794652097800);
INSERT INTO Tastings VALUES(4,4,-1,-3,6.5,'Round. Keep it here.',1794736158400);
INSERT INTO Tastings VALUES(5,5,0,1,8.0,'Clear, blackcurrant when it cooled.',1795100741300);
INSERT INTO Tastings VALUES(6,6,0,1,8.0,'Thinner than at Weir House. The water boils at 92.',1795266492200);
INSERT INTO Tastings VALUES(7,7,0,0,8.5,'Forgot it on the bench, plunged three minutes late. Good still, but no longer hot.',1795432555600);
CREATE TABLE IF NOT EXISTS "Weighings" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Weighings" PRIMARY KEY AUTOINCREMENT,
    "BrewId" INTEGER NOT NULL,
    "StepIndex" INTEGER NOT NULL,
    "TotalG" REAL NOT NULL,
    CONSTRAINT "FK_Weighings_Brews_BrewId" FOREIGN KEY ("BrewId") REFERENCES "Brews" ("Id") ON DELETE CASCADE
);
INSERT INTO Weighings VALUES(1,1,2,128.0);
INSERT INTO Weighings VALUES(2,1,3,820.0);
INSERT INTO Weighings VALUES(3,5,3,480.0);
INSERT INTO Weighings VALUES(4,6,2,482.0);
INSERT INTO Weighings VALUES(5,7,2,56.0);
INSERT INTO Weighings VALUES(6,7,4,408.0);
INSERT INTO Weighings VALUES(7,8,2,54.0);
INSERT INTO Weighings VALUES(8,8,4,407.0);
DELETE FROM sqlite_sequence;
INSERT INTO sqlite_sequence VALUES('Bags',5);
INSERT INTO sqlite_sequence VALUES('Baristas',4);
INSERT INTO sqlite_sequence VALUES('Mills',3);
INSERT INTO sqlite_sequence VALUES('Places',2);
INSERT INTO sqlite_sequence VALUES('Vessels',3);
INSERT INTO sqlite_sequence VALUES('Brews',8);
INSERT INTO sqlite_sequence VALUES('Presses',56);
INSERT INTO sqlite_sequence VALUES('Tastings',7);
INSERT INTO sqlite_sequence VALUES('Weighings',8);
CREATE UNIQUE INDEX "IX_Baristas_Name" ON "Baristas" ("Name");
CREATE INDEX "IX_Brews_BagId" ON "Brews" ("BagId");
CREATE INDEX "IX_Brews_BaristaId" ON "Brews" ("BaristaId");
CREATE INDEX "IX_Brews_OpenedAtMs" ON "Brews" ("OpenedAtMs");
CREATE INDEX "IX_Brews_RecipeId_OpenedAtMs" ON "Brews" ("RecipeId", "OpenedAtMs");
CREATE INDEX "IX_Brews_State_OpenedAtMs" ON "Brews" ("State", "OpenedAtMs");
CREATE INDEX "IX_Notes_BrewId" ON "Notes" ("BrewId");
CREATE INDEX "IX_Presses_BrewId" ON "Presses" ("BrewId");
CREATE UNIQUE INDEX "IX_Presses_Key" ON "Presses" ("Key");
CREATE UNIQUE INDEX "IX_Tastings_BrewId" ON "Tastings" ("BrewId");
CREATE UNIQUE INDEX "IX_Weighings_BrewId_StepIndex" ON "Weighings" ("BrewId", "StepIndex");
COMMIT;
