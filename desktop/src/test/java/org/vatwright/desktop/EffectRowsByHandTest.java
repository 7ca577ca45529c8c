package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.BreakUp;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Layer;

/** Every number of every effect, typed into its row: it sets just what it is named for, as one step with its name. */
@Timeout(240)
class EffectRowsByHandTest extends AtTheDemo {

    private record Row(String id, String typed, Function<Effect, Object> get, Object wanted) {}

    private static final Map<String, List<Row>> ROWS = Map.of(
            BreakUp.KIND, List.of(new Row("rows-of-the-break-up", "7", e -> ((BreakUp) e).heightMm(), 7.0),
                    new Row("shift-of-the-break-up", "1.5cm", e -> ((BreakUp) e).shiftMm(), 15.0),
                    new Row("blocks-of-the-break-up", "9", e -> ((BreakUp) e).widthMm(), 9.0)),
            Blur.KIND, List.of(new Row("spread-of-the-blur", "2.25", e -> ((Blur) e).spreadMm(), 2.25)),
            OutlineEffect.KIND, List.of(new Row("width-of-the-outline", "1/2in", e -> ((OutlineEffect) e).widthMm(),
                    12.7)),
            Relief.KIND, List.of(new Row("height-of-the-relief", "3", e -> ((Relief) e).heightMm(), 3.0),
                    new Row("rounding-of-the-relief", "0.8", e -> ((Relief) e).softMm(), 0.8),
                    new Row("light-of-the-relief", "-45", e -> ((Relief) e).lightDeg(), -45.0),
                    new Row("steepness-of-the-relief", "60", e -> ((Relief) e).elevationDeg(), 60.0),
                    new Row("shine-of-the-relief", "85", e -> ((Relief) e).shine(), 0.85)),
            ToothWear.KIND, List.of(
                    new Row("size-of-the-worn-tooth", "4", e -> ((ToothWear) e).form().sizeMm(), 4.0),
                    new Row("amount-of-the-worn-tooth", "35", e -> ((ToothWear) e).form().amount(), 0.35),
                    new Row("contrast-of-the-worn-tooth", "80", e -> ((ToothWear) e).form().contrast(), 0.8),
                    new Row("direction-of-the-worn-tooth", "30", e -> ((ToothWear) e).form().directionDeg(), 30.0)),
            CastShadow.KIND, List.of(new Row("length-of-the-shadow", "6", e -> ((CastShadow) e).lengthMm(), 6.0),
                    new Row("softness-of-the-shadow", "2", e -> ((CastShadow) e).softMm(), 2.0),
                    new Row("light-of-the-shadow", "90", e -> ((CastShadow) e).lightDeg(), 90.0),
                    new Row("strength-of-the-shadow", "75", e -> ((CastShadow) e).strength(), 0.75)),
            Halo.KIND, List.of(new Row("width-of-the-halo", "5", e -> ((Halo) e).widthMm(), 5.0),
                    new Row("strength-of-the-halo", "40", e -> ((Halo) e).strength(), 0.4)));

    private Layer layer() {
        return hand.studio().layer().orElseThrow();
    }

    private Effect effect(String kind) {
        return layer().effects().stream().filter(e -> e.kind().equals(kind)).findFirst().orElseThrow();
    }

    private static Map<String, Object> all(String kind, Effect effect) {
        return new TreeMap<>(ROWS.get(kind).stream().collect(Collectors.toMap(Row::id, r -> r.get().apply(effect))));
    }

    @Test
    void eachRowSetsWhatItIsNamedForAndNothingElse() throws Exception {
        hand.click("shelf-Buoys");
        hand.click("chapter-surface");
        for (String kind : new TreeMap<>(ROWS).keySet()) {
            hand.click("effect-" + kind);
            for (Row row : ROWS.get(kind)) {
                Map<String, Object> wanted = all(kind, effect(kind));
                wanted.put(row.id(), row.wanted());
                hand.write(row.id(), row.typed());
                assertThat(all(kind, effect(kind))).as(row.id()).isEqualTo(wanted);
                assertThat(hand.text("undo")).as("one step, named").startsWith("Undo: " + row.id().replace('-', ' ')
                        .replace("break up", "break-up"));
            }
            hand.click("effect-" + kind);
        }
        assertThat(layer().effects()).as("all seven are on").hasSize(7);
    }
}
