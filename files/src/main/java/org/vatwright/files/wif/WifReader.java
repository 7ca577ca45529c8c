package org.vatwright.files.wif;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.measure.Require;

/** Makes as much of a weaving file as it says, and tells of all that it does not. */
final class WifReader {

    private static final double CM_PER_INCH = 2.54;

    private final WifText text;
    private final WifValues values;
    private final List<WifFinding> findings;

    private WifReader(WifText text, List<WifFinding> findings) {
        this.text = text;
        this.findings = findings;
        values = new WifValues(text, findings);
    }

    static WifFile read(String source, List<WifFinding> findings) {
        WifText text = WifText.of(source);
        Require.that(text.hasSections(), "this is no weaving file: it has no section such as [WEAVING]");
        findings.addAll(text.findings());
        return new WifReader(text, findings).file(source);
    }

    private WifFile file(String source) {
        if (!text.has("WIF")) {
            values.finding("WIF", "", "is missing; read as version 1.1");
        }
        boolean rising = values.truth("WEAVING", "Rising Shed", true);
        Map<Integer, List<Integer>> threading = values.lists("THREADING");
        Map<Integer, List<Integer>> tieUp = values.lists("TIEUP");
        Map<Integer, List<Integer>> treadling = values.lists("TREADLING");
        Map<Integer, List<Integer>> liftPlan = values.lists("LIFTPLAN");
        Require.that(!threading.isEmpty() || !treadling.isEmpty() || !liftPlan.isEmpty(),
                "there is nothing to weave: neither [THREADING] nor [TREADLING] nor [LIFTPLAN] says anything");
        boolean planned = treadling.isEmpty() && !liftPlan.isEmpty() || tieUp.isEmpty() && !liftPlan.isEmpty();
        int shafts = count("WEAVING", "Shafts", "shafts", Draft.MOST_SHAFTS,
                Math.max(values.most(threading), Math.max(values.most(tieUp), planned ? values.most(liftPlan) : 0)));
        int ends = count("WARP", "Threads", "ends", Draft.MOST_THREADS, values.last(threading));
        int picks = count("WEFT", "Threads", "picks", Draft.MOST_THREADS,
                values.last(planned ? liftPlan : treadling));
        Squares threaded = threading.isEmpty()
                ? straight("THREADING", "ends are threaded straight over the shafts", ends, shafts)
                : values.squares("THREADING", "end", threading, ends, shafts, "shaft").turned();
        Draft draft;
        if (planned) {
            draft = new Draft(threaded, Optional.empty(),
                    values.squares("LIFTPLAN", "pick", liftPlan, picks, shafts, "shaft"), rising);
        } else {
            draft = treadled(threaded, tieUp, treadling, picks, shafts, rising);
        }
        WifColours colours = WifColours.read(text, values);
        List<Integer> warp = colours.threads("WARP", "WARP COLORS", ends, 0);
        List<Integer> weft = colours.threads("WEFT", "WEFT COLORS", picks, 1);
        Optional<Double> endMm = spacing("WARP", "Spacing", "WARP SPACING", ends);
        Optional<Double> pickMm = spacing("WEFT", "Spacing", "WEFT SPACING", picks);
        Optional<Double> warpMm = spacing("WARP", "Thickness", "WARP THICKNESS", ends);
        Optional<Double> weftMm = spacing("WEFT", "Thickness", "WEFT THICKNESS", picks);
        List<Rgb> table = colours.table();
        return new WifFile(text.get("TEXT", "Title").orElse("").strip(), draft, table, warp, weft,
                endMm.flatMap(mm -> perCm("WARP", mm)), pickMm.flatMap(mm -> perCm("WEFT", mm)),
                share(endMm, warpMm), share(pickMm, weftMm), values.told(), source);
    }

    private Draft treadled(Squares threaded, Map<Integer, List<Integer>> tieUp, Map<Integer, List<Integer>> treadling,
            int picks, int shafts, boolean rising) {
        int treadles = count("WEAVING", "Treadles", "treadles", Draft.MOST_TREADLES,
                Math.max(values.last(tieUp), values.most(treadling)));
        Squares tied = tieUp.isEmpty()
                ? straight("TIEUP", "each treadle is tied to the shaft of its number", treadles, shafts)
                : values.squares("TIEUP", "treadle", tieUp, treadles, shafts, "shaft").turned();
        Squares trodden = treadling.isEmpty()
                ? straight("TREADLING", "the treadles are trodden in turn", picks, treadles).turned()
                : values.squares("TREADLING", "pick", treadling, picks, treadles, "treadle");
        return new Draft(threaded, Optional.of(tied), trodden, rising);
    }

    private Squares straight(String section, String made, int columns, int rows) {
        values.finding(section, "", "is missing; " + made);
        return Squares.by(columns, rows, (c, r) -> c % rows == r);
    }

    /** What the file says, or what it uses when it says nothing or too little. */
    private int count(String section, String key, String what, int most, int used) {
        Optional<Integer> said = values.whole(section, key);
        int count = said.filter(n -> n > 0).orElse(0);
        if (count == 0) {
            count = Math.max(1, used);
            values.finding(section, key, "says no number of %s; %,d are used".formatted(what, count));
        } else if (isCapacity(what) && count < used) {
            values.finding(section, key, "says %,d %s, %,d are used".formatted(count, what, used));
            count = used;
        }
        Require.within("%s (section [%s], key %s)".formatted(what, section, key), count, 1, most);
        return count;
    }

    /** More shafts than are said must exist when ends hang on them; threads beyond the said number are left out. */
    private static boolean isCapacity(String what) {
        return what.equals("shafts") || what.equals("treadles");
    }

    /** @return mm of a thread on average; empty when nothing is said */
    private Optional<Double> spacing(String section, String key, String each, int threads) {
        Optional<Double> usual = values.number(section, key).filter(n -> n > 0);
        Map<Integer, String> own = text.numbered(each);
        if (usual.isEmpty() && own.isEmpty()) {
            return Optional.empty();
        }
        double sum = 0;
        int counted = 0;
        boolean differ = false;
        for (int i = 1; i <= threads; i++) {
            Optional<Double> one = own.containsKey(i) ? values.number(each, String.valueOf(i)) : usual;
            if (one.isPresent() && one.get() > 0) {
                differ |= counted > 0 && Math.abs(one.get() - sum / counted) > 1e-9 * one.get();
                sum += one.get();
                counted++;
            }
        }
        if (counted == 0) {
            return usual.map(u -> u * unitMm(section));
        }
        if (differ) {
            values.finding(each, "", "threads differ; the cloth is drawn with their mean, the file keeps them");
        }
        return Optional.of(sum / counted * unitMm(section));
    }

    private double unitMm(String section) {
        String unit = text.get(section, "Units").orElse("").strip().toLowerCase(java.util.Locale.ROOT);
        return switch (unit) {
            case "centimeters", "centimetres", "cm" -> 10;
            case "millimeters", "millimetres", "mm" -> 1;
            case "inches", "inch", "in" -> 10 * CM_PER_INCH;
            case "decipoints", "decipoint" -> 10 * CM_PER_INCH / 720;
            default -> {
                values.finding(section, "Units", (unit.isEmpty() ? "is left out" : "\"" + unit + "\" is not known")
                        + "; centimeters, inches and decipoints are; read as centimeters");
                yield 10;
            }
        };
    }

    private Optional<Double> perCm(String section, double mm) {
        double perCm = 10 / mm;
        if (perCm < 0.1 || perCm > 1000) {
            values.finding(section, "Spacing", "%.4g threads a cm are not woven; 0.1 to 1,000 are".formatted(perCm));
            return Optional.empty();
        }
        return Optional.of(perCm);
    }

    private static Optional<Double> share(Optional<Double> pitch, Optional<Double> thickness) {
        return pitch.isPresent() && thickness.isPresent()
                ? Optional.of(Math.max(0.05, Math.min(1, thickness.get() / pitch.get())))
                : Optional.empty();
    }
}
