package org.vatwright.core.drape;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;

import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.NetBuilder;
import org.vatwright.core.measure.Require;

/**
 * A mesh of bicubic patches through points that are moved. Beyond its edges the cloth goes straight on.
 *
 * @param rest the flat cloth that it spans, in patches of the same size
 * @param columns,rows of patches, 1 to {@value #MOST}
 * @param points where the corners of the patches are seen, in rows, one more each way than patches
 * @param pins points that stay where they are, by their place in the list
 */
@RecordBuilder
public record Mesh(Box rest, int columns, int rows, List<Place> points,
        Set<Integer> pins) implements MeshBuilder.With, Drape {

    public static final int MOST = 24;

    public Mesh {
        Require.within("patches across", columns, 1, MOST);
        Require.within("patches down", rows, 1, MOST);
        int due = (columns + 1) * (rows + 1);
        Require.that(points.size() == due, "a mesh of %d x %d patches has %d points; there are %d".formatted(columns,
                rows, due, points.size()));
        pins.forEach(p -> Require.within("pinned point", p, 0, due - 1));
        points = List.copyOf(points);
        pins = Set.copyOf(new TreeSet<>(pins));
    }

    /** @return at rest */
    public static Mesh of(Box rest, int columns, int rows) {
        return new Mesh(rest, columns, rows, restPoints(rest, columns, rows), Set.of());
    }

    private static List<Place> restPoints(Box rest, int columns, int rows) {
        List<Place> all = new ArrayList<>();
        for (int row = 0; row <= rows; row++) {
            for (int column = 0; column <= columns; column++) {
                all.add(rest.at((double) column / columns, (double) row / rows));
            }
        }
        return all;
    }

    /** @return where a point lies on the flat cloth */
    public Place rest(int point) {
        return rest.at((double) (point % (columns + 1)) / columns, (double) (point / (columns + 1)) / rows);
    }

    @Override
    public boolean atRest() {
        return points.equals(restPoints(rest, columns, rows));
    }

    /** @return where it is seen; beyond the edges straight on, as the outermost two points say */
    private double seen(int column, int row, Function<Place, Double> side) {
        if (column < 0) {
            return (1 - column) * seen(0, row, side) + column * seen(1, row, side);
        }
        if (column > columns) {
            int far = column - columns;
            return (1 + far) * seen(columns, row, side) - far * seen(columns - 1, row, side);
        }
        if (row < 0) {
            return (1 - row) * seen(column, 0, side) + row * seen(column, 1, side);
        }
        if (row > rows) {
            int far = row - rows;
            return (1 + far) * seen(column, rows, side) - far * seen(column, rows - 1, side);
        }
        return side.apply(points.get(row * (columns + 1) + column));
    }

    private Cubic patch(int column, int row, double times) {
        return new Cubic((c, r) -> times * seen(c, r, Place::x), (c, r) -> times * seen(c, r, Place::y), column, row);
    }

    /** @return where a place of the flat cloth is seen. @param s,t across and down the mesh, 0 to 1 */
    public Place seen(double s, double t) {
        int column = (int) Math.max(0, Math.min(columns - 1, Math.floor(s * columns)));
        int row = (int) Math.max(0, Math.min(rows - 1, Math.floor(t * rows)));
        double[] out = new double[2];
        patch(column, row, 1).at(s * columns - column, t * rows - row, out);
        return new Place(out[0], out[1]);
    }

    @Override
    public ClothMap map(View view) {
        List<NetBuilder.Part> beyond = new ArrayList<>();
        List<NetBuilder.Part> patches = new ArrayList<>();
        for (int row = -1; row <= rows; row++) {
            for (int column = -1; column <= columns; column++) {
                boolean inside = row >= 0 && row < rows && column >= 0 && column < columns;
                (inside ? patches : beyond).add(part(column, row, view));
            }
        }
        // What goes on beyond the edges lies lowest.
        List<NetBuilder.Part> all = new ArrayList<>(beyond);
        all.addAll(patches);
        NetBuilder net = new NetBuilder(view.toTile(), view.seen(), view.tolerancePx());
        net.add(all, true);
        return net.net();
    }

    private NetBuilder.Part part(int column, int row, View view) {
        Cubic patch = patch(column, row, view.pxPerMm());
        double wide = view.px(rest.width()) / columns;
        double high = view.px(rest.height()) / rows;
        double left = view.px(rest.x()) + column * wide;
        double top = view.px(rest.y()) + row * high;
        return new NetBuilder.Part((s, t, out) -> {
            patch.at(s, t, out);
            out[2] = left + s * wide;
            out[3] = top + t * high;
        }, patch.hull(), wide, high);
    }

    @Override
    public Mesh refit(Refit change) {
        List<Place> moved = new ArrayList<>();
        Set<Integer> pinned = new TreeSet<>();
        for (int i = 0; i < points.size(); i++) {
            int column = i % (columns + 1);
            int from = change.mirrored() ? i - column + columns - column : i;
            moved.add(change.at(points.get(from)));
            if (pins.contains(from)) {
                pinned.add(i);
            }
        }
        return new Mesh(change.at(rest), columns, rows, moved, pinned);
    }

    @Override
    public String kind() {
        return "mesh";
    }
}
