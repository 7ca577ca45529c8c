package org.vatwright.core.loom;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;

/**
 * A sett in the trade's notation: letters for a colour and a thread count, band after band. A slash between them marks a
 * pivot: {@code K/4 R24 K24 Y/4} goes there and back, the pivots' threads given once and not doubled, 104 threads in
 * all. Without slashes the bands recur as they stand.
 */
public record SettText(List<Stretch> stretches, boolean pivot) {

    /** @param letters in capitals */
    public record Stretch(String letters, int threads) {}

    /**
     * What is wrong, and where.
     *
     * @param from,to of the faulty part of the text, {@code to} excluded
     */
    public record Fault(int from, int to, String sentence) {}

    /** A text that is no sett. */
    public static final class Faulty extends Refusal {
        private static final long serialVersionUID = 1;
        private final transient List<Fault> faults;

        Faulty(List<Fault> faults) {
            super(faults.getFirst().sentence());
            this.faults = faults;
        }

        /** @return all that is wrong, in the order of the text */
        public List<Fault> faults() {
            return faults;
        }
    }

    private static final int MOST_TEXT = 100_000;
    private static final Pattern WORD = Pattern.compile("[^\\s,;]+");
    private static final Pattern BAND = Pattern.compile("([A-Za-z]{1,3})(/?)(\\d{1,6})");

    /** @throws Faulty with each fault and its place */
    public static SettText parse(String text) {
        List<Fault> faults = new ArrayList<>();
        List<Stretch> stretches = new ArrayList<>();
        List<int[]> slashes = new ArrayList<>();
        if (text.length() > MOST_TEXT) {
            throw new Faulty(List.of(new Fault(MOST_TEXT, text.length(),
                    "a sett of more than %,d signs is not read".formatted(MOST_TEXT))));
        }
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            int at = word.start();
            for (String part : parts(word.group())) {
                band(part, at, stretches, slashes, faults);
                at += part.length();
            }
        }
        if (stretches.isEmpty() && faults.isEmpty()) {
            faults.add(new Fault(0, text.length(), "a sett has bands such as K4 R24; this text has none"));
        }
        if (faults.isEmpty()) {
            checkPivots(stretches.size(), slashes, faults);
            long sum = stretches.stream().mapToLong(Stretch::threads).sum();
            if (stretches.size() > BandRun.MOST_BANDS) {
                faults.add(new Fault(0, text.length(), "a sett of %,d bands is too long; %,d is the most"
                        .formatted(stretches.size(), BandRun.MOST_BANDS)));
            } else if (2 * sum > Fabric.MOST_THREADS) {
                faults.add(
                        new Fault(0, text.length(), "a sett of %,d threads is too long; %,d is the most".formatted(sum,
                                Fabric.MOST_THREADS / 2)));
            }
        }
        if (!faults.isEmpty()) {
            throw new Faulty(List.copyOf(faults));
        }
        return new SettText(List.copyOf(stretches), !slashes.isEmpty());
    }

    /** Bands may stand close together, as in K4R24K24. */
    private static List<String> parts(String word) {
        List<String> parts = new ArrayList<>();
        int from = 0;
        for (int i = 1; i < word.length(); i++) {
            if (Character.isDigit(word.charAt(i - 1)) && Character.isLetter(word.charAt(i))) {
                parts.add(word.substring(from, i));
                from = i;
            }
        }
        parts.add(word.substring(from));
        return parts;
    }

    private static void band(String part, int at, List<Stretch> stretches, List<int[]> slashes, List<Fault> faults) {
        Matcher band = BAND.matcher(part);
        if (!band.matches()) {
            faults.add(new Fault(at, at + part.length(), wrong(part)));
            return;
        }
        int threads = Integer.parseInt(band.group(3));
        if (threads < 1 || threads > Fabric.MOST_THREADS) {
            faults.add(new Fault(at, at + part.length(), "\"%s\": a band has 1 to %,d threads".formatted(part,
                    Fabric.MOST_THREADS)));
        }
        if (!band.group(2).isEmpty()) {
            slashes.add(new int[]{stretches.size(), at, at + part.length()});
        }
        stretches.add(new Stretch(band.group(1).toUpperCase(Locale.ROOT), threads));
    }

    private static String wrong(String part) {
        if (part.matches("\\d+")) {
            return "\"%s\" lacks its colour; write one before it, such as K%s".formatted(part, part);
        }
        if (part.matches("[A-Za-z]{1,3}/?")) {
            return "\"%s\" lacks its threads; write a count behind it, such as %s4".formatted(part, part);
        }
        return "\"%s\" is no band; one is written as letters and threads, such as R24, or K/4 for a pivot".formatted(
                part.length() > 20 ? part.substring(0, 20) + "\u2026" : part);
    }

    /** A pivoting sett has a slash at its first and its last band, and at no other. */
    private static void checkPivots(int bands, List<int[]> slashes, List<Fault> faults) {
        for (int[] slash : slashes) {
            if (slash[0] != 0 && slash[0] != bands - 1) {
                faults.add(new Fault(slash[1], slash[2],
                        "a pivot stands at the first and the last band only; take this slash out"));
            }
        }
        if (faults.isEmpty() && slashes.size() == 1) {
            int[] only = slashes.getFirst();
            faults.add(new Fault(only[1], only[2], bands == 1
                    ? "a sett of one band has nothing to pivot; take the slash out"
                    : "a pivot at one end needs one at the other: mark the %s band with a slash too".formatted(
                            only[0] == 0 ? "last" : "first")));
        }
    }

    /** @return the letters in the order they come first */
    public Set<String> letters() {
        Set<String> letters = new LinkedHashSet<>();
        stretches.forEach(s -> letters.add(s.letters()));
        return letters;
    }

    /** @return the bands, each in the ink of its letters */
    public BandRun run(Function<String, Ink> inks) {
        return new BandRun(stretches.stream().map(s -> new Band(inks.apply(s.letters()), s.threads())).toList(), pivot);
    }

    /** @param letters of each ink */
    public static SettText of(BandRun run, Map<Ink, String> letters) {
        return new SettText(run.bands().stream().map(b -> new Stretch(letters.get(b.ink()), (int) b.width())).toList(),
                run.pivot() && run.bands().size() > 1);
    }

    /** @return the text in its plain form: capitals, one space between bands */
    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < stretches.size(); i++) {
            boolean end = i == 0 || i == stretches.size() - 1;
            text.append(i == 0 ? "" : " ").append(stretches.get(i).letters()).append(pivot && end ? "/" : "")
                    .append(stretches.get(i).threads());
        }
        return text.toString();
    }
}
