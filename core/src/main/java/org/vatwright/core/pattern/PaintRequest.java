package org.vatwright.core.pattern;

import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * All that a structure is asked with when it is to be painted.
 *
 * @param grid the whole tile in pixels
 * @param work under which it prepares what it needs: obeys the number of threads, can be stopped, tells how far it is
 */
@RecordBuilder
public record PaintRequest(Repeat repeat, TileGrid grid, InkColours inks, Phase phase,
        Work work) implements PaintRequestBuilder.With {}
