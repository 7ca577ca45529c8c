package org.vatwright.files.wif;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The lines of a weaving file, in their order: sections, keys and values, comments. Names of sections and keys are the
 * same in capitals or not. Whatever is not changed is written as it was read.
 */
final class WifText {

    /** One line. @param key empty where it holds none */
    private record Line(String raw, String key, String value) {}

    private static final class Section {
        private final String header;
        private final String name;
        private final List<Line> lines = new ArrayList<>();
        private final Map<String, String> values = new HashMap<>();

        Section(String header, String name) {
            this.header = header;
            this.name = name;
        }

        void add(Line line) {
            lines.add(line);
            if (!line.key().isEmpty()) {
                values.putIfAbsent(line.key(), line.value());
            }
        }
    }

    private final List<Section> sections = new ArrayList<>();
    private final List<WifFinding> findings = new ArrayList<>();
    private final String lineEnd;

    private WifText(String lineEnd) {
        this.lineEnd = lineEnd;
        sections.add(new Section("", ""));
    }

    static WifText empty() {
        return new WifText("\r\n");
    }

    static WifText of(String text) {
        WifText made = new WifText(text.contains("\r\n") ? "\r\n" : "\n");
        String[] lines = text.split("\r\n|\r|\n", -1);
        int count = lines.length > 0 && lines[lines.length - 1].isEmpty() ? lines.length - 1 : lines.length;
        for (int i = 0; i < count; i++) {
            made.take(lines[i], i + 1);
        }
        return made;
    }

    private void take(String raw, int number) {
        String line = raw.strip();
        Section now = sections.getLast();
        if (line.startsWith("[")) {
            int close = line.indexOf(']');
            String name = canonical(close > 0 ? line.substring(1, close) : line.substring(1));
            if (close < 0) {
                findings.add(new WifFinding(name, "", "the bracket is not closed in line " + number));
            }
            if (section(name).isPresent()) {
                findings.add(new WifFinding(name, "", "stands twice; what comes first counts"));
            }
            sections.add(new Section(raw, name));
        } else if (line.isEmpty() || line.startsWith(";") || line.startsWith("#")) {
            now.add(new Line(raw, "", ""));
        } else {
            int equals = line.indexOf('=');
            String key = equals > 0 ? canonical(line.substring(0, equals)) : "";
            if (key.isEmpty()) {
                findings.add(new WifFinding(now.name, "", "line %d has no key; it is kept but says nothing"
                        .formatted(number)));
            } else if (now.values.containsKey(key)) {
                findings.add(new WifFinding(now.name, key, "stands twice; what comes first counts"));
            }
            now.add(new Line(raw, key, equals > 0 ? value(line.substring(equals + 1)) : ""));
        }
    }

    /** A comment may follow a value. */
    private static String value(String text) {
        int comment = text.indexOf(';');
        return (comment >= 0 ? text.substring(0, comment) : text).strip();
    }

    static String canonical(String name) {
        String upper = name.strip().toUpperCase(Locale.ROOT).replaceAll("\\s+", " ");
        // 01 and 1 are the same thread.
        return upper.matches("0*\\d{1,9}") ? String.valueOf(Integer.parseInt(upper)) : upper;
    }

    List<WifFinding> findings() {
        return findings;
    }

    boolean has(String section) {
        return section(section).isPresent();
    }

    boolean hasSections() {
        return sections.size() > 1;
    }

    private Optional<Section> section(String name) {
        return sections.stream().filter(s -> s.name.equals(name) && !s.header.isEmpty()).findFirst();
    }

    /** @return the value of a key, from the first section of that name that holds it */
    Optional<String> get(String section, String key) {
        String wanted = canonical(key);
        return sections.stream().filter(s -> s.name.equals(section) && !s.header.isEmpty())
                .map(s -> s.values.get(wanted)).filter(java.util.Objects::nonNull).findFirst();
    }

    /** @return the keys that are whole numbers, with their values, in the order of the file */
    Map<Integer, String> numbered(String section) {
        Map<Integer, String> found = new LinkedHashMap<>();
        for (Section s : sections) {
            if (s.name.equals(section) && !s.header.isEmpty()) {
                for (Line line : s.lines) {
                    if (number(line) >= 0) {
                        found.putIfAbsent(number(line), line.value());
                    }
                }
            }
        }
        return found;
    }

    /** @return the number that is the line's key, or -1 */
    private static int number(Line line) {
        return line.key().matches("\\d{1,9}") ? Integer.parseInt(line.key()) : -1;
    }

    /** Sets one key; the line stays where it is, or comes to the end of the section, which is made when there is none. */
    void set(String section, String key, String value) {
        Section s = section(section).orElseGet(() -> addSection(section));
        String wanted = canonical(key);
        for (int i = 0; i < s.lines.size(); i++) {
            Line line = s.lines.get(i);
            if (line.key().equals(wanted)) {
                if (!line.value().equals(value)) {
                    String shown = line.raw().substring(0, line.raw().indexOf('='));
                    s.lines.set(i, new Line(shown + "=" + value, wanted, value));
                    s.values.put(wanted, value);
                }
                return;
            }
        }
        int end = s.lines.size();
        while (end > 0 && s.lines.get(end - 1).raw().isBlank()) {
            end--;
        }
        s.lines.add(end, new Line(key + "=" + value, wanted, value));
        s.values.put(wanted, value);
    }

    private Section addSection(String name) {
        Section last = sections.getLast();
        if (!last.header.isEmpty() && (last.lines.isEmpty() || !last.lines.getLast().raw().isBlank())) {
            last.lines.add(new Line("", "", ""));
        }
        Section made = new Section("[" + name + "]", name);
        sections.add(made);
        return made;
    }

    /** Makes the numbered keys of a section exactly these; all other keys stay. */
    void setNumbered(String section, Map<Integer, String> values) {
        section(section).ifPresent(s -> {
            s.lines.removeIf(l -> number(l) >= 0 && !values.containsKey(number(l)));
            s.values.keySet().removeIf(k -> k.matches("\\d{1,9}") && !values.containsKey(Integer.parseInt(k)));
        });
        Section s = section(section).orElseGet(() -> addSection(section));
        if (s.values.keySet().stream().noneMatch(k -> k.matches("\\d+"))) {
            // A whole section at once, since thousands of threads may follow.
            int end = s.lines.size();
            while (end > 0 && s.lines.get(end - 1).raw().isBlank()) {
                end--;
            }
            List<Line> fresh = new ArrayList<>();
            values.forEach((k, v) -> fresh.add(new Line(k + "=" + v, String.valueOf(k), v)));
            s.lines.addAll(end, fresh);
            fresh.forEach(l -> s.values.put(l.key(), l.value()));
            return;
        }
        Map<String, Integer> places = new HashMap<>();
        for (int i = 0; i < s.lines.size(); i++) {
            places.putIfAbsent(s.lines.get(i).key(), i);
        }
        values.forEach((k, v) -> {
            Integer place = places.get(String.valueOf(k));
            if (place == null) {
                set(section, String.valueOf(k), v);
            } else if (!s.lines.get(place).value().equals(v)) {
                s.lines.set(place, new Line(k + "=" + v, String.valueOf(k), v));
                s.values.put(String.valueOf(k), v);
            }
        });
    }

    void removeKey(String section, String key) {
        String wanted = canonical(key);
        sections.stream().filter(s -> s.name.equals(section)).forEach(s -> {
            s.lines.removeIf(l -> l.key().equals(wanted));
            s.values.remove(wanted);
        });
    }

    void removeSection(String section) {
        sections.removeIf(s -> s.name.equals(section) && !s.header.isEmpty());
    }

    @Override
    public String toString() {
        StringBuilder text = new StringBuilder();
        for (Section section : sections) {
            if (!section.header.isEmpty()) {
                text.append(section.header).append(lineEnd);
            }
            section.lines.forEach(l -> text.append(l.raw()).append(lineEnd));
        }
        return text.toString();
    }
}
