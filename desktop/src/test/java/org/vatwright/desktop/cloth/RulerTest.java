package org.vatwright.desktop.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.desktop.OnToolkit;

import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.text.Text;

@Timeout(30)
class RulerTest {

    private static List<Text> numbers(Ruler ruler) {
        return ruler.lookupAll(".ruler-number").stream().map(Text.class::cast).filter(Text::isVisible).toList();
    }

    private static List<Double> ticks(Ruler ruler, double length) {
        List<?> lines = ((Path) ruler.lookup(".ruler-tick")).getElements();
        java.util.ArrayList<Double> at = new java.util.ArrayList<>();
        for (int i = 0; i < lines.size(); i += 2) {
            MoveTo from = (MoveTo) lines.get(i);
            LineTo to = (LineTo) lines.get(i + 1);
            assertThat(to.getX()).isEqualTo(from.getX());
            assertThat(to.getY()).isEqualTo(Ruler.BREADTH);
            if (Math.abs(to.getY() - from.getY() - length) < 1e-9) {
                at.add(from.getX());
            }
        }
        return at;
    }

    @Test
    void numbersStandAtTheirTicksAndAreTakenAwayWhenFewerAreSeen() throws Exception {
        Ruler ruler = OnToolkit.run(() -> new Ruler(true));
        OnToolkit.run(() -> {
            // 2 px a mm: numbers at every 50 mm are 100 px apart, every 20 mm would be 40.
            ruler.show(100, 2, 400);
            assertThat(numbers(ruler)).extracting(Text::getText).containsExactly("-50", "0", "50", "100");
            assertThat(numbers(ruler)).extracting(Text::getLayoutX).satisfies(x -> {
                for (int i = 0; i < 4; i++) {
                    assertThat(x.get(i)).isEqualTo(100.0 * i + 2, within(1.5));
                }
            });
            assertThat(ticks(ruler, 7)).containsExactly(0.0, 100.0, 200.0, 300.0);
            assertThat(ticks(ruler, 3)).hasSize(16).contains(20.0, 40.0, 60.0, 80.0, 320.0);
            return null;
        });
        OnToolkit.run(() -> {
            ruler.show(0, 0.5, 150);
            assertThat(numbers(ruler)).extracting(Text::getText).containsExactly("0", "100", "200");
            assertThat(ticks(ruler, 7)).containsExactly(0.0, 50.0, 100.0);
            ruler.show(0, 0.5, 300);
            assertThat(numbers(ruler)).extracting(Text::getText).containsExactly("0", "100", "200", "300", "400",
                    "500");
            return null;
        });
    }
}
