package org.vatwright.core.repeat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.vatwright.core.raster.Raster;

class RepeatTest {

    @ParameterizedTest
    @CsvSource({"straight, 60, 40, 1", "drop 1/2, 120, 40, 2", "drop 2/4, 120, 40, 2", "drop 2/3, 180, 40, 3",
            "brick 1/2, 60, 80, 2", "brick 3/5, 60, 200, 5"})
    void theTileIsTheSmallestThatRecursByPlainLaying(String arrangement, double width, double height, int cells) {
        Tile tile = new Repeat(60, 40, Arrangement.parse(arrangement)).tile();
        assertThat(tile.widthMm()).isEqualTo(width);
        assertThat(tile.heightMm()).isEqualTo(height);
        assertThat(tile.cells()).hasSize(cells);
    }

    @Test
    void everyCellIsANeighbourOnTheLattice() {
        Tile drop = new Repeat(60, 30, Arrangement.parse("drop 2/3")).tile();
        assertThat(drop.cells()).containsExactly(new Tile.Origin(0, 0), new Tile.Origin(60, 20),
                new Tile.Origin(120, 10));
        Tile brick = new Repeat(60, 30, Arrangement.parse("brick 1/4")).tile();
        assertThat(brick.cells()).extracting(Tile.Origin::x).containsExactly(0.0, 15.0, 30.0, 45.0);
    }

    @Test
    void whatCannotBeIsRefusedWithItsLimit() {
        assertThatThrownBy(() -> new Repeat(0, 10, Arrangement.STRAIGHT))
                .hasMessage("cell width 0 mm must be from 0.5 to 20000 mm");
        assertThatThrownBy(() -> Arrangement.parse("drop 0/2")).hasMessageContaining("is straight");
        assertThatThrownBy(() -> Arrangement.parse("spiral")).hasMessageContaining("spiral")
                .hasMessageContaining("drop 1/2");
        assertThatThrownBy(() -> new TileGrid(20_000_001, 1, 1, 1)).hasMessageContaining("lower the density");
        assertThatThrownBy(() -> new Raster(100_000, 100_000)).hasMessageContaining("400,000,000 in all is the most");
    }
}
