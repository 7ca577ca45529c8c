package org.vatwright.core.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

import org.vatwright.core.dress.Article.Lettering;

/**
 * Words typed anew, whose letters keep what they wear.
 * <p>
 * Where each letter wears its own, the letters that both texts have in the same order (as many as there can be; of several
 * ways the one that keeps the earliest) keep what they have; a new one takes what the letter before it has, at the beginning
 * what the first one had. Letters that wear a list in turn go on in turn.
 */
public final class Retyped {

    private Retyped() {}

    /** @param face in which the words are set, for letters that it lacks are not pieces */
    public static Lettering of(Lettering words, String text, Typeface face) {
        int[] before = letters(words.text(), face);
        int own = words.dressings().byPiece().size();
        Lettering retyped = words.withText(text);
        if (!words.eachOwn() || words.setting().byWord() || own < before.length || before.length == 0) {
            return retyped;
        }
        int[] after = letters(text, face);
        int[] from = kept(before, after);
        Dressings worn = words.dressings().bare();
        int last = 0;
        for (int i = 0; i < after.length; i++) {
            last = from[i] >= 0 ? from[i] : last;
            worn = worn.with(Lettering.letter(i + 1), words.dressing(Lettering.letter(last + 1)));
        }
        return after.length == 0 ? retyped : retyped.withDressings(worn);
    }

    private static int[] letters(String text, Typeface face) {
        IntPredicate drawn = code -> face.outline(code).filter(s -> !s.getBounds2D().isEmpty()).isPresent();
        return text.codePoints().filter(drawn).toArray();
    }

    /** @return for each letter of the second the one of the first that it is; -1 for a new one */
    static int[] kept(int[] before, int[] after) {
        int[][] most = new int[before.length + 1][after.length + 1];
        for (int i = before.length - 1; i >= 0; i--) {
            for (int k = after.length - 1; k >= 0; k--) {
                most[i][k] = before[i] == after[k]
                        ? most[i + 1][k + 1] + 1
                        : Math.max(most[i + 1][k], most[i][k + 1]);
            }
        }
        List<Integer> from = new ArrayList<>();
        int i = 0;
        for (int k = 0; k < after.length; k++) {
            while (i < before.length && before[i] != after[k] && most[i + 1][k] == most[i][k]) {
                i++;
            }
            from.add(i < before.length && before[i] == after[k] ? i++ : -1);
        }
        return from.stream().mapToInt(Integer::intValue).toArray();
    }
}
