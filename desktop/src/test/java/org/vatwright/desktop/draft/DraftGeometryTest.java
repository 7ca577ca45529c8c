package org.vatwright.desktop.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.vatwright.core.draft.Origin;
import org.vatwright.desktop.draft.DraftGeometry.Box;
import org.vatwright.desktop.draft.DraftGeometry.Square;

/** Where the squares of a draft stand, and which one is under the hand. */
class DraftGeometryTest {

    private static final Origin[] ORIGINS = {new Origin(true, true), new Origin(true, false), new Origin(false, true),
            new Origin(false, false)};

    private static DraftGeometry any(Random random) {
        int ends = 4 + random.nextInt(60);
        int picks = 4 + random.nextInt(60);
        DraftGeometry one = new DraftGeometry(300 + random.nextInt(700), 300 + random.nextInt(500), ends, picks,
                2 + random.nextInt(14), 2 + random.nextInt(14), random.nextBoolean(), ORIGINS[random.nextInt(4)],
                4 + random.nextInt(20), 0, 0, Optional.empty());
        return one.scrolled(random.nextInt(ends), random.nextInt(picks));
    }

    private static List<DraftPart> parts(DraftGeometry g) {
        return List.of(DraftPart.values()).stream()
                .filter(p -> g.planned()
                        ? p != DraftPart.TIE_UP && p != DraftPart.TREADLING
                        : p != DraftPart.LIFT_PLAN)
                .toList();
    }

    @Test
    void theSquareUnderAPlaceIsTheOneThatStandsThere() {
        Random random = new Random(12);
        int met = 0;
        for (int n = 0; n < 200; n++) {
            DraftGeometry g = any(random);
            for (int i = 0; i < 60; i++) {
                double x = random.nextDouble(g.width());
                double y = random.nextDouble(g.height());
                Optional<Square> found = g.at(x, y);
                if (found.isPresent()) {
                    met++;
                    Square square = found.get();
                    assertThat(g.place(square).holds(x, y)).as("%s at %.1f, %.1f of %s", square, x, y, g).isTrue();
                    assertThat(square.column()).isBetween(0, most(g, square.part(), true));
                    assertThat(square.row()).isBetween(0, most(g, square.part(), false));
                }
            }
        }
        assertThat(met).isGreaterThan(3000);
    }

    private static int most(DraftGeometry g, DraftPart part, boolean column) {
        return switch (part) {
            case WARP_INKS -> column ? g.ends() - 1 : 0;
            case THREADING -> column ? g.ends() - 1 : g.shafts() - 1;
            case TIE_UP -> column ? g.treads() - 1 : g.shafts() - 1;
            case TREADLING, LIFT_PLAN -> column ? g.treads() - 1 : g.picks() - 1;
            case WEFT_INKS -> column ? 0 : g.picks() - 1;
            case DRAWDOWN -> column ? g.ends() - 1 : g.picks() - 1;
        };
    }

    @Test
    void partsStandApart() {
        Random random = new Random(13);
        for (int n = 0; n < 200; n++) {
            DraftGeometry g = any(random);
            List<Box> boxes = new ArrayList<>();
            parts(g).forEach(p -> boxes.add(g.box(p)));
            for (Box a : boxes) {
                for (Box b : boxes) {
                    boolean apart = a.x() + a.w() <= b.x() || b.x() + b.w() <= a.x() || a.y() + a.h() <= b.y()
                            || b.y() + b.h() <= a.y();
                    assertThat(a == b || apart).as("%s and %s of %s", a, b, g).isTrue();
                }
            }
        }
    }

    /** The trade counts ends from the side that the origin names; the threading stands over its end. */
    @Test
    void theFirstThreadLiesAtTheOriginAndItsPartsLineUp() {
        for (Origin origin : ORIGINS) {
            DraftGeometry g = new DraftGeometry(900, 700, 8, 6, 4, 5, false, origin, 12, 0, 0, Optional.empty());
            Box cloth = g.drawdown();
            Box first = g.place(new Square(DraftPart.DRAWDOWN, 0, 0));
            assertThat(first.x()).isEqualTo(origin.right() ? cloth.x() + cloth.w() - 12 : cloth.x());
            assertThat(first.y()).isEqualTo(origin.bottom() ? cloth.y() + cloth.h() - 12 : cloth.y());
            for (int end = 0; end < 8; end++) {
                assertThat(g.place(new Square(DraftPart.THREADING, end, 0)).x())
                        .isEqualTo(g.place(new Square(DraftPart.DRAWDOWN, end, 3)).x());
            }
            for (int shaft = 0; shaft < 4; shaft++) {
                assertThat(g.place(new Square(DraftPart.TIE_UP, 0, shaft)).y())
                        .isEqualTo(g.place(new Square(DraftPart.THREADING, 0, shaft)).y());
            }
            assertThat(g.place(new Square(DraftPart.THREADING, 0, 0)).y()).as("shaft 1 is next to the drawdown")
                    .isGreaterThan(g.place(new Square(DraftPart.THREADING, 0, 3)).y());
        }
    }

    @Test
    void aThreadThatIsAskedForIsScrolledIntoViewAndNoFurther() {
        Random random = new Random(14);
        for (int n = 0; n < 200; n++) {
            DraftGeometry g = any(random);
            Square asked = new Square(DraftPart.DRAWDOWN, random.nextInt(g.ends()), random.nextInt(g.picks()));
            DraftGeometry seen = g.showing(asked);
            Box place = seen.place(asked);
            Box cloth = seen.drawdown();
            assertThat(cloth.holds(place.x(), place.y())).as("%s of %s", asked, seen).isTrue();
            assertThat(seen.showing(asked)).isEqualTo(seen);
            assertThat(seen.firstEnd() + seen.endsInView()).isLessThanOrEqualTo(g.ends());
            assertThat(seen.firstPick() + seen.picksInView()).isLessThanOrEqualTo(g.picks());
            assertThat(g.showing(new Square(DraftPart.TIE_UP, 1, 1))).as("the tie-up does not scroll").isEqualTo(g);
        }
    }

    @Test
    void aStrokeThatLeavesItsPartStaysAtItsEdge() {
        Random random = new Random(15);
        for (int n = 0; n < 100; n++) {
            DraftGeometry g = any(random);
            for (DraftPart part : parts(g)) {
                Square square = g.in(part, random.nextDouble(3000) - 1500, random.nextDouble(3000) - 1500);
                assertThat(square.part()).isEqualTo(part);
                Box place = g.place(square);
                assertThat(g.box(part).holds(place.x(), place.y())).as("%s of %s", square, g).isTrue();
            }
        }
    }

    @Test
    void whileAStrokeIsUnderWayTheDrawdownStaysWhenAShaftComes() {
        DraftGeometry before = new DraftGeometry(900, 700, 20, 20, 4, 4, false, ORIGINS[0], 12, 0, 0, Optional.empty());
        DraftGeometry during = new DraftGeometry(900, 700, 20, 20, 5, 6, false, ORIGINS[0], 12, 0, 0,
                Optional.of(before.room()));
        assertThat(during.drawdown()).isEqualTo(before.drawdown());
        assertThat(during.tieUp().h()).isLessThanOrEqualTo(before.tieUp().h());
        DraftGeometry after = new DraftGeometry(900, 700, 20, 20, 5, 6, false, ORIGINS[0], 12, 0, 0, Optional.empty());
        assertThat(after.drawdown().y()).isGreaterThan(before.drawdown().y());
    }

    @Test
    void squaresKeepASizeThatCanBeSeenAndHit() {
        DraftGeometry g = new DraftGeometry(900, 700, 50, 50, 4, 4, false, ORIGINS[0], 12, 7, 9, Optional.empty());
        assertThat(g.zoomed(1).side()).isEqualTo(DraftGeometry.LEAST_SIDE);
        assertThat(g.zoomed(100).side()).isEqualTo(DraftGeometry.MOST_SIDE);
        DraftGeometry many = new DraftGeometry(500, 400, 50, 50, 40, 40, false, ORIGINS[0], 12, 0, 0, Optional.empty());
        assertThat(many.shaftPx()).isBetween(DraftGeometry.LEAST_SIDE, 11);
        assertThat(many.endsInView()).isPositive();
    }
}
