package org.vatwright.core.drape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.ClothMap;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Drapes against answers that are known: where a place of the flat cloth is seen, and back. */
class DrapeTest {

    private static final int SIDE = 600;
    private static final double PX = 2;
    private static final Box CLOTH = new Box(0, 0, 300, 300);
    /** A tile of 1 px: u and v are the cloth's pixels. */
    private static final Affine PIXELS = new Affine(0, 1, 0, 0, 0, 1);

    private static View view(Affine toTile, double tolerance) {
        return new View(PX, toTile, new Rectangle2D.Double(-SIDE, -SIDE, 3 * SIDE, 3 * SIDE), tolerance);
    }

    private static double[] at(ClothMap map, double x, double y) {
        double[] uv = new double[2];
        map.at(x, y, uv);
        return uv;
    }

    /** Strongly bent, but nowhere folded. */
    private static Mesh bent(int columns, int rows, long seed) {
        Random random = new Random(seed);
        Mesh rest = Mesh.of(CLOTH, columns, rows);
        double reach = 0.22 * 300 / Math.max(columns, rows);
        return rest.withPoints(rest.points().stream()
                .map(p -> p.moved((random.nextDouble() - 0.5) * 2 * reach, (random.nextDouble() - 0.5) * 2 * reach))
                .toList());
    }

    @ParameterizedTest
    @CsvSource({"0.015, 0.02", "0.05, 0.06"})
    void knownPlacesOfAMeshLieWhereTheyAreSeen(double tolerance, double allowed) {
        for (int seed = 0; seed < 6; seed++) {
            Mesh mesh = bent(4, 4, seed);
            ClothMap map = mesh.map(view(PIXELS, tolerance));
            Random random = new Random(seed);
            for (int n = 0; n < 300; n++) {
                double s = random.nextDouble();
                double t = random.nextDouble();
                Place seen = mesh.seen(s, t);
                double[] uv = at(map, seen.x() * PX, seen.y() * PX);
                // How far the place that is drawn there is from where it should be seen.
                double at = 1e-4;
                Place right = mesh.seen(Math.min(1, s + at), t);
                Place below = mesh.seen(s, Math.min(1, t + at));
                double ds = uv[0] / (300 * PX) - s;
                double dt = uv[1] / (300 * PX) - t;
                double offX = ds * (right.x() - seen.x()) / at + dt * (below.x() - seen.x()) / at;
                double offY = ds * (right.y() - seen.y()) / at + dt * (below.y() - seen.y()) / at;
                if (s < 0.999 && t < 0.999) {
                    assertThat(Math.hypot(offX, offY) * PX).as("seed %d at %f, %f", seed, s, t).isLessThan(allowed);
                }
            }
        }
    }

    @Test
    void aMeshGoesThroughItsPointsAndStraightOnBeyondItsEdges() {
        Mesh mesh = bent(3, 2, 9);
        for (int i = 0; i < mesh.points().size(); i++) {
            Place flat = mesh.rest(i);
            Place seen = mesh.seen(flat.x() / 300, flat.y() / 300);
            assertThat(seen.far(mesh.points().get(i))).isLessThan(1e-9);
        }
        Mesh moved = Mesh.of(new Box(100, 100, 100, 100), 2, 2)
                .withPoints(Mesh.of(new Box(110, 93, 100, 100), 2, 2).points());
        // All of it moved by 10, -7 mm, also where it has no patches.
        assertThat(at(moved.map(view(PIXELS, 0.015)), 2 * 75, 2 * 230)).containsExactly(
                new double[]{2 * 65, 2 * 237}, within(1e-9));
    }

    @Test
    void aMeshAtRestIsNone() {
        assertThat(Mesh.of(CLOTH, 5, 7).atRest()).isTrue();
        assertThat(MeshHand.cut(Mesh.of(CLOTH, 5, 7), 3, 11).atRest()).isTrue();
        assertThat(bent(2, 2, 1).atRest()).isFalse();
        assertThat(Panel.of(CLOTH).atRest()).isTrue();
        assertThat(Along.of(CLOTH).atRest()).isTrue();
        assertThat(new Along(List.of(new Place(10, 10), new Place(40, 30), new Place(100, 70)), 40).atRest()).isTrue();
        assertThat(Round.of(CLOTH).atRest()).isFalse();
    }

    private static Raster drawn(Raster tile, ClothMap map) {
        Raster out = new Raster(SIDE, SIDE);
        TorusSampler.sample(tile, map, out, Work.on(2));
        return out;
    }

    private static Raster white(int side) {
        Raster tile = new Raster(side, side);
        java.util.Arrays.fill(tile.argb(), 0xFFFFFFFF);
        return tile;
    }

    /** Cloth lies under every pixel: neither a seam between cells nor a fold leaves one clear. */
    @Test
    void neitherCellsNorFoldsLeaveHoles() {
        for (int seed = 0; seed < 4; seed++) {
            Mesh mesh = bent(4, 4, seed);
            Mesh folded = new MeshHand(Set.of(7, 12, 17), 0).moved(mesh, 110, 15);
            for (Mesh one : List.of(mesh, folded)) {
                Raster seen = drawn(white(64), one.map(view(new Affine(0, 1 / 64.0, 0, 0, 0, 1 / 64.0), 0.015)));
                long clear = IntStream.of(seen.argb()).filter(argb -> argb != 0xFFFFFFFF).count();
                assertThat(clear).as("seed %d", seed).isZero();
            }
        }
    }

    /** Where the middle column is pulled over the right one, the later cloth lies on top: what lies right of the fold. */
    @Test
    void ofAFoldTheUpperPartIsSeen() {
        Mesh folded = Mesh.of(CLOTH, 3, 1).withPoints(List.of(new Place(0, 0), new Place(180, 0), new Place(120, 0),
                new Place(300, 0), new Place(0, 300), new Place(180, 300), new Place(120, 300), new Place(300, 300)));
        ClothMap map = folded.map(view(PIXELS, 0.015));
        double[] within = at(map, 2 * 150, 2 * 150);
        assertThat(within[0] / PX).isBetween(200.0, 240.0);
        Raster tile = new Raster(300, 1);
        for (int x = 0; x < 300; x++) {
            tile.argb()[x] = x < 200 ? 0xFF000000 : 0xFFFFFFFF;
        }
        Raster seen = drawn(tile, folded.map(view(new Affine(0, 1 / 600.0, 0, 0, 0, 1), 0.015)));
        assertThat(seen.at(300, 300) & 255).isEqualTo(255);
        assertThat(seen.at(60, 300) & 255).isZero();
    }

    /** Upright lines of one pixel, a period of 20: as many along every row as lie there, each whole from top to bottom. */
    @Test
    void thinLinesAreNeitherBrokenNorDoubled() {
        Raster tile = white(20);
        for (int y = 0; y < 20; y++) {
            tile.argb()[20 * y] = 0xFF000000;
        }
        Mesh mesh = bent(4, 4, 3);
        Raster seen = drawn(tile, mesh.map(view(new Affine(0, 1 / 20.0, 0, 0, 0, 1 / 20.0), 0.015)));
        for (int line = 1; line < 30; line++) {
            for (double t = 0.02; t < 0.98; t += 0.002) {
                Place middle = mesh.seen((20 * line + 0.5) / 600, t);
                int x = (int) (middle.x() * PX);
                int y = (int) (middle.y() * PX);
                Place next = mesh.seen((20 * line + 10.5) / 600, t);
                if (x > 2 && y > 2 && x < SIDE - 3 && y < SIDE - 3) {
                    int darkest = 255;
                    for (int k = -1; k <= 1; k++) {
                        darkest = Math.min(darkest, seen.at(x + k, y) & 255);
                    }
                    assertThat(darkest).as("line %d at %f", line, t).isLessThan(215);
                    int nx = (int) (next.x() * PX);
                    int ny = (int) (next.y() * PX);
                    if (nx > 2 && ny > 2 && nx < SIDE - 3 && ny < SIDE - 3) {
                        assertThat(seen.at(nx, ny) & 255).as("between lines %d", line).isGreaterThan(250);
                    }
                }
            }
        }
    }

    /** Far finer than the pixels, a check is its mean wherever the mesh lies: nothing flickers as it moves. */
    @Test
    void clothFarFinerThanPixelsIsItsMean() {
        Raster tile = white(64);
        for (int i = 0; i < 64 * 64; i++) {
            tile.argb()[i] = (i % 64 / 2 + i / 64 / 2) % 2 == 0 ? 0xFFFFFFFF : 0xFF000000;
        }
        for (int step = 0; step < 4; step++) {
            Mesh mesh = new MeshHand(Set.of(12), 120).moved(bent(4, 4, 5), step * 0.3, 0);
            Raster seen = drawn(tile, mesh.map(view(new Affine(0.1 * step, 1 / 5.0, 0, 0, 0, 1 / 5.0), 0.015)));
            for (int i = 0; i < seen.argb().length; i += 7) {
                assertThat(seen.argb()[i] & 255).isBetween(180, 196);
            }
        }
    }

    @Test
    void aroundSomethingRoundLengthsAreThoseOfTheArc() {
        Round round = new Round(new Place(150, 20), new Place(150, 280), 100, 100, 180, 0);
        ClothMap map = round.map(view(PIXELS, 0.015));
        for (double angle = -89; angle <= 89; angle += 1) {
            double seen = 150 + 100 * Math.sin(Math.toRadians(angle));
            double[] uv = at(map, seen * PX, 90 * PX);
            assertThat(uv[0] / PX).isEqualTo(150 + 100 * Math.toRadians(angle), within(1e-6));
            assertThat(uv[1] / PX).isEqualTo(90, within(1e-9));
        }
        assertThat(at(map, 2 * 251, 2 * 90)[0]).as("beside it").isNaN();
        // Half as much around is seen of a round thing twice as broad over sine 45.
        Round half = round.withSeenDeg(90);
        double[] edge = at(half.map(view(PIXELS, 0.015)), 2 * 250, 2 * 90);
        assertThat(edge[0] / PX).isEqualTo(150 + 100 / Math.sin(Math.PI / 4) * Math.PI / 4, within(1e-9));
        // From above a line around it hangs by the sag in the middle and not at all at the sides.
        ClothMap above = round.withSagMm(12).map(view(PIXELS, 0.015));
        assertThat(at(above, 2 * 150, 2 * 90)[1] / PX).isEqualTo(78, within(1e-9));
        assertThat(at(above, 2 * (150 + 100 * Math.sin(Math.toRadians(60))), 2 * 90)[1] / PX).isEqualTo(84,
                within(1e-9));
    }

    @Test
    void aConeIsAsBroadAsItIsThere() {
        Round cone = new Round(new Place(150, 0), new Place(150, 200), 100, 50, 180, 0);
        double[] uv = at(cone.map(view(PIXELS, 0.015)), 2 * (150 + 75 * Math.sin(1)), 2 * 100);
        assertThat(uv[0] / PX).isEqualTo(150 + 75, within(1e-9));
    }

    /** A quarter of a circle, through points every five degrees: along it the arc, beside it the distance. */
    @Test
    void alongALineLengthsAreThoseOfTheLine() {
        double radius = 200;
        List<Place> points = IntStream.rangeClosed(0, 18)
                .mapToObj(k -> new Place(20 + radius - radius * Math.cos(Math.toRadians(5 * k)),
                        30 + radius * Math.sin(Math.toRadians(5 * k))))
                .toList();
        Along along = new Along(points, 90);
        ClothMap map = along.map(view(PIXELS, 0.015));
        // The smooth line through the points sets out not quite straight down.
        double lean = Math.toRadians(2.5);
        for (double angle = 10; angle <= 80; angle += 3.7) {
            for (double side : new double[]{-60, -20, 0, 33, 70}) {
                double turn = Math.toRadians(angle);
                double far = radius - side;
                double x = 20 + radius - far * Math.cos(turn);
                double y = 30 + far * Math.sin(turn);
                double[] uv = at(map, x * PX, y * PX);
                double p = uv[0] / PX - 20;
                double q = uv[1] / PX - 30;
                double across = p * Math.cos(lean) - q * Math.sin(lean);
                double down = p * Math.sin(lean) + q * Math.cos(lean);
                assertThat(across).isEqualTo(side, within(0.02));
                assertThat(down).isEqualTo(radius * turn, within(0.25));
            }
        }
    }

    /** Lengths of a bent line and the right angle to it, against a walk along it in 200,000 steps. */
    @Test
    void aWalkAlongTheLineComesToTheSamePlaces() {
        Along along = new Along(
                List.of(new Place(60, 10), new Place(80, 110), new Place(170, 190), new Place(180, 290)),
                80);
        ClothMap map = along.map(view(PIXELS, 0.015));
        List<Place> p = along.points();
        double length = 0;
        double lastX = 60;
        double lastY = 10;
        double firstX = p.get(1).x() - p.get(0).x();
        double firstY = p.get(1).y() - p.get(0).y();
        double way = Math.hypot(firstX, firstY);
        int steps = 200_000;
        for (int k = 1; k < steps; k++) {
            double t = 3.0 * k / steps;
            int i = (int) t;
            double x = spline(p, i, t - i, true);
            double y = spline(p, i, t - i, false);
            double step = Math.hypot(x - lastX, y - lastY);
            length += step;
            double dx = (x - lastX) / step;
            double dy = (y - lastY) / step;
            lastX = x;
            lastY = y;
            if (k % 10_007 == 0) {
                double side = 35;
                double[] uv = at(map, PX * (x + side * dy), PX * (y - side * dx));
                double wantedX = 60 + side * firstY / way + length * firstX / way;
                double wantedY = 10 - side * firstX / way + length * firstY / way;
                assertThat(Math.hypot(uv[0] / PX - wantedX, uv[1] / PX - wantedY) * PX).isLessThan(0.03);
            }
        }
    }

    private static double spline(List<Place> p, int i, double t, boolean wide) {
        double[] n = new double[4];
        for (int k = 0; k < 4; k++) {
            int at = i - 1 + k;
            n[k] = at < 0
                    ? 2 * side(p.get(0), wide) - side(p.get(1), wide)
                    : at >= p.size()
                            ? 2 * side(p.getLast(), wide) - side(p.get(p.size() - 2), wide)
                            : side(p.get(at), wide);
        }
        // Catmull and Rom as a mixture of the four.
        return 0.5 * ((-t + 2 * t * t - t * t * t) * n[0] + (2 - 5 * t * t + 3 * t * t * t) * n[1]
                + (t + 4 * t * t - 3 * t * t * t) * n[2] + (-t * t + t * t * t) * n[3]);
    }

    private static double side(Place p, boolean wide) {
        return wide ? p.x() : p.y();
    }

    @Test
    void thePanelThatIsSeenFromTheFrontIsFlatAndItsDiagonalsCrossInTheMiddle() {
        Panel panel = new Panel(new Box(0, 0, 100, 80), List.of(new Place(50, 20), new Place(150, 20),
                new Place(200, 170), new Place(0, 170)));
        // The known answer: the middle of the cloth is seen where the diagonals cross.
        assertThat(at(panel.map(view(PIXELS, 0.015)), 2 * 100, 2 * 70)).containsExactly(new double[]{100, 80},
                within(1e-9));
        assertThatThrownBy(() -> panel.withCorner(2, new Place(90, 60))).hasMessageContaining("bulge outwards");
    }

    @Test
    void aPartnerIsDrapedInMirror() {
        Refit mirror = new Refit(new Box(0, 0, 300, 300), new Box(400, 0, 300, 300), true);
        List<Drape> drapes = List.of(bent(3, 4, 2).withPins(Set.of(1)), new Panel(CLOTH, List.of(new Place(10, 0),
                new Place(290, 30), new Place(250, 280), new Place(0, 300))),
                new Round(new Place(100, 0), new Place(140, 300), 200, 150, 150, 9),
                new Along(List.of(new Place(60, 10), new Place(80, 110), new Place(170, 190)), 300));
        for (Drape drape : drapes) {
            Drape partner = drape.refit(mirror);
            ClothMap own = drape.map(view(PIXELS, 0.015));
            ClothMap other = partner.map(new View(PX, PIXELS, new Rectangle2D.Double(800, 0, SIDE, SIDE), 0.015));
            for (double[] place : new double[][]{{60, 60}, {130, 170}, {200, 120}, {110, 250}}) {
                double[] here = at(own, 2 * place[0], 2 * place[1]);
                double[] there = at(other, 2 * (700 - place[0]), 2 * place[1]);
                assertThat(there[0]).as(drape.kind()).isEqualTo(1400 - here[0], within(0.03));
                assertThat(there[1]).as(drape.kind()).isEqualTo(here[1], within(0.03));
            }
            assertThat(partner.refit(new Refit(mirror.to(), mirror.from(), true)).map(view(PIXELS, 0.015)))
                    .satisfies(back -> assertThat(at(back, 260, 240)).containsExactly(at(own, 260, 240), within(0.03)));
        }
        assertThat(((Mesh) drapes.getFirst().refit(mirror)).pins()).containsExactly(2);
    }
}
