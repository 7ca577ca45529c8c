package org.vatwright.core.pattern;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * What is done to the marks of a layer on the torus, before it is laid on those below. Lengths are mm, so that it looks the
 * same at every density.
 */
public interface Effect {

    /** @return its kind, as in files; a layer has one of each kind at most */
    String kind();

    /** @return its place in the order in which effects are done, lowest first */
    int order();

    /** @return the marks after it. @param coat the whole tile: colour and coverage; not written into */
    Raster on(Raster coat, TileGrid grid, Work work);

    /** @return the same with every length that many times as long */
    Effect resized(double by);
}
