package org.vatwright.desktop.frame;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * Something that can be done at the present stage, found by its words.
 *
 * @param words what it does, as its control says it
 * @param place where it stands, such as the name of a chapter; may be empty
 * @param act does it, or brings the field into focus in which it is done
 * @param value takes what is typed behind the words, when it is a field
 */
public record Command(String words, String place, Runnable act, Optional<Consumer<String>> value) {

    public Command(String words, String place, Runnable act) {
        this(words, place, act, Optional.empty());
    }

    /** @return standing there, and opening that first */
    public Command in(String where, Runnable open) {
        return new Command(words, where, () -> {
            open.run();
            act.run();
        }, value.map(v -> text -> {
            open.run();
            v.accept(text);
        }));
    }

    /** What was typed: words to be found, and what stands behind them as a value. */
    public record Typed(List<String> words, String value) {

        /** A value begins at the first word that begins like a number. */
        public static Typed of(String text) {
            List<String> all = Stream.of(text.strip().split("\\s+")).filter(w -> !w.isEmpty()).toList();
            int at = 0;
            while (at < all.size() && (at == 0 || !all.get(at).matches("[-+.]?\\d.*|#.*"))) {
                at++;
            }
            return new Typed(all.subList(0, at).stream().map(w -> w.toLowerCase(Locale.ROOT)).toList(),
                    String.join(" ", all.subList(at, all.size())));
        }
    }

    /** What a sign joins are several, in what is typed as well: half-drop, cut-out, 2/2. */
    private static List<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+")).filter(w -> !w.isEmpty()).toList();
    }

    /** @return how well it is meant, 0 best; -1 when it is not: each word typed begins one of its own */
    int match(Typed typed) {
        if (!typed.value().isEmpty() && value.isEmpty()) {
            return -1;
        }
        List<String> own = words(words + " " + place);
        int sum = 0;
        for (String word : words(String.join(" ", typed.words()))) {
            int at = -1;
            for (int i = 0; i < own.size() && at < 0; i++) {
                at = own.get(i).startsWith(word) ? i : -1;
            }
            if (at < 0) {
                return -1;
            }
            sum += 10 * at + (own.get(at).equals(word) ? 0 : 3);
        }
        return sum + own.size();
    }
}
