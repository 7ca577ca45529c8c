package org.vatwright.core.dress;

import java.awt.Shape;
import java.util.Optional;

import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.stitch.Threads;

/** Something that is laid on the picture of an article. Its places are pixels of the article. */
sealed interface Step {

    /** Cloth cut by a shape. @param white how bright the picture's bright parts are there */
    record Filled(Shape shape, Worn worn, float white) implements Step {}

    /** A piece that is kept drawn. @param white as above */
    record Ready(Wardrobe.Drawn drawn, float white) implements Step {}

    /** Threads on all that. */
    record Sewn(Threads threads) implements Step {}

    /** A shape in one colour. @param kept its mask, where that is kept; none else */
    record Drawn(Shape shape, int colour, ShapeMask kept) implements Step {}

    /** Light and dark. @param on what confines it @param outside whether it is seen everywhere but there */
    record Shaded(ShadePlane plane, double share, Optional<Shape> on, boolean outside) implements Step {}

    /** What effects have made of others. @param light that is added to what lies below, as large as the coat */
    record Made(int x, int y, Raster coat, Optional<Raster> light) implements Step {}

    /** A picture in place of what is there, within a shape. @param x,y its upper left corner */
    record Window(Shape shape, int x, int y, Raster shown) implements Step {}
}
