// Twice the cores: many of these tests wait for the disk, for a process or for background work.
[assembly: CollectionBehavior(MaxParallelThreads = 4)]
