package org.vatwright.desktop.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.layout.Background;
import javafx.scene.layout.Region;

@Timeout(30)
class SwatchTest {

    private static final Fill DUSK = Fill.of("Dusk", new Fill.OfGradient(new Course(Course.Kind.LINEAR, 0, 0, 1, 1),
            Fill.Across.TILE,
            List.of(new Gradient.Stop(0, Ink.slot("Tar"), 1), new Gradient.Stop(1, Ink.slot("Rope"), 1))));
    private static final Palette PALETTE = new Palette(List.of("Tar", "Rope"),
            List.of(new Colourway("Day", List.of(Rgb.parse("#203040"), Rgb.parse("#C0A060"))),
                    new Colourway("Night", List.of(Rgb.parse("#101820"), Rgb.parse("#806040")))));

    private static Background shown(Colourway colourway) {
        return ((Region) new Swatch(38, 24).show(DUSK, PALETTE, colourway, "Dusk").getGraphic()).getBackground();
    }

    @Test
    void aGradientThatWasMadeReadyIsTheOneThatIsShown() throws Exception {
        List<Background> all = OnToolkit
                .run(() -> List.of(Swatch.ready(DUSK, PALETTE, PALETTE.first(), 38).orElseThrow(),
                        shown(PALETTE.first()), shown(PALETTE.colourways().getLast())));

        assertThat(all.get(1)).isSameAs(all.get(0));
        assertThat(all.get(2)).as("in other colours it is another").isNotEqualTo(all.get(0));
    }
}
