package org.vatwright.core.project;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

import org.vatwright.core.measure.Id;

/** Names of files made from what people call things, safe on every system. */
public final class FileName {

    /** With a suffix and a number still below the 143 signs that the strictest file systems take. */
    private static final int MOST_SIGNS = 100;
    /** With a suffix and a number still below the 255 bytes that most file systems take. */
    private static final int MOST_BYTES = 200;
    /** Names that one widespread system keeps for devices, whatever follows after a dot. */
    private static final Set<String> DEVICES = Set.of("con", "prn", "aux", "nul", "com1", "com2", "com3", "com4",
            "com5",
            "com6", "com7", "com8", "com9", "lpt1", "lpt2", "lpt3", "lpt4", "lpt5", "lpt6", "lpt7", "lpt8", "lpt9");

    private static final Pattern STRANGE = Pattern.compile("[^\\p{L}\\p{M}\\p{N}._-]+");
    private static final Pattern DOTS = Pattern.compile("\\.{2,}");
    private static final Pattern LEADING = Pattern.compile("^[-._\\p{M}]+");
    private static final Pattern TRAILING = Pattern.compile("[-._]+$");

    private FileName() {}

    /** @return letters and figures of any script, dots within, dashes for all else; never empty */
    public static String of(String name) {
        String signs = STRANGE.matcher(Normalizer.normalize(name, Normalizer.Form.NFC)).replaceAll("-");
        String plain = DOTS.matcher(signs).replaceAll("-");
        String trimmed = TRAILING.matcher(cut(LEADING.matcher(plain).replaceAll(""))).replaceAll("");
        if (trimmed.isEmpty()) {
            return "unnamed";
        }
        String first = trimmed.split("\\.", 2)[0];
        // Raised figures count as figures there.
        boolean device = DEVICES.contains(Normalizer.normalize(first, Normalizer.Form.NFKC).toLowerCase(Locale.ROOT));
        return device ? first + "-file" + trimmed.substring(first.length()) : trimmed;
    }

    private static String cut(String name) {
        StringBuilder cut = new StringBuilder();
        int bytes = 0;
        int signs = 0;
        for (int sign : name.codePoints().toArray()) {
            String text = Character.toString(sign);
            bytes += text.getBytes(StandardCharsets.UTF_8).length;
            signs++;
            if (bytes > MOST_BYTES || signs > MOST_SIGNS) {
                break;
            }
            cut.append(text);
        }
        return cut.toString();
    }

    /** @return the file of one of several jobs; see {@link #all} */
    public static String of(Job job, List<Job> all) {
        return all(all).get(job.id());
    }

    /**
     * The files of several jobs, each with the suffix of its kind. No two are the same, also to a system that does not tell
     * capitals apart: where a name is taken by a job before, a number follows it.
     */
    public static Map<Id, String> all(List<Job> jobs) {
        Map<Id, String> names = new LinkedHashMap<>();
        Set<String> taken = new HashSet<>();
        for (Job job : jobs) {
            String name = of(job.name());
            String suffix = "." + job.output().format().suffix();
            String free = name + suffix;
            for (int i = 2; !taken.add(free.toLowerCase(Locale.ROOT)); i++) {
                free = "%s-%d%s".formatted(name, i, suffix);
            }
            names.put(job.id(), free);
        }
        return names;
    }
}
