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
CREATE TABLE "Bags" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Bags" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Origin" TEXT NOT NULL,
    "Roast" REAL NOT NULL,
    "RoastedOn" TEXT NOT NULL,
    "LeftG" REAL NOT NULL,
    "TastesOf" TEXT NOT NULL
, "BoughtGround" INTEGER NOT NULL DEFAULT 0, "Decaffeinated" INTEGER NOT NULL DEFAULT 0, "GroundSpread" REAL NOT NULL DEFAULT 0.69999999999999996, "GroundUm" REAL NOT NULL DEFAULT 800.0, "OpenedOn" TEXT NULL, "RemovedAtMs" INTEGER NULL, "UsedUpOn" TEXT NULL);
INSERT INTO "Bags" VALUES(1,'Kestrel Terrace','Rwanda, washed',0.2,'2026-11-21',212,'blackcurrant, tea, lime',0,0,0.7,800,'2026-11-24',NULL,NULL);
INSERT INTO "Bags" VALUES(2,'Blue Ferry','Timor-Leste, natural',0.35,'2026-11-25',640,'plum, cocoa nib',0,0,0.7,800,'2026-11-27',NULL,NULL);
INSERT INTO "Bags" VALUES(3,'Quiet Orchard','Bolivia, honey',0.4,'2026-11-16',31,'apricot, almond',0,0,0.7,800,'2026-11-18',NULL,NULL);
INSERT INTO "Bags" VALUES(4,'Night Barge','blend',0.6,'2026-11-27',1150,'treacle, walnut',0,0,0.7,800,'2026-11-29',NULL,NULL);
INSERT INTO "Bags" VALUES(5,'Tidewrack','Malawi, decaffeinated',0.5,'2026-11-09',180,'malt, dried apple',0,1,0.7,800,'2026-11-11',NULL,NULL);
INSERT INTO "Bags" VALUES(6,'Night Barge, ground','blend, bought ground at High Hut',0.6,'2026-11-06',250,'treacle, walnut',1,0,0.75,800,NULL,NULL,NULL);
CREATE TABLE "Baristas" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Baristas" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Mass" INTEGER NOT NULL,
    "Temperature" INTEGER NOT NULL,
    "Volume" INTEGER NOT NULL,
    "CupMl" REAL NOT NULL
, "UsesLearned" INTEGER NOT NULL DEFAULT 1, "NoMill" INTEGER NOT NULL DEFAULT 0, "NoScale" INTEGER NOT NULL DEFAULT 0, "NoThermometer" INTEGER NOT NULL DEFAULT 0, "Dose" INTEGER NOT NULL DEFAULT 0, "Pin" TEXT NOT NULL DEFAULT '');
INSERT INTO "Baristas" VALUES(1,'Imre',0,0,0,180,1,0,0,0,0,'');
INSERT INTO "Baristas" VALUES(2,'Solveig',0,0,0,180,1,0,0,0,0,'');
INSERT INTO "Baristas" VALUES(3,'Wanjiru',0,0,0,180,1,0,0,0,0,'');
INSERT INTO "Baristas" VALUES(4,'Teo',0,0,0,180,1,0,0,0,0,'');
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
INSERT INTO "Mills" VALUES(1,'Ferrule','clicks',0,60,1,60,26,0.42,20,'',0,NULL,2.2,0,'','French press = 33
open jar = 32');
INSERT INTO "Mills" VALUES(2,'Counter 64','settings',0,20,0.25,220,55,0.47,6.5,'F = 6.5',0,NULL,0.5,0,'','');
INSERT INTO "Mills" VALUES(3,'Hut mill','turns',0,6,0.25,250,210,0.68,NULL,'',1,NULL,2.6,0,'','');
CREATE TABLE "Places" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Places" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "AltitudeM" REAL NOT NULL,
    "AmbientC" REAL NOT NULL,
    "Water" TEXT NOT NULL
, "RemovedAtMs" INTEGER NULL);
INSERT INTO "Places" VALUES(1,'Weir House',12,21,'medium-hard tap water through a filter jug',NULL);
INSERT INTO "Places" VALUES(2,'High Hut',2340,17,'very soft spring water',NULL);
CREATE TABLE "Vessels" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Vessels" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "Family" INTEGER NOT NULL,
    "CapacityMl" REAL NOT NULL,
    "Material" INTEGER NULL
, "Cone" INTEGER NULL, "Filter" INTEGER NULL, "Marks" TEXT NOT NULL DEFAULT '', "RemovedAtMs" INTEGER NULL, "Wrapped" INTEGER NOT NULL DEFAULT 0, "OutletMm" REAL NULL);
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
INSERT INTO "Weighings" VALUES(4,6,2,478,0);
INSERT INTO "Weighings" VALUES(5,7,2,54,0);
INSERT INTO "Weighings" VALUES(6,7,4,404,0);
INSERT INTO "Weighings" VALUES(12,12,3,235,0);
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
CREATE TABLE "Kettles" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Kettles" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "CapacityMl" REAL NOT NULL,
    "KeepsTemperature" INTEGER NOT NULL,
    "SecondsPerLitre" REAL NOT NULL,
    "CoolsPerS" REAL NOT NULL
);
INSERT INTO "Kettles" VALUES(1,'Small kettle',NULL,1000,1,330,0.0017);
INSERT INTO "Kettles" VALUES(2,'Big kettle',NULL,1700,0,190,0.0017);
CREATE TABLE "Servers" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Servers" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "CapacityMl" REAL NOT NULL
);
INSERT INTO "Servers" VALUES(1,'Large server',NULL,800);
INSERT INTO "Servers" VALUES(2,'Small server',NULL,400);
INSERT INTO "Servers" VALUES(3,'Tall cup',NULL,240);
INSERT INTO "Servers" VALUES(4,'Short cup',NULL,180);
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
INSERT INTO "Sheets" VALUES(1,'River dripper','vd-water-first',NULL,'Water below','temperature 97 °C → 94 °C; grind 560 µm → 578 µm','It drained slowly in the damp.',NULL,1795825011136,1795825011136,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL,NULL);
INSERT INTO "Sheets" VALUES(2,'River dripper for two','vd-water-first',1,'River dripper','dose 22.0 g → 27.5 g; water 340 g → 427 g','Two cups from one paper, as much as it holds.',NULL,1795825011264,1795825011264,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL,NULL);
INSERT INTO "Sheets" VALUES(3,'Water below, for the pair','vd-water-first',NULL,'Water below','grind 18 clicks','',NULL,1795878000000,1795878000000,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below, for the pair\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 3\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 528,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":2,"MillId":1,"MillSetting":18,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL,NULL);
INSERT INTO "Sheets" VALUES(4,'Water below, for the pair, B','vd-water-first',3,'Water below, for the pair','grind 18 → 24 clicks','',NULL,1795878000000,1795878000000,NULL,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below, for the pair, B\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 3\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 684,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":2,"MillId":1,"MillSetting":24,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',NULL,NULL);
CREATE TABLE "Spoons" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Spoons" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "HoldsG" REAL NOT NULL,
    "WeighedWith" TEXT NOT NULL
, "Heaped" INTEGER NOT NULL DEFAULT 0);
INSERT INTO "Spoons" VALUES(1,'house tablespoon',NULL,6.2,'Night Barge',0);
CREATE TABLE "Waters" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Waters" PRIMARY KEY AUTOINCREMENT,
    "Name" TEXT NOT NULL,
    "RemovedAtMs" INTEGER NULL,
    "HardnessMgL" REAL NOT NULL,
    "AlkalinityMgL" REAL NOT NULL,
    "Concentrate" INTEGER NOT NULL
);
INSERT INTO "Waters" VALUES(1,'Weir House tap',NULL,190,140,0);
INSERT INTO "Waters" VALUES(2,'Weir House, filter jug',NULL,95,55,0);
INSERT INTO "Waters" VALUES(3,'High Hut spring',NULL,22,18,0);
INSERT INTO "Waters" VALUES(4,'Mineral drops',NULL,9000,3200,1);
CREATE TABLE "Turns" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Turns" PRIMARY KEY AUTOINCREMENT,
    "SheetId" INTEGER NOT NULL,
    "Position" INTEGER NOT NULL,
    "StateJson" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "AtMs" INTEGER NOT NULL,
    CONSTRAINT "FK_Turns_Sheets_SheetId" FOREIGN KEY ("SheetId") REFERENCES "Sheets" ("Id") ON DELETE CASCADE
);
INSERT INTO "Turns" VALUES(1,1,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795825011136);
INSERT INTO "Turns" VALUES(2,2,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 27.5,\n    \u0022roast\u0022: 0.2,\n    \u0022restDays\u0022: 9\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 577.5,\n    \u0022spread\u0022: 0.47\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 94\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 427,\n      \u0022overS\u0022: 19\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":1,"MillId":2,"MillSetting":6.5,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795825011264);
INSERT INTO "Turns" VALUES(3,3,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below, for the pair\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 3\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 528,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":2,"MillId":1,"MillSetting":18,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795878000000);
INSERT INTO "Turns" VALUES(4,4,0,'{"Base":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below, for the pair, B\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 3\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 684,\n    \u0022spread\u0022: 0.42\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Origin":"{\n  \u0022format\u0022: \u0022cistern/recipe\u0022,\n  \u0022version\u0022: 1,\n  \u0022id\u0022: \u0022vd-water-first\u0022,\n  \u0022name\u0022: \u0022Water below\u0022,\n  \u0022school\u0022: \u0022water-first\u0022,\n  \u0022brewer\u0022: {\n    \u0022family\u0022: \u0022valve-dripper\u0022,\n    \u0022capacityMl\u0022: 500\n  },\n  \u0022coffee\u0022: {\n    \u0022doseG\u0022: 22,\n    \u0022roast\u0022: 0.35,\n    \u0022restDays\u0022: 10\n  },\n  \u0022grind\u0022: {\n    \u0022medianUm\u0022: 560,\n    \u0022spread\u0022: 0.45\n  },\n  \u0022water\u0022: {\n    \u0022temperatureC\u0022: 97\n  },\n  \u0022place\u0022: {\n    \u0022altitudeM\u0022: 12,\n    \u0022ambientC\u0022: 21\n  },\n  \u0022clockStarts\u0022: \u0022coffee-in\u0022,\n  \u0022steps\u0022: [\n    {\n      \u0022do\u0022: \u0022rinse-filter\u0022\n    },\n    {\n      \u0022do\u0022: \u0022preheat\u0022\n    },\n    {\n      \u0022do\u0022: \u0022pour\u0022,\n      \u0022toG\u0022: 340,\n      \u0022overS\u0022: 15\n    },\n    {\n      \u0022do\u0022: \u0022add-coffee\u0022,\n      \u0022at\u0022: 0\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022turns\u0022: 5,\n      \u0022overS\u0022: 6\n    },\n    {\n      \u0022do\u0022: \u0022lid\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir\u0022,\n      \u0022at\u0022: 136,\n      \u0022turns\u0022: 2,\n      \u0022overS\u0022: 3\n    },\n    {\n      \u0022do\u0022: \u0022drain\u0022\n    },\n    {\n      \u0022do\u0022: \u0022stir-cup\u0022\n    }\n  ]\n}","Settled":true,"BagId":2,"MillId":1,"MillSetting":24,"AskedUm":null,"PlaceId":null,"VesselId":null,"ServerId":null,"KettleId":null,"SpoonId":null,"Counting":0,"Locks":{"Last":2,"Before":0},"Held":null,"Charge":null}','',1795878000000);
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
INSERT INTO "Brews" VALUES(6,1,3,'Kestrel Terrace',1795697891700,NULL,'{"finishS":310.00000000000045,"beverageG":409.55598924285465,"tdsPercent":1.3565884491460964,"extractionYieldPercent":16.836331038953322,"dissolvedYieldPercent":19.94584466455116,"tilt":-0.12029284960343584,"slurryEndC":80.18250929074938,"streamC":80.48906025344128,"drawdownS":null,"pressForceN":24.69119837082384,"peakVolumeMl":537.0714756470429,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.24539049245917308}','Ferrule, 29 clicks','1.0','High Hut press',1795697400000,'High Hut','{
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
}','hut-press',NULL,1795697580000,1,0,'0,24 1,21.2 2,16.8 3,14.1 4,9.3 5,4.5 6,1 7,1 8,1 9,1 10,1 11,1 12,1 13,1 14,1 15,1 16,1 17,1 18,1 19,1 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,18 100,24 0,24','',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'French press',NULL,'01A229CF-BC6C-78E1-A33C-82FA4B1947B3',NULL,NULL,NULL);
INSERT INTO "Brews" VALUES(7,2,3,'Blue Ferry',1795862516800,NULL,'{"finishS":295.00000000000045,"beverageG":347.2253102525834,"tdsPercent":1.2168785304014962,"extractionYieldPercent":15.64929723179138,"dissolvedYieldPercent":18.51714771615603,"tilt":-0.4054253125497419,"slurryEndC":82.3034553476727,"streamC":82.5975367450129,"drawdownS":null,"pressForceN":17.623142916207396,"peakVolumeMl":458.1527187007868,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.20639261682665822}','Ferrule, 35 clicks','1.0','Bloomed and broken',1795861860000,'Weir House','{
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
}','fp-bloomed',NULL,1795862040000,1,0,'0,24 1,22.9 2,21.7 3,20.9 4,20.9 5,20.9 6,20.9 7,20.9 8,20.9 9,20.9 10,20.9 11,20.9 12,20.9 13,20.9 14,19.9 15,17.2 16,12.7 17,9.6 18,5.1 19,1.9 20,1 21,1 22,1 23,1 24,1 25,1 26,1 27,1 28,1 29,1 30,1 31,1 32,1 33,1 34,1 35,1 36,1 37,1 38,1 39,1 40,1 41,1 42,1 43,1 44,1 45,1 46,1 47,1 48,1 49,1 50,1 51,1 52,1 53,1 54,1 55,1 56,1 57,1 58,1 59,1 60,1 61,1 62,1 63,1 64,1 65,1 66,1 67,1 68,1 69,1 70,1 71,1 72,1 73,1 74,1 75,1 76,1 77,1 78,1 79,1 80,1 81,1 82,1 83,1 84,1 85,1 86,1 87,1 88,1 89,1 90,1 91,1 92,1 93,1 94,1 95,1 96,1 97,4 98,9.6 99,13.6 100,19.7 100,24 0,24','',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'French press',NULL,'01A229CF-BC73-7F56-9B1E-F9F53AB8E178',NULL,NULL,NULL);
INSERT INTO "Brews" VALUES(12,NULL,1,'Tidewrack',1792833259600,NULL,'{"finishS":138.00000000000003,"beverageG":211.28994316842724,"tdsPercent":1.367761818234761,"extractionYieldPercent":18.06214480267296,"dissolvedYieldPercent":20.414415600631127,"tilt":0.16209127692230652,"slurryEndC":86.43447773181802,"streamC":87.35193770888573,"drawdownS":null,"pressForceN":71.5484442776245,"peakVolumeMl":255.23361807549085,"dilutedG":null,"dilutedTdsPercent":null,"meltG":null,"chilledC":null,"chilledG":null,"chilledTdsPercent":null,"sedimentGPer100G":0.001177372926780669}','Ferrule, 18 clicks','1.0','Upright, held back',1792832940000,'Weir House','{
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
}','tp-upright-held',NULL,1792833120000,1,0,'0,24 1,22 2,19.9 3,16.1 4,14.2 5,10.3 6,8.4 7,6.5 8,2.7 9,1 10,1.1 11,1.2 12,1.2 13,1.2 14,1.2 15,1.2 16,1.2 17,1.2 18,1.2 19,1.2 20,1.2 21,1.2 22,1.2 24,1.2 25,1.2 26,1.2 27,1.2 28,1.2 29,1.2 30,1.2 31,1.2 32,1.2 33,1.2 34,1.2 35,1.2 36,1.2 37,1.2 38,1.2 39,1.2 40,1.2 41,1.2 42,1.2 43,1.2 44,1.2 45,1.2 46,1.2 47,1.2 48,1.2 49,1.2 50,1.2 51,1.2 52,1.2 53,1.2 54,1.2 55,1.2 56,1.2 57,1.2 58,1.2 59,1.2 61,1.2 62,1.2 63,1.2 64,1.2 66,1.2 67,1.2 68,1.2 70,1.2 71,1.2 72,1.2 73,1.2 74,1.2 75,1.2 76,1.2 77,1.2 78,1.2 79,1.2 80,1.6 81,2.4 82,3.2 83,4 84,5.7 85,6.5 86,7.4 87,8.4 88,9.2 89,10.8 90,11.8 91,12.8 92,13.9 94,15 95,16.3 96,17.7 97,18.4 98,19.1 99,20.6 100,21.3 100,24 0,24','',NULL,NULL,NULL,NULL,0,1,0,'','Ferrule',NULL,NULL,'Tube press',NULL,'01A229CF-BC98-79A5-A82E-9CF2E32DBDB6',NULL,NULL,NULL);
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
INSERT INTO "Entries" VALUES(39,6,'63797BF0-0001-0002-0304-050607080102','start',2,1795697580000,NULL,'',1795697580000,0);
INSERT INTO "Entries" VALUES(40,6,'1A683D35-0001-0002-0304-050607080302','done',2,1795697598700,NULL,'',1795697598700,0);
INSERT INTO "Entries" VALUES(41,6,'6C08C268-0001-0002-0304-050607080303','done',3,1795697603200,NULL,'',1795697603200,0);
INSERT INTO "Entries" VALUES(42,6,'33F79A5E-0001-0002-0304-050607080304','done',4,1795697603300,NULL,'',1795697603300,0);
INSERT INTO "Entries" VALUES(43,6,'6F0F709E-0001-0002-0304-050607080305','done',5,1795697853200,NULL,'',1795697853200,0);
INSERT INTO "Entries" VALUES(44,6,'262F032C-0001-0002-0304-050607080206','begun',6,1795697853200,NULL,'',1795697853200,0);
INSERT INTO "Entries" VALUES(45,6,'12C92C10-0001-0002-0304-050607080306','done',6,1795697879100,NULL,'',1795697879100,0);
INSERT INTO "Entries" VALUES(46,6,'1FFB82FC-0001-0002-0304-050607080307','done',7,1795697891700,NULL,'',1795697891700,0);
INSERT INTO "Entries" VALUES(47,7,'787C7115-0001-0002-0304-050607080102','start',2,1795862040000,NULL,'',1795862040000,0);
INSERT INTO "Entries" VALUES(48,7,'0D83B8AC-0001-0002-0304-050607080302','done',2,1795862047199,NULL,'',1795862047199,0);
INSERT INTO "Entries" VALUES(49,7,'7FB29423-0001-0002-0304-050607080303','done',3,1795862049899,NULL,'',1795862049899,0);
INSERT INTO "Entries" VALUES(50,7,'3D3D031F-0001-0002-0304-050607080304','done',4,1795862096599,NULL,'',1795862096599,0);
INSERT INTO "Entries" VALUES(51,7,'4C791E95-0001-0002-0304-050607080305','done',5,1795862098299,NULL,'',1795862098299,0);
INSERT INTO "Entries" VALUES(52,7,'67766AAA-0001-0002-0304-050607080306','done',6,1795862299400,NULL,'',1795862299400,0);
INSERT INTO "Entries" VALUES(53,7,'1965BDA3-0001-0002-0304-050607080207','begun',7,1795862478000,NULL,'',1795862478000,0);
INSERT INTO "Entries" VALUES(54,7,'1EBBB63F-0001-0002-0304-050607080307','done',7,1795862505000,NULL,'',1795862505000,0);
INSERT INTO "Entries" VALUES(55,7,'7B7ECFF9-0001-0002-0304-050607080308','done',8,1795862516800,NULL,'',1795862516800,0);
INSERT INTO "Entries" VALUES(86,12,'716AED0E-0001-0002-0304-050607080103','start',3,1792833120000,NULL,'',1792833120000,0);
INSERT INTO "Entries" VALUES(87,12,'2DA0EE3F-0001-0002-0304-050607080303','done',3,1792833132900,NULL,'',1792833132900,0);
INSERT INTO "Entries" VALUES(88,12,'75A245EA-0001-0002-0304-050607080304','done',4,1792833135900,NULL,'',1792833135900,0);
INSERT INTO "Entries" VALUES(89,12,'486A4A66-0001-0002-0304-050607080305','done',5,1792833135900,NULL,'',1792833135900,0);
INSERT INTO "Entries" VALUES(90,12,'16F63DBC-0001-0002-0304-050607080206','begun',6,1792833230000,NULL,'',1792833230000,0);
INSERT INTO "Entries" VALUES(91,12,'52C8BB96-0001-0002-0304-050607080306','done',6,1792833259600,NULL,'',1792833259600,0);
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
INSERT INTO "Facts" VALUES(6,'1.0',33,478,99,814,409.5629347609441,1.3582612802085985,16.85737806346638,-0.12098802670996293,311.7,NULL,25.900000000000034,0,0,0.8974282544287885,'french-press','within',NULL,NULL,NULL,1.4097565280990545,1.3034203701931384,1.3565884491460964,-0.12029284960343584,0.09601088153415271,-0.3365965807410244,0.19999999999976126,5,0,2,0);
INSERT INTO "Facts" VALUES(7,'1.0',27,404,95,970,346.6111924672329,1.330364560477626,17.078490619381338,-0.16547618835644176,476.8,NULL,27,0,0,0.902121587967229,'french-press','late',NULL,NULL,NULL,1.2741628747661997,1.1595941860367927,1.2168785304014962,-0.4054253125497419,-0.15273439308105546,-0.6581162320184284,179.99999999999977,3,0,2,-1);
INSERT INTO "Facts" VALUES(12,'1.0',16,235,95,528,212.2961650109928,1.3642097636774684,18.10103131870496,0.16217912966927128,139.6,NULL,29.599999999999994,0,0,0.9086602657944064,'tube-press','within',NULL,NULL,NULL,1.4183496861103038,1.3171739503592184,1.367761818234761,0.16209127692230652,0.3160386722666869,0.008143881577926088,-8.526512829121202E-14,8,0,2,1);
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
INSERT INTO "Tastings" VALUES(6,1795698491700,3,6,'Balanced, of middling body. Lime as it cooled.',NULL,8,0,1,NULL,'','',NULL);
INSERT INTO "Tastings" VALUES(7,1795863116800,3,7,'Forgot it on the bench: released 3 minutes late. Balanced, of middling body. Cocoa nib as it cooled.',NULL,8,0,1,NULL,'','',NULL);
INSERT INTO "Tastings" VALUES(11,1792833859600,1,12,'Balanced, of middling body. Dried apple as it cooled.',NULL,8,0,1,NULL,'','',NULL);
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
INSERT INTO "Learned" VALUES(1,'1.0',1795997815102,'{"Parameters":[{"Parameter":0,"Whose":"Blue Ferry","Sigmas":0.0967497583977332,"Spread":0.5014769426275341,"Prior":{"Parameter":0,"Name":"diffusion","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.22314355131420976,"IsFactor":true},"Value":1.0218238151280628,"Low":0.8854629724497265,"High":1.1791841574969426,"IsKnown":true},{"Parameter":1,"Whose":"Ferrule","Sigmas":0.007776603796252326,"Spread":0.05590727777435075,"Prior":{"Parameter":1,"Name":"bedResistance","Scope":0,"Unit":"\u00D7","Prior":1,"Sigma":0.4054651081081644,"IsFactor":true},"Value":1.0031581178786533,"Low":0.9744690942100848,"High":1.0326917656445336,"IsKnown":true},{"Parameter":2,"Whose":"Blue Ferry","Sigmas":0.004423205429918742,"Spread":0.49582517525562575,"Prior":{"Parameter":2,"Name":"equilibrium","Scope":2,"Unit":"g/g","Prior":0,"Sigma":0.02,"IsFactor":false},"Value":8.846410859837484E-05,"Low":-0.012604660377945645,"High":0.012781588595142392,"IsKnown":true},{"Parameter":3,"Whose":"Tube press","Sigmas":-0.529792638511617,"Spread":0.7853455741087167,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":-0.07946889577674254,"Low":-0.23025524600561614,"High":0.07131745445213107,"IsKnown":true},{"Parameter":4,"Whose":"Blue Ferry","Sigmas":-0.1617348760496936,"Spread":0.4269052839563532,"Prior":{"Parameter":4,"Name":"gas","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.3364722366212129,"IsFactor":true},"Value":0.9470349357698215,"Low":0.7879814197470902,"High":1.138193296304385,"IsKnown":true},{"Parameter":5,"Whose":"Tube press","Sigmas":-0.03320245816801297,"Spread":0.9946178196672592,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":0.9953703101617232,"Low":0.8331239239822597,"High":1.18921330408529,"IsKnown":false},{"Parameter":6,"Whose":"Ferrule","Sigmas":-0.0034999598985721385,"Spread":0.11168243398189032,"Prior":{"Parameter":6,"Name":"millOffsetUm","Scope":0,"Unit":"\u00B5m","Prior":0,"Sigma":40,"IsFactor":false},"Value":-0.13999839594288555,"Low":-5.85813901581567,"High":5.578142223929899,"IsKnown":true},{"Parameter":1,"Whose":"Counter 64","Sigmas":0.413896122105284,"Spread":0.16404366286548067,"Prior":{"Parameter":1,"Name":"bedResistance","Scope":0,"Unit":"\u00D7","Prior":1,"Sigma":0.4054651081081644,"IsFactor":true},"Value":1.182724216763741,"Low":1.0861969292720268,"High":1.2878296147061565,"IsKnown":true},{"Parameter":3,"Whose":"Lever dripper, ridged","Sigmas":0.4601528549423334,"Spread":0.185301882282656,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":0.06902292824135,"Low":0.03344496684308005,"High":0.10460088963961996,"IsKnown":true},{"Parameter":5,"Whose":"Lever dripper, ridged","Sigmas":0.06715714342890226,"Spread":0.8064588179148264,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":1.009430199565845,"Low":0.8738158108576088,"High":1.16609165814417,"IsKnown":false},{"Parameter":6,"Whose":"Counter 64","Sigmas":1.290117421582882,"Spread":0.5262931728601346,"Prior":{"Parameter":6,"Name":"millOffsetUm","Scope":0,"Unit":"\u00B5m","Prior":0,"Sigma":40,"IsFactor":false},"Value":51.604696863315276,"Low":24.65848641287639,"High":78.55090731375415,"IsKnown":true},{"Parameter":0,"Whose":"Tidewrack","Sigmas":-0.23068020536129458,"Spread":0.6279462999572134,"Prior":{"Parameter":0,"Name":"diffusion","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.22314355131420976,"IsFactor":true},"Value":0.9498275850857045,"Low":0.7938734807912371,"High":1.136418413284904,"IsKnown":true},{"Parameter":2,"Whose":"Tidewrack","Sigmas":0.07941839278684185,"Spread":0.7352261437146831,"Prior":{"Parameter":2,"Name":"equilibrium","Scope":2,"Unit":"g/g","Prior":0,"Sigma":0.02,"IsFactor":false},"Value":0.001588367855736837,"Low":-0.01723342142335905,"High":0.020410157134832727,"IsKnown":true},{"Parameter":4,"Whose":"Tidewrack","Sigmas":0.13628727029842752,"Spread":0.7145725216833317,"Prior":{"Parameter":4,"Name":"gas","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.3364722366212129,"IsFactor":true},"Value":1.0469245671756628,"Low":0.7695892099792043,"High":1.424202724185239,"IsKnown":true},{"Parameter":0,"Whose":"Quiet Orchard","Sigmas":0.0761018793782757,"Spread":0.33003755211837066,"Prior":{"Parameter":0,"Name":"diffusion","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.22314355131420976,"IsFactor":true},"Value":1.0171266513968142,"Low":0.9256260882897922,"High":1.117672284813351,"IsKnown":true},{"Parameter":2,"Whose":"Quiet Orchard","Sigmas":0.1450537656276744,"Spread":0.27330495814027883,"Prior":{"Parameter":2,"Name":"equilibrium","Scope":2,"Unit":"g/g","Prior":0,"Sigma":0.02,"IsFactor":false},"Value":0.0029010753125534882,"Low":-0.0040955316158376495,"High":0.009897682240944627,"IsKnown":true},{"Parameter":4,"Whose":"Quiet Orchard","Sigmas":-0.03287519838855776,"Spread":0.5559089250427774,"Prior":{"Parameter":4,"Name":"gas","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.3364722366212129,"IsFactor":true},"Value":0.9889993629143552,"Low":0.7784247689183134,"High":1.2565372774612247,"IsKnown":true},{"Parameter":0,"Whose":"Kestrel Terrace","Sigmas":0.2650820862892058,"Spread":0.578541438602986,"Prior":{"Parameter":0,"Name":"diffusion","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.22314355131420976,"IsFactor":true},"Value":1.0609358098423702,"Low":0.8993402728685966,"High":1.2515672060538827,"IsKnown":true},{"Parameter":2,"Whose":"Kestrel Terrace","Sigmas":-0.119636452927344,"Spread":0.6586478157702075,"Prior":{"Parameter":2,"Name":"equilibrium","Scope":2,"Unit":"g/g","Prior":0,"Sigma":0.02,"IsFactor":false},"Value":-0.00239272905854688,"Low":-0.019254113142264193,"High":0.014468655025170432,"IsKnown":true},{"Parameter":4,"Whose":"Kestrel Terrace","Sigmas":0.1356175609729305,"Spread":0.533867710159841,"Prior":{"Parameter":4,"Name":"gas","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.3364722366212129,"IsFactor":true},"Value":1.0466886812431058,"Low":0.8316887689459029,"High":1.3172682334414119,"IsKnown":true},{"Parameter":0,"Whose":"Night Barge","Sigmas":-0.06250943472441474,"Spread":0.5739495221713108,"Prior":{"Parameter":0,"Name":"diffusion","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.22314355131420976,"IsFactor":true},"Value":0.9861482534091672,"Low":0.8370410298102955,"High":1.161816856125145,"IsKnown":true},{"Parameter":2,"Whose":"Night Barge","Sigmas":0.017988283055221103,"Spread":0.719287981716131,"Prior":{"Parameter":2,"Name":"equilibrium","Scope":2,"Unit":"g/g","Prior":0,"Sigma":0.02,"IsFactor":false},"Value":0.0003597656611044221,"Low":-0.018054006670828533,"High":0.018773537993037378,"IsKnown":true},{"Parameter":4,"Whose":"Night Barge","Sigmas":-0.5403479760897822,"Spread":0.4307903804357214,"Prior":{"Parameter":4,"Name":"gas","Scope":2,"Unit":"\u00D7","Prior":1,"Sigma":0.3364722366212129,"IsFactor":true},"Value":0.8337579954370624,"Low":0.6925694094584743,"High":1.0037295691398986,"IsKnown":true},{"Parameter":3,"Whose":"Valve dripper","Sigmas":0.06307293899327232,"Spread":0.9450824663546877,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":0.009460940848990847,"Low":-0.1719948926911092,"High":0.19091677438909088,"IsKnown":false},{"Parameter":5,"Whose":"Valve dripper","Sigmas":-0.18219581790558,"Spread":0.6858714687211106,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":0.9748574328409415,"Low":0.8622903654896008,"High":1.1021194859641419,"IsKnown":true},{"Parameter":3,"Whose":"Lever dripper, smooth","Sigmas":0.09422061535232722,"Spread":0.8870567155405991,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":0.014133092302849082,"Low":-0.15618179708094593,"High":0.1844479816866441,"IsKnown":false},{"Parameter":5,"Whose":"Lever dripper, smooth","Sigmas":-0.38744718185406507,"Spread":0.9152732059463062,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":0.9472896511800524,"Low":0.8042151606394331,"High":1.115817914349357,"IsKnown":false},{"Parameter":3,"Whose":"French press","Sigmas":0.0021315738197738754,"Spread":0.999987656386444,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":0.0003197360729660813,"Low":-0.19167789395323118,"High":0.19231736609916333,"IsKnown":false},{"Parameter":5,"Whose":"French press","Sigmas":0.06605286373162994,"Spread":0.96417036459712,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":1.009274419890088,"Low":0.8493755412664131,"High":1.1992750028164174,"IsKnown":false},{"Parameter":3,"Whose":"Siphon","Sigmas":-0.05581669875992175,"Spread":0.9956824611398312,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":-0.008372504813988262,"Low":-0.19954353735283584,"High":0.1827985277248593,"IsKnown":false},{"Parameter":5,"Whose":"Siphon","Sigmas":0.005495917889081641,"Spread":0.9999688341167775,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":1.0007684152391494,"Low":0.8368406653009509,"High":1.1968077824947696,"IsKnown":false},{"Parameter":3,"Whose":"Small siphon","Sigmas":-0.02503743428022058,"Spread":0.9890756075906889,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":-0.003755615142033087,"Low":-0.19365813179944535,"High":0.18614690151537916,"IsKnown":false},{"Parameter":5,"Whose":"Small siphon","Sigmas":9.509599641196105E-05,"Spread":0.9999126018341863,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":1.0000132908894936,"Low":0.8362176437891703,"High":1.1958927073389578,"IsKnown":false},{"Parameter":3,"Whose":"Jar","Sigmas":0.0011764140258011752,"Spread":0.9999963920533945,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":0.00017646210387017627,"Low":-0.19182284517038153,"High":0.19217576937812192,"IsKnown":false},{"Parameter":5,"Whose":"Jar","Sigmas":0.15762169250270253,"Spread":0.9777634905216441,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":1.0222739553212372,"Low":0.8582260388843918,"High":1.2176792504298517,"IsKnown":false},{"Parameter":3,"Whose":"valve-dripper 500","Sigmas":-0.01371977286022711,"Spread":0.9710689852046692,"Prior":{"Parameter":3,"Name":"holdGPerG","Scope":1,"Unit":"g/g","Prior":0,"Sigma":0.15,"IsFactor":false},"Value":-0.0020579659290340664,"Low":-0.18850321108833054,"High":0.1843872792302624,"IsKnown":false},{"Parameter":5,"Whose":"valve-dripper 500","Sigmas":-0.07534798850495074,"Spread":0.8807982888196839,"Prior":{"Parameter":5,"Name":"heatLoss","Scope":1,"Unit":"\u00D7","Prior":1,"Sigma":0.13976194237515863,"IsFactor":true},"Value":0.9895244733211721,"Low":0.8452680836142393,"High":1.1584001599998992,"IsKnown":false},{"Parameter":7,"Whose":"Solveig","Sigmas":-0.07480418840236139,"Spread":0.17513485964448688,"Prior":{"Parameter":7,"Name":"palateLean","Scope":3,"Unit":"points","Prior":0,"Sigma":1,"IsFactor":false},"Value":-0.07480418840236139,"Low":-0.2989768087473046,"High":0.14936843194258184,"IsKnown":true},{"Parameter":8,"Whose":"Solveig","Sigmas":-0.10170640606552628,"Spread":0.14733844522570244,"Prior":{"Parameter":8,"Name":"palateBody","Scope":3,"Unit":"points","Prior":0,"Sigma":1.5,"IsFactor":false},"Value":-0.15255960909828942,"Low":-0.43544942393163816,"High":0.13033020573505927,"IsKnown":true},{"Parameter":9,"Whose":"Solveig","Sigmas":0.2796394470409661,"Spread":0.3381197951220262,"Prior":{"Parameter":9,"Name":"palateLeanScale","Scope":3,"Unit":"points per unit of tilt","Prior":2.5,"Sigma":0.5,"IsFactor":true},"Value":2.875166125592225,"Low":2.3157040961869058,"High":3.569791262780489,"IsKnown":true},{"Parameter":10,"Whose":"Solveig","Sigmas":1.4152666939158158,"Spread":0.19118275672924076,"Prior":{"Parameter":10,"Name":"palateBodyScale","Scope":3,"Unit":"points per % TDS","Prior":8,"Sigma":0.5,"IsFactor":true},"Value":16.233465590366418,"Low":14.363897268568136,"High":18.346372168107276,"IsKnown":true},{"Parameter":7,"Whose":"Wanjiru","Sigmas":0.28136532961358973,"Spread":0.21917881196792557,"Prior":{"Parameter":7,"Name":"palateLean","Scope":3,"Unit":"points","Prior":0,"Sigma":1,"IsFactor":false},"Value":0.28136532961358973,"Low":0.0008164502946449992,"High":0.5619142089325344,"IsKnown":true},{"Parameter":8,"Whose":"Wanjiru","Sigmas":0.0482526793518059,"Spread":0.1571165066688208,"Prior":{"Parameter":8,"Name":"palateBody","Scope":3,"Unit":"points","Prior":0,"Sigma":1.5,"IsFactor":false},"Value":0.07237901902770885,"Low":-0.22928467377642706,"High":0.3740427118318448,"IsKnown":true},{"Parameter":9,"Whose":"Wanjiru","Sigmas":0.11006095968035336,"Spread":0.4087360248605672,"Prior":{"Parameter":9,"Name":"palateLeanScale","Scope":3,"Unit":"points per unit of tilt","Prior":2.5,"Sigma":0.5,"IsFactor":true},"Value":2.641432045888372,"Low":2.0334424719567945,"High":3.431207594642135,"IsKnown":true},{"Parameter":10,"Whose":"Wanjiru","Sigmas":1.200109708126477,"Spread":0.2891836697870359,"Prior":{"Parameter":10,"Name":"palateBodyScale","Scope":3,"Unit":"points per % TDS","Prior":8,"Sigma":0.5,"IsFactor":true},"Value":14.577750030014501,"Low":12.114690984344918,"High":17.541577924868463,"IsKnown":true},{"Parameter":7,"Whose":"Teo","Sigmas":0.025407966774725236,"Spread":0.2051497087291354,"Prior":{"Parameter":7,"Name":"palateLean","Scope":3,"Unit":"points","Prior":0,"Sigma":1,"IsFactor":false},"Value":0.025407966774725236,"Low":-0.23718366039856809,"High":0.28799959394801855,"IsKnown":true},{"Parameter":8,"Whose":"Teo","Sigmas":-0.032102502772175225,"Spread":0.16291819122956447,"Prior":{"Parameter":8,"Name":"palateBody","Scope":3,"Unit":"points","Prior":0,"Sigma":1.5,"IsFactor":false},"Value":-0.04815375415826284,"Low":-0.36095668131902664,"High":0.26464917300250096,"IsKnown":true},{"Parameter":9,"Whose":"Teo","Sigmas":0.32656835737818474,"Spread":0.4586199070195679,"Prior":{"Parameter":9,"Name":"palateLeanScale","Scope":3,"Unit":"points per unit of tilt","Prior":2.5,"Sigma":0.5,"IsFactor":true},"Value":2.9434280649093623,"Low":2.1947281080190337,"High":3.947536253643742,"IsKnown":true},{"Parameter":10,"Whose":"Teo","Sigmas":1.484467519732811,"Spread":0.23452762623065576,"Prior":{"Parameter":10,"Name":"palateBodyScale","Scope":3,"Unit":"points per % TDS","Prior":8,"Sigma":0.5,"IsFactor":true},"Value":16.80498051241524,"Low":14.462767967136504,"High":19.52650907933844,"IsKnown":true},{"Parameter":7,"Whose":"Imre","Sigmas":0.14953462093219147,"Spread":0.2247782505907223,"Prior":{"Parameter":7,"Name":"palateLean","Scope":3,"Unit":"points","Prior":0,"Sigma":1,"IsFactor":false},"Value":0.14953462093219147,"Low":-0.13818153982393308,"High":0.437250781688316,"IsKnown":true},{"Parameter":8,"Whose":"Imre","Sigmas":-0.1627843609598593,"Spread":0.18259741934756576,"Prior":{"Parameter":8,"Name":"palateBody","Scope":3,"Unit":"points","Prior":0,"Sigma":1.5,"IsFactor":false},"Value":-0.24417654143978895,"Low":-0.5947635865871153,"High":0.10641050370753735,"IsKnown":true},{"Parameter":9,"Whose":"Imre","Sigmas":-0.021730207361324614,"Spread":0.5854998681291264,"Prior":{"Parameter":9,"Name":"palateLeanScale","Scope":3,"Unit":"points per unit of tilt","Prior":2.5,"Sigma":0.5,"IsFactor":true},"Value":2.4729842709148917,"Low":1.7001316896991354,"High":3.5971632322639175,"IsKnown":true},{"Parameter":10,"Whose":"Imre","Sigmas":1.4517240092237416,"Spread":0.2323795911395591,"Prior":{"Parameter":10,"Name":"palateBodyScale","Scope":3,"Unit":"points per % TDS","Prior":8,"Sigma":0.5,"IsFactor":true},"Value":16.532093400149034,"Low":14.247487964221037,"High":19.183038643556003,"IsKnown":true}],"Covariance":[0.2514791239870591,-0.0006862312003226258,-0.14462390096585664,-0.0031279100344048317,0.010451670855603622,-0.0011335779388935512,0.003079138003695824,0.02819320866188178,0.0005698808214145745,0.024582670001673093,0.10875953280368464,0.028261767398882524,0.006889798019320926,0.006409732457307155,0.019663106373240095,0.001053168136991877,0.01519776687713404,0.028185396693284643,-0.007686694800801808,0.003343446858773345,0.03746490538794011,-0.002278550946115952,0.008237108780474052,-0.0021528386462325967,0.012742772667297021,-0.006211327619876022,-0.0012675260634242194,0.0003397693027002145,0.004616911565569791,3.873922926060856E-05,1.311827764459721E-05,0.0017714312373502158,0.00011021700291165669,1.1602725535469782E-05,-0.0025615105510851427,0.0021992515394540497,0.006775581643305664,-0.03598263782100682,0.0008872820889891786,0.00048062003413763864,0.010822289293267,-0.021661851279590517,-0.00606357508688317,0.019890384174907995,-0.0010422246708529353,-0.020497294528989303,-0.009284747340683467,-0.004891316399478794,-0.006214392477913634,-0.007203644661815838,-0.006371439038718831,0.0034466014311802734,-0.003161149436153122,-0.000686231200322627,0.003125623708138413,0.0002580058819691014,-0.0006551023949610555,-0.016013316403997387,-0.000181588596171726,0.00192006328973113,0.0017628764235299156,-2.044028391977096E-05,-0.00614717017725223,0.0008868123519786464,-0.00017894601669266828,9.144385557791662E-05,-0.01398642569358824,5.314340972408317E-06,0.0002496770733409678,-0.017458808750466112,-6.57344465566267E-05,-0.00024631791342654433,-0.017739386454043094,0.00016533485849092144,0.0002505840540305776,-0.013371334600568517,0.01223119236782966,-0.0034860129196301005,0.001655935461535973,-0.0018341464215346818,3.176562710808031E-06,0.00016150698192682602,0.00036982509659707615,-3.2863562025255965E-05,-8.747042130663468E-05,9.38548701554304E-06,2.7036438199754055E-06,0.00015188582248184913,0.0014290069048144072,-0.004200489965171143,9.658798780752943E-05,8.114251210535567E-05,-4.189503490606104E-05,0.00019147339819668589,9.582699417647668E-05,4.2806008926533974E-05,9.985686470258176E-06,6.339512290037599E-05,0.00023502302384829585,0.00033366307428180835,-0.0001539126532708561,-0.00011902648229148056,0.00016062115920216025,0.0003091298433158944,-0.00017533081619143504,-9.363387579595898E-05,-0.1446239009658568,0.00025800588196910117,0.24584260441727201,-0.004587853859925056,0.005026890926493748,0.001566276868936417,0.0032511144215616513,0.01922902921575088,0.0013770414090572823,0.0020678347588868736,0.07204890828531058,0.015271413576347122,0.027783167398959384,0.0019915396998328332,0.0009193211222139872,0.01295403580007383,0.0091427991056662,0.014836533209450572,0.056195464442101106,0.004142250289436536,0.004938006906517527,0.03327297950019365,0.004668145401807903,0.008730787872477025,0.011355458365971008,-0.009918448046014234,-0.002104770190078744,1.8612689084935692E-05,0.003457904239507361,-0.0002939272575833249,8.737128141029217E-06,0.0003917950975915645,-7.6287646634837E-05,-5.585599588246406E-05,0.0001020394703404832,0.001902143509632344,0.0011553662412867821,0.007236752520590478,-0.03508008507450937,-0.014620039581416866,-0.026322955108444828,-0.001043981065918661,-0.015425640255928663,-0.0040546903709116535,-0.001754696202824944,-0.003920225162058967,-0.018325475916004023,0.006009427318886597,-0.0020077278835426843,-0.0061111310540621615,-0.013283255478157353,-0.005455765387948022,0.00448195109614777,-0.0031279100344048256,-0.0006551023949610543,-0.004587853859925055,0.6167676707721499,0.001311741287542256,-0.008944203337863353,-0.0010479177086870058,-0.0034411957529560102,-0.00047046085713778123,0.016822799591446506,-0.009789632657071579,-0.024503428154038834,-0.038039523469408726,0.004036351490229162,-0.004452838579946132,-0.0024292085795700586,-0.0001380125926261925,-0.003927822464181924,0.02152592571533657,-0.0038112462084862434,0.012529986520142021,0.08762052214314088,0.0024151892690424857,-0.005788963060676992,0.0011157183941850875,0.004573768588347511,0.002247804625195892,-2.4514238758020004E-05,0.007227024055212207,0.0024050597667469725,0.0001541160717430827,0.003374158170093788,8.298583854367187E-05,0.0002153439329048053,0.007346291651783395,-0.0008802923188347631,-0.001273653675135288,1.8804986194820938E-05,-0.0005843088001859696,0.0008637032836945068,0.0027423889900564683,-0.00031087046181341556,0.0012807601431966832,0.003654726247116671,-0.02277706851303559,0.0007825753644206509,0.0011362806122049366,-0.008991348308343148,0.04444002290480213,-0.002821476481229768,0.007253638190910914,0.005232394320418581,0.03982924314486066,0.010451670855603641,-0.01601331640399739,0.005026890926493741,0.0013117412875422636,0.18224812146985456,9.583744301442153E-05,0.008619535952725039,-0.014960619956794341,-0.0005632939568716995,0.03228387071520714,0.0033519447927033556,0.005817790489676809,0.003693124558581931,0.10518109768899142,0.011285991959969002,0.0020936650039488315,0.1739545774198576,0.008923801222023657,0.002614790152617542,0.13752133816803683,0.00574551944155778,0.002189152790438665,0.12750331084168215,-0.01743448410712818,0.04271278871664946,-0.0015561862455808727,0.001171994910605224,-6.0025325432018304E-05,-0.0006140468507525259,-0.0019402912776786822,0.00016931718085848467,0.006096554933062874,-0.000564405445920181,-1.1193008258706386E-05,-0.0006869257925753194,0.03204243196802349,-0.041580816186774554,-0.0008014016119442834,0.0011997186864311418,0.0016518738338993785,-3.8592286529921194E-05,0.0006519580760267509,0.0011705909775744383,-0.0006026498638269385,0.000167426437595057,6.21161165960744E-05,0.0005242329444616756,6.254149999575198E-05,0.0019281638231878773,0.00034074281870619886,0.0013290727177267619,0.001636742193998747,0.0007067355750160049,-0.001133577938893546,-0.00018158859617172602,0.0015662768689364173,-0.008944203337863358,9.583744301441801E-05,0.9892646071996524,-0.00047450244655561087,0.0002109005365620302,-3.890333538464033E-05,0.0027363998552579947,0.0011551074022399363,0.004890090832284149,0.0040773316935434865,0.00034203745478977193,-0.00020270284348036978,4.320542821921412E-05,-0.0009167954090070116,0.013812281743244415,-0.006636370765255046,-0.0007732064598139947,0.0016488225022091786,0.0007134462006698406,0.00011268324947591919,-0.00022598377810378355,0.0007063359685098659,0.00036692000410084067,0.0008398716316826061,1.9045620566772673E-05,0.006175756925712933,0.00012172971599746782,2.9269619889460713E-05,0.0002396202513475642,4.463796002337866E-05,5.92544594655361E-05,0.006448326195995201,0.000100090714417692,0.00020114320140191198,0.0021286730520323396,0.0008910384830963225,-0.009257226247307147,0.0017955665897244138,-0.00043129765909834906,-0.0007194017687602471,0.0017161409123465422,0.0008387592940434742,0.005727707238575478,0.0006223041425661617,-0.007953118334238382,0.0014968075385685944,0.0074286659181745564,0.0012583950955348262,-0.017641636109552494,0.003925362776360062,0.0030791380036958244,0.0019200632897311276,0.0032511144215616483,-0.0010479177086870047,0.008619535952725051,-0.00047450244655561005,0.01247296606011929,-0.00015084048222745956,-0.00012387944028080536,0.022874053922012832,0.005134202799183562,0.0023653210902084693,0.002196342775877512,0.005270608922041726,0.006320617069788051,0.0020210325640560418,0.02829069976554363,0.005140146659584555,-0.0004867400426117931,0.003995277396379623,0.0033763921706243456,0.002357534662553802,0.011025717010766385,0.015027689957906121,0.03324059035787917,-0.0009234759705247032,0.0004211206604780976,-2.9468673401277133E-05,0.0009240220555948687,-0.00029713607456436264,1.848057679131379E-05,0.0009465583022738031,-9.239039285432043E-05,6.05750280223963E-06,0.00020257817429488942,-0.002597732923452932,0.006096943597773668,0.0006373034644839681,0.0010012995516474068,0.0009239580908797417,0.0007984273313517507,0.0008885938516742994,0.0008434532117381266,-3.4250230456659926E-05,0.000233050649409869,0.001355103285672573,0.0011646418692538953,-0.00013062187656149752,0.0015189907133781125,0.00128701551093138,0.0018164289382584249,0.0008926004324022491,0.0008707505318650912,0.028193208661881776,0.0017628764235299156,0.01922902921575088,-0.003441195752956011,-0.014960619956794334,0.00021090053656203125,-0.00015084048222745741,0.02691032332632348,-0.0001114823320978685,-0.029324150555026678,0.07719777033160266,0.009461833724446951,0.0073773320280373774,-0.009161747244261633,0.00189962981421091,0.0030680729146579933,-0.013003307482332981,0.00681876987235005,0.011248024064863794,-0.00368352908727624,0.00842291387517172,0.005847206125728543,-0.011526865792362397,0.008433370354868174,-0.007397455752101548,-0.0015177240979549272,-0.002941914098349298,0.00010478904182807848,0.0029440699507273203,0.00023101402802647134,-2.0869928926855812E-05,0.00017217517189908817,4.3836698933998336E-05,-1.2447532272499586E-05,-0.0006315857357640723,0.0002296743782969368,0.0025916724519972484,-0.005519408308342984,-0.0059534022673912385,-0.0046690193201788,-0.004462064074898764,-0.005410600651508745,-0.004996149424736622,0.0036763213540413134,-0.0004354845475647755,-0.005987706439234533,-0.005783508858488669,-0.0002669895514164514,-0.0032089246837953027,-0.0030888272913405334,-0.00403492951346122,-0.0015872949900269647,-0.000683283133783022,0.0005698808214145747,-2.044028391977083E-05,0.0013770414090572827,-0.00047046085713778134,-0.000563293956871702,-3.890333538464038E-05,-0.00012387944028080517,-0.00011148233209786792,0.0343367875774953,0.0016474784905964456,-0.0028583258684429886,0.0005204549796810788,0.00036200504367209745,0.0003458952181703515,0.00023569102376234957,8.360417504180293E-05,0.000553588886200848,0.0005563828795950845,0.001074856877540147,0.003563170101952208,0.0004685483451379901,0.0003025578032316364,-0.00029439365659574967,0.0008706437706845631,-0.0017257466002390085,0.00030751548889531384,-0.0004645594380604684,6.979557311907917E-06,-2.379503576284133E-05,6.7702830850511825E-06,5.568738544001116E-07,3.9161093313542826E-05,-2.325760635984857E-06,-1.2175687614777178E-06,-4.3815968719405615E-05,-0.0002627545259814782,0.00048628205944631353,-0.0005205040285568265,-0.00047331597415266037,-2.552959556324478E-05,-0.00019932613387289128,-0.00026542157600097874,-0.0002604921811225043,0.00016850129919275533,-4.388632138363335E-05,-0.00027691777266077646,-0.00015675674316302648,7.660548468622448E-05,-0.00039895235864049436,-0.00013139138887441822,2.1686630018526076E-05,0.00036536747190190103,-0.0005500288573071382,0.02458267000167308,-0.006147170177252241,0.0020678347588868676,0.01682279959144648,0.032283870715207094,0.0027363998552579977,0.022874053922012815,-0.029324150555026678,0.001647478490596442,0.6503758249925792,-0.007799494437710817,0.0001254180675996394,0.0012984454727253878,0.027279386660961878,0.010129505744319854,0.005321040375655279,0.06128285700413482,0.016365294874658314,-0.021770264551668483,-0.14496095439111434,0.0023115660769131444,0.005986818745116955,0.05445162103712947,-0.0904382599104131,0.19997112256656285,-0.042898508253792385,0.04042485740464898,-0.00021192392495243193,0.0061962598096408795,-0.0026759858850979516,0.00019073374879384106,-0.003355708445079781,0.00040584055754301846,2.6079947164309676E-05,-0.00041631772219013287,-0.037913424332050076,0.07745307308671978,0.007353972370403093,0.0017455661823472057,-0.0020670966250754745,0.0012534537279702196,0.0020116393228184607,0.0017858147659808878,0.0006186120652316141,-0.00011247800340135093,0.0073812742712999835,-0.00913733495461482,0.004706572179620452,0.021414095657637872,0.008616626631895725,-0.0021198533463296235,0.01839530092413904,0.018278226870349617,0.10875953280368468,0.0008868123519786411,0.07204890828531056,-0.009789632657071565,0.0033519447927034007,0.0011551074022399335,0.005134202799183554,0.07719777033160262,-0.0028583258684429878,-0.007799494437710807,0.27698450379918743,0.03616322693846603,0.028128339711152216,0.0011562197233418725,0.01164944705904107,0.012505510959844354,0.01196632626698932,0.029801784844938756,0.038642530467494815,0.006589582576944405,0.03271025037460359,0.022730109415340094,0.0028747095268202624,0.01307522280269497,0.013245674199526708,-0.011925589347542705,-0.004766377398567617,0.0003353829715121662,0.01131000426089733,-9.568014744271073E-05,-1.8526791927418892E-07,0.0019449248377145486,5.0313469972491775E-05,-4.490762961348821E-05,-0.002550351278781897,0.005006517486358617,0.007884746813174104,-0.019431246410434515,-0.021090481482992453,-0.01669187697401157,-0.016102345852285142,-0.019223727134488243,-0.01760539574713251,0.013291964218553108,-0.001554906022495591,-0.02075744989376245,-0.022176168521299527,-0.0002942810934976226,-0.008143688160172687,-0.009976840525769665,-0.014622212157416119,-0.002797507000798372,0.0002807047587596102,0.028261767398882528,-0.000178946016692669,0.015271413576347122,-0.024503428154038817,0.005817790489676803,0.004890090832284159,0.0023653210902084654,0.009461833724446953,0.0005204549796810789,0.00012541806759963373,0.03616322693846604,0.3943165556299546,-0.26589092951197824,0.019163446515965493,0.012870688699375568,0.004938467746415885,0.010868251803941504,0.02900062924034843,0.0012141899217451093,0.006755027858273886,0.0556496422879052,0.003594895915738164,0.0052176653836518185,0.003165187374696272,0.005892389285246931,-0.010214913778969267,-0.003024012899999171,0.00035591763598151845,0.004697352725335972,0.000511106213195743,-9.530940943986409E-08,-0.0010832249307348748,-0.00014980277087723866,0.00041791243639608896,0.028630881330430714,0.00033766125535886253,0.0017433519892062102,-0.009464698967846172,-0.008063671966985748,0.002583015503343974,-0.0012913720664351291,-0.033607924926091624,-0.010708426193938272,0.03303257923517244,0.005374240558423815,-0.04528323488021118,-0.013134226368720704,0.12419464326588801,-0.03208045902805492,-0.015731820187850357,-0.009529460801586944,-0.0037727280497784474,-0.005497220031794219,0.006889798019320922,9.144385557791644E-05,0.02778316739895939,-0.03803952346940873,0.0036931245585819297,0.00407733169354349,0.002196342775877512,0.007377332028037374,0.00036200504367209734,0.001298445472725393,0.02812833971115222,-0.26589092951197807,0.5405574824015638,0.008143461184076817,0.003887426950008314,0.014221848450799029,0.007292246364252388,0.009957976063238424,0.02945165810116506,0.003647858386871028,-0.0075430034859259015,0.046054049783217095,0.003887555600404637,0.008915191207175667,0.008003244374547287,-0.007722337080709196,-0.002167106838260283,0.0002018474173652582,0.002765134127484465,-0.0007392929548646009,-5.830120745965732E-06,-0.002049242926156982,-6.47732790355595E-05,0.00022638021897771946,-0.001973696085678762,0.0003956115367205902,0.00016836120284437027,-0.004057213893834519,-0.008542072092213275,-0.0018743584139589453,-0.004161476433379127,0.0033101614570953146,-0.02975544417211816,-0.011283595356406152,0.03494449348850841,0.014113149987696938,-0.012479443613265738,-0.06585041089680693,-0.022070696125137106,-0.004143232188781299,-0.022605677283629853,-0.0028564658593248225,-0.0064332415862882915,0.006409732457307155,-0.013986425693588244,0.001991539699832824,0.004036351490229166,0.10518109768899145,0.0003420374547897726,0.005270608922041711,-0.009161747244261638,0.0003458952181703514,0.027279386660961885,0.001156219723341866,0.01916344651596549,0.008143461184076814,0.5106138887448756,0.00915813668527536,0.0015641108013505515,0.15884381641053172,0.006520549481188139,0.0030860919318785526,0.12175248982145671,0.004538285332931142,0.00026620305725907347,0.08774133887321035,0.01143724697563956,0.008390026178780267,0.006752649421741119,-0.006714664836847013,-5.1276213620430097E-05,-0.0006194433702469801,-0.002175094874076452,0.00018302523575720617,0.004479860959938593,-0.00042740568606643934,-4.858364733197705E-05,-0.001991827374931371,-0.0037505059760156315,0.017360842799343117,-0.00029892886815442043,0.0010882494801424426,0.001582635319435002,2.4349886678584447E-05,0.0005695551162631055,0.0024638138825949954,-0.0011642802542126817,-0.004311526985660831,-0.00023500681926534223,0.0009639467681830031,0.000529373830714928,0.003907780519561241,-0.00057015979452118,0.0004906429203672112,0.0009354428979156142,0.0006393785303210709,0.0196631063732401,5.314340972407203E-06,0.0009193211222139847,-0.004452838579946133,0.011285991959969002,-0.00020270284348036663,0.006320617069788053,0.001899629814210911,0.00023569102376234927,0.010129505744319865,0.011649447059041066,0.012870688699375566,0.0038874269500083123,0.009158136685275372,0.10892478580828624,-0.048422425760839785,0.025553805480500208,0.01691667930252831,0.00116281486203072,0.011058102757687753,0.020303459755396113,0.003130810144431451,0.011258218785810277,-0.003608720372278095,0.009970052210538326,-0.00034416140874992545,-0.0005046222279340894,0.0018901099652453464,0.03785122585188167,-0.00013098266680340706,1.2309223620894998E-05,0.0012619438184842402,-5.5235769266483856E-05,5.6821809194781904E-05,0.0017965097873490104,-0.0016654099228132818,0.00325273377956225,-0.0098056036786563,-0.0044534022162995915,0.014067471259012762,0.008643502156159352,-0.004544878558561153,0.0007542863648541579,0.0049323668773874636,0.00028620562489687414,-0.009886117841415019,-0.004665033377049678,-0.0012064220123648745,0.001459492354178031,-0.010378745589779644,-0.007072619449038604,0.015126218657544111,-0.007366042657241111,0.0010531681369918809,0.0002496770733409685,0.012954035800073831,-0.0024292085795700642,0.002093665003948833,4.320542821921281E-05,0.0020210325640560418,0.003068072914657993,8.36041750418029E-05,0.005321040375655276,0.01250551095984436,0.00493846774641589,0.014221848450799027,0.0015641108013505524,-0.04842242576083977,0.07469560014405957,0.004581785650101992,0.0006767002586436415,0.014633004868900592,0.0008654195197448212,0.0024573345307206435,0.015001259070657533,0.00211038581102287,0.02097683157429332,0.01254714480400957,0.005072232440107836,0.0015410560714502588,-0.0001353974836397583,-0.006667876754310386,-0.00019892349138294618,4.686615114471835E-06,8.702608143742227E-05,-2.0009324651518208E-05,-3.713187714689624E-05,-9.836918705253574E-05,2.5850274922547104E-06,0.0012122809304451801,0.0009998655208688185,-0.002977675138015461,-0.0059490842900990805,-0.002982358009098704,-0.0033699730888665682,-0.009253633136274067,-0.005442172746056891,-0.002418592184066098,-0.001120552084020538,-0.0077803784460153454,0.00023832432671898676,0.00022248270436146198,0.0006953310078692497,-0.004614450792844133,-0.006598329042210427,-0.0009831733891121465,0.015197766877134018,-0.017458808750466116,0.009142799105666184,-0.00013801259262618783,0.1739545774198574,-0.0009167954090070102,0.028290699765543596,-0.013003307482332986,0.0005535888862008477,0.061282857004134696,0.011966326266989291,0.010868251803941497,0.007292246364252379,0.15884381641053172,0.025553805480500184,0.0045817856501019815,0.3090347329422164,0.01796228295747204,0.002775695913711064,0.1980354543974958,0.011945774547118185,0.0053366636940285,0.14939210734460376,-0.012240733579908711,0.0032489036350365893,0.020894646610910603,-0.02419069225260925,-0.0001360079768947784,0.000552699384084547,-0.003614346632849589,0.0002957754790085899,0.010290523292853198,-0.000990720315815019,-4.982743109911746E-06,-0.00044949493874923475,-0.0067308671649234176,0.03028825776998242,-6.887727844288618E-05,0.0030017141801352456,0.0034746572704474395,0.001292045656188726,0.001594382476492066,0.0027116759971756513,-0.0012426434780370209,0.00010677844672919153,0.0017665235186415942,0.003060315909321608,-0.0009128146456095571,0.004304130030272706,0.0015806109274166882,0.004507983177774011,0.004006754546752908,0.001561262898332244,0.028185396693284643,-6.573444655662613E-05,0.014836533209450576,-0.003927822464181934,0.008923801222023646,0.013812281743244422,0.0051401466595845605,0.006818769872350053,0.0005563828795950846,0.01636529487465831,0.02980178484493876,0.029000629240348432,0.009957976063238424,0.006520549481188146,0.016916679302528312,0.0006767002586436454,0.017962282957472042,0.33471019618081266,-0.20329578868458342,0.0076949327690843915,0.04114513477451518,-0.006335606747627399,0.009356256538225345,0.004757082268383739,0.01752335213139211,-0.002549590658933389,-0.00032210534742359965,0.0005370912873420226,0.012861274841555108,-0.00011083566010568565,-3.474346684375435E-05,0.0005785720216987307,-0.0001788153311904515,9.902757081350827E-06,-0.0017163524348086999,-0.0022874165624682417,0.003101268605272525,-0.021075199838850648,-0.01569335651767022,0.03829378426629545,-0.01807594219422737,-0.02112696591701811,-0.007776433770090478,0.021457218406629935,-0.0021515598277411837,-0.014586715911430214,-0.001510340171311023,-0.0007861120310170369,-0.012712597044660674,-0.028897289023392763,-0.007835140131857425,-0.023760750396905783,-0.0017397885506265725,-0.007686694800801788,-0.00024631791342654395,0.05619546444210109,0.021525925715336562,0.002614790152617541,-0.006636370765255043,-0.0004867400426117917,0.011248024064863797,0.0010748568775401466,-0.02177026455166847,0.03864253046749483,0.001214189921745117,0.02945165810116506,0.0030860919318785535,0.0011628148620307268,0.014633004868900595,0.0027756959137110702,-0.20329578868458334,0.4338169452188652,0.010258099389300555,0.008803131729172398,0.029909156425044152,0.0013370993931854397,0.007088102631121726,-0.0035664018545575426,-0.01038150377877702,-0.004428273081693372,0.00041615136077756117,0.01873826113649896,-0.0011099974106631714,-1.600828716432942E-05,-0.0006114154540362221,-4.489328835705929E-05,1.9789620721742282E-05,0.0025140193276315466,0.00019881167675106856,-0.002560693954426517,0.0005605570851367084,-0.024414426761484746,-0.026434940669113966,-0.023302467191735485,-0.0005808520606407733,-0.014840389868095905,-0.0032064941694973166,-0.006371432929342506,-0.006060172439193727,-0.028633881443202395,-0.002309884530413868,0.02499660907079669,-0.0023044646940783794,-0.04456248336460164,-0.0062071603165574476,0.03698952312924618,0.003343446858773351,-0.017739386454043098,0.00414225028943654,-0.003811246208486249,0.13752133816803686,-0.000773206459813997,0.003995277396379635,-0.003683529087276242,0.0035631701019522076,-0.14496095439111423,0.006589582576944409,0.006755027858273891,0.0036478583868710364,0.12175248982145681,0.011058102757687762,0.0008654195197448217,0.19803545439749587,0.007694932769084397,0.010258099389300541,0.285014731951312,0.005529150296406366,0.0006881505717050863,0.11019565314697857,0.001190429770884384,-0.013739421506506424,0.012164492794623031,-0.011962528102340768,-1.9154472971651658E-05,-0.002034534256479548,-0.0024382030139177557,0.00021822189899066218,0.0059456632204112295,-0.0006061840407373535,-1.7754015206198598E-05,-0.0005495766865449307,0.0014409141464461835,0.010095731144564336,-0.0024043715366272836,0.001097683606956074,0.0031363019440083096,-9.808737313006712E-07,0.00029557784910185024,0.001050380955229954,-0.000821653612016775,1.365797652670213E-06,-0.0017722612161572599,0.0034020099956090545,-0.0012704331082781593,-0.003529168625640894,-0.0019888413164979965,0.0028523741865433268,-0.0031614153624302875,-0.005216623061183218,0.03746490538794011,0.0001653348584909208,0.004938006906517532,0.012529986520141933,0.005745519441557782,0.0016488225022091775,0.003376392170624347,0.008422913875171724,0.0004685483451379902,0.002311566076913142,0.03271025037460361,0.05564964228790522,-0.00754300348592591,0.00453828533293115,0.02030345975539612,0.002457334530720648,0.011945774547118199,0.04114513477451519,0.008803131729172397,0.005529150296406369,0.329418054000676,-0.27036652023550134,0.006874153207253153,0.0025884595232063177,0.006799351190352641,-0.003404124568156123,-0.0025038310280813716,0.0005045290834599822,0.018326661718453225,0.001156558433693122,0.00020116624481819788,6.04067645485976E-05,-0.00015769558314571497,0.00022953837152512072,0.02054836384874517,0.0006247052643238087,-0.0025306163281466777,-0.017668689038976327,-0.008655810735779377,0.013140849861645406,-0.0014605576748372637,-0.03665994078799614,-0.009073852767543562,0.056299235414961867,-0.013422632515020414,-0.028036157932480283,-0.00785273420987031,0.024806114695988028,-0.006731575874649892,-0.02544991637607565,-0.014737498354380258,0.020953463159972208,-0.0029262903949838826,-0.0022785509461159367,0.0002505840540305784,0.03327297950019364,0.0876205221431409,0.0021891527904386618,0.0007134462006698426,0.0023575346625538014,0.005847206125728543,0.00030255780323163605,0.0059868187451169565,0.022730109415340104,0.0035948959157381627,0.0460540497832171,0.00026620305725907103,0.003130810144431455,0.01500125907065753,0.005336663694028502,-0.006335606747627392,0.02990915642504414,0.0006881505717050842,-0.2703665202355013,0.5173752006412652,0.002895037430895751,0.0028126334573126354,0.008508122271924014,-0.009834814699559928,-0.0013218836199429822,0.0004517536100049432,0.009128888231479775,0.0029331148607103833,8.119795610497467E-05,-0.0021517274288209,-2.4622922232645308E-05,-8.292466951778357E-05,-0.013220992319172235,-0.0003947290851457631,0.0011119546072843238,0.002602959097202973,-0.009388045273913006,-0.009425205547562297,0.005093840652933114,0.01228009766309932,-0.015642313621285733,-0.03293399325049359,-0.01746709586111705,0.0032946119491461872,-0.015948426291153592,-0.003258843879349549,-0.01895619158332576,0.004358212166272569,-0.016960406945476552,-0.010513326093902568,-0.008702892796856584,0.008237108780474053,-0.013371334600568512,0.004668145401807901,0.002415189269042473,0.12750331084168215,0.00011268324947591798,0.011025717010766397,-0.011526865792362393,-0.0002943936565957513,0.054451621037129555,0.0028747095268202697,0.005217665383651816,0.0038875556004046444,0.08774133887321027,0.011258218785810287,0.002110385811022872,0.1493921073446038,0.00935625653822534,0.0013370993931854354,0.11019565314697845,0.006874153207253147,0.0028950374308957492,0.18558035187595354,-0.026610750006650915,0.062049296587928224,-0.006296295427717805,0.0062433331081024135,-6.719286964399224E-05,-0.0004225557499932965,0.0002785432799037231,-8.5744613568399E-06,0.0036292892880909794,-0.0003503050071589667,-1.3233654672675775E-05,-0.0009533311206128601,0.041334306224064934,-0.18878961724937898,-0.0006141503016222356,0.001287706759004126,0.0009974304331263366,0.0001018658840435021,0.001054788147965103,0.0012317684234565774,-0.0006265133998931438,0.0009726949323737579,0.0008287603014192734,0.0006352821659961909,0.000446308779407562,0.002653535404038113,0.0008283836261728306,0.0012988105551255894,0.002297918761622171,0.00142262252157348,-0.00215283864623259,0.012231192367829654,0.008730787872477035,-0.00578896306067701,-0.017434484107128168,-0.00022598377810378696,0.015027689957906123,0.008433370354868174,0.0008706437706845634,-0.09043825991041299,0.013075222802694976,0.0031651873746962743,0.008915191207175667,0.011437246975639583,-0.003608720372278099,0.020976831574293323,-0.012240733579908654,0.0047570822683837485,0.007088102631121733,0.0011904297708844292,0.00258845952320632,0.0028126334573126367,-0.02661075000665086,0.8931808682110595,0.2149538162588638,0.022407956184860262,-0.021049927830398642,9.510640876039547E-05,0.0021040346849974705,0.0015372259413433372,-0.00012646144337395302,0.003909651106698196,-0.00033204283877407673,1.2090172129884459E-05,0.0008479084265119836,0.024839316682363107,-0.04675140772549246,0.00045043315649908255,0.0019286659032790327,0.0011852634990480177,0.0014692347638441542,0.001438543346375208,0.0018803169015425625,-0.0009125102211570672,-0.00043469128370021064,0.0008827843190193142,0.0022197412013582243,-0.0011089879311122104,-0.0011961237603704455,0.0017061072968619247,0.0037714859062178284,-0.0056699019172938,-0.0026149270865162113,0.012742772667297016,-0.0034860129196301014,0.011355458365971014,0.001115718394185073,0.042712788716649464,0.0007063359685098729,0.033240590357879164,-0.00739745575210155,-0.0017257466002390082,0.19997112256656283,0.013245674199526707,0.005892389285246922,0.008003244374547285,0.008390026178780279,0.00997005221053832,0.012547144804009574,0.0032489036350365963,0.017523352131392143,-0.0035664018545575435,-0.013739421506506418,0.0067993511903526515,0.008508122271924006,0.06204929658792823,0.21495381625886373,0.47041967160565334,-0.07362212745765902,0.07890584112745452,-5.201718736428764E-05,0.00561812142968352,-0.002466289146713309,0.0001949723250588148,-0.007986090333099008,0.0007538312977184887,2.1117376330109946E-05,0.00019493747916864468,-0.03339019028860499,0.06887631065420714,0.004766690106611387,0.0028592050368926327,0.003405763484080543,0.001964688695765785,0.004179415098895617,0.002612428437589133,0.0017430184182523321,0.000715570363217593,0.005511786935597257,-0.0005820675099427605,0.0032788707889885417,0.008424167666141487,0.007018125005468519,0.00392809618105525,0.0024874302396643284,0.00663269387199706,-0.0062113276198760255,0.0016559354615359723,-0.009918448046014241,0.004573768588347517,-0.0015561862455808696,0.00036692000410084165,-0.0009234759705247057,-0.0015177240979549283,0.0003075154888953143,-0.04289850825379238,-0.01192558934754271,-0.010214913778969268,-0.0077223370807092,0.006752649421741121,-0.0003441614087499253,0.005072232440107834,0.020894646610910603,-0.0025495906589333905,-0.010381503778777015,0.012164492794623033,-0.0034041245681561225,-0.00983481469955993,-0.006296295427717811,0.022407956184860245,-0.07362212745765903,0.7868696165856753,0.1378866888334496,0.00016477316283040425,0.0013113259897558178,0.0003200075276317227,-3.973958822027382E-05,0.0035770509849087882,-0.00024183125924764407,1.947266051810586E-05,0.0007331919531902452,0.007558551055838793,-0.015314596790912257,0.0010567385727041757,0.003078257724856346,0.0010588437950409116,0.0021513907554307874,0.002008739803944531,0.002326983422037058,-0.0035208618210605526,-0.0006529032406822742,0.002583724559822926,0.013608696914230957,-0.0039109666622073195,-0.00152038086762696,0.0006985515584610833,0.0033575873421428423,0.00018006475824651613,-0.0019538817266058326,-0.0012675260634242224,-0.0018341464215346792,-0.0021047701900787454,0.0022478046251958907,0.0011719949106052175,0.0008398716316826058,0.000421120660478095,-0.0029419140983492982,-0.00046455943806046856,0.040424857404648976,-0.004766377398567617,-0.003024012899999173,-0.0021671068382602856,-0.006714664836847015,-0.0005046222279340931,0.0015410560714502577,-0.024190692252609256,-0.0003221053474235987,-0.00442827308169337,-0.011962528102340766,-0.0025038310280813716,-0.0013218836199429828,0.006243333108102405,-0.02104992783039863,0.07890584112745451,0.13788668883344957,0.8377250415232296,6.0219597344435716E-05,0.0020515852306385697,-0.00045691461337120034,3.3524173242722576E-05,-0.002934477410662549,0.00030981505862546024,6.471379708602981E-06,-0.0001270293799611653,-0.00828038376788285,0.0155370534828839,0.0015414403825795492,0.0009787435609499109,0.0005851999849325291,0.000741717828849043,0.0013336645808380038,0.0007779392040666102,-0.0005872285010745651,5.622269963748213E-05,0.003864497028374262,0.002461708938049663,0.003685903327849664,0.0012974846820422942,0.0014428897610290973,0.0006661864167365277,0.0007989427490552919,0.0009921634323634314,0.00033976930270021436,3.176562710808021E-06,1.8612689084935655E-05,-2.451423875801963E-05,-6.0025325432018365E-05,1.9045620566772724E-05,-2.9468673401277123E-05,0.00010478904182807844,6.9795573119079235E-06,-0.0002119239249524318,0.00033538297151216624,0.0003559176359815183,0.00020184741736525814,-5.127621362043006E-05,0.0018901099652453455,-0.00013539748363975825,-0.00013600797689477837,0.0005370912873420225,0.0004161513607775609,-1.9154472971651658E-05,0.000504529083459982,0.00045175361000494315,-6.719286964399224E-05,9.510640876039545E-05,-5.201718736428766E-05,0.00016477316283040425,6.0219597344435716E-05,0.9999753129252529,-0.0003643154036453056,9.073809171482263E-06,6.44549143508514E-08,6.074091691134963E-06,6.875564159123689E-07,1.0509587623019648E-06,8.580551654700878E-05,2.3553114061394515E-05,-2.732969377577751E-05,-0.0001991719585817335,-6.184343354255723E-05,0.00028164445419702483,-0.00019552960358499568,-0.00013145876332989643,1.6842650516984835E-05,-3.3890107568608927E-06,-0.00023126400798317154,-0.0002573716510500093,-5.280586125266354E-05,-4.0841554719504507E-05,-0.0001574271885202287,-0.00030713798096853456,-0.0003287500762393239,0.00022926038403576403,-0.00018462770123177328,0.004616911565569801,0.0001615069819268259,0.0034579042395073587,0.007227024055212222,-0.0006140468507525264,0.006175756925712943,0.00092402205559487,0.0029440699507273208,-2.379503576284128E-05,0.00619625980964088,0.011310004260897328,0.004697352725335968,0.0027651341274844625,-0.000619443370246981,0.03785122585188169,-0.006667876754310386,0.0005526993840845474,0.01286127484155511,0.018738261136498964,-0.0020345342564795487,0.018326661718453235,0.009128888231479775,-0.0004225557499932965,0.002104034684997472,0.005618121429683525,0.0013113259897558182,0.0020515852306385693,-0.00036431540364530613,0.9296244919673434,0.0003441639940037329,7.726006586936147E-05,1.5101545828621047E-07,2.9615587003239534E-05,7.36076509776294E-05,0.01608533691012768,-0.0005067749416705868,0.0038211016122351896,0.009938301378003766,-0.0009081547367888944,-0.006965848012648471,-0.0036216988945644494,0.019954010181728703,0.0037653520701031746,-0.026162462499762982,-0.009675551937249989,0.0031696576129021754,-0.0019302465933352284,-0.007260433996442167,-0.00013381886269482013,-0.006830645223902231,-0.008007342291405753,0.004512521728032302,-0.0012788244546594189,3.873922926060849E-05,0.00036982509659707626,-0.0002939272575833249,0.0024050597667469704,-0.0019402912776786817,0.00012172971599746784,-0.00029713607456436264,0.0002310140280264713,6.770283085051144E-06,-0.0026759858850979516,-9.568014744271065E-05,0.0005111062131957425,-0.0007392929548646008,-0.002175094874076452,-0.00013098266680340717,-0.00019892349138294618,-0.0036143466328495896,-0.00011083566010568541,-0.0011099974106631716,-0.0024382030139177553,0.001156558433693122,0.0029331148607103803,0.00027854327990372305,0.001537225941343336,-0.00246628914671331,0.00032000752763172285,-0.0004569146133712001,9.073809171482251E-06,0.00034416399400373287,0.9913835634214714,0.0006916742384987855,2.4299135575127787E-06,1.1640867907738783E-06,5.404864980956158E-06,0.00028583997489337466,0.001877761681152228,-0.007285358543464753,-0.0001450422183358821,-4.427906323938031E-06,1.0379464294256213E-05,0.0002769053590300959,-0.00016284417006254295,0.00028143808586808723,0.000304990000619118,-0.00025645398950214533,-0.00025980635296991096,-4.964399501176691E-05,0.0002838905969789872,-0.00044028295820443096,-0.00014376566719679634,0.0006133839853651319,0.00018054394462496985,-0.0005031765620183267,1.3118277644597206E-05,-3.286356202525594E-05,8.737128141029229E-06,0.00015411607174308254,0.00016931718085848478,2.926961988946069E-05,1.848057679131383E-05,-2.0869928926855816E-05,5.568738544001087E-07,0.0001907337487938411,-1.8526791927421107E-07,-9.53094094399013E-08,-5.830120745965737E-06,0.00018302523575720625,1.2309223620894968E-05,4.686615114471832E-06,0.0002957754790085899,-3.474346684375435E-05,-1.6008287164329428E-05,0.0002182218989906621,0.0002011662448181978,8.119795610497468E-05,-8.574461356839825E-06,-0.00012646144337395297,0.00019497232505881484,-3.9739588220273813E-05,3.35241732427226E-05,6.445491435085127E-08,7.726006586936148E-05,0.0006916742384987857,0.9999376692048674,-3.9808631995483226E-07,1.0246092795498688E-07,3.5498960696862985E-07,4.771305048077566E-05,-0.00014722959839731734,0.0005720869663487975,2.6366113813940173E-06,5.227549677648222E-06,4.884451461995939E-06,1.8868651090948313E-05,7.677394348081561E-05,1.099339685878608E-05,-1.5834290999053E-05,-3.58738444869009E-05,-8.787697748513097E-06,-4.587233355097558E-06,1.0743495944829917E-05,-7.1778009614828584E-06,9.814839017382387E-05,2.1528921499746726E-05,-9.23967620356731E-05,-1.6009667420292663E-05,0.0017714312373502156,-8.747042130663507E-05,0.0003917950975915643,0.0033741581700937884,0.006096554933062875,0.0002396202513475639,0.0009465583022738026,0.000172175171899088,3.916109331354291E-05,-0.0033557084450797805,0.001944924837714547,-0.0010832249307348757,-0.002049242926156982,0.004479860959938596,0.0012619438184842398,8.702608143742217E-05,0.010290523292853194,0.0005785720216987306,-0.0006114154540362203,0.00594566322041123,6.040676454859717E-05,-0.0021517274288208998,0.0036292892880909785,0.003909651106698193,-0.007986090333099011,0.0035770509849087895,-0.002934477410662549,6.0740916911349785E-06,1.510154582859864E-07,2.429913557512757E-06,-3.9808631995483327E-07,0.9782705575308904,0.0018447933497792415,1.8652443287258645E-06,-7.868956016904336E-06,0.0022788563044165997,-0.003454667420900337,-0.0003349636353234406,1.977402627844137E-05,-7.071876821632009E-05,3.5650706268660545E-05,0.00018767815261820338,0.0004098494312961734,-0.0003448193568746614,-0.00014046041313902973,-3.670845831168821E-05,0.0010383434606772465,-0.0012397637759440914,0.0013838159719097892,-8.265401004911281E-05,0.0016535686810535495,-0.00023472648636384044,0.0015971510723697061,0.00011021700291165668,9.385487015543012E-06,-7.628764663483712E-05,8.298583854367196E-05,-0.0005644054459201812,4.4637960023378705E-05,-9.239039285432061E-05,4.3836698933998336E-05,-2.325760635984864E-06,0.00040584055754301813,5.031346997249177E-05,-0.00014980277087723877,-6.477327903555956E-05,-0.00042740568606643934,-5.523576926648395E-05,-2.0009324651518245E-05,-0.000990720315815019,-0.0001788153311904515,-4.4893288357059325E-05,-0.0006061840407373538,-0.00015769558314571494,-2.462292223264531E-05,-0.00035030500715896664,-0.00033204283877407694,0.0007538312977184885,-0.0002418312592476441,0.00030981505862546013,6.875564159123684E-07,2.9615587003239575E-05,1.1640867907738802E-06,1.024609279549869E-07,0.001844793349779242,0.999825211306812,-1.3954151177058433E-07,-8.695791104100731E-06,-0.00018917464625550193,0.000314661447984305,-7.291760055798831E-08,-1.43911808143966E-06,-3.5424770353530124E-05,1.4199946840037365E-05,1.999007010065734E-05,8.857586928168827E-06,-2.2779776109690214E-05,1.1686413607915896E-06,0.00013225364392591978,6.382713389700347E-07,7.160814374232528E-05,4.9104781584733955E-05,0.00017676452242716662,3.6318663926397584E-05,0.00023596756210857053,4.4455124575538884E-05,1.160272553546978E-05,2.703643819975404E-06,-5.5855995882464086E-05,0.00021534393290480503,-1.11930082587064E-05,5.925445946553602E-05,6.0575028022396305E-06,-1.2447532272499583E-05,-1.217568761477718E-06,2.6079947164309663E-05,-4.490762961348822E-05,0.00041791243639608875,0.0002263802189777193,-4.858364733197704E-05,5.6821809194781904E-05,-3.7131877146896255E-05,-4.982743109911741E-06,9.90275708135082E-06,1.9789620721742262E-05,-1.7754015206198595E-05,0.00022953837152512062,-8.292466951778367E-05,-1.3233654672675775E-05,1.2090172129884464E-05,2.111737633010995E-05,1.947266051810585E-05,6.471379708602982E-06,1.0509587623019646E-06,7.36076509776294E-05,5.404864980956159E-06,3.549896069686298E-07,1.8652443287258662E-06,-1.3954151177058425E-07,0.9999927841198064,-0.0003506961079445398,-8.749788341279125E-06,2.014526619908679E-05,-6.702857902999746E-06,5.394277873139947E-06,2.07820163104885E-05,1.3006128005439373E-05,-1.5922273714435778E-05,-1.7160881894202364E-05,-2.7040137423515325E-05,0.0003784518993588269,-3.046343542412295E-05,1.3655201088923366E-05,4.669921882535861E-05,0.00011361474312305055,-3.591759075406007E-05,-3.3007761337082277E-05,9.564866275109987E-06,-1.5334959922426378E-06,-0.002561510551085142,0.00015188582248184916,0.00010203947034048209,0.007346291651783391,-0.0006869257925753193,0.0064483261959952035,0.00020257817429488915,-0.0006315857357640722,-4.381596871940567E-05,-0.00041631772219013347,-0.0025503512787818975,0.028630881330430707,-0.0019736960856787584,-0.001991827374931371,0.0017965097873490097,-9.836918705253602E-05,-0.00044949493874923497,-0.0017163524348086994,0.002514019327631545,-0.0005495766865449307,0.02054836384874517,-0.01322099231917224,-0.0009533311206128603,0.000847908426511984,0.00019493747916864477,0.0007331919531902453,-0.00012702937996116512,8.580551654700876E-05,0.016085336910127687,0.0002858399748933749,4.771305048077568E-05,-7.868956016904292E-06,-8.695791104100743E-06,-0.0003506961079445399,0.9560214433970693,-0.00033569026663601354,0.0009380420143434505,9.99270025671265E-05,0.0001260063489576972,0.0006662566161420457,0.0004818404101292515,0.009640821464140649,-0.0008623864707077263,-0.02482041484408035,0.01328358894186694,0.007628356165456603,0.00019556270098611262,-0.03453508515707923,0.003177884839649516,-0.0020785492043001843,-0.0015693150287182174,0.0010680274765419156,-0.0003566770096238786,0.00219925153945405,0.00142900690481441,0.0019021435096323433,-0.0008802923188347663,0.03204243196802349,0.0001000907144176899,-0.0025977329234529237,0.00022967437829693945,-0.00026275452598147834,-0.03791342433205005,0.00500651748635862,0.00033766125535886004,0.00039561153672058934,-0.0037505059760156406,-0.0016654099228132816,2.5850274922542907E-06,-0.0067308671649234505,-0.002287416562468243,0.0001988116767510663,0.0014409141464461633,0.0006247052643238086,-0.0003947290851457635,0.04133430622406493,0.024839316682363114,-0.03339019028860499,0.007558551055838793,-0.00828038376788285,2.3553114061394518E-05,-0.0005067749416705869,0.0018777616811522276,-0.00014722959839731734,0.0022788563044165992,-0.000189174646255502,-8.749788341279125E-06,-0.00033569026663601343,0.9429749740264262,0.10374147240674715,-0.0007998921037236873,0.0015062048891679657,-0.0005718501714395265,0.0002188820611528612,-0.0005939514756005476,-0.0005031382667845348,-0.0003008411232562197,0.000543721795586951,-0.0010647988988640382,-4.544019747379184E-05,-0.00046757201117646733,-0.001726735047685615,-0.0007502538348467593,-0.00014604871738254792,-0.0007269563040636133,-0.0014353304932762294,0.006775581643305675,-0.004200489965171148,0.0011553662412867919,-0.0012736536751353058,-0.04158081618677452,0.0002011432014019035,0.006096943597773689,0.0025916724519972406,0.00048628205944631277,0.07745307308671981,0.007884746813174097,0.0017433519892062204,0.00016836120284436675,0.017360842799343155,0.0032527337795622557,0.001212280930445183,0.03028825776998253,0.00310126860527253,-0.0025606939544265163,0.01009573114456437,-0.0025306163281466764,0.0011119546072843216,-0.18878961724937893,-0.04675140772549245,0.06887631065420716,-0.015314596790912268,0.015537053482883902,-2.7329693775777494E-05,0.003821101612235188,-0.007285358543464754,0.0005720869663487978,-0.0034546674209003383,0.0003146614479843049,2.01452661990868E-05,0.0009380420143434507,0.10374147240674715,0.7758056255876834,0.004069368460538085,0.0011544812131344749,0.0033353037655804744,0.000997399750574674,0.0002885412148712313,0.0003587085861215598,0.0012807037070451366,-0.0019883270384106373,0.0011021342734141763,-0.001024168268857999,0.0006271067760407537,0.0028042414314910216,0.002068570857493416,0.0011546786958625134,0.0016033148053303742,0.002291664964932721,-0.03598263782100681,9.658798780752942E-05,0.007236752520590483,1.8804986194821856E-05,-0.0008014016119442855,0.0021286730520323404,0.0006373034644839673,-0.005519408308342982,-0.0005205040285568266,0.007353972370403091,-0.019431246410434515,-0.009464698967846172,-0.00405721389383452,-0.00029892886815442114,-0.009805603678656304,0.000999865520868819,-6.887727844288793E-05,-0.021075199838850655,0.0005605570851367087,-0.002404371536627285,-0.017668689038976327,0.002602959097202974,-0.0006141503016222357,0.00045043315649908314,0.004766690106611388,0.0010567385727041757,0.00154144038257955,-0.00019917195858173352,0.009938301378003764,-0.00014504221833588207,2.6366113813940105E-06,-0.00033496363532344037,-7.291760055798738E-08,-6.7028579029997485E-06,9.992700256712664E-05,-0.0007998921037236875,0.004069368460538085,0.030672219062694118,0.004471974889568184,0.00037427905626348805,0.0004576558186834324,0.006707932394754736,0.0033351716044652973,-0.006319055419051656,0.0009657399056337934,0.0064466506656775825,0.004041094235906089,-0.0002366523809900941,0.002239863076246066,0.004837649209530261,0.004300713512052515,2.8180319015699946E-05,0.0008010116233771726,0.0008872820889891921,8.114251210535533E-05,-0.03508008507450939,-0.0005843088001859686,0.0011997186864311424,0.0008910384830963218,0.0010012995516474063,-0.00595340226739124,-0.0004733159741526606,0.0017455661823472027,-0.021090481482992456,-0.00806367196698575,-0.008542072092213273,0.0010882494801424435,-0.004453402216299592,-0.0029776751380154614,0.0030017141801352456,-0.015693356517670228,-0.024414426761484743,0.0010976836069560736,-0.008655810735779371,-0.00938804527391301,0.0012877067590041265,0.001928665903279033,0.002859205036892634,0.0030782577248563447,0.0009787435609499107,-6.184343354255725E-05,-0.0009081547367888954,-4.427906323938136E-06,5.227549677648221E-06,1.9774026278441334E-05,-1.4391180814396687E-06,5.39427787313994E-06,0.00012600634895769714,0.0015062048891679649,0.0011544812131344746,0.004471974889568185,0.021708617441527318,0.0011603947772748093,0.0122697581775623,0.004480953428008605,0.005450885836688947,-0.0029154391648767105,0.001357683844414591,0.004912009160200962,0.006886266359595693,-0.0006961116919280462,0.0007429290459330929,0.004791661856395736,0.007519687896031404,0.002519056409967967,-0.0023313418920384425,0.00048062003413763,-4.1895034906060875E-05,-0.014620039581416862,0.0008637032836945077,0.0016518738338993767,-0.009257226247307147,0.0009239580908797422,-0.0046690193201787975,-2.5529595563244834E-05,-0.002067096625075473,-0.016691876974011567,0.002583015503343975,-0.001874358413958945,0.0015826353194350036,0.014067471259012766,-0.005949084290099084,0.0034746572704474404,0.03829378426629547,-0.026434940669113983,0.0031363019440083105,0.01314084986164541,-0.009425205547562297,0.000997430433126337,0.0011852634990480184,0.0034057634840805435,0.0010588437950409114,0.0005851999849325293,0.00028164445419702494,-0.00696584801264847,1.0379464294256208E-05,4.884451461995944E-06,-7.07187682163201E-05,-3.5424770353530124E-05,2.078201631048851E-05,0.0006662566161420456,-0.0005718501714395269,0.0033353037655804753,0.00037427905626348854,0.00116039477727481,0.114324995853361,0.0011593114757705446,-0.0024993092755928093,0.0009072979232937019,0.0038323507923211236,-0.0005529120536347983,-0.0017670603551837734,0.0017050344722242435,0.0005214301969413001,-0.0007253762993406542,-0.004407878147550013,-0.0007122189655987721,-2.061999729312466E-05,-0.0014512581000383792,0.010822289293267002,0.00019147339819668594,-0.026322955108444828,0.0027423889900564653,-3.859228652992022E-05,0.001795566589724412,0.0007984273313517509,-0.004462064074898766,-0.0001993261338728912,0.001253453727970219,-0.01610234585228515,-0.0012913720664351287,-0.0041614764333791285,2.4349886678584874E-05,0.008643502156159354,-0.002982358009098705,0.0012920456561887267,-0.01807594219422736,-0.023302467191735485,-9.808737313006936E-07,-0.0014605576748372645,0.005093840652933109,0.00010186588404350217,0.0014692347638441544,0.001964688695765785,0.0021513907554307874,0.0007417178288490429,-0.0001955296035849957,-0.0036216988945644494,0.00027690535903009583,1.886865109094831E-05,3.565070626866064E-05,1.4199946840037365E-05,1.300612800543938E-05,0.00048184041012925194,0.00021888206115286106,0.0009973997505746738,0.0004576558186834326,0.012269758177562299,0.0011593114757705446,0.036550846470592056,0.0012876243314064483,0.00263669545047004,-0.0008697500593463764,-0.000194254838027754,0.0009263626717243755,0.0031869332424187356,0.0005806479884061277,-0.0014535635051374225,0.0025313739782740793,0.004777908681369108,0.005859240789460176,-0.005422380466044232,-0.021661851279590527,9.582699417647654E-05,-0.0010439810659186599,-0.00031087046181340776,0.0006519580760267556,-0.00043129765909835004,0.0008885938516742987,-0.00541060065150875,-0.0002654215760009788,0.0020116393228184594,-0.019223727134488253,-0.03360792492609163,0.003310161457095319,0.0005695551162631064,-0.004544878558561154,-0.003369973088866569,0.001594382476492066,-0.021126965917018105,-0.0005808520606407717,0.00029557784910185024,-0.03665994078799613,0.012280097663099317,0.0010547881479651031,0.0014385433463752085,0.00417941509889562,0.002008739803944531,0.001333664580838004,-0.00013145876332989648,0.019954010181728703,-0.00016284417006254303,7.677394348081561E-05,0.00018767815261820354,1.9990070100657335E-05,-1.5922273714435785E-05,0.00964082146414065,-0.0005939514756005477,0.00028854121487123155,0.0067079323947547365,0.004480953428008605,-0.0024993092755928098,0.001287624331406448,0.04803935161567128,0.005153898632382501,-0.03339262635928661,0.0008919458941683194,0.009306416086787892,0.004934919357284435,-0.011124334302260001,0.005527211687469611,0.00639902105115154,0.0057877132363020264,-0.00037183225822698455,0.0012161113857173794,-0.006063575086883168,4.280600892653351E-05,-0.015425640255928666,0.0012807601431966908,0.0011705909775744407,-0.0007194017687602453,0.0008434532117381255,-0.004996149424736623,-0.00026049218112250423,0.001785814765980889,-0.01760539574713252,-0.010708426193938272,-0.029755444172118166,0.0024638138825949967,0.00075428636485416,-0.009253633136274067,0.002711675997175651,-0.0077764337700904785,-0.014840389868095907,0.0010503809552299538,-0.009073852767543559,-0.015642313621285733,0.0012317684234565772,0.0018803169015425628,0.0026124284375891337,0.002326983422037056,0.0007779392040666099,1.6842650516984798E-05,0.003765352070103174,0.00028143808586808723,1.0993396858786081E-05,0.0004098494312961735,8.85758692816882E-06,-1.7160881894202415E-05,-0.0008623864707077265,-0.0005031382667845347,0.0003587085861215599,0.0033351716044652964,0.005450885836688949,0.0009072979232937021,0.0026366954504700385,0.0051538986323825,0.024685596667813607,-0.0031221220543062363,-0.01394732519244044,0.005012522326016497,0.0060135587416047355,-0.004179930088508851,0.0050865774615219145,0.00387892059290834,0.006833742356156114,0.001447060268472175,0.0006130887954604729,0.019890384174907995,9.985686470258308E-06,-0.0040546903709116535,0.0036547262471166644,-0.0006026498638269407,0.0017161409123465435,-3.425023045665926E-05,0.0036763213540413143,0.00016850129919275536,0.0006186120652316138,0.013291964218553113,0.03303257923517245,-0.011283595356406155,-0.0011642802542126806,0.0049323668773874636,-0.00544217274605689,-0.001242643478037021,0.02145721840662993,-0.0032064941694973184,-0.0008216536120167747,0.05629923541496185,-0.03293399325049358,-0.0006265133998931438,-0.0009125102211570675,0.0017430184182523297,-0.0035208618210605534,-0.0005872285010745652,-3.3890107568608905E-06,-0.02616246249976297,0.00030499000061911803,-1.5834290999052994E-05,-0.0003448193568746615,-2.2779776109690214E-05,-2.7040137423515332E-05,-0.02482041484408034,-0.0003008411232562197,0.0012807037070451369,-0.006319055419051655,-0.0029154391648767096,0.0038323507923211236,-0.0008697500593463764,-0.033392626359286595,-0.0031221220543062368,0.1670651380188182,-0.0023935550507402305,-0.009244655325712017,-0.0026330053167119656,0.012972318935962499,-0.005190353276996336,-0.006607701791089026,-0.004329719757429014,0.002038056464132637,-0.00042492814022185944,-0.0010422246708529349,6.339512290037599E-05,-0.0017546962028249448,-0.02277706851303559,0.00016742643759505698,0.0008387592940434745,0.0002330506494098689,-0.0004354845475647752,-4.388632138363339E-05,-0.00011247800340135045,-0.0015549060224955905,0.005374240558423817,0.03494449348850842,-0.004311526985660832,0.00028620562489687333,-0.0024185921840660985,0.00010677844672919063,-0.0021515598277411837,-0.006371432929342506,1.3657976526705514E-06,-0.01342263251502042,-0.01746709586111705,0.000972694932373758,-0.0004346912837002108,0.0007155703632175928,-0.0006529032406822743,5.6222699637482095E-05,-0.00023126400798317148,-0.009675551937249985,-0.00025645398950214533,-3.587384448690091E-05,-0.0001404604131390297,1.1686413607915906E-06,0.00037845189935882713,0.013283588941866938,0.000543721795586951,-0.0019883270384106373,0.0009657399056337933,0.0013576838444145911,-0.0005529120536347984,-0.00019425483802775408,0.0008919458941683198,-0.013947325192440439,-0.00239355505074023,0.08362719487149742,0.0006273737234497825,0.0007811605824029155,0.0034147533187598726,-0.004015278192253797,0.0014950920518976684,0.001399871914993218,-0.0022434145792753365,-0.0006174934404173014,-0.020497294528989296,0.000235023023848296,-0.00392022516205897,0.0007825753644206462,6.211611659607469E-05,0.005727707238575477,0.0013551032856725727,-0.005987706439234533,-0.0002769177726607766,0.007381274271299989,-0.02075744989376245,-0.04528323488021118,0.014113149987696942,-0.00023500681926534307,-0.009886117841415017,-0.0011205520840205374,0.0017665235186415929,-0.014586715911430214,-0.006060172439193726,-0.0017722612161572603,-0.02803615793248028,0.0032946119491461877,0.0008287603014192734,0.0008827843190193136,0.005511786935597257,0.0025837245598229253,0.003864497028374262,-0.0002573716510500094,0.003169657612902174,-0.00025980635296991107,-8.787697748513099E-06,-3.6708458311688176E-05,0.00013225364392591976,-3.046343542412295E-05,0.007628356165456599,-0.0010647988988640384,0.0011021342734141761,0.006446650665677581,0.004912009160200961,-0.0017670603551837739,0.0009263626717243756,0.009306416086787889,0.005012522326016497,-0.009244655325712019,0.0006273737234497823,0.0420864029916491,0.005576303089653272,-0.019266069857239,0.005907050789115359,0.006318867300623858,0.0060733184799752135,-0.0007709470277328169,0.0017054515715576256,-0.00928474734068347,0.0003336630742818086,-0.018325475916004016,0.0011362806122049438,0.0005242329444616812,0.0006223041425661629,0.0011646418692538958,-0.00578350885848867,-0.00015675674316302653,-0.009137334954614818,-0.022176168521299524,-0.013134226368720702,-0.012479443613265735,0.0009639467681830029,-0.004665033377049678,-0.007780378446015346,0.00306031590932161,-0.0015103401713110144,-0.028633881443202395,0.003402009995609054,-0.007852734209870305,-0.015948426291153592,0.0006352821659961913,0.0022197412013582247,-0.0005820675099427599,0.013608696914230955,0.002461708938049663,-5.280586125266361E-05,-0.0019302465933352293,-4.964399501176684E-05,-4.587233355097559E-06,0.001038343460677247,6.382713389700401E-07,1.3655201088923342E-05,0.00019556270098611216,-4.544019747379178E-05,-0.001024168268857999,0.004041094235906088,0.006886266359595693,0.001705034472224243,0.0031869332424187356,0.004934919357284436,0.0060135587416047355,-0.0026330053167119647,0.0007811605824029162,0.005576303089653273,0.026542337033512935,-0.0031819802370216745,-0.011777898544270459,0.0039715700535976955,0.007969541915760606,0.0005235434509305966,-0.0007886044881272073,-0.004891316399478795,-0.00015391265327085644,0.006009427318886599,-0.008991348308343148,6.254149999575267E-05,-0.007953118334238382,-0.00013062187656149828,-0.00026698955141645024,7.660548468622444E-05,0.004706572179620449,-0.0002942810934976177,0.12419464326588801,-0.06585041089680693,0.0005293738307149285,-0.001206422012364875,0.00023832432671898633,-0.0009128146456095569,-0.0007861120310170363,-0.002309884530413866,-0.001270433108278159,0.02480611469598802,-0.0032588438793495485,0.00044630877940756206,-0.0011089879311122106,0.0032788707889885404,-0.0039109666622073195,0.003685903327849662,-4.0841554719504446E-05,-0.007260433996442163,0.0002838905969789871,1.0743495944829912E-05,-0.0012397637759440916,7.160814374232529E-05,4.6699218825358625E-05,-0.034535085157079225,-0.0004675720111764671,0.0006271067760407537,-0.00023665238099009324,-0.000696111691928046,0.0005214301969413,0.0005806479884061277,-0.011124334302259998,-0.004179930088508851,0.012972318935962497,0.003414753318759873,-0.019266069857239,-0.0031819802370216745,0.21033221911463712,-0.013763356086047994,-0.004298035828265909,-0.002638772643345019,0.00022613185566763272,-0.0028508588937256564,-0.006214392477913636,-0.00011902648229148089,-0.0020077278835426856,0.044440022904802125,0.0019281638231878782,0.0014968075385685929,0.0015189907133781116,-0.003208924683795305,-0.00039895235864049436,0.021414095657637872,-0.008143688160172687,-0.03208045902805491,-0.022070696125137103,0.003907780519561239,0.0014594923541780304,0.0002224827043614615,0.004304130030272706,-0.01271259704466068,0.024996609070796687,-0.003529168625640894,-0.006731575874649888,-0.01895619158332576,0.0026535354040381123,-0.0011961237603704466,0.008424167666141487,-0.0015203808676269605,0.001297484682042294,-0.00015742718852022872,-0.00013381886269481948,-0.00044028295820443096,-7.177800961482854E-06,0.0013838159719097895,4.910478158473394E-05,0.00011361474312305055,0.003177884839649515,-0.001726735047685615,0.002804241431491021,0.002239863076246066,0.0007429290459330937,-0.0007253762993406538,-0.0014535635051374223,0.00552721168746961,0.005086577461521914,-0.0051903532769963364,-0.004015278192253797,0.005907050789115358,-0.011777898544270454,-0.013763356086047994,0.05500320746538617,0.0029476616500138477,0.002480459887053411,0.00024045665300979782,0.008433111841645486,-0.0072036446618158395,0.00016062115920216066,-0.006111131054062159,-0.0028214764812297686,0.0003407428187062015,0.007428665918174557,0.0012870155109313802,-0.0030888272913405347,-0.00013139138887441828,0.008616626631895722,-0.00997684052576967,-0.015731820187850357,-0.004143232188781298,-0.0005701597945211794,-0.010378745589779642,0.0006953310078692495,0.0015806109274166902,-0.028897289023392763,-0.002304464694078378,-0.001988841316497996,-0.02544991637607564,0.004358212166272568,0.0008283836261728304,0.001706107296861923,0.007018125005468518,0.0006985515584610832,0.001442889761029097,-0.00030713798096853456,-0.00683064522390223,-0.00014376566719679636,9.814839017382387E-05,-8.26540100491128E-05,0.0001767645224271666,-3.591759075406007E-05,-0.002078549204300184,-0.0007502538348467594,0.002068570857493417,0.004837649209530261,0.004791661856395735,-0.004407878147550012,0.0025313739782740793,0.006399021051151538,0.00387892059290834,-0.0066077017910890256,0.0014950920518976682,0.006318867300623858,0.003971570053597695,-0.0042980358282659085,0.0029476616500138477,0.05052526193862554,0.006318966050402897,-0.014431377051104746,0.0002518200229017804,-0.006371439038718836,0.0003091298433158944,-0.01328325547815735,0.00725363819091091,0.001329072717726759,0.0012583950955348264,0.0018164289382584247,-0.0040349295134612185,2.1686630018526188E-05,-0.0021198533463296252,-0.014622212157416123,-0.00952946080158694,-0.022605677283629857,0.000490642920367211,-0.007072619449038605,-0.004614450792844132,0.004507983177774009,-0.007835140131857434,-0.044562483364601634,0.002852374186543327,-0.014737498354380258,-0.016960406945476552,0.0012988105551255897,0.003771485906217828,0.003928096181055251,0.0033575873421428436,0.0006661864167365276,-0.00032875007623932393,-0.008007342291405753,0.0006133839853651319,2.1528921499746726E-05,0.0016535686810535497,3.631866392639758E-05,-3.300776133708227E-05,-0.001569315028718218,-0.0001460487173825483,0.0011546786958625136,0.004300713512052515,0.0075196878960314024,-0.0007122189655987723,0.004777908681369107,0.005787713236302026,0.006833742356156114,-0.004329719757429014,0.001399871914993218,0.0060733184799752135,0.007969541915760603,-0.002638772643345018,0.002480459887053411,0.006318966050402897,0.03334181755239078,0.0018245845717567537,-0.011121758790482017,0.0034466014311802756,-0.0001753308161914347,-0.005455765387948022,0.005232394320418572,0.0016367421939987468,-0.017641636109552498,0.0008926004324022493,-0.0015872949900269649,0.000365367471901901,0.018395300924139036,-0.0027975070007983716,-0.0037727280497784474,-0.0028564658593248217,0.000935442897915613,0.01512621865754411,-0.006598329042210428,0.004006754546752907,-0.023760750396905787,-0.006207160316557449,-0.0031614153624302884,0.0209534631599722,-0.010513326093902571,0.00229791876162217,-0.005669901917293799,0.002487430239664328,0.00018006475824651656,0.0007989427490552918,0.00022926038403576403,0.004512521728032301,0.00018054394462496982,-9.239676203567309E-05,-0.0002347264863638404,0.00023596756210857056,9.56486627510998E-06,0.0010680274765419153,-0.0007269563040636133,0.0016033148053303738,2.8180319015700203E-05,0.0025190564099679675,-2.0619997293124558E-05,0.005859240789460175,-0.00037183225822698477,0.0014470602684721748,0.0020380564641326367,-0.0022434145792753365,-0.0007709470277328171,0.0005235434509305967,0.00022613185566763264,0.00024045665300979774,-0.014431377051104748,0.0018245845717567537,0.3428100955792243,-0.0040191380534501785,-0.003161149436153124,-9.363387579595898E-05,0.00448195109614777,0.03982924314486065,0.0007067355750160056,0.003925362776360061,0.0008707505318650909,-0.0006832831337830207,-0.0005500288573071385,0.018278226870349617,0.0002807047587596126,-0.005497220031794223,-0.006433241586288291,0.0006393785303210714,-0.007366042657241112,-0.0009831733891121467,0.0015612628983322453,-0.0017397885506265699,0.03698952312924617,-0.005216623061183218,-0.002926290394983881,-0.008702892796856584,0.0014226225215734805,-0.002614927086516212,0.006632693871997059,-0.0019538817266058343,0.0009921634323634312,-0.00018462770123177328,-0.0012788244546594195,-0.0005031765620183268,-1.6009667420292663E-05,0.0015971510723697064,4.445512457553889E-05,-1.5334959922426359E-06,-0.00035667700962387826,-0.0014353304932762296,0.0022916649649327215,0.0008010116233771727,-0.0023313418920384433,-0.001451258100038379,-0.005422380466044233,0.0012161113857173797,0.0006130887954604732,-0.00042492814022185933,-0.0006174934404173013,0.0017054515715576263,-0.0007886044881272076,-0.002850858893725657,0.008433111841645488,0.0002518200229017805,-0.011121758790482019,-0.0040191380534501785,0.05400027437818866],"Brews":46,"LeftOut":[{"Name":"40","Figure":0,"Foretold":0.9805316996486209,"Unfitted":1.0017845449981486,"Measured":0.97,"Odd":false},{"Name":"40","Figure":1,"Foretold":242.64997631814865,"Unfitted":243.66600841370249,"Measured":242,"Odd":false},{"Name":"40","Figure":2,"Foretold":41.99740059228623,"Unfitted":41.237979752604474,"Measured":44.06999999999999,"Odd":false},{"Name":"41","Figure":0,"Foretold":1.1136542756477166,"Unfitted":1.144251054558744,"Measured":1.12,"Odd":false},{"Name":"41","Figure":1,"Foretold":205.55272749517238,"Unfitted":206.5888956166945,"Measured":205,"Odd":false},{"Name":"41","Figure":2,"Foretold":39.38476445392531,"Unfitted":38.28682176311514,"Measured":38.272999999999996,"Odd":false},{"Name":"42","Figure":0,"Foretold":1.2576913503252671,"Unfitted":1.2837066954993013,"Measured":1.26,"Odd":false},{"Name":"42","Figure":1,"Foretold":209.7451619441899,"Unfitted":210.93275736035392,"Measured":210,"Odd":false},{"Name":"42","Figure":2,"Foretold":61.01127313091616,"Unfitted":61.40950979655099,"Measured":60.84,"Odd":false},{"Name":"43","Figure":0,"Foretold":1.2634772600761255,"Unfitted":1.2927437558506734,"Measured":1.28,"Odd":false},{"Name":"43","Figure":1,"Foretold":207.73467631579558,"Unfitted":208.92587621916627,"Measured":208,"Odd":false},{"Name":"43","Figure":2,"Foretold":60.23580012215323,"Unfitted":61.11726048477732,"Measured":61.74000000000001,"Odd":false},{"Name":"44","Figure":0,"Foretold":1.2592986130281678,"Unfitted":1.2788312374660291,"Measured":1.23,"Odd":false},{"Name":"44","Figure":1,"Foretold":210.75283838700253,"Unfitted":211.9352947525018,"Measured":211,"Odd":false},{"Name":"44","Figure":2,"Foretold":61.660949839630234,"Unfitted":61.54996004601503,"Measured":59.84,"Odd":false},{"Name":"19","Figure":0,"Foretold":1.365551532093463,"Unfitted":1.3614184112677656,"Measured":1.37,"Odd":false},{"Name":"19","Figure":2,"Foretold":468.52458205055046,"Unfitted":464.3549389144617,"Measured":463.212,"Odd":false},{"Name":"18","Figure":2,"Foretold":88.6149882551067,"Unfitted":89.04974128050924,"Measured":89.00299999999999,"Odd":false},{"Name":"20","Figure":0,"Foretold":1.3646321451345012,"Unfitted":1.3645265587455793,"Measured":1.39,"Odd":false},{"Name":"20","Figure":2,"Foretold":265.09121698738886,"Unfitted":265.4876876089202,"Measured":265.437,"Odd":false},{"Name":"21","Figure":0,"Foretold":1.3424018230113852,"Unfitted":1.3296568139638343,"Measured":1.31,"Odd":false},{"Name":"21","Figure":2,"Foretold":178.88619867841237,"Unfitted":179.72522106061356,"Measured":181.22899999999998,"Odd":false},{"Name":"22","Figure":0,"Foretold":1.3005407666683884,"Unfitted":1.2972592297003132,"Measured":1.32,"Odd":false},{"Name":"22","Figure":2,"Foretold":143.24415801126787,"Unfitted":142.9182649350858,"Measured":141.72899999999998,"Odd":false},{"Name":"23","Figure":2,"Foretold":193.1904802957184,"Unfitted":192.36401077990803,"Measured":192.271,"Odd":false},{"Name":"24","Figure":2,"Foretold":83.49838893945554,"Unfitted":83.54314734584818,"Measured":84.10899999999998,"Odd":false},{"Name":"25","Figure":2,"Foretold":62.061707351782466,"Unfitted":61.873743658480066,"Measured":62.81399999999999,"Odd":false},{"Name":"27","Figure":2,"Foretold":58.57802803645901,"Unfitted":58.02092879075957,"Measured":57.06899999999999,"Odd":false},{"Name":"26","Figure":2,"Foretold":63.21812186243461,"Unfitted":63.63518350417712,"Measured":64.287,"Odd":false},{"Name":"28","Figure":2,"Foretold":78.55674646808765,"Unfitted":78.15222770981968,"Measured":76.48,"Odd":false},{"Name":"29","Figure":2,"Foretold":103.00545463194207,"Unfitted":102.36329792846001,"Measured":102.78800000000001,"Odd":false},{"Name":"30","Figure":2,"Foretold":75.04883704949255,"Unfitted":74.32736780981185,"Measured":75.41300000000001,"Odd":false},{"Name":"31","Figure":2,"Foretold":18.047286438614776,"Unfitted":18.258174085801272,"Measured":18.757999999999996,"Odd":false},{"Name":"32","Figure":2,"Foretold":16.15675688572813,"Unfitted":16.323455959313094,"Measured":17.322999999999993,"Odd":false},{"Name":"33","Figure":2,"Foretold":23.681118496011045,"Unfitted":23.70537879283401,"Measured":24.506,"Odd":false},{"Name":"34","Figure":2,"Foretold":20.93208985832947,"Unfitted":20.977441063788234,"Measured":19.97800000000001,"Odd":false},{"Name":"2","Figure":0,"Foretold":1.0659152260670768,"Unfitted":1.064468530979439,"Measured":1.08,"Odd":false},{"Name":"3","Figure":0,"Foretold":1.1230330230901984,"Unfitted":1.1181703810584407,"Measured":1.13,"Odd":false},{"Name":"4","Figure":0,"Foretold":1.1951048940288889,"Unfitted":1.1853392395121713,"Measured":1.17,"Odd":false},{"Name":"39","Figure":2,"Foretold":94.8243810528772,"Unfitted":95.04745641024442,"Measured":93.662,"Odd":false},{"Name":"45","Figure":2,"Foretold":99.80899632391427,"Unfitted":100.35976586623366,"Measured":99.88400000000001,"Odd":false},{"Name":"46","Figure":2,"Foretold":71.02213472784834,"Unfitted":71.53682276107259,"Measured":72.095,"Odd":false},{"Name":"47","Figure":2,"Foretold":212.92329250520248,"Unfitted":208.48483951296447,"Measured":201.79700000000003,"Odd":false}],"Names":["20","13","10","28","7","6","45","39","47","34","21","42","35","1","24","32","19","9","31","15","26","46","4","27","30","5","29","22","2","40","12","33","36","18","43","3","16","11","23","38","14","41","37","17","44","25"],"BrewsOf":[{"Scope":2,"Whose":"Kestrel Terrace","Brews":4},{"Scope":0,"Whose":"Counter 64","Brews":5},{"Scope":2,"Whose":"Night Barge","Brews":3},{"Scope":1,"Whose":"valve-dripper 500","Brews":3},{"Scope":1,"Whose":"Valve dripper","Brews":8},{"Scope":1,"Whose":"Siphon","Brews":2},{"Scope":0,"Whose":"Ferrule","Brews":24},{"Scope":2,"Whose":"Quiet Orchard","Brews":9},{"Scope":1,"Whose":"Small siphon","Brews":2},{"Scope":2,"Whose":"Blue Ferry","Brews":12},{"Scope":1,"Whose":"Lever dripper, smooth","Brews":1},{"Scope":2,"Whose":"Tidewrack","Brews":1},{"Scope":1,"Whose":"French press","Brews":3},{"Scope":1,"Whose":"Lever dripper, ridged","Brews":10}]}');
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
INSERT INTO "Sips" VALUES(10,6,'warm',0,1,NULL,NULL,NULL,NULL);
INSERT INTO "Sips" VALUES(11,7,'hot',0,1,3,2,NULL,NULL);
INSERT INTO "Sips" VALUES(12,7,'warm',0,1,3,2,NULL,NULL);
INSERT INTO "Sips" VALUES(13,7,'cool',0,1,3,2,NULL,NULL);
INSERT INTO "Sips" VALUES(19,11,'warm',0,1,NULL,NULL,NULL,NULL);
CREATE TABLE "Imports" (
    "Id" INTEGER NOT NULL CONSTRAINT "PK_Imports" PRIMARY KEY AUTOINCREMENT,
    "AtMs" INTEGER NOT NULL,
    "By" TEXT NOT NULL,
    "What" TEXT NOT NULL,
    "UndoneAtMs" INTEGER NULL,
    "BeforeJson" TEXT NULL,
    "Brought" TEXT NOT NULL
);
INSERT INTO "Imports" VALUES(1,1795911411735,'Wanjiru','high-hut.json: 1 brew',NULL,NULL,'');
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
INSERT INTO "LogRows" VALUES(6,84,1,1795697400000,'High Hut press','hut-press','Kestrel Terrace','french-press','French press','Ferrule','Wanjiru','High Hut',1,1,8,0,1,NULL,33,478,99,814,5,1.3582612802085985,16.85737806346638,-0.12098802670996293,0.8974282544287885,NULL,25.900000000000034,'within',0.19999999999976126,0,0,0,1.3565884491460964,1.3034203701931384,1.4097565280990545,-0.3365965807410244,0.09601088153415271,NULL,NULL);
INSERT INTO "LogRows" VALUES(7,85,1,1795861860000,'Bloomed and broken','fp-bloomed','Blue Ferry','french-press','French press','Ferrule','Wanjiru','Weir House',1,1,8,0,1,NULL,27,404,95,970,3,1.330364560477626,17.078490619381338,-0.16547618835644176,0.902121587967229,NULL,27,'late',179.99999999999977,-1,0,0,1.2168785304014962,1.1595941860367927,1.2741628747661997,-0.6581162320184284,-0.15273439308105546,NULL,NULL);
INSERT INTO "LogRows" VALUES(12,89,1,1792832940000,'Upright, held back','tp-upright-held','Tidewrack','tube-press','Tube press','Ferrule','Imre','Weir House',1,1,8,0,1,NULL,16,235,95,528,8,1.3642097636774684,18.10103131870496,0.16217912966927128,0.9086602657944064,NULL,29.599999999999994,'within',-8.526512829121202E-14,1,0,0,1.367761818234761,1.3171739503592184,1.4183496861103038,0.008143881577926088,0.3160386722666869,NULL,NULL);
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
INSERT INTO "BlindSessions" VALUES(1,'triangle',4,57,NULL,NULL,'18 clicks against 24',1795878900000,1795879500000,'Solveig');
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
INSERT INTO "Devices" VALUES(1,'Counter phone',1,'AA',1764000000000,'BB',1763000000000,1764000000000,NULL);
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
INSERT INTO "Pairs" VALUES(1,3,4,40,NULL,NULL,1795877400000,2);
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
INSERT INTO "BlindAnswers" VALUES(1,1,1,'Imre','134','thinner than the other two',1795879080000);
INSERT INTO "BlindAnswers" VALUES(2,1,2,'Solveig','126','one is sharper',1795879140000);
INSERT INTO "BlindAnswers" VALUES(3,1,3,'Wanjiru','971','all alike to me',1795879200000);
INSERT INTO "BlindAnswers" VALUES(4,1,4,'Teo','892','less plum in it',1795879260000);
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
UPDATE Brews SET Id = Id;
COMMIT;
