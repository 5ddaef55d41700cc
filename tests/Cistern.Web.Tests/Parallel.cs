// Twice the cores: many of these tests wait for the disk, for a process or for background work.
[assembly: Xunit.v3.Parallelization(MaxThreads = 4)]
