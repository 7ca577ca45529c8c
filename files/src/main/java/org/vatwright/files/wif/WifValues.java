package org.vatwright.files.wif;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.draft.Squares;
import org.vatwright.core.measure.Require;

/** Values of a weaving file as numbers and lists; what cannot be read is told once and left out. */
final class WifValues {

    private static final int MOST_FINDINGS = 200;
    /** Of one list; a pick treads no more treadles. */
    private static final int MOST_ITEMS = 64;

    private final WifText text;
    private final Set<WifFinding> findings;

    WifValues(WifText text, List<WifFinding> already) {
        this.text = text;
        findings = new LinkedHashSet<>(already);
    }

    void finding(String section, String key, String sentence) {
        findings.add(new WifFinding(section, key, sentence));
    }

    /** @return all findings, of very many the first */
    List<WifFinding> told() {
        List<WifFinding> all = new ArrayList<>(findings);
        if (all.size() <= MOST_FINDINGS) {
            return all;
        }
        List<WifFinding> first = new ArrayList<>(all.subList(0, MOST_FINDINGS));
        first.add(new WifFinding("", "", "and %,d more of the kind".formatted(all.size() - MOST_FINDINGS)));
        return first;
    }

    Optional<Double> number(String section, String key) {
        return text.get(section, key).flatMap(value -> {
            Optional<Double> read = number(value);
            if (read.isEmpty()) {
                finding(section, key, "\"%s\" is no number; left out".formatted(shortened(value)));
            }
            return read;
        });
    }

    private static Optional<Double> number(String value) {
        try {
            double read = Double.parseDouble(value.strip().replace(',', '.'));
            return Double.isFinite(read) && Math.abs(read) < 1e9 ? Optional.of(read) : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    Optional<Integer> whole(String section, String key) {
        return number(section, key).flatMap(n -> {
            if (n != Math.rint(n) || n < 0) {
                finding(section, key, "%s is no whole number; left out".formatted(n));
                return Optional.empty();
            }
            return Optional.of(n.intValue());
        });
    }

    boolean truth(String section, String key, boolean otherwise) {
        String value = text.get(section, key).orElse("").strip().toLowerCase(Locale.ROOT);
        return switch (value) {
            case "true", "yes", "on", "1" -> true;
            case "false", "no", "off", "0" -> false;
            default -> {
                finding(section, key, (value.isEmpty()
                        ? "is left out"
                        : "\"%s\" is neither true nor false"
                                .formatted(shortened(value)))
                        + "; read as " + otherwise);
                yield otherwise;
            }
        };
    }

    /** @return the numbers of each numbered key; 0 stands for none and is left out */
    Map<Integer, List<Integer>> lists(String section) {
        Map<Integer, List<Integer>> lists = new LinkedHashMap<>();
        text.numbered(section).forEach((key, value) -> lists.put(key, list(section, key, value)));
        return lists;
    }

    private List<Integer> list(String section, int key, String value) {
        List<Integer> numbers = new ArrayList<>();
        for (String part : value.split("[,\\s]+")) {
            if (part.isEmpty()) {
                continue;
            }
            if (!part.matches("\\d{1,6}")) {
                finding(section, String.valueOf(key), "\"%s\" is no whole number; left out".formatted(shortened(part)));
            } else if (numbers.size() >= MOST_ITEMS) {
                finding(section, String.valueOf(key), "has more than %d numbers; the rest is left out"
                        .formatted(MOST_ITEMS));
                break;
            } else if (Integer.parseInt(part) > 0) {
                numbers.add(Integer.parseInt(part));
            }
        }
        return numbers;
    }

    /** @return the largest number in the lists, 0 when there is none */
    int most(Map<Integer, List<Integer>> lists) {
        return lists.values().stream().flatMap(List::stream).mapToInt(i -> i).max().orElse(0);
    }

    /** @return the largest key, 0 when there is none */
    int last(Map<Integer, List<Integer>> lists) {
        return lists.keySet().stream().mapToInt(i -> i).max().orElse(0);
    }

    /**
     * @param what a key counts, such as "end"
     * @param to what its numbers count, such as "shaft"
     * @return a row a key, a column a number
     */
    Squares squares(String section, String what, Map<Integer, List<Integer>> lists, int rows, int columns, String to) {
        Require.within(to + "s of section [" + section + "]", columns, 1, 32);
        boolean[][] marks = new boolean[rows][columns];
        int beyond = 0;
        int firstBeyond = 0;
        for (var entry : lists.entrySet()) {
            int key = entry.getKey();
            if (key < 1 || key > rows) {
                beyond++;
                firstBeyond = firstBeyond == 0 ? key : firstBeyond;
                continue;
            }
            for (int number : entry.getValue()) {
                if (number > columns) {
                    finding(section, String.valueOf(key), "%s %d is beyond the last, %d; left out"
                            .formatted(to, number, columns));
                } else {
                    marks[key - 1][number - 1] = true;
                }
            }
        }
        if (beyond > 0) {
            finding(section, String.valueOf(firstBeyond), "%d %s beyond the last, %d; left out".formatted(beyond,
                    beyond == 1 ? what + " is" : what + "s are", rows));
        }
        int missing = 0;
        int firstMissing = 0;
        for (int key = rows; key >= 1; key--) {
            if (!lists.containsKey(key)) {
                missing++;
                firstMissing = key;
            }
        }
        if (missing > 0) {
            finding(section, String.valueOf(firstMissing), "%d %s left out, this one first; on no %s"
                    .formatted(missing, missing == 1 ? what + " is" : what + "s are", to));
        }
        return Squares.by(columns, rows, (c, r) -> marks[r][c]);
    }

    static String shortened(String value) {
        return value.length() > 40 ? value.substring(0, 40) + "..." : value;
    }
}
