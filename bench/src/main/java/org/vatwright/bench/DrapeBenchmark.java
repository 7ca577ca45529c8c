package org.vatwright.bench;

import java.awt.geom.Rectangle2D;
import java.util.Random;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.Setup;
import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.View;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** Draped cloth on 2000 x 2000 pixels, one thread, held against a plain copy: from the drape's points to the picture. */
public class DrapeBenchmark extends BesideCopy {

    private static final int SIDE = 2000;
    private static final int TILE = 567;
    private static final double PX_PER_MM = 2;
    /** A point of the mesh moves by up to this share of a patch. */
    private static final double PULLED = 0.12;
    private static final double STRONGLY = 0.22;

    private TorusSampler tile;
    private Affine toTile;
    private Mesh mesh;
    private Mesh strong;
    private Panel panel;
    private Along along;

    public DrapeBenchmark() {
        super(SIDE);
    }

    @Setup
    public void prepare() {
        Raster check = new Raster(TILE, TILE);
        for (int i = 0; i < TILE * TILE; i++) {
            check.argb()[i] = (i % TILE / 27 + i / TILE / 27) % 2 == 0 ? 0xFF26407A : 0xFFF1E9D8;
        }
        tile = new TorusSampler(check);
        toTile = new Affine(0, 1.0 / TILE, 0, 0, 0, 1.0 / TILE);
        mesh = mesh(PULLED);
        strong = mesh(STRONGLY);
        panel = new Panel(new Box(0, 0, 1000, 1000), java.util.List.of(new Place(60, 40), new Place(930, 130),
                new Place(960, 900), new Place(20, 970)));
        along = new Along(java.util.List.of(new Place(500, -50), new Place(420, 350), new Place(600, 700),
                new Place(520, 1050)), 900);
    }

    private static Mesh mesh(double share) {
        Mesh rest = Mesh.of(new Box(0, 0, 1000, 1000), 4, 4);
        Random random = new Random(3);
        double reach = 2 * share * 250;
        return rest.withPoints(rest.points().stream().map(p -> p.moved((random.nextDouble() - 0.5) * reach,
                (random.nextDouble() - 0.5) * reach)).toList());
    }

    private Raster drawn(Drape drape, double tolerance) {
        tile.sample(drape.map(new View(PX_PER_MM, toTile, new Rectangle2D.Double(0, 0, SIDE, SIDE), tolerance)), out,
                Work.on(1));
        return out;
    }

    @Benchmark
    public Raster meshTrue() {
        return drawn(mesh, Drape.TRUE_PX);
    }

    @Benchmark
    public Raster meshFirst() {
        return drawn(mesh, Drape.FIRST_PX);
    }

    @Benchmark
    public Raster strongMeshTrue() {
        return drawn(strong, Drape.TRUE_PX);
    }

    @Benchmark
    public Raster panelTrue() {
        return drawn(panel, Drape.TRUE_PX);
    }

    @Benchmark
    public Raster alongTrue() {
        return drawn(along, Drape.TRUE_PX);
    }
}
