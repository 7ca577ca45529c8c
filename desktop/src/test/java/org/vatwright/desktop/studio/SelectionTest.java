package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Recipe;
import org.vatwright.core.project.Project;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.type.ShippedTypefaces;

/** Several layers chosen at once, and what a lock keeps. */
class SelectionTest {

    private final Studio studio = new Studio(DemoCommission.load(), new ShippedTypefaces());

    @BeforeEach
    void threeLayers() {
        studio.select(s -> s.withDesign(studio.project().design(new Id("gangway")).orElseThrow()));
        studio.editDesign("twice", d -> Recipe.doubled(Recipe.doubled(d, Set.of(1)), Set.of(1)));
    }

    private Design design() {
        return studio.design().orElseThrow();
    }

    @Test
    void theOpenLayerIsAmongTheChosenAndWhatIsGoneIsNot() {
        studio.select(s -> s.withLayers(Set.of(1, 2, 3), 2));
        assertThat(studio.selection().layers()).containsExactly(1, 2, 3);
        assertThat(studio.selection().layer()).isEqualTo(2);
        studio.editDesign("without", d -> Recipe.without(d, Set.of(3)));
        assertThat(studio.selection().layers()).containsExactly(1, 2);
        studio.editDesign("without", d -> Recipe.without(d, Set.of(2)));
        assertThat(studio.selection().layers()).as("another one is open then").containsExactly(1);
        studio.undo();
        studio.undo();
        assertThat(design().layers()).hasSize(3);
    }

    @Test
    void choosingOneOrAnotherDesignChoosesOnlyThat() {
        studio.select(s -> s.withLayers(Set.of(1, 2), 1).withOwn(3));
        studio.select(s -> s.withLayers(Set.of(1, 2, 3), 1));
        assertThat(studio.selection().own()).as("the open one's band stays chosen").isEqualTo(3);
        studio.select(s -> s.withLayers(Set.of(1, 2, 3), 2));
        assertThat(studio.selection().own()).isEqualTo(-1);
        studio.select(s -> s.withLayer(3));
        assertThat(studio.selection().layers()).containsExactly(3);
        studio.select(s -> s.withLayers(Set.of(1, 2), 1));
        studio.select(s -> s.withDesign(studio.project().design(new Id("buoys")).orElseThrow()));
        assertThat(studio.selection().layers()).containsExactly(2);
    }

    @Test
    void aLockedLayerIsChangedByNothingThatGoesThroughTheOpenLayer() {
        List<Message> said = new java.util.ArrayList<>();
        studio.hear(said::add);
        studio.editDesign("lock", d -> Recipe.changed(d, Set.of(1), l -> l.withLocked(true)));
        studio.select(s -> s.withLayer(1));
        Project locked = studio.project();
        assertThat(studio.editLayer("fade", l -> l.withOpacity(0.1))).isFalse();
        assertThat(studio.editStructure("turn", Stripes.class, s -> s.withAngle(30))).isFalse();
        assertThat(studio.editOpen("both", (d, layer) -> d.replace(layer, l -> l.withOpacity(0.2)))).isFalse();
        assertThat(studio.project()).isSameAs(locked);
        assertThat(said).extracting(Message::text)
                .containsOnly("Deck stripe is locked; unlock it in the recipe to change it.");
        // What changes the whole design changes it too, and its eye and place are free.
        assertThat(studio.editDesign("eye", d -> d.replace(1, l -> l.withVisible(false)))).isTrue();
        assertThat(studio.editDesign("move", d -> Recipe.moved(d, Set.of(1), 2))).isTrue();
        assertThat(design().layers().getLast()).extracting(Layer::id, Layer::locked).containsExactly(1, true);
        studio.select(s -> s.withLayer(2));
        assertThat(studio.editLayer("fade", l -> l.withOpacity(0.1))).as("others are free").isTrue();
    }
}
