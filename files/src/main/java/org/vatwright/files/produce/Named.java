package org.vatwright.files.produce;

import java.util.List;
import java.util.function.Function;

import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;

/** Finds what is asked for by its name, or by its id where names repeat. */
public final class Named {

    private Named() {}

    /** A name that stands several times, so that it says too little. */
    public static final class Ambiguous extends Refusal {
        private static final long serialVersionUID = 1;

        Ambiguous(String sentence) {
            super(sentence);
        }
    }

    /**
     * @param what is looked for, as in "design"
     * @throws Ambiguous when the name stands several times
     * @throws Refusal when nothing is called so
     */
    public static <T> T one(String what, String asked, List<T> all, Function<T, String> name, Function<T, Id> id) {
        List<T> called = all.stream().filter(t -> name.apply(t).equals(asked)).toList();
        if (called.size() > 1) {
            throw new Ambiguous("%d %ss are called %s; say which by its id: %s".formatted(called.size(), what, asked,
                    String.join(", ", called.stream().map(t -> id.apply(t).text()).toList())));
        }
        return called.stream().findFirst()
                .or(() -> all.stream().filter(t -> id.apply(t).text().equals(asked)).findFirst())
                .orElseThrow(() -> new Refusal("there is no %s %s; there are %s".formatted(what, asked,
                        all.isEmpty() ? "none" : String.join(", ", all.stream().map(name).toList()))));
    }
}
