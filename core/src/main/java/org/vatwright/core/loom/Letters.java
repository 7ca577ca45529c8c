package org.vatwright.core.loom;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Oklch;
import org.vatwright.core.colour.Rgb;

/** The letters a sett is written in, and the colours they usually stand for. The shades are our own. */
public final class Letters {

    /** What a letter usually stands for. */
    public record Usual(String slot, Rgb colour) {}

    private static final Map<String, Usual> USUAL = new LinkedHashMap<>();
    private static final double SHADE = 0.14;
    /** Turn between the hues of distinct colours: the golden angle keeps any number of them apart. */
    private static final double APART_DEG = 137.508;

    static {
        usual("K", "Black", "#17181b");
        usual("W", "White", "#f6f3ec");
        usual("R", "Red", "#b3262e");
        usual("B", "Blue", "#22407f");
        usual("G", "Green", "#22603c");
        usual("Y", "Yellow", "#e2b534");
        usual("N", "Grey", "#8b8d8c");
        usual("T", "Brown", "#6a4a33");
        usual("P", "Purple", "#5b3274");
        usual("O", "Orange", "#d9762b");
        usual("A", "Azure", "#6fa3cf");
    }

    private Letters() {}

    private static void usual(String letter, String slot, String hex) {
        USUAL.put(letter, new Usual(slot, Rgb.parse(hex)));
    }

    /** @return what the letters usually stand for; L or D before a known letter is a light or dark shade of it */
    public static Optional<Usual> usual(String letters) {
        String code = letters.toUpperCase(Locale.ROOT);
        if (code.length() == 2 && "LD".indexOf(code.charAt(0)) >= 0 && USUAL.containsKey(code.substring(1))) {
            Usual plain = USUAL.get(code.substring(1));
            boolean light = code.charAt(0) == 'L';
            Oklch colour = Oklch.of(plain.colour());
            double lightness = Math.max(0.05, Math.min(0.97, colour.lightness() + (light ? SHADE : -SHADE)));
            return Optional.of(new Usual((light ? "Light " : "Dark ") + plain.slot().toLowerCase(Locale.ROOT),
                    new Oklch(lightness, colour.chroma(), colour.hue()).toRgb()));
        }
        return Optional.ofNullable(USUAL.get(code));
    }

    /** @return the n-th of a row of colours that are easy to tell apart */
    public static Rgb distinct(int n) {
        return new Oklch(n % 2 == 0 ? 0.62 : 0.78, 0.13, (40 + n * APART_DEG) % 360).toRgb();
    }

    /** @return letters for a slot that none of the taken ones stand for: the usual ones, else from its name */
    public static String forSlot(String slot, Iterable<String> taken) {
        java.util.Set<String> used = new java.util.HashSet<>();
        taken.forEach(used::add);
        for (Map.Entry<String, Usual> e : USUAL.entrySet()) {
            if (e.getValue().slot().equalsIgnoreCase(slot) && !used.contains(e.getKey())) {
                return e.getKey();
            }
        }
        String letters = slot.toUpperCase(Locale.ROOT).replaceAll("[^A-Z]", "");
        for (int length = 1; length <= Math.min(3, letters.length()); length++) {
            String code = letters.substring(0, length);
            if (!used.contains(code) && (usual(code).isEmpty() || usual(code).get().slot().equalsIgnoreCase(slot))) {
                return code;
            }
        }
        for (int n = 0;; n++) {
            String code = "X" + (char) ('A' + n / 26 % 26) + (char) ('A' + n % 26);
            if (!used.contains(code)) {
                return code;
            }
        }
    }
}
