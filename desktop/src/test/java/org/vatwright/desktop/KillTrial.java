package org.vatwright.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

import org.vatwright.core.project.Project;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.recovery.LeftBehind;
import org.vatwright.files.recovery.RecoveryStore;

/**
 * Kills the program at random moments while it edits and saves, and looks what is there afterwards:
 * {@code KillTrial COUNT [SEED]}. Each run goes on with what the one before left behind.
 */
public final class KillTrial {

    private static final int START_MILLIS = 60_000;
    private static final long GRACE_MILLIS = 1000;

    /** One line of what the program noted. */
    private record Note(long millis, String kind, String mark) {}

    /** How many runs were killed, opened again, and what they lost. */
    record Outcome(int runs, int takenUp, int saves, int states, List<String> lost, long longestMillis) {}

    private KillTrial() {}

    public static void main(String[] args) throws Exception {
        int count = args.length > 0 ? Integer.parseInt(args[0]) : 20;
        long seed = args.length > 1 ? Long.parseLong(args[1]) : 1;
        // The whole commission, of which much is killed while it is written, and a few designs, which are saved often.
        Outcome large = tell("the whole commission", run(count / 2, seed, folder(), DemoCommission.load(), true));
        Outcome few = tell("a few designs", run(count - count / 2, seed + 1, folder(), small(), true));
        System.exit(large.lost().isEmpty() && few.lost().isEmpty() ? 0 : 1);
    }

    private static Path folder() throws IOException {
        return Files.createTempDirectory("vatwright-kill");
    }

    /** @return some designs of the demo, so that a save takes a moment only */
    static Project small() {
        Project demo = DemoCommission.load();
        return demo.withArticles(List.of()).withJobs(List.of()).withDesigns(demo.designs().subList(0, 4));
    }

    private static Outcome tell(String of, Outcome outcome) {
        System.out.printf(
                "%s: %d runs killed while editing and saving, %d states noted, saved in %d of them, something left behind in %d%n",
                of, outcome.runs(), outcome.states(), outcome.saves(), outcome.takenUp());
        System.out.printf(
                "edits finished more than a second before and lost: %d; last edit missing for at most %d ms%n",
                outcome.lost().size(), outcome.longestMillis());
        outcome.lost().forEach(System.out::println);
        return outcome;
    }

    /** @param first what the first run opens */
    static Outcome run(int count, long seed, Path folder, Project first, boolean aloud) throws Exception {
        ProjectFile.write(first, folder.resolve(KillRun.PROJECT));
        Random random = new Random(seed);
        List<String> lost = new ArrayList<>();
        int takenUp = 0;
        int saves = 0;
        int states = 0;
        long longest = 0;
        for (int i = 0; i < count; i++) {
            int from = notes(folder).size();
            long saved = saved(folder);
            Process process = start(folder, seed * 1_000_003 + i);
            long patience = System.currentTimeMillis() + START_MILLIS;
            while (notes(folder).size() == from && process.isAlive() && System.currentTimeMillis() < patience) {
                Thread.sleep(20);
            }
            List<Note> begun = notes(folder);
            if (begun.size() == from) {
                lost.add("run %d did not open again: %s".formatted(i, Files.readString(folder.resolve("out.txt"))));
                process.destroyForcibly().waitFor();
                break;
            }
            // Long enough that something is saved in about every other run.
            Thread.sleep(500 + random.nextInt(5_500));
            long killed = System.currentTimeMillis();
            process.destroyForcibly().waitFor(10, TimeUnit.SECONDS);
            List<Note> all = notes(folder);
            List<Note> mine = all.subList(from, all.size());
            states += (int) mine.stream().filter(n -> n.kind().equals("done")).count();
            saves += saved(folder) == saved ? 0 : 1;
            List<LeftBehind> left = new RecoveryStore(folder.resolve("own/recovery")).leftBehind();
            takenUp += left.isEmpty() ? 0 : 1;
            String found = KillRun.mark(found(left, folder));
            long missing = missing(mine, found, killed);
            longest = Math.max(longest, missing);
            if (missing > GRACE_MILLIS || left.size() > 1) {
                lost.add("run %d: %d ms of work missing, %d left behind".formatted(i, missing, left.size()));
            }
            if (aloud && (i + 1) % 10 == 0) {
                System.out.printf("%d runs, %d lost%n", i + 1, lost.size());
            }
        }
        return new Outcome(count, takenUp, saves, states, lost, longest);
    }

    private static Project found(List<LeftBehind> left, Path folder) {
        return !left.isEmpty() ? left.getFirst().read().project() : ProjectFile.read(folder.resolve(KillRun.PROJECT));
    }

    /** @return how long before the kill the first state was finished that is missing; 0 when none is */
    private static long missing(List<Note> notes, String found, long killed) {
        String last = notes.getLast().mark();
        int at = notes.size() - 1;
        while (at >= 0 && !notes.get(at).mark().equals(found)) {
            at--;
        }
        // Killed after an act and before it was noted: a way back leads anywhere, another one to what was never there.
        if (last.equals(KillRun.BACK) || last.equals(KillRun.FORTH) && at < 0) {
            return 0;
        }
        if (at < 0) {
            return Long.MAX_VALUE;
        }
        for (Note note : notes.subList(at + 1, notes.size())) {
            if (note.kind().equals("done") && !note.mark().equals(found)) {
                return killed - note.millis();
            }
        }
        return 0;
    }

    private static long saved(Path folder) throws IOException {
        return Files.getLastModifiedTime(folder.resolve(KillRun.PROJECT)).toMillis();
    }

    private static List<Note> notes(Path folder) throws IOException {
        Path file = folder.resolve(KillRun.NOTES);
        if (!Files.exists(file)) {
            return List.of();
        }
        try (Stream<String> lines = Files.lines(file)) {
            return lines.map(l -> l.split(" ")).filter(l -> l.length == 3)
                    .map(l -> new Note(Long.parseLong(l[0]), l[1], l[2])).toList();
        }
    }

    private static Process start(Path folder, long seed) throws IOException {
        return new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED", "-XX:TieredStopAtLevel=1", "-Dglass.platform=Monocle",
                "-Dmonocle.platform=Headless",
                "-Dprism.order=sw", "-Djava.awt.headless=true", "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                KillRun.class.getName(), folder.toString(), Long.toString(seed))
                .redirectErrorStream(true).redirectOutput(folder.resolve("out.txt").toFile()).start();
    }
}
