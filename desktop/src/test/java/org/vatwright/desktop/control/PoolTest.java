package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.Node;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

@Timeout(30)
class PoolTest {

    private final Region below = box();
    private final VBox column = new VBox(below);
    private final List<Integer> made = new ArrayList<>();
    private final Pool<Region> pool = new Pool<>(column, i -> {
        made.add(i);
        return box();
    });

    private static Region box() {
        Region box = new Region();
        box.setMinSize(10, 10);
        return box;
    }

    @Test
    void fewerAreHiddenAndComeBackAsTheyWere() throws Exception {
        OnToolkit.run(() -> {
            List<Region> three = pool.show(3);
            assertThat(column.getChildren()).containsExactly(three.get(0), three.get(1), three.get(2), below);
            assertThat(column.minHeight(-1)).isEqualTo(40);

            assertThat(pool.show(1)).containsExactly(three.getFirst());
            assertThat(column.minHeight(-1)).as("the hidden ones take no room").isEqualTo(20);
            assertThat(column.getChildren()).extracting(Node::isVisible).containsExactly(true, false, false, true);

            List<Region> four = pool.show(4);
            assertThat(four.subList(0, 3)).isEqualTo(three);
            assertThat(made).containsExactly(0, 1, 2, 3);
            assertThat(column.getChildren()).endsWith(four.getLast(), below).allMatch(Node::isVisible);
            return null;
        });
    }

    @Test
    void thoseThatAreMissingCanComeOneByOne() throws Exception {
        OnToolkit.run(() -> {
            pool.show(2);
            assertThat(pool.showMade(5)).isEqualTo(3);
            assertThat(pool.another()).isSameAs(pool.seen().get(2));
            assertThat(pool.seen()).hasSize(3);
            assertThat(pool.showMade(2)).isZero();
            assertThat(pool.another()).as("the hidden one first").isSameAs(column.getChildren().get(2));
            assertThat(made).containsExactly(0, 1, 2);
            pool.clear();
            assertThat(column.getChildren()).containsExactly(below);
            assertThat(pool.show(1)).hasSize(1);
            assertThat(made).containsExactly(0, 1, 2, 0);
            return null;
        });
    }

    @Test
    void whatIsMadeBeforehandWaitsHiddenAndIsTaken() throws Exception {
        OnToolkit.run(() -> {
            List<Region> one = pool.show(1);
            pool.ready(3);
            assertThat(pool.seen()).isEqualTo(one);
            assertThat(column.getChildren()).hasSize(4).extracting(Node::isVisible).containsExactly(true, false, false,
                    true);
            assertThat(column.minHeight(-1)).as("they take no room").isEqualTo(20);
            pool.ready(2);
            assertThat(pool.show(3)).isEqualTo(column.getChildren().subList(0, 3)).allMatch(Node::isVisible);
            assertThat(made).containsExactly(0, 1, 2);
            return null;
        });
    }

    @Test
    void whatIsPlacedByHandStaysSo() throws Exception {
        OnToolkit.run(() -> {
            Pool<Region> placed = new Pool<>(new Pane(), i -> {
                Region region = box();
                Ui.placedByHand(region);
                return region;
            });
            placed.show(2);
            placed.show(0);
            assertThat(placed.show(2)).allMatch(r -> r.isVisible() && !r.isManaged());
            return null;
        });
    }
}
