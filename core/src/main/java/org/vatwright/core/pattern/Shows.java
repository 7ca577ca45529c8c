package org.vatwright.core.pattern;

import java.util.List;
import java.util.function.IntUnaryOperator;

import org.vatwright.core.measure.Require;

/** Where a layer shows. */
public sealed interface Shows {

    Shows EVERYWHERE = new Everywhere();
    Shows IN_MARKS_BELOW = new InMarks(InMarks.BELOW, false);

    record Everywhere() implements Shows {}

    /**
     * Only in the marks of a lower layer, or only outside them, whether that one is seen or not. Where there is no such layer
     * lower down it shows everywhere.
     *
     * @param of number of that layer; {@link #BELOW} for whichever lies directly below
     */
    record InMarks(int of, boolean outside) implements Shows {

        public static final int BELOW = 0;

        public InMarks {
            Require.that(of >= BELOW, "a layer shows in the marks of layer %d; numbers begin at 1".formatted(of));
        }
    }

    /** Only where a pattern of its own is. */
    record Where(Mask mask) implements Shows {}

    /** @return the place among them of the layer to whose marks one is confined; -1 when it is not */
    static int confinedTo(List<Layer> layers, int at) {
        if (!(layers.get(at).shows() instanceof InMarks marks)) {
            return -1;
        }
        if (marks.of() == InMarks.BELOW) {
            return at - 1;
        }
        for (int i = at - 1; i >= 0; i--) {
            if (layers.get(i).id() == marks.of()) {
                return i;
            }
        }
        return -1;
    }

    /** @param number what another layer's number is now; 0 when it is not there any more @return the same place */
    default Shows renumbered(IntUnaryOperator number) {
        return this instanceof InMarks(int of, boolean outside) && of != InMarks.BELOW
                ? new InMarks(number.applyAsInt(of), outside)
                : this;
    }
}
