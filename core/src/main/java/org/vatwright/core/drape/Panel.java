package org.vatwright.core.drape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.FourCorners;
import org.vatwright.core.measure.Require;

/**
 * A flat panel seen at an angle, by its four corners.
 *
 * @param cloth the rectangle of flat cloth that they bound, at its true size
 * @param corners where its upper left, upper right, lower right and lower left corner are seen; they bulge outwards
 */
public record Panel(Box cloth, List<Place> corners) implements Drape {

    public Panel {
        Require.that(corners.size() == 4, "a panel has four corners; there are %d".formatted(corners.size()));
        corners = List.copyOf(corners);
        FourCorners.of(numbers(corners, true, 1), numbers(corners, false, 1), 0, 0, 1, 1);
    }

    /** @return as the piece lies: seen from the front */
    public static Panel of(Box box) {
        return new Panel(box, box.corners());
    }

    private static double[] numbers(List<Place> places, boolean x, double times) {
        return places.stream().mapToDouble(p -> times * (x ? p.x() : p.y())).toArray();
    }

    /** @return with one corner elsewhere; as it is where the shape would fold in */
    public Panel withCorner(int corner, Place place) {
        List<Place> changed = new ArrayList<>(corners);
        changed.set(corner, place);
        return new Panel(cloth, changed);
    }

    /** @return with as much cloth as that in it */
    public Panel withCloth(double widthMm, double heightMm) {
        return new Panel(new Box(cloth.x(), cloth.y(), widthMm, heightMm), corners);
    }

    @Override
    public boolean atRest() {
        return corners.equals(cloth.corners());
    }

    @Override
    public ClothMap map(View view) {
        return FourCorners.of(numbers(corners, true, view.pxPerMm()), numbers(corners, false, view.pxPerMm()),
                view.px(cloth.x()), view.px(cloth.y()), view.px(cloth.width()), view.px(cloth.height()))
                .then(view.toTile());
    }

    @Override
    public Panel refit(Refit change) {
        List<Place> moved = new ArrayList<>(corners.stream().map(change::at).toList());
        if (change.mirrored()) {
            Collections.swap(moved, 0, 1);
            Collections.swap(moved, 2, 3);
        }
        return new Panel(change.at(cloth), moved);
    }

    @Override
    public String kind() {
        return "panel";
    }
}
