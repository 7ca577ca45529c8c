package org.vatwright.core.dress;

import java.awt.Shape;
import java.util.List;
import java.util.Optional;

/** Letter shapes. Lengths are shares of the height of a capital letter; y down, the baseline at 0. */
public interface Typeface {

    String name();

    /** @return the letter's shape, empty when the face lacks it */
    Optional<Shape> outline(int codePoint);

    double advance(int codePoint);

    /** @return what is added between two letters, mostly below 0 */
    double kerning(int left, int right);

    /** The faces at hand. */
    interface Case {

        List<String> names();

        /** @return the face of that name, or the first one when there is none */
        Typeface find(String name);
    }
}
