package org.vatwright.files.wif;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

import org.vatwright.core.colour.Rgb;

/** The colour table of a weaving file and the threads that use it. */
final class WifColours {

    private static final int MOST_COLOURS = 1000;
    private static final double[] RANGES = {255, 999, 1000, 4095, 9999, 65_535};

    private final WifText text;
    private final WifValues values;
    private final List<Rgb> table = new ArrayList<>();
    /** Place in the table by the number in the file. */
    private final Map<Integer, Integer> places = new TreeMap<>();
    private double low;
    private double high = 255;

    private WifColours(WifText text, WifValues values) {
        this.text = text;
        this.values = values;
    }

    static WifColours read(WifText text, WifValues values) {
        WifColours colours = new WifColours(text, values);
        colours.range();
        colours.entries();
        return colours;
    }

    List<Rgb> table() {
        return List.copyOf(table);
    }

    private void range() {
        Optional<String> range = text.get("COLOR PALETTE", "Range");
        if (range.isEmpty()) {
            values.finding("COLOR PALETTE", "Range", "is left out; read as 0,255");
            return;
        }
        Optional<double[]> read = numbers(range.get(), 2);
        if (read.isPresent() && read.get()[1] > read.get()[0]) {
            low = read.get()[0];
            high = read.get()[1];
        } else {
            values.finding("COLOR PALETTE", "Range", "\"%s\" is no range; read as 0,255"
                    .formatted(WifValues.shortened(range.get())));
        }
    }

    private void entries() {
        Map<Integer, double[]> read = new TreeMap<>();
        text.numbered("COLOR TABLE").forEach((key, value) -> {
            Optional<double[]> rgb = numbers(value, 3);
            if (rgb.isEmpty()) {
                values.finding("COLOR TABLE", String.valueOf(key), "\"%s\" is no colour of three numbers; left out"
                        .formatted(WifValues.shortened(value)));
            } else if (read.size() < MOST_COLOURS) {
                read.put(key, rgb.get());
            }
        });
        double most = read.values().stream().flatMapToDouble(java.util.Arrays::stream).max().orElse(0);
        if (most > high) {
            double wider = java.util.Arrays.stream(RANGES).filter(r -> r >= most).findFirst().orElse(most);
            values.finding("COLOR TABLE", "", "has %s, beyond the range %s,%s; read as 0,%s".formatted(words(most),
                    words(low), words(high), words(wider)));
            low = 0;
            high = wider;
        }
        read.forEach((key, rgb) -> {
            places.put(key, table.size());
            table.add(rgb(rgb));
        });
        values.whole("COLOR PALETTE", "Entries").filter(n -> n != table.size() && !table.isEmpty())
                .ifPresent(n -> values.finding("COLOR PALETTE", "Entries", "says %d, %d are listed".formatted(n,
                        table.size())));
        if (table.isEmpty()) {
            values.finding("COLOR TABLE", "", "is missing or empty; the warp is drawn dark, the weft light");
            table.add(new Rgb(38, 52, 90));
            table.add(new Rgb(241, 233, 216));
            places.put(1, 0);
            places.put(2, 1);
        }
    }

    private Rgb rgb(double[] values) {
        return new Rgb(channel(values[0]), channel(values[1]), channel(values[2]));
    }

    private int channel(double value) {
        return (int) Math.rint(255 * Math.max(0, Math.min(1, (value - low) / (high - low))));
    }

    /** @param otherwise the place in the table when nothing is said */
    List<Integer> threads(String section, String each, int count, int otherwise) {
        int usual = text.get(section, "Color").flatMap(v -> place(section, "Color", v))
                .orElse(Math.min(otherwise, table.size() - 1));
        Map<Integer, String> own = text.numbered(each);
        List<Integer> threads = new ArrayList<>();
        for (int i = 1; i <= count; i++) {
            String value = own.get(i);
            String key = String.valueOf(i);
            threads.add(value == null ? usual : place(each, key, value).orElse(usual));
        }
        own.keySet().stream().filter(k -> k < 1 || k > count).findFirst().ifPresent(
                k -> values.finding(each, String.valueOf(k),
                        "is beyond the last thread, %d; left out".formatted(count)));
        if (own.isEmpty() && text.get(section, "Color").isEmpty()) {
            values.finding(each, "", "is missing, and [%s] says no Color; all threads have one colour"
                    .formatted(section));
        }
        return threads;
    }

    /** A colour is a number of the table, or three numbers of its own. */
    private Optional<Integer> place(String section, String key, String value) {
        Optional<double[]> own = numbers(value, 3);
        if (own.isPresent() && table.size() < MOST_COLOURS) {
            Rgb rgb = rgb(own.get());
            if (!table.contains(rgb)) {
                table.add(rgb);
            }
            return Optional.of(table.indexOf(rgb));
        }
        String first = value.split("[,\\s]+", 2)[0];
        if (first.matches("\\d{1,6}") && places.containsKey(Integer.parseInt(first))) {
            return Optional.of(places.get(Integer.parseInt(first)));
        }
        values.finding(section, key, "\"%s\" is no colour of the table; the usual one is taken"
                .formatted(WifValues.shortened(value)));
        return Optional.empty();
    }

    private static Optional<double[]> numbers(String value, int count) {
        String[] parts = Stream.of(value.strip().split("[,\\s]+")).filter(p -> !p.isEmpty()).toArray(String[]::new);
        if (parts.length != count) {
            return Optional.empty();
        }
        double[] numbers = new double[count];
        for (int i = 0; i < count; i++) {
            if (!parts[i].matches("-?\\d{1,7}(\\.\\d{1,6})?")) {
                return Optional.empty();
            }
            numbers[i] = Double.parseDouble(parts[i]);
        }
        return Optional.of(numbers);
    }

    private static String words(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }
}
