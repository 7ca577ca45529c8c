package org.vatwright.desktop.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.image.ImageView;

@Timeout(30)
class PatchesTest {

    private static final int OPAQUE = 0xFF00_0000;

    private static int at(Patches patches, int x, int y) {
        for (Node node : patches.getChildren()) {
            Bounds where = node.getBoundsInParent();
            // The right and the lower side belong to the next one.
            if (x >= where.getMinX() && x < where.getMaxX() && y >= where.getMinY() && y < where.getMaxY()) {
                return ((ImageView) node).getImage().getPixelReader().getArgb((int) (x - where.getMinX()),
                        (int) (y - where.getMinY()));
            }
        }
        return 0;
    }

    @Test
    void whatIsWrittenStandsAtItsPlaceAcrossPatchesAndLeftOfTheFirst() throws Exception {
        Patches patches = OnToolkit.run(Patches::new);
        OnToolkit.run(() -> {
            patches.write(-3, 250, 140, 262, (x, y) -> OPAQUE | (x + 3) << 8 | y - 250);
            patches.write(10, 255, 12, 257, (x, y) -> 0xFFAB_CDEF);
            return null;
        });
        int[][] read = OnToolkit.run(() -> {
            int[][] all = new int[18][150];
            for (int y = 0; y < all.length; y++) {
                for (int x = 0; x < all[y].length; x++) {
                    all[y][x] = at(patches, x - 5, y + 247);
                }
            }
            return all;
        });
        for (int y = 247; y < 265; y++) {
            for (int x = -5; x < 145; x++) {
                boolean inside = x >= -3 && x < 140 && y >= 250 && y < 262;
                boolean over = x >= 10 && x < 12 && y >= 255 && y < 257;
                assertThat(read[y - 247][x + 5]).as("%d, %d", x, y)
                        .isEqualTo(over ? 0xFFAB_CDEF : inside ? OPAQUE | (x + 3) << 8 | y - 250 : 0);
            }
        }
    }

    @Test
    void onlyWhatIsWrittenOnHasAnImage() throws Exception {
        Patches patches = OnToolkit.run(Patches::new);
        assertThat(OnToolkit.run(() -> {
            patches.write(5000, 7000, 5010, 7010, (x, y) -> OPAQUE);
            int once = patches.getChildren().size();
            patches.write(5002, 7002, 5004, 7004, (x, y) -> OPAQUE);
            patches.write(9, 9, 9, 20, (x, y) -> OPAQUE);
            patches.write(9, 9, 20, 9, (x, y) -> OPAQUE);
            return new int[]{once, patches.getChildren().size()};
        })).containsExactly(1, 1);
    }
}
