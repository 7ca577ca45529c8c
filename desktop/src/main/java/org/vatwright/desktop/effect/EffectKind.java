package org.vatwright.desktop.effect;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;

import org.vatwright.core.effect.Blur;
import org.vatwright.core.effect.BreakUp;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Halo;
import org.vatwright.core.effect.OutlineEffect;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.FlowPane;

/** The effects in their order, each with its start and its numbers. */
public enum EffectKind {
    BREAK_UP(BreakUp.KIND, "Break-up", d -> BreakUp.fresh(), EffectKind::breakUp), BLUR(Blur.KIND, "Blur",
            d -> new Blur(0.5), EffectKind::blur), OUTLINE(OutlineEffect.KIND, "Outline",
                    d -> new OutlineEffect(0.5, OutlineEffect.Side.INSIDE, StartInks.other(d)),
                    EffectKind::outline), RELIEF(
                            Relief.KIND, "Relief", d -> Relief.fresh().withLightDeg(light(d)),
                            EffectKind::relief), TOOTH(ToothWear.KIND,
                                    "Tooth", d -> new ToothWear(ToothForm.of(ToothKind.PAPER, 2).withAmount(0.3)),
                                    EffectKind::tooth), SHADOW(CastShadow.KIND, "Shadow",
                                            d -> new CastShadow(1.5, light(d), 0.8, 0.5, StartInks.dark(d)),
                                            EffectKind::shadow), HALO(Halo.KIND, "Halo",
                                                    d -> new Halo(false, 2, 0.7, false, StartInks.other(d)),
                                                    EffectKind::halo);

    private final String kind;
    private final String title;
    private final Function<EffectTarget.Seen, Effect> fresh;
    private final BiFunction<Studio, EffectTarget, EffectPanel<?>> panel;

    EffectKind(String kind, String title, Function<EffectTarget.Seen, Effect> fresh,
            BiFunction<Studio, EffectTarget, EffectPanel<?>> panel) {
        this.kind = kind;
        this.title = title;
        this.fresh = fresh;
        this.panel = panel;
    }

    public String kind() {
        return kind;
    }

    String title() {
        return title;
    }

    /** @return its start, larger on a large repeat */
    Effect fresh(EffectTarget.Seen seen) {
        return fresh.apply(seen).resized(size(seen.design()));
    }

    /** @return how many times as large as on a repeat of 100 mm effects begin */
    static double size(Design design) {
        double times = Math.max(0.2,
                Math.min(5, Math.min(design.repeat().widthMm(), design.repeat().heightMm()) / 100));
        // In steps, so that an effect begins in numbers that a hand would choose.
        return times < 1 ? Math.rint(10 * times) / 10 : Math.rint(2 * times) / 2;
    }

    /** @return where the light comes from already, for one layer has one light */
    private static double light(EffectTarget.Seen seen) {
        return seen.effects().stream().flatMap(e -> switch (e) {
            case Relief relief -> Stream.of(relief.lightDeg());
            case CastShadow shadow -> Stream.of(shadow.lightDeg());
            default -> Stream.<Double>empty();
        }).findFirst().orElse(Relief.fresh().lightDeg());
    }

    EffectPanel<?> panel(Studio studio, EffectTarget target) {
        return panel.apply(studio, target);
    }

    private static EffectPanel<?> breakUp(Studio studio, EffectTarget target) {
        EffectPanel<BreakUp> p = new EffectPanel<>(studio, target, BreakUp.class, "break-up");
        p.hold(Ui.pair(p.length("Rows", BreakUp::heightMm, e -> e::withHeightMm),
                p.length("Shift", BreakUp::shiftMm, e -> e::withShiftMm)),
                p.length("Blocks", BreakUp::widthMm, e -> e::withWidthMm));
        p.again("break otherwise", b -> b.withSeed(b.seed() + 1));
        return p;
    }

    private static EffectPanel<?> blur(Studio studio, EffectTarget target) {
        EffectPanel<Blur> p = new EffectPanel<>(studio, target, Blur.class, "blur");
        return p.hold(p.length("Spread", Blur::spreadMm, e -> Blur::new));
    }

    private static EffectPanel<?> outline(Studio studio, EffectTarget target) {
        EffectPanel<OutlineEffect> p = new EffectPanel<>(studio, target, OutlineEffect.class, "outline");
        return p.hold(p.length("Width", OutlineEffect::widthMm, e -> e::withWidthMm),
                p.one("outline", List.of(OutlineEffect.Side.values()), s -> s.name().toLowerCase(Locale.ROOT),
                        OutlineEffect::side, e -> e::withSide),
                Ui.labelled("Ink", p.ink(OutlineEffect::ink, e -> e::withInk)));
    }

    private static EffectPanel<?> relief(Studio studio, EffectTarget target) {
        EffectPanel<Relief> p = new EffectPanel<>(studio, target, Relief.class, "relief");
        return p.hold(Ui.pair(p.length("Height", Relief::heightMm, e -> e::withHeightMm),
                p.length("Rounding", Relief::softMm, e -> e::withSoftMm)),
                Ui.pair(p.number("Light", "\u00b0", 1, Relief::lightDeg, e -> e::withLightDeg),
                        p.number("Steepness", "\u00b0", 1, Relief::elevationDeg, e -> e::withElevationDeg)),
                p.number("Shine", "%", 100, Relief::shine, e -> e::withShine),
                Ui.row(p.toggle("relief-sunk", "sunk", Relief::sunk, e -> e::withSunk),
                        p.toggle("relief-lightness", "by lightness", Relief::fromLightness,
                                e -> e::withFromLightness)));
    }

    private static EffectPanel<?> tooth(Studio studio, EffectTarget target) {
        EffectPanel<ToothWear> p = new EffectPanel<>(studio, target, ToothWear.class, "worn tooth");
        List<ToothKind> kinds = Arrays.stream(ToothKind.values()).filter(k -> k != ToothKind.GLITTER).toList();
        FlowPane words = new FlowPane(4, 2);
        words.getChildren().add(p.one("wear", kinds.subList(0, 4), ToothKind::words, e -> e.form().kind(),
                e -> k -> new ToothWear(e.form().withKind(k))));
        words.getChildren().add(p.one("wear", kinds.subList(4, kinds.size()), ToothKind::words, e -> e.form().kind(),
                e -> k -> new ToothWear(e.form().withKind(k))));
        return p.hold(words,
                Ui.pair(p.length("Size", e -> e.form().sizeMm(), e -> mm -> new ToothWear(e.form().withSizeMm(mm))),
                        p.number("Amount", "%", 100, e -> e.form().amount(),
                                e -> a -> new ToothWear(e.form().withAmount(a)))),
                Ui.pair(p.number("Contrast", "%", 100, e -> e.form().contrast(),
                        e -> c -> new ToothWear(e.form().withContrast(c))),
                        p.number("Direction", "\u00b0", 1, e -> e.form().directionDeg(),
                                e -> a -> new ToothWear(e.form().withDirectionDeg(a)))));
    }

    private static EffectPanel<?> shadow(Studio studio, EffectTarget target) {
        EffectPanel<CastShadow> p = new EffectPanel<>(studio, target, CastShadow.class, "shadow");
        return p.hold(Ui.pair(p.length("Length", CastShadow::lengthMm, e -> e::withLengthMm),
                p.length("Softness", CastShadow::softMm, e -> e::withSoftMm)),
                Ui.pair(p.number("Light", "\u00b0", 1, CastShadow::lightDeg, e -> e::withLightDeg),
                        p.number("Strength", "%", 100, CastShadow::strength, e -> e::withStrength)),
                Ui.labelled("Ink", p.ink(CastShadow::ink, e -> e::withInk)),
                p.told("shadow-unseen", "No darker than the ground: on it this is no shadow.",
                        (e, d, c) -> StartInks.unseen(e.ink(), d, c)));
    }

    private static EffectPanel<?> halo(Studio studio, EffectTarget target) {
        EffectPanel<Halo> p = new EffectPanel<>(studio, target, Halo.class, "halo");
        return p.hold(Ui.pair(p.length("Width", Halo::widthMm, e -> e::withWidthMm),
                p.number("Strength", "%", 100, Halo::strength, e -> e::withStrength)),
                Ui.row(p.one("halo", List.of(false, true), in -> in ? "inner" : "outer", Halo::inner,
                        e -> in -> e.withInner(in)),
                        p.toggle("halo-added", "as added light", Halo::added,
                                e -> on -> e.withAdded(on))),
                Ui.labelled("Ink", p.ink(Halo::ink, e -> e::withInk)));
    }
}
