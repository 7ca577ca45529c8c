package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;
import org.vatwright.desktop.control.Fold;

/** How a cloth looks: flat, as yarn with its light, or blended; named looks and every number of them. */
final class LookRows extends VBox {

    private enum Kind {
        WOVEN("Flat"), YARN("Yarn"), BLENDED("Blended");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        static Kind of(Look look) {
            return switch (look) {
                case Look.Woven _ -> WOVEN;
                case Look.Yarns _ -> YARN;
                case Look.Blended _ -> BLENDED;
            };
        }
    }

    /** One number of the look. */
    private record Line(NumberRow row, ToDoubleFunction<YarnLook> value) {}

    private final Studio studio;
    private final Segments<Kind> kind;
    private final NumberRow share;
    private final VBox yarn = new VBox(6);
    private final Segments<String> named;
    private final List<Line> lines = new ArrayList<>();

    /** @param blends whether the threads may be mixed as well */
    LookRows(Studio studio, boolean blends) {
        super(6);
        this.studio = studio;
        kind = new Segments<>(blends ? List.of(Kind.values()) : List.of(Kind.WOVEN, Kind.YARN), k -> k.words,
                this::choose);
        kind.button(Kind.WOVEN).setId("look-woven");
        kind.button(Kind.YARN).setId("look-yarn");
        if (blends) {
            kind.button(Kind.BLENDED).setId("look-blended");
        }
        share = NumberRow.number(studio, "Warp share", "share of the warp", "%", 1, 5,
                n -> look("warp %s %%".formatted(Numbers.plain(n)), new Look.Blended(n / 100)));
        named = new Segments<>(YarnLook.NAMED.stream().map(YarnLook.Named::name).toList(), n -> n,
                n -> look("look of " + n, new Look.Yarns(YarnLook.named(n))));
        YarnLook.NAMED.forEach(n -> named.button(n.name()).setId("yarn-" + n.name()));
        VBox numbers = new VBox(4);
        numbers.getChildren().addAll(
                percent("Warp width", "width of the warp", YarnLook::warpWidth,
                        (y, v) -> y.withWidths(v, y.weftWidth())),
                percent("Weft width", "width of the weft", YarnLook::weftWidth,
                        (y, v) -> y.withWidths(y.warpWidth(), v)),
                percent("Rounding", "rounding", YarnLook::rounding, YarnLook::withRounding),
                percent("Depth", "depth", YarnLook::depth, YarnLook::withDepth),
                percent("Twist", "twist", YarnLook::twist, YarnLook::withTwist),
                percent("Slubs", "slubs", YarnLook::slub, (y, v) -> y.withSlubs(v, y.slubMm())),
                line("Slub length", "length of slubs", "mm", 1, YarnLook::slubMm, (y, v) -> y.withSlubs(y.slub(), v)),
                percent("Uneven", "unevenness", YarnLook::uneven, YarnLook::withUneven),
                line("Light from", "light", "\u00b0", 15, YarnLook::lightDeg, YarnLook::withLightDeg));
        Fold fold = Ui.fold("yarn-fold", "Every number of the yarn", numbers);
        yarn.getChildren().addAll(named,
                Ui.link("lay the slubs elsewhere", () -> yarn("slubs elsewhere", y -> y.withSeed(y.seed() + 1))), fold);
        getChildren().addAll(Ui.labelled("Look", kind), share, yarn);
    }

    private NumberRow percent(String word, String what, ToDoubleFunction<YarnLook> value,
            BiFunction<YarnLook, Double, YarnLook> change) {
        return line(word, what, "%", 5, y -> 100 * value.applyAsDouble(y), (y, v) -> change.apply(y, v / 100));
    }

    private NumberRow line(String word, String what, String sign, double step, ToDoubleFunction<YarnLook> value,
            BiFunction<YarnLook, Double, YarnLook> change) {
        NumberRow row = NumberRow.number(studio, word, what, sign, 1, step,
                n -> yarn("%s %s %s".formatted(what, Numbers.plain(n), sign), y -> change.apply(y, n)));
        lines.add(new Line(row, value));
        return row;
    }

    private void choose(Kind wanted) {
        switch (wanted) {
            case WOVEN -> look("weave flat", Look.WOVEN);
            case YARN -> look("weave of yarn", new Look.Yarns(YarnLook.named("cotton")));
            case BLENDED -> look("blend the threads", Look.HALF);
        }
    }

    private void look(String name, Look look) {
        studio.editStructure(name, SettFabric.class, c -> c.withFabric(c.fabric().withLook(look)));
    }

    private void yarn(String name, UnaryOperator<YarnLook> change) {
        studio.editStructure(name, SettFabric.class, c -> c.fabric().look() instanceof Look.Yarns(YarnLook now)
                ? c.withFabric(c.fabric().withLook(new Look.Yarns(change.apply(now))))
                : c);
    }

    void show(Fabric cloth) {
        kind.show(Kind.of(cloth.look()));
        Ui.show(share, cloth.look() instanceof Look.Blended);
        Ui.show(yarn, cloth.look() instanceof Look.Yarns);
        if (cloth.look() instanceof Look.Blended(double warpShare)) {
            share.show(100 * warpShare);
        }
        if (cloth.look() instanceof Look.Yarns(YarnLook now)) {
            named.show(YarnLook.NAMED.stream().filter(n -> n.look().withSeed(now.seed()).equals(now))
                    .map(YarnLook.Named::name).findFirst().orElse(""));
            lines.forEach(l -> l.row().show(l.value().applyAsDouble(now)));
        }
    }
}
