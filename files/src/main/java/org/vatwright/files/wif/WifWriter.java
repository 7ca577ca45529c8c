package org.vatwright.files.wif;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;

/** Writes a weaving file anew; what a file said before and nothing has changed stays as it stood, to the letter. */
final class WifWriter {

    private final WifFile file;
    private final WifText text;
    private final Optional<WifFile> before;

    private WifWriter(WifFile file, WifText text, Optional<WifFile> before) {
        this.file = file;
        this.text = text;
        this.before = before;
    }

    static String write(WifFile file) {
        Optional<WifFile> before = Optional.empty();
        if (!file.text().isEmpty()) {
            try {
                before = Optional.of(WifReader.read(file.text(), new ArrayList<>()));
            } catch (Refusal unreadable) {
                before = Optional.empty();
            }
        }
        WifText text = before.isPresent() ? WifText.of(file.text()) : WifText.empty();
        WifWriter writer = new WifWriter(file, text, before);
        writer.all();
        return text.toString();
    }

    private <T> boolean changed(Function<WifFile, T> part) {
        return before.isEmpty() || !part.apply(before.get()).equals(part.apply(file));
    }

    private void all() {
        if (before.isEmpty()) {
            text.set("WIF", "Version", "1.1");
            text.set("WIF", "Date", "April 20, 1997");
            text.set("WIF", "Source Program", "Vatwright");
            text.set("CONTENTS", "WEAVING", "true");
        }
        if (changed(WifFile::title) && !file.title().isEmpty()) {
            contents("TEXT");
            text.set("TEXT", "Title", file.title().replaceAll("[\\r\\n;]", " "));
        }
        weaving();
        thread("WARP", file.draft().ends(), changed(f -> f.draft().ends()), changed(f -> spacing(f, true)),
                file.endsPerCm(), file.warpWidth());
        thread("WEFT", file.draft().picks(), changed(f -> f.draft().picks()), changed(f -> spacing(f, false)),
                file.picksPerCm(), file.weftWidth());
        if (changed(WifFile::colours)) {
            table();
        }
        colours("WARP COLORS", WifFile::warp);
        colours("WEFT COLORS", WifFile::weft);
        squares();
    }

    private static List<Optional<Double>> spacing(WifFile file, boolean warp) {
        return warp ? List.of(file.endsPerCm(), file.warpWidth()) : List.of(file.picksPerCm(), file.weftWidth());
    }

    private void contents(String section) {
        String said = text.get("CONTENTS", section).orElse("").toLowerCase(java.util.Locale.ROOT);
        if (!said.matches("true|yes|on|1")) {
            text.set("CONTENTS", section, "true");
        }
    }

    private void drop(String section) {
        text.removeSection(section);
        text.removeKey("CONTENTS", section);
    }

    private void weaving() {
        contents("WEAVING");
        if (changed(f -> f.draft().rising())) {
            text.set("WEAVING", "Rising Shed", String.valueOf(file.draft().rising()));
        }
        if (changed(f -> f.draft().shafts())) {
            text.set("WEAVING", "Shafts", String.valueOf(file.draft().shafts()));
        }
        if (changed(f -> f.draft().treadles())) {
            // A lift plan has a treadle a shaft.
            text.set("WEAVING", "Treadles", String.valueOf(Math.max(file.draft().treadles(),
                    file.draft().tieUp().isPresent() ? 0 : file.draft().shafts())));
        }
    }

    private void thread(String section, int count, boolean counted, boolean spaced, Optional<Double> perCm,
            Optional<Double> width) {
        contents(section);
        if (counted) {
            text.set(section, "Threads", String.valueOf(count));
            for (String list : List.of(" SPACING", " THICKNESS", " SPACING ZOOM", " THICKNESS ZOOM", " SYMBOLS")) {
                if (text.has(section + list)) {
                    Map<Integer, String> kept = new LinkedHashMap<>(text.numbered(section + list));
                    kept.keySet().removeIf(k -> k > count);
                    text.setNumbered(section + list, kept);
                }
            }
        }
        if (spaced && perCm.isPresent()) {
            text.set(section, "Units", "centimeters");
            text.set(section, "Spacing", Numbers.plain(1 / perCm.get(), 9));
            drop(section + " SPACING");
            drop(section + " THICKNESS");
            width.ifPresentOrElse(w -> text.set(section, "Thickness", Numbers.plain(w / perCm.get(), 9)),
                    () -> text.removeKey(section, "Thickness"));
        }
    }

    private void table() {
        contents("COLOR PALETTE");
        contents("COLOR TABLE");
        text.set("COLOR PALETTE", "Form", "RGB");
        text.set("COLOR PALETTE", "Range", "0,255");
        text.set("COLOR PALETTE", "Entries", String.valueOf(file.colours().size()));
        Map<Integer, String> table = new LinkedHashMap<>();
        for (int i = 0; i < file.colours().size(); i++) {
            Rgb c = file.colours().get(i);
            table.put(i + 1, "%d,%d,%d".formatted(c.red(), c.green(), c.blue()));
        }
        text.setNumbered("COLOR TABLE", table);
    }

    private void colours(String section, Function<WifFile, List<Integer>> threads) {
        if (changed(threads) || changed(WifFile::colours)) {
            contents(section);
            Map<Integer, String> numbers = new LinkedHashMap<>();
            for (int i = 0; i < threads.apply(file).size(); i++) {
                numbers.put(i + 1, String.valueOf(threads.apply(file).get(i) + 1));
            }
            text.setNumbered(section, numbers);
            // Every thread says its own; a usual one might stand for another colour of the new table.
            text.removeKey(section.substring(0, 4), "Color");
        }
    }

    private void squares() {
        if (changed(f -> f.draft().threading())) {
            list("THREADING", file.draft().threading().turned());
        }
        if (changed(f -> f.draft().tieUp()) || changed(f -> f.draft().treadling())) {
            if (file.draft().tieUp().isPresent()) {
                list("TIEUP", file.draft().tieUp().get().turned());
                list("TREADLING", file.draft().treadling());
                drop("LIFTPLAN");
            } else {
                list("LIFTPLAN", file.draft().treadling());
                drop("TIEUP");
                drop("TREADLING");
            }
        }
    }

    /** @param rows a key each, its numbers the marked columns; 0 for none */
    private void list(String section, Squares rows) {
        contents(section);
        Map<Integer, String> lists = new LinkedHashMap<>();
        for (int row = 0; row < rows.rows(); row++) {
            List<String> numbers = new ArrayList<>();
            for (int column = 0; column < rows.columns(); column++) {
                if (rows.at(column, row)) {
                    numbers.add(String.valueOf(column + 1));
                }
            }
            lists.put(row + 1, numbers.isEmpty() ? "0" : String.join(",", numbers));
        }
        text.setNumbered(section, lists);
    }
}
