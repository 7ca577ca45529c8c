package org.vatwright.core.project;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Names of files made from what people call things, safe on every system. */
public final class FileName {

    /** With a suffix and a number still below the 143 signs that the strictest file systems take. */
    private static final int MOST_SIGNS = 100;
    /** Names that one widespread system keeps for devices, whatever follows after a dot. */
    private static final Set<String> DEVICES = Set.of("con", "prn", "aux", "nul", "com1", "com2", "com3", "com4",
            "com5",
            "com6", "com7", "com8", "com9", "lpt1", "lpt2", "lpt3", "lpt4", "lpt5", "lpt6", "lpt7", "lpt8", "lpt9");

    private FileName() {}

    /** @return letters and figures of any script, dots within, dashes for all else; never empty */
    public static String of(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFC).replaceAll("[^\\p{L}\\p{M}\\p{N}._-]+", "-")
                .replaceAll("\\.{2,}", "-");
        String cut = plain.codePointCount(0, plain.length()) > MOST_SIGNS
                ? plain.substring(0, plain.offsetByCodePoints(0, MOST_SIGNS))
                : plain;
        String trimmed = cut.replaceAll("^[-._]+|[-._]+$", "");
        String first = trimmed.split("\\.", 2)[0].toLowerCase(Locale.ROOT);
        return trimmed.isEmpty() ? "unnamed" : DEVICES.contains(first) ? trimmed + "-file" : trimmed;
    }

    /**
     * The file of one of several jobs: those of one name, as a system that does not tell capitals apart sees it, are
     * numbered in their order.
     *
     * @return the name with the suffix of its kind of file
     */
    public static String of(Job job, List<Job> all) {
        String name = of(job.name());
        String suffix = "." + job.output().format().suffix();
        List<Job> alike = all.stream().filter(j -> (of(j.name()) + "." + j.output().format().suffix())
                .equalsIgnoreCase(name + suffix)).toList();
        int at = alike.indexOf(job);
        return at <= 0 ? name + suffix : "%s-%d%s".formatted(name, at + 1, suffix);
    }
}
