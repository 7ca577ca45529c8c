package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class RoomTest {

    private static final long MEMORY = Runtime.getRuntime().maxMemory();

    @Test
    void inPlentyItIsWhatWasWantedAndElseItsPartOfTheMemory() {
        assertThat(TileCache.room(1000, 16)).isEqualTo(1000);
        long all = TileCache.room(Long.MAX_VALUE, 1);
        assertThat(all * 4).isBetween(MEMORY - 4, MEMORY);
        assertThat(TileCache.room(Long.MAX_VALUE, 16) * 16L).isBetween(all - 16, all);
    }
}
