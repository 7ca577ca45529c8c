package org.vatwright.files.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Changes bytes and texts as damage, other programs and spite do. Seeded. */
final class Mutator {

    static final List<String> NUMBERS = List.of("0", "-1", "1", "2", "0.5", "-0.0", "1e-9", "1e-300", "1e308", "-1e308",
            "1e39",
            "65536", "100000", "2147483647", "-2147483648", "9223372036854775807", "1e5", "1e9", "300000", "0.001",
            "7.3", "12.7", "359.9", "4000", "20000", "NaN", "Infinity", "1e999");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?([eE][-+]?\\d+)?");
    private static final List<String> PIECES = List.of("<g>", "</g>", "<g transform=\"scale(1e6)\">",
            "<use href=\"#a\"/>",
            "<path d=\"M0 0L1e308 1e308Z\"/>", "<path d=\"M0 0A1e39 1 0 0 1 5 5Z\"/>", "stroke-dasharray=\"0.0001\" ",
            "stroke-width=\"1e9\" ", "transform=\"matrix(0 0 0 0 0 0)\" ", "transform=\"rotate(1e308)\" ",
            "fill=\"url(#a)\" ",
            "id=\"a\" ", "clip-path=\"url(#a)\" ", "<clipPath id=\"a\">", "<pattern id=\"a\" width=\"3\" height=\"3\">",
            "<linearGradient id=\"a\" href=\"#a\">", "viewBox=\"0 0 0 0\" ", "viewBox=\"0 0 1e9 1e-9\" ", "\u0000",
            "&#0;", "&a;",
            "<!DOCTYPE a [<!ENTITY a \"a\">]>", "]]>", "<![CDATA[", "<!--", "%", "1e400", "M", "Z", "c", "-", ".", ",",
            "\"", "'");

    private final Random random;

    Mutator(Random random) {
        this.random = random;
    }

    /** @return with some bytes others, gone or there twice */
    byte[] bytes(byte[] from) {
        byte[] out = from.clone();
        if (out.length == 0) {
            return out;
        }
        int times = 1 + random.nextInt(8);
        for (int i = 0; i < times && out.length > 0; i++) {
            int at = random.nextInt(out.length);
            switch (random.nextInt(5)) {
                case 0 -> out[at] ^= (byte) (1 << random.nextInt(8));
                case 1 -> out[at] = (byte) random.nextInt(256);
                case 2 -> out[at] = (byte) (random.nextBoolean() ? 0 : 255);
                case 3 -> out = joined(out, at, at + random.nextInt(Math.min(64, out.length - at) + 1), 0);
                default -> out = joined(out, at, at + random.nextInt(Math.min(256, out.length - at) + 1), 2);
            }
        }
        return random.nextInt(12) == 0 ? java.util.Arrays.copyOf(out, random.nextInt(out.length + 1)) : out;
    }

    /** The stretch from..to that many times. */
    private static byte[] joined(byte[] bytes, int from, int to, int times) {
        byte[] out = new byte[from + (to - from) * times + bytes.length - to];
        System.arraycopy(bytes, 0, out, 0, from);
        for (int i = 0; i < times; i++) {
            System.arraycopy(bytes, from, out, from + i * (to - from), to - from);
        }
        System.arraycopy(bytes, to, out, from + (to - from) * times, bytes.length - to);
        return out;
    }

    /** @return with other numbers, and pieces gone, there twice or put in */
    String text(String from) {
        String out = from;
        int times = 1 + random.nextInt(5);
        for (int i = 0; i < times; i++) {
            out = switch (random.nextInt(8)) {
                case 0, 1, 2, 3 -> number(out);
                case 4 -> inserted(out, PIECES.get(random.nextInt(PIECES.size())));
                case 5 -> cut(out, 0);
                case 6 -> cut(out, 2 + random.nextInt(30));
                default -> new String(bytes(out.getBytes(StandardCharsets.UTF_8)), StandardCharsets.UTF_8);
            };
        }
        return out;
    }

    private String number(String text) {
        List<MatchResult> all = NUMBER.matcher(text).results().toList();
        if (all.isEmpty()) {
            return text;
        }
        MatchResult one = all.get(random.nextInt(all.size()));
        String other = random.nextInt(4) == 0
                ? one.group().repeat(1 + random.nextInt(3))
                : NUMBERS.get(random.nextInt(NUMBERS.size()));
        return text.substring(0, one.start()) + other + text.substring(one.end());
    }

    private String inserted(String text, String piece) {
        int at = random.nextInt(text.length() + 1);
        return text.substring(0, at) + piece + text.substring(at);
    }

    private String cut(String text, int times) {
        if (text.isEmpty()) {
            return text;
        }
        int from = random.nextInt(text.length());
        int to = Math.min(text.length(), from + 1 + random.nextInt(120));
        return text.substring(0, from) + text.substring(from, to).repeat(times) + text.substring(to);
    }
}
