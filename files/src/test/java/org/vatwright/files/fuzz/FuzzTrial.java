package org.vatwright.files.fuzz;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;

import org.vatwright.core.raster.Work;

/**
 * Tries changed inputs on all readers: {@code FuzzTrial COUNT [FIRST]}. Each is refused in a sentence, or stands all that is
 * done with it, each act (to read it, to save it, to read it back, a drawing, a file, an inspection) within ten seconds of a
 * processor's time; run with a heap of 512 MB.
 */
public final class FuzzTrial {

    private static final long MOST_MILLIS = 10_000;

    /** What went wrong with one input. */
    record Fault(long number, FuzzInputs.Kind kind, String what) {}

    /** How it went. */
    record Outcome(int tried, Map<FuzzInputs.Kind, int[]> accepted, List<Fault> faults, long slowestMillis,
            long slowest) {}

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();
    private static volatile long handId;
    /** Of the act that the hand is at, when it began; and the longest of an input until now. */
    private static volatile long actMillis;
    private static volatile long longestAct;

    private FuzzTrial() {}

    public static void main(String[] args) throws Exception {
        int count = Integer.parseInt(args[0]);
        long first = args.length > 1 ? Long.parseLong(args[1]) : 0;
        Path folder = Files.createTempDirectory("vatwright-fuzz");
        Outcome outcome = run(first, count, drawings(Path.of(System.getProperty("fuzz.demo", "demo"))), folder, true);
        for (Map.Entry<FuzzInputs.Kind, int[]> kind : outcome.accepted().entrySet()) {
            System.out.printf("%-8s %7d tried %7d accepted%n", kind.getKey().name().toLowerCase(), kind.getValue()[0],
                    kind.getValue()[1]);
        }
        System.out.printf("%d tried: %d faults; the slowest act took %d ms (number %d)%n", outcome.tried(),
                outcome.faults().size(), outcome.slowestMillis(), outcome.slowest());
        System.exit(outcome.faults().isEmpty() ? 0 : 1);
    }

    static List<byte[]> drawings(Path demo) throws IOException {
        try (Stream<Path> all = Files.list(demo)) {
            List<byte[]> read = new ArrayList<>();
            for (Path svg : all.filter(p -> p.toString().endsWith(".svg")).sorted().toList()) {
                read.add(Files.readAllBytes(svg));
            }
            return read;
        }
    }

    static Outcome run(long first, int count, List<byte[]> drawings, Path folder, boolean aloud) throws Exception {
        FuzzInputs inputs = new FuzzInputs(drawings, folder);
        Map<FuzzInputs.Kind, int[]> accepted = new EnumMap<>(FuzzInputs.Kind.class);
        List<Fault> faults = new ArrayList<>();
        long slowestMillis = 0;
        long slowest = first;
        // The platform's geometry prints when it is given what it cannot reckon with: a fault like any other.
        PrintStream out = System.out;
        ByteArrayOutputStream noise = new ByteArrayOutputStream();
        System.setOut(new PrintStream(noise, true, StandardCharsets.UTF_8));
        ExecutorService hand = hand();
        FuzzCheck check = new FuzzCheck(folder, FuzzTrial::act);
        for (long number = first; number < first + count; number++) {
            FuzzInputs.Input input = inputs.input(number);
            int[] counts = accepted.computeIfAbsent(input.kind(), k -> new int[2]);
            counts[0]++;
            AtomicBoolean stop = new AtomicBoolean();
            FuzzCheck checker = check;
            Future<Boolean> result = hand.submit(() -> {
                actMillis = cpuMillis();
                longestAct = 0;
                return checker.check(input, Work.on(1).stoppedBy(stop::get));
            });
            Fault fault = null;
            boolean stuck = false;
            try {
                counts[1] += patiently(result) ? 1 : 0;
            } catch (ExecutionException e) {
                fault = new Fault(number, input.kind(), trace(e.getCause()));
            } catch (TimeoutException e) {
                stop.set(true);
                stuck = true;
                fault = new Fault(number, input.kind(), "over %d ms%s".formatted(MOST_MILLIS, ended(result)));
            }
            fault = fault == null && noise.size() > 0 ? new Fault(number, input.kind(), "printed: " + noise) : fault;
            noise.reset();
            act();
            long millis = longestAct;
            if (millis > slowestMillis) {
                slowestMillis = millis;
                slowest = number;
            }
            if (fault != null) {
                faults.add(fault);
                if (aloud) {
                    Files.write(Path.of(System.getProperty("java.io.tmpdir"))
                            .resolve("fuzz-%s-%d".formatted(fault.kind().name().toLowerCase(), number)), input.bytes());
                    out.printf("%d %s: %s%n", number, fault.kind(), fault.what());
                }
            }
            if (stuck) {
                // Once it is told: what could not be stopped may have left no memory for another.
                hand.shutdownNow();
                hand = hand();
                check = new FuzzCheck(Files.createTempDirectory(folder, "next"), FuzzTrial::act);
            }
            if (aloud && (number - first + 1) % 5000 == 0) {
                out.printf("%d tried, %d faults, slowest act %d ms%n", number - first + 1, faults.size(),
                        slowestMillis);
            }
        }
        hand.shutdown();
        System.setOut(out);
        return new Outcome(count, accepted, faults, slowestMillis, slowest);
    }

    /** Another act begins. */
    private static void act() {
        long now = cpuMillis();
        longestAct = Math.max(longestAct, now - actMillis);
        actMillis = now;
    }

    /** Waits as long as the hand has not worked on one act for ten seconds: other work of the machine has no part in it. */
    private static boolean patiently(Future<Boolean> result)
            throws InterruptedException, ExecutionException, TimeoutException {
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(20 * MOST_MILLIS);
        while (true) {
            try {
                return result.get(100, TimeUnit.MILLISECONDS);
            } catch (TimeoutException e) {
                if (cpuMillis() - actMillis > MOST_MILLIS || System.nanoTime() > end) {
                    throw e;
                }
            }
        }
    }

    /** @return how long the hand has worked, all in all */
    private static long cpuMillis() {
        return THREADS.getThreadCpuTime(handId) / 1_000_000;
    }

    private static String ended(Future<Boolean> result) {
        try {
            result.get(3, TimeUnit.SECONDS);
            return "";
        } catch (TimeoutException e) {
            return " and could not be stopped";
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return "";
        } catch (ExecutionException e) {
            return e.getCause() instanceof CancellationException ? ", stopped" : ", then " + e.getCause();
        }
    }

    private static ExecutorService hand() {
        return Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, "fuzz");
            handId = thread.threadId();
            thread.setDaemon(true);
            return thread;
        });
    }

    private static String trace(Throwable e) {
        StringWriter out = new StringWriter();
        e.printStackTrace(new PrintWriter(out));
        List<String> lines = out.toString().lines().toList();
        return String.join("\n", lines.subList(0, Math.min(14, lines.size())));
    }
}
