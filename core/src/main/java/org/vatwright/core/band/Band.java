package org.vatwright.core.band;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;

/**
 * One stretch of one ink.
 *
 * @param width in mm or threads, as the {@link BandMeasure} beside it says
 */
@RecordBuilder
public record Band(Ink ink, double width, Edge edge) implements BandBuilder.With {

    public static final double LEAST = 0.01;

    public Band {
        Require.within("band", width, LEAST, 20_000, "");
    }

    public Band(Ink ink, double width) {
        this(ink, width, Edge.HARD);
    }
}
