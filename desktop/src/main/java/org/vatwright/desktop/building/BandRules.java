package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.stripe.Waves;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.cloth.Ruler;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;

/** The band rules beside the cell: a stripe's or a plaid's warp above it, a plaid's weft at its left. */
final class BandRules {

    private static final double GAP = 14;
    /** More bands are made when they are seen. */
    private static final int AT_ONCE = 60;

    private final Studio studio;
    private final BandRule stripes;
    private final BandRule warp;
    private final BandRule weft;

    /** @param number shows what is pulled */
    BandRules(Studio studio, HandNumber number) {
        this.studio = studio;
        stripes = new BandRule(studio, RunEditor.stripes(studio), number, true, "band-rule");
        warp = new BandRule(studio, RunEditor.cloth(studio, true), number, true, "warp-rule");
        weft = new BandRule(studio, RunEditor.cloth(studio, false), number, false, "weft-rule");
        Ui.placedByHand(stripes, warp, weft);
    }

    List<Node> nodes() {
        return List.of(stripes, warp, weft);
    }

    /** @return whether there is a rule at the left of the cell */
    boolean leftWanted() {
        return studio.structure(SettFabric.class).isPresent();
    }

    /** @return steps that make bands for the longest runs of these designs before they are seen */
    List<Runnable> furnishing(List<Design> designs) {
        List<Structure> all = designs.stream().flatMap(d -> d.layers().stream()).map(Layer::structure).toList();
        List<Fabric> plaids = of(all, SettFabric.class).map(SettFabric::fabric).toList();
        return Stream.of(furnishing(stripes, of(all, Stripes.class).map(Stripes::run)),
                furnishing(warp, plaids.stream().map(Fabric::warp)),
                furnishing(weft, plaids.stream().map(Fabric::weft))).flatMap(List::stream).toList();
    }

    private static <S> Stream<S> of(List<Structure> all, Class<S> kind) {
        return all.stream().filter(kind::isInstance).map(kind::cast);
    }

    private static List<Runnable> furnishing(BandRule rule, Stream<BandRun> runs) {
        int most = Math.min(AT_ONCE, runs.mapToInt(r -> r.period().length).max().orElse(0));
        return IntStream.rangeClosed(1, most).<Runnable>mapToObj(n -> () -> rule.ready(n)).toList();
    }

    void show(Design design, Colourway colourway, Viewport v, boolean rolled) {
        Optional<Stripes> stripe = studio.structure(Stripes.class).filter(s -> !rolled);
        Optional<SettFabric> plaid = studio.structure(SettFabric.class).filter(p -> !rolled);
        stripes.setVisible(stripe.isPresent());
        warp.setVisible(plaid.isPresent());
        weft.setVisible(plaid.isPresent());
        stripe.ifPresent(s -> {
            double scale = Waves.of(s, design.repeat().tile()).bandScale(s);
            stripes.show(design, colourway, s.measure().mm() * scale * v.pxPerMm());
            above(stripes, v);
        });
        plaid.ifPresent(p -> {
            Fabric cloth = p.fabric();
            FabricFit fit = p.fit(design.repeat());
            warp.show(design, colourway, 10 / fit.endsPerCm(cloth) * v.pxPerMm());
            above(warp, v);
            weft.show(design, colourway, 10 / fit.picksPerCm(cloth) * v.pxPerMm());
            weft.resizeRelocate(Math.max(Ruler.BREADTH + 4, v.x() - BandRule.BREADTH - GAP), v.y(), BandRule.BREADTH,
                    weft.getPrefHeight());
        });
    }

    private static void above(BandRule rule, Viewport v) {
        rule.resizeRelocate(v.x(), Math.max(Ruler.BREADTH + 4, v.y() - BandRule.BREADTH - GAP), rule.getPrefWidth(),
                BandRule.BREADTH);
    }
}
